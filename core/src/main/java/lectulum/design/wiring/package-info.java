/// Wires as they are laid: raceways, circuits, and by which school they are sized.
package lectulum.design.wiring;
