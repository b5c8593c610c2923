package lectulum.design.thing;

import java.util.regex.Pattern;

/// Hours of the clock, painted or not: `7-9 20-24`. All of them where none is painted, since something that never runs has
/// no hours a day.
///
/// @param mask one bit an hour, the first for the hour after midnight
public record DayStrip(int mask) {
    private static final int HOURS = 24;
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;]+");
    private static final Pattern DASH = Pattern.compile("[-–]");
    private static final Pattern DIGITS = Pattern.compile("\\d{1,2}");
    private static final int ALL = (1 << HOURS) - 1;
    /// At any hour.
    public static final DayStrip ANY = new DayStrip(ALL);

    public DayStrip {
        mask = (mask & ALL) == 0 ? ALL : mask & ALL;
    }

    /// From words such as `7-9 20-24`, `22-2` or `13`; at any hour for no words.
    ///
    /// @throws IllegalArgumentException where a word is no hour, with what was wrong
    public static DayStrip parse(String words) {
        if (words.isEmpty()) {
            return ANY;
        }
        int mask = 0;
        for (String word : BETWEEN.split(words.strip())) {
            if (word.isEmpty()) {
                continue;
            }
            String[] ends = DASH.split(word);
            int from = hour(ends[0], word);
            int to = ends.length > 1 ? hour(ends[1], word) : from + 1;
            if (ends.length > 2 || from > HOURS - 1) {
                throw new IllegalArgumentException("'" + word + "' is no span of hours; type 20-23 or 7-9 20-24");
            }
            for (int h = from; h % HOURS != to % HOURS || h == from; h++) {
                mask |= 1 << h % HOURS;
            }
        }
        return new DayStrip(mask);
    }

    private static int hour(String text, String word) {
        if (!DIGITS.matcher(text).matches() || Integer.parseInt(text) > HOURS) {
            throw new IllegalArgumentException("'" + word + "' is no hour of the clock; type 20-23 or 7-9 20-24");
        }
        return Integer.parseInt(text);
    }

    public boolean has(int hour) {
        return (mask >> hour & 1) == 1;
    }

    /// How many hours, 1 to 24.
    public int count() {
        return Integer.bitCount(mask);
    }

    /// With an hour, or without it; the last one left stays.
    public DayStrip with(int hour, boolean on) {
        int next = on ? mask | 1 << hour : mask & ~(1 << hour);
        return next == 0 ? this : new DayStrip(next);
    }

    /// As it is typed: `7-9 20-24`; empty for any hour.
    public String words() {
        if (mask == ALL) {
            return "";
        }
        StringBuilder text = new StringBuilder();
        int start = 0;
        while (has(start) && has((start + HOURS - 1) % HOURS)) {
            start++;
        }
        for (int i = 0; i < HOURS; i++) {
            int h = (start + i) % HOURS;
            if (has(h) && !has((h + HOURS - 1) % HOURS)) {
                int end = h;
                while (has(end % HOURS)) {
                    end++;
                }
                text.append(text.isEmpty() ? "" : " ").append(h).append('-')
                        .append(end % HOURS == 0 ? HOURS : end % HOURS);
            }
        }
        return text.toString();
    }
}
