/// Search for order and place: packing boxes, places on a floor, the order of a change-over. Heuristic: good, not proven best.
package lectulum.kernel.packing;
