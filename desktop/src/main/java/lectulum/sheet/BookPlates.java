package lectulum.sheet;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lectulum.design.Mode;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.papers.book.Plates;
import lectulum.parts.Picture;
import lectulum.theme.Theme;
import lectulum.workbench.State;

/// Drawings of a book, by the painters of the window.
///
/// @param looks how each stage wants the sheet
/// @param files photographs beside the project
public record BookPlates(State state, Function<Stage, SheetLook> looks,
        Function<String, Optional<Path>> files) implements Plates {
    private static final double WIDE = 1240;
    private static final double HIGH = 820;
    private static final double CHART_WIDE = 620;
    private static final double CHART_HIGH = 240;
    /// Pixels along the longer side of a photograph.
    private static final int PHOTOGRAPH = 1100;
    private static final double COVER_WIDE = 900;
    private static final double COVER_HIGH = 560;

    @Override
    public List<Plate> sheets() {
        List<Plate> all = new ArrayList<>();
        for (Mode mode : Mode.values()) {
            all.add(sheet(Stage.LAYOUT, mode, "Layout, " + mode.label().toLowerCase(java.util.Locale.ROOT)));
        }
        all.add(sheet(Stage.BALANCE, Mode.ROAD, "Masses, reactions and the centre of gravity"));
        all.add(sheet(Stage.POWER, Mode.ROAD, "Wiring"));
        all.add(sheet(Stage.WATER, Mode.ROAD, "Water"));
        all.add(sheet(Stage.MATERIALS, Mode.ROAD, "Frame of the shell"));
        return all;
    }

    private Plate sheet(Stage stage, Mode mode, String title) {
        State s = new State(state.history(), state.analysis(), state.analysis(), List.of(), mode, state.loadCase(),
                state.units(), stage, Optional.empty(), List.of());
        SheetLook look = looks.apply(stage);
        return new Plate(title, WIDE, HIGH, surface -> new SheetPainter(Theme.PAPER, x -> look).paint(surface, WIDE,
                HIGH, s, Projection.fit(s.design(), mode, WIDE, HIGH, look.side(), look.beside(), look.below())));
    }

    @Override
    public Plate portrait() {
        return new Plate("", COVER_WIDE, COVER_HIGH, surface -> Portrait.paint(
                new Pen(surface, Theme.PAPER, COVER_WIDE, COVER_HIGH), state.design(), COVER_WIDE, COVER_HIGH));
    }

    @Override
    public Plate chart(Chart chart) {
        return new Plate("", CHART_WIDE, CHART_HIGH, surface -> {
            Pen pen = new Pen(surface, Theme.PAPER, CHART_WIDE, CHART_HIGH);
            new ChartPainter(chart, state.style()).paint(pen, CHART_WIDE, CHART_HIGH);
            pen.labels();
        });
    }

    @Override
    public Optional<byte[]> photograph(String file) {
        return files.apply(file).flatMap(path -> Picture.png(path, PHOTOGRAPH));
    }
}
