/// Batteries, panels, charge lines, wires, fuses and the network they make, as formulas.
///
/// SI throughout, but for charge in ampere hours, wire in square millimetres, and energy of the hourly simulation in watt
/// hours, as the trade writes them. Practice after ABYC E-10 and E-11, ISO 10133, IEC 60364 and IEC 62485-2; see
/// docs/method/power.md. Weak: hour means hide what happens in a minute, which the network looks at instead.
package lectulum.kernel.electric;
