package lectulum.kernel.electric;

/// Hour by hour what is round a camper: one entry for each hour, the first at midnight.
///
/// @param air      outside \[°C\]
/// @param sun      what the panels would put into the battery \[W\]
/// @param occupied whether anybody is there
/// @param driving  part of the hour on the road
/// @param shore    whether it is plugged in
/// @param season   0 summer, 1 between, 2 winter
public record Hours(double[] air, double[] sun, boolean[] occupied, double[] driving, boolean[] shore, byte[] season) {
    /// All of one season.
    public Hours(double[] air, double[] sun, boolean[] occupied, double[] driving, boolean[] shore) {
        this(air, sun, occupied, driving, shore, new byte[air.length]);
    }

    public int count() {
        return air.length;
    }
}
