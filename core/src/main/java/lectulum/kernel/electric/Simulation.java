package lectulum.kernel.electric;

import java.util.Arrays;
import java.util.List;

/// A bank, its loads and its sources, hour by hour.
///
/// In each hour loads take what the sources give; what is over charges the bank as far as its kind, its charge and its
/// temperature let it; what is missing comes out of the bank, a heavy short load at its own current. What the bank cannot
/// give stays unmet. Energy in is energy out, stored and lost in every hour; the losses are those of charging, of heavy
/// currents and of the bank by itself.
public final class Simulation {
    private static final int DAY = 24;
    private static final double NOTHING = 1e-12;
    private static final double FULL = 0.999;
    private static final double WARM_ENOUGH = 5;
    private static final double MONTH_HOURS = 720;

    private final Bank bank;
    private final Supply supply;
    /// All loads, for hours on the road.
    private final Appliance[] loads;
    /// Those whose draw depends on the air, which is asked every hour.
    private final Appliance[] byAir;
    private final Appliance.Still[] byAirStill;
    private final double[] byAirRated;
    /// What all others draw together while nobody drives, by [Appliance#place].
    private final Demand[] still = new Demand[Appliance.PLACES];

    public Simulation(Bank bank, List<Appliance> loads, Supply supply) {
        this.bank = bank;
        this.supply = supply;
        this.loads = loads.toArray(Appliance[]::new);
        this.byAir = loads.stream().filter(a -> !(a.duty() instanceof Appliance.Duty.Steady))
                .toArray(Appliance[]::new);
        this.byAirStill = Arrays.stream(byAir).map(Appliance::still).toArray(Appliance.Still[]::new);
        this.byAirRated = Arrays.stream(byAir).mapToDouble(Appliance::rated).toArray();
        Arrays.setAll(still, k -> new Demand());
        for (Appliance a : loads) {
            if (a.duty() instanceof Appliance.Duty.Steady steady) {
                Appliance.Still draws = a.still();
                for (int k = 0; k < still.length; k++) {
                    still[k].add(a.feed(), a.rated(), draws.always()[k] + steady.part() * draws.onDuty()[k]);
                }
            }
        }
    }

    /// What loads want in an hour, shore power left aside.
    private static final class Demand {
        /// Of the battery and of the inverter \[W\].
        double dc;
        double ac;
        /// Mean times rated power, and rated power of what runs: of the battery and of the inverter.
        double squares;
        double acSquares;
        double peak;
        double acPeak;
        /// That only runs on shore \[W\].
        double shore;

        void add(Appliance.Feed feed, double rated, double mean) {
            switch (feed) {
                case BATTERY -> {
                    dc += mean;
                    squares += mean * rated;
                    peak += mean > 0 ? rated : 0;
                }
                case INVERTER -> {
                    ac += mean;
                    acSquares += mean * rated;
                    acPeak += mean > 0 ? rated : 0;
                }
                case SHORE -> shore += mean;
            }
        }

        void set(Demand other) {
            dc = other.dc;
            ac = other.ac;
            squares = other.squares;
            acSquares = other.acSquares;
            peak = other.peak;
            acPeak = other.acPeak;
            shore = other.shore;
        }
    }

    private static final Demand NONE = new Demand();

    /// The course of a run, one entry an hour: for plots and for checking.
    ///
    /// @param state    of charge at the end of the hour
    /// @param load     wanted \[Wh\]
    /// @param sun      used \[Wh\]
    /// @param driving  used from the vehicle \[Wh\]
    /// @param shore    used \[Wh\]
    /// @param fuel     used from the generator \[Wh\]
    /// @param unmet    wanted and not had \[Wh\]
    /// @param battery  temperature of it \[°C\]
    /// @param lost     in charging, in heavy currents and by the bank itself \[Wh\]
    public record Trace(double[] state, double[] load, double[] sun, double[] driving, double[] shore, double[] fuel,
            double[] unmet, double[] battery, double[] lost) {
        private static Trace of(int hours) {
            return new Trace(new double[hours], new double[hours], new double[hours], new double[hours],
                    new double[hours], new double[hours], new double[hours], new double[hours], new double[hours]);
        }
    }

