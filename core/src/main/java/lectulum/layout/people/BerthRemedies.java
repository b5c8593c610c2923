package lectulum.layout.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;
import lectulum.layout.people.BerthStudies.Fitting;
import lectulum.space.Body;

/// What is missing at a pillow, set on the wall beside it.
final class BerthRemedies {
    /// A wall within this of the pillow is used \[m\].
    private static final double NEAR = 0.5;

    private BerthRemedies() {
    }

    static Stream<Remedy> of(Known known, BerthRules rule, Finding finding) {
        return switch (rule) {
            case BERTH_FITTINGS -> {
                List<Pillow> pillows = Pillow.of(known.design(), known.of(People.DISCIPLINE));
                yield pillows.stream()
                        .filter(p -> finding.about().equals(Subject.sleeper(p.bed(), p.person())))
                        .map(p -> fitted(known.design(), p, pillows));
            }
        };
    }

    private static Remedy fitted(Design d, Pillow p, List<Pillow> all) {
        List<Fitting> missing = BerthStudies.missing(d, p);
        List<Optional<Thing>> had = missing.stream().map(f -> idle(d, all, f)).toList();
        List<Thing> bought = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < missing.size(); i++) {
            Fitting f = missing.get(i);
            Thing t = had.get(i).orElseGet(() -> Catalogue.shipped().find(usual(d, f)).orElseThrow());
            Placement at = place(d, p, f, t.size());
            if (had.get(i).isPresent()) {
                edits.add(new Edit("", x -> x.mapping(t.id(), y -> y.with(at))));
            } else {
                bought.add(t);
                edits.add(new Edit("", x -> x.plus(t.withId(x.freeId(t.id())).with(at))));
            }
        }
        String moved = had.stream().flatMap(Optional::stream).map(Thing::name).collect(Collectors.joining(", "));
        String added = bought.stream().map(Thing::name).collect(Collectors.joining(", "));
        Amount cost = Amount.money(bought.stream().mapToDouble(t -> t.cost().forecast()).sum());
        Sentence says = moved.isEmpty()
                ? Sentence.of("{0} at the pillow of {1}: {2}", added, p.name(), cost)
                : bought.isEmpty()
                        ? Sentence.of("Move {0} to the pillow of {1}", moved, p.name())
                        : Sentence.of("Move {0} to the pillow of {1}; with {2}: {3}", moved, p.name(), added, cost);
        return new Remedy(says, new Edit("Fit the bed of " + p.name(), x -> {
            Design next = x;
            for (Edit e : edits) {
                next = e.apply(next);
            }
            return next;
        }));
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

    /// Beside and above each other on the wall that is nearest to the pillow, or at the end of the bed where no wall is near.
    private static Placement place(Design d, Pillow p, Fitting f, Size size) {
        double aside = switch (f) {
            case LIGHT -> 0;
            case SOCKET -> 0.18;
            case PLACE -> -0.20;
            case HOOK -> 0.30;
        };
        double up = switch (f) {
            case LIGHT -> 0.30;
            case SOCKET -> 0.15;
            case PLACE -> 0.05;
            case HOOK -> 0.35;
        };
        Body body = Body.of(d.base());
        double most = body.open() ? Double.POSITIVE_INFINITY : body.roofInside().at(p.x()) - size.height();
        double z = Math.max(0, Math.min(p.z() + up, most));
        double deep = size.width() / 2;
        double left = p.y() + body.clearLeft(p.x(), p.z());
        double right = body.clearRight(p.x(), p.z()) - p.y();
        double front = p.x() - body.clearFront(p.y(), p.z());
        double rear = body.clearRear(p.y(), p.z()) - p.x();
        double near = Math.min(Math.min(left, right), Math.min(front, rear));
        if (body.open() || near > NEAR) {
            return new Placement(p.x() - Math.cos(p.along()) * Pillow.FROM_END - Math.sin(p.along()) * aside,
                    p.y() - Math.sin(p.along()) * Pillow.FROM_END + Math.cos(p.along()) * aside, z,
                    p.along() + Math.PI / 2);
        }
        double x = p.x() + aside;
        double y = p.y() + aside;
        return near == front ? new Placement(body.clearFront(y, z) + deep, y, z, Math.PI / 2)
                : near == rear ? new Placement(body.clearRear(y, z) - deep, y, z, Math.PI / 2)
                        : near == left ? new Placement(x, deep - body.clearLeft(x, z), z, 0)
                                : new Placement(x, body.clearRight(x, z) - deep, z, 0);
    }
}
