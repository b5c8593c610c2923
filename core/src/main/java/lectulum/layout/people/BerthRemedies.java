package lectulum.layout.people;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;
import lectulum.layout.FreePlace;
import lectulum.layout.people.BerthStudies.Fitting;
import lectulum.space.Body;
import lectulum.space.Solid;

/// What is missing at a pillow, set on the walls beside it or at the end of the bed.
final class BerthRemedies {
    /// From an opening \[m\].
    private static final double FREE = 0.1;

    private BerthRemedies() {
    }

    static Stream<Remedy> of(Known known, BerthRules rule, Finding finding) {
        return switch (rule) {
            case BERTH_FITTINGS -> {
                List<Pillow> pillows = Pillow.of(known.design(), known.of(People.DISCIPLINE));
                yield pillows.stream()
                        .filter(p -> finding.about().equals(Subject.sleeper(p.bed(), p.person())))
                        .flatMap(p -> Stream.of(true, false)
                                .flatMap(wall -> fitted(known.design(), p, pillows, wall).stream()));
            }
        };
    }

    /// @param wall whether on the walls beside the pillow, else at the end of the bed
    private static Optional<Remedy> fitted(Design d, Pillow p, List<Pillow> all, boolean wall) {
        List<String> moved = new ArrayList<>();
        List<Thing> bought = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        Design sofar = d;
        for (Fitting f : BerthStudies.missing(d, p)) {
            Optional<Thing> had = idle(d, all, f);
            Thing t = had.orElseGet(() -> Catalogue.shipped().find(usual(d, f)).orElseThrow());
            Optional<Placement> at = FreePlace.first(sofar, t, places(sofar, p, f, t, wall));
            if (at.isEmpty()) {
                return Optional.empty();
            }
            if (had.isPresent()) {
                moved.add(t.name());
                edits.add(new Edit("", x -> x.mapping(t.id(), y -> y.with(at.get()))));
            } else {
                bought.add(t);
                edits.add(new Edit("", x -> x.plus(t.withId(x.freeId(t.id())).with(at.get()))));
            }
            sofar = edits.getLast().apply(sofar);
        }
        Amount cost = Amount.money(bought.stream().mapToDouble(t -> t.cost().forecast()).sum());
        String names = String.join(", ", moved);
        String added = bought.stream().map(Thing::name).collect(Collectors.joining(", "));
        String on = wall ? "on the wall beside the pillow of {1}" : "at the end of the bed of {1}";
        String to = wall ? "to the wall beside the pillow of {1}" : "to the end of the bed of {1}";
        Sentence says = moved.isEmpty()
                ? Sentence.of("{0} " + on + ": {2}", added, p.name(), cost)
                : bought.isEmpty()
                        ? Sentence.of("Move {0} " + to, names, p.name())
                        : Sentence.of("Move {0} " + to + "; with {2}: {3}", names, p.name(), added, cost);
        return Optional.of(new Remedy(says, new Edit("Fit the bed of " + p.name(), x -> {
            Design next = x;
            for (Edit e : edits) {
                next = e.apply(next);
            }
            return next;
        })));
    }

    /// A reading lamp that is within reach of nobody.
    private static Optional<Thing> idle(Design d, List<Pillow> all, Fitting f) {
        return d.things().stream().filter(t -> f == Fitting.LIGHT
                && t.feature(Electric.Lamp.class).filter(l -> l.zone() == Electric.Zone.READ).isPresent()
                && t.elsewhere().isEmpty() && all.stream().noneMatch(p -> BerthStudies.away(t, p) <= f.reach(d) + 1e-9))
                .findFirst();
    }

    /// One socket more draws nothing where there is one already: it is the telephone that draws.
    private static String usual(Design d, Fitting f) {
        return switch (f) {
            case LIGHT -> "reading-lamp";
            case SOCKET -> d.things().stream().anyMatch(t -> t.has(Electric.Outlet.class) && t.load().isPresent())
                    ? "12-v-socket"
                    : "usb-socket-double";
            case PLACE -> "wall-pocket";
            case HOOK -> "wall-hook";
        };
    }

    /// Beside and above each other within reach, where nothing that opens is behind.
    private static Stream<Placement> places(Design d, Pillow p, Fitting f, Thing t, boolean wall) {
        List<Solid> openings = d.things().stream().filter(o -> o.has(Feature.Opening.class))
                .map(o -> Solid.of(o.size(), o.place())).toList();
        Body body = Body.of(d.base());
        List<Side> sides = wall ? walls(body, p) : List.of(Side.END);
        return sides.stream().flatMap(side -> DoubleStream.of(0, 0.15, -0.15, 0.3, -0.3, 0.45, -0.45).boxed()
                .flatMap(more -> DoubleStream.of(0, 0.15, -0.15, 0.3, -0.3)
                        .mapToObj(higher -> place(body, p, t.size(), side, aside(f) + more, up(f) + higher))))
                .filter(at -> {
                    Solid s = Solid.of(t.size(), at);
                    return BerthStudies.away(t.with(at), p) <= f.reach(d)
                            && openings.stream().noneMatch(o -> s.distanceTo(o) < FREE);
                });
    }

    /// Where something is fixed.
    private enum Side {
        LEFT, RIGHT, FRONT, REAR, END;

        /// From a pillow \[m\].
        double away(Body body, Pillow p) {
            return switch (this) {
                case LEFT -> p.y() + body.clearLeft(p.x(), p.z());
                case RIGHT -> body.clearRight(p.x(), p.z()) - p.y();
                case FRONT -> p.x() - body.clearFront(p.y(), p.z());
                case REAR -> body.clearRear(p.y(), p.z()) - p.x();
                case END -> Pillow.FROM_END;
            };
        }
    }

    /// The nearest first.
    private static List<Side> walls(Body body, Pillow p) {
        return body.open()
                ? List.of()
                : Stream.of(Side.LEFT, Side.RIGHT, Side.FRONT, Side.REAR)
                        .sorted(Comparator.comparingDouble(s -> s.away(body, p))).toList();
    }

    private static double aside(Fitting f) {
        return switch (f) {
            case LIGHT -> 0;
            case SOCKET -> 0.18;
            case PLACE -> -0.20;
            case HOOK -> 0.30;
        };
    }

    private static double up(Fitting f) {
        return switch (f) {
            case LIGHT -> 0.30;
            case SOCKET -> 0.15;
            case PLACE -> 0.05;
            case HOOK -> 0.35;
        };
    }

    private static Placement place(Body body, Pillow p, Size size, Side side, double aside, double up) {
        double z = Math.max(0, p.z() + up);
        double deep = size.width() / 2;
        double x = p.x() + aside;
        double y = p.y() + aside;
        return switch (side) {
            case LEFT -> new Placement(x, deep - body.clearLeft(x, z), z, 0);
            case RIGHT -> new Placement(x, body.clearRight(x, z) - deep, z, 0);
            case FRONT -> new Placement(body.clearFront(y, z) + deep, y, z, Math.PI / 2);
            case REAR -> new Placement(body.clearRear(y, z) - deep, y, z, Math.PI / 2);
            case END -> new Placement(p.x() - Math.cos(p.along()) * Pillow.FROM_END - Math.sin(p.along()) * aside,
                    p.y() - Math.sin(p.along()) * Pillow.FROM_END + Math.cos(p.along()) * aside, z,
                    p.along() + Math.PI / 2);
        };
    }
}
