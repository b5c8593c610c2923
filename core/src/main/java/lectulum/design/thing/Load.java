package lectulum.design.thing;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// What a thing draws from the battery.
///
/// @param power        power while it runs \[W\], ≥ 0
/// @param dailyRunning how long it runs in a day at camp \[s\], 0 to 86 400; a duty cycle is already in it
/// @param feed         from the battery directly, through the inverter, or only on shore power
/// @param hours        of the clock within which it runs, as [DayStrip] reads them; empty where nothing is said
/// @param when         in which part of a trip it runs
/// @param standby      power while it does not \[W\], ≥ 0
public record Load(@Means(value = "Power", of = Quantity.POWER, high = 20_000) double power,
        @Means(value = "Hours a day", of = Quantity.DURATION, high = 86_400) double dailyRunning, Feed feed,
        String hours, When when,
        @Means(value = "Standby", of = Quantity.POWER, high = 1000, says = "while it does not run") double standby) {
    private static final double HOUR = 3600;
    private static final double DAY = 86_400;

    public Load {
        feed = feed == null ? Feed.BATTERY : feed;
        hours = hours == null ? "" : hours;
        when = when == null ? When.BY_HOURS : when;
    }

    /// At any hour of the day, with nothing on standby.
    public Load(double power, double dailyRunning, Feed feed) {
        this(power, dailyRunning, feed, "", When.BY_HOURS, 0);
    }

    public Load withPower(double watts) {
        return new Load(watts, dailyRunning, feed, hours, when, standby);
    }

    /// So long in a day; where its hours are not long enough for that, at any hour.
    public Load withDailyRunning(double seconds) {
        boolean fits = seconds <= strip().count() * HOUR + 1;
        return new Load(power, seconds, feed, fits ? hours : "", when, standby);
    }

    public Load with(Feed by) {
        return new Load(power, dailyRunning, by, hours, when, standby);
    }

    public Load with(When then) {
        return new Load(power, dailyRunning, feed, hours, then, standby);
    }

    public Load withStandby(double watts) {
        return new Load(power, dailyRunning, feed, hours, when, watts);
    }

    /// The hours as they are meant: any hour where the words say none.
    public DayStrip strip() {
        try {
            return DayStrip.parse(hours);
        } catch (IllegalArgumentException e) {
            return DayStrip.ANY;
        }
    }

    /// Whether its hours are words that nobody can read.
    public boolean unreadable() {
        try {
            DayStrip.parse(hours);
            return false;
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    /// Within other hours. What ran all of its hours does so still; what ran a part of them runs no longer than they are.
    public Load with(DayStrip strip) {
        double most = strip.count() * HOUR;
        boolean full = !strip().equals(DayStrip.ANY) && Math.abs(dailyRunning - strip().count() * HOUR) < 1;
        return new Load(power, full ? most : Math.min(dailyRunning, most), feed, strip.words(), when, standby);
    }

    /// Part of an hour that it runs in a usual day.
    ///
    /// @param hour of the clock, 0 to 23
    public double part(int hour) {
        DayStrip strip = strip();
        return strip.has(hour) ? Math.min(1, dailyRunning / (strip.count() * HOUR)) : 0;
    }

    /// Whether it runs while nobody is there.
    public boolean always() {
        return when == When.ALWAYS || when == When.BY_HOURS && dailyRunning >= DAY - 1;
    }

    /// The way power reaches a load.
    public enum Feed {
        BATTERY("battery"), INVERTER("inverter"), SHORE("shore only");

        private final String label;

        Feed(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// In which part of a trip a load runs.
    public enum When {
        BY_HOURS("by its hours"), ALWAYS("always, also in storage"), OCCUPIED("while somebody is there"), CAMP(
                "in camp"),
        DRIVING("while driving");

        private final String label;

        When(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
