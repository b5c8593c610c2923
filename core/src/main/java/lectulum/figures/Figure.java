package lectulum.figures;

import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;

/// One computed number: the only way from a discipline to a view, a file or the command line.
///
/// @param id       stable dotted name, such as `balance.departure.tongue`
/// @param label    what people call it
/// @param value    SI value; empty where it cannot be computed, then `reason` says why
/// @param loadCase id of the load case it holds for, or empty
/// @param interval 95 % interval, where the uncertainty is known
public record Figure(String id, String label, OptionalDouble value, String reason, Quantity quantity, String loadCase,
        Optional<Interval> interval, Band band, Working working) {

    /// A figure without interval and band.
    public static Figure of(String id, String label, double value, Quantity quantity, Working working) {
        return Double.isFinite(value)
                ? new Figure(id, label, OptionalDouble.of(value), "", quantity, "", Optional.empty(), Band.NONE,
                        working)
                : absent(id, label, quantity, "the numbers it needs are out of range", working);
    }

    /// A figure that cannot be computed.
    public static Figure absent(String id, String label, Quantity quantity, String reason, Working working) {
        return new Figure(id, label, OptionalDouble.empty(), reason, quantity, "", Optional.empty(), Band.NONE,
                working);
    }

    public Figure with(Band wanted) {
        return new Figure(id, label, value, reason, quantity, loadCase, interval, wanted, working);
    }

    /// With its interval; without one where that is not known.
    public Figure with(Interval range) {
        return Double.isNaN(range.low()) || Double.isNaN(range.high())
                ? this
                : new Figure(id, label, value, reason, quantity, loadCase, Optional.of(range), band, working);
    }

    public Figure in(String caseId) {
        return new Figure(id, label, value, reason, quantity, caseId, interval, band, working);
    }

    /// The value as people read it, or a dash.
    public String text(Style style) {
        return value.isPresent() ? Units.text(value.getAsDouble(), quantity, style) : "–";
    }

    /// The same under another id.
    Figure named(String newId) {
        return new Figure(newId, label, value, reason, quantity, loadCase, interval, band, working);
    }
}
