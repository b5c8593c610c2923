package lectulum.standin;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import lectulum.assumed.UsualStock;
import lectulum.design.Design;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Supply;
import lectulum.files.PriceListCsv;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// A made-up shop that sells sticks, sheets and what is used up, and writes its price list, as [PriceListCsv] reads it and
/// docs/standin/price-list.md describes it. The same seed and day give the same list.
public final class PriceShop {
    private static final double SPREAD = 0.12;
    private static final double LEAST = 0.7;
    private static final double MOST = 1.4;
    private static final double PAINT = 42;
    private static final double SEALANT = 8.5;
    private static final double ADHESIVE = 29;
    private static final double TAPE = 19;
    private static final double TRIM = 7.8;
    private static final double MEMBRANE = 120;
    private static final double CLOTH = 78;
    private static final double SCREWS = 6.5;
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private PriceShop() {
    }

    /// @param day as ISO, of the prices
    /// @return the whole list
    public static String list(Design d, String day, long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        String shop = "yard " + Math.floorMod(seed, 100);
        StringBuilder text = new StringBuilder();
        try (CSVPrinter to = new CSVPrinter(text, FORMAT)) {
            to.printRecord(PriceListCsv.columns());
            for (UsualStock u : UsualStock.all()) {
                row(to, u.stock(""), d.brief().currency(), day, shop, factor(chance));
            }
            for (Supply.Goods g : Supply.Goods.values()) {
                to.printRecord(List.of(g.label(), g.one(), "", "", "", PriceListCsv.unit(g),
                        number(g.usual() / PriceListCsv.per(g)),
                        cents(price(g) * factor(chance)), d.brief().currency(), "yes", day, shop, "catalogue"));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text refuses to be written", e);
        }
        return text.toString();
    }

    private static double factor(SplittableRandom chance) {
        return Math.clamp(1 + SPREAD * chance.nextGaussian(), LEAST, MOST);
    }

    /// Timber is asked for by the metre, everything else by the piece.
    private static void row(CSVPrinter to, Stock s, String currency, String day, String shop, double factor)
            throws IOException {
        boolean metre = s.form() == Stock.Form.STICK && s.length() > 0 && s.of().name().endsWith("WOOD");
        to.printRecord(List.of(s.of().label(), s.form().label(), number(s.length()), number(s.width()),
                number(s.thick()), metre ? "m" : "piece", "1",
                metre ? number(s.price() * factor / s.length()) : cents(s.price() * factor), currency, "yes", day, shop,
                "catalogue"));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value).replaceAll("\\.?0+$", "");
    }

    private static String cents(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static double price(Supply.Goods g) {
        return switch (g) {
            case PAINT -> PAINT;
            case SEALANT -> SEALANT;
            case ADHESIVE -> ADHESIVE;
            case TAPE -> TAPE;
            case TRIM -> TRIM;
            case MEMBRANE -> MEMBRANE;
            case CLOTH -> CLOTH;
            case SCREWS -> SCREWS;
        };
    }
}
