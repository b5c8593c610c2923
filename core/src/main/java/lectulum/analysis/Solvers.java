package lectulum.analysis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.statics.Moves;
import lectulum.kernel.statics.Statics;
import lectulum.layout.Layout;
import lectulum.space.Contents;
import lectulum.units.Units;

/// Ways to bring the tongue of the departure to the middle of its band, each applied to a copy and judged on every trip:
/// the axle, one thing, several things a little, two things exchanged, a tank elsewhere, ballast.
///
/// Takes some dozens of analyses, so it belongs off the interface thread.
public final class Solvers {
    private static final double STEP = 0.01;
    private static final double REACH = 0.6;
    private static final int MOVED = 12;
    private static final int EACH = 3;

    private Solvers() {
    }

    /// What moves, and what the trips are like then.
    public enum Way {
        AXLE("Axle", 8), SPREAD("Several things a little", 0.5), ONE("One thing", 0.25), SWAP("Two things exchanged",
                0.5),
        TANK("A tank elsewhere", 4), BALLAST("Ballast", 0.25);

        private final String label;
        private final double hours;

        Way(String label, double hours) {
            this.label = label;
            this.hours = hours;
        }

        public String label() {
            return label;
        }

        /// What it takes to do \[s\] (assumed: a day to cut, weld and square an axle, half a day to plumb a tank anew).
        public double work() {
            return hours * Units.HOUR;
        }
    }

    /// @param trips    tongue share of every trip with it, in words of the cases
    /// @param inBand   whether every trip is inside the band
    /// @param newFaults faults of fit that it makes
    /// @param mass      loaded mass that it adds \[kg\]
    /// @param money     planned cost that it adds, in the currency of the project
    public record Option(Way way, Remedy remedy, List<Trip> trips, boolean inBand, int newFaults, double mass,
            double money) {
        /// Whether it brings every trip into the band without a new fault.
        public boolean solves() {
            return inBand && newFaults == 0;
        }
    }

    /// @param share of the loaded mass on the ball
    public record Trip(String name, double share) {
    }

    /// What solves it first, then by what it costs: work, then mass, then money.
    ///
    /// @param stop ends the search early
    public static List<Option> of(Analysis analysis, BooleanSupplier stop) {
        return of(analysis, stop, way -> {
        });
    }

    /// @param at is told what is looked for next
    public static List<Option> of(Analysis analysis, BooleanSupplier stop, Consumer<Way> at) {
        Design d = analysis.design();
        Optional<LoadedState> loaded = analysis.of(Balance.DISCIPLINE).state(LoadCase.DEPARTURE.id())
                .filter(s -> s.mass() > 0);
        if (loaded.isEmpty() || !(d.base().ballToAxle() > 0)) {
            return List.of();
        }
        List<Option> options = new ArrayList<>();
        LoadedState s = loaded.get();
        double aim = (d.brief().tongueLow() + d.brief().tongueHigh()) / 2;
        double change = aim * s.mass() - s.tongue();
        for (Way way : Way.values()) {
            if (!stop.getAsBoolean()) {
                at.accept(way);
                ways(way, analysis, s, change, aim).limit(EACH).takeWhile(r -> !stop.getAsBoolean())
                        .forEach(r -> options.add(judged(way, analysis, r, s)));
            }
        }
        options.sort(Comparator.comparing((Option o) -> !o.solves()).thenComparingDouble(o -> o.way().work())
                .thenComparingDouble(o -> Math.max(0, o.mass())).thenComparingDouble(o -> Math.max(0, o.money())));
        return List.copyOf(options);
    }

