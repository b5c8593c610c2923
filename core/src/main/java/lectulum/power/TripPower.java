package lectulum.power;

import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;

/// The battery over days that differ from the mean day of the month.
public final class TripPower {
    private static final int DAY = 24;
    private static final int LEAVES = 9;

    private TripPower() {
    }

    /// @param driving on the road, from nine o'clock on \[h\]
    /// @param shore   whether it is plugged in, but for the hours on the road
    /// @param warmer  \[K\]
    /// @param sun     as a part of that of the mean day
    public record Sky(double driving, boolean shore, double warmer, double sun) {
    }

    /// Hours of it and what they come to.
    public record Run(Hours hours, Simulation.Course course) {
    }

    /// From a full battery, somebody there all the time; empty without a battery.
    public static Optional<Run> of(Design d, RoadCharge road, List<Sky> days) {
        Rehearsal r = Rehearsal.of(d, road);
        return r.bank().map(bank -> {
            Hours h = r.meanDays(days.size(), true);
            for (int day = 0; day < days.size(); day++) {
                Sky sky = days.get(day);
                for (int k = 0; k < DAY; k++) {
                    int at = DAY * day + k;
                    h.air()[at] += sky.warmer;
                    h.sun()[at] *= sky.sun;
                    h.shore()[at] = sky.shore;
                }
                for (int k = 0; k < Math.ceil(sky.driving) && LEAVES + k < DAY; k++) {
                    h.driving()[DAY * day + LEAVES + k] = Math.min(1, sky.driving - k);
                    h.shore()[DAY * day + LEAVES + k] = false;
                }
            }
            return new Run(h, r.simulation(bank).course(h, 1));
        });
    }
}
