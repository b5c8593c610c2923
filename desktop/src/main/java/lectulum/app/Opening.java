package lectulum.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import javafx.application.Application;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.symbols.Symbols;

/// The way to the window: as short as it can be made, since somebody waits for it.
final class Opening {
    private Opening() {
    }

    /// Whether no command is meant but the window: nothing is said, or a demonstration, or a file that is there.
    static boolean asked(String... args) {
        return args.length == 0 || args.length == 1 && (args[0].startsWith(Desk.DEMO) || file(args[0]));
    }

    /// Commands are words without a dot.
    private static boolean file(String name) {
        return name.contains(".") && Files.exists(Path.of(name));
    }

    /// Shows the window and comes back when it is closed.
    ///
    /// What every camper needs – the catalogue, the disciplines, the symbols – is read while the toolkit starts, where there is
    /// another processor for it: a demonstration is worked through. It gains about a tenth of a second of two and a half.
    ///
    /// @param named a file or a demonstration, or nothing for the start page
    static void window(String... named) {
        if (Runtime.getRuntime().availableProcessors() > 1) {
            Thread.ofPlatform().daemon().name("early")
                    .start(() -> Campers.demo("nightjar").map(Project::design).ifPresent(Opening::workThrough));
        }
        Application.launch(LectulumApp.class, named);
    }

    private static void workThrough(Design design) {
        Analysis.first(design);
        design.things().forEach(thing -> Symbols.posed(thing, Mode.ROAD, Set.of()));
    }
}
