package lectulum.kernel.upkeep;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.util.Optional;

/// When a tyre was made: the last four digits of its code are the week of ISO 8601 and the year, after 1999.
public final class TyreCode {
    private static final double YEAR = 365.25;
    private static final int WEEKS = 53;

    private TyreCode() {
    }

    /// Monday of the week it was made in; empty for what is no such code.
    public static Optional<LocalDate> made(String code) {
        String digits = code.strip();
        if (!digits.matches("[0-9]{4}")) {
            return Optional.empty();
        }
        int week = Integer.parseInt(digits.substring(0, 2));
        int year = 2000 + Integer.parseInt(digits.substring(2));
        if (week < 1 || week > WEEKS) {
            return Optional.empty();
        }
        LocalDate monday = LocalDate.of(year, 1, 4).with(IsoFields.WEEK_OF_WEEK_BASED_YEAR, 1).with(DayOfWeek.MONDAY)
                .plusWeeks(week - 1L);
        return monday.get(IsoFields.WEEK_BASED_YEAR) == year ? Optional.of(monday) : Optional.empty();
    }

    /// Years of 365.25 days from one day to another.
    public static double years(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to) / YEAR;
    }
}
