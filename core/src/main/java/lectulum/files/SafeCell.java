package lectulum.files;

import java.util.regex.Pattern;

/// Text that a spreadsheet would run as a formula gets one apostrophe before it when it is written, and loses exactly that one
/// when it is read: writing and reading is the identity.
public final class SafeCell {
    private static final Pattern NUMBER = Pattern.compile("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)([eE][+-]?\\d+)?");
    private static final Pattern RISKY = Pattern.compile("(?s)[\\s']*[=+\\-@＝＋－＠].*|'*[\\t\\r\\n].*");

    private SafeCell() {
    }

    public static String write(String text) {
        return risky(text) ? "'" + text : text;
    }

    public static String read(String cell) {
        return cell.startsWith("'") && risky(cell.substring(1)) ? cell.substring(1) : cell;
    }

    private static boolean risky(String text) {
        return !NUMBER.matcher(text).matches() && RISKY.matcher(text).matches();
    }
}
