package lectulum.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.LoadCase;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.kernel.packing.PlaceSearch;
import lectulum.layout.Layout;
import lectulum.space.Body;
import lectulum.space.Contents;
import lectulum.space.Solid;

/// Looks for better places of a thing inside: it must fit, stand firm and leave doors free, and then the balance decides.
public final class FindPlace {
    /// Heavier things do not go above this height \[kg\], \[m\].
    private static final double HEAVY = 15;
    private static final double NOT_ABOVE = 0.6;
    private static final int LOOKED_AT = 24;

    private FindPlace() {
    }

    /// The best few places on the road, each as a remedy that can be tried; none for a thing that is not inside, and none
    /// without an axle.
    ///
    /// @param stop ends the search early
    public static List<Remedy> of(Analysis analysis, String id, int count, BooleanSupplier stop) {
        Design d = analysis.design();
        Thing thing = d.thing(id).filter(t -> t.mount() == Mount.INSIDE).orElse(null);
        LoadedState loaded = analysis.of(Balance.DISCIPLINE).state(LoadCase.DEPARTURE.id()).orElse(null);
        if (thing == null || loaded == null || d.base().ballToAxle() <= 0) {
            return List.of();
        }
        List<Remedy> found = new ArrayList<>();
        Layout before = analysis.of(Layout.DISCIPLINE);
        for (PlaceSearch.Place place : search(d, before.body(), thing, loaded).best(item(d, thing, loaded),
                LOOKED_AT, (box, turned) -> inside(d, before.body(), box), stop)) {
            if (found.size() == count || stop.getAsBoolean()) {
                return found;
            }
            Remedy remedy = remedy(d, thing, place);
            if (!fresh(before, Layout.of(remedy.edit().apply(d)))
                    && !Remedies.raisesAny(analysis, analysis.peek(remedy.edit().apply(analysis.given())))) {
                found.add(remedy);
            }
        }
        return found;
    }

    /// Whether a layout has a fault in any mode that the one before had not, or a deeper one.
    private static boolean fresh(Layout before, Layout after) {
        Map<String, Severity> known = new HashMap<>();
        before.findings().forEach(f -> known.put(f.id(), f.severity()));
        return after.findings().stream().anyMatch(
                f -> !known.containsKey(f.id()) || f.severity().compareTo(known.get(f.id())) > 0);
    }

    private static PlaceSearch search(Design d, Body body, Thing thing, LoadedState loaded) {
        double tongue = d.base().tongueLength();
        double half = body.halfWidth() - d.base().wall();
        List<PlaceSearch.Obstacle> obstacles = new ArrayList<>();
        for (Thing t : d.things()) {
            if (t.mount() == Mount.INSIDE && !t.id().equals(thing.id())) {
                Solid s = Solid.of(t.size(), t.place());
                obstacles.add(new PlaceSearch.Obstacle(new PlaceSearch.Box(tongue + s.minX(), s.minY(), s.z1(),
                        tongue + s.maxX(), s.maxY(), s.z2()), 1e-9));
            }
        }
        double mass = loaded.loadCase().massOf(thing);
        double rest = loaded.mass() - mass;
        double x = (loaded.mass() * loaded.roll().x() - mass * (tongue + thing.place().x())) / rest;
        double y = (loaded.mass() * loaded.roll().y() - mass * thing.place().y()) / rest;
        return new PlaceSearch(
                new PlaceSearch.Box(tongue + body.insideFront(), -half, 0, tongue + body.insideRear(), half,
                        body.roofInside().highest()),
                obstacles, new PlaceSearch.Lump(rest, x, y), d.base().ballToAxle(),
                (d.brief().tongueLow() + d.brief().tongueHigh()) / 2, PlaceSearch.USUAL_WEIGHTS);
    }

    private static PlaceSearch.Item item(Design d, Thing t, LoadedState loaded) {
        double mass = loaded.loadCase().massOf(t);
        return new PlaceSearch.Item(t.size().length(), t.size().width(), t.size().height(), mass,
                mass > HEAVY ? NOT_ABOVE : Double.POSITIVE_INFINITY);
    }

    private static boolean inside(Design d, Body body, PlaceSearch.Box box) {
        double tongue = d.base().tongueLength();
        double x1 = box.x1() - tongue;
        double x2 = box.x2() - tongue;
        double left = Math.min(body.clearLeft(x1, box.z1()), body.clearLeft(x2, box.z2())) + 0.001;
        double right = Math.min(body.clearRight(x1, box.z1()), body.clearRight(x2, box.z2())) + 0.001;
        return box.y1() >= -left && box.y2() <= right && box.z2() <= body.clearHeight(x1, x2) + 0.001;
    }

    private static Remedy remedy(Design d, Thing t, PlaceSearch.Place p) {
        double l = p.turned() ? t.size().width() : t.size().length();
        double w = p.turned() ? t.size().length() : t.size().width();
        double yaw = p.turned() ? Math.PI / 2 : 0;
        Placement to = new Placement(p.x() + l / 2 - d.base().tongueLength(), p.y() + w / 2, p.z(), yaw);
        String side = Math.abs(to.y()) < 0.05 ? "in the middle" : to.y() < 0 ? "left" : "right";
        Sentence says = Sentence.of("{0} behind the ball, {1}{2}{3}: tongue {4}",
                Amount.m(p.x() + l / 2), side, p.z() > 0.02 ? ", raised" : "", p.turned() ? ", turned" : "",
                Amount.share(p.share()));
        return new Remedy(says, new Edit("Place " + t.name(), x -> Contents.put(x, t, to)));
    }

}
