package lectulum.stage.build;

import java.time.LocalDate;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lectulum.build.Timeline;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.Pages;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The timeline: one row a task, its bar from the first to the last session, and how long it dries.
final class TimelineLeaf implements Leaf.Page {
    private static final double NAME = 270;
    private static final double HIGH = 12;
    private static final double THIN = 3;
    private static final double LEAST = 4;

    private final VBox rows = new VBox(4);
    private final Node page = Pages.content(rows);
    private final Workbench work;
    private Timeline shown;
    private String held = "";

    private TimelineLeaf(Workbench work) {
        this.work = work;
        rows.setId("timeline");
    }

    static Leaf leaf(Bench bench) {
        return new Leaf("build-timeline", "Timeline", "What is done when",
                () -> new TimelineLeaf(bench.work()));
    }

    @Override
    public Node node() {
        return page;
    }

    @Override
    public void show(State s) {
        Timeline next = s.analysis().of(Timeline.DISCIPLINE);
        if (next.equals(shown)) {
            return;
        }
        shown = next;
        rows.getChildren().clear();
        if (next.bars().isEmpty()) {
            rows.getChildren().add(new Label("Say under Plan when building begins: the timeline follows."));
            return;
        }
        rows.getChildren().add(row("", months(next.months())));
        next.bars().forEach(b -> rows.getChildren().add(bar(b)));
        Label legend = new Label(
                "Dark: what delays the end when it slips. Thin: drying. One builder; a task is worked at in the"
                        + " sessions between its ends. Drag a bar, or move it by weeks with the arrow keys, to begin later;"
                        + " back to where it began, and it begins as soon as it can.");
        legend.setWrapText(true);
        legend.getStyleClass().addAll("faint", "small");
        rows.getChildren().add(legend);
    }

    private static HBox row(String name, Pane track) {
        Label label = new Label(name);
        label.setMinWidth(NAME);
        label.setPrefWidth(NAME);
        label.setMaxWidth(NAME);
        label.setWrapText(true);
        HBox.setHgrow(track, Priority.ALWAYS);
        track.setMinWidth(0);
        HBox row = new HBox(8, label, track);
        row.setMaxWidth(Double.MAX_VALUE);
        return row;
    }

    private static Pane months(List<Timeline.Tick> ticks) {
        Pane track = new Pane();
        track.setPrefHeight(18);
        int every = Math.max(1, (int) Math.ceil(ticks.size() / 7.0));
        for (int i = 0; i < ticks.size(); i += every) {
            Label label = new Label(ticks.get(i).name());
            label.getStyleClass().addAll("faint", "small");
            double at = ticks.get(i).at();
            label.layoutXProperty().bind(javafx.beans.binding.Bindings.createDoubleBinding(
                    () -> Math.clamp(track.getWidth() * at, 0, Math.max(0, track.getWidth() - label.getWidth())),
                    track.widthProperty(), label.widthProperty()));
            track.getChildren().add(label);
        }
        return track;
    }

    private HBox bar(Timeline.Bar b) {
        Pane track = new Pane();
        track.setPrefHeight(HIGH + 4);
        Region dry = block("bar-planned", track, b.to(), b.dry(), THIN);
        dry.setLayoutY(2 + (HIGH - THIN) / 2);
        Region work = block(b.critical() ? "bar-paid" : "bar-planned", track, b.from(), b.to(), HIGH);
        work.setLayoutY(2);
        track.getChildren().addAll(dry, work);
        HBox row = row(b.name(), track);
        row.setAccessibleRole(AccessibleRole.TEXT);
        row.setAccessibleText(b.name() + ", " + b.days());
        Tooltip.install(row, new Tooltip(b.name() + ", " + b.days()));
        row.setId("bar-" + b.task());
        row.getStyleClass().add("timeline-row");
        row.setFocusTraversable(true);
        drag(b, track, work);
        row.setOnKeyPressed(e -> {
            int weeks = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
            if (weeks != 0) {
                e.consume();
                move(b, b.begins().plusWeeks(weeks));
            }
        });
        if (b.task().equals(held)) {
            Platform.runLater(row::requestFocus);
        }
        return row;
    }

    private void move(Timeline.Bar b, LocalDate day) {
        held = b.task();
        work.edit(Timeline.notBefore(b, day));
    }

    /// The bar follows the mouse; let go, the task begins no earlier than where it stands then.
    private void drag(Timeline.Bar b, Pane track, Region bar) {
        double[] from = new double[1];
        bar.setCursor(Cursor.H_RESIZE);
        bar.setOnMousePressed(e -> from[0] = e.getSceneX());
        bar.setOnMouseDragged(e -> {
            bar.setTranslateX(e.getSceneX() - from[0]);
            e.consume();
        });
        bar.setOnMouseReleased(e -> {
            double by = e.getSceneX() - from[0];
            bar.setTranslateX(0);
            if (Math.abs(by) > LEAST && track.getWidth() > 0) {
                shown.day(b.from() + by / track.getWidth()).ifPresent(day -> move(b, day));
            }
        });
    }

    private static Region block(String style, Pane track, double from, double to, double high) {
        Region r = new Region();
        r.getStyleClass().add(style);
        r.layoutXProperty().bind(track.widthProperty().multiply(from));
        r.prefWidthProperty().bind(javafx.beans.binding.Bindings.max(to > from ? LEAST : 0,
                track.widthProperty().multiply(to - from)));
        r.setPrefHeight(high);
        return r;
    }
}
