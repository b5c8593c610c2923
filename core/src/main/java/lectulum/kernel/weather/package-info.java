/// The sun and the air at a place, hour by hour: what falls on a panel, and a year of days made from a climate and a seed.
///
/// One weather for power, heat and water, so that all rehearse the same days. Solar geometry and radiation after Duffie and
/// Beckman, Solar Engineering of Thermal Processes; see docs/method/power.md. Weak: no horizon, no snow on panels, and days
/// that follow each other only by a first-order memory.
package lectulum.kernel.weather;
