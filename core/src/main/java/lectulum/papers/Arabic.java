package lectulum.papers;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.Map;

/// Arabic letters in the form in which they join their neighbours, as the presentation forms of Unicode: what a PDF shows is a
/// row of glyphs, nobody joins them later.
///
/// The forms and what they stand for are read from the Unicode data of the runtime, so letters of Persian and Urdu are among
/// them. Lam with alef becomes one sign; other ligatures are left out, and letters without forms stay as they are.
final class Arabic {
    private static final int ISOLATED = 0;
    private static final int FINAL = 1;
    private static final int INITIAL = 2;
    private static final int MEDIAL = 3;
    private static final String[] FORM = {" ISOLATED FORM", " FINAL FORM", " INITIAL FORM", " MEDIAL FORM"};
    private static final int LAM = 0x0644;
    private static final int TATWEEL = 0x0640;

    /// By letter, each form or 0 where there is none.
    private static final Map<Integer, int[]> LETTERS = new HashMap<>();
    /// Of lam with an alef, by that alef.
    private static final Map<Integer, int[]> LAM_ALEF = new HashMap<>();

    static {
        forms(0xFB50, 0xFBFF);
        forms(0xFE80, 0xFEFC);
    }

    private Arabic() {
    }

    private static void forms(int from, int to) {
        for (int c = from; c <= to; c++) {
            String name = Character.isDefined(c) ? Character.getName(c) : "";
            int[] stands = Normalizer.normalize(Character.toString(c), Normalizer.Form.NFKD)
                    .equals(Character.toString(c))
                            ? new int[0]
                            : Normalizer.normalize(Character.toString(c), Normalizer.Form.NFKC).codePoints().toArray();
            for (int form = 0; form < FORM.length; form++) {
                if (!name.endsWith(FORM[form])) {
                    continue;
                }
                if (stands.length == 1) {
                    LETTERS.computeIfAbsent(stands[0], k -> new int[FORM.length])[form] = c;
                } else if (stands.length == 2 && stands[0] == LAM && name.contains("LAM WITH ALEF")) {
                    LAM_ALEF.computeIfAbsent(stands[1], k -> new int[FORM.length])[form] = c;
                }
            }
        }
    }

    /// The text with every letter in its form, in the order in which it is read.
    static String joined(String text) {
        int[] letters = text.codePoints().toArray();
        StringBuilder shaped = new StringBuilder();
        for (int i = 0; i < letters.length; i++) {
            int next = after(letters, i);
            boolean before = reachesOn(before(letters, i)) && reachesBack(letters[i]);
            if (letters[i] == LAM && next >= 0 && LAM_ALEF.containsKey(letters[next])) {
                int[] one = LAM_ALEF.get(letters[next]);
                shaped.appendCodePoint(before ? one[FINAL] : one[ISOLATED]);
                for (int mark = i + 1; mark < next; mark++) {
                    shaped.appendCodePoint(letters[mark]);
                }
                i = next;
                continue;
            }
            int[] forms = LETTERS.get(letters[i]);
            if (forms == null) {
                shaped.appendCodePoint(letters[i]);
                continue;
            }
            boolean on = next >= 0 && reachesOn(letters[i]) && reachesBack(letters[next]);
            int form = forms[before ? on ? MEDIAL : FINAL : on ? INITIAL : ISOLATED];
            shaped.appendCodePoint(form == 0 ? letters[i] : form);
        }
        return shaped.toString();
    }

    /// Marks over and under letters do not part them.
    private static boolean mark(int c) {
        return Character.getType(c) == Character.NON_SPACING_MARK;
    }

    private static int before(int[] letters, int i) {
        int at = i - 1;
        while (at >= 0 && mark(letters[at])) {
            at--;
        }
        return at < 0 ? -1 : letters[at];
    }

    /// Where the next letter stands, -1 for none.
    private static int after(int[] letters, int i) {
        int at = i + 1;
        while (at < letters.length && mark(letters[at])) {
            at++;
        }
        return at < letters.length ? at : -1;
    }

    private static boolean reachesOn(int c) {
        int[] forms = LETTERS.get(c);
        return c == TATWEEL || forms != null && forms[INITIAL] != 0;
    }

    private static boolean reachesBack(int c) {
        int[] forms = LETTERS.get(c);
        return c == TATWEEL || forms != null && forms[FINAL] != 0;
    }
}