    private static Option judged(Way way, Analysis analysis, Remedy remedy, LoadedState before) {
        Analysis after = analysis.sketch(remedy.edit().apply(analysis.given()));
        double low = after.design().brief().tongueLow();
        double high = after.design().brief().tongueHigh();
        List<Trip> trips = after.of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip)
                .map(s -> new Trip(s.loadCase().name(), s.share())).toList();
        return new Option(way, remedy, trips, trips.stream().allMatch(t -> t.share >= low && t.share <= high),
                Math.max(0, after.of(Layout.DISCIPLINE).findings().size()
                        - analysis.of(Layout.DISCIPLINE).findings().size()),
                after.of(Balance.DISCIPLINE).state(before.loadCase().id()).map(s -> s.mass() - before.mass())
                        .orElse(0.0),
                cost(after.design()) - cost(analysis.design()));
    }

    private static double cost(Design d) {
        return d.things().stream().mapToDouble(t -> t.cost().forecast()).sum();
    }

    private static Stream<Remedy> ways(Way way, Analysis a, LoadedState s, double change, double aim) {
        return switch (way) {
            case AXLE -> axle(a).stream();
            case SPREAD -> spread(a, s, change, aim).stream();
            case ONE -> one(a, s, change);
            case SWAP -> swaps(a, s, change);
            case TANK -> tanks(a, s, change);
            case BALLAST -> ballast(a, s, aim).stream();
        };
    }

    private static Optional<Remedy> axle(Analysis a) {
        Design d = a.design();
        return Balance.axlePlace(d, a.of(Balance.DISCIPLINE).states()).map(p -> p.rounded(STEP))
                .filter(place -> place > 0 && place <= d.base().tongueLength() + d.base().shell().length())
                .map(place -> new Remedy(Sentence.of("Axle at {0} behind the ball, it stands at {1}", Amount.m(place),
                        Amount.m(d.base().ballToAxle())),
                        new Edit("Move the axle", x -> x.with(x.base().with(
                                x.base().axle().at(place - x.base().tongueLength() - x.base().axle().bearing()))))));
    }

    private static List<Thing> movable(Design d, LoadedState s) {
        return d.things().stream().filter(t -> t.fix() != Fix.FIXED && t.mount() != Mount.SPREAD)
                .filter(t -> s.loadCase().massOf(t) > 0)
                .sorted(Comparator.comparingDouble((Thing t) -> -s.loadCase().massOf(t))).limit(MOVED).toList();
    }

    private static Moves.Movable movable(Design d, Thing t, LoadedState s) {
        double x = d.base().tongueLength() + t.place().x();
        double half = t.size().length() / 2;
        double from = t.mount() == Mount.OUTSIDE ? x - REACH : d.base().tongueLength() + half;
        double to = t.mount() == Mount.OUTSIDE ? x + REACH : d.base().tongueLength() + d.base().shell().length() - half;
        return new Moves.Movable(s.loadCase().massOf(t), x, Math.max(Math.min(from, x), x - REACH),
                Math.min(Math.max(to, x), x + REACH), t.fix() == Fix.LOOSE ? 1 : 5);
    }

    private static Optional<Remedy> spread(Analysis a, LoadedState s, double change, double aim) {
        Design d = a.design();
        List<Thing> things = movable(d, s);
        if (things.isEmpty()) {
            return Optional.empty();
        }
        return Moves.spread(change, s.ballToAxle(), things.stream().map(t -> movable(d, t, s)).toList())
                .map(by -> new Remedy(Sentence.of("Move {0} things by up to {1}: tongue {2}", things.size(),
                        Amount.m(by.stream().mapToDouble(Math::abs).max().orElse(0)), Amount.share(aim)),
                        new Edit("Move things along", x -> {
                            Design next = x;
                            for (int i = 0; i < things.size(); i++) {
                                next = Contents.moved(next, Set.of(things.get(i).id()), Mode.ROAD,
                                        Math.round(by.get(i) / STEP) * STEP, 0, 0);
                            }
                            return next;
                        })));
    }

    private static Stream<Remedy> one(Analysis a, LoadedState s, double change) {
        Design d = a.design();
        return movable(d, s).stream().filter(t -> {
            Moves.Movable m = movable(d, t, s);
            double place = m.x() + Moves.alone(change, s.ballToAxle(), m.mass());
            return place >= m.from() && place <= m.to();
        }).map(t -> {
            double by = Math.round(Moves.alone(change, s.ballToAxle(), s.loadCase().massOf(t)) / STEP) * STEP;
            return Contents.shift(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0);
        });
    }

    private static Stream<Remedy> swaps(Analysis a, LoadedState s, double change) {
        Design d = a.design();
        List<Thing> things = movable(d, s);
        List<Moves.Movable> free = things.stream().map(t -> {
            Moves.Movable m = movable(d, t, s);
            return new Moves.Movable(m.mass(), m.x(), Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, 1);
        }).toList();
        return Moves.swaps(change, s.ballToAxle(), free, EACH).stream().map(w -> {
            Thing one = things.get(w.first());
            Thing other = things.get(w.second());
            return new Remedy(Sentence.of("Exchange {0} and {1}: tongue by {2}", one.name(), other.name(),
                    Amount.kg(w.change())),
                    new Edit("Exchange " + one.name() + " and " + other.name(),
                            x -> x.mapping(one.id(), t -> t.with(level(t.place(), other.place())))
                                    .mapping(other.id(), t -> t.with(level(t.place(), one.place())))));
        });
    }

    private static Placement level(Placement own, Placement there) {
        return own.at(there.x(), there.y(), there.z(), own.yaw());
    }

    private static Stream<Remedy> tanks(Analysis a, LoadedState s, double change) {
        Design d = a.design();
        return d.things().stream().filter(t -> t.tank().map(k -> k.use() == Tank.Use.FRESH || k.use() == Tank.Use.GREY)
                .orElse(false)).filter(t -> s.loadCase().massOf(t) > 0).map(t -> {
                    double by = Math.clamp(Moves.alone(change, s.ballToAxle(), s.loadCase().massOf(t)), -2, 2);
                    double step = Math.round(by / STEP) * STEP;
                    return Contents.shift(t, Mode.ROAD, Math.abs(step), Math.signum(step), 0, 0);
                });
    }

    /// A mass at the front of the body, or at its rear.
    private static Optional<Remedy> ballast(Analysis a, LoadedState s, double aim) {
        Design d = a.design();
        for (double x : new double[]{d.base().tongueLength() + 0.25,
                d.base().tongueLength() + d.base().shell().length() - 0.25}) {
            OptionalDouble mass = Statics.ballast(s.mass(), s.tongue(), s.ballToAxle(), x, aim);
            if (mass.isPresent() && mass.getAsDouble() > 0.5 && mass.getAsDouble() < 0.3 * s.mass()) {
                double kg = Math.round(mass.getAsDouble() * 2) / 2.0;
                Thing bag = new Thing("ballast", "Ballast", SystemGroup.CARGO, Role.GEAR, Mount.STOWED, Fix.LOOSE,
                        new Size(0.3, 0.4, 0.2), new Placement(x - d.base().tongueLength(), 0, 0, 0),
                        java.util.Map.of(), Mass.weighed(kg), lectulum.design.thing.Cost.NONE, Optional.empty(),
                        Optional.empty(), Optional.empty(), 0, "");
                return Optional.of(new Remedy(Sentence.of("{0} of ballast or water at {1} behind the ball",
                        Amount.kg(kg), Amount.m(x)),
                        new Edit("Ballast", y -> y.plus(bag.withId(y.freeId("ballast"))))));
            }
        }
        return Optional.empty();
    }
}
