package lectulum.kernel.schedule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/// How far a build is and what is still to come, by what was planned, done and logged (earned value). What a family of skills took
/// more than planned is expected of the rest of it, the more firmly the more of it is done.
public final class Earned {
    private Earned() {
    }

    /// A task.
    ///
    /// @param planned hours
    /// @param done    part of it
    /// @param logged  hours
    public record Part(String family, double planned, double done, double logged) {
    }

    /// @param budget   all that is planned
    /// @param earned   of it, what is done
    /// @param spent    hours logged
    /// @param factors  by family
    /// @param forecast hours in the end
    public record State(double budget, double earned, double spent, Map<String, Double> factors, double forecast) {
        /// What an hour brings against the plan; empty before the first.
        public OptionalDouble index() {
            return spent > 0 ? OptionalDouble.of(earned / spent) : OptionalDouble.empty();
        }

        /// What all would take at the pace so far; empty before anything is done. It swings early.
        public OptionalDouble naive() {
            return earned > 0 && spent > 0
                    ? OptionalDouble.of(spent + (budget - earned) * spent / earned)
                    : OptionalDouble.empty();
        }
    }

    /// @param calm hours after which a family's own pace counts as much as the plan
    public static State of(List<Part> parts, double calm) {
        Map<String, double[]> by = new LinkedHashMap<>();
        double budget = 0;
        double earned = 0;
        double spent = 0;
        for (Part p : parts) {
            double[] sums = by.computeIfAbsent(p.family, k -> new double[2]);
            sums[0] += p.planned * p.done;
            sums[1] += p.logged;
            budget += p.planned;
            earned += p.planned * p.done;
            spent += p.logged;
        }
        Map<String, Double> factors = new LinkedHashMap<>();
        by.forEach((family, s) -> factors.put(family, (s[1] + calm) / (s[0] + calm)));
        double forecast = spent;
        for (Part p : parts) {
            forecast += p.planned * (1 - p.done) * factors.get(p.family);
        }
        return new State(budget, earned, spent, factors, forecast);
    }
}
