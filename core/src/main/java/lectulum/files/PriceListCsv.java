package lectulum.files;

import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.envelope.Substance;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Supply;
import lectulum.design.workshop.Workshop;
import lectulum.units.Day;
import lectulum.units.Entry;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.TapeEntry;
import lectulum.units.Units;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/// What shops ask for sticks, sheets and what is used up, as comma-separated text, one row a price. A price comes to one piece whatever it
/// was asked for: a metre, a foot, a square metre, a pack, a board foot.
public final class PriceListCsv {
    private static final List<String> COLUMNS = List.of("material", "size_label", "length", "width", "thickness",
            "unit", "pack", "price", "currency", "tax_included", "date", "shop", "class", "tax");
    /// One inch by one foot by one foot of sawn timber, nominal \[m³\].
    private static final double BOARD_FOOT = 2.3597e-3;
    private static final double YARD = 0.9144;
    private static final double SAME = 0.0003;
    /// Metal from here on is a sheet \[m\].
    private static final double WIDE = 0.3;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private PriceListCsv() {
    }

    /// A price of something.
    public sealed interface Price {
        /// As it is in the stock; its id is that of the stock whose price it is, empty for what is not there yet.
        record OfStock(Stock stock) implements Price {
        }

        /// As it is among what is used up.
        record OfSupply(Supply supply) implements Price {
        }
    }

    /// What the first row of a list names.
    public static List<String> columns() {
        return COLUMNS.subList(0, COLUMNS.size() - 1);
    }

    /// The measure of what one holds, as a list names it.
    public static String unit(Supply.Goods g) {
        return switch (g.quantity()) {
            case VOLUME -> "l";
            case MASS -> "kg";
            case RUN -> "m";
            case AREA -> "m2";
            default -> "pieces";
        };
    }

    /// Of that measure, in the unit of the goods.
    public static double per(Supply.Goods g) {
        return g.quantity() == Quantity.VOLUME ? Units.LITRE : 1;
    }

    /// Everything in the stock of a design that is sold, with its price.
    public static void write(Design d, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        printer.printRecord(columns());
        String own = d.brief().currency();
        for (Stock s : d.workshop().stock()) {
            if (!s.own()) {
                printer.printRecord(s.of().label(), s.form().label(), ThingsCsv.number(s.length()),
                        ThingsCsv.number(s.width()), ThingsCsv.number(s.thick()), "piece", "1",
                        ThingsCsv.number(s.price()), own, "yes", s.priced(), SafeCell.write(s.place()), "quote");
            }
        }
        for (Supply s : d.workshop().supplies()) {
            if (!s.own()) {
                printer.printRecord(s.goods().label(), s.goods().one(), "", "", "", unit(s.goods()),
                        ThingsCsv.number(s.content() / per(s.goods())), ThingsCsv.number(s.price()), own, "yes",
                        s.priced(), SafeCell.write(s.place()), "quote");
            }
        }
    }

    /// @param decimal mark of the reader, where a column does not say
    /// @param order   of day and month of the reader, where the column does not say
    /// @throws UnreadableFile where it is no table, or larger than 10 MB or 100 000 rows
    public static Imported<Price> read(String text, Design before, char decimal, Day.Order order)
            throws UnreadableFile {
        CsvTable table = CsvTable.of(text, decimal, order);
        if (!table.has("material") || !table.has("price")) {
            throw new UnreadableFile("The first row must name the columns material and price.");
        }
        return table.read(new Reader(table, before));
    }

    /// The edit that takes prices over: what is in the stock already, of the same size and shop, gets its new price; the rest is new in it.
    public static Edit edit(String name, List<Price> prices) {
        return new Edit(name, d -> {
            Workshop w = d.workshop();
            for (Price p : prices) {
                w = switch (p) {
                    case Price.OfStock s -> with(w, s.stock());
                    case Price.OfSupply s -> with(w, s.supply());
                };
            }
            return d.with(w);
        });
    }

    private static Workshop with(Workshop w, Stock s) {
        return like(w, s).map(old -> w.mapping(old.id(), x -> x.withPrice(s.price()).withPriced(s.priced())
                .withPlace(s.place().isEmpty() ? x.place() : s.place()))).orElseGet(() -> w.plus(s.withId(w.freeId())));
    }

    private static Workshop with(Workshop w, Supply s) {
        return like(w, s).map(old -> w.supplying(old.id(), x -> x.withPrice(s.price()).withPriced(s.priced())
                .withPlace(s.place().isEmpty() ? x.place() : s.place())))
                .orElseGet(() -> w.plus(s.withId(w.freeSupply())));
    }

