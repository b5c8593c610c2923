package lectulum.papers;

import java.io.InputStream;
import java.util.Objects;

/// The typeface that ships with the program, for the window and for paper.
public enum Typeface {
    REGULAR("Lato-Regular.ttf"), BOLD("Lato-Bold.ttf");

    private final String file;

    Typeface(String file) {
        this.file = file;
    }

    /// The font as TrueType. The caller closes it.
    public InputStream open() {
        return Objects.requireNonNull(Typeface.class.getResourceAsStream(file), file);
    }
}
