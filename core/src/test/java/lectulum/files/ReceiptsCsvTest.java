package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.files.Imported.Fate;
import lectulum.kernel.finance.Bill;
import lectulum.money.Lines;
import lectulum.units.Day;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReceiptsCsvTest {
    private static final String HEAD = "date,shop,description,qty,unit_price,line_total,tax,currency,cover,paid\n";

    private static Imported<Receipt> read(String text) throws UnreadableFile {
        return ReceiptsCsv.read(text, Purse.NONE, '.', Day.Order.DAY_FIRST);
    }

    @Nested
    class Amounts {
        /// A column with one cell of every kind: a decimal comma shows in the first, the second and the third.
        @Test
        void oneMarkHoldsForAColumn() {
            List<String> cells = List.of("1.204,50", "38,9", "(12,00)", "1.500", "abc", "−7");
            AmountColumn c = AmountColumn.of(cells, '.');

            assertThat(c.decimal()).isEqualTo(',');
            assertThat(cells.stream().map(c::read).map(v -> v.isPresent() ? v.getAsDouble() : Double.NaN))
                    .containsExactly(1204.5, 38.9, -12.0, 1500.0, Double.NaN, -7.0);
        }

        @ParameterizedTest
        @CsvSource({"'1,234.56', 1234.56", "'€ 12.50', 12.5", "12.50 EUR, 12.5", "'1 234.5', 1234.5",
                "'1''234.50', 1234.5", "12.50-, -12.5", ".5, 0.5"})
        void signsSpacesAndApostrophesAreNoDigits(String cell, double value) {
            assertThat(AmountColumn.of(List.of("1.25"), '.').read(cell)).hasValue(value);
        }

        @ParameterizedTest
        @ValueSource(strings = {"1,23,456.00", "12,5", "1.2.3", "", "-", "12a", "NaN", "1e5"})
        void whatIsNotWrittenAsTheColumnIsNoAmount(String cell) {
            assertThat(AmountColumn.of(List.of("1.25"), '.').read(cell)).isEmpty();
        }

        @Test
        void withoutAVoteTheReadersOwnMarkHolds() {
            assertThat(AmountColumn.of(List.of("1.500", "7"), ',').read("1.500")).hasValue(1500);
            assertThat(AmountColumn.of(List.of("1.500", "7"), '.').read("1.500")).hasValue(1.5);
            assertThat(AmountColumn.of(List.of("1,5", "1.5"), '.').decimal()).as("they contradict one another")
                    .isEqualTo('.');
        }
    }

    @Nested
    class Cells {
        @ParameterizedTest
        @CsvSource({"=1+2, '''=1+2'", "-12.5, -12.5", "- spare, '''- spare'", "'''=x', '''''=x'", "plain, plain",
                "' @home', ''' @home'", "'''-5', '''''-5'"})
        void whatASpreadsheetWouldRunGetsOneApostrophe(String text, String written) {
            assertThat(SafeCell.write(text)).isEqualTo(written);
            assertThat(SafeCell.read(written)).isEqualTo(text);
        }

        @Test
        void writingAndReadingIsTheIdentity() {
            SplittableRandom chance = new SplittableRandom(11);
            String letters = "'=+-@ \t\r\na1.＝é";
            for (int n = 0; n < 20_000; n++) {
                StringBuilder s = new StringBuilder();
                int length = chance.nextInt(6);
                for (int i = 0; i < length; i++) {
                    s.append(letters.charAt(chance.nextInt(letters.length())));
                }
                assertThat(SafeCell.read(SafeCell.write(s.toString()))).isEqualTo(s.toString());
            }
        }
    }

    @Nested
    class Days {
        @Test
        void oneDayThatCanOnlyBeReadOneWayDecides() throws UnreadableFile {
            Imported<Receipt> r = read(HEAD + """
                    2027-02-03,a,x,1,1,1,0,,,
                    03/04/2027,a,y,1,2,2,0,,,
                    17/04/2027,a,z,1,3,3,0,,,
                    31/02/2027,a,w,1,4,4,0,,,
                    """);

            assertThat(r.taken()).extracting(Receipt::date).containsExactly("2027-02-03", "2027-04-03",
                    "2027-04-17");
            assertThat(r.rows()).singleElement().satisfies(row -> {
                assertThat(row.fate()).isEqualTo(Fate.REJECTED);
                assertThat(row.line()).isEqualTo(5);
                assertThat(row.column()).isEqualTo("date");
            });
        }
    }

    @Test
    void everyBadRowIsSaidAndTheRestIsTaken() throws UnreadableFile {
        Imported<Receipt> r = read(HEAD + """
                2026-05-01,yard,Tube,6,38.90,233.40,8 %,,,yes
                2026-05-02,yard,Sheet,2,46.75,93.00,0.08,,,no
                2026-05-03,yard,,1,5,5,0,,,no
                2026-05-03,yard,Nothing asked,1,,,0,,,no
                2026-05-03,yard,Back,1,-5,-5,0,,,no
                2026-05-03,yard,Words,one,5,5,0,,,no
                2026-05-03,yard,Odd,1,5,5,0,,loan,no
                2026-05-04,a friend,Cool box,1,,310,0,,gift,no
                2026-05-01,yard,Tube,6,38.90,233.40,8 %,,,yes
                """);

        assertThat(r.read()).isEqualTo(9);
        assertThat(r.taken()).extracting(Receipt::what).containsExactly("Tube", "Sheet", "Cool box", "Tube");
        assertThat(r.count(Fate.REJECTED)).isEqualTo(5);
        assertThat(r.count(Fate.NOTED)).as("a total that is off, a row twice").isEqualTo(2);
        assertThat(r.count(Fate.TAKEN)).isEqualTo(2);
        assertThat(r.rows()).filteredOn(x -> x.fate() == Fate.REJECTED).extracting(Imported.Row::column)
                .containsExactly("description", "unit_price", "unit_price", "qty", "cover");
        assertThat(r.taken().get(2).cover()).isEqualTo(Bill.Cover.GIFT);
        assertThat(r.taken().get(2).price()).isEqualTo(310);
        assertThat(r.taken().getFirst().state()).isEqualTo(Receipt.State.PAID);
        assertThat(r.taken().getFirst().tax()).isEqualTo(0.08);
    }

    /// Lines are those of the file, empty ones and ones within a cell counted; what stands in other columns stays with the line of the bill.
    @Test
    void linesAreThoseOfTheFileAndNothingInARowIsLost() throws UnreadableFile {
        Imported<Receipt> r = read("""
                description,unit_price,colour,ref

                "Tube,
                bent twice",4,grey,A7

                Bad,x,,
                Plain,2,,
                Last,y,""");

        assertThat(r.rows()).extracting(Imported.Row::line).containsExactly(6L, 8L);
        assertThat(r.taken().getFirst().note()).isEqualTo("A7; colour: grey");
        assertThat(r.taken().getLast().note()).isEmpty();
        assertThat(r.sums()).isEqualTo("4 rows: 2 taken, 0 taken with a note, 2 rejected.");
    }

    @Test
    void whatWasRejectedCanBeMendedAndReadAgain() throws UnreadableFile {
        Imported<Receipt> r = read(HEAD + "2026-05-03,yard,Words,one,5,5,0,,,no\n2026-05-03,yard,Good,1,5,5,0,,,no\n");

        Imported<Receipt> again = read(r.rejected().replace("one", "1"));

        assertThat(again.taken()).extracting(Receipt::what).containsExactly("Words");
        assertThat(again.rejected()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"description;unit_price\nA;12,5\nB;1.204,50\n",
            "\ufeffdescription\tunit_price\nA\t12.5\nB\t1204.5\n",
            "DESCRIPTION, Unit_Price\nA,12.5\nB,1204.50\n"})
    void semicolonsTabsAndMarksOfOrderAreRead(String text) throws UnreadableFile {
        assertThat(read(text).taken()).extracting(Receipt::price).containsExactly(12.5, 1204.5);
    }

    @Test
    void whatIsNoTableOfReceiptsIsSaid() {
        assertThatThrownBy(() -> read("")).isInstanceOf(UnreadableFile.class).hasMessageContaining("empty");
        assertThatThrownBy(() -> read("a,b\n1,2\n")).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("description");
        assertThatThrownBy(() -> read("description,unit_price\n\"open,1\n")).isInstanceOf(UnreadableFile.class);
        assertThatThrownBy(() -> read("x".repeat(10_000_001))).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("10 MB");
    }

    @Test
    void whatIsWrittenIsReadBack() throws IOException {
        Receipt r = Receipt.of("line-1", "=Tube \"long\", bent", Receipt.State.PAID, 38.9).withAmount(6).withTax(0.08)
                .withBought(java.util.OptionalDouble.of(6)).withShop("- yard").withDate("2026-05-01").withFreight(4.5)
                .withKind(Receipt.Kind.TOOL).withTier(Bill.Tier.COMFORT).withNote("@ref").withNeed("2026-06-01")
                .withLead(14);
        Receipt gift = Receipt.of("line-2", "Box", Receipt.State.QUOTE, 310).withCover(Bill.Cover.GIFT);
        Design d = Campers.demo("dunlin").orElseThrow().design().withPurse(Purse.NONE.plus(r).plus(gift));
        StringBuilder out = new StringBuilder();

        ReceiptsCsv.write(d, out);

        assertThat(read(out.toString()).taken()).containsExactly(r, gift);
    }

    /// 420 screws in packs of 200 are three packs, before and after.
    @Test
    void whatIsReadBackCostsTheSame() throws IOException {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        StringBuilder out = new StringBuilder();
        ReceiptsCsv.write(d, out);

        Imported<Receipt> back = read(out.toString());

        assertThat(back.rows()).isEmpty();
        assertThat(Lines.forecast(d.withPurse(d.purse().withReceipts(back.taken())))).isEqualTo(Lines.forecast(d));
        assertThat(back.taken()).extracting(Receipt::amount).contains(420.0);
    }

    /// Whatever stands in a file: rows in are rows out.
    @Test
    void noRowIsLost() throws UnreadableFile {
        SplittableRandom chance = new SplittableRandom(3);
        List<String> cells = List.of("", "1", "1,5", "1.234,5", "x", "-3", "2026-02-31", "2026-02-01", "yes", "gift",
                "''", "=1", "8 %", "☃", "12/13/2026", "1e9", "NaN");
        for (int n = 0; n < 300; n++) {
            StringBuilder text = new StringBuilder("description;unit_price;qty;date;cover;tier;tax;freight;paid\n");
            int rows = chance.nextInt(30);
            for (int i = 0; i < rows; i++) {
                for (int k = 0; k < 9; k++) {
                    text.append(k == 0 ? "" : ";").append(cells.get(chance.nextInt(cells.size())));
                }
                text.append('\n');
            }
            Imported<Receipt> r = read(text.toString());

            assertThat(r.count(Fate.TAKEN) + r.count(Fate.NOTED) + r.count(Fate.REJECTED)).isEqualTo(r.read());
            assertThat(r.taken()).hasSize((int) (r.count(Fate.TAKEN) + r.count(Fate.NOTED)));
        }
    }
}
