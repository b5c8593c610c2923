package lectulum.balance.weigh;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;

/// Ways to weigh, each with what is read.
public enum Method {
    SEGMENTED("Public scale, axles on decks of their own", 10,
            List.of(WeighPoint.STEER_COUPLED, WeighPoint.DRIVE_COUPLED,
                    WeighPoint.TRAILER_AXLE, WeighPoint.STEER_ALONE, WeighPoint.DRIVE_ALONE)),
    SINGLE(
            "Public scale, one deck", 10,
            List.of(WeighPoint.VEHICLE_COUPLED, WeighPoint.TRAILER_AXLE, WeighPoint.VEHICLE_ALONE,
                    WeighPoint.RIG)),
    WHEELS("Wheel by wheel", 1,
            List.of(WeighPoint.LEFT_WHEELS, WeighPoint.RIGHT_WHEELS,
                    WeighPoint.COUPLER)),
    TONGUE("Tongue on a small scale", 0.1,
            List.of(WeighPoint.COUPLER)),
    LEVER(
            "Tongue on a lever with a bathroom scale", 0.1,
            List.of(WeighPoint.LEVER));

    /// Step of a small scale \[kg\] (assumed).
    private static final double SMALL = 0.5;

    private final String label;
    private final double step;
    private final List<WeighPoint> points;

    Method(String label, double step, List<WeighPoint> points) {
        this.label = label;
        this.step = step;
        this.points = points;
    }

    public String label() {
        return label;
    }

    public List<WeighPoint> points() {
        return points;
    }

    /// Readings to be filled in.
    public List<Weighing.Entry> entries() {
        return points.stream().map(p -> new Weighing.Entry(p, OptionalDouble.empty(), 0,
                p.small() ? Math.min(step, SMALL) : step, true)).toList();
    }

    /// A further reading on the scale that is usual for it: a small one for tongue and jack, a public one else.
    public static Weighing.Entry entry(WeighPoint point) {
        return new Weighing.Entry(point, OptionalDouble.empty(), 0, point.small() ? SMALL : SEGMENTED.step, true);
    }
}
