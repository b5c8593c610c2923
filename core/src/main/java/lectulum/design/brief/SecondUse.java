package lectulum.design.brief;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// What else the camper is for when nobody sleeps in it. Usual sizes are assumed.
///
/// @param length  of free floor wanted \[m\]
/// @param width   of free floor wanted \[m\]
/// @param payload wanted with what can be taken out left at home \[kg\]
/// @param anchors lashing points wanted
public record SecondUse(Kind kind, @Means(value = "Free floor, length", high = 10) double length,
        @Means(value = "Free floor, width", high = 3) double width,
        @Means(value = "Payload", of = Quantity.MASS, high = 5000) double payload,
        @Means(value = "Lashing points", of = Quantity.COUNT, high = 40) int anchors) {

    /// The kinds of second use.
    public enum Kind {
        HAULING("hauling furniture and refuse", 2.0, 1.2, 400, 6), MARKET("a market stall", 1.5, 1.0, 250, 4),
        HUT("a hut in winter", 1.0, 0.6, 50, 0), WORK("a workplace on site", 1.2, 0.8, 200, 4);

        private final String label;
        private final double length;
        private final double width;
        private final double payload;
        private final int anchors;

        Kind(String label, double length, double width, double payload, int anchors) {
            this.label = label;
            this.length = length;
            this.width = width;
            this.payload = payload;
            this.anchors = anchors;
        }

        public String label() {
            return label;
        }

        /// This use with the sizes that are usual for it.
        public SecondUse usual() {
            return new SecondUse(this, length, width, payload, anchors);
        }
    }

    public SecondUse {
        kind = kind == null ? Kind.HAULING : kind;
    }
}
