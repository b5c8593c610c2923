package lectulum.kernel.air;

import java.util.ArrayList;
import java.util.List;

/// Vapour of a night between people, fresh air and cold surfaces on which it condenses.
///
/// @param inside  \[°C\]
/// @param outside \[°C\]
/// @param humid   outside, 0 to 1
/// @param source  of vapour \[kg/s\]
public record WetPanes(double inside, double outside, double humid, double source) {
    /// Vapour that a surface takes from air \[m/s\], by the analogy of heat and mass.
    public static final double TAKES = 3 / (1.204 * 1006);

    /// A surface.
    ///
    /// @param area    \[m²\]
    /// @param celsius of it
    public record Pane(double area, double celsius) {
        /// A pane by its U-value.
        ///
        /// @param film resistance of the air before it \[m² K/W\]
        public static Pane of(double area, double u, double film, double inside, double outside) {
            return new Pane(area, inside - (inside - outside) * film * u);
        }
    }

    /// Where it settles.
    ///
    /// @param humid    inside, 0 to 1
    /// @param dew      point \[°C\]
    /// @param panes    water on each \[kg/s\]
    /// @param fog      water that no surface takes, the air being full \[kg/s\]
    public record Settled(double humid, double dew, List<Double> panes, double fog) {
        public Settled {
            panes = List.copyOf(panes);
        }

        /// On all \[kg/s\].
        public double water() {
            return fog + panes.stream().mapToDouble(x -> x).sum();
        }
    }

    private double outer() {
        return Vapour.density(humid * Vapour.saturated(outside), outside);
    }

    private double at(double celsius) {
        return Vapour.density(Vapour.saturated(celsius), inside);
    }

    private double left(double v, double flow, List<Pane> panes) {
        double sum = flow * (v - outer()) - source;
        for (Pane p : panes) {
            sum += TAKES * p.area * Math.max(0, v - at(p.celsius));
        }
        return sum;
    }

    /// @param flow of fresh air \[m³/s\], ≥ 0
    public Settled settle(double flow, List<Pane> panes) {
        double full = at(inside);
        double low = Math.min(outer(), full);
        double high = full;
        double fog = 0;
        double v;
        if (left(full, flow, panes) < 0) {
            v = full;
            fog = -left(full, flow, panes);
        } else {
            for (int i = 0; i < 100; i++) {
                double middle = (low + high) / 2;
                if (left(middle, flow, panes) < 0) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            v = (low + high) / 2;
        }
        List<Double> each = new ArrayList<>();
        for (Pane p : panes) {
            each.add(TAKES * p.area * Math.max(0, v - at(p.celsius)));
        }
        double pressure = Vapour.pressure(v, inside);
        return new Settled(Math.min(1, pressure / Vapour.saturated(inside)), Vapour.dewPoint(pressure), each, fog);
    }

    /// Fresh air that keeps a surface dry \[m³/s\]; infinite where no amount does.
    ///
    /// @param part of saturation at the surface: 1 against water, 0.8 against mould
    public double dry(double celsius, double part) {
        double room = part * at(celsius) - outer();
        return room <= 0 ? Double.POSITIVE_INFINITY : source / room;
    }
}
