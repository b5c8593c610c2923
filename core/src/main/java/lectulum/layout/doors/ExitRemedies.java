package lectulum.layout.doors;

import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Body;

/// Windows large enough to get out by, a new one, a release that works when it is barred.
final class ExitRemedies {
    private ExitRemedies() {
    }

    static Stream<Remedy> of(Known known, DoorRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case EXIT_COUNT -> Stream.concat(larger(d, finding), window(d));
            case EXIT_TRAP -> released(d, finding);
            case MOTION_BLOCKED, MOTION_PAIR, PASSAGE_NARROW -> Stream.empty();
        };
    }

    /// The windows that are too small, made just large enough.
    private static Stream<Remedy> larger(Design d, Finding finding) {
        double large = Assumed.value(d, Assumption.EXIT_LARGE);
        double small = Assumed.value(d, Assumption.EXIT_SMALL);
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
}
