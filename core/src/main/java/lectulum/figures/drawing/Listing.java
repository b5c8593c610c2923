package lectulum.figures.drawing;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.Sentence;
import lectulum.units.Style;

/// A table that a computation gives along: its cells are sentences, so that measures follow the reader's units.
///
/// @param title   empty where the study says it
/// @param columns from the left
/// @param rows    each with one cell a column
public record Listing(String title, List<Column> columns, List<List<Sentence>> rows) {
    public Listing {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
    }

    /// A column.
    ///
    /// @param number whether its cells are numbers, which stand right
    public record Column(String head, boolean number) {
    }

    /// As text, head first: for files.
    public List<List<String>> text(Style style) {
        List<List<String>> all = new ArrayList<>();
        all.add(columns.stream().map(Column::head).toList());
        rows.forEach(r -> all.add(r.stream().map(c -> c.text(style)).toList()));
        return all;
    }

    /// Collects a table.
    public static final class Maker {
        private final String title;
        private final List<Column> columns = new ArrayList<>();
        private final List<List<Sentence>> rows = new ArrayList<>();

        public Maker(String title) {
            this.title = title;
        }

        /// Columns of words.
        public Maker words(String... heads) {
            for (String head : heads) {
                columns.add(new Column(head, false));
            }
            return this;
        }

        /// Columns of numbers.
        public Maker numbers(String... heads) {
            for (String head : heads) {
                columns.add(new Column(head, true));
            }
            return this;
        }

        /// A row: texts and amounts, or sentences of them.
        public Maker row(Object... cells) {
            List<Sentence> row = new ArrayList<>();
            for (Object cell : cells) {
                row.add(cell instanceof Sentence s ? s : Sentence.of("{0}", cell));
            }
            rows.add(row);
            return this;
        }

        public Listing done() {
            return new Listing(title, columns, rows);
        }
    }
}
