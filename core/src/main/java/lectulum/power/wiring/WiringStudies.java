package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Wiring;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.electric.Bundle;
import lectulum.kernel.electric.CutOut;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.units.Quantity;

/// The harness as tables and drawings: fuses and shorts, panel schedule and cut-out, shopping list and schools of sizing.
public final class WiringStudies {
    public static final Discipline<Studies> PROTECTION = studies("power-fuses", "Fuses and shorts",
            WiringStudies::protection);
    public static final Discipline<Studies> DRAWINGS = studies("power-draw", "Panel schedule and cut-out",
            WiringStudies::drawings);
    public static final Discipline<Studies> BUYING = studies("power-buy", "What is bought", WiringStudies::buying);

    private static final String CAUTION = "Disconnect the negative lead first; cover tools; a lithium bank can weld. Fit"
            + " the fuse last. Test polarity before anything is plugged in. This is an aid, not an approval.";
    private static final double CLEARS_SLOWLY = 5;
    private static final double CLEARS = 0.5;

    private WiringStudies() {
    }

    private interface Of {
        List<Study> studies(Design d, Wired w);
    }

    private static Discipline<Studies> studies(String id, String name, Of of) {
        return Studies.discipline(id, name, Stage.POWER, in -> of.studies(in.seeing(Wired::seen, Design.Part.BRIEF,
                Design.Part.THINGS, Design.Part.SETTINGS, Design.Part.WIRING, Design.Part.BASE),
                in.of(Wired.DISCIPLINE)));
    }

    private static Amount amps(double a) {
        return new Amount(a, Quantity.CURRENT);
    }

    private static Amount volts(double v) {
        return new Amount(v, Quantity.VOLTAGE);
    }

    private static List<Study> protection(Design d, Wired w) {
        Study.Notebook book = new Study.Notebook("power-fuses", Stage.POWER, "Fuses and shorts", "");
        if (w.harness().start().isEmpty()) {
            return List.of(book.note("There is no battery to protect wires from.").done());
        }
        Listing.Maker fuses = new Listing.Maker("").words("Line", "fuse", "wire")
                .numbers("wire is good for", "short at the fuse", "short at the end", "× fuse", "wire stands it");
        for (Run r : w.harness().runs()) {
            if (r.choice().isEmpty() || Double.isNaN(r.atEnd())) {
                continue;
            }
            WireChoice c = r.choice().get();
            double stands = Wire.withstands(c.wire().area(), r.atEnd());
            double times = r.atEnd() / c.fuse();
            Sentence holds = Sentence.of(
                    stands < (times >= 3.5 ? CLEARS : CLEARS_SLOWLY) ? "{0} s: too short" : "{0} s",
                    Amount.count(Math.min(999, Math.rint(10 * stands) / 10)));
            fuses.row(r.name(), r.kind() == Run.Kind.MAIN && d.wiring().unfused()
                    ? "none"
                    : Sentence.of("{0} {1}", amps(c.fuse()),
                            r.family().map(Fault.Family::name).orElse("(none breaks it)")),
                    c.wire().name(), amps(c.allowed()),
                    amps(Math.rint(r.atFuse())), amps(Math.rint(r.atEnd())),
                    Amount.count(Math.rint(10 * times) / 10), holds);
        }
        book.listing(fuses.done());
        List<String> before = w.harness().of(Run.Kind.CIRCUIT).stream().filter(Run::before).map(Run::name).toList();
        book.note(before.isEmpty()
                ? Sentence.of("Nothing goes off before the main switch.")
                : Sentence.of("Before the main switch, each with a fuse of its own: {0}.", String.join(", ", before)));
        book.note(
                "A short is reckoned with half the resistance of the bank at the fuse, since new and warm cells have less,"
                        + " and with all of it at the far end. Fuses behind a main fuse that breaks the bank need only stand what"
                        + " that lets through.");
        if (!w.harness().of(Run.Kind.VEHICLE).isEmpty()) {
            book.note("The charge line has a battery at both ends: one fuse at each, within {0} of it.",
                    Amount.m(0.178));
        }
        book.note("Bond the negative bus to the chassis in one place only, and return everything through the shunt.");
        return List.of(book.caution(CAUTION).done());
    }

