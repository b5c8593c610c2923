package lectulum.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import lectulum.discipline.Study;
import lectulum.figures.Figure;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.sheet.ChartView;
import lectulum.sheet.SketchView;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.workbench.State;

/// A study as people read it: its drawing, its figures with their formulas, its curves, and the caution.
public final class StudyPane extends VBox {
    private static final double DRAWING = 230;
    /// Of a drawing that stands alone and is not much wider than high \[px\].
    private static final double ALONE = 310;
    private static final double SQUARE = 0.5;
    /// Height over width below which a drawing is only as high as it is at its width.
    private static final double FLAT = 0.22;
    /// Texts of a table this short are not broken \[letters\].
    private static final int SHORT = 16;
    private static final int LONG_HEAD = 12;
    /// Of a column of words, and of a head that is broken \[px\].
    private static final double WORDS = 70;
    private static final double NARROW = 62;

    /// A pane for each of some studies.
    public static List<Node> of(Supplier<Theme> theme, List<Study> studies, Style style) {
        return studies.stream().map(s -> (Node) new StudyPane(theme, s, style)).toList();
    }

    public StudyPane(Supplier<Theme> theme, Study study, Style style) {
        getStyleClass().add("panel");
        setId("study-" + study.id().replace('.', '-'));
        Label title = new Label(study.title());
        title.getStyleClass().add("heading");
        getChildren().add(title);
        List<Node> drawings = new ArrayList<>();
        boolean alone = study.sketches().size() + study.charts().size() == 1;
        for (Sketch sketch : study.sketches()) {
            drawings.add(drawing(theme, sketch, style, alone));
        }
        for (Chart chart : study.charts()) {
            ChartView view = new ChartView(theme, chart, style);
            view.setPrefHeight(DRAWING);
            drawings.add(view);
        }
        for (int i = 0; i < drawings.size(); i += 2) {
            HBox row = new HBox(8);
            for (Node node : drawings.subList(i, Math.min(i + 2, drawings.size()))) {
                HBox.setHgrow(node, Priority.ALWAYS);
                row.getChildren().add(node);
            }
            getChildren().add(row);
        }
        if (!study.figures().isEmpty()) {
            getChildren().add(figures(study.figures(), style));
        }
        for (Listing listing : study.listings()) {
            getChildren().add(table(listing, style));
        }
        for (Sentence note : study.notes()) {
            getChildren().add(words(note.text(style), "faint"));
        }
        if (!study.caution().isEmpty()) {
            getChildren().add(words(study.caution(), "caution"));
        }
    }

    private static Node drawing(Supplier<Theme> theme, Sketch sketch, Style style, boolean alone) {
        SketchView view = new SketchView(theme);
        view.show(sketch, style);
        if (view.ratio() > FLAT) {
            view.setPrefHeight(alone && view.ratio() > SQUARE ? ALONE : DRAWING);
        }
        Label under = new Label(sketch.title());
        under.setWrapText(true);
        under.setMinHeight(USE_PREF_SIZE);
        under.getStyleClass().addAll("faint", "small");
        VBox box = new VBox(2, view, under);
        VBox.setVgrow(view, Priority.ALWAYS);
        return box;
    }

    /// A table, numbers to the right of their columns.
    public static Node table(Listing listing, Style style) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(3);
        for (int c = 0; c < listing.columns().size(); c++) {
            boolean number = listing.columns().get(c).number();
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(number ? HPos.RIGHT : HPos.LEFT);
            column.setHgrow(number ? Priority.NEVER : Priority.SOMETIMES);
            grid.getColumnConstraints().add(column);
            Label head = new Label(listing.columns().get(c).head());
            head.getStyleClass().addAll("faint", "small");
            head.setWrapText(true);
            head.setMinWidth(head.getText().length() > LONG_HEAD ? NARROW : USE_PREF_SIZE);
            head.setTextAlignment(number ? TextAlignment.RIGHT : TextAlignment.LEFT);
            GridPane.setValignment(head, VPos.BOTTOM);
            grid.add(head, c, 0);
            for (int r = 0; r < listing.rows().size(); r++) {
                Label cell = new Label(listing.rows().get(r).get(c).text(style));
                cell.setWrapText(!number);
                cell.setMinWidth(number || cell.getText().length() <= SHORT ? USE_PREF_SIZE : WORDS);
                cell.setMinHeight(USE_PREF_SIZE);
                grid.add(cell, c, r + 1);
            }
        }
        VBox box = new VBox(2);
        if (!listing.title().isEmpty()) {
            Label title = new Label(listing.title());
            title.getStyleClass().add("strong");
            box.getChildren().add(title);
        }
        box.getChildren().add(grid);
        return box;
    }

    /// Figures in two columns, each with its formula on a tooltip.
    public static GridPane figures(List<Figure> figures, Style style) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(1);
        int half = (figures.size() + 1) / 2;
        for (int i = 0; i < 5; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setMinWidth(i == 2 ? 10 : i % 3 == 0 ? 48 : USE_PREF_SIZE);
            column.setHgrow(i % 3 == 0 ? Priority.SOMETIMES : Priority.NEVER);
            grid.getColumnConstraints().add(column);
        }
        for (int i = 0; i < figures.size(); i++) {
            Figure f = figures.get(i);
            int column = i < half ? 0 : 3;
            int row = i % half;
            Label name = new Label(f.label());
            name.getStyleClass().add("faint");
            name.setWrapText(true);
            Label value = new Label(f.text(style));
            value.setId("figure-" + f.id().replace('.', '-'));
            value.getStyleClass().add("strong");
            value.setMinWidth(USE_PREF_SIZE);
            Tooltip tip = new Tooltip(f.working().formula() + "\n" + f.working().numbers().text(style)
                    + (f.value().isPresent() ? "" : "\n" + f.reason()));
            tip.setWrapText(true);
            tip.setMaxWidth(420);
            name.setTooltip(tip);
            value.setTooltip(tip);
            grid.add(name, column, row);
            grid.add(value, column + 1, row);
        }
        return grid;
    }

    /// What stands where there is no answer: not yet, or because working it out failed.
    public static Label unanswered(State state) {
        return words(state.analysis().sketched() ? "This is being worked out." : "This could not be worked out.",
                "faint");
    }

    public static Label words(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().addAll(style, "wrap");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
