package lectulum.balance;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Chemistries;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.statics.AxlePlace;
import lectulum.space.Contents;

/// Axle places, moves of things, smaller fills and lighter packing that bring the loads where they should be.
public final class BalanceRemedies {
    /// Step in which places are proposed \[m\].
    private static final double STEP = 0.01;
    private static final int MOVED_THINGS = 12;
    private static final int PLACES_TRIED = 8;
    private static final double SIDE_AIM = 0.02;
    /// A longer move is another layout, not a remedy \[m\].
    private static final double LONGEST = 2;
    /// Mass over outer volume of cabinets and of packed gear \[kg/m³\] (assumed).
    private static final double CABINET_DENSITY = 350;
    private static final double PACKED_DENSITY = 150;

    private static final Optional<Remedy> NONE = Optional.empty();

    private BalanceRemedies() {
    }

    static Stream<Remedy> of(Known known, BalanceRules rule, Finding finding) {
        return switch (rule) {
            case BALANCE_TONGUE_SHARE, BALANCE_TONGUE_LIFT -> tongue(known);
            case BALANCE_SIDE -> sideways(known);
            case BALANCE_AXLE_PLACE -> tanks(known.design());
            case BALANCE_UNWEIGHED -> Stream.of(estimated(known.design()));
            case BALANCE_LIMIT -> limit(known, finding.about().key());
            case BALANCE_NO_AXLE, BALANCE_NO_MASS, BALANCE_TONGUE_DOUBT, BALANCE_BALL, BALANCE_VEHICLE_FIRST,
                    BALANCE_UNKNOWN_RATINGS ->
                Stream.empty();
        };
    }

    /// The tongue brought into its band on every trip.
    public static Stream<Remedy> tongue(Known known) {
        return Stream.concat(axle(known), moves(known));
    }

    /// Fresh tanks moved along the camper, a step at a time.
    public static Stream<Remedy> tanks(Design d) {
        return d.things().stream().filter(t -> t.tank().isPresent()).flatMap(t -> DoubleStream
                .of(-0.3, 0.3, -0.6, 0.6, -0.9, 0.9)
                .mapToObj(by -> Contents.shift(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0)));
    }

    /// Masses guessed from what batteries store and from the room that other things take.
    private static Remedy estimated(Design design) {
        List<Thing> light = design.things().stream().filter(Thing::unweighed).toList();
        double together = light.stream().mapToDouble(BalanceRemedies::likely).sum();
        boolean stores = light.stream().anyMatch(t -> stored(t) > 0);
        return new Remedy(
                stores
                        ? Sentence.of("Guess from what they store and from their size: {0} together",
                                Amount.kg(together))
                        : Sentence.of("Guess from their size: {0} together", Amount.kg(together)),
                new Edit("Guess masses", d -> d.mapping(light.stream().map(Thing::id).toList(),
                        t -> t.with(Mass.guess(likely(t))))));
    }

    private static double stored(Thing t) {
        return t.battery().map(Battery::energy).orElse(0.0);
    }

    private static double likely(Thing t) {
        if (stored(t) > 0) {
            return Math.round(10 * Chemistries.of(t.battery().orElseThrow().chemistry()).mass(stored(t) / 3600)) / 10.0;
        }
        double density = t.role() == Role.BUILT_IN ? CABINET_DENSITY : PACKED_DENSITY;
        return Math.round(density * t.size().length() * t.size().width() * t.size().height() * 10) / 10.0;
    }

