package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
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
import lectulum.kernel.air.Openings;
import lectulum.kernel.air.Breath;
import lectulum.kernel.air.Glaser;
import lectulum.kernel.air.Vapour;
import lectulum.kernel.air.WetPanes;
import lectulum.kernel.heat.BuildUp;
import lectulum.units.Quantity;
import lectulum.weather.Outside;

/// Damp of a cold night: how full the air gets, what runs down the panes, what gathers within walls and behind furniture.
public final class DampStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-damp", "Damp", Stage.AIR,
            in -> of(in.seeing(Vents::seen, Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.ENVELOPE, Design.Part.SETTINGS), in.of(Cabin.DISCIPLINE)))
            .checking(DampRules.class, DampStudies::remedies);
    private static final double NIGHT = 8 * 3600;
    private static final double MEAL = 0.150;
    private static final double CLOTHES = 0.6 / (12 * 3600);
    private static final double BEHIND = 0.25;
    private static final double MOULD = 0.8;
    private static final double MUCH = 0.050;
    private static final double GATHERS = 0.010;
    private static final double RUNS = 0.200;
    private static final String SOURCE = "ISO 13788; see docs/method/air.md";

    private DampStudies() {
    }

    /// The night in numbers.
    private record Cold(double inside, double outside, double humid, double vapour, double own, double through) {
        static Cold of(Design d, Cabin c, double out) {
            double inside = Assumed.value(d, Assumption.AIR_NIGHT);
            double outside = Math.min(inside, out);
            double people = Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP).vapour();
            double cooked = Assumed.value(d, Assumption.AIR_COOKED) * d.brief().people().size() * MEAL / NIGHT;
            double wet = Assumed.value(d, Assumption.AIR_WET) * CLOTHES;
            return new Cold(inside, outside, Assumed.value(d, Assumption.AIR_HUMID), people + cooked + wet,
                    c.changes() * c.volume() / 3600, Vents.of(d).flow(inside, outside));
        }

        WetPanes.Settled settled(Cabin c, boolean open) {
            return Night.settled(c, inside, outside, humid, vapour, own + (open ? through : 0), true);
        }
    }

    static List<Study> of(Design d, Cabin c) {
        Study.Notebook book = new Study.Notebook("air-damp", Stage.AIR, "Damp of the coldest night", "");
        if (c.open() || !c.known()) {
            return List.of(book.note(c.open()
                    ? "There is no cabin: the body is open."
                    : "Say first what the walls are built of, under Walls.").done());
        }
        Cold n = Cold.of(d, c, Outside.coldest(d));
        WetPanes.Settled open = n.settled(c, true);
        WetPanes.Settled shut = n.settled(c, false);
        book.figure("air.damp.vapour", "Vapour given off in eight hours", n.vapour * NIGHT, Quantity.SMALL_MASS,
                "people + cooking + wet clothes", Sentence.of("{0} asleep", d.brief().people().size()), "assumed");
        book.figure("air.damp.humid", "Damp inside, vents open", open.humid(), Quantity.SHARE, "vapour in = vapour out",
                Sentence.of("{0} of air", new Amount(n.own + n.through, Quantity.AIR_FLOW)), SOURCE);
        book.figure("air.damp.shut", "The same with vents shut", shut.humid(), Quantity.SHARE, "vapour in = vapour out",
                Sentence.of("{0} of air", new Amount(n.own, Quantity.AIR_FLOW)), SOURCE);
        book.figure("air.damp.dew", "Dew point inside, vents open", open.dew(), Quantity.TEMPERATURE,
                "temperature at which the vapour is full", Sentence.of("{0} of damp", Amount.share(open.humid())),
                SOURCE);
        panes(c, n, open, shut, book);
        List<Study> all = new ArrayList<>();
        all.add(book.done());
        if (!d.brief().people().isEmpty()) {
            all.add(joint(d, c, n));
        }
        all.add(walls(d, c, n, open));
        return all;
    }

    /// Air that keeps people well and the coldest pane dry at once, and what it costs to warm.
    private static Study joint(Design d, Cabin c, Cold n) {
        Study.Notebook book = new Study.Notebook("air-joint", Stage.AIR, "Air for people and panes together", "");
        double people = new Breath(Math.max(0.1, c.volume()), Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP).breath())
                .needs(Breath.GOOD);
        WetPanes night = new WetPanes(n.inside, n.outside, n.humid, n.vapour);
        double dry = c.panes().stream()
                .mapToDouble(p -> night.dry(WetPanes.Pane.of(p.area(), p.night(), BuildUp.WALL, n.inside, n.outside)
                        .celsius(), 1))
                .max().orElse(0);
        double air = Double.isFinite(dry) ? Math.max(people, dry) : people;
        double heat = Openings.carries(air, c.altitude()) * (n.inside - n.outside);
        book.figure("air.joint.flow", "Fresh air for both", air, Quantity.AIR_FLOW, "the larger of the two",
                Sentence.of("{0} for breath, {1} for dry panes", new Amount(people, Quantity.AIR_FLOW),
                        Double.isFinite(dry) ? new Amount(dry, Quantity.AIR_FLOW) : "no amount"),
                SOURCE);
        book.figure("air.joint.heat", "Warming it takes", heat, Quantity.POWER, "ρ c Q ΔT",
                Sentence.of("{0} inside, {1} outside", new Amount(n.inside, Quantity.TEMPERATURE),
                        new Amount(n.outside, Quantity.TEMPERATURE)),
                SOURCE);
        Fires.heater(d).flatMap(t -> t.feature(Aired.RoomHeater.class)).ifPresent(h -> {
            Amount burnt = Fires.amount(h.burns(), heat * NIGHT / h.efficiency());
            book.figure("air.joint.fuel", "Burnt for it in a night", burnt.value(), burnt.quantity(),
                    "heat × 8 h / (efficiency × heating value)", Sentence.of("{0}", h.burns().label()), SOURCE);
        });
        if (!Double.isFinite(dry)) {
            book.note("No amount of air keeps the coldest pane dry: cover it, or double it.");
        }
        return book.note("Shutting vents saves that heat and costs dry walls and good air.").done();
    }

    private static void panes(Cabin c, Cold n, WetPanes.Settled open, WetPanes.Settled shut, Study.Notebook book) {
        WetPanes night = new WetPanes(n.inside, n.outside, n.humid, n.vapour);
        if (c.panes().isEmpty()) {
            book.note("No pane is known: give windows a pane on their card.");
        } else {
            Listing.Maker table = new Listing.Maker("Panes").words("Pane").numbers("inside surface",
                    "water, vents open",
                    "vents shut", "dry with air of");
            for (int i = 0; i < c.panes().size(); i++) {
                Cabin.Pane p = c.panes().get(i);
                double t = WetPanes.Pane.of(p.area(), p.night(), BuildUp.WALL, n.inside, n.outside).celsius();
                double dry = night.dry(t, 1);
                table.row(p.name(), new Amount(t, Quantity.TEMPERATURE),
                        new Amount(open.panes().get(i) * NIGHT, Quantity.SMALL_MASS),
                        new Amount(shut.panes().get(i) * NIGHT, Quantity.SMALL_MASS),
                        Double.isFinite(dry) ? new Amount(dry, Quantity.AIR_FLOW) : "no amount helps");
            }
            book.listing(table.done());
        }
        double water = open.water() * NIGHT;
        book.figure("air.damp.water", "Water on panes in a night, vents open", water, Quantity.SMALL_MASS,
                "Σ β A (v − v pane)", Sentence.of("{0} with vents shut", new Amount(shut.water() * NIGHT,
                        Quantity.SMALL_MASS)),
                SOURCE);
        if (water > MUCH) {
            book.say(DampRules.PANES, Severity.WARN,
                    Sentence.of(c.panes().isEmpty()
                            ? "{0} of water settle on cold surfaces in the coldest night"
                            : "{0} of water run down the panes in the coldest night",
                            new Amount(water, Quantity.SMALL_MASS)),
                    Sentence.of("With the vents open; shut it is {0}. Fresh air, covers inside, or double panes.",
                            new Amount(shut.water() * NIGHT, Quantity.SMALL_MASS)),
                    c.panes().stream().map(Cabin.Pane::thing).toList());
        }
    }

    /// Within walls, over studs, behind furniture.
    private static Study walls(Design d, Cabin c, Cold n, WetPanes.Settled open) {
        Study.Notebook book = new Study.Notebook("air-within", Stage.AIR, "Damp in and on the walls", "");
        double inside = open.humid() * Vapour.saturated(n.inside);
        double outside = n.humid * Vapour.saturated(n.outside);
        Listing.Maker table = new Listing.Maker("").words("Side").numbers("gathers in a night", "at",
                "over a stud", "usual night, behind furniture",
                "damp there");
        List<String> done = new ArrayList<>();
        List<String> damper = new ArrayList<>();
        double dampest = 0;
        Cold usual = Cold.of(d, c, Outside.usual(d));
        double milder = usual.settled(c, true).humid() * Vapour.saturated(usual.inside);
        for (Cabin.Face f : c.faces()) {
            if (f.build().isEmpty() || done.contains(f.side().label())) {
                continue;
            }
            done.add(f.side().label());
            BuildUp b = f.build().get();
            Glaser g = Glaser.of(b.temperatures(n.inside, n.outside, false),
                    b.layers().stream().map(l -> l.thick() * l.mu()).toList(), inside, outside);
            double gathered = g.all() * NIGHT;
            double behind = b.surface(usual.inside, usual.outside, BEHIND, false);
            double damp = Math.min(1, milder / Vapour.saturated(behind));
            double stud = b.temperatures(n.inside, n.outside, true).getFirst();
            table.row(f.side().label(), new Amount(gathered, Quantity.SMALL_MASS),
                    g.plane() > 0 ? behindLayer(d, f.side(), g.plane()) : "–",
                    b.share() > 0 ? new Amount(stud, Quantity.TEMPERATURE) : "–",
                    new Amount(behind, Quantity.TEMPERATURE), Amount.share(damp));
            double trip = gathered * d.brief().nights();
            if (gathered > GATHERS || trip > RUNS) {
                book.say(DampRules.WITHIN, Subject.part(f.side().name().toLowerCase(java.util.Locale.ROOT)),
                        trip > RUNS ? Severity.STOP : Severity.WARN,
                        Sentence.of("{0} of water a square metre gather in the {1} in a night",
                                new Amount(gathered, Quantity.SMALL_MASS), f.side().label()),
                        Sentence.of("Behind {0}, at {1}. A tight layer inside, or foam that is glued to the skin, keeps"
                                + " vapour from it; more fibre makes it worse.", behindLayer(d, f.side(), g.plane()),
                                new Amount(g.celsius(), Quantity.TEMPERATURE)),
                        List.of());
            }
            if (damp > MOULD && f.side() != Wall.Side.FLOOR) {
                damper.add(f.side().label());
                dampest = Math.max(dampest, damp);
            }
        }
        if (!damper.isEmpty()) {
            book.say(DampRules.MOULD, Severity.NOTE,
                    Sentence.of("Behind furniture and mattresses walls stay up to {0} damp in a usual cold night",
                            Amount.share(Math.rint(dampest * 100) / 100)),
                    Sentence.of(
                            "{0} outside; in {1}. Over {2} for days mould grows: a gap for air behind lockers, holes in"
                                    + " them, slats under the mattress.",
                            new Amount(usual.outside, Quantity.TEMPERATURE),
                            String.join(", ", damper), Amount.share(MOULD)));
        }
        return book.listing(table.done())
                .note("Steady, by the coldest night with vents open: a comparison of build-ups,"
                        + " not a measure of how wet they are.")
                .done();
    }

    private static String behindLayer(Design d, Wall.Side side, int plane) {
        List<Substance> layers = d.envelope().wall(side).stream().flatMap(w -> Stream.of(
                w.liningThick() > 0 ? w.lining() : Substance.NONE,
                w.insulationThick() > 0
                        ? w.insulation() == Substance.NONE ? Substance.AIR : w.insulation()
                        : Substance.NONE,
                w.skinThick() > 0 ? w.skin() : Substance.NONE)).filter(s -> s != Substance.NONE).toList();
        return plane >= 1 && plane <= layers.size() ? "the " + layers.get(plane - 1).label() : "a layer";
    }

    private static Stream<Remedy> remedies(Known known, DampRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case PANES -> Stream.concat(covers(finding), Stream.concat(vents(d), twoPanes(finding)));
            case WITHIN -> Stream.of(Wall.Side.values())
                    .filter(s -> finding.about().key().equals(s.name().toLowerCase(java.util.Locale.ROOT)))
                    .flatMap(s -> tight(d, s));
            case MOULD -> DoubleStream.of(1.5, 2).mapToObj(k -> new Remedy(
                    Sentence.of("Insulation {0} times as thick, all round", Amount.count(k)),
                    new Edit("Thicker insulation", x -> x.with(InsulationStudies.thicker(x.envelope(), k)))));
        };
    }

    private static Stream<Remedy> covers(Finding finding) {
        return Stream.of(new Remedy(Sentence.of("Covers inside all panes at night"),
                new Edit("Covers for panes", x -> changed(x, finding, g -> new Aired.Glazing(g.u(), g.gain(), true)))));
    }

    private static Stream<Remedy> twoPanes(Finding finding) {
        return Stream.of(new Remedy(Sentence.of("Double panes of acrylic"),
                new Edit("Double panes", x -> changed(x, finding,
                        g -> new Aired.Glazing(Math.min(g.u(), 2.9), Math.min(g.gain(), 0.70), g.cover())))));
    }

    private static Design changed(Design d, Finding finding, java.util.function.UnaryOperator<Aired.Glazing> change) {
        Design next = d;
        for (String id : finding.things()) {
            next = next.mapping(id, t -> t.feature(Aired.Glazing.class).map(g -> t.with(change.apply(g))).orElse(t));
        }
        return next;
    }

    /// As many low and high vents as are wanted; one pair more where there are enough.
    static Stream<Remedy> vents(Design d) {
        Design enough = Provision.vented(d);
        Design next = enough.things().size() > d.things().size()
                ? enough
                : Provision.one(d, true).flatMap(x -> Provision.one(x, false)).orElse(d);
        int placed = next.things().size() - d.things().size();
        if (placed == 0) {
            return Stream.empty();
        }
        double cost = next.things().subList(d.things().size(), next.things().size()).stream()
                .mapToDouble(t -> t.cost().planned()).sum();
        return Stream.of(new Remedy(Sentence.counted(placed, "One more vent: {1}",
                "{0} vents, low in the wall and high in the roof: {1}", Amount.money(cost)),
                new Edit("Vents low and high", x -> x.withThings(next.things()))));
    }

    private static Stream<Remedy> tight(Design d, Wall.Side side) {
        return d.envelope().wall(side).stream().flatMap(w -> Stream.of(Substance.XPS, Substance.SPRAY_FOAM)
                .filter(s -> s != w.insulation())
                .map(s -> new Remedy(Sentence.of("{0} in the {1} instead of {2}", s.label(), side.label(),
                        w.insulation().label()),
                        new Edit("Other insulation", x -> x.with(x.envelope().with(
                                x.envelope().wall(side).orElse(w).withInsulation(s)))))));
    }
}
