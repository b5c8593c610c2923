package lectulum.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.analysis.Analysis;
import lectulum.design.Variant;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Stage;
import lectulum.parts.Ledger;
import lectulum.parts.Words;
import lectulum.sheet.CanvasSurface;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetPainter;
import lectulum.stage.Stages;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.workbench.State;

/// Two variants side by side, figure by figure; those that differ come first.
final class Comparison extends VBox {
    private final State state;
    private final Theme theme;
    private final Canvas pictureA = new Canvas(432, 290);
    private final Canvas pictureB = new Canvas(432, 290);
    private final ComboBox<Variant> left;
    private final ComboBox<Variant> right;
    private final Ledger<Row> table = new Ledger<>("Comparison", "The two variants have the same figures.");

    private record Row(String label, String left, String right, String change) {
    }

    Comparison(State state, Theme theme, Runnable close) {
        this.state = state;
        this.theme = theme;
        List<Variant> variants = state.project().variants();
        Variant current = state.project().variant();
        Variant other = variants.stream().filter(v -> v != current).findFirst().orElse(current);
        left = box(variants, current);
        right = box(variants, other);
        getStyleClass().add("popover");
        setId("comparison");
        setMaxSize(900, 640);
        setPrefSize(900, 640);
        setLayoutX(150);
        setLayoutY(60);
        Label title = new Label("Compare variants");
        title.getStyleClass().add("title");
        Button done = new Button("Close");
        done.setOnAction(e -> close.run());
        HBox head = new HBox(10, left, new Label("against"), right, done);
        table.text("Figure", 300, Row::label).text("First", 130, Row::left).text("Second", 130, Row::right)
                .text("Change", 110, Row::change);
        VBox.setVgrow(table, Priority.ALWAYS);
        HBox drawings = new HBox(8, pictureA, pictureB);
        getChildren().addAll(title, head, drawings, table);
        left.valueProperty().addListener((o, was, now) -> fill());
        right.valueProperty().addListener((o, was, now) -> fill());
        fill();
    }

    private static ComboBox<Variant> box(List<Variant> variants, Variant chosen) {
        ComboBox<Variant> box = new ComboBox<>(FXCollections.observableList(variants));
        box.setConverter(Words.by(v -> v.name()));
        box.setValue(chosen);
        return box;
    }

    private void draw(Canvas canvas, Analysis analysis) {
        State shown = new State(state.history(), analysis, analysis, List.of(), state.mode(), state.loadCase(),
                state.units(), Stage.LAYOUT, Optional.empty(), List.of());
        new SheetPainter(theme, Stages::look).paint(new CanvasSurface(canvas.getGraphicsContext2D()), canvas.getWidth(),
                canvas.getHeight(), shown,
                Projection.fit(analysis.design(), state.mode(), canvas.getWidth(), canvas.getHeight(), true, 0, 6));
    }

    private void fill() {
        Analysis first = state.analysis().next(left.getValue().design());
        Analysis second = first.next(right.getValue().design());
        draw(pictureA, first);
        draw(pictureB, second);
        Figures a = first.figures();
        Figures b = second.figures();
        Style style = state.style();
        List<Row> different = new ArrayList<>();
        List<Row> same = new ArrayList<>();
        for (Figure f : a.all()) {
            String mine = f.text(style);
            String theirs = b.find(f.id()).map(g -> g.text(style)).orElse("–");
            double change = b.value(f.id()) - a.value(f.id());
            String label = f.label() + (f.loadCase().isEmpty() ? "" : ", " + f.loadCase());
            (mine.equals(theirs) ? same : different).add(new Row(label, mine, theirs,
                    Double.isNaN(change) ? "" : Units.change(change, f.quantity(), style)));
        }
        different.addAll(same);
        table.show(different, style);
    }
}
