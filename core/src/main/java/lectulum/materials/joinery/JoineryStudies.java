package lectulum.materials.joinery;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Joined;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Thing;
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
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.joinery.Cabinet;
import lectulum.kernel.profile.Bending;
import lectulum.units.Quantity;

/// Furniture that the builder makes: its boards, doors and drawers, what it weighs, and where its hinges are bored.
public final class JoineryStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-cabinets", "Furniture",
            Stage.MATERIALS, in -> of(in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS)))
            .checking(JoineryRules.class, JoineryStudies::remedies);
    /// What the ids of single pieces begin with.
    public static final String ONE = "mat-cabinet-";
    private static final String SOURCE = "board by board; see docs/method/materials.md";
    private static final double LEAST = 1;
    private static final double PART = 0.15;
    private static final double WOOD_SHARE = 0.08;
    private static final double CUP = 0.0175;
    private static final double CUP_IN = 0.0225;

    private JoineryStudies() {
    }

    static List<Study> of(Design d) {
        List<Furniture> all = Furniture.of(d);
        Study.Notebook book = new Study.Notebook("mat-cabinets", Stage.MATERIALS, "Furniture of boards", "");
        if (all.isEmpty()) {
            return List
                    .of(book.note("No thing is built of boards yet: select one on the sheet, and say on its card under"
                            + " “What it does” what boards it is built of.").done());
        }
        List<Furniture> made = all.stream().filter(f -> !f.cabinet().boards().isEmpty()).toList();
        Sentence numbers = Sentence.counted(made.size(), "one piece of furniture", "{0} pieces of furniture");
        book.figure("built.mass", "They weigh", made.stream().mapToDouble(Furniture::mass).sum(), Quantity.MASS,
                "Σ area × thickness × density, and fittings", numbers, SOURCE);
        book.figure("built.cost", "and cost about", made.stream().mapToDouble(Furniture::price).sum(), Quantity.MONEY,
                "Σ boards and fittings", numbers, "assumed prices");
        book.figure("built.area", "Boards", made.stream().flatMap(f -> f.cabinet().boards().stream())
                .mapToDouble(Cabinet.Board::area).sum(), Quantity.AREA, "Σ area", numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Piece", "Built as", "Joints").numbers("boards", "mass",
                "put down as", "about");
        for (Furniture f : made) {
            table.row(f.thing().name(), f.built().form().label(), f.built().joint().label(),
                    f.cabinet().boards().size(), Amount.kg(f.mass()), Amount.kg(f.thing().mass().value()),
                    Amount.money(f.price()));
        }
        table.row("all", "–", "–", made.stream().mapToInt(f -> f.cabinet().boards().size()).sum(),
                Amount.kg(made.stream().mapToDouble(Furniture::mass).sum()),
                Amount.kg(made.stream().mapToDouble(f -> f.thing().mass().value()).sum()),
                Amount.money(made.stream().mapToDouble(Furniture::price).sum()));
        book.listing(table.done()).listing(fittings(made));
        all.forEach(f -> check(f, book));
        List<Study> studies = new ArrayList<>(List.of(book
                .note("The sheet weighs what is put down for a thing; a remedy takes what its boards come to.")
                .done()));
        made.forEach(f -> studies.add(one(d, f)));
        return studies;
    }

    private static Listing fittings(List<Furniture> made) {
        Map<String, double[]> sums = new LinkedHashMap<>();
        made.stream().flatMap(f -> f.parts().stream()).filter(p -> !p.what().equals("boards")).forEach(p -> {
            double[] sum = sums.computeIfAbsent(p.what(), k -> new double[4]);
            sum[0] += p.count();
            sum[1] += p.length();
            sum[2] += p.mass();
            sum[3] += p.price();
        });
        Listing.Maker table = new Listing.Maker("Fittings").words("What").numbers("how many", "end to end", "mass",
                "about");
        sums.forEach((what, sum) -> table.row(Character.toUpperCase(what.charAt(0)) + what.substring(1),
                counted(what) ? Sentence.of("{0}", (int) Math.round(sum[0])) : "–",
                sum[1] > 0 ? Amount.run(sum[1]) : "–", sum[2] > 0 ? new Amount(sum[2], Quantity.SMALL_MASS) : "–",
                sum[3] > 0 ? Amount.money(sum[3]) : "–"));
        return table.done();
    }

    private static boolean counted(String what) {
        return !what.equals("glue") && !what.equals("edge banding");
    }

    private static void check(Furniture f, Study.Notebook book) {
        Thing t = f.thing();
        List<String> about = List.of(t.id());
        if (f.cabinet().boards().isEmpty()) {
            book.say(JoineryRules.ROOM, Subject.part(t.id()), Severity.WARN,
                    Sentence.of("{0} cannot be built of boards of {1}", t.name(), Amount.sag(f.built().thick())),
                    Sentence.of("It is {0} × {1} × {2}: its boards leave no room within.",
                            Amount.m(t.size().length()), Amount.m(t.size().width()), Amount.m(t.size().height())),
                    about);
            return;
        }
        long without = f.cabinet().drawers().stream().filter(x -> x.runner() == 0).count();
        if (without > 0) {
            book.say(JoineryRules.RUNNER, Subject.part(t.id()), Severity.WARN,
                    Sentence.of("Drawers of {0} are too short for runners", t.name()),
                    Sentence.of("The shortest runners are {0}. Shelves, or more depth.", Amount.m(0.25)), about);
        }
        double is = t.mass().value();
        if (t.mass().source() != MassSource.WEIGHED && t.mass().source() != MassSource.RECONCILED
                && Math.abs(is - f.mass()) > Math.max(LEAST, PART * f.mass())) {
            book.say(JoineryRules.MASS, Subject.part(t.id()), Severity.NOTE,
                    Sentence.of("{0} is put down as {1}; its boards come to {2}", t.name(), Amount.kg(is),
                            Amount.kg(f.mass())),
                    Sentence.counted(f.cabinet().boards().size(),
                            "A board of {1} and fittings; material for about {2}.",
                            "{0} boards of {1} and fittings; material for about {2}.", Amount.sag(f.built().thick()),
                            Amount.money(f.price())),
                    about);
        }
    }

    private static Study one(Design d, Furniture f) {
        Thing t = f.thing();
        Cabinet c = f.cabinet();
        Study.Notebook book = new Study.Notebook(ONE + t.id(), Stage.MATERIALS, t.name(), t.id());
        Sentence numbers = Sentence.of("{0} boards", c.boards().size());
        book.figure("built." + t.id() + ".mass", "It weighs", f.mass(), Quantity.MASS,
                "Σ area × thickness × density, and fittings", numbers, SOURCE);
        book.figure("built." + t.id() + ".cost", "Material for about", f.price(), Quantity.MONEY,
                "Σ boards and fittings", numbers, "assumed prices");
        double[] m = f.middle();
        book.figure("built." + t.id() + ".middle", "Middle of its boards behind the front", m[0], Quantity.LENGTH,
                "Σ volume × place / Σ volume", Sentence.of("{0} right of the middle, {1} above the floor",
                        Amount.m(m[1]), Amount.m(m[2])),
                SOURCE);
        Map<String, Integer> same = new LinkedHashMap<>();
        Map<String, Cabinet.Board> first = new LinkedHashMap<>();
        for (Cabinet.Board b : c.boards()) {
            String key = b.what() + " " + Math.round(b.length() * 1e4) + " " + Math.round(b.wide() * 1e4) + " "
                    + b.thick();
            same.merge(key, 1, Integer::sum);
            first.putIfAbsent(key, b);
        }
        Listing.Maker table = new Listing.Maker("Boards").words("Board").numbers("long", "wide", "thick",
                "banded", "how many");
        first.forEach((key, b) -> table.row(name(b), Amount.m(b.length()), Amount.m(b.wide()), Amount.sag(b.thick()),
                b.banded() > 0 ? Amount.m(b.banded()) : "–", same.get(key)));
        f.slats().forEach(s -> table.row(s.what(), Amount.m(s.length()), Amount.m(s.wide()), Amount.sag(s.thick()),
                "–", s.count()));
        c.bars().stream().collect(Collectors.groupingBy(Cabinet.Bar::what, LinkedHashMap::new, Collectors.toList()))
                .forEach((what, bars) -> table.row(what + " of strut channel", Amount.m(bars.getFirst().length()),
                        Amount.sag(Cabinet.STRUT), Amount.sag(Cabinet.STRUT), "–", bars.size()));
        book.listing(table.done());
        book.sketch(front(f));
        shaped(c).ifPresent(book::sketch);
        holes(f).ifPresent(book::listing);
        for (Cabinet.Board b : c.boards()) {
            if (b.bent()) {
                bend(d, b, book);
            }
        }
        return book.done();
    }

    private static String name(Cabinet.Board b) {
        return b.outline().isEmpty() ? b.what() : b.what() + ", cut to the roof";
    }

    private static void bend(Design d, Cabinet.Board b, Study.Notebook book) {
        double radius = b.length() / b.turn();
        double least = Bending.leastRadius(b.thick(), true);
        if (radius >= least) {
            book.note("The bent board turns by {0} on a mean radius of {1}; it bends by itself down to {2}.",
                    new Amount(b.turn(), Quantity.ANGLE), Amount.m(radius), Amount.m(least));
            return;
        }
        Optional<Bending.Kerfs> kerfs = Bending.kerfs(b.turn(), b.thick(), Assumed.value(d, Assumption.JOINT_SKIN),
                Assumed.value(d, Assumption.CUT_SAW), radius);
        kerfs.ifPresentOrElse(
                k -> book.note(
                        "The bent board turns by {0} on a mean radius of {1}, too tight for {2}: {3} saw cuts inside,"
                                + " {4} apart, {5} left uncut. Try it on an offcut.",
                        new Amount(b.turn(), Quantity.ANGLE),
                        Amount.m(radius), Amount.sag(b.thick()), k.count(), Amount.sag(k.spacing()),
                        Amount.sag(Assumed.value(d, Assumption.JOINT_SKIN))),
                () -> book.note(
                        "The bent board turns by {0} on a mean radius of {1}: thinner layers glued over a form.",
                        new Amount(b.turn(), Quantity.ANGLE), Amount.m(radius)));
    }

    /// As it is seen from its front, with the cups of its hinges.
    private static Sketch front(Furniture f) {
        Cabinet c = f.cabinet();
        Sketch.Board board = new Sketch.Board("From its front");
        for (Cabinet.Board b : c.boards()) {
            boolean seen = !b.what().startsWith("drawer ") && !b.what().equals("back") && !b.what().equals("door");
            if (seen) {
                board.box(Sketch.Pen.SOLID, b.box()[0], b.box()[2], b.box()[3], b.box()[5]);
            }
        }
        int n = 0;
        c.bars().forEach(b -> board.box(Sketch.Pen.SOLID, b.box()[0], b.box()[2], b.box()[3], b.box()[5]));
        for (Cabinet.Drawer x : c.drawers()) {
            board.box(Sketch.Pen.AREA, x.u(), x.w(), x.u() + x.wide(), x.w() + x.high());
            board.name(x.u() + x.wide() / 2, x.w() + x.high() / 2, Sentence.of("{0}", ++n));
        }
        for (Cabinet.Leaf l : c.leaves()) {
            board.box(Sketch.Pen.AREA, l.u(), l.w(), l.u() + l.wide(), l.w() + l.high());
            board.name(l.u() + l.wide() / 2, l.w() + l.high() / 2, Sentence.of("{0}", ++n));
            double at = l.left() ? l.u() + CUP_IN : l.u() + l.wide() - CUP_IN;
            for (double w : Cabinet.cups(l.high(), hinges(f, l))) {
                board.circle(Sketch.Pen.MAIN, at, l.w() + w, CUP);
            }
        }
        double below = -0.12 * Math.max(c.width(), c.height());
        board.dimension(0, below / 2, c.width(), below / 2, Sentence.of("{0}", Amount.m(c.width())));
        double tall = Math.max(c.boards().stream().mapToDouble(b -> b.box()[5]).max().orElse(0),
                c.bars().stream().mapToDouble(b -> b.box()[5]).max().orElse(0));
        board.dimension(below, 0, below, tall, Sentence.of("{0}", Amount.m(tall)));
        return board.done();
    }

    private static int hinges(Furniture f, Cabinet.Leaf l) {
        double boards = f.part("boards").map(Furniture.Part::mass).orElse(0.0) / Math.max(1e-9, f.cabinet().volume());
        return Cabinet.hinges(l.high(), l.high() * l.wide() * f.built().thick() * boards);
    }

    /// Boards that are no rectangles, one of each.
    private static Optional<Sketch> shaped(Cabinet c) {
        Sketch.Board board = new Sketch.Board("Boards that are cut to the roof");
        double x = 0;
        boolean any = false;
        List<String> done = new ArrayList<>();
        for (Cabinet.Board b : c.boards()) {
            if (!b.outline().isEmpty() && !done.contains(b.what())) {
                done.add(b.what());
                double from = b.outline().stream().mapToDouble(p -> p[0]).min().orElse(0);
                double to = b.outline().stream().mapToDouble(p -> p[0]).max().orElse(0);
                double at = x - from;
                board.area(Sketch.Pen.AREA, b.outline().stream().map(p -> new double[]{p[0] + at, p[1]})
                        .toArray(double[][]::new));
                board.name(x + (to - from) / 2, -0.05, Sentence.of("{0}", b.what()));
                x += to - from + 0.15;
                any = true;
            }
        }
        return any ? Optional.of(board.done()) : Optional.empty();
    }

    /// Drawers and doors by their numbers on the drawing, with the holes of their hinges.
    private static Optional<Listing> holes(Furniture f) {
        Cabinet c = f.cabinet();
        if (c.leaves().isEmpty() && c.drawers().isEmpty()) {
            return Optional.empty();
        }
        Listing.Maker table = new Listing.Maker("Fronts, and holes of 35 mm for hinges").words("Front", "Hinged")
                .numbers(
                        "wide", "high", "middle from its edge", "above its lower edge");
        int n = 0;
        for (Cabinet.Drawer x : c.drawers()) {
            table.row(Sentence.of("{0}", ++n), x.runner() > 0
                    ? Sentence.of("drawer on runners of {0}", Amount.m(x.runner()))
                    : "drawer, too short for runners", Amount.m(x.wide()), Amount.m(x.high()), "–", "–");
        }
        for (Cabinet.Leaf l : c.leaves()) {
            List<Sentence> at = Cabinet.cups(l.high(), hinges(f, l)).stream().map(w -> Sentence.of("{0}", Amount.m(w)))
                    .toList();
            table.row(Sentence.of("{0}", ++n), l.left() ? "left" : "right", Amount.m(l.wide()), Amount.m(l.high()),
                    Amount.sag(CUP_IN), Sentence.joined(at));
        }
        return Optional.of(table.done());
    }

    private static Stream<Remedy> remedies(Known known, JoineryRules rule, Finding finding) {
        Optional<Furniture> found = Furniture.of(known.design()).stream()
                .filter(f -> finding.things().contains(f.thing().id())).findFirst();
        return found.stream().flatMap(f -> {
            String id = f.thing().id();
            Joined.Boards b = f.built();
            return switch (rule) {
                case MASS -> Stream.of(new Remedy(
                        Sentence.of("{0} as its boards come to, {1}", f.thing().name(), Amount.kg(f.mass())),
                        new Edit("What boards come to", d -> d.mapping(id, t -> taken(t, f)))));
                case ROOM -> Stream.of(0.009, 0.006, 0.004).filter(x -> x < b.thick())
                        .map(x -> new Remedy(Sentence.of("Boards of {0}", Amount.sag(x)),
                                new Edit("Thinner boards", d -> d.mapping(id, t -> t.with(b.thick(x))))));
                case RUNNER -> Stream.of(new Remedy(Sentence.of("No drawers, but a shelf"),
                        new Edit("A shelf", d -> d.mapping(id, t -> t.with(b.drawers(0))))));
            };
        });
    }

    /// A piece of furniture put down as what its boards come to.
    public static Design taken(Design d, String id) {
        return Furniture.of(d).stream().filter(f -> f.thing().id().equals(id) && !f.cabinet().boards().isEmpty())
                .findFirst().map(f -> d.mapping(id, t -> taken(t, f))).orElse(d);
    }

    /// With mass and planned price as its boards come to; what is paid stays.
    private static Thing taken(Thing t, Furniture f) {
        return t.withMass(new Mass(f.mass(), MassSource.CATALOGUE, OptionalDouble.of(WOOD_SHARE * f.mass())))
                .withCost(new Cost(f.price(), t.cost().paid()));
    }
}
