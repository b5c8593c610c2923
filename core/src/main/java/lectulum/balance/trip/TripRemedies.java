package lectulum.balance.trip;

import java.util.stream.Stream;
import lectulum.balance.BalanceRemedies;
import lectulum.discipline.Known;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;

/// A tongue that stays in its band while supplies are used, tanks nearer to the axle.
final class TripRemedies {
    private TripRemedies() {
    }

    static Stream<Remedy> of(Known known, TripRules rule, Finding finding) {
        return switch (rule) {
            case TRIP_SHARE -> Stream.concat(BalanceRemedies.tongue(known), BalanceRemedies.tanks(known.design()));
            case TRIP_GREY, TRIP_FRESH -> Stream.empty();
        };
    }
}
