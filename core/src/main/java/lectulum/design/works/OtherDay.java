package lectulum.design.works;

import lectulum.design.Means;
import lectulum.units.Quantity;

/// Hours of one day that is otherwise than its day of the week: a day of leave, a holiday with a helper. All of them of one day count, and
/// the usual ones of that day do not.
///
/// @param day    as ISO
/// @param from   hour of the day
/// @param to     hour of the day; one before it is no time at all
/// @param helper whether a second person is there
public record OtherDay(@Means("ISO date") String day,
        @Means(value = "From", of = Quantity.COUNT, high = 24, says = "hour of the day") double from,
        @Means(value = "To", of = Quantity.COUNT, high = 24, says = "hour of the day") double to, boolean helper) {
    public OtherDay {
        day = day == null ? "" : day;
    }
}
