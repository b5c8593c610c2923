package lectulum.app;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Scene;
import javax.imageio.ImageIO;
import lectulum.demo.Campers;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.figures.Stage;
import lectulum.files.AtomicFile;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.papers.Paper;
import lectulum.papers.book.Book;
import lectulum.papers.book.Edition;
import lectulum.sheet.BookPlates;
import lectulum.stage.Stages;
import lectulum.units.UnitSystem;
import lectulum.window.MainWindow;
import lectulum.window.StartPage;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/// Makes the pictures in docs/screenshots from the demonstrations.
public final class Screenshots {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int BOOK_HIGH = 620;
    private static final int BETWEEN = 20;
    private static final int BOOK_DPI = 110;
    private static final Color DESK = new Color(0xC9C1B1);

    private final Path folder;
    private final Home home;

    private Screenshots(Path folder, Home home) {
        this.folder = folder;
        this.home = home;
    }

    /// @param args the folder to write to
    public static void main(String[] args) {
        int code = 1;
        try {
            Headless.start();
            Path scratch = Files.createTempDirectory("lectulum");
            new Screenshots(Path.of(args[0]), new Home(scratch)).all();
            Files.deleteIfExists(scratch);
            code = 0;
        } catch (IOException e) {
            System.err.println("The pictures could not be written: " + e.getMessage());
        } finally {
            System.exit(code);
        }
    }

    private void all() throws IOException {
        startPage();
        window("layout", "nightjar", b -> b.select(List.of("cells")));
        window("layout-night", "nightjar", b -> b.setMode(Mode.NIGHT));
        page("cut-away", "nightjar", Stage.LAYOUT, "cut-away", b -> b.setMode(Mode.NIGHT));
        window("brief", "nightjar", b -> b.setStage(Stage.BRIEF));
        page("concepts", "chamois", Stage.BRIEF, "concepts", b -> {
        });
        page("profile", "dunlin", Stage.BASE, "profile", b -> {
        });
        window("balance", "nightjar", b -> b.setStage(Stage.BALANCE));
        window("power", "nightjar", b -> b.setStage(Stage.POWER));
        shot("guide", "nightjar", w -> {
            w.turnTo(Stage.POWER, "power-trip");
            w.guide();
        });
        page("water", "nightjar", Stage.WATER, "water-pipes", b -> {
        });
        page("air", "nightjar", Stage.AIR, "air-heat", b -> {
        });
        page("trip", "nightjar", Stage.TRIP, "trip", b -> {
        });
        page("framing", "nightjar", Stage.MATERIALS, "sheet", b -> {
        });
        page("cutting", "dunlin", Stage.MATERIALS, "mat-cut", b -> {
        });
        page("money", "dunlin", Stage.MONEY, "money-receipts", b -> {
        });
        page("build", "dunlin", Stage.BUILD, "build-timeline", b -> {
        });
        page("log", "nightjar", Stage.LOG, "log-trips", b -> {
        });
        book("book", "nightjar", List.of(0, 5, 8));
    }

    /// Pages of the build book beside one another.
    private void book(String name, String demo, List<Integer> pages) throws IOException {
        Project project = Campers.demo(demo).orElseThrow();
        byte[] pdf = Headless.on(() -> {
            State state = new Workbench(project).state();
            return Book.pdf(project.name(), state.analysis(), Edition.WHOLE, Book.Cover.DRAWN, Paper.A4, state.style(),
                    new BookPlates(state, Stages::look, file -> Optional.empty()), project.design().purse().today());
        });
        BufferedImage shown = new BufferedImage(WIDTH, BOOK_HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = shown.createGraphics();
        g.setColor(DESK);
        g.fillRect(0, 0, WIDTH, BOOK_HIGH);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int wide = (WIDTH - (pages.size() + 1) * BETWEEN) / pages.size();
            for (int i = 0; i < pages.size(); i++) {
                BufferedImage page = new PDFRenderer(document).renderImageWithDPI(pages.get(i), BOOK_DPI);
                g.drawImage(page, BETWEEN + i * (wide + BETWEEN), BETWEEN, wide,
                        page.getHeight() * wide / page.getWidth(),
                        null);
            }
        }
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(shown, "png", png);
        AtomicFile.write(folder.resolve(name + ".png"), png.toByteArray());
    }

    private void window(String name, String demo, Consumer<Workbench> prepare) throws IOException {
        shot(name, demo, w -> prepare.accept(w.bench()));
    }

    /// A picture that takes the sheet's place.
    private void page(String name, String demo, Stage stage, String id, Consumer<Workbench> prepare)
            throws IOException {
        shot(name, demo, w -> {
            prepare.accept(w.bench());
            w.turnTo(stage, id);
        });
    }

    private void shot(String name, String demo, Consumer<MainWindow> prepare) throws IOException {
        MainWindow window = Headless.window(Campers.demo(demo).orElseThrow(), home, true);
        Scene scene = Headless.on(() -> {
            Scene s = new Scene(window.root(), WIDTH, HEIGHT);
            prepare.accept(window);
            window.sheet().requestFocus();
            return s;
        });
        AtomicFile.write(folder.resolve(name + ".png"), Headless.picture(scene, window::settled));
        Headless.on(() -> {
            window.close();
            return null;
        });
    }

    private void startPage() throws IOException {
        Scene scene = Headless.on(() -> new Scene(new StartPage(
                new StartPage.Contents(List.of(), List.of(), Optional.empty(), UnitSystem.METRIC), new NoChoices(),
                Runnable::run, Runnable::run)
                .root(), WIDTH, HEIGHT));
        AtomicFile.write(folder.resolve("start.png"), Headless.picture(scene, () -> true));
    }

    private static final class NoChoices implements StartPage.Choices {
        @Override
        public void firstHour() {
            // Nobody presses here.
        }

        @Override
        public void begin(lectulum.design.Project project, boolean worthSaving) {
            refuse();
        }

        @Override
        public void open(Path file) {
            refuse();
        }

        @Override
        public void browse() {
            refuse();
        }

        @Override
        public void recover(Journal.Left left) {
            refuse();
        }

        @Override
        public void decline(Journal.Left left) {
            refuse();
        }

        private static void refuse() {
            throw new IllegalStateException("a picture chooses nothing");
        }
    }
}
