package lectulum.trip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import lectulum.air.Cabin;
import lectulum.air.ColdBoxes;
import lectulum.air.Fires;
import lectulum.air.Sleepers;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.trip.TripStudies;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Aired;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.kernel.air.Breath;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.heat.TwoNodes;
import lectulum.kernel.statics.Statics;
import lectulum.kernel.statics.Trip;
import lectulum.power.RoadCharge;
import lectulum.power.TripPower;
import lectulum.units.Quantity;
import lectulum.water.Water;
import lectulum.water.WaterUse;
import lectulum.weather.MeanDay;

/// One trip, hour by hour. Where no fresh water is left nothing runs into the grey tank, and nothing flushes.
///
/// @param hours at the end of each
/// @param stops what fails before the way home, in the order in which it does; the tongue on the way home too
/// @param heated days on which the heater had something to burn
/// @param burnt in the room heater, over the trip, as it is counted there [Fires#amount]
/// @param heat  given to the room \[J\]
public record Rehearsal(Outing outing, List<Hour> hours, List<Stop> stops, double heated, double burnt, double heat,
        Full full) {
    private static final int DAY = 24;
    private static final double HOUR = 3600;
    private static final double BED = 22;
    private static final double UP = 7;
    /// Inside at night \[°C\], below which it is cold.
    static final double FREEZING = 5;
    /// Inside at night \[°C\], above which it is hot.
    static final double STIFLING = 32;
    private static final double NOTHING = 1e-9;

    public Rehearsal {
        hours = List.copyOf(hours);
        stops = List.copyOf(stops);
    }

    /// At the end of an hour. What is not aboard is NaN.
    ///
    /// @param outside \[°C\]
    /// @param inside  \[°C\]
    /// @param charge  0 to 1
    /// @param sun     used \[W\]
    /// @param load    wanted \[W\]
    /// @param fresh   that can be drawn \[m³\]
    /// @param grey    \[m³\]
    /// @param black   \[m³\]
    /// @param gas     \[kg\]
    /// @param fuel    of the heater \[m³\]
    /// @param heat    given by the heater, mean \[W\]
    /// @param food    provisions \[kg\]
    /// @param ice     in the cold boxes \[kg\]
    /// @param dioxide \[ppm\]
    /// @param humid   damp of the air inside, 0 to 1
    /// @param mass    loaded \[kg\]
    /// @param tongue  \[kg\]
    /// @param driving part of the hour on the road
    public record Hour(double outside, double inside, double charge, double sun, double load, double fresh, double grey,
            double black, double gas, double fuel, double heat, double food, double ice, double dioxide, double humid,
            double mass,
            double tongue, double driving) {
    }

    /// How the camper stands in an hour.
    public Mode mode(int hour) {
        int k = hour % DAY;
        return hours.get(hour).driving > 0 ? Mode.ROAD : k >= BED || k < UP ? Mode.NIGHT : Mode.CAMP;
    }

    /// What is in a thing at the end of an hour.
    ///
    /// @param part 0 to 1
    /// @param in   it, as [Hour] counts it
    public record Filled(Thing thing, double part, Amount in) {
    }

    /// How full every tank, can, bottle and battery of a design is at the end of an hour: those of a use share alike.
    public List<Filled> filled(Design d, int hour) {
        Hour h = hours.get(hour);
        List<Filled> all = new ArrayList<>();
        for (Thing t : d.things()) {
            t.tank().ifPresent(k -> {
                double room = d.things().stream().flatMap(x -> x.tank().stream()).filter(x -> x.use() == k.use())
                        .mapToDouble(Tank::capacity).sum();
                double share = room > 0 ? k.capacity() / room : 0;
                Quantity q = k.use() == Tank.Use.GAS ? Quantity.MASS : Quantity.VOLUME;
                part(k.use(), h).ifPresent(part -> all.add(new Filled(t, part,
                        new Amount(part * held(k.use()) * share, q))));
            });
            if (t.battery().isPresent() && !Double.isNaN(h.charge)) {
                all.add(new Filled(t, h.charge, Amount.share(h.charge)));
            }
        }
        return all;
    }

    private double held(Tank.Use use) {
        return switch (use) {
            case FRESH -> full.fresh;
            case GREY -> full.grey;
            case BLACK -> full.black;
            case GAS -> full.gas;
            case DIESEL, PETROL -> full.heats.filter(b -> b == use).isPresent() ? full.fuel : 0;
        };
    }

    private OptionalDouble part(Tank.Use use, Hour h) {
        return part(switch (use) {
            case FRESH -> h.fresh;
            case GREY -> h.grey;
            case BLACK -> h.black;
            case GAS -> h.gas;
            case DIESEL, PETROL -> h.fuel;
        }, held(use));
    }

    private static OptionalDouble part(double in, double room) {
        return Double.isNaN(in) || room <= 0 ? OptionalDouble.empty() : OptionalDouble.of(Math.clamp(in / room, 0, 1));
    }

    /// What everything holds when it is full, as [Hour] counts it.
    ///
    /// @param heats what the tank of the heater holds
    public record Full(double fresh, double grey, double black, double gas, double fuel, Optional<Tank.Use> heats) {
    }

    /// Something that fails.
    ///
    /// @param day decimal day of the trip, 0 at midnight before it
    public record Stop(TripRules what, double day) {
    }

    /// Levels that follow in a day.
    private static final class Level {
        private final double room;
        private final double daily;
        private double at;

        Level(double at, double room, double daily) {
            this.at = at;
            this.room = room;
            this.daily = daily;
        }

        /// Part of the hour after which it is below nothing or over its room; NaN where it is not.
        double step(double times) {
            double change = daily * times / DAY;
            double next = at + change;
            double breach = Double.NaN;
            if (change < 0 && next < -NOTHING) {
                breach = at / -change;
            } else if (change > 0 && next > room + NOTHING) {
                breach = (room - at) / change;
            }
            at = Math.clamp(next, 0, Math.max(0, room));
            return breach;
        }
    }

    static Rehearsal of(Design d, Outing o, Cabin cabin, Water water, RoadCharge road,
            Optional<TripStudies.Loads> loads, double axle) {
        return new Run(d, o, cabin, water, road, loads, axle).done();
    }

    /// The state of one run.
    private static final class Run {
        private final Design d;
        private final Outing o;
        private final Cabin cabin;
        private final Optional<TripStudies.Loads> loads;
        private final double axle;
        private final Map<TripRules, Double> first = new EnumMap<>(TripRules.class);
        private final Optional<TripPower.Run> power;
        private final double[] air;
        private final Level fresh;
        private final Level grey;
        private final Level black;
        private final boolean hasGrey;
        private final boolean hasBlack;
        private final double freshFull;
        private final double flushed;
        private final DoubleBinaryOperator vents;
        private final Optional<Aired.RoomHeater> heater;
        private final double gasFull;
        private final double gasDaily;
        private final double fuelFull;
        private final List<ColdBoxes.Iced> boxes;
        private final double[] ice;
        private int filled;
        private int fed;
        private double gas;
        private double fuel;
        private double heat;
        private double lastHeat;
        private double burnt;

        Run(Design d, Outing o, Cabin cabin, Water water, RoadCharge road, Optional<TripStudies.Loads> loads,
                double axle) {
            this.d = d;
            this.o = o;
            this.cabin = cabin;
            this.loads = loads;
            this.axle = axle;
            this.power = TripPower.of(d, road, o.days().stream().map(x -> new TripPower.Sky(x.driving() / HOUR,
                    x.site() == OutingDay.Site.SOCKET, x.warmer(), x.sun())).toList());
            this.air = MeanDay.air(d.brief().latitude(), d.brief().month(), d.brief().climate());
            WaterUse use = WaterUse.of(d);
            this.freshFull = water.figures().value("water.fresh.usable");
            double greyRoom = tank(Tank.Use.GREY);
            double blackRoom = tank(Tank.Use.BLACK);
            this.hasGrey = greyRoom > 0;
            this.hasBlack = blackRoom > 0;
            this.fresh = new Level(freshFull, freshFull, -use.fresh());
            this.grey = new Level(0, greyRoom, water.figures().value("water.day.grey"));
            this.black = new Level(0, blackRoom, use.waste());
            this.flushed = use.waste() > 0 ? Math.clamp(use.flush() / use.waste(), 0, 1) : 0;
            this.heater = Fires.heater(d).map(t -> t.feature(Aired.RoomHeater.class).orElseThrow());
            this.gasFull = Fires.stock(d, Aired.Energy.GAS).orElse(0.0);
            this.gasDaily = Fires.of(d).stream().filter(f -> f.burns() == Aired.Energy.GAS)
                    .mapToDouble(f -> Fires.amount(Aired.Energy.GAS, f.daily()).value()).sum();
            this.fuelFull = heater.filter(h -> h.burns() != Aired.Energy.GAS)
                    .flatMap(h -> Fires.stock(d, h.burns())).orElse(0.0);
            this.vents = Cabin.through(d);
            this.boxes = ColdBoxes.iced(d);
            this.ice = boxes.stream().mapToDouble(ColdBoxes.Iced::ice).toArray();
            this.gas = gasFull;
            this.fuel = fuelFull;
        }

        private static Optional<Tank.Use> tankOf(Aired.Energy e) {
            return switch (e) {
                case DIESEL -> Optional.of(Tank.Use.DIESEL);
                case PETROL -> Optional.of(Tank.Use.PETROL);
                case GAS, MAINS, BATTERY, WOOD, KEROSENE, SPIRIT -> Optional.empty();
            };
        }

        private double tank(Tank.Use use) {
            return d.things().stream().flatMap(t -> t.tank().stream()).filter(t -> t.use() == use)
                    .mapToDouble(Tank::capacity).sum();
        }

        private void fails(TripRules what, double day) {
            first.merge(what, day, Math::min);
        }

        Rehearsal done() {
            List<Hour> all = new ArrayList<>();
            TwoNodes.State state = new TwoNodes.State(start(), start());
            double ppm = Breath.OUTSIDE;
            for (int day = 0; day < o.days().size(); day++) {
                OutingDay of = o.days().get(day);
                if (of.fills()) {
                    fresh.at = freshFull;
                    gas = gasFull;
                    fuel = fuelFull;
                    filled = day;
                    for (int i = 0; i < ice.length; i++) {
                        ice[i] = boxes.get(i).ice();
                    }
                }
                if (of.empties()) {
                    grey.at = 0;
                    black.at = 0;
                }
                for (int k = 0; k < DAY; k++) {
                    int h = DAY * day + k;
                    double out = air[k] + of.warmer();
                    double road = power.map(p -> p.hours().driving()[h]).orElseGet(() -> road(of, k(h)));
                    stores(h, of.use());
                    melts(h, out);
                    state = warm(state, out, k, road, of.site() == OutingDay.Site.SOCKET);
                    ppm = breath(ppm, state.air(), out, k, road);
                    all.add(hour(h, out, state.air(), ppm, damp(state.air(), out, k, road), road));
                }
            }
            double home = home();
            List<Stop> stops = first.entrySet().stream()
                    .filter(e -> e.getKey() == TripRules.TONGUE || e.getValue() < home)
                    .map(e -> new Stop(e.getKey(), e.getValue()))
                    .sorted(java.util.Comparator.comparingDouble(Stop::day).thenComparing(Stop::what)).toList();
            return new Rehearsal(o, all, stops, fed / (double) DAY, burnt, heat,
                    new Full(freshFull, grey.room, black.room, gasFull, fuelFull, heater.map(h -> h.burns())
                            .flatMap(Run::tankOf)));
        }

        /// Day from which on it only goes home: what is gone by then is missed by nobody.
        private double home() {
            int days = o.days().size();
            if (days < 2) {
                return Double.POSITIVE_INFINITY;
            }
            return o.id().equals(Outings.USUAL) ? Math.min(days - 1, d.brief().nights()) : days - 1;
        }

        private static int k(int hour) {
            return hour % DAY;
        }

        /// From nine o'clock on.
        private static double road(OutingDay of, int k) {
            return k < 9 ? 0 : Math.clamp(of.driving() / HOUR - (k - 9), 0, 1);
        }

        private double start() {
            return o.days().isEmpty() ? 0 : air[0] + o.days().getFirst().warmer();
        }

        private void stores(int h, double use) {
            double t = h / (double) DAY;
            double wanted = -fresh.daily * use / DAY;
            double flows = wanted > 0 ? Math.clamp(fresh.at / wanted, 0, 1) : 1;
            breach(TripRules.FRESH, fresh.step(use), t, freshFull > 0 || !d.brief().people().isEmpty());
            breach(TripRules.GREY, grey.step(use * flows), t, hasGrey);
            breach(TripRules.BLACK, black.step(1 - (1 - flows) * flushed), t, hasBlack);
            double before = gas;
            gas -= gasDaily / DAY;
            if (gas < -NOTHING && gasFull > 0) {
                fails(TripRules.GAS, t + Math.max(0, before) / (gasDaily / DAY) / DAY);
            }
            gas = Math.max(0, gas);
            power.ifPresent(p -> {
                if (p.course().trace().unmet()[h] > NOTHING) {
                    fails(TripRules.POWER, t);
                }
            });
        }

        /// In the shade, as Cooling reckons with it.
        private void melts(int h, double out) {
            for (int i = 0; i < ice.length; i++) {
                double hourly = boxes.get(i).box().ice(out) / DAY;
                if (hourly > ice[i] + NOTHING) {
                    fails(TripRules.ICE, (h + ice[i] / hourly) / DAY);
                }
                ice[i] = Math.max(0, ice[i] - hourly);
            }
        }

        private void breach(TripRules what, double part, double t, boolean counts) {
            if (counts && !Double.isNaN(part)) {
                fails(what, t + part / DAY);
            }
        }

        /// Four quarters of an hour: the heater runs while somebody is in and it has something to burn.
        private TwoNodes.State warm(TwoNodes.State from, double out, int k, double road, boolean socket) {
            if (cabin.open() || !cabin.known()) {
                return new TwoNodes.State(out, out);
            }
            boolean bed = k >= BED || k < UP;
            double people = road > 0
                    ? 0
                    : Sleepers.of(d.brief(), bed
                            ? Sleepers.Doing.ASLEEP
                            : Sleepers.Doing.SEATED).heat();
            TwoNodes nodes = cabin.nodes(bed, cabin.changing());
            boolean could = heater.filter(x -> burns(x, socket)).isPresent();
            fed += could ? 1 : 0;
            TwoNodes.State s = from;
            double before = heat;
            for (int i = 0; i < 4; i++) {
                TwoNodes.Stepped next = nodes.step(s, new TwoNodes.Round(out, out, people), could && road <= 0
                        ? new TwoNodes.Thermostat(Assumed.value(d, bed ? Assumption.AIR_NIGHT : Assumption.AIR_DAY),
                                heater.orElseThrow().most(), 1)
                        : TwoNodes.Thermostat.OFF);
                s = next.state();
                burn(next.power() * TwoNodes.STEP);
            }
            lastHeat = heat - before;
            return s;
        }

        private boolean burns(Aired.RoomHeater h, boolean socket) {
            return switch (h.burns()) {
                case GAS -> gas > NOTHING;
                case MAINS -> socket;
                case BATTERY, WOOD, KEROSENE, SPIRIT -> true;
                case DIESEL, PETROL -> fuelFull <= 0 || fuel > NOTHING;
            };
        }

        private void burn(double given) {
            if (given <= 0) {
                return;
            }
            heat += given;
            Aired.RoomHeater h = heater.orElseThrow();
            double took = Fires.amount(h.burns(), given / h.efficiency()).value();
            burnt += took;
            if (h.burns() == Aired.Energy.GAS) {
                gas = Math.max(0, gas - took);
            } else {
                fuel = Math.max(0, fuel - took);
            }
        }

        private double breath(double ppm, double inside, double out, int k, double road) {
            if (cabin.volume() <= 0 || road > 0) {
                return Breath.OUTSIDE;
            }
            boolean bed = k >= BED || k < UP;
            Sleepers s = Sleepers.of(d.brief(), bed ? Sleepers.Doing.ASLEEP : Sleepers.Doing.SEATED);
            return new Breath(cabin.volume(), bed ? s.breath() : s.breath() / 2).after(ppm, flow(inside, out), HOUR);
        }

        /// Nobody is in it on the road.
        private double damp(double inside, double out, int k, double road) {
            if (cabin.open() || !cabin.known() || cabin.volume() <= 0) {
                return Double.NaN;
            }
            boolean bed = k >= BED || k < UP;
            double vapour = road > 0
                    ? 0
                    : Sleepers.of(d.brief(), bed ? Sleepers.Doing.ASLEEP : Sleepers.Doing.SEATED).vapour();
            return cabin.damp(d, inside, out, vapour, flow(inside, out), bed);
        }

        /// Air that changes by itself and through the vents \[m³/s\].
        private double flow(double inside, double out) {
            return cabin.changes() * cabin.volume() / HOUR + vents.applyAsDouble(inside, out);
        }

        private Hour hour(int h, double out, double inside, double ppm, double damp, double road) {
            double t = (h + 1) / (double) DAY;
            Optional<Simulation.Trace> trace = power.map(p -> p.course().trace());
            double mass = Double.NaN;
            double tongue = Double.NaN;
            double food = Double.NaN;
            if (loads.isPresent()) {
                TripStudies.Loads l = loads.get();
                double f = freshFull > 0 ? l.water().fresh() * fresh.at / freshFull : 0;
                double g = hasGrey ? Math.min(l.water().greyRoom(), l.water().grey() + 1000 * grey.at) : 0;
                mass = l.rest() + f + g;
                tongue = l.rest() * Statics.lever(l.centre(), axle) + f * Statics.lever(l.water().freshX(), axle)
                        + g * Statics.lever(l.water().greyX(), axle);
                double since = t - filled;
                for (Trip.Store s : l.stores()) {
                    mass += s.left(since);
                    tongue += s.left(since) * Statics.lever(s.x(), axle);
                }
                if (!l.food().isEmpty()) {
                    food = l.food().stream().mapToDouble(s -> Math.max(0, s.full() - s.daily() * since)).sum();
                    if (food <= NOTHING && l.food().stream().anyMatch(s -> s.daily() * since > s.full() + NOTHING)) {
                        fails(TripRules.FOOD, h / (double) DAY);
                    }
                }
                double share = tongue / mass;
                if (road > 0 && (share < d.brief().tongueLow() || share > d.brief().tongueHigh())) {
                    fails(TripRules.TONGUE, h / (double) DAY);
                }
            }
            boolean here = road <= 0;
            if (cabin.known() && !cabin.open() && here) {
                boolean bed = k(h) >= BED || k(h) < UP;
                if (bed && inside < FREEZING && h > UP) {
                    fails(TripRules.COLD, h / (double) DAY);
                }
                if (bed && inside > STIFLING) {
                    fails(TripRules.HOT, h / (double) DAY);
                }
            }
            if (heater.filter(x -> x.burns() == Aired.Energy.DIESEL || x.burns() == Aired.Energy.PETROL).isPresent()
                    && fuelFull > 0 && fuel <= NOTHING) {
                fails(TripRules.FUEL, t);
            }
            return new Hour(out, inside, trace.map(x -> x.state()[h]).orElse(Double.NaN),
                    trace.map(x -> x.sun()[h]).orElse(0.0), trace.map(x -> x.load()[h]).orElse(0.0), fresh.at,
                    hasGrey ? grey.at : Double.NaN, hasBlack ? black.at : Double.NaN, gasFull > 0 ? gas : Double.NaN,
                    fuelFull > 0 ? fuel : Double.NaN, lastHeat / HOUR, food,
                    ice.length > 0 ? Arrays.stream(ice).sum() : Double.NaN, ppm, damp, mass, tongue, road);
        }
    }
}
