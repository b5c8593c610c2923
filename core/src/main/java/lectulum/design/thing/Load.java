package lectulum.design.thing;

/// What a thing draws from the battery.
///
/// @param power        power while it runs \[W\], ≥ 0
/// @param dailyRunning how long it runs in a day at camp \[s\], 0 to 86 400; a duty cycle is already in it
/// @param feed         from the battery directly, through the inverter, or only on shore power
public record Load(double power, double dailyRunning, Feed feed) {
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
