package lectulum.water;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.flow.Hose;
import lectulum.units.Quantity;

/// Hoses: the room that each takes when it is stowed, and how far the one for waste water leads to a drain.
public final class HoseStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("water-hoses", "Hoses", Stage.WATER,
            in -> of(in.seeing(t -> outlet(t) ? Sight.PLACED : Sight.UNPLACED, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS)))
            .checking(HoseRules.class, HoseStudies::remedies);
    /// A box is as large as it is said within this \[m\].
    private static final double EXACT = 0.002;
    /// Lengths that are sold \[m\] (assumed).
    private static final double[] SOLD = {1.5, 3, 4.5, 6, 7.5, 10};
    private static final double ROUNDED = 0.01;
    private static final String SOURCE = "geometry; see docs/method/water.md";

    private HoseStudies() {
    }

    /// Whether waste water runs out of it through a hose.
    private static boolean outlet(Thing t) {
        return t.has(Plumbed.Vessel.class) && t.tank().filter(k -> k.use() == Tank.Use.GREY
                || k.use() == Tank.Use.BLACK).isPresent() && !t.place().away();
    }

    /// The lowest of what waste water runs out of, above the ground \[m\].
    private record Outlet(Thing tank, double height) {
        static Optional<Outlet> of(Design d) {
            return d.things().stream().filter(HoseStudies::outlet)
                    .map(t -> new Outlet(t, d.base().floorHeight() + t.place().z()))
                    .min(Comparator.comparingDouble(Outlet::height));
        }
    }

    private static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("water-hoses", Stage.WATER, "Hoses", "");
        List<Thing> hoses = d.things().stream().filter(t -> t.has(Plumbed.Hose.class)).toList();
        Optional<Outlet> outlet = Outlet.of(d);
        if (hoses.isEmpty()) {
            book.note("No hose is aboard. Add one from the list of things.");
        } else {
            Listing.Maker table = new Listing.Maker("").words("Hose", "For").numbers("long", "inside", "stowed long",
                    "across", "high");
            hoses.forEach(t -> one(d, t, outlet, table, book));
            book.listing(table.done());
        }
        if (outlet.isPresent() && hoses.stream().noneMatch(HoseStudies::waste)) {
            book.note("{0} has an outlet, and no hose leads from it to a drain.", outlet.get().tank.name());
        }
        return List
                .of(book.note("A hose that carried waste water never fills a tank, and lies apart from food, beds and"
                        + " the hose for drinking water.").done());
    }

    private static boolean waste(Thing t) {
        return hose(t).water() == Plumbed.Hose.Water.WASTE;
    }

    private static Plumbed.Hose hose(Thing t) {
        return t.feature(Plumbed.Hose.class).orElseThrow();
    }

    private static void one(Design d, Thing t, Optional<Outlet> outlet, Listing.Maker table, Study.Notebook book) {
        Plumbed.Hose h = hose(t);
        if (h.length() <= 0 || h.bore() <= 0) {
            return;
        }
        Hose.Bay bay = bay(d, t);
        String id = "hose." + t.id();
        table.row(t.name(), h.water().label(), Amount.run(h.length()), Amount.sag(h.bore()), Amount.m(bay.length()),
                Amount.m(bay.across()), Amount.m(bay.high()));
        Sentence how = Sentence.of(h.pushed() ? "{0} of {1} inside, pushed together" : "{0} of {1} inside, coiled",
                Amount.run(h.length()), Amount.sag(h.bore()));
        String rule = h.pushed() ? "part × length + ends" : "rings of a coil that does not kink";
        book.figure(id + ".bay", "Bay for " + t.name() + ", long", bay.length(), Quantity.LENGTH, rule, how, SOURCE);
        book.figure(id + ".high", "Bay for " + t.name() + ", high", bay.high(), Quantity.LENGTH,
                h.pushed() ? "outside + ends" : "layers × outside", how, SOURCE);
        if (!holds(t.size(), bay)) {
            book.say(HoseRules.BAY, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} does not go into {1} × {2} × {3}", t.name(), Amount.m(t.size().length()),
                            Amount.m(t.size().width()), Amount.m(t.size().height())),
                    Sentence.of("{0}: it takes {1} × {2} × {3}.", how, Amount.m(bay.length()), Amount.m(bay.across()),
                            Amount.m(bay.high())),
                    List.of(t.id()));
        }
        if (waste(t)) {
            outlet.ifPresent(o -> reach(d, t, o, book));
        }
    }

    private static void reach(Design d, Thing t, Outlet o, Study.Notebook book) {
        Plumbed.Hose h = hose(t);
        double fall = Assumed.value(d, Assumption.HOSE_FALL);
        double away = Assumed.value(d, Assumption.HOSE_AWAY);
        double reach = new Hose(h.length(), h.bore()).reach(o.height, fall);
        book.figure("hose." + t.id() + ".reach", t.name() + " leads away, downhill", reach, Quantity.RUN,
                "min(√(l² − h²), h / fall)", Sentence.of("{0}, from {1} above the ground, falling {2}",
                        Amount.run(h.length()), Amount.m(o.height), Amount.share(fall)),
                SOURCE);
        if (reach < away) {
            boolean low = new Hose(Double.MAX_VALUE, h.bore()).reach(o.height, fall) < away;
            book.say(HoseRules.REACH, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} leads {1} away; a drain is {2} away", t.name(), Amount.run(reach),
                            Amount.run(away)),
                    low
                            ? Sentence.of("The outlet of {0} is {1} above the ground: further away it does not run by"
                                    + " itself. Stand nearer to the drain, or carry it there.", o.tank.name(),
                                    Amount.m(o.height))
                            : Sentence.of("A longer one reaches it, or stand nearer to the drain."),
                    List.of(t.id(), o.tank.id()));
        }
    }

    /// The room that it takes; a coil lies as its box does, or as small as it may.
    private static Hose.Bay bay(Design d, Thing t) {
        Plumbed.Hose h = hose(t);
        Hose hose = new Hose(h.length(), h.bore());
        if (h.pushed()) {
            return hose.pushed(Assumed.value(d, Assumption.HOSE_PUSHED));
        }
        double[] box = sorted(t.size());
        return DoubleStream.of(box[1], box[0]).mapToObj(hose::coiled).flatMap(Optional::stream)
                .filter(b -> holds(t.size(), b)).findFirst()
                .or(() -> hose.coiled(box[1]))
                .orElseGet(() -> hose.coiled(hose.least()).orElseThrow());
    }

    private static boolean holds(Size size, Hose.Bay bay) {
        double[] box = sorted(size);
        double[] in = sorted(new Size(bay.length(), bay.across(), bay.high()));
        return IntStream.range(0, in.length).allMatch(i -> in[i] <= box[i] + EXACT);
    }

    /// Its sides, the shortest first.
    private static double[] sorted(Size s) {
        return DoubleStream.of(s.length(), s.width(), s.height()).sorted().toArray();
    }

    private static Stream<Remedy> remedies(Known known, HoseRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> about = finding.things().stream().findFirst().flatMap(d::thing)
                .filter(t -> t.has(Plumbed.Hose.class));
        return about.stream().flatMap(t -> switch (rule) {
            case BAY -> Stream.of(sized(d, t));
            case REACH -> DoubleStream.of(SOLD).filter(l -> l > hose(t).length()).mapToObj(l -> longer(d, t, l));
        });
    }

    private static Remedy sized(Design d, Thing t) {
        Size size = size(t, bay(d, t));
        return new Remedy(Sentence.of("Give it {0} × {1} × {2}", Amount.m(size.length()), Amount.m(size.width()),
                Amount.m(size.height())), new Edit("Room for " + t.name(), x -> x.mapping(t.id(), o -> o.with(size))));
    }

    /// Each side at least what is wanted, in centimetres.
    private static Size size(Thing t, Hose.Bay bay) {
        Size s = t.size();
        return new Size(up(Math.max(s.length(), bay.length())), up(Math.max(s.width(), bay.across())),
                up(Math.max(s.height(), bay.high())));
    }

    private static double up(double length) {
        return Math.ceil(length / ROUNDED - 1e-6) * ROUNDED;
    }

    /// Mass and price grow with its length.
    private static Remedy longer(Design d, Thing t, double length) {
        Plumbed.Hose h = hose(t);
        double k = length / h.length();
        Thing more = t.with(new Plumbed.Hose(h.water(), length, h.bore(), h.pushed()));
        Size size = size(more, bay(d, more));
        return new Remedy(Sentence.of("{0} of it instead of {1}", Amount.run(length), Amount.run(h.length())),
                new Edit("A longer hose", x -> x.mapping(t.id(), o -> Mend.grown(o, k)
                        .with(new Plumbed.Hose(h.water(), length, h.bore(), h.pushed())).with(size))));
    }
}
