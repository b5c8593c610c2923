package lectulum.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.files.AtomicFile;
import lectulum.papers.OffsetTable;
import lectulum.papers.Panels;
import lectulum.papers.Paper;
import lectulum.papers.TemplateDxf;
import lectulum.papers.TemplatePdf;
import lectulum.papers.TemplateSvg;
import lectulum.parts.QuantityField;
import lectulum.parts.Words;
import lectulum.units.Quantity;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;

/// Asks what is to be put on paper at full size, on what, and corrects a printer that stretches.
final class TemplateDialog extends VBox {
    private static final double BAR = 0.1;
    private static final double OFF = 0.003;

    private final State state;
    private final MainWindow.Files files;
    private final Consumer<String> say;
    private final ComboBox<Panels.Panel> panel;
    private final ComboBox<Paper> paper = new ComboBox<>(FXCollections.observableArrayList(Paper.values()));
    private final Label pages = new Label();
    private double across = BAR;
    private double along = BAR;

    TemplateDialog(State state, MainWindow.Files files, Consumer<String> say, Runnable close) {
        this.state = state;
        this.files = files;
        this.say = say;
        getStyleClass().add("popover");
        setId("template-dialog");
        setPrefWidth(470);
        setMaxWidth(470);
        setLayoutX(300);
        setLayoutY(90);
        Label title = new Label("Full-size template");
        title.getStyleClass().add("title");
        panel = new ComboBox<>(FXCollections.observableList(Panels.of(state.design(), state.selected())));
        panel.setId("template-panel");
        panel.setConverter(Words.by(Panels.Panel::name));
        panel.setValue(panel.getItems().getFirst());
        paper.setId("template-paper");
        paper.setConverter(Words.by(Paper::label));
        paper.setValue(state.units() == UnitSystem.US ? Paper.LETTER : Paper.A4);
        panel.setOnAction(e -> count());
        paper.setOnAction(e -> count());
        pages.setId("template-pages");
        pages.getStyleClass().add("faint");
        pages.setWrapText(true);
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(6);
        grid.addRow(0, new Label("Panel"), panel);
        grid.addRow(1, new Label("Paper"), paper);
        grid.addRow(2, new Label("100 mm bar measures, across"), bar("template-across", v -> across = v));
        grid.addRow(3, new Label("and along the page"), bar("template-along", v -> along = v));
        Label how = new Label(
                "Print one page, measure its 100 mm bar both ways, type what you read, and print again. Both"
                        + " sides of the camper come from one template: cut them stacked.");
        how.setWrapText(true);
        how.getStyleClass().addAll("faint", "small");
        HBox write = new HBox(6, button("PDF", ".pdf", this::pdf), button("SVG", ".svg", this::svg),
                button("DXF", ".dxf", this::dxf), button("Offset table, CSV", ".csv", this::offsets));
        Button done = new Button("Close");
        done.setOnAction(e -> close.run());
        getChildren().addAll(title, grid, how, pages, write, done);
        count();
    }

    private Node bar(String id, java.util.function.DoubleConsumer take) {
        QuantityField field = new QuantityField("Measured bar", new Range(Quantity.LENGTH, 0.09, 0.11), v -> {
            take.accept(v);
            count();
        });
        field.field().setId(id);
        field.show(BAR, state.style());
        return field;
    }

    private TemplatePdf document() {
        return new TemplatePdf(panel.getValue().template(), paper.getValue(), across / BAR, along / BAR);
    }

    private void count() {
        TemplatePdf pdf = document();
        int count = pdf.pages().size();
        int whole = pdf.tiles().count();
        boolean off = Math.max(Math.abs(across / BAR - 1), Math.abs(along / BAR - 1)) > OFF;
        pages.setText(count + (count == 1 ? " page" : " pages") + " of a grid of " + pdf.tiles().columns() + " × "
                + pdf.tiles().rows() + (count < whole ? "; empty ones are left out" : "")
                + (off ? ". Your printer is off by more than 0.3 %: this print is scaled to make up for it." : "."));
    }

    private interface Write {
        void to(Path path) throws IOException;
    }

    private Button button(String text, String ending, Write write) {
        Button button = new Button(text);
        button.setId("template-" + ending.substring(1));
        button.setOnAction(e -> files.save("template" + ending, ending).ifPresent(path -> {
            try {
                write.to(path);
                say.accept("Written: " + path);
            } catch (IOException x) {
                say.accept("Not written: " + x.getMessage());
            }
        }));
        return button;
    }

    private void pdf(Path path) throws IOException {
        AtomicFile.write(path, document().bytes());
    }

    private void svg(Path path) throws IOException {
        AtomicFile.write(path, TemplateSvg.write(panel.getValue().template()));
    }

    private void dxf(Path path) throws IOException {
        AtomicFile.write(path, TemplateDxf.write(panel.getValue().template()));
    }

    private void offsets(Path path) throws IOException {
        AtomicFile.write(path, OffsetTable.write(state.design().base(), state.units() == UnitSystem.US));
    }
}
