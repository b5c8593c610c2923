package lectulum.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Body;

/// A body made higher or lower, or given a top that rises.
public final class Raising {
    /// A top that rises weighs that a square metre, and with its seals and lifters \[kg/m²\], \[kg\] (assumed).
    private static final double TOP = 7;
    private static final double LIFTERS = 8;
    private static final double PANEL = 0.015;
    private static final double SEALS = 60;
    private static final double STEP = 0.01;
    /// Folding sides for a square metre \[kg\], money; lifters, seals and their own time (assumed).
    private static final double SIDE_MASS = 3;
    private static final double SIDE_MONEY = 55;
    private static final double LIFT_MONEY = 520;
    private static final double LIFT_HOURS = 40 * 3600;
    /// Wall of so much weighs, costs and takes for a square metre (assumed).
    public static final double SKIN_MASS = 7;
    public static final double SKIN_MONEY = 45;
    public static final double SKIN_HOURS = 3 * 3600;

    private Raising() {
    }

    /// What makes the tallest stand: a top that rises by what lacks, or a body so much higher.
    ///
    /// @param road the body on the road
    /// @param camp the body in camp
    public static Stream<Remedy> standing(Design d, Body road, Body camp) {
        double standing = new Needs(d.brief().tallest()).standing();
        Shell shell = d.base().shell();
        List<Remedy> all = new ArrayList<>();
        if (!(shell instanceof Shell.Tray) && d.base().carcass().lift().isEmpty()) {
            all.add(new Remedy(Sentence.of("A roof that rises by {0}", Amount.m(rise(d, standing))),
                    new Edit("Lifting roof", x -> lifting(x, standing))));
        }
        if (!camp.open()) {
            double more = up(standing - camp.roofInside().highest());
            double inside = road.roofInside().highest();
            all.add(new Remedy(Sentence.of("A body {0} higher", Amount.m(more)),
                    new Edit("Higher body", x -> high(x, inside + more))));
        }
        return all.stream();
    }

    /// The body with its roof so high inside at its highest; what is on, in or under the roof goes with it.
    ///
    /// @param inside \[m\], in steps of a centimetre upwards
    public static Design high(Design d, double inside) {
        double by = up(inside - Body.of(d.base(), Mode.ROAD).roofInside().highest());
        Shell shell = d.base().shell();
        double top = shell.height();
        double skin = 2 * (shell.length() + shell.width()) * by;
        return new BaseWork(SKIN_MASS * skin, shell.length() / 2, top, SKIN_MONEY * skin, SKIN_HOURS * skin)
                .on(d.with(d.base().with(shell.resized(shell.length(), shell.width(), top + by))))
                .withThings(d.things().stream()
                        .map(t -> goesAlong(t, top) ? t.with(t.place().moved(0, 0, by)) : t).toList());
    }

    private static boolean goesAlong(Thing t, double top) {
        double z = t.place().z();
        return z > top - 0.15 || t.mount() == Mount.OUTSIDE && z > top - 0.35
                || t.mount() == Mount.SET_IN && z > 0.6 * top;
    }

    /// With a top that rises until one stands so high.
    ///
    /// @param standing wanted inside, in camp \[m\]
    public static Design lifting(Design d, double standing) {
        Shell shell = d.base().shell();
        Carcass.Lift lift = new Carcass.Lift(rise(d, standing), PANEL,
                Math.round(TOP * shell.length() * shell.width() + LIFTERS), SEALS, 4);
        double sides = 2 * (shell.length() + shell.width()) * rise(d, standing);
        return new BaseWork(LIFTERS + SIDE_MASS * sides, shell.length() / 2, shell.height(),
                LIFT_MONEY + SIDE_MONEY * sides, LIFT_HOURS)
                .on(d.with(d.base().with(d.base().carcass().withLift(Optional.of(lift)))));
    }

    /// How far that top rises \[m\].
    public static double rise(Design d, double standing) {
        return Math.max(0.1, up(standing - d.base().shell().height() + d.base().roof() + 4 * PANEL));
    }

    public static double up(double metres) {
        return Math.ceil(metres / STEP - 1e-6) * STEP;
    }
}
