package lectulum.kernel.statics;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// Moves along the camper that change the tongue load by a wanted amount.
public final class Moves {
    private Moves() {
    }

    /// What may be moved.
    ///
    /// @param mass \[kg\], > 0
    /// @param x    behind the ball \[m\]
    /// @param from foremost place it may have \[m\]
    /// @param to   rearmost place
    /// @param cost of moving it; packed gear 1, built-in things 100
    public record Movable(double mass, double x, double from, double to, double cost) {
        private double clamped(double place) {
            return Math.clamp(place, from, to);
        }
    }

    /// How far one thing alone must go \[m\], rearwards positive, without regard to where it may be.
    ///
    /// @param change wanted change of the tongue load \[kg\]
    public static double alone(double change, double axle, double mass) {
        return -change * axle / mass;
    }

    /// How far each goes so that all together give the change with the least Σ cost·distance²; empty where they cannot
    /// within their bounds (Lagrange; those that reach a bound are held there and the rest is solved again).
    public static Optional<List<Double>> spread(double change, double axle, List<Movable> things) {
        double[] moved = new double[things.size()];
        boolean[] held = new boolean[things.size()];
        for (int round = 0; round <= things.size(); round++) {
            double left = change;
            double weight = 0;
            for (int i = 0; i < moved.length; i++) {
                if (held[i]) {
                    left += moved[i] * things.get(i).mass / axle;
                } else {
                    weight += things.get(i).mass * things.get(i).mass / things.get(i).cost;
                }
            }
            if (weight == 0) {
                return Math.abs(left) < 1e-9 ? Optional.of(list(moved)) : Optional.empty();
            }
            boolean clamped = false;
            for (int i = 0; i < moved.length; i++) {
                if (!held[i]) {
                    Movable t = things.get(i);
                    moved[i] = -left * axle * t.mass / t.cost / weight;
                    double allowed = t.clamped(t.x + moved[i]) - t.x;
                    if (Math.abs(allowed - moved[i]) > 1e-12) {
                        moved[i] = allowed;
                        held[i] = true;
                        clamped = true;
                    }
                }
            }
            if (!clamped) {
                return Optional.of(list(moved));
            }
        }
        return Optional.empty();
    }

    private static List<Double> list(double[] values) {
        List<Double> list = new ArrayList<>();
        for (double v : values) {
            list.add(v);
        }
        return list;
    }

    /// Two things that change places.
    ///
    /// @param change of the tongue load \[kg\]
    public record Swap(int first, int second, double change) {
    }

    /// Swaps that come nearest to a change of the tongue load, nearest first.
    public static List<Swap> swaps(double change, double axle, List<Movable> things, int count) {
        List<Swap> all = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            for (int j = i + 1; j < things.size(); j++) {
                Movable a = things.get(i);
                Movable b = things.get(j);
                boolean allowed = a.clamped(b.x) == b.x && b.clamped(a.x) == a.x;
                double gives = (a.mass - b.mass) * (a.x - b.x) / axle;
                if (allowed && Math.abs(change - gives) < Math.abs(change)) {
                    all.add(new Swap(i, j, gives));
                }
            }
        }
        all.sort(Comparator.comparingDouble(s -> Math.abs(change - s.change)));
        return List.copyOf(all.subList(0, Math.min(count, all.size())));
    }
}
