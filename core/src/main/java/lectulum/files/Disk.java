package lectulum.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What went wrong on a disk, for somebody who looks for a file and not for a fault in a program.
///
/// What the system says in other words than these, or in another language, is passed on as it is.
final class Disk {
    private static final String OTHERWISE = "a folder on the way to it is a file";
    private static final List<Map.Entry<String, String>> WORDS = List.of(
            Map.entry("No space left", "the disk is full"), Map.entry("not enough space", "the disk is full"),
            Map.entry("quota exceeded", "your part of the disk is full"),
            Map.entry("Read-only file system", "its disk can only be read"),
            Map.entry("Is a directory", "it is a folder"), Map.entry("Not a directory", OTHERWISE),
            Map.entry("name too long", "its name is too long"));

    private Disk() {
    }

    /// The same, saying which file and why; a message that is a sentence already is kept.
    static IOException written(Path file, IOException fault) {
        return said(file, "written", fault);
    }

    static IOException read(Path file, IOException fault) {
        return said(file, "read", fault);
    }

    private static IOException said(Path file, String what, IOException fault) {
        return fault instanceof UnreadableFile || fault instanceof ChangedMeanwhile || fault instanceof Said
                ? fault
                : new Said(file + " cannot be " + what + ": " + why(fault), fault);
    }

    private static final class Said extends IOException {
        private static final long serialVersionUID = 1;

        Said(String sentence, IOException fault) {
            super(sentence, fault);
        }
    }

    private static String why(IOException fault) {
        return switch (fault) {
            case AccessDeniedException no -> "you may not";
            case NoSuchFileException no -> "it is not there";
            case FileAlreadyExistsException no -> OTHERWISE;
            case NotDirectoryException no -> OTHERWISE;
            default -> {
                String text = Optional.ofNullable(fault instanceof FileSystemException f ? f.getReason() : null)
                        .or(() -> Optional.ofNullable(fault.getMessage())).orElse(fault.getClass().getSimpleName());
                yield WORDS.stream().filter(w -> text.contains(w.getKey())).map(Map.Entry::getValue).findFirst()
                        .orElse(text);
            }
        };
    }
}
