package lectulum.balance.camp;

import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.balance.BalanceRemedies;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// Jacks set first and further out, mass nearer to the tongue.
final class CampRemedies {
    private CampRemedies() {
    }

    static Stream<Remedy> of(Known known, CampRules rule, Finding finding) {
        return switch (rule) {
            case CAMP_TIP, CAMP_FALLS -> Stream.concat(
                    Stream.of(Mend.assumed(Assumption.CAMP_REAR_JACKS, 2, Sentence.of("Set two rear jacks first"))),
                    BalanceRemedies.tongue(known));
            case CAMP_MARGIN -> DoubleStream.of(0.05, 0).mapToObj(v -> Mend.assumed(Assumption.CAMP_REAR_INSET, v,
                    Sentence.of("Set the rear jacks {0} from the corner", Amount.m(v))));
            case CAMP_JACK, CAMP_LIFTED, LEVEL_BLOCKS, LEVEL_TRAVEL -> Stream.empty();
        };
    }
}
