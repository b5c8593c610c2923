package lectulum.units;

import java.util.Locale;
import java.util.Map;

/// Currencies by their sign or by their code (ISO 4217).
public final class Currencies {
    private static final Map<String, String> SIGNS = Map.of("€", "EUR", "$", "USD", "£", "GBP", "¥", "JPY");

    private Currencies() {
    }

    /// Whether two texts mean the same currency; an empty one means whatever the other is.
    public static boolean same(String one, String other) {
        return one.isBlank() || other.isBlank() || code(one).equals(code(other));
    }

    private static String code(String text) {
        String bare = text.strip().toUpperCase(Locale.ROOT);
        return SIGNS.getOrDefault(bare, bare);
    }
}
