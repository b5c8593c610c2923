package lectulum.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Mend;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.flow.LowPoints;

/// Where fresh-water pipes are drained: at the drain valves on the sheet, each at the corner that it is nearest to; where none is
/// placed, at as many corners as are wanted, chosen where they help most.
///
/// @param open ids of the corners, in the order of the valves
/// @param own  valves on the sheet
/// @param off  those of them that are on no pipe
record DrainValves(Set<String> open, List<Thing> own, List<Thing> off) {
    /// What no ice splits a pipe with \[m³\].
    static final double LITTLE = 20e-6;
    /// From a corner at most \[m\].
    private static final double REACH = 0.4;
    private static final int MOST = 8;

    DrainValves {
        open = java.util.Collections.unmodifiableSet(new LinkedHashSet<>(open));
        own = List.copyOf(own);
        off = List.copyOf(off);
    }

    static DrainValves of(Design d, PipePlan plan) {
        PipePlan.Standing s = plan.standing();
        List<Thing> own = d.things().stream()
                .filter(t -> t.has(Plumbed.DrainValve.class) && !t.place().away()).toList();
        if (own.isEmpty() || s.vertices().isEmpty()) {
            return new DrainValves(best(s, wanted(d), slope(d), Set.of()), own, own);
        }
        Set<String> open = new LinkedHashSet<>();
        List<Thing> off = new ArrayList<>();
        for (Thing t : own) {
            LowPoints.Vertex v = nearest(s, t);
            if (apart(v, t) > REACH) {
                off.add(t);
            } else {
                open.add(v.id());
            }
        }
        return new DrainValves(open, own, off);
    }

    /// What each is called, as a list for winter goes through them.
    List<String> names() {
        return own.isEmpty()
                ? IntStream.rangeClosed(1, open.size()).mapToObj(i -> "Drain " + i).toList()
                : own.stream().filter(t -> !off.contains(t)).map(Thing::name).toList();
    }

    /// Valves that are bought besides the things on the sheet.
    static int bought(Design d) {
        return d.things().stream().anyMatch(t -> t.has(Plumbed.DrainValve.class)) ? 0 : wanted(d);
    }

    private static int wanted(Design d) {
        return (int) Math.round(Assumed.value(d, Assumption.PIPE_DRAINS));
    }

    private static double slope(Design d) {
        return Assumed.value(d, Assumption.PIPE_SLOPE);
    }

    private static LowPoints.Vertex nearest(PipePlan.Standing s, Thing t) {
        return s.vertices().stream().min(Comparator.comparingDouble(v -> apart(v, t))).orElseThrow();
    }

    private static double apart(LowPoints.Vertex v, Thing t) {
        Placement p = t.place();
        return Math.hypot(Math.hypot(v.x() - p.x(), v.y() - p.y()), v.z() - p.z() - t.size().height() / 2);
    }

    /// What stays, level or on a slope either way, whichever is most \[m³\].
    static double worst(PipePlan.Standing s, Set<String> open, double pitch) {
        double most = 0;
        for (double at : new double[]{0, pitch, -pitch}) {
            most = Math.max(most, LowPoints.of(s.vertices(), s.edges(), open, at, 0).volume());
        }
        return most;
    }

    /// Corners where drains help most, so many more than those that are there.
    private static Set<String> best(PipePlan.Standing s, int count, double pitch, Set<String> there) {
        Set<String> open = new LinkedHashSet<>(there);
        for (int i = 0; i < count; i++) {
            String best = "";
            double least = Double.POSITIVE_INFINITY;
            for (LowPoints.Vertex v : s.vertices()) {
                Set<String> with = new LinkedHashSet<>(open);
                with.add(v.id());
                double left = worst(s, with, pitch);
                if (left < least - 1e-12) {
                    least = left;
                    best = v.id();
                }
            }
            if (best.isEmpty() || !open.add(best)) {
                break;
            }
        }
        return open;
    }

    /// As many more as leave next to nothing, where that many do: counted, or placed where some are on the sheet.
    static Stream<Remedy> more(Design d, PipePlan plan) {
        PipePlan.Standing s = plan.standing();
        DrainValves now = of(d, plan);
        boolean counted = now.own.isEmpty();
        int there = counted ? wanted(d) : now.open.size();
        Set<String> from = counted ? Set.of() : now.open;
        return IntStream.rangeClosed(1, MOST - there)
                .filter(n -> worst(s, best(s, counted ? there + n : n, slope(d), from), slope(d)) <= LITTLE).limit(1)
                .boxed().flatMap(n -> counted
                        ? Stream.of(Mend.assumed(Assumption.PIPE_DRAINS, there + n, says(n)))
                        : placed(s, best(s, n, slope(d), from), from, n).stream());
    }

    private static Sentence says(int n) {
        return Sentence.counted(n, "One more drain", "{0} more drains");
    }

    private static Optional<Remedy> placed(PipePlan.Standing s, Set<String> all, Set<String> there, int n) {
        return Catalogue.shipped().find("drain-valve").map(shelf -> new Remedy(says(n), new Edit("Drains", d -> {
            Design next = d;
            for (LowPoints.Vertex v : s.vertices()) {
                if (all.contains(v.id()) && !there.contains(v.id())) {
                    next = next.plus(at(shelf.withId(next.freeId(shelf.id())), v));
                }
            }
            return next;
        })));
    }

    private static Thing at(Thing t, LowPoints.Vertex v) {
        return t.with(new Placement(v.x(), v.y(), v.z() - t.size().height() / 2, 0));
    }

    /// Onto the pipe.
    static Stream<Remedy> moved(Thing t, PipePlan plan) {
        PipePlan.Standing s = plan.standing();
        return s.vertices().isEmpty()
                ? Stream.empty()
                : Stream.of(new Remedy(Sentence.of("{0} at the nearest corner of a pipe", t.name()),
                        new Edit("Move " + t.name(), d -> d.mapping(t.id(), o -> at(o, nearest(s, t))))));
    }
}
