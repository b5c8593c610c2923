package lectulum.kernel.flow;

import java.util.List;

/// What a pump lifts at a flow, straight between measured points.
///
/// At less than the smallest flow it stays at the last pressure; beyond the open flow it falls steeply, so that every flow has one
/// pressure.
///
/// @param points from open flow to the highest pressure; pressures rise, flows fall
public record PumpCurve(List<Point> points) {
    /// Pressure that is lost beyond the open flow \[Pa per m³/s\]: 100 kPa for each L/min.
    private static final double BEYOND = 100e3 * 60_000;
    private static final double L_MIN = 1 / 60_000.0;

    /// A usual diaphragm pump of 11 L/min (typical of data sheets).
    public static final PumpCurve USUAL = litres(0, 11.3, 70, 9.6, 140, 7.8, 210, 5.9, 280, 3.9, 310, 3.0);

    /// @param rise across the pump \[Pa\]
    /// @param flow \[m³/s\]
    public record Point(double rise, double flow) {
    }

    /// @throws IllegalArgumentException for fewer than two points, or where pressures do not rise or flows do not fall
    public PumpCurve {
        points = List.copyOf(points);
        if (trouble(points) >= 0) {
            throw new IllegalArgumentException("point " + trouble(points) + " of a pump's curve");
        }
    }

    /// Number of the first point that does not go on as a curve must, from 0; −1 where all do.
    public static int trouble(List<Point> points) {
        if (points.size() < 2) {
            return points.size();
        }
        for (int i = 1; i < points.size(); i++) {
            if (!(points.get(i).rise > points.get(i - 1).rise && points.get(i).flow < points.get(i - 1).flow)) {
                return i;
            }
        }
        return -1;
    }

    /// @param kPaAndLitres pressure and flow in turn \[kPa, L/min\]
    public static PumpCurve litres(double... kPaAndLitres) {
        List<Point> points = new java.util.ArrayList<>();
        for (int i = 0; i + 1 < kPaAndLitres.length; i += 2) {
            points.add(new Point(kPaAndLitres[i] * 1000, kPaAndLitres[i + 1] * L_MIN));
        }
        return new PumpCurve(points);
    }

    /// Rise at a flow \[Pa\].
    public double rise(double flow) {
        if (flow >= points.getFirst().flow) {
            return points.getFirst().rise - BEYOND * (flow - points.getFirst().flow);
        }
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            if (flow >= b.flow) {
                return a.rise + (a.flow - flow) / (a.flow - b.flow) * (b.rise - a.rise);
            }
        }
        return points.getLast().rise;
    }

    /// Flow at a rise \[m³/s\]: the open one below the least rise, none above the highest.
    public double flow(double rise) {
        if (rise <= points.getFirst().rise) {
            return points.getFirst().flow;
        }
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            if (rise <= b.rise) {
                return a.flow + (rise - a.rise) / (b.rise - a.rise) * (b.flow - a.flow);
            }
        }
        return rise > points.getLast().rise ? 0 : points.getLast().flow;
    }
}
