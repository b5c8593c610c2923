package lectulum.balance.weigh;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.RigPicture;
import lectulum.design.Design;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Sketch;
import lectulum.space.Body;
import lectulum.units.Quantity;

/// What stands on which deck, and how the weights went over the build.
public final class WeighPictures {
    private static final double DECK = 0.12;

    private WeighPictures() {
    }

    /// Vehicle and trailer from the left, with the decks under what is read.
    public static Sketch decks(Design d, WeighPoint point) {
        Sketch.Board board = new Sketch.Board("From the left: " + point.how());
        double wheelbase = Math.max(1, d.vehicle().wheelbase());
        double rear = -Math.max(0.2, d.vehicle().overhang());
        double front = rear - wheelbase;
        double axle = d.base().ballToAxle();
        double gap = point.uncoupled() ? 1.2 : 0;
        board.line(Sketch.Pen.THIN, front - 1.2, 0, axle + gap + 3, 0);
        RigPicture picture = new RigPicture(d, Body.of(d.base()), board);
        if (!point.uncoupled() || point.vehicle()) {
            picture.vehicleFromTheSide(p -> p);
        }
        if (!point.uncoupled() || !point.vehicle()) {
            picture.trailerFromTheSide(p -> new double[]{p[0] + gap, p[1]}, point.uncoupled());
        }
        switch (point) {
            case STEER_COUPLED, STEER_ALONE -> deck(board, front, front);
            case DRIVE_COUPLED, DRIVE_ALONE -> deck(board, rear, rear);
            case VEHICLE_COUPLED, VEHICLE_ALONE -> deck(board, front, rear);
            case TRAILER_AXLE, WHEELS, LEFT_WHEELS, RIGHT_WHEELS -> deck(board, axle + gap, axle + gap);
            case RIG -> deck(board, front, axle);
            case TRAILER_ALONE -> deck(board, gap, axle + gap);
            case COUPLER, LEVER -> deck(board, gap, gap);
            case JACK ->
                deck(board, gap + Assumed.value(d, Assumption.JACK_AT), gap + Assumed.value(d, Assumption.JACK_AT));
        }
        return board.done();
    }

    private static void deck(Sketch.Board board, double from, double to) {
        board.path(Sketch.Pen.MAIN, new double[][]{{from - 0.5, -DECK}, {to + 0.5, -DECK}, {to + 0.5, 0},
                {from - 0.5, 0}}, true, Sentence.of(""));
    }

    /// Mass and tongue of every weigh day, and what the plan had then.
    public static Chart history(Design d, List<Weighing> days) {
        double[] x = new double[days.size()];
        double[] mass = new double[days.size()];
        double[] plan = new double[days.size()];
        double[] tongue = new double[days.size()];
        for (int i = 0; i < days.size(); i++) {
            WeighDay day = WeighDay.of(d, days.get(i));
            x[i] = i + 1;
            mass[i] = known(day.result().mass(), days.get(i).planned());
            plan[i] = days.get(i).planned();
            tongue[i] = known(day.result().tongue(), days.get(i).tongue());
        }
        return new Chart("Loaded, planned and tongue", "weigh day", Quantity.COUNT, "", Quantity.MASS,
                List.of(new Chart.Curve("scale", x, mass), new Chart.Curve("plan", x, plan),
                        new Chart.Curve("tongue", x, tongue)),
                List.of());
    }

    private static double known(double value, double instead) {
        return Double.isNaN(value) ? instead : value;
    }
}
