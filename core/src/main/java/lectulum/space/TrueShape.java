package lectulum.space;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.base.Survey;
import lectulum.kernel.survey.LeaningBox;
import lectulum.kernel.survey.SixTapes;

/// How the inside of a body really stands, as far as it was measured: walls by tapes, leaning posts and stations.
///
/// Coordinates are those of the body: x behind its foremost point, y right of the middle, z above the floor. Where nothing
/// was measured it has no say.
///
/// @param box      the measured rectangle with its leaning posts
/// @param stations in the order along the body
/// @param front    x of the measured front \[m\]
/// @param middle   v of the middle of the measured front \[m\]
public record TrueShape(Optional<LeaningBox> box, List<Survey.Station> stations, double front, double middle) {
    private static final Survey.Post UPRIGHT = new Survey.Post(0, 0);

    /// @param front     x of the front of the measured rectangle \[m\]
    /// @param length    nominal clear length of it \[m\]
    /// @param width     nominal clear width \[m\]
    /// @param height    nominal clear height \[m\]
    public static TrueShape of(Survey survey, double front, double length, double width, double height) {
        double measured = survey.tapes().map(Survey.Tapes::front).orElse(width);
        Optional<SixTapes.Plan> plan = survey.tapes().flatMap(t -> tapes(t).plan());
        Optional<LeaningBox> box = plan.isEmpty() && survey.lean().isEmpty()
                ? Optional.empty()
                : Optional.of(leaning(survey, plan, length, measured, height));
        List<Survey.Station> along = survey.stations().stream()
                .filter(s -> s.widthLow() > 0 && s.widthHigh() > 0 && s.left() > 0 && s.right() > 0)
                .sorted(Comparator.comparingDouble(Survey.Station::at)).toList();
        return new TrueShape(box, along, front, measured / 2);
    }

    public static SixTapes tapes(Survey.Tapes t) {
        return new SixTapes(t.front(), t.left(), t.right(), t.diagonalA(), t.diagonalB(), t.rear().orElse(0));
    }

    private static LeaningBox leaning(Survey survey, Optional<SixTapes.Plan> plan, double length, double width,
            double height) {
        Survey.Lean lean = survey.lean().orElse(new Survey.Lean(height, UPRIGHT, UPRIGHT, UPRIGHT, UPRIGHT));
        double[] left = plan.map(SixTapes.Plan::rearLeft).orElse(new double[]{length, 0});
        double[] right = plan.map(SixTapes.Plan::rearRight).orElse(new double[]{length, width});
        return new LeaningBox(post(0, 0, lean.frontLeft()), post(0, width, lean.frontRight()),
                post(left[0], left[1], lean.rearLeft()), post(right[0], right[1], lean.rearRight()), lean.height());
    }

    private static LeaningBox.Post post(double u, double v, Survey.Post lean) {
        return new LeaningBox.Post(u, v, lean.back(), lean.right());
    }

    public boolean known() {
        return box.isPresent() || !stations.isEmpty();
    }

    /// How far the left wall is from the middle line, to the left \[m\]; `nominal` where nothing was measured.
    public double left(double x, double z, double nominal) {
        double wall = box.filter(b -> x >= front).map(b -> middle - b.wallAt(true, x - front, z)).orElse(nominal);
        return Math.min(wall, station(x, z).orElse(wall));
    }

    public double right(double x, double z, double nominal) {
        double wall = box.filter(b -> x >= front).map(b -> b.wallAt(false, x - front, z) - middle).orElse(nominal);
        return Math.min(wall, station(x, z).orElse(wall));
    }

    /// Where the rear wall stands at a place across \[m\].
    public double rear(double y, double z, double nominal) {
        return box.map(b -> front + b.rearAt(y + middle, z)).orElse(nominal);
    }

    /// Where the front wall stands at a place across \[m\].
    public double frontAt(double y, double z, double nominal) {
        return box.map(b -> front + b.frontAt(y + middle, z)).orElse(nominal);
    }

    /// Clear height over a stretch \[m\].
    public double ceiling(double from, double to, double nominal) {
        if (stations.isEmpty()) {
            return nominal;
        }
        double low = Math.min(height(from), height(to));
        for (Survey.Station s : stations) {
            double at = front + s.at();
            low = at > from && at < to ? Math.min(low, Math.min(s.left(), s.right())) : low;
        }
        return Math.min(nominal, low);
    }

    private double height(double x) {
        return between(x, s -> Math.min(s.left(), s.right()));
    }

    /// Half the clear width by stations, bows taken off, linear between them.
    private Optional<Double> station(double x, double z) {
        if (stations.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(between(x, s -> {
            double share = Math.clamp(z / Math.min(s.left(), s.right()), 0, 1);
            double width = s.widthLow() + (s.widthHigh() - s.widthLow()) * share;
            return width / 2 - Math.max(0, s.bow()) * 4 * share * (1 - share);
        }));
    }

    private double between(double x, java.util.function.ToDoubleFunction<Survey.Station> value) {
        Survey.Station before = stations.getFirst();
        for (Survey.Station s : stations) {
            if (front + s.at() >= x) {
                double gap = s.at() - before.at();
                double t = gap <= 0 ? 0 : Math.clamp((x - front - before.at()) / gap, 0, 1);
                return value.applyAsDouble(before) + t * (value.applyAsDouble(s) - value.applyAsDouble(before));
            }
            before = s;
        }
        return value.applyAsDouble(before);
    }
}