    private static List<Study> drawings(Design d, Wired w) {
        Study.Notebook schedule = new Study.Notebook("power-schedule", Stage.POWER, "Panel schedule", "");
        if (w.harness().of(Run.Kind.CIRCUIT).isEmpty()) {
            return List
                    .of(schedule.note("There is no circuit yet. Add a battery and something that draws power.").done());
        }
        schedule.listing(schedule(d, w, false));
        schedule.note("Label both ends of each wire with number, name and fuse.");
        Study.Notebook panel = new Study.Notebook("power-cutout", Stage.POWER, "Switch panel, cut-out", "");
        SwitchPanel switches = SwitchPanel.of(d, w.harness());
        switches.cut().ifPresentOrElse(c -> {
            panel.sketch(cutOut(switches, c));
            Listing.Maker centres = new Listing.Maker("Centres from the top left corner").words("Part")
                    .numbers("across", "down", "sawn");
            for (CutOut.Placed p : c.placed()) {
                SwitchPanel.Hole hole = SwitchPanel.hole(p.bezel());
                centres.row(p.bezel().name(), mm(p.x()), mm(p.y()), hole.bore() > 0
                        ? Sentence.of("bore {0}", mm(hole.bore()))
                        : Sentence.of("{0} × {1}", mm(hole.width()), mm(hole.height())));
            }
            panel.listing(centres.done());
            panel.figure("power.panel.height", "Height of the panel", c.height() / 1000, Quantity.LENGTH,
                    "Σ rows + gaps + margins", Sentence.of("width {0}", mm(switches.width())), "bezels, assumed");
            panel.figure("power.panel.depth", "Free depth behind it", switches.depth() / 1000, Quantity.LENGTH,
                    "deepest part + bend of the wires", Sentence.of("and a door or hinge to get behind it"),
                    "bezels, assumed");
        }, () -> panel.note("A part is wider than the panel: make it wider."));
        panel.note(
                "Hang the panel on a hinge or screw it on, so that it opens from behind. Mains has a box of its own.");
        List<Study> all = new ArrayList<>(List.of(schedule.done(), panel.caution(CAUTION).done()));
        if (!d.wiring().raceways().isEmpty()) {
            all.add(raceways(d, w));
        }
        return all;
    }

    /// How thick the bundle in each is, how full it is, and the hole that it wants.
    private static Study raceways(Design d, Wired w) {
        Study.Notebook book = new Study.Notebook("power-raceways", Stage.POWER, "Raceways and their holes", "");
        Listing.Maker table = new Listing.Maker("").words("Raceway").numbers("long", "wires", "bundle", "fills",
                "of at most",
                "holes", "bore for the grommet");
        int empty = 0;
        for (Raceway r : d.wiring().raceways()) {
            List<Wire> wires = w.harness().along(r.id());
            if (wires.isEmpty()) {
                empty++;
                continue;
            }
            Bundle b = Bundle.of(wires, r.area());
            table.row(r.name(), Amount.m(r.from().to(r.to())), wires.size(), mm(Math.rint(b.diameter())),
                    Amount.share(b.fill()),
                    Amount.share(b.limit()), r.bores(), mm(Math.ceil(b.bore())));
        }
        if (empty < d.wiring().raceways().size()) {
            book.listing(table.done());
        }
        if (empty > 0) {
            book.note(Sentence.counted(empty, "One raceway is empty.", "{0} raceways are empty."));
        }
        return book.note(
                "A hole is a quarter wider than the bundle, its edge in a grommet; wires go through before their ends"
                        + " are crimped. Mains never lies in the same raceway without a wall between.")
                .done();
    }

    private static Amount mm(double of) {
        return Amount.m(of / 1000);
    }

    /// What hangs on which fuse, to be printed beside the panel.
    ///
    /// @param paper whether there is room for parts lost and for what is measured on the day of the test
    public static Listing schedule(Design d, Wired w, boolean paper) {
        Listing.Maker table = new Listing.Maker("").numbers("No.").words("Name", "Devices").numbers("draws", "fuse")
                .words("wire").numbers("loop", "loses", "worst at a device");
        if (paper) {
            table.numbers("of the volts").words("place", "measured A", "measured V");
        }
        for (Run r : w.harness().of(Run.Kind.CIRCUIT)) {
            double worst = r.things().stream().flatMap(t -> served(w, t).stream())
                    .flatMap(t -> w.volts().at(t).stream()).mapToDouble(Volts.AtDevice::volts).min()
                    .orElse(Double.NaN);
            List<Object> row = new ArrayList<>(List.of(r.number(), r.name(), String.join(", ", r.things().stream()
                    .map(id -> d.thing(id).map(Thing::name).orElse(id)).toList()), amps(r.amps()),
                    r.choice().<Object>map(c -> amps(c.fuse())).orElse("–"),
                    r.wire().map(Wire::name).orElse("none fits"), Amount.run(r.loop()),
                    r.choice().<Object>map(c -> volts(c.drop())).orElse("–"), volts(worst)));
            if (paper) {
                row.add(r.choice().<Object>map(c -> Amount.share(c.part())).orElse("–"));
                row.add(d.thing(r.from()).map(Thing::name).orElse("bus"));
                row.add("");
                row.add("");
            }
            table.row(row.toArray());
        }
        return table.done();
    }

    /// What is fed at the end of a wire: the thing there and what is plugged into it.
    private static List<String> served(Wired w, String at) {
        List<String> all = new ArrayList<>(w.harness().plugged().entrySet().stream()
                .filter(e -> e.getValue().equals(at)).map(Map.Entry::getKey).sorted().toList());
        all.add(at);
        return all;
    }

