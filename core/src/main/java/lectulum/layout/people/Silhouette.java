package lectulum.layout.people;

import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.bodies.Needs;

/// A person drawn to scale from the segments of the body: head, trunk, legs. Only a picture; the checks use
/// [Needs].
///
/// @param plan  closed outlines seen from above \[x, y\] \[m\]
/// @param side  open lines seen from the side \[x, z\] \[m\], the head as a closed ring first
public record Silhouette(List<double[][]> plan, List<double[][]> side) {
    private static final int ROUND = 20;

    public static Silhouette of(Pose p) {
        double h = p.stature();
        double shoulders = new Needs(h).shoulders();
        double c = Math.cos(p.along());
        double s = Math.sin(p.along());
        double head = 0.065 * h;
        List<double[][]> plan = new ArrayList<>();
        List<double[][]> side = new ArrayList<>();
        switch (p.kind()) {
            case LYING -> {
                double[] top = at(p, c, s, -h / 2 + head, 0);
                plan.add(ellipse(top[0], top[1], head, head * 0.8, p.along()));
                double[] trunk = at(p, c, s, -h / 2 + 0.30 * h, 0);
                plan.add(ellipse(trunk[0], trunk[1], 0.19 * h, 0.40 * shoulders, p.along()));
                for (int leg = -1; leg <= 1; leg += 2) {
                    double[] l = at(p, c, s, h / 2 - 0.25 * h, leg * 0.055 * h);
                    plan.add(ellipse(l[0], l[1], 0.25 * h, 0.05 * h, p.along()));
                }
                double z = p.z() + head;
                side.add(ring(top[0], z, head * Math.max(0.5, Math.abs(c))));
                double[] neck = at(p, c, s, -h / 2 + 2 * head, 0);
                double[] feet = at(p, c, s, h / 2, 0);
                side.add(new double[][]{{neck[0], z}, {feet[0], z}});
                side.add(new double[][]{{feet[0], z}, {feet[0], z + 0.1}});
            }
            case SITTING -> {
                plan.add(ellipse(p.x(), p.y(), 0.08 * h, shoulders / 2, p.along()));
                plan.add(ellipse(p.x(), p.y(), head, head, 0));
                double[] knee = at(p, c, s, 0.28 * h, 0);
                for (int leg = -1; leg <= 1; leg += 2) {
                    double[] thigh = at(p, c, s, 0.16 * h, leg * 0.06 * h);
                    plan.add(ellipse(thigh[0], thigh[1], 0.13 * h, 0.045 * h, p.along()));
                }
                double top = p.z() + 0.52 * h;
                side.add(ring(p.x(), top - head, head));
                side.add(new double[][]{{p.x(), top - 2 * head}, {p.x(), p.z() + 0.05}, {knee[0], p.z() + 0.05},
                        {knee[0], Math.max(p.z() - 0.24 * h, 0)}});
            }
            case STANDING -> {
                plan.add(ellipse(p.x(), p.y(), 0.08 * h, shoulders / 2, p.along()));
                plan.add(ellipse(p.x(), p.y(), head, head, 0));
                double top = p.z() + h;
                double hip = p.z() + 0.5 * h;
                side.add(ring(p.x(), top - head, head));
                side.add(new double[][]{{p.x(), top - 2 * head}, {p.x(), hip}});
                side.add(new double[][]{{p.x(), hip}, {p.x() - 0.06 * h, p.z()}});
                side.add(new double[][]{{p.x(), hip}, {p.x() + 0.06 * h, p.z()}});
                double arm = p.z() + 0.80 * h;
                side.add(new double[][]{{p.x() - 0.12 * h, arm - 0.25 * h}, {p.x(), arm}, {p.x() + 0.12 * h,
                        arm - 0.25 * h}});
            }
        }
        return new Silhouette(plan, side);
    }

    private static double[] at(Pose p, double c, double s, double along, double aside) {
        return new double[]{p.x() + c * along - s * aside, p.y() + s * along + c * aside};
    }

    private static double[][] ring(double x, double z, double r) {
        return ellipse(x, z, r, r, 0);
    }

    private static double[][] ellipse(double x, double y, double a, double b, double turn) {
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        double[][] points = new double[ROUND][];
        for (int i = 0; i < ROUND; i++) {
            double u = a * Math.cos(2 * Math.PI * i / ROUND);
            double v = b * Math.sin(2 * Math.PI * i / ROUND);
            points[i] = new double[]{x + c * u - s * v, y + s * u + c * v};
        }
        return points;
    }
}
