package lectulum.analysis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.doors.Doors;
import lectulum.layout.doors.WayThrough;
import lectulum.layout.keeping.Keeping;
import lectulum.space.Body;

/// What would mend how people live in a layout: longer beds, larger windows, other hinges, short moves, a home for gear.
final class LivingRemedies {
    private static final Set<String> RULES = Set.of("sleep", "exit", "motion", "passage", "storage", "change");
    private static final double[] SHIFTS = {0.05, 0.10, 0.15, 0.20, 0.30, 0.40, 0.50};

    private LivingRemedies() {
    }

    static boolean knows(String finding) {
        return RULES.contains(finding.substring(0, Math.max(0, finding.indexOf('.'))));
    }

    static Stream<Remedy> of(Analysis analysis, Finding finding) {
        Design d = analysis.design();
        String id = finding.id();
        if (id.startsWith("sleep.length.")) {
            return longer(d, finding);
        }
        if (id.equals("exit.count")) {
            return Stream.concat(larger(d, finding), window(d));
        }
        if (id.startsWith("exit.trap.")) {
            return released(d, finding);
        }
        if (id.startsWith("motion.")) {
            return Stream.concat(hinges(d, finding), apart(analysis, d, finding));
        }
        if (id.startsWith("passage.")) {
            return wider(analysis, d, finding);
        }
        if (id.equals("storage.homeless")) {
            return Stream.of(new Remedy(Sentence.of("Pack them where there is room"), Keeping.packHomeless(d)));
        }
        if (id.startsWith("storage.high.")) {
            return finding.things().stream().flatMap(t -> d.thing(t).stream())
                    .map(t -> LayoutRemedies.move(t, Mode.ROAD, t.place().z(), 0, 0, -1));
        }
        return Stream.empty();
    }

    /// A bed long enough for who sleeps on it, kept where it is, or pushed towards either end as far as that needs.
    private static Stream<Remedy> longer(Design d, Finding finding) {
        Optional<Thing> bed = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        Optional<Person> who = d.brief().people().stream().filter(p -> finding.id().endsWith("." + p.id())).findFirst();
        if (bed.isEmpty() || who.isEmpty()) {
            return Stream.empty();
        }
        Thing t = bed.get();
        double need = Math.ceil(new Needs(who.get().height()).lyingLeast() * 1000 - 1e-6) / 1000;
        Feature.Bed b = t.feature(Feature.Bed.class).orElseThrow();
        double more = need - b.length();
        return Stream.of(0.0, 1.0, -1.0).map(way -> {
            String where = way == 0 ? "" : way > 0 ? ", to the rear" : ", to the front";
            return new Remedy(Sentence.of("Make {0} {1} long" + where, t.name(), Amount.m(need)),
                    new Edit("Lengthen " + t.name(), x -> x.mapping(t.id(), y -> stretched(
                            y.with(new Feature.Bed(need, b.width(), b.carries())), more, way))));
        });
    }

    /// Longer, and pushed along its length in every mode by half of that, or not.
    private static Thing stretched(Thing t, double more, double way) {
        Thing longer = t.with(new Size(t.size().length() + more, t.size().width(), t.size().height()))
                .with(pushed(t.place(), way * more / 2));
        for (var other : t.elsewhere().entrySet()) {
            longer = longer.placed(other.getKey(), pushed(other.getValue(), way * more / 2));
        }
        return longer;
    }

    private static Placement pushed(Placement at, double by) {
        return at.moved(Math.cos(at.yaw()) * by, Math.sin(at.yaw()) * by, 0);
    }

    /// The windows that are too small, made just large enough.
    private static Stream<Remedy> larger(Design d, Finding finding) {
        double large = Assumed.value(d, "exit.large");
        double small = Assumed.value(d, "exit.small");
        return finding.things().stream().flatMap(t -> d.thing(t).stream()).map(t -> {
            Feature.Opening o = t.feature(Feature.Opening.class).orElseThrow();
            double w = Math.max(o.width(), o.width() >= o.height() ? large : small);
            double h = Math.max(o.height(), o.width() >= o.height() ? small : large);
            Feature.Opening wider = new Feature.Opening(w, h,
                    o.leaf() == Feature.Opening.Leaf.SLIDING ? Feature.Opening.Leaf.TOP_HUNG : o.leaf(),
                    Math.max(o.angle(), Math.toRadians(70)), o.inside(), o.barred());
            Size size = new Size(t.size().length() + w - o.width(), t.size().width(),
                    t.size().height() + h - o.height());
            return new Remedy(Sentence.of("Take {0} larger: {1} × {2} clear", t.name(), Amount.m(w), Amount.m(h)),
                    new Edit("Enlarge " + t.name(),
                            x -> x.mapping(t.id(), y -> y.with(wider).with(new Size(
                                    Math.max(size.length(), y.size().length()), y.size().width(), size.height())))));
        });
    }

