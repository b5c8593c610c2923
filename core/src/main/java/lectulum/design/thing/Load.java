package lectulum.design.thing;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// What a thing draws from the battery.
///
/// @param power        power while it runs \[W\], ≥ 0
/// @param dailyRunning how long it runs in a day at camp \[s\], 0 to 86 400; a duty cycle is already in it
/// @param feed         from the battery directly, through the inverter, or only on shore power
public record Load(@Means(value = "Power", of = Quantity.POWER, high = 20_000) double power,
        @Means(value = "Hours a day", of = Quantity.DURATION, high = 86_400) double dailyRunning, Feed feed) {
    public Load {
        feed = feed == null ? Feed.BATTERY : feed;
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
}