    /// What a run came to; energies in Wh.
    ///
    /// @param load          wanted from the battery's bus
    /// @param sunAvailable  that the panels could give
    /// @param sunUsed       of it
    /// @param driving       used from the vehicle
    /// @param shore         used of the charger on shore
    /// @param shoreLoads    of loads that ran straight from shore
    /// @param generator     used of it
    /// @param generatorHours it ran
    /// @param unmet         wanted and not had
    /// @param emptyHours    in which something was not had
    /// @param emptyOccupied of them while anybody was there
    /// @param firstEmpty    number of the first of them, −1 for none
    /// @param least         state of charge
    /// @param end           state of charge
    /// @param overCurrent   hours in which all together draw more than the bank may give
    /// @param frozen        hours in which frost kept the bank from being charged
    public record Outcome(double load, double sunAvailable, double sunUsed, double driving, double shore,
            double shoreLoads, double generator, double generatorHours, double unmet, int emptyHours,
            int emptyOccupied, int firstEmpty, double least, double end, int overCurrent, int frozen) {
        /// Of the sun that nothing took.
        public double curtailed() {
            return sunAvailable - sunUsed;
        }
    }

    public Outcome run(Hours hours, double start) {
        return new Run(hours, start, null).done();
    }

    /// Number of the first hour in which something is not had; −1 for none. Hours after it are not looked at.
    public int firstEmpty(Hours hours, double start) {
        Run run = new Run(hours, start, null);
        for (int h = 0; h < hours.count() && run.first < 0; h++) {
            run.hour(h);
        }
        return run.first;
    }

    /// A run with its course.
    public record Course(Outcome outcome, Trace trace) {
    }

    public Course course(Hours hours, double start) {
        Trace trace = Trace.of(hours.count());
        return new Course(new Run(hours, start, trace).done(), trace);
    }

    public Trace trace(Hours hours, double start) {
        return course(hours, start).trace();
    }

    /// One run: its state and its sums. Nothing is made new in the loop.
    private final class Run {
        private final Hours in;
        private final Trace trace;
        private final double capacity = bank.energy();
        private final double volts = bank.voltage();
        private final double highestFloor = bank.highestFloor();
        private final double most = bank.chemistry().charge() * bank.charge() * bank.charging();
        private final double allowed = bank.chemistry().discharge() * bank.charge();
        private final Demand wanted = new Demand();
        private final double follows = 1 - Math.exp(-1 / supply.lag());
        private double state;
        private double warmth;
        private boolean running;
        private double load;
        private double sunAvailable;
        private double sunUsed;
        private double driven;
        private double shored;
        private double shoreLoads;
        private double fuelled;
        private double fuelHours;
        private double unmet;
        private int empty;
        private int emptyOccupied;
        private int first = -1;
        private double least;
        private int over;
        private int frozen;

        Run(Hours in, double start, Trace trace) {
            this.in = in;
            this.trace = trace;
            this.state = start;
            this.least = start;
        }

        Outcome done() {
            for (int h = 0; h < in.count(); h++) {
                hour(h);
            }
            return new Outcome(load, sunAvailable, sunUsed, driven, shored, shoreLoads, fuelled, fuelHours, unmet,
                    empty, emptyOccupied, first, least, state, over, frozen);
        }

