package lectulum.workbench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lectulum.analysis.Analysis;
import lectulum.design.Acceptance;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.History;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Reads;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Stage;
import lectulum.space.Contents;
import lectulum.units.UnitSystem;

/// The bench on which one project is worked: every change of what is shown goes through here and ends in a new
/// [State]. Used on the interface thread only.
///
/// What the hand waits for is shown at once; the whole analysis is worked out beside it and shown when it is there. Work
/// that is overtaken by another edit stops itself.
public final class Workbench {
    private static final System.Logger LOG = System.getLogger("lectulum");

    private final ReadOnlyObjectWrapper<State> state;
    private final Executor beside;
    private final Executor front;
    private Optional<Analysis> awaited = Optional.empty();

    /// A bench on which everything is worked out at once: for pictures and the command line.
    public Workbench(Project project) {
        this(project, Runnable::run, Runnable::run);
    }

    /// @param beside where the whole analysis is worked out
    /// @param front  the interface thread, which shows it
    public Workbench(Project project, Executor beside, Executor front) {
        this.beside = beside;
        this.front = front;
        Analysis analysis = Analysis.first(project.design());
        Analysis pinned = project.pinned().filter(p -> !p.equals(project.design())).map(Analysis::first)
                .orElse(analysis);
        this.state = new ReadOnlyObjectWrapper<>(new State(History.of(project), analysis, pinned, List.of(), Mode.ROAD,
                LoadCase.DEPARTURE.id(), project.design().brief().units(), Stage.LAYOUT, Optional.empty(), List.of()));
        whole();
    }

    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    public State state() {
        return state.get();
    }

    /// Applies an edit and remembers it for undo. A remedy on trial is dropped first.
    public void edit(Edit edit) {
        Project now = state().project();
        settle(state().history().after(edit.name(), now.with(edit.apply(now.design()))));
    }

    public void edit(String name, UnaryOperator<Design> change) {
        edit(new Edit(name, change));
    }

    /// Shows what an edit would give, without applying it: a drag in progress.
    public void preview(Edit edit) {
        State s = state();
        Design design = edit.apply(s.project().design());
        awaited.ifPresent(Analysis::stop);
        awaited = Optional.empty();
        show(s.analysis().sketch(design), s.baseline(), s.trial());
    }

    /// Back to the current design after a preview.
    public void endPreview() {
        settle(state().history());
    }

    /// Shows a remedy as a ghost; every figure then shows its change against the current design.
    public void tryOut(Remedy remedy) {
        State s = state();
        Analysis current = s.analysis().next(s.project().design());
        Design design = remedy.edit().apply(s.project().design());
        show(current.sketch(design), current, Optional.of(remedy));
        whole();
    }

