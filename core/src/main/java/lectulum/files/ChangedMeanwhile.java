package lectulum.files;

import java.io.IOException;
import java.nio.file.Path;

/// The file on the disk is not the version that the work to be saved began with.
public final class ChangedMeanwhile extends IOException {
    private static final long serialVersionUID = 1L;

    public ChangedMeanwhile(Path file) {
        super(file.getFileName() + " is not the version that this work began with: something else has changed it.");
    }
}
