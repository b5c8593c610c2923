package lectulum.design.wiring;

import lectulum.design.Means;

/// A straight piece of trunking, tube or clipped way for wires.
///
/// @param part  it rides on; a crossing belongs to the part it leads to
/// @param wide  inside \[m\]
/// @param high  inside \[m\]
/// @param loop  slack of a crossing between two parts that move \[m\], 0 for what does not move
/// @param bores holes through metal or wood on its way, each with a grommet
public record Raceway(String id, String name, Part part, Zone zone, Spot from, Spot to,
        @Means(value = "Inside width", low = 0.004, high = 0.3) double wide,
        @Means(value = "Inside height", low = 0.004, high = 0.3) double high,
        @Means(value = "Slack of a moving joint", high = 4) double loop,
        @Means(value = "Holes with grommets", of = lectulum.units.Quantity.COUNT, high = 40) int bores) {
    public Raceway {
        id = id == null ? "" : id;
        name = name == null ? "" : name;
        part = part == null ? Part.BODY : part;
        zone = zone == null ? Zone.CABIN : zone;
        from = from == null ? new Spot(0, 0, 0) : from;
        to = to == null ? new Spot(0, 0, 0) : to;
    }

    /// How warm it gets about it \[°C\] (assumed).
    public enum Zone {
        CABIN("in the room", 30), ROOF("under a sunlit roof", 60), ENGINE("in the engine bay", 50);

        private final String label;
        private final double celsius;

        Zone(String label, double celsius) {
            this.label = label;
            this.celsius = celsius;
        }

        public String label() {
            return label;
        }

        public double celsius() {
            return celsius;
        }
    }

    /// Inside \[mm²\].
    public double area() {
        return wide * high * 1e6;
    }

    public Raceway between(Spot a, Spot b) {
        return new Raceway(id, name, part, zone, a, b, wide, high, loop, bores);
    }

    public Raceway named(String other) {
        return new Raceway(id, other, part, zone, from, to, wide, high, loop, bores);
    }

    public Raceway with(Part other) {
        return new Raceway(id, name, other, zone, from, to, wide, high, loop, bores);
    }

    public Raceway with(Zone other) {
        return new Raceway(id, name, part, other, from, to, wide, high, loop, bores);
    }

    public Raceway sized(double width, double height) {
        return new Raceway(id, name, part, zone, from, to, width, height, loop, bores);
    }

    public Raceway withLoop(double slack) {
        return new Raceway(id, name, part, zone, from, to, wide, high, slack, bores);
    }
}
