package lectulum.parts;

import java.util.function.Function;
import javafx.scene.control.TableCell;
import javafx.scene.control.Tooltip;

/// A cell with words of any length: shortened to its column, whole when pointed at.
///
/// @param <R> a row
final class WordsCell<R> extends TableCell<R, R> {
    private final Function<R, String> read;
    private final Tooltip whole = new Tooltip();
    private String all = "";

    WordsCell(Function<R, String> read) {
        this.read = read;
        whole.setWrapText(true);
        whole.setMaxWidth(420);
        widthProperty().addListener((o, was, now) -> fit());
        fontProperty().addListener((o, was, now) -> fit());
    }

    @Override
    protected void updateItem(R row, boolean empty) {
        super.updateItem(row, empty);
        all = empty || row == null ? "" : read.apply(row).strip().replaceAll("\\s+", " ");
        fit();
    }

    private void fit() {
        double room = getWidth() - snappedLeftInset() - snappedRightInset();
        String fits = room <= 0 ? all : Words.fitting(all, room, getFont());
        setText(all.isEmpty() ? null : fits);
        whole.setText(all);
        setTooltip(fits.equals(all) ? null : whole);
    }
}
