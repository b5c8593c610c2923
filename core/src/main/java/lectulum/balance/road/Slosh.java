package lectulum.balance.road;

import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.statics.FreeSurface;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Water that runs in part-full tanks: what it takes from the tongue uphill and from one side in a curve.
final class Slosh {
    private Slosh() {
    }

    /// What lies free in part-full tanks, each at the fill at which that changes most.
    static Optional<Study> study(Rig rig) {
        double g = rig.assumed(Assumption.SLOSH_G);
        double along = 0;
        double aside = 0;
        Study.Notebook book = new Study.Notebook("slosh", Stage.BALANCE, "Part-full tanks", "");
        String source = "hydrostatics of a box; a surge overshoots it";
        for (Thing t : rig.design.things()) {
            if (t.tank().isEmpty() || t.tank().get().use() == Tank.Use.GAS || t.mount() == Mount.SPREAD) {
                continue;
            }
            double full = t.tank().get().fullMass();
            Solid s = Solid.of(t.size(), t.place());
            double height = s.z2() - s.z1();
            if (!(full > 0) || !(height > 0) || !(s.reachX() > 0) || !(s.reachY() > 0)) {
                continue;
            }
            int rooms = rooms(t);
            int rowsAlong = partedAlong(t) ? rooms : 1;
            int rowsAside = partedAlong(t) ? 1 : rooms;
            double back = runs(2 * s.reachX(), height, full, g, rowsAlong) / rig.axle;
            double side = 2 * runs(2 * s.reachY(), height, full, g, rowsAside) / rig.track;
            along += back;
            aside += side;
            book.figure("slosh." + t.id() + ".tongue", t.name() + ", from or to the tongue", back, Quantity.MASS,
                    "max m Δx/x_A over all fills", Sentence.of("{0} when full, {1} long, {2} high, {3} g",
                            Amount.kg(full), Amount.m(2 * s.reachX() / rowsAlong), Amount.m(height),
                            RoadStudies.two(g)),
                    source);
            book.figure("slosh." + t.id() + ".side", t.name() + ", to one side", side, Quantity.MASS,
                    "max 2 m Δy/track over all fills", Sentence.of("{0} wide", Amount.m(2 * s.reachY() / rowsAside)),
                    source);
        }
        if (along <= 0) {
            return Optional.empty();
        }
        LoadedState s = rig.lightestTongue();
        double lighter = RoadStudies.uphill(rig, s) - along;
        book.figure("slosh.tongue", "Tongue uphill with all of it at the rear ends", lighter, Quantity.MASS,
                "T − M a (Z − h)/x_A − Σ", Sentence.of("{0} of it by the tanks, {1}", Amount.kg(along),
                        s.loadCase().name()),
                source);
        book.figure("slosh.side", "One side heavier than the other by", aside, Quantity.MASS, "Σ 2 m Δy/track",
                Sentence.of("{0} g sideways", RoadStudies.two(g)), source);
        if (lighter <= 0 && lighter + along > 0) {
            book.say(RoadRules.SLOSH_LIFT, Severity.WARN, Sentence.of("Water that runs back pulls the coupler up"),
                    Sentence.of(
                            "Uphill the tongue keeps {0}; part-full tanks take {1} of it. Fill or empty them, or part"
                                    + " them by a baffle across.",
                            Amount.kg(lighter + along), Amount.kg(along)));
        }
        return Optional
                .of(book.note("A tank that is full or empty does not do this; a baffle across the camper halves the"
                        + " length over which water runs, and so takes three quarters of it.").done());
    }

    /// In rooms of equal length, each with its part of the water.
    private static double runs(double length, double height, double full, double g, int rooms) {
        return rooms * FreeSurface.most(length / rooms, height, full / rooms, g);
    }

    /// Rooms that baffles make of a tank.
    static int rooms(Thing t) {
        return Math.max(1, t.feature(Plumbed.Vessel.class).map(Plumbed.Vessel::rooms).orElse(1));
    }

    /// Whether baffles, which stand across the longer side, part it along the camper.
    static boolean partedAlong(Thing t) {
        double yaw = t.place().yaw();
        boolean along = Math.abs(Math.cos(yaw)) >= Math.abs(Math.sin(yaw));
        return along == t.size().length() >= t.size().width();
    }
}
