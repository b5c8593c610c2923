package lectulum.files;

import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.kernel.finance.Bill;
import lectulum.money.Lines;
import lectulum.units.Day;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/// Receipts as comma-separated text (RFC 4180; semicolons and tabs are read too), one row a line. Every row that comes in is taken,
/// taken with a note, or rejected with its line, column, reason and text; nothing is lost, and what was rejected can be written
/// out, mended and read again.
public final class ReceiptsCsv {
    private static final List<String> COLUMNS = List.of("date", "shop", "description", "qty", "pack", "unit_price",
            "line_total", "tax", "freight", "currency", "category", "thing", "tier", "cover", "state", "paid", "need",
            "lead_days", "ref", "built_in", "waste", "task");
    private static final double CENT = 0.0101;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private ReceiptsCsv() {
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

    /// What stands in columns of other names goes into the note of the line.
    ///
    /// @param before  what the project has already: its rows are not taken for new ones without a note
    /// @param decimal mark of the reader, where a column does not say
    /// @param order   of day and month of the reader, where the column does not say
    /// @throws UnreadableFile where it is no table, or larger than 10 MB or 100 000 rows
    public static Imported<Receipt> read(String text, Purse before, char decimal, Day.Order order)
            throws UnreadableFile {
        CsvTable table = CsvTable.of(text, decimal, order);
        if (!table.has("description") || !table.has("unit_price") && !table.has("line_total")) {
            throw new UnreadableFile("The first row must name the columns description and unit_price or line_total.");
        }
        return table.read(new Reader(table, before));
    }

    /// Reads row after row.
    private static final class Reader implements CsvTable.RowReader<Receipt> {
        private final CsvTable table;
        private final Set<String> seen = new HashSet<>();
        private final Set<String> ids = new HashSet<>();
        private int next;

        Reader(CsvTable table, Purse before) {
            this.table = table;
            before.receipts().forEach(r -> {
                ids.add(r.id());
                seen.add(name(r));
            });
            this.next = ids.size() + 1;
        }

        @Override
        public Receipt read(CSVRecord r) throws CsvTable.Bad {
            Receipt receipt = receipt(r);
            if (!seen.add(name(receipt))) {
                table.note(r, "description", "the same day, shop, amount and description stand there already");
            }
            ids.add(receipt.id());
            return receipt;
        }

        private static String name(Receipt r) {
            return String.join("\u0000", r.date(), r.shop(), String.valueOf(r.amount()), String.valueOf(r.price()),
                    r.what());
        }

        private Receipt receipt(CSVRecord r) throws CsvTable.Bad {
            String what = table.cell(r, "description");
            if (what.isEmpty()) {
                throw new CsvTable.Bad("description", "nothing is described");
            }
            double qty = table.amount(r, "qty").orElse(1);
            double pack = table.amount(r, "pack").orElse(1);
            OptionalDouble total = table.amount(r, "line_total");
            OptionalDouble unit = table.amount(r, "unit_price");
            if (unit.isEmpty() && total.isEmpty()) {
                throw new CsvTable.Bad("unit_price", "neither a price nor a total");
            }
            if (qty <= 0 || pack <= 0) {
                throw new CsvTable.Bad(qty <= 0 ? "qty" : "pack", "not more than 0");
            }
            double price = unit.orElse(total.orElse(0) / qty);
            if (price < 0) {
                throw new CsvTable.Bad("unit_price", "negative: of what went back enter how much was returned");
            }
            if (unit.isPresent() && total.isPresent() && Math.abs(qty * price - total.getAsDouble()) > CENT) {
                table.note(r, "line_total", String.format(Locale.ROOT, "%s × %s is %.2f, not %s", ThingsCsv.number(qty),
                        ThingsCsv.number(price), qty * price, table.cell(r, "line_total")));
            }
            double tax = tax(r, qty * price);
            double freight = positive(r, "freight", 0);
            double lead = positive(r, "lead_days", 0);
            double amount = positive(r, "built_in", qty * pack);
            double waste = positive(r, "waste", 0);
            boolean paid = CsvTable.yes(table.cell(r, "paid"));
            Receipt.State state = table.one(r, "state", Receipt.State.class, Receipt.State::label,
                    paid ? Receipt.State.PAID : Receipt.State.QUOTE);
            Bill.Cover cover = table.one(r, "cover", Bill.Cover.class, Bill.Cover::label, Bill.Cover.BUY);
            if (cover != Bill.Cover.BUY && price <= 0) {
                table.note(r, "unit_price", "a gift or an own part without a fair value");
            }
            return new Receipt(freeId(), what, table.cell(r, "thing"), state, cover,
                    table.one(r, "tier", Bill.Tier.class, Bill.Tier::label, Bill.Tier.ESSENTIAL), kind(r), amount,
                    waste,
                    pack, price,
                    paid || state == Receipt.State.PAID ? OptionalDouble.of(qty) : OptionalDouble.empty(), tax, freight,
                    table.cell(r, "currency"), table.day(r, "date"), table.cell(r, "shop"), table.day(r, "need"), lead,
                    note(r), "", table.cell(r, "task"));
        }

        private String note(CSVRecord r) {
            return Stream.concat(Stream.of(table.cell(r, "ref")).filter(x -> !x.isEmpty()),
                    table.others(r, COLUMNS).entrySet().stream().map(e -> e.getKey() + ": " + e.getValue()))
                    .collect(Collectors.joining("; "));
        }

        private double positive(CSVRecord r, String column, double otherwise) throws CsvTable.Bad {
            double value = table.amount(r, column).orElse(otherwise);
            if (value < 0) {
                throw new CsvTable.Bad(column, "negative");
            }
            return value;
        }

        private String freeId() {
            while (ids.contains("line-" + next)) {
                next++;
            }
            return "line-" + next;
        }

        /// A share, `8 %` or `0.08`; an amount of tax is taken as its share of the line.
        private double tax(CSVRecord r, double net) throws CsvTable.Bad {
            String text = table.cell(r, "tax");
            if (text.endsWith("%")) {
                return table.amount("tax", text.substring(0, text.length() - 1)) / 100;
            }
            double tax = positive(r, "tax", 0);
            return tax <= 1 || net <= 0 ? Math.min(1, tax) : tax / net;
        }

        /// Another category than ours is kept as material, and said.
        private Receipt.Kind kind(CSVRecord r) {
            try {
                return table.one(r, "category", Receipt.Kind.class, Receipt.Kind::label, Receipt.Kind.MATERIAL);
            } catch (CsvTable.Bad bad) {
                table.note(r, "category", bad.getMessage() + "; taken as material");
                return Receipt.Kind.MATERIAL;
            }
        }
    }
}
