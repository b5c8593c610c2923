package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
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
import lectulum.kernel.beams.Section;
import lectulum.kernel.takeoff.StudWall;
import lectulum.space.Body;
import lectulum.units.Quantity;

/// The frame of the shell: its sticks, what they weigh and cost, and each wall to scale.
public final class StickStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-frame", "Frame", Stage.MATERIALS,
            in -> of(in.withOpenings(Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE, Design.Part.SETTINGS)))
            .checking(StickRules.class, StickStudies::remedies);
    private static final String SOURCE = "stick by stick; see docs/method/materials.md";
    private static final String WALL = "mat-wall-";
    /// What the ids of its cut lists begin with.
    public static final String LIST = "mat-list-";
    private static final double MILLIMETRE = 1000;
    private static final double WIDER = 1.4;
    private static final double NARROW = 0.25;

    private StickStudies() {
    }

    static List<Study> of(Design d) {
        ShellFrame f = ShellFrame.of(d);
        Study.Notebook book = new Study.Notebook("mat-frame", Stage.MATERIALS, "The frame", "");
        if (f.pieces().isEmpty() && f.ribs().isEmpty()) {
            return List.of(book
                    .note("No members are known. Say on Base where studs, bows and cross-members stand: every stick,"
                            + " its mass and its cut follow.")
                    .done());
        }
        Sentence numbers = f.ribs().isEmpty()
                ? Sentence.of("{0} sticks", f.pieces().size())
                : Sentence.of("{0} sticks, {1} ribs", f.pieces().size(), f.ribs().size());
        book.figure("stud.mass", "The frame weighs", f.mass(), Quantity.MASS, "Σ length × section × density", numbers,
                SOURCE);
        book.figure("stud.length", "End to end", f.length(), Quantity.RUN, "Σ length", numbers, SOURCE);
        book.figure("stud.sticks", "Sticks", f.pieces().size(), Quantity.COUNT, "count", numbers, SOURCE);
        book.figure("stud.middle", "Its middle behind the front of the body", f.middle().orElse(0.0), Quantity.LENGTH,
                "Σ mass × x / Σ mass", numbers, SOURCE);
        book.listing(faces(f));
        check(f, book);
        List<Study> all = new ArrayList<>();
        all.add(book.note(
                "What stands already is in the mass of the bare base: this says what it is made of, or what to buy"
                        + " where you build it.")
                .done());
        for (ShellFrame.Bar bar : f.bars()) {
            all.add(list(f, bar));
        }
        rib(f).ifPresent(all::add);
        f.walls().entrySet().stream().sorted(Map.Entry.comparingByKey())
                .forEach(e -> all.add(drawn(e.getKey(), e.getValue(), f)));
        return all;
    }

    private static Listing faces(ShellFrame f) {
        Map<Carcass.Face, List<ShellFrame.Piece>> by = new EnumMap<>(Carcass.Face.class);
        f.pieces().forEach(p -> by.computeIfAbsent(p.face(), k -> new ArrayList<>()).add(p));
        Listing.Maker table = new Listing.Maker("By face").words("Face", "Section").numbers("sticks", "end to end",
                "mass", "between them");
        by.forEach((face, pieces) -> table.row(face.label(), section(pieces.getFirst().bar()), pieces.size(),
                Amount.run(pieces.stream().mapToDouble(ShellFrame.Piece::length).sum()),
                Amount.kg(pieces.stream().mapToDouble(ShellFrame.Piece::mass).sum()),
                f.walls().containsKey(face)
                        ? new Amount(f.walls().get(face).between(), Quantity.AREA)
                        : "–"));
        if (!f.ribs().isEmpty()) {
            table.row("hatch, ribs", Sentence.of("plywood {0}", Amount.sag(f.ribs().getFirst().thick())),
                    f.ribs().size(), "–", Amount.kg(f.ribs().stream().mapToDouble(ShellFrame.Rib::mass).sum()), "–");
        }
        return table.done();
    }

    /// As a yard is asked for it.
    public static Sentence section(ShellFrame.Bar b) {
        return Sentence.of(b.metal() ? "tube {0} × {1}" : "timber {0} × {1}", Amount.sag(b.width()),
                Amount.sag(b.depth()));
    }

    private static Study list(ShellFrame f, ShellFrame.Bar bar) {
        Study.Notebook book = new Study.Notebook(LIST + f.bars().indexOf(bar), Stage.MATERIALS,
                bar.metal() ? "Cut list, metal" : "Cut list, timber", "");
        TreeMap<Long, Map<String, Integer>> by = new TreeMap<>(Comparator.reverseOrder());
        for (ShellFrame.Piece p : f.of(bar)) {
            by.computeIfAbsent(Math.round(p.length() * MILLIMETRE), k -> new LinkedHashMap<>())
                    .merge(p.face().label() + ", " + p.what(), 1, Integer::sum);
        }
        Listing.Maker table = new Listing.Maker("").words("Where", "Section").numbers("length", "mass of one",
                "how many");
        by.forEach((length, where) -> table.row(String.join("; ", where.keySet()), section(bar),
                Amount.m(length / MILLIMETRE), Amount.kg(length / MILLIMETRE * bar.mass()),
                where.values().stream().mapToInt(x -> x).sum()));
        table.row("all, end to end", section(bar),
                Amount.run(f.of(bar).stream().mapToDouble(ShellFrame.Piece::length).sum()),
                Amount.kg(f.of(bar).stream().mapToDouble(ShellFrame.Piece::mass).sum()), f.of(bar).size());
        return book.listing(table.done()).done();
    }

    /// The rib of a hatch as it is sawn.
    private static Optional<Study> rib(ShellFrame f) {
        return f.ribs().stream().findFirst().map(r -> {
            Study.Notebook book = new Study.Notebook("mat-rib", Stage.MATERIALS, "Ribs of the hatch", "");
            double wide = r.blank().stream().mapToDouble(p -> p[0]).max().orElse(0);
            double high = r.blank().stream().mapToDouble(p -> p[1]).max().orElse(0);
            List<double[]> line = new ArrayList<>(r.blank());
            line.add(r.blank().getFirst());
            Sketch.Board board = new Sketch.Board("");
            board.path(Sketch.Pen.SOLID, line);
            board.box(Sketch.Pen.DASHED, 0, 0, wide, high);
            return book.sketch(board.done())
                    .note("{0} of {1} plywood, each from {2} × {3}, {4}; they follow the profile from the hinge to the lip."
                            + " Saw one, true it against the full-size template, and use it as the pattern of the others.",
                            f.ribs().size(), Amount.sag(r.thick()), Amount.m(wide), Amount.m(high), Amount.kg(r.mass()))
                    .done();
        });
    }

    private static Study drawn(Carcass.Face face, StudWall w, ShellFrame f) {
        Study.Notebook book = new Study.Notebook(WALL + face.name().toLowerCase(java.util.Locale.ROOT),
                Stage.MATERIALS, Character.toUpperCase(face.label().charAt(0)) + face.label().substring(1), "");
        Sketch.Board board = new Sketch.Board("");
        for (StudWall.Stick s : w.sticks()) {
            boolean flat = !s.kind().upright();
            if (s.kind() == StudWall.Kind.TOP_PLATE) {
                List<double[]> line = new ArrayList<>();
                for (int i = 0; i <= 64; i++) {
                    double x = w.length() * i / 64;
                    line.add(new double[]{x, w.top().applyAsDouble(x)});
                }
                board.path(Sketch.Pen.SOLID, line);
                board.path(Sketch.Pen.SOLID,
                        line.stream().map(q -> new double[]{q[0], q[1] - w.plate()}).toList());
            } else {
                double hw = flat ? s.length() / 2 : w.face() / 2;
                double hh = flat ? w.plate() / 2 : s.length() / 2;
                board.box(s.kind() == StudWall.Kind.STUD ? Sketch.Pen.AREA : Sketch.Pen.SOLID, s.x() - hw, s.z() - hh,
                        s.x() + hw, s.z() + hh);
            }
        }
        return book.sketch(board.done())
                .note("Middles of the studs from the front of the wall: {0}.",
                        Sentence.joined(w.full().stream().map(x -> Sentence.of("{0}", Amount.m(x))).toList()))
                .done();
    }

    /// The face whose wall a study draws; empty for other studies.
    public static Optional<Carcass.Face> wall(Study s) {
        return Stream.of(Carcass.Face.values())
                .filter(f -> s.id().equals(WALL + f.name().toLowerCase(java.util.Locale.ROOT))
                        && !s.sketches().isEmpty())
                .findFirst();
    }

    /// Where the drawing of a wall begins, as its face counts its members \[m\].
    public static double origin(Design d, Carcass.Face face) {
        Body body = Body.of(d.base());
        return switch (face) {
            case FRONT, REAR -> -body.halfWidth();
            case LEFT, RIGHT, ROOF, FLOOR -> ShellFrame.from(d);
        };
    }

    private static void check(ShellFrame f, Study.Notebook book) {
        f.walls().forEach((face, w) -> {
            for (StudWall.Opening o : w.near()) {
                book.say(StickRules.NEAR, Subject.part(face.name().toLowerCase(java.util.Locale.ROOT)), Severity.NOTE,
                        Sentence.of("An opening of the {0} is {1} from its end", face.label(),
                                Amount.sag(Math.max(0, Math.min(o.from(), w.length() - o.to())))),
                        Sentence.of(
                                "There is no room for a stud beside it: header and sill run to the end. {0} are wanted.",
                                Amount.sag(2 * w.face())));
            }
            double usual = usual(w.layout());
            if (usual > NARROW && w.widestBay() > WIDER * usual) {
                book.say(StickRules.BAY, Subject.part(face.name().toLowerCase(java.util.Locale.ROOT)), Severity.NOTE,
                        Sentence.of("A bay of the {0} is {1} wide, the others {2}", face.label(),
                                Amount.m(w.widestBay()), Amount.m(usual)),
                        Sentence.of("Sheets bend and edges find no stud there: one more in its middle."));
            }
        });
    }

    /// The middle one of all bays \[m\].
    private static double usual(List<Double> layout) {
        List<Double> bays = new ArrayList<>();
        for (int i = 0; i + 1 < layout.size(); i++) {
            bays.add(layout.get(i + 1) - layout.get(i));
        }
        bays.sort(Comparator.naturalOrder());
        return bays.isEmpty() ? 0 : bays.get(bays.size() / 2);
    }

    private static Stream<Remedy> remedies(Known known, StickRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case NEAR -> Stream.empty();
            case BAY -> d.base().carcass().framing().entrySet().stream()
                    .filter(e -> finding.about().equals(
                            Subject.part(e.getKey().name().toLowerCase(java.util.Locale.ROOT))))
                    .map(e -> {
                        Carcass.Framing next = filled(e.getValue());
                        int more = next.studs().size() - e.getValue().studs().size();
                        return new Remedy(Sentence.counted(more, "One more stud", "{0} more studs"),
                                new Edit("Studs", x -> x.with(x.base().withCarcass(
                                        x.base().carcass().with(e.getKey(), Optional.of(next))))));
                    });
        };
    }

    /// With a stud in the middle of every bay that is too wide.
    private static Carcass.Framing filled(Carcass.Framing f) {
        List<Double> studs = new ArrayList<>(f.studs());
        double usual = usual(f.studs());
        for (int i = 0; i + 1 < f.studs().size(); i++) {
            double bay = f.studs().get(i + 1) - f.studs().get(i);
            int parts = bay > WIDER * usual ? (int) Math.ceil(bay / usual - 1e-9) : 1;
            for (int k = 1; k < parts; k++) {
                studs.add(f.studs().get(i) + bay * k / parts);
            }
        }
        return f.at(studs);
    }
}
