package lectulum.balance.weigh;

import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.discipline.Known;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// What a weigh day makes of the masses.
final class WeighRemedies {
    private WeighRemedies() {
    }

    static Stream<Remedy> of(Known known, WeighRules rule, Finding finding) {
        return rule == WeighRules.WEIGH_LACKS ? weighed(known.design()) : Stream.empty();
    }

    private static Stream<Remedy> weighed(Design d) {
        return d.weighings().isEmpty()
                ? Stream.empty()
                : Stream.of(new Remedy(Sentence.of("Take over what the weigh day of {0} makes of the masses",
                        d.weighings().getLast().date()),
                        new Edit("Accept the weighed masses",
                                x -> WeighDay.of(x, x.weighings().getLast()).acceptAll(x))));
    }
}
