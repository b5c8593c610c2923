/// Warmth, cold, damp and breath of the cabin: walls as they are built, heaters and coolers, a night hour by hour, openings.
///
/// One room at one temperature; corners, screws and furniture against a wall are left out unless said. Weak where walls are
/// not known: then nothing is reckoned, and that is said. See docs/method/air.md.
package lectulum.air;
