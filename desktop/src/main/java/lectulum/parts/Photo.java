package lectulum.parts;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;

/// A photograph that is read beside the interface thread, once, and shown when it is there. Used on the interface thread.
public final class Photo {
    private static final Background WORKER = new Background("photographs");
    private final int most;
    private final ImageView view = new ImageView();
    private Path file;

    /// @param most pixels along its longer side that are read
    public Photo(int most, double width, double height) {
        this.most = most;
        view.setPreserveRatio(true);
        view.setFitWidth(width);
        view.setFitHeight(height);
    }

    public ImageView view() {
        return view;
    }

    /// Shows the photograph of a file; one that cannot be read leaves it empty.
    public void show(Path wanted) {
        if (wanted.equals(file)) {
            return;
        }
        file = wanted;
        view.setImage(null);
        read(wanted, most, image -> set(wanted, image));
    }

    /// Reads a photograph beside the interface thread.
    ///
    /// @param most pixels along its longer side that are read
    /// @param done takes it on the interface thread; empty where it cannot be read
    public static void read(Path file, int most, Consumer<Optional<Image>> done) {
        WORKER.run(() -> Picture.read(file, most), done, failed -> done.accept(Optional.empty()));
    }

    private void set(Path read, Optional<Image> image) {
        if (read.equals(file)) {
            view.setImage(image.orElse(null));
        }
    }

    /// Whether nothing is being read.
    public static boolean settled() {
        return WORKER.settled();
    }
}
