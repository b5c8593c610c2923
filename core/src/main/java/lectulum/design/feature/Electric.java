package lectulum.design.feature;

import static lectulum.units.Quantity.ANGLE;
import static lectulum.units.Quantity.COUNT;
import static lectulum.units.Quantity.CURRENT;
import static lectulum.units.Quantity.POWER;
import static lectulum.units.Quantity.SHARE;
import static lectulum.units.Quantity.TEMPERATURE;
import static lectulum.units.Quantity.VOLTAGE;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.wiring.Part;

/// What a thing is to the electrical system besides what it draws, stores or makes of the sun.
public sealed interface Electric extends Feature {

    /// How it takes its power, where more is known of it than how much.
    ///
    /// @param surge    at its start, as a multiple
    /// @param cutsOut  volts at its terminals below which it stops \[V\]
    /// @param priority 1 for what is kept to the last, 9 for what is left out first
    /// @param isolated dead while the main switch is off
    /// @param summer   how much of its hours it runs then; likewise between the seasons and in winter
    record Draws(@Means("Takes") Behaviour behaviour,
            @Means(value = "Starts with, times", of = COUNT, low = 1, high = 8) double surge,
            @Means(value = "Stops below", of = VOLTAGE, high = 60) double cutsOut,
            @Means(value = "Left out, 1 last to 9 first", of = COUNT, low = 1, high = 9) int priority,
            @Means("The figure is") Known known, @Means("Dead in storage") boolean isolated,
            @Means(value = "In summer, times", of = COUNT, high = 3) double summer,
            @Means(value = "Spring and autumn, times", of = COUNT, high = 3) double between,
            @Means(value = "In winter, times", of = COUNT, high = 3) double winter) implements Electric {
        /// Where nothing is said.
        public static final Draws USUAL = new Draws(Behaviour.POWER, 1, 10.5, 5, Known.GUESS, false, 1, 1, 1);

        public Draws {
            behaviour = behaviour == null ? Behaviour.POWER : behaviour;
            known = known == null ? Known.GUESS : known;
        }

        public Draws measured() {
            return new Draws(behaviour, surge, cutsOut, priority, Known.MEASURED, isolated, summer, between, winter);
        }
    }

    /// What stays the same when its volts fall.
    enum Behaviour {
        POWER("the same power"), CURRENT("the same current"), RESISTANCE("less, as a resistance");

        private final String label;

