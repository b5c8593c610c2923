package lectulum.parts;

import java.util.function.Function;
import javafx.util.StringConverter;

/// What the options of a box are called. The words are only shown, never read back.
public final class Words {
    private Words() {
    }

    /// With a great letter at its beginning.
    public static String first(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /// In one line of so many letters at most.
    public static String shortened(String text, int letters) {
        String one = text.strip().replaceAll("\\s+", " ");
        return one.length() <= letters ? one : one.substring(0, letters - 1).strip() + "…";
    }

    public static <T> StringConverter<T> by(Function<? super T, String> name) {
        return new StringConverter<>() {
            @Override
            public String toString(T option) {
                return option == null ? "" : name.apply(option);
            }

            @Override
            public T fromString(String text) {
                return null;
            }
        };
    }
}
