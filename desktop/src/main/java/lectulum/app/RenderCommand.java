package lectulum.app;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import javafx.scene.Scene;
import lectulum.design.Mode;
import lectulum.figures.Stage;
import lectulum.files.AtomicFile;
import lectulum.files.Home;
import lectulum.sheet.SheetLook;
import lectulum.sheet.SheetPicture;
import lectulum.stage.Leaf;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.window.MainWindow;
import lectulum.workbench.Workbench;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// Draws a stage of a project into a PNG, or its drawing into an SVG, without a display.
@Command(name = "render", description = "Draws a stage of a project into a PNG, or its drawing into an SVG. Needs no display.")
final class RenderCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private Chosen chosen;

    @Option(names = {"-o",
            "--out"}, required = true, paramLabel = "FILE", description = "The picture to write: .png, or"
                    + " .svg for the drawing alone.")
    private Path out;

    @Option(names = "--stage", description = "Stage: ${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
    private Stage stage = Stage.LAYOUT;

    @Option(names = "--mode", description = "${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
    private Mode mode = Mode.ROAD;

    @Option(names = "--units", description = "metric or us. Default: those of the project.")
    private UnitSystem units;

    @Option(names = "--sheet", description = "Only the drawing, not the window around it.")
    private boolean sheetOnly;

    @Option(names = "--page", paramLabel = "PAGE", description = "Page of the stage, by its word in the window: Survey,"
            + " Profile, Cut-away. Default: the first.")
    private String page;

    @Option(names = "--select", paramLabel = "THING", description = "Id of a thing to select.")
    private String select;

    @Option(names = "--remedies", description = "Waits for the remedies of the findings. Takes some seconds.")
    private boolean remedies;

    @Option(names = "--width", description = "Pixels. Default: ${DEFAULT-VALUE}.")
    private int width = 1280;

    @Option(names = "--height", description = "Pixels. Default: ${DEFAULT-VALUE}.")
    private int height = 800;

    @Override
    public Integer call() throws IOException {
        Input input = chosen.read();
        if (select != null && input.project().design().thing(select).isEmpty()) {
            throw new CommandLine.ParameterException(spec.commandLine(), "There is no thing " + select + ".");
        }
        String name = out.toString().toLowerCase(Locale.ROOT);
        boolean svg = name.endsWith(".svg");
        if (!svg && !name.endsWith(".png")) {
            throw new CommandLine.ParameterException(spec.commandLine(), out + " is neither a .png nor a .svg.");
        }
        if (page != null && (sheetOnly || svg)) {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    "--page is a page of the window; --sheet and .svg draw the sheet alone.");
        }
        int w = Math.clamp(width, 200, 8000);
        int h = Math.clamp(height, 150, 8000);
        Headless.start();
        AtomicFile.write(out, sheetOnly || svg ? sheet(input, svg, w, h) : window(input, w, h));
        return 0;
    }

    private byte[] sheet(Input input, boolean svg, int w, int h) {
        return Headless.on(() -> {
            Workbench bench = new Workbench(input.project());
            choose(bench);
            SheetLook look = Stages.look(bench.state().stage());
            return svg
                    ? SheetPicture.svg(bench.state(), Theme.PAPER, look, w, h).getBytes(StandardCharsets.UTF_8)
                    : SheetPicture.png(bench.state(), Theme.PAPER, look, w, h);
        });
    }

    private byte[] window(Input input, int w, int h) throws IOException {
        Path scratch = Files.createTempDirectory("lectulum");
        try {
            MainWindow window = Headless.window(input.project(), new Home(scratch), remedies);
            String wanted = page(Headless.on(() -> window.leavesOf(stage)));
            Scene scene = Headless.on(() -> {
                choose(window.bench());
                window.turnTo(stage, wanted);
                Scene made = new Scene(window.root(), w, h);
                window.sheet().requestFocus();
                return made;
            });
            return Headless.picture(scene, window::settled);
        } finally {
            Files.deleteIfExists(scratch);
        }
    }

    /// The id of the page that is meant, by its word or by that; of the first where none is.
    private String page(List<Leaf> all) {
        if (page == null) {
            return all.isEmpty() ? "" : all.getFirst().id();
        }
        return all.stream().filter(l -> l.id().equalsIgnoreCase(page) || l.name().equalsIgnoreCase(page)).map(Leaf::id)
                .findFirst()
                .orElseThrow(() -> new CommandLine.ParameterException(spec.commandLine(),
                        stage.label() + " has no page " + page + (all.isEmpty()
                                ? "."
                                : ". It has: " + String.join(", ", all.stream().map(Leaf::name).toList()) + ".")));
    }

    private void choose(Workbench bench) {
        bench.setStage(stage);
        bench.setMode(mode);
        if (select != null) {
            bench.select(List.of(select));
        }
        if (units != null) {
            bench.setUnits(units);
        }
    }
}
