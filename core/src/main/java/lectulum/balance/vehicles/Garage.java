package lectulum.balance.vehicles;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import lectulum.balance.Balance;
import lectulum.balance.BalanceRules;
import lectulum.balance.Limit;
import lectulum.balance.LoadedState;
import lectulum.balance.camp.CampStudies;
import lectulum.balance.hitch.HitchStudies;
import lectulum.balance.ratings.RatingStudies;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.trip.TripStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.balance.weigh.WeighStudies;
import lectulum.design.Design;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.figures.Verdict;

/// Every vehicle of a project against the one camper: each is put before it in turn, and all checks of balance and journey
/// are run.
///
/// @param matches the vehicle that tows now first, then the others in their order
public record Garage(List<Match> matches) {
    /// What depends on the vehicle.
    private static final List<Discipline<?>> JUDGES = List.of(Balance.DISCIPLINE, TripStudies.DISCIPLINE,
            WeighStudies.DISCIPLINE, RatingStudies.DISCIPLINE, CampStudies.DISCIPLINE, HitchStudies.DISCIPLINE,
            TurningStudies.DISCIPLINE, RoadStudies.DISCIPLINE);

    /// The tightest a rating gets over all load cases.
    public record Worst(String loadCase, Limit limit) {
    }

    /// One vehicle before the camper.
    ///
    /// @param index    in the garage, or [Design#TOWING]
    /// @param limits   one for each rating of it that is known, tightest first
    /// @param figures  of balance and journey behind it
    /// @param findings of balance and journey that depend on the vehicle, worst first
    public record Match(int index, Vehicle vehicle, List<Worst> limits, Figures figures, List<Finding> findings) {

        public Optional<Worst> limit(Rating rating) {
            return limits.stream().filter(w -> w.limit.rating() == rating).findFirst();
        }

        /// NONE while nothing is known about what it may tow.
        public Verdict verdict() {
            if (findings.stream().anyMatch(f -> f.severity() == Severity.STOP)) {
                return Verdict.STOP;
            }
            if (findings.stream().anyMatch(f -> f.severity() == Severity.WARN)) {
                return Verdict.WARN;
            }
            return limits.isEmpty() ? Verdict.NONE : Verdict.GOOD;
        }
    }

    /// @param behind what follows from a design, asked for no more than is needed here
    public static Garage of(Design design, Function<Design, Reads> behind) {
        List<Match> matches = new ArrayList<>();
        matches.add(match(Design.TOWING, design, behind));
        IntStream.range(0, design.garage().size())
                .forEach(i -> matches.add(match(i, design.towedBy(i), behind)));
        return new Garage(List.copyOf(matches));
    }

    private static Match match(int index, Design design, Function<Design, Reads> behind) {
        Reads in = behind.apply(design);
        List<Figures> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (Discipline<?> d : JUDGES) {
            figures.add(in.of(d).figures());
            findings.addAll(in.of(d).findings());
        }
        findings.removeIf(f -> !f.rule().ofVehicle() || byTrailer(f));
        findings.sort(Comparator.comparing(Finding::severity).reversed());
        return new Match(index, design.vehicle(), limits(in.of(Balance.DISCIPLINE).states()), Figures.join(figures),
                List.copyOf(findings));
    }

    /// Whether it is about a rating of the trailer, which is the same behind every vehicle.
    private static boolean byTrailer(Finding finding) {
        return finding.rule() == BalanceRules.BALANCE_LIMIT && Arrays.stream(Rating.values()).filter(Rating::trailer)
                .anyMatch(r -> finding.about().equals(Subject.part(Balance.camel(r))));
    }

    private static List<Worst> limits(List<LoadedState> states) {
        List<Worst> worst = new ArrayList<>();
        for (Rating rating : Rating.values()) {
            if (!rating.trailer()) {
                states.stream().flatMap(s -> s.limits().stream().filter(l -> l.rating() == rating)
                        .map(l -> new Worst(s.loadCase().name(), l)))
                        .min(Comparator.comparingDouble(w -> w.limit.margin())).ifPresent(worst::add);
            }
        }
        worst.sort(Comparator.comparingDouble(w -> w.limit.margin()));
        return List.copyOf(worst);
    }
}
