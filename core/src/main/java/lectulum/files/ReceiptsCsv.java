package lectulum.files;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.design.Design;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.kernel.finance.Bill;
import lectulum.money.Lines;
import lectulum.units.Day;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/// Receipts as comma-separated text (RFC 4180; semicolons and tabs are read too), one row a line. Every row that comes in is taken,
/// taken with a note, or rejected with its line, column, reason and text; nothing is lost, and what was rejected can be written
/// out, mended and read again.
public final class ReceiptsCsv {
    private static final List<String> COLUMNS = List.of("date", "shop", "description", "qty", "pack", "unit_price",
            "line_total", "tax", "freight", "currency", "category", "thing", "tier", "cover", "state", "paid", "need",
            "lead_days", "ref", "built_in", "waste", "task");
    private static final int MOST_ROWS = 100_000;
    /// No larger file is read.
    public static final int MOST_BYTES = 10_000_000;
    private static final double CENT = 0.0101;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private ReceiptsCsv() {
    }

    /// What became of a row.
    ///
    /// @param line in the file, the header is 1
    public record Row(long line, Fate fate, String column, String why, String text) {
    }

    /// How a row ended.
    public enum Fate {
        TAKEN, NOTED, REJECTED
    }

    /// What came in.
    ///
    /// @param rows     of which something is to be said
    /// @param rejected as a file that can be mended and read again; empty where none was
    public record Report(List<Receipt> receipts, List<Row> rows, int read, String rejected) {
        public Report {
            receipts = List.copyOf(receipts);
            rows = List.copyOf(rows);
        }

        public long count(Fate fate) {
            long said = rows.stream().filter(r -> r.fate == Fate.REJECTED).count();
            long noted = rows.stream().filter(r -> r.fate == Fate.NOTED).map(Row::line).distinct().count();
            return switch (fate) {
                case REJECTED -> said;
                case NOTED -> noted;
                case TAKEN -> read - said - noted;
            };
        }
    }

    /// All receipts of a design.
    public static void write(Design d, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        printer.printRecord(COLUMNS);
        for (Receipt r : d.purse().receipts()) {
            double packs = Lines.packs(r);
            printer.printRecord(r.date(), SafeCell.write(r.shop()), SafeCell.write(r.what()),
                    ThingsCsv.number(packs), ThingsCsv.number(r.pack()), ThingsCsv.number(r.price()),
                    ThingsCsv.number(packs * r.price()), ThingsCsv.number(r.tax()), ThingsCsv.number(r.freight()),
                    SafeCell.write(r.currency()), r.kind(), SafeCell.write(r.thing()), r.tier(), r.cover(), r.state(),
                    r.state() == Receipt.State.PAID ? "yes" : "no", r.need(), ThingsCsv.number(r.lead()),
                    SafeCell.write(r.note()), ThingsCsv.number(r.amount()), ThingsCsv.number(r.waste()),
                    SafeCell.write(r.task()));
        }
    }

