package lectulum.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import lectulum.units.Day;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/// A table that somebody else wrote, as comma-separated text (RFC 4180; semicolons and tabs are read too): columns by the names in its first
/// row, in any order; amounts and days as the whole column is written; and what became of its rows.
final class CsvTable {
    private static final int MOST_ROWS = 100_000;
    /// No larger file is read.
    static final int MOST_BYTES = 10_000_000;

    private final List<CSVRecord> all;
    /// On which each record begins.
    private final List<Long> lines;
    private final Map<String, Integer> at = new HashMap<>();
    private final Map<String, AmountColumn> amounts = new HashMap<>();
    private final char decimal;
    private final Day.Order usual;
    private final Map<String, Day.Order> orders = new HashMap<>();
    private final char delimiter;
    private final List<Imported.Row> rows = new ArrayList<>();
    private final List<CSVRecord> rejected = new ArrayList<>();

    private CsvTable(List<CSVRecord> all, List<Long> lines, char delimiter, char decimal, Day.Order usual) {
        this.all = all;
        this.lines = lines;
        this.delimiter = delimiter;
        this.decimal = decimal;
        this.usual = usual;
        List<String> head = all.getFirst().stream().map(c -> c.strip().toLowerCase(Locale.ROOT)).toList();
        for (int i = 0; i < head.size(); i++) {
            at.putIfAbsent(head.get(i), i);
        }
    }

    /// A cell that cannot be meant.
    static final class Bad extends Exception {
        private static final long serialVersionUID = 1;
        private final String column;

        Bad(String column, String why) {
            super(why);
            this.column = column;
        }
    }

    /// Reads one row.
    ///
    /// @param <T> what it becomes
    interface RowReader<T> {
        T read(CSVRecord r) throws Bad;
    }

    /// @param decimal mark of the reader, where a column does not say
    /// @param order   of day and month of the reader, where a column does not say
    /// @throws UnreadableFile where it is no table, or larger than 10 MB or 100 000 rows
    static CsvTable of(String text, char decimal, Day.Order order) throws UnreadableFile {
        if (text.length() > MOST_BYTES) {
            throw new UnreadableFile("The file is larger than 10 MB.");
        }
        String bare = text.startsWith("\ufeff") ? text.substring(1) : text;
        char delimiter = delimiter(bare);
        try (CSVParser parser = CSVFormat.DEFAULT.builder().setDelimiter(delimiter).setIgnoreEmptyLines(true).get()
                .parse(new StringReader(bare))) {
            List<CSVRecord> all = new ArrayList<>();
            List<Long> lines = new ArrayList<>();
            for (CSVRecord r : parser) {
                long inside = r.stream().flatMapToInt(String::chars).filter(c -> c == '\n').count();
                lines.add(parser.getCurrentLineNumber() - inside);
                all.add(r);
                if (all.size() > MOST_ROWS + 1) {
                    throw new UnreadableFile("The file has more than 100 000 rows.");
                }
            }
            if (all.isEmpty()) {
                throw new UnreadableFile("The file is empty.");
            }
            return new CsvTable(all, lines, delimiter, decimal, order);
        } catch (UnreadableFile said) {
            throw said;
        } catch (IOException | IllegalStateException | UncheckedIOException e) {
            throw new UnreadableFile("The file is no table: " + e.getMessage());
        }
    }

    /// The one of comma, semicolon and tab that is in the first line most often.
    private static char delimiter(String text) {
        String head = text.lines().findFirst().orElse("");
        return List.of(',', ';', '\t').stream()
                .max((a, b) -> Long.compare(head.chars().filter(c -> c == a).count(),
                        head.chars().filter(c -> c == b).count()))
                .orElse(',').charValue();
    }

    boolean has(String column) {
        return at.containsKey(column);
    }

    private List<CSVRecord> body() {
        return all.subList(1, all.size());
    }

    /// Empty where the table has no such column, or the row ends before it.
    String cell(CSVRecord r, String column) {
        Integer i = at.get(column);
        return i == null || i >= r.size() ? "" : SafeCell.read(r.get(i)).strip();
    }

