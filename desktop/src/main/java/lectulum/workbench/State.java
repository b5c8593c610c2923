package lectulum.workbench;

import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.History;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.Remedy;
import lectulum.figures.Stage;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

/// All that the window shows at one moment. Views read it and draw; they keep nothing of it.
///
/// @param analysis  of what is shown: the current design, a drag in progress, or a remedy on trial
/// @param baseline  what changes are measured against: the pin, or the current design while a remedy is on trial
/// @param selection ids of the selected things, the last one picked last
/// @param trial     the remedy being tried
/// @param ghosts    places a thing could have, best first
public record State(History history, Analysis analysis, Analysis baseline, List<String> selection, Mode mode,
        String loadCase, UnitSystem units, Stage stage, Optional<Remedy> trial, List<Ghost> ghosts) {

    public State {
        selection = List.copyOf(selection);
        ghosts = List.copyOf(ghosts);
    }

    /// A place a thing could have.
    public record Ghost(String thing, Placement place) {
    }

    /// The same in another mode, with nothing selected.
    public State in(Mode other) {
        return new State(history, analysis, baseline, List.of(), other, loadCase, units, stage, trial, ghosts);
    }

    public Project project() {
        return history.now();
    }

    /// The design shown, impossible numbers replaced.
    public Design design() {
        return analysis.design();
    }

    public Style style() {
        return new Style(units, project().design().brief().currency());
    }

    public LoadCase chosenCase() {
        return design().loadCase(loadCase);
    }

    /// The selected things that still exist.
    public List<Thing> selected() {
        return selection.stream().flatMap(id -> design().thing(id).stream()).toList();
    }

    /// A figure as it is shown; a dash where there is none.
    public String shown(String figure) {
        return analysis.figures().find(figure).map(f -> f.text(style())).orElse("–");
    }

    /// A figure of the chosen load case.
    public Optional<Figure> balance(String name) {
        return analysis.figures().find("balance." + chosenCase().id() + "." + name);
    }

    /// How a figure differs from the baseline, ready to be shown; empty where either is absent, and where the camper is as it was pinned.
    public String change(Figure figure) {
        double before = baseline.figures().value(figure.id());
        double now = figure.value().orElse(Double.NaN);
        boolean pinned = now == before && baseline.given().equals(analysis.given());
        return Double.isNaN(before) || Double.isNaN(now) || pinned
                ? ""
                : Units.change(now - before, figure.quantity(),
                        style());
    }
}
