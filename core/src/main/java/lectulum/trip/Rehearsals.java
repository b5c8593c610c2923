package lectulum.trip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.air.Cabin;
import lectulum.balance.Rig;
import lectulum.balance.trip.TripStudies;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.power.RoadCharge;
import lectulum.units.Quantity;
import lectulum.water.Water;
import lectulum.weather.Outside;

/// Every trip of a design, rehearsed: the user's own, the usual one, a hard and a hot week.
///
/// The first of them is the one that is judged: the user's first, or the usual one.
public record Rehearsals(List<Rehearsal> all, Figures figures, List<Finding> findings) implements Result {
    public static final Discipline<Rehearsals> DISCIPLINE = new Discipline<Rehearsals>("rehearsal", "Trip rehearsal",
            Stage.TRIP, Discipline.Pace.REST,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS,
                    Design.Part.OUTINGS), in.of(Cabin.DISCIPLINE), in.of(Water.DISCIPLINE),
                    in.of(RoadCharge.DISCIPLINE),
                    in.of(Rig.DISCIPLINE).rig(), in::stillWanted),
            () -> new Rehearsals(List.of(), Figures.NONE, List.of())).checking(TripRules.class, Rehearsals::remedies);
    private static final int OWN = 8;
    private static final String SOURCE = "hour by hour; see docs/method/trip.md";

    static Rehearsals of(Design d, Cabin cabin, Water water, RoadCharge road, Optional<Rig> rig,
            Runnable stillWanted) {
        List<Rehearsal> all = new ArrayList<>();
        List<Outing> outings = Outings.all(d);
        for (Outing o : outings.size() > OWN ? outings.subList(outings.size() - OWN, outings.size()) : outings) {
            stillWanted.run();
            double days = Math.max(1, d.brief().nights());
            Optional<TripStudies.Loads> loads = rig.map(r -> TripStudies.loads(r, water, days));
            all.add(Rehearsal.of(d, o, cabin, water, road, loads, rig.map(r -> r.axle).orElse(1.0)));
        }
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        all.forEach(r -> figures(r, figures));
        judged(d, all.getFirst(), findings);
        return new Rehearsals(all, Figures.of(figures), findings);
    }

    /// The trip of the brief; empty before anything was worked out.
    public Optional<Rehearsal> usual() {
        return of(Outings.USUAL);
    }

    public Optional<Rehearsal> of(String id) {
        return all.stream().filter(r -> r.outing().id().equals(id)).findFirst();
    }

    private static void figures(Rehearsal r, List<Figure> all) {
        String id = "rehearsal." + r.outing().id();
        Sentence numbers = Sentence.of("{0} days", r.outing().days().size());
        Working w = new Working("the first that fails", numbers, List.of(), SOURCE);
        Optional<Rehearsal.Stop> first = r.stops().stream().findFirst();
        all.add(first.map(s -> Figure.of(id + ".first", r.outing().name() + ": first fails after", s.day(),
                Quantity.DAYS, w))
                .orElseGet(() -> Figure.absent(id + ".first", r.outing().name() + ": first fails after",
                        Quantity.DAYS, "nothing fails", w)));
        if (!r.hours().isEmpty()) {
            least(all, id + ".inside", r.outing().name() + ": lowest inside", Quantity.TEMPERATURE, numbers,
                    r.hours().stream().mapToDouble(Rehearsal.Hour::inside).min().orElse(0));
            r.hours().stream().mapToDouble(Rehearsal.Hour::charge).filter(x -> !Double.isNaN(x)).min()
                    .ifPresent(x -> least(all, id + ".charge", r.outing().name() + ": lowest charge", Quantity.SHARE,
                            numbers, x));
            all.add(Figure.of(id + ".heat", r.outing().name() + ": heat given", r.heat(), Quantity.ENERGY,
                    new Working("Σ power × time", numbers, List.of(), SOURCE)));
        }
    }

    private static void least(List<Figure> all, String id, String label, Quantity q, Sentence numbers, double value) {
        all.add(Figure.of(id, label, value, q, new Working("least over the hours", numbers, List.of(), SOURCE)));
    }

    private static void judged(Design d, Rehearsal r, List<Finding> all) {
        if (r.outing().days().isEmpty()) {
            all.add(Finding.of(TripRules.EMPTY, Subject.WHOLE, Severity.NOTE, Sentence.of("{0} has no days",
                    r.outing().name()), Sentence.of("Add one."), List.of()));
            return;
        }
        if (d.brief().people().isEmpty()) {
            return;
        }
        for (Rehearsal.Stop s : r.stops()) {
            all.add(Finding.of(s.what(), Subject.WHOLE, severity(d, s.what()),
                    Sentence.of(title(s.what()), r.outing().name(), Sentence.of("day {0}, {1} o'clock",
                            (int) Math.floor(s.day()) + 1, (int) Math.floor(s.day() % 1 * 24 + 1e-6)),
                            new Amount(Rehearsal.FREEZING, Quantity.TEMPERATURE),
                            new Amount(Rehearsal.STIFLING, Quantity.TEMPERATURE)),
                    Sentence.of(detail(s.what())), List.of()));
        }
    }

    private static Severity severity(Design d, TripRules what) {
        return switch (what) {
            case POWER, FRESH, TONGUE, GREY, BLACK, GAS, FUEL -> Severity.WARN;
            // Who names no frost has not asked to be warm in it.
            case COLD -> Outside.frost(d) ? Severity.WARN : Severity.NOTE;
            case HOT, EMPTY, FOOD, ICE -> Severity.NOTE;
        };
    }

    /// {0} the trip, {1} the time, {2} what is cold, {3} what is hot.
    static String title(TripRules what) {
        return switch (what) {
            case POWER -> "{0}: something is not had from {1} on";
            case FRESH -> "{0}: the fresh water is gone on {1}";
            case GREY -> "{0}: the grey tank is full on {1}";
            case BLACK -> "{0}: the toilet is full on {1}";
            case GAS -> "{0}: the gas is gone on {1}";
            case FUEL -> "{0}: the heater's fuel is gone on {1}";
            case FOOD -> "{0}: the food is gone on {1}";
            case ICE -> "{0}: the ice of a cold box has melted on {1}";
            case COLD -> "{0}: below {2} inside on {1}";
            case HOT -> "{0}: above {3} inside on {1}";
            case TONGUE -> "{0}: the tongue leaves its band on {1}";
            case EMPTY -> "{0} has no days";
        };
    }

    private static String detail(TripRules what) {
        return switch (what) {
            case POWER ->
                "Power, Trip shows the hours. A night with a socket in between, more panels, or less that runs.";
            case FRESH, GREY, BLACK -> "Filled up and emptied on the way, or as Water proposes.";
            case GAS, FUEL -> "Filled up on the way, or a larger store.";
            case FOOD -> "Provisions last the nights of the brief; bought on the way, or more at the start.";
            case ICE -> "Bought on the way, or more at the start: Air, Cooling.";
            case COLD -> "The heater is too weak, has nothing to burn, or there is none: Air, Warmth.";
            case HOT -> "Shade, a fan, a white roof: Air, Cooling.";
            case TONGUE -> "On the road, with the tanks as they are then: Balance, Trip.";
            case EMPTY -> "Add one.";
        };
    }

    private static Stream<Remedy> remedies(Known known, TripRules rule, Finding finding) {
        Design d = known.design();
        Rehearsals r = known.of(DISCIPLINE);
        if (r.all.isEmpty()) {
            return Stream.empty();
        }
        Rehearsal first = r.all.getFirst();
        Optional<Rehearsal.Stop> stop = first.stops().stream().filter(s -> s.what() == rule).findFirst();
        int day = stop.map(s -> (int) Math.floor(s.day() - 1e-9)).orElse(0);
        return switch (rule) {
            case FRESH -> own(d, first.outing(), every(day), x -> x.withFills(true).withEmpties(true),
                    Sentence.counted(every(day), "Filled up and emptied every day",
                            "Filled up and emptied every {0} days"));
            case GAS, FUEL, FOOD, ICE -> own(d, first.outing(), every(day), x -> x.withFills(true),
                    Sentence.counted(every(day), "Filled up every day", "Filled up every {0} days"));
            case GREY, BLACK -> own(d, first.outing(), every(day), x -> x.withEmpties(true),
                    Sentence.counted(every(day), "Emptied every day", "Emptied every {0} days"));
            case POWER -> own(d, first.outing(), every(day), x -> x.withSite(OutingDay.Site.SOCKET),
                    Sentence.counted(every(day), "A socket every night", "A night with a socket every {0} days"));
            case EMPTY -> Stream.of(new Remedy(Sentence.of("The days of the brief"), new Edit("Days of a trip",
                    x -> with(x, first.outing().withDays(Outings.usual(x).days())))));
            case COLD, HOT, TONGUE -> Stream.empty();
        };
    }

    private static int every(int day) {
        return Math.max(1, day);
    }

    /// The judged trip with every n-th day changed; one that ships becomes the user's own.
    private static Stream<Remedy> own(Design d, Outing o, int n, java.util.function.UnaryOperator<OutingDay> change,
            Sentence says) {
        List<OutingDay> days = new ArrayList<>();
        for (int i = 0; i < o.days().size(); i++) {
            days.add(i > 0 && i % n == 0 ? change.apply(o.days().get(i)) : o.days().get(i));
        }
        boolean ships = d.outings().stream().noneMatch(x -> x.id().equals(o.id()));
        Outing next = new Outing(ships ? free(d) : o.id(), ships ? "My trip" : o.name(), days);
        return Stream.of(new Remedy(says, new Edit("Plan the trip", x -> with(x, next))));
    }

    /// A design with a trip in place of the one of its id, or first of all.
    public static Design with(Design d, Outing o) {
        List<Outing> next = new ArrayList<>(d.outings());
        int at = -1;
        for (int i = 0; i < next.size(); i++) {
            at = next.get(i).id().equals(o.id()) ? i : at;
        }
        if (at >= 0) {
            next.set(at, o);
        } else {
            next.addFirst(o);
        }
        return d.withOutings(next);
    }

    /// An id that no trip has yet.
    public static String free(Design d) {
        int n = 1;
        while (true) {
            String id = "trip-" + n;
            if (d.outings().stream().noneMatch(o -> o.id().equals(id))) {
                return id;
            }
            n++;
        }
    }
}
