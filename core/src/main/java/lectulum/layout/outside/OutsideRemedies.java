package lectulum.layout.outside;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.turning.TurningRemedies;
import lectulum.base.Raising;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Kept;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.layout.Layout;
import lectulum.space.Bodies;
import lectulum.space.Contents;
import lectulum.space.Solid;

/// An awning whose edge hangs lower, a ladder set where it is safe, less that stands out.
final class OutsideRemedies {
    private static final double STEP = 0.01;
    private static final double EPS = 1e-6;
    /// Nobody builds a body lower than that inside \[m\].
    private static final double LEAST_INSIDE = 0.6;

    private OutsideRemedies() {
    }

    static Stream<Remedy> of(Known known, OutsideRules rule, Finding finding) {
        Design d = known.design();
        Kept kept = d.brief().kept();
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        return switch (rule) {
            case OUT_LADDER -> thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                    .map(f -> Mend.feature(t, f.set(f.drop(), ladder(d, t)),
                            Sentence.of("Set the ladder's foot {0} out", Amount.m(ladder(d, t))))));
            case OUT_PITCH, OUT_POLE, OUT_DOOR -> lower(thing);
            case OUT_FIRE -> finding.things().stream().skip(1).flatMap(t -> d.thing(t).stream())
                    .flatMap(cloth -> thing.stream().flatMap(fire -> clear(d, fire, cloth)));
            case OUT_LIMIT_WIDTH -> narrower(known, Assumed.value(d, Assumption.LIMIT_WIDTH));
            case OUT_LIMIT_DOOR -> kept.width().stream().boxed().flatMap(w -> narrower(known, w - 2 * Extent.FREE));
            case OUT_LIMIT_HEIGHT -> lower(known, Assumed.value(d, Assumption.LIMIT_HEIGHT));
            case OUT_LIMIT_BRANCH -> kept.branch().stream().boxed().flatMap(h -> lower(known, h));
            case OUT_LIMIT_GARAGE -> kept.height().stream().boxed()
                    .flatMap(h -> lower(known, h - Extent.FREE - Assumed.value(d, Assumption.DROOP)));
            case OUT_LIMIT_DEEP -> kept.length().stream().boxed().flatMap(l -> shorter(known, l));
        };
    }

    /// Without what stands out sideways, or wheels closer together.
    private static Stream<Remedy> narrower(Known known, double wide) {
        Axle axle = known.design().base().axle();
        double track = Math.floor((wide - axle.tyreWidth()) / STEP + EPS) * STEP;
        Stream<Remedy> wheels = axle.track() > track && track > 0
                ? Stream.of(Mend.base(Sentence.of("An axle with a track of {0}", Amount.m(track)), "Narrower axle",
                        b -> b.with(b.axle().withTrack(track))))
                : Stream.empty();
        return Stream.concat(without(known, s -> Math.max(s.maxY(), -s.minY()) > wide / 2), wheels);
    }

    /// Without what stands too high on the road; a floor carried lower; a roof built lower where the body is one's own.
    ///
    /// @param high above the ground, laden \[m\]
    private static Stream<Remedy> lower(Known known, double high) {
        Design d = known.design();
        Base base = d.base();
        double by = Raising.up(Layout.highest(d, known.of(Bodies.DISCIPLINE).road()) - high);
        double floor = base.floorHeight() - by;
        Stream<Remedy> floors = floor > base.axle().wheelDiameter() / 4
                ? Stream.of(Mend.base(Sentence.of("Carry the floor {0} lower: an axle with more drop, smaller wheels",
                        Amount.m(by)), "Lower floor", b -> b.withFloorHeight(floor)))
                : Stream.empty();
        double inside = known.of(Bodies.DISCIPLINE).road().roofInside().highest() - by;
        Stream<Remedy> roofs = d.brief().type() != CamperType.CARGO && !(base.shell() instanceof Shell.Tray)
                && inside > LEAST_INSIDE
                        ? Stream.of(new Remedy(Sentence.of("A body {0} lower", Amount.m(by)),
                                new Edit("Lower body", x -> Raising.high(x, inside))))
                        : Stream.empty();
        return Stream.of(without(known, s -> base.floorHeight() + s.z2() > high), floors, roofs).flatMap(r -> r);
    }

    /// A shorter tongue, or without what stands out at the ends.
    private static Stream<Remedy> shorter(Known known, double deep) {
        Design d = known.design();
        Extent e = Extent.of(d, known.of(Bodies.DISCIPLINE).road());
        double tongue = d.base().tongueLength();
        double less = Math.floor((tongue - (e.length() - deep)) / STEP + EPS) * STEP;
        Stream<Remedy> tongues = less > 0
                ? Stream.of(new Remedy(Sentence.of("Make the tongue {0} long", Amount.m(less)),
                        new Edit("Shorter tongue", x -> TurningRemedies.lengthened(x, less))))
                : Stream.empty();
        return Stream.concat(without(known, s -> tongue + s.maxX() > e.front() + deep), tongues);
    }

    /// Without all outside that reaches beyond a limit on the road.
    private static Stream<Remedy> without(Known known, Predicate<Solid> beyond) {
        List<Thing> out = known.design().things().stream()
                .filter(t -> t.mount() == Mount.OUTSIDE && !t.at(Mode.ROAD).away())
                .filter(t -> beyond.test(Solid.of(t.sizeIn(Mode.ROAD), t.at(Mode.ROAD)))).toList();
        return out.isEmpty() ? Stream.empty() : Stream.of(Mend.without("Without {0}", out));
    }

    /// The fire moved straight away from the cloth, the shortest way first.
    private static Stream<Remedy> clear(Design d, Thing fire, Thing cloth) {
        return cloth.feature(Feature.FoldOut.class).stream().flatMap(f -> {
            double least = Assumed.value(d, Assumption.AWNING_STOVE);
            Solid s = Solid.of(fire.sizeIn(Mode.CAMP), fire.at(Mode.CAMP));
            double[] place = OutsideStudies.footprint(Solid.of(cloth.size(), cloth.at(Mode.CAMP)), f);
            return Stream.of(new double[]{s.maxX() - (place[0] - least), -1, 0},
                    new double[]{place[2] + least - s.minX(), 1, 0}, new double[]{s.maxY() - (place[1] - least), 0, -1},
                    new double[]{place[3] + least - s.minY(), 0, 1}).filter(way -> way[0] > 0)
                    .sorted(Comparator.comparingDouble(way -> way[0]))
                    .map(way -> Contents.shift(fire, Mode.CAMP, Math.ceil(100 * way[0] - 1e-6) / 100, way[1], way[2],
                            0));
        });
    }

    private static Stream<Remedy> lower(Optional<Thing> thing) {
        return thing.stream().flatMap(t -> t.feature(Feature.FoldOut.class).stream()
                .flatMap(f -> DoubleStream.of(0.1, 0.2, 0.3, 0.4, 0.5, 0.6).mapToObj(more -> Mend.feature(t,
                        f.set(f.drop() + more, f.ladder()),
                        Sentence.of("Drop its edge by {0}", Amount.m(f.drop() + more))))));
    }

    private static double ladder(Design d, Thing t) {
        double rail = OutsideStudies.ladderTop(d, t);
        double slope = (Assumed.value(d, Assumption.LADDER_LOW) + Assumed.value(d, Assumption.LADDER_HIGH)) / 2;
        return Math.round(rail / Math.tan(slope) * 100) / 100.0;
    }
}
