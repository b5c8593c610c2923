/// How power reaches what draws it: circuits, ways along raceways, sizes, fuses, volts at every device, and what is bought.
///
/// One bank feeds one positive and one negative bus; a circuit runs from device to device in the order of nearness. Hour
/// means choose which loads run together; a start comes on top of them. Weak where a real harness branches otherwise.
/// See docs/method/wiring.md.
package lectulum.power.wiring;
