package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.design.wiring.Wiring;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Body;

/// The raceways that most builders lay: one along each side below the roof, joined across at the front and at the rear.
public final class Raceways {
    private static final double HIGH_UP = 0.9;
    private static final double STEP = 0.02;
    private static final double NARROW = 0.8;
    private static final double BELOW_ROOF = 0.06;
    private static final double OFF_WALL = 0.03;
    private static final double OFF_END = 0.15;
    private static final double WIDE = 0.040;
    private static final double HIGH = 0.025;

    private Raceways() {
    }

    /// Those, and what the user laid himself.
    public static Wiring laid(Design d) {
        Body body = Body.of(d.base());
        double top = body.open() ? d.base().shell().height() : body.roofInside().highest();
        double z = Math.max(0.1, HIGH_UP * top - BELOW_ROOF);
        double front = body.insideFront() + OFF_END;
        double rear = Math.max(front, body.insideRear() - OFF_END);
        while (front < rear && !clear(body, front, z)) {
            front += STEP;
        }
        while (rear > front && !clear(body, rear, z)) {
            rear -= STEP;
        }
        double side = Math.max(0.05,
                Math.min(body.halfWidthInside(front), body.halfWidthInside(rear)) - OFF_WALL);
        Wiring w = d.wiring();
        w = with(w, "Left side", front, -side, rear, -side, z);
        w = with(w, "Right side", front, side, rear, side, z);
        w = with(w, "Across the front", front, -side, front, side, z);
        return with(w, "Across the rear", rear, -side, rear, side, z);
    }

    /// Whether a raceway at that height is below the roof there, and the body not yet narrow.
    private static boolean clear(Body body, double x, double z) {
        return (body.open() || body.roofInside().at(x) > z + BELOW_ROOF / 2)
                && body.halfWidthInside(x) > NARROW * body.halfWidth();
    }

    private static Wiring with(Wiring w, String name, double x1, double y1, double x2, double y2, double z) {
        return w.plus(new Raceway(w.freeId(), name, Part.BODY, Raceway.Zone.CABIN, new Spot(x1, y1, z),
                new Spot(x2, y2, z), WIDE, HIGH, 0, 0));
    }

    static Remedy usual(Design d) {
        return new Remedy(Sentence.of("The usual raceways: along both sides, across at front and rear"),
                new Edit("Usual raceways", x -> x.with(laid(x))));
    }

    /// Ends of all raceways, for what wants to snap to them.
    public static List<Spot> ends(Wiring w) {
        List<Spot> all = new ArrayList<>();
        w.raceways().forEach(r -> {
            all.add(r.from());
            all.add(r.to());
        });
        return List.copyOf(all);
    }
}
