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