    private static Sketch cutOut(SwitchPanel panel, CutOut c) {
        Sketch.Board board = new Sketch.Board("Panel from the front; thick lines are sawn");
        double h = c.height() / 1000;
        board.box(Sketch.Pen.AREA, 0, 0, panel.width() / 1000, h);
        for (CutOut.Placed p : c.placed()) {
            double x = p.x() / 1000;
            double y = h - p.y() / 1000;
            double w = p.bezel().width() / 2000;
            double t = p.bezel().height() / 2000;
            board.path(Sketch.Pen.DASHED,
                    new double[][]{{x - w, y - t}, {x + w, y - t}, {x + w, y + t}, {x - w, y + t}},
                    true, Sentence.of("{0}", p.bezel().name()));
            SwitchPanel.Hole hole = SwitchPanel.hole(p.bezel());
            if (hole.bore() > 0) {
                board.circle(Sketch.Pen.MAIN, x, y, hole.bore() / 2000);
            } else {
                board.box(Sketch.Pen.MAIN, x - hole.width() / 2000, y - hole.height() / 2000, x + hole.width() / 2000,
                        y + hole.height() / 2000);
            }
        }
        board.dimension(0, -0.012, panel.width() / 1000, -0.012, Sentence.of("{0}", mm(panel.width())));
        board.dimension(-0.012, 0, -0.012, h, Sentence.of("{0}", mm(c.height())));
        return board.done();
    }

    private static List<Study> buying(Design d, Wired w) {
        Study.Notebook book = new Study.Notebook("power-buy", Stage.POWER, "Shopping list", "");
        if (w.takeOff().items().isEmpty()) {
            return List.of(book.note("There is nothing to wire yet.").done());
        }
        book.figure("power.buy.cost", "All of it", w.takeOff().cost(), Quantity.MONEY, "Σ", Sentence.of(
                "{0} without wire: small parts cost as much as wire does", Amount.money(w.takeOff().smallParts())),
                "prices assumed");
        book.figure("power.buy.mass", "It weighs", w.takeOff().mass(), Quantity.MASS, "Σ",
                Sentence.of("copper {0}", Amount.kg(w.takeOff().copper())), "copper and insulation by area");
        book.figure("power.buy.place", "Its middle, behind the front of the body", w.takeOff().centre().x(),
                Quantity.LENGTH, "Σ m x / Σ m", Sentence.of("each wire along its way"), "geometry");
        book.listing(list(w.takeOff()));
        Study.Notebook schools = new Study.Notebook("power-buy-schools", Stage.POWER, "The same by other schools", "");
        Listing.Maker table = new Listing.Maker("").words("Sized by").numbers("copper", "weighs", "costs",
                "lowest at a device", "wires turn to heat");
        school(table, d, "3 % where it matters, else 10 %", x -> x.withSchool(Wiring.School.BY_CLASS).withLarger(0));
        school(table, d, "3 % everywhere", x -> x.withSchool(Wiring.School.ALL_SMALL).withLarger(0));
        school(table, d, "two sizes larger than needed", x -> x.withSchool(Wiring.School.BY_CLASS).withLarger(2));
        school(table, d, "insulation of 75 °C", x -> x.withSchool(Wiring.School.BY_CLASS).withLarger(0).withHot(true));
        schools.listing(table.done());
        return List.of(book.done(), schools.done());
    }

    private static void school(Listing.Maker table, Design d, String name,
            java.util.function.UnaryOperator<Wiring> change) {
        Design other = d.with(change.apply(d.wiring()));
        Harness h = Harness.of(other);
        Volts v = Volts.of(other, h);
        TakeOff t = TakeOff.of(other, h);
        double lowest = v.worst().values().stream().mapToDouble(Volts.AtDevice::volts).min().orElse(Double.NaN);
        table.row(name, Amount.kg(t.copper()), Amount.kg(t.mass()), Amount.money(t.cost()), volts(lowest),
                Amount.watt(v.lost()));
    }

    /// What is bought, as a table.
    public static Listing list(TakeOff t) {
        Listing.Maker table = new Listing.Maker("").words("", "Part").numbers("needed").words("buy")
                .numbers("weighs", "costs").words("for");
        String last = "";
        for (TakeOff.Item i : t.items()) {
            String group = i.group().label();
            table.row(group.equals(last) ? "" : group, i.name(),
                    i.length() ? Amount.run(i.count()) : Amount.count(i.count()), i.buy(), Amount.kg(i.mass()),
                    Amount.money(i.cost()), i.use());
            last = group;
        }
        return table.done();
    }

    /// Names of the sizes that one may choose from by hand, thinnest first.
    public static List<String> sizes(Design d) {
        return Harness.sizes(d).stream().map(Wire::name).toList();
    }
}
