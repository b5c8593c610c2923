package lectulum.files;

import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/// How the amounts of one column are written: which mark is the decimal one. Cells that can be read one way only decide; where none
/// does, or where they contradict one another, the reader's own custom holds and what does not fit it is no amount.
final class AmountColumn {
    private static final Pattern IGNORED = Pattern.compile("[\\p{Sc}\\s\\u00a0\\u2009\\u202f'’]|[A-Z]{3}");
    private static final Pattern PLAIN = Pattern.compile("\\d+(\\.\\d+)?|\\.\\d+");
    private static final int GROUP = 3;

    private final char decimal;

    private AmountColumn(char decimal) {
        this.decimal = decimal;
    }

    /// @param usual the decimal mark of the reader
    static AmountColumn of(List<String> cells, char usual) {
        boolean point = false;
        boolean comma = false;
        for (String c : cells) {
            char vote = vote(digits(c));
            point |= vote == '.';
            comma |= vote == ',';
        }
        return new AmountColumn(point == comma ? usual : point ? '.' : ',');
    }

    char decimal() {
        return decimal;
    }

    /// The decimal mark that a cell shows; 0 where it shows none.
    private static char vote(String c) {
        int point = c.lastIndexOf('.');
        int comma = c.lastIndexOf(',');
        if (point >= 0 && comma >= 0) {
            return point > comma ? '.' : ',';
        }
        char mark = point >= 0 ? '.' : ',';
        int at = Math.max(point, comma);
        if (at < 0) {
            return 0;
        }
        if (c.indexOf(mark) != at) {
            return mark == '.' ? ',' : '.';
        }
        return c.length() - at - 1 == GROUP ? 0 : mark;
    }

    private static String digits(String cell) {
        return IGNORED.matcher(cell).replaceAll("").replaceAll("[()+\\-−]", "");
    }

    /// The amount of a cell; empty where it is none, or not written as the column is.
    OptionalDouble read(String cell) {
        String bare = IGNORED.matcher(cell).replaceAll("").replace('−', '-');
        boolean negative = bare.startsWith("(") && bare.endsWith(")") || bare.startsWith("-") || bare.endsWith("-");
        String c = bare.replaceAll("^[(+-]+|[)-]+$", "");
        char thousands = decimal == '.' ? ',' : '.';
        int at = c.indexOf(decimal);
        String whole = at < 0 ? c : c.substring(0, at);
        String part = at < 0 ? "" : c.substring(at + 1);
        if (part.indexOf(thousands) >= 0 || part.indexOf(decimal) >= 0 || !grouped(whole, thousands)) {
            return OptionalDouble.empty();
        }
        String plain = whole.replace(String.valueOf(thousands), "") + (part.isEmpty() ? "" : "." + part);
        if (!PLAIN.matcher(plain).matches()) {
            return OptionalDouble.empty();
        }
        double value = Double.parseDouble(plain);
        return Double.isFinite(value) ? OptionalDouble.of(negative ? -value : value) : OptionalDouble.empty();
    }

    private static boolean grouped(String whole, char thousands) {
        if (whole.indexOf(thousands) < 0) {
            return true;
        }
        String[] groups = whole.split(Pattern.quote(String.valueOf(thousands)), -1);
        for (int i = 0; i < groups.length; i++) {
            if (i > 0 && groups[i].length() != GROUP || i == 0 && (groups[0].isEmpty() || groups[0].length() > GROUP)) {
                return false;
            }
        }
        return true;
    }
}
