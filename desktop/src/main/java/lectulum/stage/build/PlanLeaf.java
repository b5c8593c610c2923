package lectulum.stage.build;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lectulum.build.BuildStudies;
import lectulum.design.Design;
import lectulum.design.works.OtherDay;
import lectulum.design.works.Slot;
import lectulum.design.works.Works;
import lectulum.files.CalendarFile;
import lectulum.parts.Buttons;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.AssumedEntry;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StudyLeaf;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// When it is built: sessions of the week, days off, the how sure the end is; the calendar as a file.
final class PlanLeaf implements Leaf.Page {
    private final Workbench work;
    private final VBox left = new VBox(8);
    private final VBox above = new VBox(8);
    private final AssumedEntry assumed;
    private final StudyLeaf studies;
    private final Bench bench;
    private Optional<Form> form = Optional.empty();
    private String shape = "";

    private PlanLeaf(Bench bench) {
        this.bench = bench;
        this.work = bench.work();
        this.assumed = new AssumedEntry(work, "build-plan");
        this.studies = new StudyLeaf(bench.theme(), BuildStudies.DISCIPLINE, "").beside(left, false);
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("build-plan", "Plan", "Sessions, and when it is done", () -> new PlanLeaf(bench));
    }

    @Override
    public Node node() {
        return studies.page();
    }

    @Override
    public void show(State s) {
        Works works = s.design().works();
        String now = works.week().size() + " " + works.other().size() + " " + works.baseline().tasks().isEmpty();
        if (!shape.equals(now)) {
            shape = now;
            form = Optional.of(made(works));
            above.getChildren().setAll(form.get(), kept(works),
                    Buttons.of("Write the calendar…", "calendar-write", this::write));
            above.getStyleClass().setAll("panel");
            left.getChildren().setAll(above, assumed);
        }
        form.ifPresent(f -> f.show(s));
        assumed.show(s);
        studies.show(s);
    }

    /// The plan that is kept to compare with.
    private Node kept(Works works) {
        FlowPane buttons = new FlowPane(6, 4, Buttons.of(works.baseline().tasks().isEmpty()
                ? "Keep this plan to compare with"
                : "Keep the plan as it is now", "plan-keep", () -> work.edit(BuildStudies.keepPlan())));
        if (!works.baseline().tasks().isEmpty()) {
            buttons.getChildren().add(Buttons.quiet("Forget the kept one", "plan-forget",
                    () -> work.edit(BuildStudies.forgetPlan())));
        }
        return buttons;
    }

    private Form made(Works works) {
        int count = works.week().size();
        Form f = new Form(work, "-works");
        f.heading("When you build");
        f.text("Begins on, as 2026-05-31", d -> d.works().start(), (d, v) -> d.with(d.works().withStart(v)));
        f.longText("Days off", d -> String.join(" ", d.works().off()), (d, v) -> d.with(d.works().withOff(
                Arrays.stream(v.split("[,;\\s]+")).filter(x -> !x.isBlank()).toList())));
        for (int i = 0; i < count; i++) {
            int at = i;
            String tail = " (" + (i + 1) + ")";
            f.choice("Session" + tail, List.of(DayOfWeek.values()), PlanLeaf::name, d -> slot(d, at).day(),
                    (d, v) -> with(d, at, s -> new Slot(v, s.from(), s.to(), s.helper())));
            new PartRows<>(f, Slot.class, d -> Optional.of(slot(d, at)), (d, s) -> with(d, at, x -> s))
                    .row("from", "From" + tail).row("to", "To" + tail);
            f.tick("A helper is there" + tail, d -> slot(d, at).helper(),
                    (d, v) -> with(d, at, s -> new Slot(s.day(), s.from(), s.to(), v)));
        }
        f.node(Buttons.of("Another session", "slot-add", () -> work.edit("A session", d -> {
            List<Slot> week = new ArrayList<>(d.works().week());
            week.add(new Slot(DayOfWeek.SUNDAY, 15, 18, false));
            return d.with(d.works().withSlots(week));
        })));
        f.node(Buttons.of("Without the last one", "slot-remove", () -> work.edit("Without a session", d -> {
            List<Slot> week = new ArrayList<>(d.works().week());
            if (week.size() > 1) {
                week.removeLast();
            }
            return d.with(d.works().withSlots(week));
        })));
        others(f, works.other().size());
        return f;
    }

    /// Days that are otherwise than their day of the week.
    private void others(Form f, int count) {
        for (int i = 0; i < count; i++) {
            int at = i;
            String tail = " (day " + (i + 1) + ")";
            f.text("Other day" + tail, d -> other(d, at).day(),
                    (d, v) -> other(d, at, o -> new OtherDay(v, o.from(), o.to(), o.helper())));
            new PartRows<>(f, OtherDay.class, d -> Optional.of(other(d, at)), (d, o) -> other(d, at, x -> o))
                    .row("from", "From" + tail).row("to", "To" + tail);
            f.tick("A helper is there" + tail, d -> other(d, at).helper(),
                    (d, v) -> other(d, at, o -> new OtherDay(o.day(), o.from(), o.to(), v)));
        }
        f.node(Buttons.of("A day with other hours", "other-add", () -> work.edit("A day with other hours", d -> {
            List<OtherDay> all = new ArrayList<>(d.works().other());
            all.add(new OtherDay(d.works().start(), 9, 17, false));
            return d.with(d.works().withOther(all));
        })));
        if (count > 0) {
            f.node(Buttons.of("Without the last such day", "other-remove", () -> work.edit("Without a day", d -> {
                List<OtherDay> all = new ArrayList<>(d.works().other());
                all.removeLast();
                return d.with(d.works().withOther(all));
            })));
        }
    }

    private static OtherDay other(Design d, int at) {
        List<OtherDay> all = d.works().other();
        return at < all.size() ? all.get(at) : new OtherDay("", 0, 0, false);
    }

    private static Design other(Design d, int at, UnaryOperator<OtherDay> change) {
        List<OtherDay> all = new ArrayList<>(d.works().other());
        if (at < all.size()) {
            all.set(at, change.apply(all.get(at)));
        }
        return d.with(d.works().withOther(all));
    }

    private static String name(DayOfWeek day) {
        return day.name().charAt(0) + day.name().substring(1).toLowerCase(Locale.ROOT);
    }

    private static Slot slot(Design d, int at) {
        List<Slot> week = d.works().week();
        return week.get(Math.min(at, week.size() - 1));
    }

    private static Design with(Design d, int at, UnaryOperator<Slot> change) {
        List<Slot> week = new ArrayList<>(d.works().week());
        if (at < week.size()) {
            week.set(at, change.apply(week.get(at)));
        }
        return d.with(d.works().withSlots(week));
    }

    private void write() {
        State now = work.state();
        bench.host().write("build.ics", ".ics", () -> CalendarFile.of(now.project().name(),
                BuildStudies.sessions(now.design())));
    }
}
