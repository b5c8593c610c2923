package lectulum.symbols;

import lectulum.figures.drawing.Paint;

/// Somebody, jointed and to scale: segments after Drillis and Contini (1966). Only a picture; the checks use the needs of
/// a body.
///
/// Its origin is what the body rests on, in the middle; x the way the face looks, or from head to feet.
public final class Figure {
    private static final double HEAD = 0.062;
    private static final double SHOULDER = 0.100;
    private static final double HIP = 0.075;
    private static final double DEEP = 0.058;
    private static final double ARM = 0.024;
    private static final double LEG = 0.036;

    private Figure() {
    }

    /// Somebody on a bed, on the back.
    ///
    /// @param h stature \[m\], > 0
    public static Form lying(double h) {
        double z = DEEP * h;
        double top = -h / 2;
        Solids s = new Solids();
        for (int side = -1; side <= 1; side += 2) {
            limb(s, Paint.CLOTH, LEG, h, new double[]{top + 0.48 * h, side * 0.050 * h, z},
                    new double[]{top + 0.72 * h, side * 0.058 * h, z});
            limb(s, Paint.CLOTH, LEG * 0.8, h, new double[]{top + 0.72 * h, side * 0.058 * h, z},
                    new double[]{top + 0.95 * h, side * 0.050 * h, z * 0.8});
            limb(s, Paint.SKIN, 0.022, h, new double[]{top + 0.965 * h, side * 0.052 * h, 0.03 * h},
                    new double[]{top + 0.975 * h, side * 0.062 * h, 0.10 * h});
            limb(s, Paint.CLOTH, ARM, h, new double[]{top + 0.20 * h, side * 0.118 * h, z},
                    new double[]{top + 0.37 * h, side * 0.145 * h, z * 0.8});
            limb(s, Paint.SKIN, ARM * 0.8, h, new double[]{top + 0.37 * h, side * 0.145 * h, z * 0.8},
                    new double[]{top + 0.53 * h, side * 0.115 * h, z});
        }
        torso(s, h, new double[]{top + 0.20 * h, z}, new double[]{top + 0.47 * h, z});
        s.blob(Paint.HAIR, new double[]{top + HEAD * h, 0, 0.066 * h, HEAD * h});
        s.blob(Paint.SKIN, new double[]{top + HEAD * h + 0.012 * h, 0, 0.080 * h, 0.053 * h});
        return s.form();
    }

    /// Somebody on a seat, hands on the knees.
    ///
    /// @param h          stature \[m\], > 0
    /// @param floorBelow how far the floor is below the seat \[m\]
    public static Form sitting(double h, double floorBelow) {
        Solids s = new Solids();
        double hip = 0.055 * h;
        double knee = 0.045 * h;
        double foot = Math.max(knee - 0.246 * h, -floorBelow + 0.03 * h);
        for (int side = -1; side <= 1; side += 2) {
            double y = side * 0.055 * h;
            limb(s, Paint.CLOTH, LEG, h, new double[]{0, y, hip}, new double[]{0.235 * h, y, knee});
            limb(s, Paint.CLOTH, LEG * 0.8, h, new double[]{0.235 * h, y, knee}, new double[]{0.245 * h, y, foot});
            limb(s, Paint.DARK, 0.024, h, new double[]{0.235 * h, y, foot - 0.005 * h},
                    new double[]{0.325 * h, y, foot - 0.008 * h});
            limb(s, Paint.CLOTH, ARM, h, new double[]{-0.005 * h, side * 0.122 * h, 0.325 * h},
                    new double[]{0.05 * h, side * 0.140 * h, 0.165 * h});
            limb(s, Paint.SKIN, ARM * 0.8, h, new double[]{0.05 * h, side * 0.140 * h, 0.165 * h},
                    new double[]{0.19 * h, side * 0.075 * h, 0.10 * h});
        }
        upright(s, h, 0, hip, 0.335 * h, 0.525 * h);
        return s.form();
    }

