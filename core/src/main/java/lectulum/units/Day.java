package lectulum.units;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Days of the calendar as they are kept and read: ISO 8601 always, and one order of day and month where somebody else wrote them.
public final class Day {
    private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern OTHER = Pattern.compile("(\\d{1,2})[./-](\\d{1,2})[./-](\\d{2}|\\d{4})");
    private static final int CENTURY = 2000;
    private static final int TWELVE = 12;

    private Day() {
    }

    /// Whether the day stands before the month.
    public enum Order {
        DAY_FIRST, MONTH_FIRST
    }

    /// A day written as `2027-02-03`; empty for anything else and for days that do not exist.
    public static Optional<LocalDate> iso(String text) {
        Matcher m = ISO.matcher(text.strip());
        return m.matches() ? of(m.group(1), m.group(2), m.group(3)) : Optional.empty();
    }

    /// Whether something was written that is no day.
    public static boolean unreadable(String text) {
        return !text.isBlank() && iso(text).isEmpty();
    }

    /// A day written by ISO, or with day and month in an order.
    public static Optional<LocalDate> read(String text, Order order) {
        Optional<LocalDate> iso = iso(text);
        Matcher m = OTHER.matcher(text.strip());
        if (iso.isPresent() || !m.matches()) {
            return iso;
        }
        String year = m.group(3).length() == 2 ? String.valueOf(CENTURY + Integer.parseInt(m.group(3))) : m.group(3);
        return order == Order.DAY_FIRST ? of(year, m.group(2), m.group(1)) : of(year, m.group(1), m.group(2));
    }

    /// The order that a column of days is written in: that of a day that can only be read one way; empty where none says so, or where
    /// they contradict one another.
    public static Optional<Order> order(Iterable<String> texts) {
        boolean day = false;
        boolean month = false;
        for (String t : texts) {
            Matcher m = OTHER.matcher(t.strip());
            if (m.matches()) {
                day |= Integer.parseInt(m.group(1)) > TWELVE && Integer.parseInt(m.group(2)) <= TWELVE;
                month |= Integer.parseInt(m.group(2)) > TWELVE && Integer.parseInt(m.group(1)) <= TWELVE;
            }
        }
        return day == month ? Optional.empty() : Optional.of(day ? Order.DAY_FIRST : Order.MONTH_FIRST);
    }

    private static Optional<LocalDate> of(String year, String month, String day) {
        try {
            return Optional.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
