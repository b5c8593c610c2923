package lectulum.balance.weigh;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lectulum.balance.Rig;
import lectulum.design.weighing.Weighing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.maths.Normal;
import lectulum.units.Quantity;

/// What the last weigh day says of the plan.
public final class WeighStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("weigh", "Weigh day", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(WeighStudies::of))
            .checking(WeighRules.class, WeighRemedies::of);

    /// Words that help while weighing, not faults of what was kept.
    private static final Set<WeighRules> AT_THE_SCALE = EnumSet.of(WeighRules.WEIGH_AXLE, WeighRules.WEIGH_COARSE,
            WeighRules.WEIGH_BLIND, WeighRules.WEIGH_PAPERS, WeighRules.WEIGH_BARS);

    private WeighStudies() {
    }

    public static List<Study> of(Rig rig) {
        List<Weighing> all = rig.design.weighings();
        if (all.isEmpty()) {
            return List.of();
        }
        Weighing last = all.getLast();
        WeighDay day = WeighDay.of(rig.design, last);
        Study.Notebook book = new Study.Notebook("weigh", Stage.BALANCE, "The last weigh day", "");
        String source = "weighted least squares over the readings";
        if (!Double.isNaN(day.result().mass())) {
            book.figure("weigh.mass", "Weighed", day.result().mass(), Quantity.MASS, "θ = (HᵀWH)⁻¹HᵀWy",
                    Sentence.of("± {0}, planned {1}", Amount.kg(Normal.HALF_95 * day.result().massU()),
                            Amount.kg(day.planned().mass())),
                    source);
        }
        if (!Double.isNaN(day.result().tongue())) {
            book.figure("weigh.tongue", "Weighed tongue", day.result().tongue(), Quantity.MASS, "θ = (HᵀWH)⁻¹HᵀWy",
                    Sentence.of("± {0}, planned {1}", Amount.kg(Normal.HALF_95 * day.result().tongueU()),
                            Amount.kg(day.planned().tongue())),
                    source);
        }
        day.centre().ifPresent(x -> book.figure("weigh.centre", "Weighed centre of gravity behind the ball", x,
                Quantity.LENGTH, "x_A (1 − T/M)", Sentence.of("planned {0}", Amount.m(day.planned().roll().x())),
                "statics"));
        day.centreSide(rig.design)
                .ifPresent(y -> book.figure("weigh.centreSide", "Weighed centre of gravity right of the middle",
                        y, Quantity.LENGTH, "(R − L) t/2M",
                        Sentence.of("planned {0}", Amount.m(day.planned().roll().y())),
                        "statics"));
        day.height().ifPresent(h -> book.figure("weigh.height", "Weighed centre of gravity above the ground", h.value(),
                Quantity.LENGTH, "R + [T₀x_A/M − (T/M)(x_A − (h − R)tan θ)]/tan θ",
                Sentence.of("± {0}, planned {1}", Amount.m(Normal.HALF_95 * h.u()), Amount.m(day.planned().roll().z())),
                "two weighings of the tongue"));
        boolean taken = !last.accepted().isEmpty();
        day.missing().filter(m -> day.planLacksSomething() && !taken).ifPresent(m -> book.say(WeighRules.WEIGH_LACKS,
                Severity.WARN, m.mass() > 0
                        ? Sentence.of("It weighs {0} more than planned", Amount.kg(m.mass()))
                        : Sentence.of("It weighs {0} less than planned", Amount.kg(-m.mass())),
                m.placed()
                        ? Sentence.of(
                                "{0}: the difference acts {1} behind the ball. See Weigh day for what that changes.",
                                last.date(), Amount.m(m.place()))
                        : Sentence.of("{0}: its place cannot be told. See Weigh day for what that changes.",
                                last.date())));
        for (WeighDay.Catch c : day.catches()) {
            if (!AT_THE_SCALE.contains(c.rule())) {
                book.say(c.rule(), Severity.WARN, Sentence.of("Look at a reading of {0}", last.date()), c.says());
            }
        }
        return List.of(book.done());
    }
}