    private static Optional<Stock> like(Workshop w, Stock s) {
        return w.stock().stream().filter(x -> !x.own() && x.form() == s.form() && x.of() == s.of()
                && near(x.length(), s.length()) && near(x.width(), s.width()) && near(x.thick(), s.thick())
                && shop(x.place(), s.place())).findFirst();
    }

    private static Optional<Supply> like(Workshop w, Supply s) {
        return w.supplies().stream().filter(x -> !x.own() && x.goods() == s.goods()
                && Math.abs(x.content() - s.content()) <= 1e-6 * s.content() && shop(x.place(), s.place()))
                .findFirst();
    }

    private static boolean shop(String one, String other) {
        return one.isEmpty() || other.isEmpty() || one.equalsIgnoreCase(other);
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= SAME;
    }

    /// Reads row after row.
    private static final class Reader implements CsvTable.RowReader<Price> {
        private final CsvTable table;
        private final Design before;
        private final Set<String> seen = new HashSet<>();

        Reader(CsvTable table, Design before) {
            this.table = table;
            this.before = before;
        }

        @Override
        public Price read(CSVRecord r) throws CsvTable.Bad {
            String material = table.cell(r, "material");
            double price = price(r);
            String shop = table.cell(r, "shop");
            String date = table.day(r, "date");
            Optional<Supply.Goods> goods = Stream.of(Supply.Goods.values())
                    .filter(g -> g.name().equalsIgnoreCase(material) || g.label().equalsIgnoreCase(material))
                    .findFirst();
            Price made = goods.isPresent()
                    ? new Price.OfSupply(Supply.sold("", goods.get(), content(r, goods.get()), cents(price))
                            .withPlace(shop).withPriced(date))
                    : new Price.OfStock(stock(r, material, price).withPlace(shop).withPriced(date));
            if (!seen.add(name(made))) {
                table.note(r, "material", "the same size and shop stand above already: this price counts");
            }
            return made;
        }

        private static String name(Price p) {
            return switch (p) {
                case Price.OfStock s -> String.join("\u0000", s.stock().of().name(), s.stock().place(),
                        String.valueOf(Math.round(s.stock().length() * 1e4)),
                        String.valueOf(Math.round(s.stock().width() * 1e4)),
                        String.valueOf(Math.round(s.stock().thick() * 1e4)), s.stock().form().name());
                case Price.OfSupply s -> String.join("\u0000", s.supply().goods().name(), s.supply().place(),
                        String.valueOf(s.supply().content()));
            };
        }

        /// In the currency of the project, tax in it as far as that is known.
        private double price(CSVRecord r) throws CsvTable.Bad {
            double price = table.amount(r, "price").orElseThrow(() -> new CsvTable.Bad("price", "no price"));
            if (price < 0) {
                throw new CsvTable.Bad("price", "negative");
            }
            String tax = table.cell(r, "tax");
            String inside = table.cell(r, "tax_included");
            if (!inside.isEmpty() && !CsvTable.yes(inside)) {
                if (tax.isEmpty()) {
                    table.note(r, "tax_included", "tax is not in it and the row does not say how much it is");
                }
                price *= 1 + (tax.isEmpty() ? 0 : share(tax));
            }
            String currency = table.cell(r, "currency");
            return price * before.purse().rate(currency, before.brief().currency()).orElseThrow(
                    () -> new CsvTable.Bad("currency",
                            "“" + currency + "” has no rate: enter one under Money, Receipts"));
        }

        private double share(String tax) throws CsvTable.Bad {
            boolean percent = tax.endsWith("%");
            double value = table.amount("tax", percent ? tax.substring(0, tax.length() - 1) : tax);
            double share = percent || value > 1 ? value / 100 : value;
            if (share < 0 || share > 1) {
                throw new CsvTable.Bad("tax", "“" + tax + "” is no share");
            }
            return share;
        }

        /// What one holds, in the unit of its goods.
        private double content(CSVRecord r, Supply.Goods g) throws CsvTable.Bad {
            double pack = table.amount(r, "pack").orElse(Double.NaN);
            if (Double.isNaN(pack)) {
                table.note(r, "pack", "what one holds is not said: the usual " + ThingsCsv.number(g.usual() / per(g))
                        + " " + unit(g));
                return g.usual();
            }
            if (pack <= 0) {
                throw new CsvTable.Bad("pack", "not more than 0");
            }
            String unit = table.cell(r, "unit").toLowerCase(Locale.ROOT);
            Map<String, Double> units = switch (g.quantity()) {
                case VOLUME -> Map.of("l", 1e-3, "litre", 1e-3, "ml", 1e-6, "gal", Units.GALLON, "qt", Units.GALLON / 4,
                        "m3", 1.0);
                case MASS -> Map.of("kg", 1.0, "g", 1e-3, "lb", Units.POUND);
                case RUN -> Map.of("m", 1.0, "ft", Units.FOOT, "yd", YARD, "yard", YARD);
                case AREA -> Map.of("m2", 1.0, "m²", 1.0, "ft2", Units.FOOT * Units.FOOT);
                default -> Map.of("piece", 1.0, "pieces", 1.0);
            };
            if (unit.isEmpty()) {
                return pack * per(g);
            }
            if (!units.containsKey(unit)) {
                throw new CsvTable.Bad("unit", "“" + unit + "” is no measure of " + g.label() + ": "
                        + units.keySet().stream().sorted().collect(Collectors.joining(", ")));
            }
            return pack * units.get(unit);
        }

