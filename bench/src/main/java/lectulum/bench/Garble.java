package lectulum.bench;

import java.util.SplittableRandom;

/// Garbles tables and lines of devices as spreadsheets, mail and bad wires do: signs that are another one, parts that are gone or there
/// twice, lines in another order, numbers that cannot be, quotes that are never closed.
final class Garble {
    private static final String SIGNS = ",;\"'\n\t \u0000\uFFFD\u202E9-e.€=😀";
    private static final String[] PIECES = {"1e999", "-0", "NaN", "99999999999999999999", "=cmd|' /C calc'!A0",
            "\"\"\"", "\r\r\n", ",,,,,,,,",
            "2026-02-30", "0x10", "1.234,56", "\ufeff"};
    private static final int LONG = 20_000;

    private final SplittableRandom dice;

    Garble(long seed) {
        this.dice = new SplittableRandom(seed);
    }

    /// @param text not empty
    String of(String text) {
        String now = text;
        int times = 1 + dice.nextInt(4);
        for (int i = 0; i < times && !now.isEmpty(); i++) {
            now = once(now);
        }
        return now;
    }

    private String once(String text) {
        int at = dice.nextInt(text.length());
        int to = Math.min(text.length(), at + 1 + dice.nextInt(40));
        return switch (dice.nextInt(8)) {
            case 0 -> text.substring(0, at);
            case 1 -> text.substring(0, at) + text.substring(to);
            case 2 -> text.substring(0, to) + text.substring(at);
            case 3 -> text.substring(0, at) + PIECES[dice.nextInt(PIECES.length)] + text.substring(to);
            case 4 -> swapped(text);
            case 5 -> dice.nextInt(20) == 0
                    ? text.substring(0, at) + "9".repeat(LONG) + text.substring(at)
                    : text.substring(0, at) + text.substring(at, to).toUpperCase(java.util.Locale.ROOT)
                            + text.substring(to);
            default -> text.substring(0, at) + SIGNS.charAt(dice.nextInt(SIGNS.length())) + text.substring(at + 1);
        };
    }

    private String swapped(String text) {
        String[] lines = text.split("\n", -1);
        int a = dice.nextInt(lines.length);
        int b = dice.nextInt(lines.length);
        String held = lines[a];
        lines[a] = lines[b];
        lines[b] = held;
        return String.join("\n", lines);
    }
}