    private static List<LoadedState> trips(Known known) {
        return known.of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip).toList();
    }

    /// The axle where every trip keeps the band; where there is no such place, the one between the binding cases.
    private static Stream<Remedy> axle(Known known) {
        Design d = known.design();
        double a = d.base().ballToAxle();
        return Balance.axlePlace(d, trips(known)).stream()
                .flatMap(p -> DoubleStream.of(p.rounded(STEP), nearest(p, a))
                        .mapToObj(place -> axleTo(d, place - d.base().tongueLength() - d.base().axle().bearing())))
                .distinct();
    }

    /// The end of the possible range that is nearest to where the axle is.
    private static double nearest(AxlePlace p, double now) {
        double inside = now < p.from() ? Math.ceil(p.from() / STEP) * STEP : Math.floor(p.to() / STEP) * STEP;
        return p.possible() ? inside : p.rounded(STEP);
    }

    private static Remedy axleTo(Design d, double x) {
        double by = x - d.base().axle().x();
        String way = by > 0 ? "back" : "forward";
        return new Remedy(Sentence.of("Move the axle {0} {1}", Amount.m(Math.abs(by)), way),
                new Edit("Move the axle " + way,
                        design -> design.with(design.base().with(design.base().axle().at(x)))));
    }

    /// Moves of one thing along the camper that bring every trip into the band, heaviest thing first.
    private static Stream<Remedy> moves(Known known) {
        return movable(known.design()).stream().flatMap(t -> shift(known, t).stream());
    }

    /// Things that can be moved, the heaviest first.
    public static List<Thing> movable(Design d) {
        return d.things().stream().filter(t -> t.fix() != Fix.FIXED && t.mount() != Mount.SPREAD)
                .sorted(Comparator.comparingDouble((Thing t) -> -LoadCase.DEPARTURE.massOf(t))).limit(MOVED_THINGS)
                .toList();
    }

    private static Optional<Remedy> shift(Known known, Thing thing) {
        Design d = known.design();
        double a = d.base().ballToAxle();
        double from = Double.NEGATIVE_INFINITY;
        double to = Double.POSITIVE_INFINITY;
        for (LoadedState s : trips(known)) {
            double m = s.loadCase().massOf(thing);
            if (m <= 0) {
                return Optional.empty();
            }
            double least = d.brief().tongueLow() * s.mass();
            double most = Math.min(d.brief().tongueHigh() * s.mass(), Balance.tongueMax(d));
            from = Math.max(from, (s.tongue() - most) * a / m);
            to = Math.min(to, (s.tongue() - least) * a / m);
        }
        if (from > to || from <= 0 && to >= 0) {
            return Optional.empty();
        }
        boolean forward = to < 0;
        double nearest = forward ? Math.floor(to / STEP) * STEP : Math.ceil(from / STEP) * STEP;
        if (Math.abs(nearest) > LONGEST) {
            return Optional.empty();
        }
        double farthest = forward ? Math.max(from, nearest - 1.5) : Math.min(to, nearest + 1.5);
        double step = (farthest - nearest) / PLACES_TRIED;
        return IntStream.range(0, PLACES_TRIED).mapToDouble(i -> Math.round((nearest + i * step) / STEP) * STEP)
                .mapToObj(dx -> Contents.shift(thing, Mode.ROAD, Math.abs(dx), Math.signum(dx), 0, 0))
                .filter(r -> known.worsensNothing(r.edit())).findFirst();
    }

    private static Stream<Remedy> sideways(Known known) {
        Optional<LoadedState> worst = trips(known).stream()
                .max(Comparator.comparingDouble(s -> Math.abs(s.right() - s.left())));
        if (worst.isEmpty()) {
            return Stream.empty();
        }
        LoadedState s = worst.get();
        double excess = Math.abs(s.roll().y()) * s.mass()
                - SIDE_AIM * s.axle() * known.design().base().axle().track() / 2;
        double way = -Math.signum(s.roll().y());
        return movable(known.design()).stream().filter(t -> s.loadCase().massOf(t) > 0).map(t -> {
            double dy = Math.ceil(excess / s.loadCase().massOf(t) / STEP) * STEP;
            return dy <= LONGEST ? Optional.of(Contents.shift(t, Mode.ROAD, dy, 0, way, 0)) : NONE;
        }).flatMap(Optional::stream);
    }

    private static Stream<Remedy> limit(Known known, String rating) {
        Optional<LoadedState> worst = known.of(Balance.DISCIPLINE).states().stream()
                .filter(s -> tightest(s, rating).isPresent())
                .max(Comparator.comparingDouble(s -> -tightest(s, rating).orElseThrow().margin()));
        if (worst.isEmpty()) {
            return Stream.empty();
        }
        LoadedState s = worst.get();
        Limit limit = tightest(s, rating).orElseThrow();
        boolean byTongue = switch (limit.rating()) {
            case TONGUE_COUPLER, TONGUE_VEHICLE, TONGUE_RECEIVER, PAYLOAD, REAR_AXLE, VEHICLE_GROSS -> true;
            default -> false;
        };
        Stream<Remedy> less = Stream.concat(lessWater(s.loadCase()), leaveOut(known, s, limit));
        return byTongue ? Stream.concat(Stream.concat(axle(known), moves(known)), less) : less;
    }

    private static Optional<Limit> tightest(LoadedState s, String rating) {
        return s.limits().stream().filter(l -> Balance.camel(l.rating()).equals(rating)).findFirst();
    }

    /// Never more than that fresh water on any trip.
    private static Stream<Remedy> lessWater(LoadCase c) {
        return DoubleStream.of(0.75, 0.5, 0.25, 0).filter(f -> f < c.fresh())
                .mapToObj(f -> new Remedy(
                        Sentence.of("{0}: leave with {1} of the fresh water", c.name(), Amount.share(f)),
                        new Edit("Less water", d -> d.withCases(d.cases().stream().map(
                                x -> x.fresh() > f ? x.withFills(f, x.waste(), x.fuel()) : x).toList()))));
    }

    /// The lightest packed things that are heavy enough by themselves.
    private static Stream<Remedy> leaveOut(Known known, LoadedState s, Limit limit) {
        double tooMuch = -limit.left();
        return known.design().things().stream().filter(t -> t.role() != Role.BUILT_IN)
                .filter(t -> s.loadCase().massOf(t) >= Math.max(1, tooMuch))
                .sorted(Comparator.comparingDouble(t -> s.loadCase().massOf(t))).limit(MOVED_THINGS)
                .map(t -> new Remedy(
                        Sentence.of("Leave {0} at home ({1})", t.name(),
                                Amount.kg(s.loadCase().massOf(t))),
                        new Edit("Leave out " + t.name(), d -> d.without(List.of(t.id())))));
    }
}