        Behaviour(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Whence a figure is, with its standard error as a part of it.
    enum Known {
        GUESS("a guess", 0.30), CATALOGUE("from a catalogue", 0.15), MEASURED("measured", 0.03);

        private final String label;
        private final double error;

        Known(String label, double error) {
            this.label = label;
            this.error = error;
        }

        public String label() {
            return label;
        }

        public double error() {
            return error;
        }
    }

    /// Cools: its hours a day are those at 25 °C, and more in the heat.
    ///
    /// @param perKelvin more of the time for each kelvin
    /// @param least     of the time
    record Cools(@Means(value = "More a kelvin", of = SHARE, high = 0.2) double perKelvin,
            @Means(value = "Never less than", of = SHARE, high = 1) double least) implements Electric {
    }

    /// Heats: not at all from one temperature up, all of its hours at another.
    record Heats(@Means(value = "Off from", of = TEMPERATURE, low = -20, high = 35) double balance,
            @Means(value = "All its hours at", of = TEMPERATURE, low = -60, high = 15) double design)
            implements
                Electric {
    }

    /// How a battery is made up of blocks; what it stores is that of all of them.
    ///
    /// @param volts    class of one block \[V\]: 6, 12 or 24
    /// @param series   one after another
    /// @param parallel side by side
    /// @param opening  of its box to the outside, in and as much out \[cm²\]; 0 for none
    /// @param box      whether it stands in a box that is closed to the room
    record Blocks(@Means(value = "Class of a block", of = VOLTAGE, low = 6, high = 24) double volts,
            @Means(value = "In series", of = COUNT, low = 1, high = 8) int series,
            @Means(value = "In parallel", of = COUNT, low = 1, high = 12) int parallel,
            @Means(value = "Age in years", of = COUNT, high = 30) double age,
            @Means(value = "Vent, cm² in and out", of = COUNT, high = 1000) double opening,
            @Means("In a box of its own") boolean box) implements Electric {
        public static final Blocks ONE = new Blocks(12, 1, 1, 0, 0, false);

        public Blocks vented(double centimetres) {
            return new Blocks(volts, series, parallel, age, centimetres, true);
        }
    }

    /// A solar module's data sheet and how it is mounted.
    ///
    /// @param open    without load \[V\]
    /// @param best    at full power \[V\]
    /// @param shorted \[A\]
    /// @param fuse    the largest that may stand before it \[A\]
    /// @param tilt    \[rad\]
    /// @param heading compass, from north over east \[rad\]
    /// @param hot     of its cells at 800 W/m² and 20 °C \[°C\]
    /// @param shade   part of it that is shaded
    record Module(@Means(value = "Volts without load", of = VOLTAGE, low = 1, high = 200) double open,
            @Means(value = "Volts at full power", of = VOLTAGE, low = 1, high = 200) double best,
            @Means(value = "Amps shorted", of = CURRENT, low = 0.1, high = 40) double shorted,
            @Means(value = "Largest fuse before it", of = CURRENT, high = 60) double fuse,
            @Means(value = "Tilt", of = ANGLE, high = 1.5708) double tilt,
            @Means(value = "Faces, from north", of = ANGLE, high = 6.2832) double heading,
            @Means(value = "Cells get (NOCT)", of = TEMPERATURE, low = 30, high = 80) double hot,
            @Means(value = "In shade", of = SHARE, high = 1) double shade) implements Electric {
        /// One of a usual make for so much power: 36 cells in series, framed, flat on the roof.
        public static Module of(double watts) {
            double amps = watts / 18.6;
            return new Module(22.4, 18.6, 1.06 * amps, 15, 0, Math.PI, 50, 0.05);
        }

        /// At another tilt, facing the noon sun of the north.
        public Module tilted(double by) {
            return new Module(open, best, shorted, fuse, by, heading, hot, shade);
        }
    }

    /// A solar controller.
    ///
    /// @param tracking whether it finds the point of most power; else it only switches
    /// @param amps     into the battery \[A\]
    /// @param most     volts of the panels that it stands \[V\]
    /// @param charges  volts to which it is set; empty where that is not known
    /// @param frost    stops below freezing
    /// @param series   modules in a string
    record Controller(@Means("Tracks full power") boolean tracking,
            @Means(value = "Amps into the battery", of = CURRENT, low = 1, high = 150) double amps,
            @Means(value = "Stands from panels", of = VOLTAGE, low = 15, high = 250) double most,
            @Means(value = "Charges to", of = VOLTAGE, low = 5, high = 60) OptionalDouble charges,
            @Means("Stops in frost") boolean frost,
            @Means(value = "Panels in series", of = COUNT, low = 1, high = 12) int series) implements Electric {
        public Controller {
            charges = charges == null ? OptionalDouble.empty() : charges;
        }

        public Controller inSeries(int modules) {
            return new Controller(tracking, amps, most, charges, frost, modules);
        }

        public Controller set(double volts) {
            return new Controller(tracking, amps, most, OptionalDouble.of(volts), frost, series);
        }

        public Controller safeInFrost() {
            return new Controller(tracking, amps, most, charges, true, series);
        }

        public Controller thatTracks() {
            return new Controller(true, amps, Math.max(most, 75), charges, frost, series);
        }
    }

    /// Charges the battery from the vehicle, the mains or a generator.
    ///
    /// @param amps    into the battery \[A\]
    /// @param charges volts to which it is set; empty where that is not known
    /// @param frost   stops below freezing
    /// @param stops   volts at its input below which it takes less \[V\]; for one from the vehicle
    record Charger(@Means("Charges from") From from,
            @Means(value = "Amps into the battery", of = CURRENT, low = 1, high = 200) double amps,
            @Means(value = "Charges to", of = VOLTAGE, low = 5, high = 60) OptionalDouble charges,
            @Means("Stops in frost") boolean frost,
            @Means(value = "Takes less below", of = VOLTAGE, high = 40) double stops) implements Electric {
        public Charger {
            from = from == null ? From.SHORE : from;
            charges = charges == null ? OptionalDouble.empty() : charges;
        }

        public Charger set(double volts) {
            return new Charger(from, amps, OptionalDouble.of(volts), frost, stops);
        }

        public Charger safeInFrost() {
            return new Charger(from, amps, charges, true, stops);
        }

        public Charger giving(double less) {
            return new Charger(from, less, charges, frost, stops);
        }
    }

    /// What a charger is fed by.
    enum From {
        VEHICLE("the tow vehicle, converted"), RELAY("the tow vehicle, straight"), SHORE("the mains"), GENERATOR(
                "a generator");

        private final String label;

        From(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Makes mains of the battery.
    ///
    /// @param watts      all the time \[W\]
    /// @param surge      for a moment, as a multiple
    /// @param idle       that it takes itself \[W\]
    /// @param efficiency of what it passes on
    /// @param always     on as long as anybody is there
    /// @param transfers  switches over by itself, so that it and the mains can never be joined
    record Inverter(@Means(value = "Gives", of = POWER, low = 50, high = 8000) double watts,
            @Means(value = "For a moment, times", of = COUNT, low = 1, high = 4) double surge,
            @Means(value = "Takes itself", of = POWER, high = 200) double idle,
            @Means(value = "Passes on", of = SHARE, low = 0.5, high = 1) double efficiency,
            @Means("Always on") boolean always,
            @Means("Switches over to the mains") boolean transfers) implements Electric {
        public Inverter sized(double more) {
            return new Inverter(more, surge, idle, efficiency, always, transfers);
        }
    }

    /// Where the mains comes in.
    ///
    /// @param cord  length of the cord \[m\]
    /// @param area  of its conductors \[mm²\]
    /// @param guard trips at a fault current (RCD, GFCI) beside it
    record Inlet(@Means("Socket") Socket socket,
            @Means(value = "Cord", low = 1, high = 60) double cord,
            @Means(value = "Cord, mm² each", of = COUNT, low = 0.5, high = 35) double area,
            @Means("Fault-current breaker") boolean guard) implements Electric {
        public Inlet {
            socket = socket == null ? Socket.EU_16 : socket;
        }

        public Inlet with(Socket other) {
            return new Inlet(other, cord, area, guard);
        }

        public Inlet withArea(double thicker) {
            return new Inlet(socket, cord, thicker, guard);
        }

        public Inlet guarded() {
            return new Inlet(socket, cord, area, true);
        }
    }

    /// Sockets of sites, with volts, amps of the breaker, the part of them that may flow for hours, and legs.
    enum Socket {
        NA_15("120 V, 15 A", 120, 15, 0.8, 1), NA_20("120 V, 20 A", 120, 20, 0.8, 1), NA_30("120 V, 30 A", 120, 30,
                0.8, 1),
        NA_50("120 V, 50 A, two legs", 120, 50, 0.8, 2), EU_6("230 V, 6 A", 230, 6, 1, 1), EU_10("230 V, 10 A", 230,
                10, 1, 1),
        EU_16("230 V, 16 A", 230, 16, 1, 1), AU_10("230 V, 10 A, flat pins", 230, 10, 1, 1), AU_15(
                "230 V, 15 A, flat pins", 230, 15, 1, 1);

        private final String label;
        private final double volts;
        private final double amps;
        private final double continuous;
        private final int legs;

        Socket(String label, double volts, double amps, double continuous, int legs) {
            this.label = label;
            this.volts = volts;
            this.amps = amps;
            this.continuous = continuous;
            this.legs = legs;
        }

        public String label() {
            return label;
        }

        public double volts() {
            return volts;
        }

        public double amps() {
            return amps;
        }

        public double continuous() {
            return continuous;
        }

        public int legs() {
            return legs;
        }
    }

    /// Makes mains of fuel.
    ///
    /// @param watts at sea level, all the time \[W\]
    /// @param gas   burns propane or butane
    /// @param hours it may be heard in a day, from that hour of the clock
    /// @param until that hour
    /// @param starts at that state of charge
    /// @param stops  at that
    record Generator(@Means(value = "Gives", of = POWER, low = 100, high = 7000) double watts,
            @Means("Burns propane or butane") boolean gas,
            @Means(value = "May run from, o'clock", of = COUNT, high = 23) int hours,
            @Means(value = "May run until, o'clock", of = COUNT, low = 1, high = 24) int until,
            @Means(value = "Started at", of = SHARE, high = 1) double starts,
            @Means(value = "Stopped at", of = SHARE, high = 1) double stops) implements Electric {
        public Generator sized(double more) {
            return new Generator(more, gas, hours, until, starts, stops);
        }
    }

    /// Shares power out to circuits.
    ///
    /// @param fused   has a fuse for each
    /// @param ways    how many circuits it takes
    /// @param amps    it carries in all \[A\]
    /// @param largest conductor that fits its terminals \[mm²\]
    record Board(@Means("Has fuses") boolean fused,
            @Means(value = "Circuits", of = COUNT, low = 1, high = 60) int ways,
            @Means(value = "Carries in all", of = CURRENT, low = 1, high = 600) double amps,
            @Means(value = "Largest wire, mm²", of = COUNT, low = 1, high = 120) double largest) implements Electric {
    }

    /// Something is plugged into it.
    ///
    /// @param amps it may give \[A\]
    record Outlet(@Means(value = "May give", of = CURRENT, low = 0.5, high = 60) double amps) implements Electric {
    }

    /// Gives light.
    ///
    /// @param lumens at full
    /// @param dims   can be dimmed
    /// @param red    red, for the night
    record Lamp(@Means(value = "Lumens", of = COUNT, high = 5000) double lumens, @Means("Lights") Zone zone,
            @Means("Can be dimmed") boolean dims, @Means("Red") boolean red,
            @Means("Switched from two places") boolean pair) implements Electric {
        public Lamp {
            zone = zone == null ? Zone.ROOM : zone;
        }

        public Lamp dimmed() {
            return new Lamp(lumens, zone, true, red, pair);
        }

        public Lamp giving(double more) {
            return new Lamp(more, zone, dims, red, pair);
        }
    }

    /// What is to be lit.
    enum Zone {
        ROOM("the room"), WORK("a worktop or table"), READ("somebody reading"), NIGHT("the way at night"), OUTSIDE(
                "the place before the door"),
        STORE("a locker");

        private final String label;

        Zone(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Rides on a part that moves against the body, so that its wires have to cross a joint.
    record Rides(@Means("Rides on the") Part on) implements Electric {
        public Rides {
            on = on == null ? Part.BODY : on;
        }
    }
}
