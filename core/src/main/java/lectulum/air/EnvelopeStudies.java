package lectulum.air;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
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
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.heat.BuildUp;
import lectulum.units.Quantity;
import lectulum.weather.Outside;

/// What the walls are built of, what heat passes each side, and how cold their inside gets.
public final class EnvelopeStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-walls", "Walls and heat", Stage.AIR,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.ENVELOPE, Design.Part.SETTINGS),
                    in.of(Cabin.DISCIPLINE)))
            .checking(EnvelopeRules.class, EnvelopeStudies::remedies);
    static final double MOULD = 0.7;
    private static final String SOURCE = "EN ISO 6946; see docs/method/air.md";
    private static final double[] LININGS = {0.006, 0.010, 0.013, 0.019, 0.025};

    private EnvelopeStudies() {
    }

    static List<Study> of(Design d, Cabin c) {
        Study.Notebook book = new Study.Notebook("air-walls", Stage.AIR, "Heat through the walls", "");
        if (c.open()) {
            return List.of(book.note("There is no cabin to keep warm: the body is open.").done());
        }
        if (!c.known()) {
            unknown(c, book);
        }
        double inside = Assumed.value(d, Assumption.AIR_DAY);
        double outside = Outside.coldest(d);
        Listing.Maker table = new Listing.Maker("").words("Side").numbers("area", "passes", "loses",
                "in the coldest night");
        for (Cabin.Face f : c.faces()) {
            table.row(f.name(), new Amount(f.area(), Quantity.AREA),
                    f.u() > 0 ? new Amount(f.u(), Quantity.U_VALUE) : "not known",
                    f.u() > 0 ? new Amount(f.loss(), Quantity.HEAT_LOSS) : "–",
                    f.u() > 0 ? Amount.watt(Math.max(0, f.loss() * (inside - outside))) : "–");
        }
        for (Cabin.Pane p : c.panes()) {
            table.row(p.name(), new Amount(p.area(), Quantity.AREA), new Amount(p.night(), Quantity.U_VALUE),
                    new Amount(p.area() * p.night(), Quantity.HEAT_LOSS),
                    Amount.watt(Math.max(0, p.area() * p.night() * (inside - outside))));
        }
        table.row("Air that changes", new Amount(c.volume(), Quantity.SPACE), "–",
                new Amount(c.changing(), Quantity.HEAT_LOSS),
                Amount.watt(Math.max(0, c.changing() * (inside - outside))));
        book.listing(table.done());
        book.figure("air.loss.walls", "Walls and panes lose", c.opaque() + c.glazed(true), Quantity.HEAT_LOSS,
                "Σ area × U", Sentence.of("{0} of it through panes", new Amount(c.glazed(true), Quantity.HEAT_LOSS)),
                SOURCE);
        book.figure("air.loss.air", "Air that changes loses", c.changing(), Quantity.HEAT_LOSS, "ρ c n V / 3600",
                Sentence.of("{0} × {1} an hour", Amount.count(c.changes()),
                        new Amount(c.volume(), Quantity.SPACE)),
                "air at the height of the site");
        book.figure("air.loss", "The cabin loses", c.steady(true).all(), Quantity.HEAT_LOSS, "walls + air",
                Sentence.of("for each kelvin between inside and outside"), SOURCE);
        List<Study> all = new ArrayList<>();
        studs(c, inside, outside, book);
        all.add(book.done());
        Set<Wall.Side> drawn = EnumSet.noneOf(Wall.Side.class);
        for (Cabin.Face f : c.faces()) {
            if (f.build().isPresent() && drawn.add(f.side())) {
                all.add(section(d, f, f.build().get(), inside, outside));
            }
        }
        return all;
    }

    /// Sides whose studs are colder than mould waits for.
    private static List<Cabin.Face> cold(Cabin c) {
        return c.faces().stream().filter(f -> f.side() != Wall.Side.FLOOR
                && f.build().filter(b -> b.share() > 0 && b.factor(true) < MOULD).isPresent()).toList();
    }

    private static void studs(Cabin c, double inside, double outside, Study.Notebook book) {
        List<Cabin.Face> cold = cold(c);
        if (cold.isEmpty()) {
            return;
        }
        double least = cold.stream().mapToDouble(f -> f.build().orElseThrow().temperatures(inside, outside, true)
                .getFirst()).min().orElse(inside);
        List<String> sides = cold.stream().map(f -> f.side().label()).distinct().toList();
        book.say(EnvelopeRules.STUD, Severity.NOTE,
                Sentence.of("The studs are down to {0} inside when it is {1} outside",
                        new Amount(least, Quantity.TEMPERATURE), new Amount(outside, Quantity.TEMPERATURE)),
                Sentence.of("In {0}. Cold lines get wet and mouldy first: part the studs from the lining.",
                        String.join(", ", sides)));
    }

    private static void unknown(Cabin c, Study.Notebook book) {
        List<String> sides = c.faces().stream().filter(f -> !(f.u() > 0)).map(f -> f.side().label()).distinct()
                .toList();
        book.say(EnvelopeRules.WALLS, Severity.NOTE, Sentence.of("What these are built of is not known: {0}",
                String.join(", ", sides)),
                Sentence.of("Nothing of warmth, cold and damp is reckoned before. Say it under Walls, or take the usual"
                        + " build."));
    }

    private static Study section(Design d, Cabin.Face f, BuildUp b, double inside, double outside) {
        String key = f.side().name().toLowerCase(java.util.Locale.ROOT);
        Study.Notebook book = new Study.Notebook("air-wall-" + key, Stage.AIR,
                Character.toUpperCase(f.side().label().charAt(0)) + f.side().label().substring(1), "");
        Sentence numbers = Sentence.of("upper limit {0}, lower limit {1} m²K/W", Amount.count(b.upperLimit()),
                Amount.count(b.lowerLimit()));
        book.figure("air." + key + ".u", "Passes", b.u(), Quantity.U_VALUE, "1 / (w R' + (1 − w) R'')", numbers,
                SOURCE);
        book.figure("air." + key + ".inside", "Inner surface, coldest night", b.temperatures(inside, outside, false)
                .getFirst(), Quantity.TEMPERATURE, "Ti − (Ti − Te) Rsi / R",
                Sentence.of("{0} inside, {1} outside", new Amount(inside, Quantity.TEMPERATURE),
                        new Amount(outside, Quantity.TEMPERATURE)),
                SOURCE);
        if (b.share() > 0) {
            double factor = b.factor(true);
            double cold = b.temperatures(inside, outside, true).getFirst();
            book.figure("air." + key + ".stud", "Over a stud", cold, Quantity.TEMPERATURE, "the same along the stud",
                    Sentence.of("studs take {0}", Amount.share(b.share())), SOURCE);
            if (factor < MOULD && f.side() != Wall.Side.FLOOR) {
                book.note(Sentence.of("Over its studs it is {0} colder: cold lines get wet and mouldy first.",
                        Sentence.of("{0} K", Amount.count(
                                Math.rint(10 * (b.temperatures(inside, outside, false).getFirst() - cold)) / 10))));
            }
        }
        book.figure("air." + key + ".mass", "A square metre weighs", b.mass(), Quantity.MASS, "Σ thickness × density",
                Sentence.of("without studs; {0} thick", Amount.m(b.thick())), "table of materials");
        return book.sketch(picture(d, f.side(), b, inside, outside)).done();
    }

    /// The layers in their thickness, inside at the left, with the temperature through them.
    private static Sketch picture(Design d, Wall.Side side, BuildUp b, double inside, double outside) {
        Sketch.Board board = new Sketch.Board(
                "Section, inside at the left: temperature between studs, dashed along one");
        double thick = b.thick();
        double air = Math.max(0.02, 0.4 * thick);
        double high = Math.max(0.04, 0.7 * thick);
        double x = 0;
        List<Substance> names = names(d.envelope().wall(side));
        for (int i = 0; i < b.layers().size(); i++) {
            BuildUp.Layer l = b.layers().get(i);
            board.path(l.share() > 0 ? Sketch.Pen.SWEEP : Sketch.Pen.AREA, new double[][]{{x, 0}, {x + l.thick(), 0},
                    {x + l.thick(), high}, {x, high}}, true, Sentence.of(""));
            if (i < names.size()) {
                board.name(x + l.thick() / 2, -0.1 * high * (1 + i % 2), Sentence.of("{0} {1}", names.get(i).label(),
                        Amount.sag(l.thick())));
            }
            x += l.thick();
        }
        line(board, b, inside, outside, false, air, high);
        if (b.share() > 0) {
            line(board, b, inside, outside, true, air, high);
        }
        return board.done();
    }

    private static List<Substance> names(Optional<Wall> wall) {
        return wall.stream().flatMap(w -> Stream.of(
                w.liningThick() > 0 ? w.lining() : Substance.NONE,
                w.insulationThick() > 0 && w.insulation() == Substance.NONE
                        ? Substance.AIR
                        : w.insulationThick() > 0 ? w.insulation() : Substance.NONE,
                w.skinThick() > 0 ? w.skin() : Substance.NONE)).filter(s -> s != Substance.NONE).toList();
    }

    private static void line(Sketch.Board board, BuildUp b, double inside, double outside, boolean stud, double air,
            double high) {
        List<Double> t = b.temperatures(inside, outside, stud);
        double low = Math.min(inside, outside);
        double span = Math.max(1, Math.abs(inside - outside));
        double[][] points = new double[t.size() + 2][];
        points[0] = new double[]{-air, high * (inside - low) / span};
        double x = 0;
        for (int i = 0; i < t.size(); i++) {
            points[i + 1] = new double[]{x, high * (t.get(i) - low) / span};
            x += i < b.layers().size() ? b.layers().get(i).thick() : 0;
        }
        points[points.length - 1] = new double[]{x + air, high * (outside - low) / span};
        board.path(stud ? Sketch.Pen.DASHED : Sketch.Pen.MAIN, points, false, Sentence.of(""));
        if (!stud) {
            board.name(-air, high * (inside - low) / span + 0.08 * high,
                    Sentence.of("{0}", new Amount(inside, Quantity.TEMPERATURE)));
            board.name(x + air, high * (outside - low) / span + 0.08 * high,
                    Sentence.of("{0}", new Amount(outside, Quantity.TEMPERATURE)));
        }
    }

    static Stream<Remedy> remedies(Known known, EnvelopeRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case WALLS -> Stream.of(new Remedy(Sentence.of("The usual build of a {0}", d.brief().type().label()),
                    new Edit("Usual walls", x -> x.with(usual(x)))));
            case STUD -> Stream.of(Substance.ELASTOMER, Substance.CORK).flatMap(s -> parted(d, s).stream());
        };
    }

    /// The walls that are known, and the usual ones where they are not.
    public static Envelope usual(Design d) {
        Envelope e = Envelope.usual(d.brief().type());
        for (Wall w : d.envelope().walls()) {
            e = e.with(w);
        }
        return e;
    }

    /// A lining that parts studs from the room, the thinnest that warms them all enough.
    private static Optional<Remedy> parted(Design d, Substance s) {
        List<Wall> walls = d.envelope().walls().stream()
                .filter(w -> w.side() != Wall.Side.FLOOR && !warm(w)).toList();
        return java.util.Arrays.stream(LININGS).boxed()
                .filter(t -> walls.stream().allMatch(w -> warm(w.withLining(s).withLiningThick(t)))).findFirst()
                .map(t -> new Remedy(Sentence.of("Line them with {0} of {1}", Amount.sag(t), s.label()),
                        new Edit("Line the walls", x -> {
                            Envelope e = x.envelope();
                            for (Wall w : walls) {
                                e = e.with(e.wall(w.side()).orElse(w).withLining(s).withLiningThick(t));
                            }
                            return x.with(e);
                        })));
    }

    private static boolean warm(Wall w) {
        return Cabin.build(w, Optional.empty()).filter(b -> b.factor(true) >= MOULD).isPresent();
    }
}