    /// What stands in columns that nobody asks for, by their names.
    Map<String, String> others(CSVRecord r, Collection<String> asked) {
        Map<String, String> others = new LinkedHashMap<>();
        at.forEach((column, i) -> {
            if (!column.isEmpty() && !asked.contains(column) && !cell(r, column).isEmpty()) {
                others.put(column, cell(r, column));
            }
        });
        return others;
    }

    private AmountColumn column(String column) {
        return amounts.computeIfAbsent(column,
                c -> AmountColumn.of(body().stream().map(r -> cell(r, c)).toList(), decimal));
    }

    /// Empty for an empty cell.
    OptionalDouble amount(CSVRecord r, String column) throws Bad {
        String text = cell(r, column);
        return text.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(amount(column, text));
    }

    /// A text as the amounts of a column are written.
    double amount(String column, String text) throws Bad {
        return column(column).read(text).orElseThrow(() -> new Bad(column, "“" + text
                + "” is no amount in a column with “" + column(column).decimal() + "” as its decimal mark"));
    }

    /// As ISO; empty for an empty cell.
    String day(CSVRecord r, String column) throws Bad {
        Day.Order order = orders.computeIfAbsent(column,
                c -> Day.order(body().stream().map(x -> cell(x, c)).toList()).orElse(usual));
        String text = cell(r, column);
        Optional<LocalDate> day = Day.read(text, order);
        if (!text.isEmpty() && day.isEmpty()) {
            throw new Bad(column, "“" + text + "” is no day"
                    + (order == Day.Order.DAY_FIRST ? " (day first)" : " (month first)"));
        }
        return day.map(LocalDate::toString).orElse("");
    }

    /// A choice, by its name or its label.
    <E extends Enum<E>> E one(CSVRecord r, String column, Class<E> type, Function<E, String> label, E otherwise)
            throws Bad {
        String text = cell(r, column);
        if (text.isEmpty()) {
            return otherwise;
        }
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.name().equalsIgnoreCase(text) || label.apply(e).equalsIgnoreCase(text)).findFirst()
                .orElseThrow(() -> new Bad(column, "“" + text + "” is none of " + Arrays.stream(
                        type.getEnumConstants()).map(e -> e.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "))));
    }

    static boolean yes(String text) {
        return List.of("yes", "y", "true", "1", "x", "paid").contains(text.toLowerCase(Locale.ROOT));
    }

    /// Says something of a row that is taken.
    void note(CSVRecord r, String column, String why) {
        rows.add(new Imported.Row(line(r), Imported.Fate.NOTED, column, why, text(r)));
    }

    private long line(CSVRecord r) {
        return lines.get((int) r.getRecordNumber() - 1);
    }

    private static String text(CSVRecord r) {
        return r.stream().collect(Collectors.joining(", "));
    }

    /// Reads all rows; one that cannot be meant is said and left out.
    <T> Imported<T> read(RowReader<T> reader) {
        List<T> taken = new ArrayList<>();
        for (CSVRecord r : body()) {
            try {
                taken.add(reader.read(r));
            } catch (Bad bad) {
                rejected.add(r);
                while (!rows.isEmpty() && rows.getLast().line() == line(r)) {
                    rows.removeLast();
                }
                rows.add(new Imported.Row(line(r), Imported.Fate.REJECTED, bad.column, bad.getMessage(), text(r)));
            }
        }
        return new Imported<>(taken, rows, body().size(), rejectedText());
    }

    private String rejectedText() {
        StringBuilder bad = new StringBuilder();
        if (rejected.isEmpty()) {
            return "";
        }
        try (CSVPrinter printer = new CSVPrinter(bad, CSVFormat.DEFAULT.builder().setRecordSeparator('\n')
                .setDelimiter(delimiter).get())) {
            printer.printRecord(all.getFirst());
            for (CSVRecord r : rejected) {
                printer.printRecord(r);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text refuses to be written", e);
        }
        return bad.toString();
    }
}
