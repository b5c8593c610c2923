package lectulum.symbols;

import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.drawing.Paint;

/// The tow vehicle as it looks. Its origin is on the ground under the ball, x behind it; the whole vehicle lies before.
///
/// Width, rear face, wheels and tailgate stand where the numbers of the vehicle say; the rest is drawn as is usual for the
/// build. Nothing is computed from it.
public final class TowVehicle {
    private static final double SILL = 0.32;
    private static final double WAIST = 0.94;
    private static final double BONNET = 0.84;

    /// What the drawing needs to know.
    ///
    /// @param ahead     rear face before the ball \[m\]
    /// @param half      half of its width \[m\]
    /// @param gateAhead hinge of the tailgate before the ball \[m\]
    /// @param gateHigh  hinge of the tailgate above the ground \[m\]
    record Rear(double ahead, double half, double gateAhead, double gateHigh) {
    }

    private TowVehicle() {
    }

    /// That of a design; what it does not say of its rear is as assumed.
    public static Form of(Design design) {
        return form(design.vehicle(),
                new Rear(Assumed.value(design, Assumption.TOW_AHEAD), Assumed.value(design, Assumption.TOW_HALF),
                        Assumed.value(design, Assumption.GATE_AHEAD), Assumed.value(design, Assumption.GATE_HIGH)));
    }

    static Form form(Vehicle v, Rear rear) {
        Solids s = new Solids();
        double end = -rear.ahead;
        double back = -v.overhang();
        double front = back - v.wheelbase();
        double nose = front - 0.82;
        double r = v.looks() == Vehicle.Looks.PICKUP ? 0.38 : 0.32;
        double cowl = front + 0.48;
        double half = rear.half;
        double roof = Math.max(WAIST + 0.3, v.looks() == Vehicle.Looks.PICKUP ? 1.78 : rear.gateHigh);
        s.side(Paint.CAR, -half, half, nose, SILL + 0.06, nose + 0.04, BONNET - 0.12, cowl, WAIST, cowl, SILL);
        if (v.looks() == Vehicle.Looks.PICKUP) {
            pickup(s, cowl, back, end, half, roof);
        } else {
            saloon(s, cowl, end, half, roof, Math.min(end - 0.05, -rear.gateAhead));
        }
        for (double x : new double[]{front, back}) {
            s.onSides(Paint.DARK, half + 0.001, true, arch(x, r + 0.05));
            s.wheel(Paint.RUBBER, x, r, r, -half - 0.012, -half + 0.19).wheel(Paint.RUBBER, x, r, r, half - 0.19,
                    half + 0.012);
            s.wheel(Paint.STEEL, x, r, 0.62 * r, -half - 0.016, -half).wheel(Paint.STEEL, x, r, 0.62 * r, half,
                    half + 0.016);
            s.wheel(Paint.DARK, x, r, 0.18 * r, -half - 0.020, -half).wheel(Paint.DARK, x, r, 0.18 * r, half,
                    half + 0.020);
        }
        s.box(Paint.DARK, end - 0.14, end, -half + 0.02, half - 0.02, 0.40, 0.56);
        s.box(Paint.DARK, nose - 0.02, nose + 0.12, -half + 0.04, half - 0.04, 0.38, 0.54);
        s.pair(Paint.RED, end - 0.10, end + 0.003, half - 0.17, half - 0.01, 0.68, 0.90);
        double z = v.ballHeight();
        s.tube(Paint.DARK, 0.028, end - 0.25, 0, Math.max(0.2, z - 0.12), -0.07, 0, Math.max(0.2, z - 0.12));
        s.tube(Paint.DARK, 0.022, -0.07, 0, Math.max(0.2, z - 0.12), 0, 0, z - 0.04);
        return s.form();
    }