        private void hour(int h) {
            boolean here = in.occupied()[h];
            double drive = in.driving()[h];
            boolean shore = in.shore()[h];
            double air = in.air()[h];
            double round = here && supply.inside() ? Math.max(air, supply.room()) : air;
            warmth = h == 0 ? round : warmth + (round - warmth) * follows;
            demand(h, air, here, drive);
            double dc = wanted.dc;
            double squares = wanted.squares;
            double peak = wanted.peak;
            if (shore) {
                shoreLoads += wanted.ac + wanted.shore;
            } else {
                squares += wanted.acSquares / (supply.inverter() * supply.inverter());
                if (wanted.ac > 0 || supply.alwaysOn() && here) {
                    dc += supply.idle() + wanted.ac / supply.inverter();
                    squares += supply.idle() * supply.idle();
                    peak += supply.idle() + wanted.acPeak / supply.inverter();
                }
            }
            generator(h, here);
            double sun = in.sun()[h];
            double road = supply.driving() * drive;
            double plug = shore ? supply.shore() : 0;
            double fuel = running ? supply.generator() : 0;
            double given = sun + road + plug + fuel;
            boolean heated = supply.heater() > 0 && warmth < WARM_ENOUGH && given > supply.heater();
            if (heated) {
                dc += supply.heater();
                squares += supply.heater() * supply.heater();
                peak += supply.heater();
            }
            double direct = Math.min(dc, given);
            double surplus = given - direct;
            double deficit = dc - direct;
            if ((peak - given) / volts > allowed) {
                over++;
            }
            double takes = surplus > 0 ? bank.chemistry().takes(heated ? WARM_ENOUGH : warmth) : 0;
            double into = surplus > 0 && capacity > 0
                    ? Math.max(0, Math.min(Math.min(surplus, bank.chemistry().takesAt(state) * most * takes),
                            (1 - state) * capacity / bank.chemistry().efficiency()))
                    : 0;
            if (surplus > 0 && takes == 0 && state < FULL) {
                frozen++;
            }
            double before = state;
            state += capacity > 0 ? into * bank.chemistry().efficiency() / capacity : 0;
            double used = direct + into;
            double ofSun = Math.min(used, sun);
            double ofRoad = Math.min(used - ofSun, road);
            double ofPlug = Math.min(used - ofSun - ofRoad, plug);
            double ofFuel = used - ofSun - ofRoad - ofPlug;
            double missing = deficit > NOTHING ? drawn(h, deficit, dc, squares, here) : 0;
            state = Math.max(0, state - bank.chemistry().loss() / MONTH_HOURS);
            least = Math.min(least, state);
            load += dc;
            sunAvailable += sun;
            sunUsed += ofSun;
            driven += ofRoad;
            shored += ofPlug;
            fuelled += ofFuel;
            fuelHours += running ? 1 : 0;
            unmet += missing;
            if (trace != null) {
                trace.state[h] = state;
                trace.load[h] = dc;
                trace.sun[h] = ofSun;
                trace.driving[h] = ofRoad;
                trace.shore[h] = ofPlug;
                trace.fuel[h] = ofFuel;
                trace.unmet[h] = missing;
                trace.battery[h] = warmth;
                trace.lost[h] = used - (dc - missing) - (state - before) * capacity;
            }
        }

        /// What is wanted in an hour, into [#wanted].
        private void demand(int h, double air, boolean here, double drive) {
            int season = in.season()[h];
            if (drive > 0) {
                wanted.set(NONE);
                for (Appliance a : loads) {
                    wanted.add(a.feed(), a.rated(), a.mean(h % DAY, air, here, drive, season));
                }
                return;
            }
            int place = Appliance.place(h % DAY, here, season);
            wanted.set(still[place]);
            for (int j = 0; j < byAir.length; j++) {
                Appliance.Still draws = byAirStill[j];
                wanted.add(byAir[j].feed(), byAirRated[j],
                        draws.always()[place] + byAir[j].duty().at(air) * draws.onDuty()[place]);
            }
        }

        private void generator(int h, boolean here) {
            int clock = h % DAY;
            boolean may = supply.generator() > 0 && clock >= supply.from() && clock < supply.to();
            if (running) {
                running = may && state < supply.stop();
            } else {
                running = may && here && state < supply.start();
            }
        }

        /// Takes a deficit out of the bank; what it could not give \[Wh\].
        private double drawn(int h, double deficit, double dc, double squares, boolean here) {
            double amps = Math.max(deficit, deficit / dc * squares / dc) / volts;
            double factor = bank.factor(amps);
            double need = deficit * factor;
            if (need <= (state - highestFloor) * capacity) {
                state -= need / capacity;
                return 0;
            }
            double floor = bank.floor(warmth);
            double there = Math.max(0, (state - floor) * capacity);
            if (need <= there) {
                state -= need / capacity;
                return 0;
            }
            double served = there / factor;
            empty++;
            emptyOccupied += here ? 1 : 0;
            first = first < 0 ? h : first;
            state = there == 0 ? Math.min(state, floor) : floor;
            return deficit - served;
        }
    }
}
