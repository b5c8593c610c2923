package lectulum.build;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.kernel.schedule.Pert;

/// A task of this build.
///
/// @param hours   likely, of one person
/// @param most    of them
/// @param after   ids of what must be done before, tasks that are left out passed through
/// @param drying  hours at 20 °C until what follows may begin
/// @param session whether it is done in one session
/// @param family  of skill
/// @param licence what takes somebody licensed or experienced; empty for nothing
/// @param done    part of it
/// @param logged  hours worked on it
public record Task(String id, String name, double hours, double least, double most, List<String> after, boolean two,
        double drying, boolean session, String family, String licence, boolean own, double done, OptionalDouble logged,
        String by, String checked) {
    public Task {
        after = List.copyOf(after);
    }

    /// Hours that are left.
    public double left() {
        return hours * (1 - Math.clamp(done, 0, 1));
    }

    public boolean finished() {
        return done >= 1;
    }

    /// What may be left, by chance.
    ///
    /// @param pace of its family, 1 for as planned
    Pert chance(double pace) {
        double open = pace * (1 - Math.clamp(done, 0, 1));
        return new Pert(least * open, hours * open, most * open);
    }
}
