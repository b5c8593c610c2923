package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.design.purse.ExchangeRate;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Supply;
import lectulum.design.workshop.Workshop;
import lectulum.files.Imported.Fate;
import lectulum.files.PriceListCsv.Price;
import lectulum.materials.cutting.StockStudies;
import lectulum.standin.PriceShop;
import lectulum.units.Day;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PriceListCsvTest {
    private static final String HEAD = "material,size_label,length,width,thickness,unit,pack,price,currency,"
            + "tax_included,date,shop,class,tax\n";

    private static Design bare() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        return d.with(Workshop.NONE);
    }

    private static Imported<Price> read(String rows) throws UnreadableFile {
        return PriceListCsv.read(HEAD + rows, bare(), '.', Day.Order.DAY_FIRST);
    }

    private static Stock stock(String row) throws UnreadableFile {
        Imported<Price> r = read(row);
        assertThat(r.rows()).as("%s", r.rows()).allMatch(x -> x.fate() != Fate.REJECTED);
        return ((Price.OfStock) r.taken().getFirst()).stock();
    }

    /// A price comes to one piece whatever it is asked for. 3 m at 1.50 a metre 4.50, ten feet (3.048 m) at 0.90 a foot 9.00; a sheet of
    /// 2.44 × 1.22 m at 20 a square metre 59.54; eight feet of a dressed two by four are 5⅓ board feet, at 1.50 each 8.00; a pack of ten at
    /// 31 is 3.10 each; 8 % on 50 makes 54.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"softwood,,3,0.038,0.038,m,,1.50,,,,,,|4.50",
            "softwood,,3.048,0.038,0.038,ft,,0.90,,,,,,|9.00", "plywood,sheet,2.44,1.22,0.012,m2,,20,,,,,,|59.54",
            "softwood,stick,2.4384,0.089,0.038,board foot,,1.50,,,,,,|8.00",
            "softwood,,2.4,0.038,0.019,pack,10,31,,,,,,|3.10",
            "plywood,,2.44,1.22,0.012,piece,,50,,no,,,,8 %|54.00", "plywood,,2.44,1.22,0.012,,,50,,yes,,,,8 %|50.00",
            "steel,tube,6,0.04,0.04,piece,,48.06,,,,,,|48.06"})
    void aPriceComesToOnePiece(String row, double each) throws UnreadableFile {
        assertThat(stock(row).price()).isCloseTo(each, within(0.0051));
    }

    /// Metres, millimetres where it cannot be metres, and what a tape says.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"plywood,,2440,1220,12,,,50,,,,,,", "plywood,,2.44,1.22,0.012,,,50,,,,,,",
            "plywood,,2.44 m,1220 mm,12 mm,,,50,,,,,,", "plywood,,2440,1.22,12.0,,,50,,,,,,"})
    void lengthsAsTheyAreWritten(String row) throws UnreadableFile {
        Stock s = stock(row);

        assertThat(s.length()).isCloseTo(2.44, within(1e-9));
        assertThat(s.width()).isCloseTo(1.22, within(1e-9));
        assertThat(s.thick()).isCloseTo(0.012, within(1e-9));
        assertThat(s.form()).isEqualTo(Stock.Form.SHEET);
    }

    @Test
    void feetAndInchesAreRead() throws UnreadableFile {
        Stock s = stock("\"plywood\",,8',4',1/2\"\"\",,,50,,,,,,".replace("1/2\"\"\"", "\"1/2\"\"\""));

        assertThat(s.length()).isCloseTo(2.4384, within(1e-9));
        assertThat(s.width()).isCloseTo(1.2192, within(1e-9));
        assertThat(s.thick()).isCloseTo(0.0127, within(1e-9));
    }

    @Test
    void everyBadRowIsSaidAndTheRestIsTaken() throws UnreadableFile {
        Imported<Price> r = read("""
                unobtainium,,2,1,0.01,,,5,,,,,,
                plywood,,2.44,1.22,0.012,,,,,,,,,
                plywood,,2.44,1.22,0.012,,,-5,,,,,,
                plywood,,,1.22,0.012,,,5,,,,,,
                plywood,,99999,1.22,0.012,,,5,,,,,,
                plywood,,2.44,1.22,0.012,mile,,5,,,,,,
                plywood,,2.44,1.22,0.012,pack,0,5,,,,,,
                plywood,,2.44,1.22,0.012,,,5,CHF,,,,,
                plywood,,2.44,1.22,0.012,,,5,EUR,,31/02/2026,,,
                sealant,,,,,pint,1,5,,,,,,
                sealant,,,,,ml,310,7.80,EUR,yes,2026-11-02,chandler,,
                plywood,,2.44,1.22,0.012,,,44,,no,,,,
                plywood,,2.44,1.22,0.012,,,45,,,,,,
                """);

        assertThat(r.rows()).filteredOn(x -> x.fate() == Fate.REJECTED).extracting(Imported.Row::column)
                .containsExactly("material", "price", "price", "length", "length", "unit", "pack", "currency", "date",
                        "unit");
        assertThat(r.rows()).filteredOn(x -> x.fate() == Fate.NOTED).extracting(Imported.Row::line)
                .as("a price without its tax, the same sheet twice").containsExactly(13L, 14L);
        assertThat(r.taken()).hasSize(3);
        Supply sealant = ((Price.OfSupply) r.taken().getFirst()).supply();
        assertThat(sealant.content()).isCloseTo(0.00031, within(1e-12));
        assertThat(sealant.price()).isEqualTo(7.8);
        assertThat(sealant.priced()).isEqualTo("2026-11-02");
        assertThat(r.rejected().lines()).hasSize(11);
    }

    @Test
    void aPriceInAnotherCurrencyTakesItsRate() throws UnreadableFile {
        Design d = bare();
        Design rated = d.with(d.purse().withRates(List.of(new ExchangeRate("CHF", 1.05, "2026-11-01"))));

        Imported<Price> r = PriceListCsv.read(HEAD + "plywood,,2.44,1.22,0.012,,,40,CHF,,,,,\n", rated, '.',
                Day.Order.DAY_FIRST);

        assertThat(((Price.OfStock) r.taken().getFirst()).stock().price()).isEqualTo(42);
    }

    /// What is there gets its new price, own stock and other shops stay as they are, the rest is new.
    @Test
    void pricesGoToWhatTheyAreOf() throws UnreadableFile {
        Design d = bare();
        Stock own = stock("plywood,,2.44,1.22,0.012,,,0,,,,,,").withId("stock-1").withOwn(true);
        Stock sold = stock("plywood,,2.44,1.22,0.012,,,50,,,,yard,,").withId("stock-2");
        Stock other = stock("plywood,,2.44,1.22,0.012,,,52,,,,mill,,").withId("stock-3");
        Design before = d.with(d.workshop().withStock(List.of(own, sold, other)));

        Design after = PriceListCsv.edit("Prices", read("""
                plywood,,2.44,1.22,0.012,,,47,,,2026-11-20,yard,,
                plywood,,2.44,1.22,0.018,,,80,,,2026-11-20,yard,,
                paint,,,,,l,2.5,33,,,,yard,,
                """).taken()).apply(before);

        Map<String, Double> prices = after.workshop().stock().stream()
                .collect(Collectors.toMap(Stock::id, Stock::price));
        assertThat(prices).containsExactlyInAnyOrderEntriesOf(
                Map.of("stock-1", 0.0, "stock-2", 47.0, "stock-3", 52.0, "stock-4", 80.0));
        assertThat(after.workshop().stock("stock-2").orElseThrow().priced()).isEqualTo("2026-11-20");
        assertThat(after.workshop().supplies()).singleElement().satisfies(s -> assertThat(s.price()).isEqualTo(33));
        assertThat(Analysis.of(after).of(StockStudies.DISCIPLINE).findings()).isNotNull();
    }

    @Test
    void whatIsWrittenIsReadBack() throws IOException {
        Design d = bare();
        Design full = PriceListCsv.edit("Prices", PriceListCsv.read(PriceShop.list(d, "2026-11-20", 7), d, '.',
                Day.Order.DAY_FIRST).taken()).apply(d);
        StringBuilder out = new StringBuilder();

        PriceListCsv.write(full, out);
        Imported<Price> back = PriceListCsv.read(out.toString(), full, '.', Day.Order.DAY_FIRST);

        assertThat(back.rows()).isEmpty();
        assertThat(PriceListCsv.edit("Prices", back.taken()).apply(full)).isEqualTo(full);
        assertThat(PriceListCsv.edit("Prices", back.taken()).apply(d)).isEqualTo(full);
    }

    /// The stand-in sells everything, at prices that another seed moves by no more than a third.
    @Test
    void theStandInSellsAllOfIt() throws UnreadableFile {
        Design d = bare();
        Imported<Price> r = PriceListCsv.read(PriceShop.list(d, "2026-11-20", 1), d, '.', Day.Order.DAY_FIRST);

        assertThat(r.rows()).isEmpty();
        assertThat(r.taken()).hasSizeGreaterThan(30);
        assertThat(r.taken()).filteredOn(p -> p instanceof Price.OfSupply)
                .hasSize(Supply.Goods.values().length);
        assertThat(PriceShop.list(d, "2026-11-20", 1)).isEqualTo(PriceShop.list(d, "2026-11-20", 1))
                .isNotEqualTo(PriceShop.list(d, "2026-11-20", 2));
        assertThat(r.taken().stream().filter(p -> p instanceof Price.OfStock s && s.stock().of() == Substance.PLYWOOD)
                .count()).isGreaterThan(3);
    }

    @Test
    void noRowIsLost() throws UnreadableFile {
        SplittableRandom chance = new SplittableRandom(5);
        List<String> cells = List.of("", "1", "2.44", "2440", "plywood", "paint", "-3", "2026-02-31", "yes", "m", "=1",
                "8 %", "☃", "NaN", "1e9", "\"");
        for (int n = 0; n < 300; n++) {
            StringBuilder text = new StringBuilder(HEAD);
            for (int i = chance.nextInt(20); i > 0; i--) {
                for (int k = 0; k < 14; k++) {
                    String cell = cells.get(chance.nextInt(cells.size()));
                    text.append(k == 0 ? "" : ",").append(cell.equals("\"") ? "\"\"\"\"" : cell);
                }
                text.append('\n');
            }
            Imported<Price> r = PriceListCsv.read(text.toString(), bare(), '.', Day.Order.DAY_FIRST);

            assertThat(r.taken()).hasSize((int) (r.count(Fate.TAKEN) + r.count(Fate.NOTED)));
            assertThat(r.count(Fate.TAKEN) + r.count(Fate.NOTED) + r.count(Fate.REJECTED)).isEqualTo(r.read());
        }
        assertThatThrownBy(() -> PriceListCsv.read("a,b\n", bare(), '.', Day.Order.DAY_FIRST))
                .isInstanceOf(UnreadableFile.class).hasMessageContaining("material");
    }
}
