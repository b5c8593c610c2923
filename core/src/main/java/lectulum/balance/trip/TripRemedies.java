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

    static Stream<Remedy> of(Known known, Finding finding) {
        return finding.id().equals("trip.share")
                ? Stream.concat(BalanceRemedies.tongue(known), BalanceRemedies.tanks(known.design()))
                : Stream.empty();
    }
}
