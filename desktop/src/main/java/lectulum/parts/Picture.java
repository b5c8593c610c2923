package lectulum.parts;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/// Reads photographs with limits: how large one is is looked at before any of it is decoded, and large ones are read
/// thinned out, so that memory follows what is shown and not what the file claims.
public final class Picture {
    private static final long MOST_PIXELS = 150_000_000L;

    private Picture() {
    }

    /// A picture no larger than wanted; empty where the file is no picture, is damaged, or claims more than 150 megapixels.
    ///
    /// @param most pixels along its longer side, > 0
    public static Optional<Image> read(Path file, int most) {
        return pixels(file, most).map(Picture::shown);
    }

    private static Optional<BufferedImage> pixels(Path file, int most) {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = in == null
                    ? java.util.Collections.emptyIterator()
                    : ImageIO.getImageReaders(in);
            return readers.hasNext() ? read(readers.next(), in, most) : Optional.empty();
        } catch (IOException | RuntimeException damaged) {
            return Optional.empty();
        }
    }

    /// The same as a PNG, for paper; needs no window.
    public static Optional<byte[]> png(Path file, int most) {
        return pixels(file, most).flatMap(pixels -> {
            try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
                return ImageIO.write(pixels, "png", out) ? Optional.of(out.toByteArray()) : Optional.empty();
            } catch (IOException noPicture) {
                return Optional.empty();
            }
        });
    }

    private static Optional<BufferedImage> read(ImageReader reader, ImageInputStream in, int most) throws IOException {
        try {
            reader.setInput(in, true, true);
            long width = reader.getWidth(0);
            long height = reader.getHeight(0);
            if (width < 1 || height < 1 || width * height > MOST_PIXELS) {
                return Optional.empty();
            }
            int every = (int) Math.max(1, Math.ceilDiv(Math.max(width, height), most));
            ImageReadParam param = reader.getDefaultReadParam();
            param.setSourceSubsampling(every, every, 0, 0);
            return Optional.of(reader.read(0, param));
        } finally {
            reader.dispose();
        }
    }

    private static Image shown(BufferedImage read) {
        int w = read.getWidth();
        int h = read.getHeight();
        WritableImage image = new WritableImage(w, h);
        int[] row = new int[w];
        for (int y = 0; y < h; y++) {
            read.getRGB(0, y, w, 1, row, 0, w);
            image.getPixelWriter().setPixels(0, y, w, 1, PixelFormat.getIntArgbInstance(), row, 0, w);
        }
        return image;
    }
}
