package lectulum.parts;

import java.util.function.Function;
import javafx.scene.text.Text;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
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
        return one.length() <= Math.max(1, letters) ? one : one.substring(0, letters - 1).strip() + "…";
    }

    /// As many letters of a line as there is room for.
    ///
    /// @param room \[px\]
    public static String fitting(String line, double room, Font font) {
        Text measure = new Text(line);
        measure.setFont(font);
        int low = 1;
        int high = line.length();
        while (low < high) {
            int some = (low + high + 1) / 2;
            measure.setText(shortened(line, some));
            if (measure.getLayoutBounds().getWidth() <= room) {
                low = some;
            } else {
                high = some - 1;
            }
        }
        return shortened(line, low);
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
