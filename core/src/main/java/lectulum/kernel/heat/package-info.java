/// Heat through walls and air, cabins that warm and cool hour by hour, and cooling loads.
///
/// SI: watts, kelvins, square metres; temperatures in °C. One-dimensional heat flow with studs as parallel paths; corners,
/// screws and furniture against a wall are left out unless said. Sources: EN ISO 6946 for walls, ISO 52016 for the two
/// nodes, ASHRAE's clear sky. See docs/method/air.md.
package lectulum.kernel.heat;