    private static void saloon(Solids s, double cowl, double end, double half, double roof, double top) {
        double in = half - 0.10;
        double glass = cowl + 0.62;
        s.side(Paint.CAR, -half, half, cowl, SILL, cowl, WAIST, end - 0.03, WAIST, end, 0.62, end - 0.04, SILL);
        s.side(Paint.CAR, -in, in, cowl - 0.02, WAIST, glass, roof, top, roof, end - 0.05, WAIST);
        double b = WAIST + 0.03;
        double a = roof - 0.07;
        double along = top - glass;
        s.onSides(Paint.GLASS, in + 0.002, true, cowl + 0.14, b, glass + 0.04, a, glass + 0.46 * along, a,
                glass + 0.46 * along, b);
        s.onSides(Paint.GLASS, in + 0.002, true, glass + 0.49 * along, b, glass + 0.49 * along, a, top - 0.03, a,
                Math.max(top, end - 0.16), b);
        s.onSides(Paint.FAINT, half + 0.002, false, glass + 0.475 * along, WAIST, glass + 0.475 * along, SILL + 0.04);
        s.onSides(Paint.FAINT, half + 0.002, false, cowl, 0.66, end - 0.02, 0.66);
        s.onTop(Paint.GLASS, roof + 0.001, true, cowl + 0.06, -in + 0.08, glass - 0.03, -in + 0.16, glass - 0.03,
                in - 0.16, cowl + 0.06, in - 0.08);
        s.onTop(Paint.GLASS, roof + 0.001, true, top + 0.03, -in + 0.12, end - 0.07, -in + 0.06, end - 0.07, in - 0.06,
                top + 0.03, in - 0.12);
        s.onTop(Paint.FAINT, roof + 0.001, false, top, -in + 0.04, top, in - 0.04);
    }

    private static void pickup(Solids s, double cowl, double back, double end, double half, double roof) {
        double in = half - 0.10;
        double glass = cowl + 0.50;
        double cab = Math.min(end - 0.6, Math.max(glass + 0.7, back - 0.50));
        double bed = 1.08;
        s.side(Paint.CAR, -half, half, cowl, SILL + 0.1, cowl, WAIST + 0.1, cab, WAIST + 0.1, cab, SILL + 0.1);
        s.side(Paint.CAR, -in, in, cowl - 0.02, WAIST + 0.1, glass, roof, cab - 0.06, roof, cab, WAIST + 0.1);
        s.pair(Paint.CAR, cab + 0.03, end - 0.05, half - 0.07, half, SILL + 0.16, bed);
        s.box(Paint.DARK, cab + 0.03, end - 0.05, -half + 0.07, half - 0.07, SILL + 0.16, SILL + 0.36);
        s.box(Paint.CAR, cab + 0.03, cab + 0.08, -half + 0.07, half - 0.07, SILL + 0.36, bed);
        s.box(Paint.CAR, end - 0.05, end, -half, half, SILL + 0.16, bed);
        double b = WAIST + 0.14;
        double a = roof - 0.08;
        double along = cab - 0.06 - glass;
        s.onSides(Paint.GLASS, in + 0.002, true, cowl + 0.14, b, glass + 0.04, a, glass + 0.46 * along, a,
                glass + 0.46 * along, b);
        s.onSides(Paint.GLASS, in + 0.002, true, glass + 0.52 * along, b, glass + 0.52 * along, a, cab - 0.12, a,
                cab - 0.07, b);
        s.onSides(Paint.FAINT, half + 0.002, false, glass + 0.49 * along, WAIST + 0.1, glass + 0.49 * along,
                SILL + 0.14);
        s.onSides(Paint.FAINT, half + 0.002, false, end - 0.05, SILL + 0.16, end - 0.05, bed);
        s.onTop(Paint.FAINT, SILL + 0.361, false, cab + 0.1, 0, end - 0.07, 0);
        s.onTop(Paint.GLASS, roof + 0.001, true, cowl + 0.06, -in + 0.08, glass - 0.03, -in + 0.16, glass - 0.03,
                in - 0.16, cowl + 0.06, in - 0.08);
    }

    /// The upper half of a ring, as a polygon.
    private static double[] arch(double x, double r) {
        int n = 12;
        double[] xz = new double[2 * (n + 1)];
        for (int i = 0; i <= n; i++) {
            double a = Math.PI * i / n;
            xz[2 * i] = x + r * Math.cos(a);
            xz[2 * i + 1] = SILL + r * Math.sin(a);
        }
        return xz;
    }
}
