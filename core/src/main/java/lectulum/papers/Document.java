package lectulum.papers;

import java.io.IOException;
import java.util.List;

/// Something that can leave the program on paper or in a file.
///
/// @param id    stable
/// @param about what it holds, in a sentence
/// @param forms the kinds of file it can be written as, the usual one first
public record Document(String id, Kind kind, String name, String about, List<Form> forms) {

    /// Where it belongs in a list of documents.
    public enum Kind {
        BOOK("Books"), FULL_SIZE("Full size, to cut by"), LIST("Lists and tables"), PICTURE("Pictures");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// One kind of file.
    ///
    /// @param label  such as PDF
    /// @param ending of the file, with its dot
    public record Form(String label, String ending, Content content) {
    }

    /// What is written; made when it is asked for.
    public interface Content {
        byte[] bytes() throws IOException;
    }

    /// What a file of it is called unless somebody says otherwise.
    public String fileName(Form form) {
        return id.replace('.', '-') + form.ending();
    }
}