    /// @param before   what the project has already: its rows are not taken for new ones without a note
    /// @param decimal  mark of the reader, where a column does not say
    /// @param order    of day and month of the reader, where the column does not say
    /// @throws UnreadableFile where it is no table, or larger than 10 MB or 100 000 rows
    public static Report read(String text, Purse before, char decimal, Day.Order order) throws UnreadableFile {
        if (text.length() > MOST_BYTES) {
            throw new UnreadableFile("The file is larger than 10 MB.");
        }
        String bare = text.startsWith("\ufeff") ? text.substring(1) : text;
        char delimiter = delimiter(bare);
        try (CSVParser parser = CSVFormat.DEFAULT.builder().setDelimiter(delimiter).setIgnoreEmptyLines(true).get()
                .parse(new StringReader(bare))) {
            List<CSVRecord> all = parser.getRecords();
            if (all.isEmpty()) {
                throw new UnreadableFile("The file is empty.");
            }
            if (all.size() > MOST_ROWS + 1) {
                throw new UnreadableFile("The file has more than 100 000 rows.");
            }
            return new Reader(all, before, decimal, order, delimiter).report();
        } catch (UnreadableFile said) {
            throw said;
        } catch (IOException | IllegalStateException | java.io.UncheckedIOException e) {
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

    /// Reads row after row.
    private static final class Reader {
        private final List<CSVRecord> all;
        private final Map<String, Integer> at = new HashMap<>();
        private final Map<String, AmountColumn> amounts = new HashMap<>();
        private final Day.Order order;
        private final char delimiter;
        private final List<String> head;
        private final Set<String> seen = new HashSet<>();
        private final List<Receipt> receipts = new ArrayList<>();
        private final List<Row> rows = new ArrayList<>();
        private final List<CSVRecord> rejected = new ArrayList<>();
        private final Set<String> ids = new HashSet<>();

        Reader(List<CSVRecord> all, Purse before, char decimal, Day.Order usual, char delimiter) throws UnreadableFile {
            this.all = all;
            before.receipts().forEach(r -> ids.add(r.id()));
            this.delimiter = delimiter;
            this.head = all.getFirst().stream().map(c -> c.strip().toLowerCase(Locale.ROOT)).toList();
            for (int i = 0; i < head.size(); i++) {
                at.putIfAbsent(head.get(i), i);
            }
            if (!at.containsKey("description") || !at.containsKey("unit_price") && !at.containsKey("line_total")) {
                throw new UnreadableFile(
                        "The first row must name the columns description and unit_price or line_total.");
            }
            for (String column : List.of("qty", "pack", "unit_price", "line_total", "tax", "freight", "lead_days",
                    "built_in",
                    "waste")) {
                amounts.put(column, AmountColumn.of(body().stream().map(r -> cell(r, column)).toList(), decimal));
            }
            this.order = Day.order(body().stream().map(r -> cell(r, "date")).toList()).orElse(usual);
            before.receipts().forEach(r -> seen.add(name(r)));
        }

        private List<CSVRecord> body() {
            return all.subList(1, all.size());
        }

        private String cell(CSVRecord r, String column) {
            Integer i = at.get(column);
            return i == null || i >= r.size() ? "" : SafeCell.read(r.get(i)).strip();
        }

        Report report() throws IOException {
            for (CSVRecord r : body()) {
                row(r);
            }
            StringBuilder bad = new StringBuilder();
            if (!rejected.isEmpty()) {
                CSVPrinter printer = new CSVPrinter(bad, FORMAT.builder().setDelimiter(delimiter).get());
                printer.printRecord(all.getFirst());
                for (CSVRecord r : rejected) {
                    printer.printRecord(r);
                }
            }
            return new Report(receipts, rows, body().size(), bad.toString());
        }

        /// A cell that cannot be meant.
        private static final class Bad extends Exception {
            private static final long serialVersionUID = 1;
            private final String column;

            Bad(String column, String why) {
                super(why);
                this.column = column;
            }
        }

        private void row(CSVRecord r) {
            try {
                Map<String, String> notes = new LinkedHashMap<>();
                Receipt receipt = receipt(r, notes);
                if (!seen.add(name(receipt))) {
                    notes.put("description", "the same day, shop, amount and description stand there already");
                }
                receipts.add(receipt);
                ids.add(receipt.id());
                notes.forEach(
                        (column, why) -> rows.add(new Row(r.getRecordNumber(), Fate.NOTED, column, why, text(r))));
            } catch (Bad bad) {
                rejected.add(r);
                rows.add(new Row(r.getRecordNumber(), Fate.REJECTED, bad.column, bad.getMessage(), text(r)));
            }
        }

        private static String text(CSVRecord r) {
            return r.stream().collect(Collectors.joining(", "));
        }

        private static String name(Receipt r) {
            return String.join("\u0000", r.date(), r.shop(), String.valueOf(r.amount()), String.valueOf(r.price()),
                    r.what());
        }

        private Receipt receipt(CSVRecord r, Map<String, String> notes) throws Bad {
            String what = cell(r, "description");
            if (what.isEmpty()) {
                throw new Bad("description", "nothing is described");
            }
            OptionalDouble given = amount(r, "qty");
            double qty = given.orElse(1);
            double pack = amount(r, "pack").orElse(1);
            OptionalDouble total = amount(r, "line_total");
            OptionalDouble unit = amount(r, "unit_price");
            if (unit.isEmpty() && total.isEmpty()) {
                throw new Bad("unit_price", "neither a price nor a total");
            }
            if (qty <= 0 || pack <= 0) {
                throw new Bad("qty", "not more than 0");
            }
            double price = unit.orElse(total.orElse(0) / qty);
            if (price < 0) {
                throw new Bad("unit_price", "negative: of what went back enter how much was returned");
            }
            if (unit.isPresent() && total.isPresent() && Math.abs(qty * price - total.getAsDouble()) > CENT) {
                notes.put("line_total", String.format(Locale.ROOT, "%s × %s is %.2f, not %s", ThingsCsv.number(qty),
                        ThingsCsv.number(price), qty * price, cell(r, "line_total")));
            }
            double tax = tax(r, qty * price);
            double freight = amount(r, "freight").orElse(0);
            double lead = amount(r, "lead_days").orElse(0);
            double amount = amount(r, "built_in").orElse(qty * pack);
            double waste = amount(r, "waste").orElse(0);
            if (amount < 0 || waste < 0) {
                throw new Bad(amount < 0 ? "built_in" : "waste", "negative");
            }
            if (freight < 0 || tax < 0 || lead < 0) {
                throw new Bad(freight < 0 ? "freight" : tax < 0 ? "tax" : "lead_days", "negative");
            }
            boolean paid = yes(cell(r, "paid"));
            Receipt.State state = one(r, "state", Receipt.State.class, paid ? Receipt.State.PAID : Receipt.State.QUOTE);
            Bill.Cover cover = one(r, "cover", Bill.Cover.class, Bill.Cover.BUY);
            if (cover != Bill.Cover.BUY && price <= 0) {
                notes.put("unit_price", "a gift or an own part without a fair value");
            }
            return new Receipt(freeId(), what, cell(r, "thing"), state, cover,
                    one(r, "tier", Bill.Tier.class, Bill.Tier.ESSENTIAL),
                    kind(r, notes), amount, waste, pack, price,
                    paid || state == Receipt.State.PAID ? OptionalDouble.of(qty) : OptionalDouble.empty(), tax, freight,
                    cell(r, "currency"), day(r, "date"), cell(r, "shop"), day(r, "need"), lead, cell(r, "ref"), "",
                    cell(r, "task"));
        }

        private String freeId() {
            int n = ids.size() + 1;
            while (ids.contains("line-" + n)) {
                n++;
            }
            return "line-" + n;
        }

        private OptionalDouble amount(CSVRecord r, String column) throws Bad {
            String text = cell(r, column);
            if (text.isEmpty()) {
                return OptionalDouble.empty();
            }
            OptionalDouble read = amounts.get(column).read(text);
            if (read.isEmpty()) {
                throw new Bad(column, "“" + text + "” is no amount in a column with “" + amounts.get(column).decimal()
                        + "” as its decimal mark");
            }
            return read;
        }

        /// A share, `8 %` or `0.08`; an amount of tax is taken as its share of the line.
        private double tax(CSVRecord r, double net) throws Bad {
            String text = cell(r, "tax");
            if (text.endsWith("%")) {
                return amounts.get("tax").read(text.substring(0, text.length() - 1)).orElseThrow(
                        () -> new Bad("tax", "“" + text + "” is no share")) / 100;
            }
            double tax = amount(r, "tax").orElse(0);
            return tax <= 1 || net <= 0 ? Math.min(1, tax) : tax / net;
        }

        private String day(CSVRecord r, String column) throws Bad {
            String text = cell(r, column);
            Optional<LocalDate> day = Day.read(text, order);
            if (!text.isEmpty() && day.isEmpty()) {
                throw new Bad(column, "“" + text + "” is no day"
                        + (order == Day.Order.DAY_FIRST ? " (day first)" : " (month first)"));
            }
            return day.map(LocalDate::toString).orElse("");
        }

        private static boolean yes(String text) {
            return List.of("yes", "y", "true", "1", "x", "paid").contains(text.toLowerCase(Locale.ROOT));
        }

        /// Another category than ours is kept as material, and said.
        private Receipt.Kind kind(CSVRecord r, Map<String, String> notes) {
            try {
                return one(r, "category", Receipt.Kind.class, Receipt.Kind.MATERIAL);
            } catch (Bad bad) {
                notes.put("category", bad.getMessage() + "; taken as material");
                return Receipt.Kind.MATERIAL;
            }
        }

        private <E extends Enum<E>> E one(CSVRecord r, String column, Class<E> type, E otherwise) throws Bad {
            String text = cell(r, column);
            if (text.isEmpty()) {
                return otherwise;
            }
            return Arrays.stream(type.getEnumConstants())
                    .filter(e -> e.name().equalsIgnoreCase(text) || label(e).equalsIgnoreCase(text)).findFirst()
                    .orElseThrow(() -> new Bad(column, "“" + text + "” is none of " + Arrays.stream(
                            type.getEnumConstants()).map(e -> e.name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", "))));
        }

        private static String label(Enum<?> e) {
            return switch (e) {
                case Receipt.State s -> s.label();
                case Receipt.Kind k -> k.label();
                case Bill.Tier t -> t.label();
                case Bill.Cover c -> c.label();
                default -> e.name();
            };
        }
    }
}