    /// A new escape window beside a bed.
    private static Stream<Remedy> window(Design d) {
        Body body = Body.of(d.base());
        Optional<Thing> template = Catalogue.shipped().find("escape-window-70-x-50");
        Optional<Thing> bed = d.things().stream().filter(t -> t.has(Feature.Bed.class)).findFirst();
        if (template.isEmpty() || bed.isEmpty()) {
            return Stream.empty();
        }
        double z = Math.min(0.9, body.roofInside().highest() - template.get().size().height() - 0.15);
        return Stream.of(-1, 1).map(side -> {
            Placement at = new Placement(bed.get().at(Mode.NIGHT).x(),
                    side * (body.halfWidth() - d.base().wall() / 2), z, 0);
            return new Remedy(
                    Sentence.of("Add an escape window beside {0}, {1}", bed.get().name(), side < 0 ? "left" : "right"),
                    new Edit("Add an escape window",
                            x -> x.plus(template.get().withId(x.freeId("escape window")).with(at))));
        });
    }

    private static Stream<Remedy> released(Design d, Finding finding) {
        return finding.things().stream().flatMap(t -> d.thing(t).stream()).map(t -> {
            Feature.Opening o = t.feature(Feature.Opening.class).orElseThrow();
            return new Remedy(Sentence.of("Give {0} a release that works when it is barred", t.name()),
                    new Edit("Release for " + t.name(), x -> x.mapping(t.id(), y -> y.with(
                            new Feature.Opening(o.width(), o.height(), o.leaf(), o.angle(), true, false)))));
        });
    }

    /// The hinge on the other edge, or narrower leaves.
    private static Stream<Remedy> hinges(Design d, Finding finding) {
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        Optional<Feature.Door> door = thing.flatMap(t -> t.feature(Feature.Door.class));
        if (door.isEmpty()) {
            return Stream.empty();
        }
        Feature.Door f = door.get();
        Thing t = thing.get();
        return Stream.of(
                new Remedy(Sentence.of("Hang the door of {0} on its other edge", t.name()),
                        feature(t, new Feature.Door(f.face(), !f.first(), f.angle(), f.leaves()))),
                new Remedy(Sentence.of("Split the door of {0} into {1} leaves", t.name(), f.leaves() + 1),
                        feature(t, new Feature.Door(f.face(), f.first(), f.angle(), f.leaves() + 1))));
    }

    private static Edit feature(Thing t, Feature feature) {
        return new Edit("Change the door of " + t.name(), x -> x.mapping(t.id(), y -> y.with(feature)));
    }

    /// Short level moves of what is in the way, in the modes in which it is.
    private static Stream<Remedy> apart(Analysis analysis, Design d, Finding finding) {
        List<Remedy> found = new ArrayList<>();
        List<Mode> modes = analysis.of(Doors.DISCIPLINE).motions().entrySet().stream()
                .filter(e -> e.getValue().stream()
                        .anyMatch(m -> m.blocked() && m.thing().equals(finding.things().getFirst())))
                .map(java.util.Map.Entry::getKey).toList();
        for (String id : finding.things()) {
            d.thing(id).filter(t -> t.fix() != Fix.FIXED)
                    .ifPresent(t -> modes.stream().filter(m -> own(t, m)).forEach(m -> moves(t, m, found)));
        }
        found.sort(Comparator.comparingDouble(LivingRemedies::distance));
        return found.stream();
    }

    /// Whether moving it in the mode means moving it there and not elsewhere.
    private static boolean own(Thing t, Mode mode) {
        return mode == Mode.ROAD || t.elsewhere().containsKey(mode);
    }

    private static void moves(Thing t, Mode mode, List<Remedy> found) {
        for (double by : SHIFTS) {
            found.add(LayoutRemedies.move(t, mode, by, 1, 0, 0));
            found.add(LayoutRemedies.move(t, mode, by, -1, 0, 0));
            found.add(LayoutRemedies.move(t, mode, by, 0, 1, 0));
            found.add(LayoutRemedies.move(t, mode, by, 0, -1, 0));
        }
    }

    private static double distance(Remedy remedy) {
        return remedy.says().parts().stream().filter(Amount.class::isInstance).map(Amount.class::cast)
                .mapToDouble(Amount::value).findFirst().orElse(0);
    }

    /// Moves of whatever can be moved near the way; the narrowest place decides by trying.
    private static Stream<Remedy> wider(Analysis analysis, Design d, Finding finding) {
        Mode mode = Mode.valueOf(finding.id().substring("passage.narrow.".length()).toUpperCase(java.util.Locale.ROOT));
        boolean walked = analysis.of(WayThrough.in(mode)).narrowest().isPresent();
        List<Remedy> found = new ArrayList<>();
        d.things().stream().filter(t -> t.solid() && t.fix() != Fix.FIXED && !t.at(mode).away() && walked)
                .forEach(t -> {
                    found.add(new Remedy(Sentence.of("Put {0} outside in {1}", t.name(), mode.label()),
                            new Edit("Put " + t.name() + " outside",
                                    x -> mode == Mode.ROAD
                                            ? x
                                            : x.mapping(t.id(), y -> y.placed(mode, y.at(mode).away(true))))));
                    moves(t, mode, found);
                });
        found.sort(Comparator.comparingDouble(LivingRemedies::distance));
        return found.stream().limit(60);
    }

}
