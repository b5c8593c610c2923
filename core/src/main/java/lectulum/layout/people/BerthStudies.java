package lectulum.layout.people;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Each bed as a place to live in: who sleeps on it with how much to spare, and what a hand finds from the pillow.
public final class BerthStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("berths", "At each bed", Stage.LAYOUT,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(People.DISCIPLINE)))
            .checking(BerthRules.class, BerthRemedies::of);

    private static final String SOURCE = "distance from the pillow, at night; see docs/method/living.md";

    private BerthStudies() {
    }

    /// What somebody in bed wants to hand.
    enum Fitting {
        LIGHT("light", "a light"), SOCKET("socket", "a socket"), PLACE("pocket or shelf",
                "a pocket or a shelf"),
        HOOK("hook", "a hook");

        private final String label;
        private final String one;

        Fitting(String label, String one) {
            this.label = label;
            this.one = one;
        }

        String one() {
            return one;
        }

        /// Whether a thing serves as this.
        boolean is(Thing t) {
            return switch (this) {
                case LIGHT -> t.feature(Electric.Lamp.class).filter(l -> l.zone() != Electric.Zone.OUTSIDE
                        && l.zone() != Electric.Zone.STORE).isPresent();
                case SOCKET -> t.has(Electric.Outlet.class);
                case PLACE -> t.has(Feature.Store.class) && !t.has(Feature.Bed.class) && !t.has(Aired.ColdStore.class);
                case HOOK -> t.symbol().equals("hook");
            };
        }

        /// How far it may be \[m\]: what is plugged in has a cable.
        double reach(Design d) {
            return Assumed.value(d, this == SOCKET ? Assumption.BERTH_CABLE : Assumption.REACH_HAND);
        }
    }

    /// The nearest of its kind, and how far that is \[m\].
    record Found(Thing thing, double away) {
    }

    /// What is within reach of a pillow.
    static Map<Fitting, Found> within(Design d, Pillow pillow) {
        Map<Fitting, Found> found = new EnumMap<>(Fitting.class);
        for (Fitting f : Fitting.values()) {
            nearest(d, pillow, f).filter(n -> n.away <= f.reach(d) + 1e-9).ifPresent(n -> found.put(f, n));
        }
        return found;
    }

    private static Optional<Found> nearest(Design d, Pillow pillow, Fitting f) {
        return d.things().stream()
                .filter(t -> f.is(t) && t.mount() != Mount.SPREAD && t.mount() != Mount.OUTSIDE
                        && !t.at(Mode.NIGHT).away() && (f != Fitting.PLACE || above(t, pillow)))
                .map(t -> new Found(t, away(t, pillow)))
                .min(Comparator.comparingDouble(Found::away).thenComparing(n -> n.thing.id()));
    }

    /// Whether somebody need not get up to open a thing: it stands higher than the mattress.
    private static boolean above(Thing t, Pillow pillow) {
        return Solid.of(t.sizeIn(Mode.NIGHT), t.at(Mode.NIGHT)).z2() > pillow.mattress() + 1e-6;
    }

    /// From a pillow to a thing at night \[m\].
    static double away(Thing t, Pillow pillow) {
        return Solid.of(t.sizeIn(Mode.NIGHT), t.at(Mode.NIGHT)).distanceTo(pillow.point());
    }

    private static List<Study> of(Design d, People people) {
        Study.Notebook beds = new Study.Notebook("berths", Stage.LAYOUT, "Who sleeps where", "");
        if (people.sleeping().nests().isEmpty()) {
            return List.of(beds.note("There is no bed yet. Add one on the sheet.").done());
        }
        if (d.brief().people().isEmpty()) {
            return List.of(beds.note("Nobody travels yet. Say in Brief who sleeps here.").done());
        }
        beds.listing(sleepers(d, people.sleeping()));
        return List.of(beds.done(), reach(d, Pillow.of(d, people)));
    }

    private static Listing sleepers(Design d, Sleeping sleeping) {
        Listing.Maker table = new Listing.Maker("").words("Who", "Bed").numbers("long", "wanted", "good",
                "wide for each",
                "wanted", "to sit up", "wanted");
        for (int i = 0; i < d.brief().people().size(); i++) {
            Person p = d.brief().people().get(i);
            Needs needs = new Needs(p.height());
            Optional<Sleeping.Nest> nest = sleeping.of(i);
            if (nest.isEmpty()) {
                table.row(p.name(), "no bed", "–", Amount.m(needs.lyingLeast()), Amount.m(needs.lyingGood()), "–",
                        Amount.m(needs.bedWidthLeast()), "–", Amount.m(needs.sitUp()));
                continue;
            }
            Sleeping.Nest n = nest.get();
            long shared = sleeping.where().stream().filter(sleeping.where().get(i)::equals).count();
            table.row(p.name(), n.name(), Amount.m(n.bed().length()), Amount.m(needs.lyingLeast()),
                    Amount.m(needs.lyingGood()),
                    Amount.m(n.bed().width() / shared), Amount.m(needs.bedWidthLeast()),
                    Double.isFinite(n.sit()) ? Amount.m(n.sit()) : "in a tent", Amount.m(needs.sitUp()));
        }
        return table.done();
    }

    private static Study reach(Design d, List<Pillow> pillows) {
        Study.Notebook book = new Study.Notebook("berths-reach", Stage.LAYOUT, "Within reach of each pillow", "");
        Listing.Maker table = new Listing.Maker("").words("Who", Fitting.LIGHT.label, Fitting.SOCKET.label,
                Fitting.PLACE.label, Fitting.HOOK.label);
        for (Pillow p : pillows) {
            if (p.tent()) {
                continue;
            }
            Map<Fitting, Found> found = within(d, p);
            List<Object> row = new ArrayList<>(List.of(p.name()));
            for (Fitting f : Fitting.values()) {
                row.add(found.containsKey(f)
                        ? Sentence.of("{0}, {1}", found.get(f).thing.name(), Amount.m(found.get(f).away))
                        : nearest(d, p, f).map(n -> Sentence.of("none; {0} is {1} away", n.thing.name(),
                                Amount.m(n.away))).orElse(Sentence.of("none")));
            }
            table.row(row.toArray());
            book.figure("berth." + p.person() + ".reach", "Within reach of " + p.name(), found.size(), Quantity.COUNT,
                    "of light, socket, pocket and hook, those near enough",
                    Sentence.of("a hand reaches {0}, a cable {1}", Amount.m(Fitting.LIGHT.reach(d)),
                            Amount.m(Fitting.SOCKET.reach(d))),
                    SOURCE);
            List<Fitting> missing = missing(d, p);
            if (!missing.isEmpty()) {
                book.say(BerthRules.BERTH_FITTINGS, Subject.sleeper(p.bed(), p.person()), Severity.NOTE,
                        Sentence.of("{0} has {1} of 4 things within reach of the pillow", p.name(), found.size()),
                        Sentence.of("What is wanted besides: {0}. Wires and blocks for them go in before the lining.",
                                String.join(", ", missing.stream().map(Fitting::one).toList())),
                        List.of(p.bed()));
            }
        }
        return book.listing(table.done())
                .note("Everybody who sleeps here wants a light of their own, power for a telephone, a place for glasses"
                        + " and water, and a hook. In a tent they bring them along.")
                .done();
    }

    /// What is wanted and not within reach.
    static List<Fitting> missing(Design d, Pillow pillow) {
        Map<Fitting, Found> found = within(d, pillow);
        return Arrays.stream(Fitting.values()).filter(f -> !found.containsKey(f)).toList();
    }
}
