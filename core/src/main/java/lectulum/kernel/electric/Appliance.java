package lectulum.kernel.electric;

/// One kind of load, as the hourly simulation sees it.
///
/// @param watts    while it runs \[W\], ≥ 0
/// @param count    how many, ≥ 0
/// @param day      part of each hour of the clock that it runs, 24 values from 0 to 1
/// @param duty     what part of that it draws, by the air outside
/// @param standby  while it does not run \[W\], ≥ 0
/// @param isolated whether the main switch cuts it off while nobody is there
/// @param seasons  how much of its hours it runs in summer, between, and in winter
public record Appliance(double watts, double count, Feed feed, double[] day, When when, Duty duty, double standby,
        boolean isolated, double[] seasons) {
    private static final double[] ALIKE = {1, 1, 1};
    private static final int SEASONS = 3;
    private static final int HOURS = 24;
    /// How many of [#place] there are.
    static final int PLACES = 2 * SEASONS * HOURS;

    /// The same in every season.
    public Appliance(double watts, double count, Feed feed, double[] day, When when, Duty duty, double standby,
            boolean isolated) {
        this(watts, count, feed, day, when, duty, standby, isolated, ALIKE);
    }

    /// How power reaches it.
    public enum Feed {
        BATTERY, INVERTER, SHORE
    }

    /// In which hours it may run.
    public enum When {
        ALWAYS, OCCUPIED, DRIVING, CAMPED;

        /// @param occupied whether anybody is there
        /// @param driving  part of the hour on the road
        double on(boolean occupied, double driving) {
            return switch (this) {
                case ALWAYS -> 1;
                case OCCUPIED -> occupied ? 1 : 0;
                case DRIVING -> driving;
                case CAMPED -> occupied ? 1 - driving : 0;
            };
        }
    }

    /// Part of its running time that it draws power.
    public sealed interface Duty {
        double at(double celsius);

        /// The same at any temperature.
        record Steady(double part) implements Duty {
            @Override
            public double at(double celsius) {
                return part;
            }
        }

        /// What cools: so much at 25 °C, more for each kelvin above, never less than a least, never all the time more.
        record Cooling(double at25, double perKelvin, double least) implements Duty {
            @Override
            public double at(double celsius) {
                return Math.clamp(at25 + perKelvin * (celsius - 25), least, 1);
            }
        }

        /// What heats: nothing from the balance temperature up, all the time at the design temperature.
        record Heating(double balance, double design) implements Duty {
            @Override
            public double at(double celsius) {
                return Math.clamp((balance - celsius) / (balance - design), 0, 1);
            }
        }
    }

    public static final Duty ALL = new Duty.Steady(1);

    /// Mean power over an hour \[W\].
    public double mean(int hour, double celsius, boolean occupied, double driving) {
        return mean(hour, celsius, occupied, driving, 0);
    }

    /// @param season 0 summer, 1 between, 2 winter
    public double mean(int hour, double celsius, boolean occupied, double driving, int season) {
        double part = Math.min(1, day[hour] * seasons[season]) * when.on(occupied, driving) * duty.at(celsius);
        double idle = isolated && !occupied ? 0 : 1;
        return count * (watts * part + standby * idle * (1 - part));
    }

    /// What it draws in every hour without driving \[W\], at [#place].
    ///
    /// @param always whatever the air
    /// @param onDuty besides, times its duty in that air
    record Still(double[] always, double[] onDuty) {
    }

    Still still() {
        Still all = new Still(new double[PLACES], new double[PLACES]);
        for (int hour = 0; hour < HOURS; hour++) {
            for (int season = 0; season < SEASONS; season++) {
                for (boolean occupied : new boolean[]{false, true}) {
                    int k = place(hour, occupied, season);
                    double part = Math.min(1, day[hour] * seasons[season]) * when.on(occupied, 0);
                    double idle = isolated && !occupied ? 0 : standby;
                    all.always[k] = count * idle;
                    all.onDuty[k] = count * part * (watts - idle);
                }
            }
        }
        return all;
    }

    /// Where an hour stands in [#still].
    static int place(int hour, boolean occupied, int season) {
        return (2 * season + (occupied ? 1 : 0)) * HOURS + hour;
    }

    /// So many times what it draws.
    public Appliance times(double k) {
        return new Appliance(k * watts, count, feed, day, when, duty, k * standby, isolated, seasons);
    }

    /// So many times as long, as far as its hours let it.
    public Appliance longer(double k) {
        double[] more = new double[day.length];
        for (int h = 0; h < more.length; h++) {
            more[h] = Math.min(1, k * day[h]);
        }
        return new Appliance(watts, count, feed, more, when, duty, standby, isolated, seasons);
    }

    /// While it runs \[W\].
    public double rated() {
        return count * Math.max(watts, standby);
    }
}
