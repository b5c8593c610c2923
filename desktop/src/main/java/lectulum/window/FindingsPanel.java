package lectulum.window;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.parts.Background;
import lectulum.parts.Spoken;
import lectulum.units.Style;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The findings of the stage, worst first, each with its remedies. Remedies are computed beside the interface thread
/// and given up as soon as the design changes.
final class FindingsPanel extends VBox implements AutoCloseable {
    private static final int MOST = 25;
    private static final int WITH_REMEDIES = 8;
    /// The hand rests when it has not pressed, dragged or typed anything for so long \[ns\].
    private static final long RESTING = 150_000_000L;

    private final Workbench bench;
    private final Background worker = new Background("remedies");
    private final Map<String, List<Remedy>> remedies = new HashMap<>();
    private volatile Analysis wanted;
    private volatile long lastTouch = System.nanoTime() - RESTING;
    private final Map<String, String> failed = new HashMap<>();
    private final Map<String, Boxed> boxes = new HashMap<>();
    private List<Finding> shown = List.of();
    private State state;
    private final boolean remedied;

    /// A finding as it is on the screen, which stays there while nothing of it changes.
    private record Boxed(Says says, VBox box) {
    }

    /// All that a box says.
    private record Says(Finding finding, Optional<List<Remedy>> remedies, Optional<String> failed, boolean looking,
            Style style) {
    }

    /// @param remedied whether remedies are looked for
    FindingsPanel(Workbench bench, boolean remedied) {
        this.bench = bench;
        this.remedied = remedied;
        setSpacing(6);
        setId("findings");
    }

    /// Shows the findings of a settled state; a drag in progress leaves the list as it is.
    void show(State next) {
        boolean settled = next.trial().isEmpty() && next.analysis().given() == next.project().design();
        if (!settled || next.analysis().sketched()) {
            // What would mend the design of before helps nobody while another is being made.
            wanted = null;
            return;
        }
        boolean same = state != null && wanted != null && state.analysis() == next.analysis()
                && state.stage() == next.stage()
                && state.units() == next.units();
        state = next;
        if (same) {
            return;
        }
        if (wanted != next.analysis()) {
            remedies.clear();
            failed.clear();
        }
        wanted = next.analysis();
        shown = next.analysis().findings(next.stage());
        build();
        if (remedied) {
            shown.stream().filter(Finding::open).limit(WITH_REMEDIES).filter(f -> !remedies.containsKey(f.id()))
                    .forEach(this::compute);
        }
    }

    @Override
    public void close() {
        worker.close();
    }

    /// Whether every remedy asked for has been computed.
    boolean settled() {
        return worker.settled();
    }

    /// The hand did something: what is worked out for its sake goes on before remedies, which wait until it rests.
    void touched() {
        lastTouch = System.nanoTime();
    }

    private boolean atWork() {
        return System.nanoTime() - lastTouch < RESTING;
    }

    private void compute(Finding finding) {
        Analysis analysis = wanted;
        worker.run(() -> whenResting(analysis, finding), found -> {
            if (analysis == wanted) {
                remedies.put(finding.id(), found);
                build();
            }
        }, sentence -> {
            if (analysis == wanted) {
                failed.put(finding.id(), sentence);
                build();
            }
        });
    }

    /// Begun anew where the hand set to work again meanwhile; given up where another design is wanted.
    private List<Remedy> whenResting(Analysis analysis, Finding finding) throws InterruptedException {
        while (analysis == wanted) {
            if (atWork()) {
                Thread.sleep(Math.max(1, (RESTING - (System.nanoTime() - lastTouch)) / 1_000_000));
                continue;
            }
            boolean[] cut = {false};
            List<Remedy> found = Remedies.of(analysis, finding, () -> cut[0] |= analysis != wanted || atWork(),
                    some -> Platform.runLater(() -> first(analysis, finding, some)));
            if (!cut[0]) {
                return found;
            }
        }
        return List.of();
    }

    /// The first remedies while others are looked for; not in place of all of them, that may have come before.
    private void first(Analysis analysis, Finding finding, List<Remedy> some) {
        if (analysis == wanted && some.size() > remedies.getOrDefault(finding.id(), List.of()).size()) {
            remedies.put(finding.id(), some);
            build();
        }
    }

