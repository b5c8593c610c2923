package lectulum.base.gear;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Gear;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.kernel.gear.RunningGear;
import lectulum.units.Quantity;

/// What a Panhard bar or a Watt link shifts the axle aside over the travel of the wheel.
final class Guides {
    private static final int STEPS = 40;

    private Guides() {
    }

    private static OptionalDouble shift(Gear.Guide g, double travel) {
        if (g.kind() == Gear.Guide.Kind.LINK) {
            return RunningGear.linkShift(g.arm(), g.offset() / 2, travel);
        }
        double y = RunningGear.barShift(g.arm(), g.offset(), travel);
        return Double.isNaN(y) ? OptionalDouble.empty() : OptionalDouble.of(y);
    }

    /// The greatest shift over the travel of the wheel, either way \[m\]; empty where the guide does not reach.
    private static OptionalDouble shift(Design design, Gear.Guide g) {
        double up = Assumed.value(design, Assumption.SPRING_BUMP);
        double down = Assumed.value(design, Assumption.SPRING_DROOP);
        double most = 0;
        for (int i = 0; i <= STEPS; i++) {
            OptionalDouble y = shift(g, -down + (up + down) * i / STEPS);
            if (y.isEmpty()) {
                return y;
            }
            most = Math.max(most, Math.abs(y.getAsDouble()));
        }
        return OptionalDouble.of(most);
    }

    /// How far the axle may stand aside \[m\].
    static double lateral(Design design) {
        return design.base().carcass().gear().guide().map(g -> shift(design, g).orElse(0))
                .orElse(Assumed.value(design, Assumption.SPRING_LATERAL));
    }

    static Study guide(Design design, Gear.Guide g) {
        Study.Notebook book = new Study.Notebook("gear.guide", Stage.BASE, "What guides the axle sideways", "");
        double up = Assumed.value(design, Assumption.SPRING_BUMP);
        double down = Assumed.value(design, Assumption.SPRING_DROOP);
        boolean bar = g.kind() == Gear.Guide.Kind.BAR;
        String formula = bar ? "√(p² − (z₀ − z)²) − √(p² − z₀²)" : "arms of equal length, solved by Newton's method";
        String source = bar ? "circle about the frame end" : "two circles and a rigid link";
        String[] ids = {"gear.shiftBump", "gear.shiftDroop"};
        String[] labels = {"Axle stands aside at full bump", "Axle stands aside hanging"};
        double[] travels = {up, -down};
        boolean reaches = true;
        for (int i = 0; i < 2; i++) {
            OptionalDouble y = shift(g, travels[i]);
            Sentence how = Sentence.of("{0} long, {1} {2}, travel {3}", Amount.m(g.arm()), Amount.m(g.offset()),
                    bar ? "higher at the frame" : "between the link's holes", Amount.m(travels[i]));
            if (y.isPresent()) {
                book.figure(ids[i], labels[i], y.getAsDouble(), Quantity.LENGTH, formula, how, source);
            } else {
                reaches = false;
                book.absent(ids[i], labels[i], Quantity.LENGTH, formula, "it does not reach that far");
            }
        }
        if (!reaches) {
            book.say(GearRules.GEAR_GUIDE, Severity.STOP,
                    Sentence.of("What guides the axle is too short for its travel"),
                    Sentence.of("{0} up and {1} down are asked of arms of {2}.", Amount.m(up), Amount.m(down),
                            Amount.m(g.arm())));
            return book.done();
        }
        double most = shift(design, g).orElse(0);
        OptionalDouble room = sideRoom(design);
        if (room.isPresent() && most > room.getAsDouble()) {
            book.say(GearRules.GEAR_GUIDE, Severity.WARN,
                    Sentence.of("The axle swings further aside than its tyres have room"),
                    Sentence.of("{0} over its travel; {1} is free beside the tyre. {2}", Amount.m(most),
                            Amount.m(room.getAsDouble()),
                            bar
                                    ? "A longer and level bar shifts less; two arms and a link keep it straight."
                                    : "Longer arms keep it straighter."));
        } else if (bar) {
            book.note(
                    "{0} at most. Two arms and a link would keep it straighter, for more parts and joints: worth it only"
                            + " where the tyres lack the room.",
                    Amount.m(most));
        }
        double[] z = new double[STEPS + 1];
        double[] y = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            z[i] = -down + (up + down) * i / STEPS;
            y[i] = shift(g, z[i]).orElse(0);
        }
        return book.chart(new Chart("Sideways over the travel of the wheel", "wheel up", Quantity.LENGTH, "aside",
                Quantity.LENGTH, List.of(new Chart.Curve("aside", z, y)), List.of())).done();
    }

    /// Free beside the tyre, the axle in its middle \[m\]; empty where nothing is known beside it.
    static OptionalDouble sideRoom(Design design) {
        Axle axle = design.base().axle();
        return design.base().carcass().gear().guard()
                .map(g -> OptionalDouble.of((axle.track() - axle.tyreWidth()) / 2 - g.inside()))
                .orElse(OptionalDouble.empty());
    }
}
