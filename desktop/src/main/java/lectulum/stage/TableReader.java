package lectulum.stage;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.files.Imported;
import lectulum.files.UnreadableFile;
import lectulum.parts.Background;
import lectulum.parts.Buttons;
import lectulum.units.Day;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;

/// Reads tables of others in the background and says, row by row, what became of them.
///
/// @param <T> what a row becomes
public final class TableReader<T> {
    private static final int SAID = 12;
    private final Background worker = new Background("tables");
    private final VBox report = new VBox(2);
    private final Bench bench;
    private final String id;
    private final Reading<T> reading;
    private final BiConsumer<String, List<T>> taken;

    /// How a text is read.
    ///
    /// @param <T> what a row becomes
    public interface Reading<T> {
        Imported<T> read(String text, State before, Day.Order order) throws UnreadableFile;
    }

    /// @param id    what ids of its parts begin with
    /// @param taken is given the name of the file and what came in, where anything did
    public TableReader(Bench bench, String id, Reading<T> reading, BiConsumer<String, List<T>> taken) {
        this.bench = bench;
        this.reading = reading;
        this.taken = taken;
        this.id = id;
        report.setId(id + "-report");
        report.managedProperty().bind(report.visibleProperty());
        report.setVisible(false);
    }

    /// What became of the rows.
    public VBox report() {
        return report;
    }

    public boolean settled() {
        return worker.settled();
    }

    /// Asks for a table and reads it.
    public void bringIn() {
        bench.host().table().ifPresent(path -> {
            State before = bench.work().state();
            Day.Order order = before.units() == UnitSystem.US ? Day.Order.MONTH_FIRST : Day.Order.DAY_FIRST;
            worker.run(() -> reading.read(Imported.text(path), before, order), read -> show(path, read),
                    failed -> bench.host().say("Not read: " + failed));
        });
    }

    private void show(Path path, Imported<T> read) {
        if (!read.taken().isEmpty()) {
            taken.accept(String.valueOf(path.getFileName()), read.taken());
        }
        report.setVisible(true);
        Label head = new Label(read.sums());
        head.getStyleClass().add("strong");
        report.getChildren().setAll(head);
        read.rows().stream().limit(SAID).forEach(r -> {
            Label line = new Label(r.sentence());
            line.setWrapText(true);
            report.getChildren().add(line);
        });
        if (read.rows().size() > SAID) {
            report.getChildren().add(new Label("… and " + (read.rows().size() - SAID) + " more."));
        }
        if (!read.rejected().isEmpty()) {
            report.getChildren().add(Buttons.of("Write the rejected rows out, to mend them…",
                    id + "-rejected",
                    () -> bench.host().write("rejected.csv", ".csv", read::rejected)));
        }
    }
}
