package lectulum.stage.build;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.build.BuildStudies;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.design.works.Job;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.parts.LedgerForm;
import lectulum.parts.PartRows;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.stage.StudyPane;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Tasks: hours, how far they are and what was worked, what is left out, and tasks of one's own.
final class TasksLeaf implements Leaf.Page {
    private static final double HOUR = 3600;
    private final Workbench work;
    private final Bench bench;
    private final Ledger<Task> table = new Ledger<>("Tasks", "No task: everything is left out.");
    private final LedgerForm<Task> tasks = new LedgerForm<>(table, s -> Tasks.of(s.design()), Task::id);
    private final VBox next = new VBox(10);
    private final Node page;

    private TasksLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        table.setId("tasks");
        table.words("Task", 290, Task::name).text("Skill", 66, Task::family)
                .entry("Hours", 66, Range.of(Job.class, "hours"), t -> t.hours() * HOUR,
                        (t, v) -> edit("Hours of a task", t.id(), j -> j.withHours(number(v))))
                .entry("Done", 60, Range.of(Job.class, "done"), Task::done,
                        (t, v) -> edit("How far a task is", t.id(), j -> j.withDone(Double.isNaN(v) ? 0 : v)))
                .entry("Worked", 66, Range.of(Job.class, "logged"),
                        t -> t.logged().isPresent() ? t.logged().getAsDouble() * HOUR : Double.NaN,
                        (t, v) -> work.edit("Hours worked", d -> mapping(d, t.id(), j -> j.withLogged(
                                number(Math.max(0, v - Tasks.inLog(d, t.id())))))));
        tasks.high(360, 260).fromTheFirst().form(t -> t.own() + t.licence(), this::form);
        FlowPane buttons = new FlowPane(6, 4, Buttons.of("A task of your own", "task-own", this::own),
                Buttons.of("It is done", "task-done", () -> edit("A task is done", tasks.id(), j -> j.withDone(1))),
                Buttons.of("Leave it out", "task-drop", this::drop),
                Buttons.of("All usual tasks again", "tasks-again",
                        () -> work.edit("All usual tasks", d -> d.with(d.works()
                                .withJobs(d.works().jobs().stream().map(j -> j.withDropped(false)).toList())))));
        HBox.setHgrow(next, Priority.ALWAYS);
        this.page = Pages.content(new VBox(10, table, buttons, new HBox(10, tasks.panel(), next)));
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("build-tasks", "Tasks", "Hours, how far they are, what was worked", () -> new TasksLeaf(bench));
    }

    private static OptionalDouble number(double v) {
        return Double.isNaN(v) ? OptionalDouble.empty() : OptionalDouble.of(v);
    }

    private void edit(String name, String task, UnaryOperator<Job> change) {
        if (!task.isEmpty()) {
            work.edit(name, d -> d.with(d.works().mapping(task, change)));
        }
    }

    private void own() {
        tasks.choose(work.state().design().works().freeId());
        work.edit("A task of one's own", d -> d.with(d.works().mapping(d.works().freeId(),
                j -> j.withOwn(true).withName("own task").withHours(OptionalDouble.of(4 * HOUR)))));
    }

    private void drop() {
        Design d = work.state().design();
        if (d.works().job(tasks.id()).own()) {
            work.edit("Without a task", x -> x.with(x.works().without(tasks.id())));
        } else {
            edit("A task is left out", tasks.id(), j -> j.withDropped(true));
        }
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        tasks.show(s);
        next.getChildren().setAll(s.analysis().of(BuildStudies.DISCIPLINE).all().stream()
                .filter(x -> x.id().equals("build-next") || x.id().equals("build-earned"))
                .map(x -> (Node) new StudyPane(bench.theme(), x, s.style())).toList());
    }

    private Form form(Task made) {
        String which = made.id();
        Form f = new Form(work, "-task");
        f.heading(made.own() ? "Task of your own" : made.name());
        PartRows<Job> rows = new PartRows<>(f, Job.class, d -> Optional.of(d.works().job(which)),
                (d, j) -> mapping(d, which, x -> j));
        if (made.own()) {
            f.text("Task", d -> d.works().job(which).name(), write(which, Job::withName));
            f.tick("Takes two people", d -> d.works().job(which).two(), write(which, Job::withTwo));
            f.tick("In one session", d -> d.works().job(which).session(), write(which, Job::withSession));
            rows.row("drying");
        } else {
            f.note("Its letters: " + which + (made.after().isEmpty()
                    ? ""
                    : ". After " + made.after().stream()
                            .collect(Collectors.joining(", ")))
                    + ".");
        }
        f.text(made.own() ? "After, by their letters" : "Also after, by their letters",
                d -> String.join(" ", d.works().job(which).after()),
                (d, v) -> mapping(d, which, j -> j.withAfter(ids(v))));
        rows.unknownRow("least", "Hours at least", "as usual").unknownRow("most", "Hours at most",
                "as usual").row("done").unknownRow("logged", "Worked, not in the log", "nothing");
        f.text("Not before, as 2026-05-31", d -> d.works().job(which).notBefore(), write(which, Job::withNotBefore));
        if (!made.licence().isEmpty()) {
            f.note("It takes " + made.licence() + ".");
            f.text("Done by", d -> d.works().job(which).by(), write(which, Job::withBy));
            f.text("Checked by", d -> d.works().job(which).checked(), write(which, Job::withChecked));
        }
        return f;
    }

    private static List<String> ids(String text) {
        return new ArrayList<>(Arrays.stream(text.split("[,;\\s]+")).filter(x -> !x.isBlank()).toList());
    }

    private static <T> BiFunction<Design, T, Design> write(String id, BiFunction<Job, T, Job> change) {
        return (d, v) -> mapping(d, id, j -> change.apply(j, v));
    }

    private static Design mapping(Design d, String id, UnaryOperator<Job> change) {
        return d.with(d.works().mapping(id, change));
    }
}
