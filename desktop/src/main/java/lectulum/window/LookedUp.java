package lectulum.window;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Stage;
import lectulum.parts.Words;
import lectulum.units.Style;
import lectulum.window.guide.Entry;
import lectulum.window.guide.GuidePane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// What the guide can look up in a window beside its own text: commands, the figures of this camper, and what is checked.
final class LookedUp implements GuidePane.Surroundings {
    private final MainWindow window;
    private final Workbench bench;

    LookedUp(MainWindow window, Workbench bench) {
        this.window = window;
        this.bench = bench;
    }

    @Override
    public void turnTo(Stage stage, String leaf) {
        window.turnTo(stage, leaf);
    }

    @Override
    public List<Entry> commands() {
        return window.commands().stream().filter(c -> c.enabled().getAsBoolean())
                .map(c -> new Entry(c.name(), c.keysText(), c::run)).toList();
    }

    @Override
    public List<Entry> figures() {
        State state = bench.state();
        return state.analysis().figures().all().stream().map(f -> entry(f, state.style())).toList();
    }

    private Entry entry(Figure f, Style style) {
        String name = f.loadCase().isEmpty() ? f.label() : f.label() + ", " + f.loadCase();
        return new Entry(name, (f.value().isPresent() ? f.text(style) : "not known") + "  ·  " + f.id(),
                () -> window.openWorking(f));
    }

    @Override
    public List<Entry> checks() {
        Analysis analysis = bench.state().analysis();
        Style style = bench.state().style();
        return Disciplines.ALL.stream().flatMap(d -> d.rules().stream()).map(r -> new Entry(
                Words.first(r.asks()), r.stage().label() + ": " + says(analysis, r, style),
                () -> bench.setStage(r.stage()))).toList();
    }

    private static String says(Analysis analysis, Rule rule, Style style) {
        Optional<Finding> first = analysis.findings().stream().filter(f -> f.rule() == rule).findFirst();
        return first.map(f -> f.severity().name().toLowerCase(Locale.ROOT) + ", " + f.title().text(style))
                .orElse("nothing to say now");
    }

    @Override
    public void close() {
        window.closeGuide();
    }
}
