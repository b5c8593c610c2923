package lectulum.sheet;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;
import javafx.scene.image.PixelReader;
import javafx.scene.layout.StackPane;
import javax.imageio.ImageIO;
import lectulum.figures.drawing.SvgSurface;
import lectulum.theme.Theme;
import lectulum.workbench.State;

/// The sheet as a PNG, painted by the same painter as in the window. On the interface thread.
public final class SheetPicture {
    private SheetPicture() {
    }

    /// @param look how the stage of the state wants the sheet
    public static byte[] png(State state, Theme theme, SheetLook look, int width, int height) throws IOException {
        Canvas canvas = new Canvas(width, height);
        new Scene(new StackPane(canvas));
        Projection projection = Projection.fit(state.design(), state.mode(), width, height, look.side(), look.beside(),
                look.below());
        new SheetPainter(theme, stage -> look).paint(new CanvasSurface(canvas.getGraphicsContext2D()), width, height,
                state, projection);
        return encode(canvas.snapshot(null, null));
    }

    /// The sheet as an SVG that any browser shows, drawn by the same painter. On the interface thread.
    ///
    /// @param look how the stage of the state wants the sheet
    public static String svg(State state, Theme theme, SheetLook look, int width, int height) {
        SvgSurface surface = new SvgSurface(width, height,
                state.project().name() + ", " + state.stage().label() + ", " + state.mode().label(),
                CanvasSurface::measured);
        new SheetPainter(theme, stage -> look).paint(surface, width, height, state,
                Projection.fit(state.design(), state.mode(), width, height, look.side(), look.beside(), look.below()));
        return surface.file();
    }

    /// Any picture as a PNG.
    public static byte[] encode(Image image) throws IOException {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        BufferedImage pixels = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        PixelReader reader = image.getPixelReader();
        int[] row = new int[w];
        for (int y = 0; y < h; y++) {
            reader.getPixels(0, y, w, 1, javafx.scene.image.PixelFormat.getIntArgbInstance(), row, 0, w);
            pixels.setRGB(0, y, w, 1, row, 0, w);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(pixels, "png", out);
        return out.toByteArray();
    }
}
