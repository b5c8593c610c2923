/// The weather that a camper is rehearsed in: a year of hours for the climate and latitude of the brief.
///
/// Assumes the climate's months and a memory of one day; weak where mountains or the sea make their own. See
/// docs/method/power.md.
package lectulum.weather;
