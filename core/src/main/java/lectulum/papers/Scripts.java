package lectulum.papers;

import java.text.Bidi;
import java.util.Map;

/// Text in the order in which it stands on paper from left to right.
///
/// Where no script runs from right to left nothing changes. Lines are broken before: this is for one line.
final class Scripts {
    private static final Map<Integer, Integer> MIRRORED = Map.of((int) '(', (int) ')', (int) ')', (int) '(', (int) '[',
            (int) ']', (int) ']', (int) '[', (int) '{', (int) '}', (int) '}', (int) '{', (int) '«', (int) '»',
            (int) '»', (int) '«');
    /// Signs that only direct the text.
    private static final String DIRECTING = "[\\u200E\\u200F\\u202A-\\u202E\\u2066-\\u2069]";

    private Scripts() {
    }

    /// By the bidirectional algorithm of Unicode, Arabic joined.
    static String laid(String line) {
        if (!Bidi.requiresBidi(line.toCharArray(), 0, line.length())) {
            return line.replaceAll(DIRECTING, "");
        }
        String joined = Arabic.joined(line);
        Bidi bidi = new Bidi(joined, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        byte[] levels = new byte[bidi.getRunCount()];
        Object[] runs = new Object[bidi.getRunCount()];
        for (int i = 0; i < runs.length; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            String run = joined.substring(bidi.getRunStart(i), bidi.getRunLimit(i));
            runs[i] = levels[i] % 2 == 1 ? turned(run) : run;
        }
        Bidi.reorderVisually(levels, 0, runs, 0, runs.length);
        StringBuilder all = new StringBuilder();
        for (Object run : runs) {
            all.append(run);
        }
        return all.toString().replaceAll(DIRECTING, "");
    }

    /// Backwards letter by letter; marks stay behind the letter that bears them, brackets face the other way.
    private static String turned(String run) {
        int[] letters = run.codePoints().toArray();
        StringBuilder back = new StringBuilder();
        int end = letters.length;
        for (int i = letters.length - 1; i >= 0; i--) {
            if (i > 0 && Character.getType(letters[i]) == Character.NON_SPACING_MARK) {
                continue;
            }
            for (int k = i; k < end; k++) {
                back.appendCodePoint(MIRRORED.getOrDefault(letters[k], letters[k]));
            }
            end = i;
        }
        return back.toString();
    }
}
