package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.Optional;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Solid;

/// What a thing that folds out looks like in camp and at night: a tent over its floor, or a sheet on poles, and the ladder.
///
/// In the coordinates of the body: x behind its foremost point, y right of the middle, z above the floor.
public final class Unfolded {
    private static final double TENT = 1.20;
    private static final double SHEET = 0.03;
    private static final double POLE = 0.016;
    private static final double RUNG = 0.28;
    private static final double LADDER = 0.18;
    private static final double FLOOR = 0.10;

    private final Solid solid;
    private final Feature.FoldOut fold;
    private final double ground;
    private final Solids solids = new Solids();

    private Unfolded(Solid solid, Feature.FoldOut fold, double ground) {
        this.solid = solid;
        this.fold = fold;
        this.ground = ground;
    }

    /// @param floorHeight of the body above the ground \[m\]
    /// @return empty on the road, and for what does not fold out or is not there
    public static Optional<Form> of(Thing thing, Mode mode, double floorHeight) {
        Optional<Feature.FoldOut> fold = thing.feature(Feature.FoldOut.class);
        if (mode == Mode.ROAD || fold.isEmpty() || thing.mount() == Mount.SPREAD || thing.at(mode).away()) {
            return Optional.empty();
        }
        Unfolded u = new Unfolded(Solid.of(thing.size(), thing.at(mode)), fold.get(), -floorHeight);
        if (thing.has(Feature.Bed.class)) {
            u.tent();
        } else {
            u.sheet();
        }
        if (fold.get().ladder() > 0) {
            u.ladder(thing.has(Feature.Bed.class) ? u.solid.z1() : u.solid.z2());
        }
        return Optional.of(u.solids.form());
    }

    /// The ground that is covered, beside the thing \[x1, y1, x2, y2\].
    public static double[] strip(Solid s, Feature.FoldOut f) {
        return switch (f.face()) {
            case LEFT -> new double[]{s.minX(), s.minY() - f.out(), s.maxX(), s.minY()};
            case RIGHT, TOP -> new double[]{s.minX(), s.maxY(), s.maxX(), s.maxY() + f.out()};
            case FRONT -> new double[]{s.minX() - f.out(), s.minY(), s.minX(), s.maxY()};
            case REAR -> new double[]{s.maxX(), s.minY(), s.maxX() + f.out(), s.maxY()};
        };
    }

    /// Where people lie in a tent that folds out: its whole floor; where they lie on anything else.
    public static Solid bed(Thing thing, Mode mode) {
        Solid s = Solid.of(thing.size(), thing.at(mode));
        Optional<Feature.FoldOut> fold = thing.feature(Feature.FoldOut.class);
        if (fold.isEmpty() || mode == Mode.ROAD || !thing.has(Feature.Bed.class)) {
            return s;
        }
        double[] all = all(s, strip(s, fold.get()));
        return new Solid((all[0] + all[2]) / 2, (all[1] + all[3]) / 2, s.z1(), s.z1() + FLOOR, (all[2] - all[0]) / 2,
                (all[3] - all[1]) / 2, 1, 0);
    }

    private static double[] all(Solid s, double[] strip) {
        return new double[]{Math.min(s.minX(), strip[0]), Math.min(s.minY(), strip[1]), Math.max(s.maxX(), strip[2]),
                Math.max(s.maxY(), strip[3])};
    }

