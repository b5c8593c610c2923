package lectulum.figures;

import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lectulum.units.Style;
import lectulum.units.Units;

/// A sentence with numbers in it that is spoken in the reader's units: the template holds `{0}`, `{1}`… and each
/// part is an [Amount], a sentence of its own, or text put in as it is.
public record Sentence(String template, List<Object> parts) {
    private static final Pattern HOLE = Pattern.compile("\\{(\\d+)}");

    public Sentence {
        parts = List.copyOf(parts);
    }

    public static Sentence of(String template, Object... parts) {
        return new Sentence(template, List.of(parts));
    }

    /// What is said of one and of any other number of something: `One lamp`, `{0} lamps`.
    ///
    /// @param count stands for `{0}`
    /// @param more  stand for `{1}` and so on
    public static Sentence counted(long count, String one, String many, Object... more) {
        List<Object> parts = new ArrayList<>(List.of(count));
        parts.addAll(List.of(more));
        return new Sentence(count == 1 ? one : many, parts);
    }

    /// The sentence in the units of `style`.
    public String text(Style style) {
        Matcher holes = HOLE.matcher(template);
        return holes.replaceAll(
                hole -> Matcher.quoteReplacement(part(parts.get(Integer.parseInt(hole.group(1))), style)));
    }

    /// Its parts one after another, with commas.
    public static Sentence joined(List<?> parts) {
        StringJoiner holes = new StringJoiner(", ");
        for (int i = 0; i < parts.size(); i++) {
            holes.add("{" + i + "}");
        }
        return of(holes.toString(), parts.toArray());
    }

    private static String part(Object part, Style style) {
        return switch (part) {
            case Amount(double value, var quantity) -> Units.text(value, quantity, style);
            case Sentence sentence -> sentence.text(style);
            default -> String.valueOf(part);
        };
    }
}
