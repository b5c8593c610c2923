package lectulum.design;

import java.util.List;
import java.util.Optional;

/// What was done and can be undone: a list of projects with the names of the edits between them. Immutable.
///
/// @param done   states before each edit, oldest first
/// @param undone states that can come back, next first
public record History(List<Step> done, Project now, List<Step> undone) {
    private static final int KEPT = 500;

    /// A state and the name of the edit that left it (in `done`) or leads to it (in `undone`).
    public record Step(String name, Project project) {
    }

    public static History of(Project project) {
        return new History(List.of(), project, List.of());
    }

    /// The history after an edit. An edit that changes nothing leaves no trace.
    public History after(String name, Project next) {
        if (next.equals(now)) {
            return this;
        }
        return new History(appended(done, new Step(name, now)), next, List.of());
    }

    public Optional<String> undoName() {
        return done.isEmpty() ? Optional.empty() : Optional.of(done.getLast().name());
    }

    public Optional<String> redoName() {
        return undone.isEmpty() ? Optional.empty() : Optional.of(undone.getFirst().name());
    }

    /// One step back; the same history where there is none.
    public History undo() {
        if (done.isEmpty()) {
            return this;
        }
        Step last = done.getLast();
        return new History(done.subList(0, done.size() - 1), last.project(),
                prepended(new Step(last.name(), now), undone));
    }

    /// One step forward again; the same history where there is none.
    public History redo() {
        if (undone.isEmpty()) {
            return this;
        }
        Step next = undone.getFirst();
        return new History(appended(done, new Step(next.name(), now)), next.project(),
                undone.subList(1, undone.size()));
    }

    private static List<Step> appended(List<Step> steps, Step step) {
        var all = new java.util.ArrayList<>(steps.size() >= KEPT ? steps.subList(1, steps.size()) : steps);
        all.add(step);
        return List.copyOf(all);
    }

    private static List<Step> prepended(Step step, List<Step> steps) {
        var all = new java.util.ArrayList<Step>(steps.size() + 1);
        all.add(step);
        all.addAll(steps);
        return List.copyOf(all);
    }
}