    /// Shows places that a thing could have.
    public void showGhosts(List<State.Ghost> places) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), s.selection(), s.mode(), s.loadCase(), s.units(),
                s.stage(),
                s.trial(), places));
    }

    public void keepTrial() {
        state().trial().ifPresent(remedy -> edit(remedy.edit()));
    }

    public void dropTrial() {
        if (state().trial().isPresent()) {
            settle(state().history());
        }
    }

    public void undo() {
        settle(state().history().undo());
    }

    public void redo() {
        settle(state().history().redo());
    }

    /// Measures changes against the design as it is now.
    public void pin() {
        Project now = state().project();
        settle(state().history().after("Pin", now.pinning(now.design())));
    }

    public void copyVariant(String name) {
        settle(state().history().after("New variant " + name, state().project().copyingVariant(name)));
    }

    /// Another camper as a variant of its own, which is then the current one.
    public void addVariant(String name, Design design) {
        settle(state().history().after("New variant " + name,
                state().project().copyingVariant(name).with(design)));
    }

    public void switchVariant(String id) {
        Project next = state().project().switchedTo(id);
        settle(state().history().after("Switch to " + next.variant().name(), next));
    }

    public void deleteVariant() {
        settle(state().history().after("Delete variant " + state().project().variant().name(),
                state().project().withoutVariant()));
    }

    /// Puts another state of the whole project in the place of this one, in one step that can be undone.
    public void replace(String step, Project project) {
        settle(state().history().after(step, project));
    }

    public void renameProject(String name) {
        settle(state().history().after("Rename", state().project().named(name)));
    }

    public void accept(Finding finding, String reason, String date) {
        edit("Accept: " + finding.title().text(state().style()),
                d -> d.accepting(new Acceptance(finding.id(), reason, date)));
    }

    public void reopen(Finding finding) {
        edit("Reopen: " + finding.title().text(state().style()), d -> d.notAccepting(finding.id()));
    }

    /// Adds a thing from the catalogue under a free id and selects it.
    public void add(Thing template, Placement at) {
        Design design = state().project().design();
        String id = design.freeId(template.name());
        edit("Add " + template.name(), d -> d.plus(template.withId(id).with(at)));
        select(List.of(id));
    }

    public void select(List<String> ids) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), List.copyOf(new LinkedHashSet<>(ids)), s.mode(),
                s.loadCase(), s.units(), s.stage(), s.trial(), List.of()));
    }

    /// Adds a thing to the selection, or takes it out again.
    public void toggleSelected(String id) {
        List<String> ids = new ArrayList<>(state().selection());
        if (!ids.remove(id)) {
            ids.add(id);
        }
        select(ids);
    }

    public void removeSelected() {
        Set<String> ids = Set.copyOf(state().selection());
        if (!ids.isEmpty()) {
            edit(ids.size() == 1 ? "Delete " + names() : "Delete " + ids.size() + " things", d -> d.without(ids));
            select(List.of());
        }
    }

    public void duplicateSelected() {
        List<String> copies = new ArrayList<>();
        String name = "Duplicate " + names();
        edit(name, d -> {
            Design next = d;
            copies.clear();
            for (Thing thing : state().selected()) {
                String id = next.freeId(thing.name());
                double shift = thing.size().width() + 0.02;
                next = next.plus(thing.withId(id).with(thing.place().moved(0, shift, 0)));
                copies.add(id);
            }
            return next;
        });
        select(copies);
    }

    /// Turns every selected thing on its own middle, with what is kept in it.
    public void turnSelected(double by) {
        List<String> ids = state().selection();
        Mode mode = state().mode();
        if (!ids.isEmpty()) {
            edit("Turn " + names(), d -> Contents.turned(d, ids, mode, by));
        }
    }

    /// Moves the selected things in the mode that is shown \[m\].
    public void moveSelected(double dx, double dy, double dz) {
        if (!state().selection().isEmpty()) {
            edit(moving(dx, dy, dz));
        }
    }

    /// The edit that moves the selected things and what is kept in them; for previews and drops.
    public Edit moving(double dx, double dy, double dz) {
        List<String> ids = state().selection();
        Mode mode = state().mode();
        return new Edit("Move " + names(), d -> Contents.moved(d, ids, mode, dx, dy, dz));
    }

    /// The edit that moves the axle along the camper, onto a step.
    ///
    /// @param by   \[m\], rearwards positive
    /// @param step \[m\], > 0
    public Edit movingAxle(double by, double step) {
        return new Edit("Move the axle", d -> d.with(d.base().with(
                d.base().axle().at(Math.round((d.base().axle().x() + by) / step) * step))));
    }

    /// What the selection is called in the name of an edit.
    public String names() {
        List<Thing> things = state().selected();
        return things.size() == 1 ? things.getFirst().name() : things.size() + " things";
    }

    public void setMode(Mode mode) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), s.selection(), mode, s.loadCase(), s.units(), s.stage(),
                s.trial(), s.ghosts()));
    }

    public void setLoadCase(LoadCase loadCase) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), s.selection(), s.mode(), loadCase.id(), s.units(),
                s.stage(), s.trial(), s.ghosts()));
    }

    public void setUnits(UnitSystem units) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), s.selection(), s.mode(), s.loadCase(), units, s.stage(),
                s.trial(), s.ghosts()));
    }

    public void setStage(Stage stage) {
        State s = state();
        set(new State(s.history(), s.analysis(), s.baseline(), s.selection(), s.mode(), s.loadCase(), s.units(), stage,
                s.trial(), List.of()));
    }

    /// Shows the current design of a history, measured against the pin.
    private void settle(History history) {
        State s = state();
        Project project = history.now();
        Analysis analysis = s.analysis().sketch(project.design());
        Analysis pinned = project.pinned().map(p -> p == s.baseline().given() ? s.baseline() : analysis.next(p))
                .orElse(analysis);
        List<String> selection = s.selection().stream().filter(id -> project.design().thing(id).isPresent()).toList();
        set(new State(history, analysis, pinned, selection, s.mode(), s.loadCase(), s.units(), s.stage(),
                Optional.empty(), List.of()));
        whole();
    }

    /// Works out what the hand does not wait for.
    private void whole() {
        awaited.ifPresent(Analysis::stop);
        awaited = Optional.empty();
        Analysis sketch = state().analysis();
        if (!sketch.sketched()) {
            return;
        }
        Analysis whole = sketch.peek(sketch.given());
        Analysis baseline = state().baseline();
        awaited = Optional.of(whole);
        beside.execute(() -> {
            try {
                whole.complete();
                Analysis against = baseline == sketch ? whole : baseline.sketched() ? baseline.whole() : baseline;
                front.execute(() -> publish(sketch, whole, against));
            } catch (Reads.Overtaken overtaken) {
                LOG.log(System.Logger.Level.DEBUG, "overtaken by another edit");
            } catch (RuntimeException e) {
                LOG.log(System.Logger.Level.ERROR, "the analysis failed", e);
                front.execute(() -> awaited = Optional.empty());
            }
        });
    }

    /// @param against what changes are measured against, whole too
    private void publish(Analysis sketch, Analysis whole, Analysis against) {
        State s = state();
        if (s.analysis() == sketch) {
            awaited = Optional.empty();
            set(new State(s.history(), whole, against, s.selection(), s.mode(),
                    s.loadCase(), s.units(), s.stage(), s.trial(), s.ghosts()));
        }
    }

    /// Whether all that follows from the last edit is shown.
    public boolean settled() {
        return awaited.isEmpty();
    }

    private void show(Analysis analysis, Analysis baseline, Optional<Remedy> trial) {
        State s = state();
        set(new State(s.history(), analysis, baseline, s.selection(), s.mode(), s.loadCase(), s.units(), s.stage(),
                trial, s.ghosts()));
    }

    private void set(State next) {
        state.set(next);
    }
}
