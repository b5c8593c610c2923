package lectulum.stage.build;

import java.io.IOException;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import lectulum.build.BuildStudies;
import lectulum.design.Design;
import lectulum.design.works.Slot;
import lectulum.files.AtomicFile;
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
    private int slots = -1;

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
        if (slots != s.design().works().week().size() || form.isEmpty()) {
            slots = s.design().works().week().size();
            form = Optional.of(made(slots));
            Button calendar = Buttons.of("Write the calendar…", "calendar-write", this::write);
            above.getChildren().setAll(form.get(), calendar);
            above.getStyleClass().setAll("panel");
            left.getChildren().setAll(above, assumed);
        }
        form.ifPresent(f -> f.show(s));
        assumed.show(s);
        studies.show(s);
    }

    private Form made(int count) {
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
        return f;
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
        bench.host().save("build.ics", ".ics").ifPresent(path -> {
            try {
                AtomicFile.write(path, CalendarFile.of(work.state().project().name(),
                        BuildStudies.sessions(work.state().design())));
                bench.host().say("Written: " + path);
            } catch (IOException e) {
                bench.host().say("Not written: " + e.getMessage());
            }
        });
    }
}