    private void tent() {
        double[] a = all(solid, strip(solid, fold));
        double z = solid.z1();
        boolean across = fold.face() != Feature.Face.FRONT && fold.face() != Feature.Face.REAR;
        solids.box(Paint.STEEL, a[0], a[2], a[1], a[3], z, z + FLOOR);
        double low = z + FLOOR;
        double eaves = z + 0.45 * TENT;
        double ridge = z + TENT;
        solids.box(Paint.CLOTH, a[0], a[2], a[1], a[3], low, eaves);
        if (across) {
            double in = 0.22 * (a[3] - a[1]);
            solids.across(Paint.CLOTH, a[0], a[2], a[1], eaves, a[3], eaves, a[3] - in, ridge, a[1] + in, ridge);
            solids.onTop(Paint.FAINT, ridge, false, a[0], a[1] + in, a[2], a[1] + in);
            solids.onTop(Paint.FAINT, ridge, false, a[0], a[3] - in, a[2], a[3] - in);
        } else {
            double in = 0.22 * (a[2] - a[0]);
            solids.side(Paint.CLOTH, a[1], a[3], a[0], eaves, a[2], eaves, a[2] - in, ridge, a[0] + in, ridge);
        }
        double w = 0.3 * (a[2] - a[0]);
        double m = (a[0] + a[2]) / 2;
        for (int side = 0; side < 2; side++) {
            double y = side == 0 ? a[1] : a[3];
            solids.onSide(Paint.GLASS, y, side == 0 ? -1 : 1, m - w / 2, low + 0.12, m + w / 2, low + 0.12, m + w / 2,
                    eaves - 0.02, m - w / 2, eaves - 0.02);
        }
    }

    private void sheet() {
        double[] s = strip(solid, fold);
        double rail = solid.z2();
        double edge = rail - fold.drop();
        switch (fold.face()) {
            case LEFT -> solids.across(Paint.CLOTH, s[0], s[2], s[3], rail - SHEET, s[3], rail, s[1], edge, s[1],
                    edge - SHEET);
            case RIGHT, TOP -> solids.across(Paint.CLOTH, s[0], s[2], s[1], rail - SHEET, s[1], rail, s[3], edge, s[3],
                    edge - SHEET);
            case FRONT -> solids.side(Paint.CLOTH, s[1], s[3], s[2], rail - SHEET, s[2], rail, s[0], edge, s[0],
                    edge - SHEET);
            case REAR -> solids.side(Paint.CLOTH, s[1], s[3], s[0], rail - SHEET, s[0], rail, s[2], edge, s[2],
                    edge - SHEET);
        }
        if (fold.pole() > 0) {
            boolean side = fold.face() == Feature.Face.LEFT || fold.face() == Feature.Face.RIGHT
                    || fold.face() == Feature.Face.TOP;
            double x = fold.face() == Feature.Face.FRONT ? s[0] + POLE : s[2] - POLE;
            double y = fold.face() == Feature.Face.LEFT ? s[1] + POLE : s[3] - POLE;
            for (int end = 0; end < 2; end++) {
                double px = side ? end == 0 ? s[0] + POLE : s[2] - POLE : x;
                double py = side ? y : end == 0 ? s[1] + POLE : s[3] - POLE;
                solids.post(Paint.STEEL, px, py, ground, edge - SHEET, POLE);
            }
        }
    }

    private void ladder(double top) {
        double[] s = strip(solid, fold);
        boolean side = fold.face() != Feature.Face.FRONT && fold.face() != Feature.Face.REAR;
        double way = fold.face() == Feature.Face.LEFT || fold.face() == Feature.Face.FRONT ? -1 : 1;
        double from = side ? way < 0 ? s[1] : s[3] : way < 0 ? s[0] : s[2];
        double middle = side ? (s[0] + s[2]) / 2 : (s[1] + s[3]) / 2;
        double foot = from + way * fold.ladder();
        for (int k = -1; k <= 1; k += 2) {
            double m = middle + k * LADDER;
            if (side) {
                solids.tube(Paint.STEEL, POLE, m, from, top, m, foot, ground);
            } else {
                solids.tube(Paint.STEEL, POLE, from, m, top, foot, m, ground);
            }
        }
        int rungs = (int) Math.clamp((top - ground) / RUNG, 1, 12);
        for (int i = 1; i <= rungs; i++) {
            double t = i / (rungs + 1.0);
            double at = from + t * (foot - from);
            double z = top + t * (ground - top);
            if (side) {
                solids.tube(Paint.STEEL, POLE, middle - LADDER, at, z, middle + LADDER, at, z);
            } else {
                solids.tube(Paint.STEEL, POLE, at, middle - LADDER, z, at, middle + LADDER, z);
            }
        }
    }
}
