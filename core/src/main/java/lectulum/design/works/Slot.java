package lectulum.design.works;

import java.time.DayOfWeek;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// Hours of a day of the week in which somebody builds.
///
/// @param from   hour of the day
/// @param to     hour of the day; one before it is no time at all
/// @param helper whether a second person is there
public record Slot(DayOfWeek day,
        @Means(value = "From", of = Quantity.COUNT, high = 24, says = "hour of the day") double from,
        @Means(value = "To", of = Quantity.COUNT, high = 24, says = "hour of the day") double to, boolean helper) {
    public Slot {
        day = day == null ? DayOfWeek.SATURDAY : day;
    }
}
