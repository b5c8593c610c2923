package lectulum.files;

import java.io.IOException;

/// A file that cannot be opened; the message is a sentence for the user that says what is wrong and where.
public final class UnreadableFile extends IOException {
    private static final long serialVersionUID = 1;

    public UnreadableFile(String sentence) {
        super(sentence);
    }
}
