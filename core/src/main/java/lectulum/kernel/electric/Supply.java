package lectulum.kernel.electric;

/// What charges besides the sun, and what else takes part.
///
/// @param driving   into the battery while driving \[W\]
/// @param shore     into the battery while plugged in \[W\]
/// @param generator into the battery while it runs \[W\]; 0 for none
/// @param from      first hour of the clock at which it may run
/// @param to        first hour at which it may no longer
/// @param start     state of charge below which it is started
/// @param stop      state of charge from which it is stopped
/// @param idle      of the inverter while it is on \[W\]
/// @param inverter  efficiency of the inverter
/// @param alwaysOn  whether the inverter is on as long as anybody is there
/// @param inside    whether the battery is in the room that is lived in
/// @param room      temperature there while occupied, at least \[°C\]
/// @param lag       hours in which the battery follows the air to two thirds \[h\]
/// @param heater    of the battery \[W\], 0 for none
public record Supply(double driving, double shore, double generator, int from, int to, double start, double stop,
        double idle, double inverter, boolean alwaysOn, boolean inside, double room, double lag, double heater) {
    /// The sun alone; an inverter of 10 W that is off when unused; the battery inside at 10 °C and more while occupied.
    public static final Supply SUN = new Supply(0, 0, 0, 9, 20, 0.5, 0.85, 10, 0.92, false, true, 10, 6, 0);

    public Supply withDriving(double watts) {
        return new Supply(watts, shore, generator, from, to, start, stop, idle, inverter, alwaysOn, inside, room, lag,
                heater);
    }

    public Supply withShore(double watts) {
        return new Supply(driving, watts, generator, from, to, start, stop, idle, inverter, alwaysOn, inside, room, lag,
                heater);
    }

    public Supply withGenerator(double watts) {
        return new Supply(driving, shore, watts, from, to, start, stop, idle, inverter, alwaysOn, inside, room, lag,
                heater);
    }

    public Supply withInverter(double idles, double efficiency, boolean always) {
        return new Supply(driving, shore, generator, from, to, start, stop, idles, efficiency, always, inside, room,
                lag, heater);
    }

    public Supply withPlace(boolean isInside, double atLeast, double heats) {
        return new Supply(driving, shore, generator, from, to, start, stop, idle, inverter, alwaysOn, isInside,
                atLeast, lag, heats);
    }

    /// @param first  hour of the clock at which the generator may run
    /// @param last   from which it may no longer
    /// @param starts state of charge below which it is started
    /// @param stops  from which it is stopped
    public Supply withGeneratorHours(int first, int last, double starts, double stops) {
        return new Supply(driving, shore, generator, first, last, starts, stops, idle, inverter, alwaysOn, inside, room,
                lag, heater);
    }
}
