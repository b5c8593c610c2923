package lectulum.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Shell;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.kernel.profile.Nose;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Whether everything fits: overlaps and things through the shell, in each mode, with the amount.
///
/// A camper without things has no faults; a thing without size touches nothing.
///
/// @param bodies the body in each mode; one and the same where no top rises
public record Layout(Map<Mode, Body> bodies, Map<Mode, List<Fault>> faults, Figures figures, List<Finding> findings)
        implements
            Result {

    public static final Discipline<Layout> DISCIPLINE = new Discipline<Layout>("layout", "Layout", Stage.LAYOUT,
            Discipline.Pace.HAND,
            in -> of(in.design(Design.Part.BASE, Design.Part.THINGS), in.of(Bodies.DISCIPLINE).byMode()),
            () -> new Layout(Map.of(), Map.of(), Figures.NONE, List.of()))
            .checking(LayoutRules.class, LayoutRemedies::of);

    /// Widths of which is said how far they go into a nose \[m\].
    private static final double[] NOSE_WIDTHS = {0.4, 0.6, 0.8, 1.0, 1.2};

    /// The body as it rides.
    public Body body() {
        return bodies.get(Mode.ROAD);
    }

    public static Layout of(Design design) {
        return of(design, Bodies.of(design.base()).byMode());
    }

    /// @param bodies of this design's base, computed before
    public static Layout of(Design design, Map<Mode, Body> bodies) {
        Map<Mode, List<Fault>> faults = new EnumMap<>(Mode.class);
        Body road = bodies.get(Mode.ROAD);
        List<Fault> riding = Clash.in(Mode.ROAD, design.things(), design.base(), road);
        boolean moves = design.things().stream().anyMatch(t -> !t.elsewhere().isEmpty());
        for (Mode mode : Mode.values()) {
            faults.put(mode, mode == Mode.ROAD
                    ? riding
                    : moves || bodies.get(mode) != road
                            ? Clash.in(mode, design.things(), design.base(), bodies.get(mode))
                            : riding.stream().map(f -> inMode(f, mode)).toList());
        }
        return new Layout(bodies, faults, figures(design, road, faults), findings(design, faults));
    }

    private static Fault inMode(Fault fault, Mode mode) {
        return switch (fault) {
            case Fault.Overlap o -> new Fault.Overlap(mode, o.thing(), o.other(), o.amount(), o.level());
            case Fault.Outside o -> new Fault.Outside(mode, o.thing(), o.amount(), o.through(), o.dx(), o.dy(), o.dz());
        };
    }

    private static Figures figures(Design design, Body body, Map<Mode, List<Fault>> faults) {
        List<Figure> all = new ArrayList<>();
        var shell = design.base().shell();
        all.add(Figure.of("shell.floorArea", "Clear floor", body.floorArea(), Quantity.AREA,
                new Working("inside length × inside width − nose − wheel arches",
                        Sentence.of("from {0} × {1} outside, walls {2}", Amount.m(shell.length()),
                                Amount.m(shell.width()), Amount.m(design.base().wall())),
                        List.of(), "plane geometry")));
        all.add(Figure.of("shell.volume", "Clear volume", body.volume(), Quantity.SPACE,
                new Working("∫ clear width × clear height dx",
                        Sentence.of("over {0} of inside length", Amount.m(body.insideRear() - body.insideFront())),
                        List.of(), "plane geometry")));
        if (shell instanceof Shell.Nosed nosed && body.nosed()) {
            nose(nosed, body, all);
        }
        double top = highest(design, body);
        all.add(Figure.of("shell.maxHeight", "Height over all", top, Quantity.LENGTH,
                new Working("floor height + the highest of roof and things on it",
                        Sentence.of("{0} + {1} = {2}", Amount.m(design.base().floorHeight()),
                                Amount.m(top - design.base().floorHeight()), Amount.m(top)),
                        List.of(Sentence.of("On the road; the bare roof is at {0}.",
                                Amount.m(body.heightAboveGround()))),
                        "sum")));
        faults.forEach((mode, list) -> {
            String name = mode.name().toLowerCase(java.util.Locale.ROOT);
            long overlaps = list.stream().filter(Fault.Overlap.class::isInstance).count();
            all.add(count("layout." + name + ".collisions", "Overlaps, " + mode.label(), overlaps,
                    "pairs of boxes that share more than 1 mm in every direction"));
            all.add(count("layout." + name + ".outside", "Through the shell, " + mode.label(), list.size() - overlaps,
                    "things that pass the clear outline by more than 1 mm"));
        });
        return Figures.of(all);
    }

    private static void nose(Shell.Nosed shell, Body body, List<Figure> all) {
        Nose nose = new Nose(shell.form(), shell.width(), shell.noseDepth(), Math.min(shell.noseFlat(), shell.width()));
        Sentence numbers = Sentence.of("{0} wide, {1} deep", Amount.m(shell.width()), Amount.m(shell.noseDepth()));
        List<Sentence> takes = new ArrayList<>();
        for (double wide : NOSE_WIDTHS) {
            takes.add(Sentence.of("What is {0} wide, in the middle, goes {1} into it.", Amount.m(wide),
                    Amount.m(body.intoNose(wide / 2))));
        }
        all.add(Figure.of("shell.nose.area", "Plan of the nose", nose.area(), Quantity.AREA,
                new Working("its outline from outside", numbers, takes, "plane geometry")));
        all.add(Figure.of("shell.nose.wall", "Wall round the nose", nose.wall(), Quantity.LENGTH,
                new Working("length of its outline", numbers, List.of(),
                        "plane geometry; an ellipse after Ramanujan")));
    }

    /// How far a thing where it stands goes into the nose \[m\]; empty where the body has none.
    public OptionalDouble intoNose(Thing t, Mode mode) {
        Body body = bodies.get(mode);
        if (body == null || !body.nosed()) {
            return OptionalDouble.empty();
        }
        Solid s = Solid.of(t.sizeIn(mode), t.at(mode));
        return OptionalDouble.of(body.intoNose(Math.max(Math.abs(s.minY()), Math.abs(s.maxY()))));
    }

    /// The highest point above the ground on the road, whatever stands or is set into the roof counted \[m\].
    public static double highest(Design design, Body body) {
        double things = design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE || t.mount() == Mount.SET_IN)
                .filter(t -> !t.at(Mode.ROAD).away())
                .mapToDouble(t -> t.place().z() + t.sizeIn(Mode.ROAD).height()).max().orElse(0);
        return Math.max(body.heightAboveGround(), design.base().floorHeight() + things);
    }

    private static Figure count(String id, String label, long value, String rule) {
        return Figure.of(id, label, value, Quantity.COUNT,
                new Working(rule, Sentence.of("{0}", Amount.count(value)), List.of(), "separating axes"));
    }

    /// One finding for each pair or thing, naming every mode in which it holds and the worst amount.
    private static List<Finding> findings(Design design, Map<Mode, List<Fault>> faults) {
        Map<Subject, List<Fault>> bySubject = new LinkedHashMap<>();
        faults.values().forEach(
                list -> list.forEach(f -> bySubject.computeIfAbsent(about(f), s -> new ArrayList<>()).add(f)));
        Map<String, Thing> things = new LinkedHashMap<>();
        design.things().forEach(t -> things.put(t.id(), t));
        List<Finding> findings = new ArrayList<>();
        bySubject.values().forEach(list -> findings.add(finding(list, things)));
        return findings;
    }

    /// What a fault breaks.
    static LayoutRules rule(Fault fault) {
        return switch (fault) {
            case Fault.Overlap _ -> LayoutRules.LAYOUT_OVERLAP;
            case Fault.Outside _ -> LayoutRules.LAYOUT_OUTSIDE;
        };
    }

    /// What a fault is about; of two things that of the lesser id first, so that they are the same pair either way.
    static Subject about(Fault fault) {
        return switch (fault) {
            case Fault.Overlap o -> o.thing().compareTo(o.other()) < 0
                    ? Subject.pair(o.thing(), o.other())
                    : Subject.pair(o.other(), o.thing());
            case Fault.Outside o -> Subject.thing(o.thing());
        };
    }

    private static Finding finding(List<Fault> faults, Map<String, Thing> things) {
        Fault worst = faults.stream().max(java.util.Comparator.comparingDouble(Fault::amount)).orElseThrow();
        String modes = String.join(", ", faults.stream().map(f -> f.mode().label()).distinct().toList());
        String name = things.get(worst.thing()).name();
        return switch (worst) {
            case Fault.Overlap o -> Finding.of(rule(worst), about(worst), Severity.STOP,
                    Sentence.of("{0} and {1} share a place", name, things.get(o.other()).name()),
                    Sentence.of("They overlap by {0} ({1}). One of them has to move that far.", Amount.m(o.amount()),
                            modes),
                    List.of(o.thing(), o.other()));
            case Fault.Outside o when o.through() == Fault.Boundary.BODY -> Finding.of(rule(worst), about(worst),
                    Severity.STOP,
                    Sentence.of("{0} cuts into the body", name),
                    Sentence.of("It is {0} inside the shell ({1}).", Amount.m(o.amount()), modes), List.of(o.thing()));
            case Fault.Outside o -> Finding.of(rule(worst), about(worst), Severity.STOP,
                    Sentence.of("{0} goes through {1}", name, o.through().label()),
                    Sentence.of("It passes by {0} ({1}). Move or shrink it.", Amount.m(o.amount()), modes),
                    List.of(o.thing()));
        };
    }
}
