package lectulum.brief;

import java.text.DateFormatSymbols;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import lectulum.design.brief.Brief;
import lectulum.power.Sun;

/// The seasons of a brief against the month by which power is judged.
final class Seasons {
    /// A month that gives so much more than the darkest is another one.
    private static final double MORE = 1.02;

    private Seasons() {
    }

    /// The month travelled in which a panel gives least; empty where no season is said.
    static Optional<Integer> darkest(Brief brief) {
        return brief.travel().seasons().stream().flatMap(s -> Arrays.stream(s.months(brief.latitude())).boxed())
                .min(Comparator.comparingDouble(m -> harvest(brief, m)));
    }

    /// What a panel gives in a month as a part of what it gives in the month the brief is judged by; 1 where neither gives
    /// anything.
    static double share(Brief brief, int month) {
        double judged = harvest(brief, brief.month());
        return judged > 0 ? harvest(brief, month) / judged : 1;
    }

    /// Whether the month of the brief is as dark as the darkest that is travelled.
    static boolean judgedByDarkest(Brief brief) {
        return darkest(brief).filter(m -> harvest(brief, brief.month()) > MORE * harvest(brief, m)).isEmpty();
    }

    private static double harvest(Brief brief, int month) {
        return Sun.harvest(1, brief.latitude(), month, brief.climate());
    }

    static String name(int month) {
        return new DateFormatSymbols(Locale.ENGLISH).getMonths()[month - 1];
    }
}