        private Stock stock(CSVRecord r, String material, double asked) throws CsvTable.Bad {
            Substance of = substance(material);
            double length = length(r, "length", 0.1, 15);
            double width = length(r, "width", 0.003, 3.2);
            double thick = length(r, "thickness", 0.0002, 0.2);
            Stock.Form form = form(r, of, width);
            double each = switch (table.cell(r, "unit").toLowerCase(Locale.ROOT)) {
                case "", "piece", "pieces", "each", "pack" -> asked / pieces(r);
                case "m" -> asked * length;
                case "ft" -> asked * length / Units.FOOT;
                case "m2", "m²" -> asked * length * width;
                case "ft2" -> asked * length * width / (Units.FOOT * Units.FOOT);
                case "board foot", "bf", "fbm" -> asked * length * TapeEntry.nominal(width)
                        * TapeEntry.nominal(thick) / BOARD_FOOT;
                default -> throw new CsvTable.Bad("unit", "“" + table.cell(r, "unit")
                        + "” is none of piece, pack, m, ft, m2, ft2, board foot");
            };
            return new Stock("", form, of, length, width, thick, OptionalDouble.empty(), false, "", cents(each), "");
        }

        /// By its name or its label, or by the beginning of one: steel for steel sheet, of which bars are too.
        private static Substance substance(String material) throws CsvTable.Bad {
            String asked = material.toLowerCase(Locale.ROOT).replace("aluminum", "aluminium");
            List<Substance> all = Arrays.stream(Substance.values())
                    .filter(s -> s != Substance.NONE && s != Substance.AIR).toList();
            return all.stream().filter(s -> s.name().equalsIgnoreCase(asked) || s.label().equalsIgnoreCase(asked))
                    .findFirst()
                    .or(() -> all.stream().filter(s -> asked.length() > 2 && s.label().startsWith(asked)).findFirst())
                    .orElseThrow(() -> new CsvTable.Bad("material", "“" + material + "” is none of "
                            + Stream.concat(Arrays.stream(Supply.Goods.values()).map(Supply.Goods::label),
                                    all.stream().map(Substance::label)).collect(Collectors.joining(", "))));
        }

        private double pieces(CSVRecord r) throws CsvTable.Bad {
            double pack = table.amount(r, "pack").orElse(1);
            if (pack <= 0) {
                throw new CsvTable.Bad("pack", "not more than 0");
            }
            return pack;
        }

        /// What the row says it is sold as; sheets are wide and of what boards are made of, the rest are sticks.
        private Stock.Form form(CSVRecord r, Substance of, double width) {
            String label = table.cell(r, "size_label").toLowerCase(Locale.ROOT);
            if (label.contains("sheet")) {
                return Stock.Form.SHEET;
            }
            boolean bar = label.contains("stick") || label.contains("bar") || label.contains("tube");
            boolean wood = of == Substance.SOFTWOOD || of == Substance.HARDWOOD;
            boolean metal = of == Substance.STEEL || of == Substance.ALUMINIUM;
            return bar || wood || metal && width < WIDE ? Stock.Form.STICK : Stock.Form.SHEET;
        }

        /// A bare number is metres, or millimetres where it cannot be metres.
        private double length(CSVRecord r, String column, double low, double high) throws CsvTable.Bad {
            String text = table.cell(r, column);
            if (text.isEmpty()) {
                throw new CsvTable.Bad(column, "not said");
            }
            double value = text.matches("[\\d.,\\s]+")
                    ? bare(table.amount(column, text), low, high)
                    : TapeEntry.read(text, Quantity.LENGTH, Style.PLAIN) instanceof Entry.Read(double v)
                            ? v
                            : Double.NaN;
            if (!(value >= low && value <= high)) {
                throw new CsvTable.Bad(column, "“" + text + "” is no " + column + " of what is sold, "
                        + ThingsCsv.number(low) + " to " + ThingsCsv.number(high) + " m");
            }
            return value;
        }

        private static double bare(double value, double low, double high) {
            return value >= low && value <= high ? value : value / 1000;
        }

        private static double cents(double price) {
            return Math.round(100 * price) / 100.0;
        }
    }
}
