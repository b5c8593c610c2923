/// Air that people breathe and the water in it: carbon dioxide, openings, fans, dew on panes and within walls.
///
/// SI: cubic metres a second, pascals, kilograms; temperatures in °C, carbon dioxide in parts per million by volume. Rooms are
/// taken as mixed. See docs/method/air.md.
package lectulum.kernel.air;