    private void build() {
        List<javafx.scene.Node> nodes = new ArrayList<>();
        Label head = new Label(shown.isEmpty() ? "No findings on this stage" : "Findings");
        head.getStyleClass().addAll("heading", "section");
        nodes.add(head);
        List<Finding> some = shown.subList(0, Math.min(MOST, shown.size()));
        some.forEach(f -> nodes.add(boxes.compute(f.id(), (id, before) -> boxed(f, before)).box()));
        boxes.keySet().retainAll(some.stream().map(Finding::id).toList());
        if (shown.size() > MOST) {
            Label more = new Label("and " + (shown.size() - MOST) + " more");
            more.getStyleClass().add("faint");
            nodes.add(more);
        }
        getChildren().setAll(nodes);
    }

    private Boxed boxed(Finding finding, Boxed before) {
        Says says = new Says(finding, Optional.ofNullable(remedies.get(finding.id())),
                Optional.ofNullable(failed.get(finding.id())), remedied && shown.indexOf(finding) < WITH_REMEDIES,
                state.style());
        return before != null && before.says().equals(says) ? before : new Boxed(says, box(says));
    }

    private VBox box(Says says) {
        Finding finding = says.finding();
        VBox box = new VBox();
        box.setId("finding-" + finding.id());
        box.getStyleClass().addAll("finding",
                "finding-" + finding.severity().name().toLowerCase(Locale.ROOT));
        Label title = new Label(finding.title().text(state.style()));
        title.getStyleClass().add("finding-title");
        Label detail = new Label(finding.detail().text(state.style()));
        detail.getStyleClass().add("wrap");
        for (Label label : List.of(title, detail)) {
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
        }
        box.getChildren().addAll(title, detail);
        finding.acceptance().ifPresentOrElse(why -> {
            box.getStyleClass().add("finding-accepted");
            Label accepted = new Label("Accepted on " + why.date() + ": " + why.reason());
            accepted.getStyleClass().addAll("wrap", "faint");
            accepted.setWrapText(true);
            box.getChildren().addAll(accepted, link("Take back", "quiet", () -> bench.reopen(finding)));
        }, () -> actions(box, says));
        if (!finding.things().isEmpty()) {
            Spoken.pressable(box, finding.severity().name().toLowerCase(Locale.ROOT) + ": " + title.getText() + ". "
                    + detail.getText(), () -> bench.select(finding.things()));
        }
        return box;
    }

    private void actions(VBox box, Says says) {
        Finding finding = says.finding();
        if (says.remedies().isPresent()) {
            for (Remedy remedy : says.remedies().get()) {
                box.getChildren().add(link("Try: " + remedy.says().text(state.style()), "remedy",
                        () -> bench.tryOut(remedy)));
            }
            if (says.remedies().get().isEmpty()) {
                box.getChildren().add(quiet(finding.rule().unmended()));
            }
        } else if (says.looking()) {
            box.getChildren().add(quiet(says.failed().orElse("looking for remedies…")));
        }
        Button accept = link("Accept with a reason…", "quiet", () -> {
        });
        accept.setOnAction(e -> {
            box.getChildren().remove(accept);
            box.getChildren().add(reason(finding));
        });
        box.getChildren().add(accept);
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("faint", "small");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private HBox reason(Finding finding) {
        TextField why = new TextField();
        why.getStyleClass().add("boxed");
        why.setId("accept-reason");
        why.setPromptText("Why is this fine for you?");
        why.setAccessibleText("Reason for accepting");
        Button ok = new Button("Accept");
        Runnable accept = () -> {
            if (!why.getText().isBlank()) {
                bench.accept(finding, why.getText().strip(), LocalDate.now().toString());
            }
        };
        ok.setOnAction(e -> accept.run());
        why.setOnAction(e -> accept.run());
        HBox.setHgrow(why, Priority.ALWAYS);
        Platform.runLater(why::requestFocus);
        return new HBox(4, why, ok);
    }

    private static Button link(String text, String style, Runnable action) {
        Button button = new Button(text);
        button.getStyleClass().addAll("link", style);
        button.setWrapText(true);
        button.setMinHeight(USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }
}
