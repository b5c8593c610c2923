package lectulum.design.feature;

import static lectulum.units.Quantity.COUNT;
import static lectulum.units.Quantity.POWER;
import static lectulum.units.Quantity.PRESSURE;
import static lectulum.units.Quantity.SHARE;
import static lectulum.units.Quantity.TEMPERATURE;
import static lectulum.units.Quantity.VOLUME;
import static lectulum.units.Quantity.WATER_FLOW;

import lectulum.design.Means;

/// What a thing is to the water aboard.
public sealed interface Plumbed extends Feature {

    /// The inside of a tank.
    ///
    /// @param wall   thickness \[m\]
    /// @param radius of its edges outside \[m\]
    /// @param pickup height above its floor from which it is drawn \[m\]
    /// @param space  left below its lid when full \[m\]
    /// @param rooms  that baffles make of it along its length
    /// @param vent   bore of its vent \[m\], 0 for none
    record Vessel(@Means("Shape") Form form, @Means(value = "Wall, thick", high = 0.03) double wall,
            @Means(value = "Edges, round by", high = 0.3) double radius,
            @Means(value = "Drawn from above its floor by", high = 0.3) double pickup,
            @Means(value = "Left free under its lid", high = 0.3) double space,
            @Means(value = "Rooms between baffles", of = COUNT, low = 1, high = 12) int rooms,
            @Means(value = "Bore of the vent", high = 0.05) double vent, @Means("Outlet at its") End outlet,
            @Means("Level by") Level level) implements Plumbed {
        /// Where nothing is said.
        public static final Vessel USUAL = new Vessel(Form.BOX, 0.005, 0.04, 0.012, 0.015, 1, 0.010, End.REAR,
                Level.NONE);

        public Vessel {
            form = form == null ? Form.BOX : form;
            outlet = outlet == null ? End.REAR : outlet;
            level = level == null ? Level.NONE : level;
        }

        public Vessel withRooms(int number) {
            return new Vessel(form, wall, radius, pickup, space, number, vent, outlet, level);
        }

        public Vessel withVent(double bore) {
            return new Vessel(form, wall, radius, pickup, space, rooms, bore, outlet, level);
        }

        public Vessel withOutlet(End at) {
            return new Vessel(form, wall, radius, pickup, space, rooms, vent, at, level);
        }

        public Vessel withLevel(Level by) {
            return new Vessel(form, wall, radius, pickup, space, rooms, vent, outlet, by);
        }
    }

    /// Shape of a tank.
    enum Form {
        BOX("box with round edges"), LYING("lying cylinder");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// An end of a tank.
    enum End {
        FRONT("front end"), MIDDLE("middle"), REAR("rear end");

        private final String label;

        End(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How the level is known.
    enum Level {
        NONE("looking in"), FLOAT_US("a sender, 240 to 33 Ω"), FLOAT_EU("a sender, 10 to 180 Ω"), PROBES(
                "three probes");

        private final String label;

        Level(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// A can that is carried to be filled.
    ///
    /// @param count of such cans, as one thing
    record Cans(@Means(value = "How many", of = COUNT, low = 1, high = 40) int count,
            @Means("Has a tap at its foot") boolean tap) implements Plumbed {
    }

    /// A pump with a pressure switch.
    ///
    /// @param flow  without resistance \[m³/s\]
    /// @param on    pressure at which it starts \[Pa\]
    /// @param off   at which it stops \[Pa\]
    /// @param vessel of its accumulator \[m³\], 0 for none
    record WaterPump(@Means(value = "Gives freely", of = WATER_FLOW, low = 1e-6, high = 1e-3) double flow,
            @Means(value = "Starts at", of = PRESSURE, low = 20_000, high = 400_000) double on,
            @Means(value = "Stops at", of = PRESSURE, low = 50_000, high = 600_000) double off,
            @Means(value = "Accumulator", of = VOLUME, high = 0.01) double vessel) implements Plumbed {
    }

    /// A tap, shower head or valve.
    ///
    /// @param flow rated at 138 kPa \[m³/s\]
    record WaterTap(@Means("Used as") Use use,
            @Means(value = "Gives at 138 kPa", of = WATER_FLOW, low = 5e-6, high = 5e-4) double flow,
            @Means("Hot water too") boolean hot) implements Plumbed {
        public WaterTap {
            use = use == null ? Use.SINK : use;
        }
    }

    /// What water is drawn for.
    enum Use {
        SINK("sink"), BASIN("basin"), SHOWER("shower"), OUTSIDE("outside shower"), TOILET("toilet valve");

        private final String label;

        Use(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether what is drawn runs down a drain.
        public boolean drains() {
            return this == SINK || this == BASIN || this == SHOWER;
        }
    }

    /// Heats water.
    ///
    /// @param power      by the plate \[W\]
    /// @param efficiency 0 to 1
    /// @param volume     it stores \[m³\]; 0 for one through which it runs
    /// @param set        \[°C\]
    /// @param starts     flow from which it lights \[m³/s\]; 0 where it stores
    record Boiler(@Means("Heated by") Aired.Energy by,
            @Means(value = "Takes", of = POWER, low = 50, high = 40_000) double power,
            @Means(value = "Into the water", of = SHARE, low = 0.3, high = 1) double efficiency,
            @Means(value = "Stores", of = VOLUME, high = 0.2) double volume,
            @Means(value = "Set to", of = TEMPERATURE, low = 30, high = 85) double set,
            @Means(value = "Lights from", of = WATER_FLOW, high = 1e-4) double starts) implements Plumbed {
        public Boiler {
            by = by == null ? Aired.Energy.GAS : by;
        }
    }

    /// Where a site's water comes in.
    ///
    /// @param set of its regulator \[Pa\]; 0 for none
    record CityInlet(@Means(value = "Regulator set to", of = PRESSURE, high = 600_000) double set,
            @Means("Check valve") boolean check) implements Plumbed {
    }

    /// Lets water out of a pipe at the corner that it is nearest to.
    record DrainValve() implements Plumbed {
    }

    /// A filter in the suction line.
    record Strainer(@Means("Dirty") boolean dirty) implements Plumbed {
    }

    /// A hose that is laid out at a site, and stowed on the road.
    ///
    /// @param length laid out \[m\]
    /// @param bore   inside \[m\]
    /// @param pushed whether it is pushed together to be stowed; otherwise it is coiled
    record Hose(@Means("For") Water water, @Means(value = "Hose, long", low = 0.3, high = 60) double length,
            @Means(value = "Hose, inside", low = 0.004, high = 0.2) double bore,
            @Means("Is pushed together") boolean pushed) implements Plumbed {
        public Hose {
            water = water == null ? Water.DRINKING : water;
        }

        /// What runs in it.
        public enum Water {
            DRINKING("drinking water"), WASTE("waste water");

            private final String label;

            Water(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }
}
