package lectulum.layout.cutaway;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What is painted last at a point is what a ray from the eye meets first: the order of painting against a search that
/// knows nothing of it.
class NearestTest {
    private static final int THINGS = 14;
    private static final int RAYS = 400;
    /// So near to an edge either answer is right \[m\].
    private static final double EDGE = 0.004;

    private record Met(String id, double depth) {
    }

    /// Boxes of any size and turn that do not touch.
    private static List<Thing> scattered(SplittableRandom random) {
        List<Thing> things = new ArrayList<>();
        for (int tries = 0; things.size() < THINGS && tries < 4000; tries++) {
            Size size = new Size(random.nextDouble(0.08, 0.7), random.nextDouble(0.08, 0.5),
                    random.nextDouble(0.05, 0.8));
            Thing next = thing("t" + things.size(), 5, 0, 0).with(size)
                    .with(new Placement(random.nextDouble(0.5, 2.4), random.nextDouble(-0.45, 0.45),
                            random.nextDouble(0, 0.9), random.nextBoolean() ? 0 : random.nextDouble(Math.PI)));
            Solid solid = solid(next);
            if (things.stream().map(NearestTest::solid).noneMatch(s -> s.distanceTo(solid) < 0.01
                    && s.z1() < solid.z2() + 0.01 && solid.z1() < s.z2() + 0.01)) {
                things.add(next);
            }
        }
        return things;
    }

    private static Solid solid(Thing t) {
        return Solid.of(t.size(), t.at(Mode.ROAD));
    }

    /// Where the line through a point toward the eye leaves a box, grown by a margin: slabs in the box's own axes.
    private static Optional<Double> leaves(Solid s, double[] p, double[] eye, double margin) {
        double[] half = {s.hl() + margin, s.hw() + margin, (s.z2() - s.z1()) / 2 + margin};
        double[] from = local(s, p[0] - s.x(), p[1] - s.y(), p[2] - (s.z1() + s.z2()) / 2);
        double[] along = local(s, eye[0], eye[1], eye[2]);
        double in = Double.NEGATIVE_INFINITY;
        double out = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 3; i++) {
            if (Math.abs(along[i]) < 1e-12) {
                if (Math.abs(from[i]) > half[i]) {
                    return Optional.empty();
                }
                continue;
            }
            double a = (-half[i] - from[i]) / along[i];
            double b = (half[i] - from[i]) / along[i];
            in = Math.max(in, Math.min(a, b));
            out = Math.min(out, Math.max(a, b));
        }
        return in < out ? Optional.of(out) : Optional.empty();
    }

    private static double[] local(Solid s, double x, double y, double z) {
        return new double[]{s.c() * x + s.s() * y, -s.s() * x + s.c() * y, z};
    }

    private static Optional<String> first(List<Thing> things, double[] p, double[] eye, double margin) {
        return things.stream()
                .flatMap(t -> leaves(solid(t), p, eye, margin).stream().map(depth -> new Met(t.id(), depth)))
                .max((a, b) -> Double.compare(a.depth(), b.depth())).map(Met::id);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatIsPaintedLastIsWhatARayMeetsFirst(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Thing> things = scattered(random);
        Design design = box(things.toArray(Thing[]::new));
        Map<Mode, Body> bodies = Stream.of(Mode.values())
                .collect(Collectors.toMap(m -> m, m -> Body.of(design.base(), m)));
        View view = new View(random.nextDouble(2 * Math.PI), random.nextDouble(0.15, 1.4), 200);
        CutAway picture = CutAway.of(design, bodies,
                Stream.of(Mode.values()).collect(Collectors.toMap(m -> m, m -> List.of())), List.of(), Mode.ROAD, view,
                Double.POSITIVE_INFINITY);
        double[] eye = view.toEye();

        int told = 0;
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < RAYS; i++) {
            Solid s = solid(things.get(random.nextInt(things.size())));
            double[] p = {s.x() + random.nextDouble(-s.hl(), s.hl()), s.y() + random.nextDouble(-s.hw(), s.hw()),
                    random.nextDouble(s.z1(), s.z2())};
            Optional<String> grown = first(things, p, eye, EDGE);
            Optional<String> shrunk = first(things, p, eye, -EDGE);
            if (shrunk.isEmpty() || !grown.equals(shrunk)) {
                continue;
            }
            told++;
            Optional<String> painted = picture.at(view.x(p[0], p[1], p[2]), view.y(p[0], p[1], p[2]));
            if (!painted.equals(shrunk)) {
                wrong.add(painted.orElse("nothing") + " for " + shrunk.get());
            }
        }

        assertThat(things).hasSize(THINGS);
        assertThat(told).as("rays with one answer").isGreaterThan(RAYS / 2);
        assertThat(wrong).isEmpty();
    }
}
