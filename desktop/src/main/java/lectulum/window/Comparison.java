package lectulum.window;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import lectulum.analysis.Analysis;
import lectulum.design.Variant;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.parts.Ledger;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.workbench.State;

/// Two variants side by side, figure by figure; those that differ come first.
final class Comparison extends VBox {
    private final State state;
    private final ComboBox<Variant> left;
    private final ComboBox<Variant> right;
    private final Ledger<Row> table = new Ledger<>("Comparison", "The two variants have the same figures.");

    private record Row(String label, String left, String right, String change) {
    }

    Comparison(State state, Runnable close) {
        this.state = state;
        List<Variant> variants = state.project().variants();
        Variant current = state.project().variant();
        Variant other = variants.stream().filter(v -> v != current).findFirst().orElse(current);
        left = box(variants, current);
        right = box(variants, other);
        getStyleClass().add("popover");
        setId("comparison");
        setMaxSize(760, 560);
        setPrefSize(760, 560);
        setLayoutX(160);
        setLayoutY(70);
        Label title = new Label("Compare variants");
        title.getStyleClass().add("title");
        Button done = new Button("Close");
        done.setOnAction(e -> close.run());
        HBox head = new HBox(10, left, new Label("against"), right, done);
        table.text("Figure", 300, Row::label).text("First", 130, Row::left).text("Second", 130, Row::right)
                .text("Change", 110, Row::change);
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(title, head, table);
        left.valueProperty().addListener((o, was, now) -> fill());
        right.valueProperty().addListener((o, was, now) -> fill());
        fill();
    }

    private static ComboBox<Variant> box(List<Variant> variants, Variant chosen) {
        ComboBox<Variant> box = new ComboBox<>(FXCollections.observableList(variants));
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Variant v) {
                return v == null ? "" : v.name();
            }

            @Override
            public Variant fromString(String text) {
                return box.getValue();
            }
        });
        box.setValue(chosen);
        return box;
    }

    private void fill() {
        Figures a = Analysis.of(left.getValue().design()).figures();
        Figures b = Analysis.of(right.getValue().design()).figures();
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