    /// A dog that lies on its belly, the head up: x from the nose to the tail.
    ///
    /// @param length from the nose to the root of the tail \[m\], > 0
    /// @param tall   at the shoulder \[m\], > 0
    public static Form dog(double length, double tall) {
        double nose = -length / 2;
        double belly = 0.17 * tall;
        Solids s = new Solids();
        for (int side = -1; side <= 1; side += 2) {
            double y = side * 0.16 * tall;
            limb(s, Paint.HAIR, 0.06, tall, new double[]{nose + 0.34 * length, y, 0.16 * tall},
                    new double[]{nose + 0.10 * length, y, 0.06 * tall});
            limb(s, Paint.HAIR, 0.11, tall, new double[]{nose + 0.88 * length, y * 1.25, 0.18 * tall},
                    new double[]{nose + 0.68 * length, y * 1.45, 0.09 * tall});
            s.blob(Paint.DARK, new double[]{nose + 0.20 * length, side * 0.10 * tall, 0.60 * tall, 0.055 * tall});
        }
        limb(s, Paint.HAIR, 0.17, tall, new double[]{nose + 0.36 * length, 0, belly + 0.06 * tall},
                new double[]{nose + 0.88 * length, 0, belly});
        limb(s, Paint.HAIR, 0.10, tall, new double[]{nose + 0.34 * length, 0, 0.30 * tall},
                new double[]{nose + 0.20 * length, 0, 0.52 * tall});
        s.blob(Paint.HAIR, new double[]{nose + 0.17 * length, 0, 0.54 * tall, 0.13 * tall});
        limb(s, Paint.HAIR, 0.055, tall, new double[]{nose + 0.13 * length, 0, 0.50 * tall},
                new double[]{nose + 0.02 * length, 0, 0.47 * tall});
        s.blob(Paint.DARK, new double[]{nose + 0.005 * length, 0, 0.48 * tall, 0.03 * tall});
        limb(s, Paint.HAIR, 0.035, tall, new double[]{nose + 0.97 * length, 0, 0.14 * tall},
                new double[]{nose + 1.12 * length, 0.22 * tall, 0.05 * tall});
        return s.form();
    }

    /// Somebody standing, a hand reaching forward at the height of a worktop.
    public static Form standing(double h) {
        Solids s = new Solids();
        for (int side = -1; side <= 1; side += 2) {
            double y = side * 0.055 * h;
            double step = side * 0.03 * h;
            limb(s, Paint.CLOTH, LEG, h, new double[]{0, y, 0.51 * h}, new double[]{step + 0.01 * h, y, 0.285 * h});
            limb(s, Paint.CLOTH, LEG * 0.8, h, new double[]{step + 0.01 * h, y, 0.285 * h},
                    new double[]{step, y, 0.045 * h});
            limb(s, Paint.DARK, 0.022, h, new double[]{step - 0.01 * h, y, 0.024 * h},
                    new double[]{step + 0.085 * h, y, 0.022 * h});
            double reach = side > 0 ? 1 : 0.35;
            limb(s, Paint.CLOTH, ARM, h, new double[]{0, side * 0.122 * h, 0.805 * h},
                    new double[]{0.06 * h * reach, side * 0.145 * h, 0.635 * h});
            limb(s, Paint.SKIN, ARM * 0.8, h, new double[]{0.06 * h * reach, side * 0.145 * h, 0.635 * h},
                    new double[]{0.06 * h * reach + 0.20 * h * reach, side * 0.12 * h,
                            side > 0 ? 0.60 * h : 0.48 * h});
        }
        upright(s, h, 0, 0.52 * h, 0.815 * h, h);
        return s.form();
    }

    private static void limb(Solids s, Paint paint, double r, double h, double[] from, double[] to) {
        s.blob(paint, new double[]{from[0], from[1], from[2], r * h}, new double[]{to[0], to[1], to[2], 0.85 * r * h});
    }

    /// A lying trunk between two places along x.
    private static void torso(Solids s, double h, double[] shoulders, double[] hips) {
        double r = DEEP * h;
        s.blob(Paint.CLOTH, new double[]{shoulders[0], -SHOULDER * h, shoulders[1], 0.8 * r},
                new double[]{shoulders[0], SHOULDER * h, shoulders[1], 0.8 * r},
                new double[]{hips[0], -0.6 * HIP * h, hips[1], 0.9 * r},
                new double[]{hips[0], 0.6 * HIP * h, hips[1], 0.9 * r});
    }

    private static void upright(Solids s, double h, double x, double hip, double shoulder, double top) {
        double r = DEEP * h;
        s.blob(Paint.CLOTH, new double[]{x, -SHOULDER * h, shoulder - 0.5 * r, 0.62 * r},
                new double[]{x, SHOULDER * h, shoulder - 0.5 * r, 0.62 * r},
                new double[]{x, -0.6 * HIP * h, hip, r}, new double[]{x, 0.6 * HIP * h, hip, r});
        s.tube(Paint.SKIN, 0.028 * h, x, 0, shoulder - 0.02 * h, x, 0, top - 0.11 * h);
        head(s, h, new double[]{x + 0.008 * h, 0, top - HEAD * h}, -0.010 * h, 0.014 * h);
    }

    /// A head, and hair towards its back.
    private static void head(Solids s, double h, double[] at, double back, double up) {
        s.blob(Paint.HAIR, new double[]{at[0] + back, at[1], at[2] + up * 0.2, HEAD * h * 0.98});
        s.blob(Paint.SKIN, new double[]{at[0] - back * 0.4, at[1], at[2] - up, HEAD * h * 0.84});
    }
}
