/// The trip rehearsal: battery, tanks, gas, fuel, warmth, breath, mass and tongue hour by hour on one timeline.
///
/// It puts together what the disciplines say: the battery is Power's simulation, the tanks are Water's, the cabin is Air's, the
/// masses are Balance's. On the usual trip it says what they say. Weak where days differ within themselves: water is used evenly
/// through the day, weather is that of mean days. See docs/method/trip.md.
package lectulum.trip;
