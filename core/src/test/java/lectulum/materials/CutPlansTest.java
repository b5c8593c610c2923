package lectulum.materials;

import static lectulum.Told.everyRemedyMends;
import static lectulum.Samples.box;
import static lectulum.Told.raises;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.UsualStock;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Workshop;
import lectulum.figures.Finding;
import lectulum.materials.cutting.ByHand;
import lectulum.materials.cutting.CutBoard;
import lectulum.materials.cutting.CutPiece;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.CutRules;
import lectulum.materials.cutting.Lot;
import lectulum.materials.cutting.StockRules;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Cutting plans of whole campers: checked piece by piece without the planner, and changed by hand.
class CutPlansTest {
    /// Six sticks of timber 40 × 30 mm: two plates as long as the body and four studs.
    private static Design wall() {
        Design d = box();
        Envelope e = Envelope.usual(CamperType.CARGO);
        d = d.with(new Envelope(e.walls().stream().map(w -> w.withStuds(Wall.Studs.TIMBER).withLining(Substance.NONE)
                .withSkin(Substance.NONE)).toList()));
        return d.with(d.base().withCarcass(d.base().carcass().with(Carcass.Face.LEFT,
                Optional.of(new Carcass.Framing(List.of(0.02, 1.0, 2.0, 2.9), 0.04, 0.03, false)))));
    }

    private static Stock stick(String id, double length, double price, OptionalDouble count, boolean own) {
        return new Stock(id, Stock.Form.STICK, Substance.SOFTWOOD, length, 0.04, 0.03, count, own,
                own ? "attic" : "yard",
                price, "");
    }

    private static Design stocked(Design d, Stock... stock) {
        return d.with(new Workshop(List.of(stock), List.of()));
    }

    private static List<Lot> lots(Design d) {
        return Analysis.of(d).of(CutPlans.DISCIPLINE).lots();
    }

    private static Lot timber(Design d) {
        return Analysis.of(d).of(CutPlans.DISCIPLINE).lot("cut.timber").orElseThrow();
    }

    /// Inside its stock, a kerf from everything else, every piece once: counted here, not by the planner.
    private static void sound(Lot lot) {
        int[] seen = new int[lot.pieces().size()];
        lot.left().forEach(i -> seen[i]++);
        for (Lot.Laid l : lot.laid()) {
            double end = l.source().length() - lot.trim() + 1e-6;
            for (Lot.Put p : l.puts()) {
                seen[p.piece()]++;
                CutPiece piece = lot.pieces().get(p.piece());
                assertThat(p.x()).isGreaterThan(lot.trim() - 1e-6);
                assertThat(p.x() + p.along()).isLessThan(end);
                if (lot.ware().sheet()) {
                    assertThat(p.y()).isGreaterThan(lot.trim() - 1e-6);
                    assertThat(p.y() + p.across()).isLessThan(l.source().width() - lot.trim() + 1e-6);
                    assertThat(Math.max(p.along(), p.across())).isCloseTo(Math.max(piece.length(), piece.width()),
                            within(2e-6));
                    assertThat(p.along() * p.across()).isCloseTo(piece.length() * piece.width(), within(1e-5));
                }
            }
            for (int i = 0; i < l.puts().size(); i++) {
                for (int k = 0; k < i; k++) {
                    apart(lot, l.puts().get(i), l.puts().get(k));
                }
            }
        }
        assertThat(seen).containsOnly(1);
        assertThat(lot.cost()).isGreaterThan(lot.bound() - 0.005);
        assertThat(lot.cost()).isCloseTo(lot.laid().stream().mapToDouble(l -> l.source().price()).sum(), within(0.005));
    }

    private static void apart(Lot lot, Lot.Put a, Lot.Put b) {
        double dx = Math.max(a.x() - b.x() - b.along(), b.x() - a.x() - a.along());
        double dy = lot.ware().sheet() ? Math.max(a.y() - b.y() - b.across(), b.y() - a.y() - a.across()) : -1;
        if (Math.max(dx, dy) >= lot.kerf() - 3e-6) {
            return;
        }
        // Only what lies in the waste of another lies within the box about it.
        Lot.Put in = a.within() == b.piece() ? a : b;
        Lot.Put host = in == a ? b : a;
        assertThat(in.within()).as("%s over %s", a, b).isEqualTo(host.piece());
        CutPiece shape = lot.pieces().get(host.piece());
        boolean turned = Math.abs(host.along() - shape.length()) > 1e-4;
        for (int i = 0; i <= 10; i++) {
            for (int k = 0; k <= 10; k++) {
                double x = in.x() - host.x() + in.along() * i / 10;
                double y = in.y() - host.y() + in.across() * k / 10;
                double px = turned ? y : x;
                double py = turned ? shape.width() - x : y;
                assertThat(covers(shape, px, py)).as("%s in %s at %s %s", in, host, px, py).isFalse();
            }
        }
    }

    /// Even and odd crossings, then its holes.
    private static boolean covers(CutPiece p, double x, double y) {
        for (double[] h : p.holes()) {
            if (x > h[0] && x < h[2] && y > h[1] && y < h[3]) {
                return false;
            }
        }
        if (p.outline().isEmpty()) {
            return x > 0 && x < p.length() && y > 0 && y < p.width();
        }
        boolean in = false;
        for (int i = 0; i < p.outline().size(); i++) {
            double[] a = p.outline().get(i);
            double[] b = p.outline().get((i + 1) % p.outline().size());
            if (a[1] > y != b[1] > y && x < a[0] + (y - a[1]) / (b[1] - a[1]) * (b[0] - a[0])) {
                in = !in;
            }
        }
        return in;
    }

    @ParameterizedTest
    @ValueSource(strings = {"dunlin", "nightjar", "chamois"})
    void everyPieceOfADemoIsCutOnceFromWithinItsStock(String demo) {
        List<Lot> lots = lots(Campers.demo(demo).orElseThrow().design());

        assertThat(lots).isNotEmpty().allSatisfy(CutPlansTest::sound);
        assertThat(lots).allSatisfy(l -> assertThat(l.laid()).allMatch(l::possible));
    }

    /// The side walls of a teardrop leave corners and doors, from which smaller panels are cut.
    @Test
    void wasteOfShapedPiecesIsUsed() {
        List<Lot> lots = lots(Campers.demo("dunlin").orElseThrow().design());

        assertThat(lots.stream().flatMap(l -> l.laid().stream()).flatMap(l -> l.puts().stream())
                .filter(p -> p.within() >= 0)).isNotEmpty();
    }

    @Nested
    class Stocks {
        /// Six pieces: plates of 3 m and studs; sticks of 6 m at 10 only: what they cost is a multiple of ten.
        @Test
        void whatTheShopSellsIsBoughtAndNothingElse() {
            Design d = stocked(wall(), stick("s", 6.0, 10, OptionalDouble.empty(), false));

            Lot lot = timber(d);

            sound(lot);
            assertThat(lot.proven()).isTrue();
            assertThat(lot.laid()).allMatch(l -> l.source().stock().equals("s"));
            double length = lot.pieces().stream().mapToDouble(CutPiece::length).sum();
            assertThat(lot.cost()).isEqualTo(10 * Math.ceil(length / 6.0));
        }

        /// Offcuts as long as the studs cost nothing: only the plates are bought.
        @Test
        void offcutsAreFreeAndSaveWhatTheyReplace() {
            Design bought = stocked(wall(), stick("s", 3.1, 7, OptionalDouble.empty(), false));
            double stud = timber(bought).pieces().stream().mapToDouble(CutPiece::length).min().orElseThrow();
            Design d = stocked(wall(), stick("s", 3.1, 7, OptionalDouble.empty(), false),
                    stick("own", stud, 0, OptionalDouble.of(4), true));

            Lot lot = timber(d);

            sound(lot);
            assertThat(lot.cost()).isEqualTo(14);
            assertThat(lot.bought()).isEqualTo(2);
            assertThat(lot.saved().orElseThrow()).isCloseTo(timber(bought).cost() - 14, within(0.005));
        }

        /// A section lies either way; another thickness is another ware.
        @Test
        void onlyWhatIsOfTheSizeIsUsed() {
            Stock turned = new Stock("t", Stock.Form.STICK, Substance.SOFTWOOD, 6, 0.03, 0.04, OptionalDouble.empty(),
                    false, "", 9, "");

            assertThat(timber(stocked(wall(), turned)).laid()).allMatch(l -> l.source().stock().equals("t"));
            Stock nominal = turned.withWidth(0.038).withThick(0.03);
            Design d = stocked(wall(), nominal);
            assertThat(timber(d).laid()).noneMatch(l -> l.source().stock().equals("t"));
            assertThat(raises(d, StockRules.NEARLY)).isTrue();
            everyRemedyMends(Analysis.of(d), StockRules.NEARLY);
        }

        @Test
        void noStickLongEnoughIsSaidAndTheRestIsPlanned() {
            Design d = stocked(wall(), stick("s", 2.0, 4, OptionalDouble.empty(), false));

            Lot lot = timber(d);

            sound(lot);
            assertThat(lot.left()).hasSize(2);
            assertThat(lot.laid()).isNotEmpty();
            assertThat(raises(d, CutRules.LONG)).isTrue();
        }

        @Test
        void nothingInStockAtAllIsSaid() {
            Design d = stocked(wall(), stick("s", 6.0, 4, OptionalDouble.of(0), false));

            assertThat(timber(d).left()).hasSize(6);
            assertThat(timber(d).cost()).isZero();
            assertThat(raises(d, CutRules.LONG)).isTrue();
        }

        @Test
        void usualSizesAreActualOnes() {
            assertThat(UsualStock.all()).hasSizeGreaterThan(15).allSatisfy(u -> {
                Stock s = u.stock("x");
                assertThat(s.price()).as(u.label()).isBetween(0.5, 300.0);
                assertThat(s.width()).isGreaterThanOrEqualTo(s.thick());
                assertThat(s.length()).isGreaterThanOrEqualTo(s.width());
            });
            assertThat(UsualStock.all().stream().filter(u -> u.label().startsWith("2 × 4")).findFirst().orElseThrow()
                    .width()).isEqualTo(0.089);
        }
    }

    @Nested
    class Hands {
        private static Design sticks() {
            return stocked(wall(), stick("s", 3.6, 5, OptionalDouble.empty(), false));
        }

        /// A stud carried to another stick: both are kept, everything is still cut once, and it costs no less.
        @Test
        void aPieceIsLaidElsewhereAndTheWasteFollows() {
            Design d = stocked(wall(), stick("s", 8.5, 12, OptionalDouble.empty(), false));
            Lot lot = timber(d);
            CutBoard board = CutBoard.of(lot);
            CutBoard.Spot stud = board.spots().stream().filter(s -> s.wide() < 2.5).findFirst().orElseThrow();
            Design by = board.carried(stud, 1).or(() -> board.carried(stud, -1)).orElseThrow().apply(d);

            Lot after = timber(by);

            sound(after);
            assertThat(after.laid()).filteredOn(Lot.Laid::kept).isNotEmpty();
            assertThat(after.free().orElseThrow()).isCloseTo(lot.cost(), within(0.005));
            assertThat(after.cost()).isGreaterThanOrEqualTo(lot.cost() - 0.005);
            assertThat(by.workshop().kept()).isNotEmpty().allMatch(h -> !h.cut());
        }

        @Test
        void whatIsKeptStaysWhenTheDesignChanges() {
            Design d = sticks();
            Lot lot = timber(d);
            Design kept = ByHand.kept(lot, 0, true).apply(d);
            List<Double> before = lengths(lot, lot.laid().getFirst());
            Carcass.Framing more = new Carcass.Framing(List.of(0.02, 0.5, 1.0, 1.5, 2.0, 2.9), 0.04, 0.03, false);
            Design changed = kept.with(kept.base().withCarcass(kept.base().carcass().with(Carcass.Face.LEFT,
                    Optional.of(more))));

            Lot after = timber(changed);

            sound(after);
            assertThat(after.pieces()).hasSize(8);
            assertThat(lengths(after, after.laid().getFirst())).isEqualTo(before);
            Design free = ByHand.kept(after, 0, false).apply(changed);
            assertThat(free.workshop().kept()).isEmpty();
        }

        private static List<Double> lengths(Lot lot, Lot.Laid l) {
            return l.puts().stream().map(p -> lot.pieces().get(p.piece()).length()).toList();
        }

        /// 3.6 m less a plate of 3 m and a kerf of 3 mm: 0.597 m go to the stock.
        @Test
        void aCutStickLeavesItsRestInTheStock() {
            Design d = sticks();
            Lot lot = timber(d);
            int plate = IntStream.range(0, lot.laid().size()).filter(i -> lot.laid().get(i).puts().size() == 1
                    && lot.laid().get(i).puts().getFirst().along() > 2.5).findFirst().orElseThrow();
            double along = lot.laid().get(plate).puts().getFirst().along();

            Design cut = ByHand.cut(lot, plate, 0.25, "left over").apply(d);

            Stock rest = cut.workshop().stock().getLast();
            assertThat(rest.own()).isTrue();
            assertThat(rest.length()).isCloseTo(3.6 - along - 0.003, within(1e-9));
            assertThat(rest.place()).isEqualTo("left over");
            Lot after = timber(cut);
            sound(after);
            assertThat(after.laid()).filteredOn(Lot.Laid::cut).hasSize(1);
            assertThat(after.cost()).isCloseTo(lot.cost(), within(0.005));
            CutBoard board = CutBoard.of(after);
            CutBoard.Spot fixed = board.spots().stream().filter(s -> after.laid().get(s.laid()).cut()).findFirst()
                    .orElseThrow();
            assertThat(board.carried(fixed, 1)).isEmpty();
        }

        @Test
        void whatIsNotWantedAnyMoreIsSaidAndCanBePlannedAnew() {
            Design d = sticks();
            HandPlan old = new HandPlan(Stock.Form.STICK, Substance.SOFTWOOD, 3.6, 0.04, 0.03, false, false,
                    List.of(new HandPlan.Laid(0, 0, 1.234, 0)));
            Design odd = d.with(d.workshop().withKept(List.of(old)));

            assertThat(timber(odd).gone()).isEqualTo(1);
            Finding f = Analysis.of(odd).findings().stream().filter(x -> x.rule() == CutRules.GONE).findFirst()
                    .orElseThrow();
            Design mended = Remedies.of(Analysis.of(odd), f).getFirst().edit().apply(odd);
            assertThat(timber(mended).gone()).isZero();
        }

        /// Two pieces of 2 m do not come from 3.6 m, whatever a file says.
        @Test
        void whatCannotBeCutIsSaid() {
            Design d = sticks();
            List<Double> studs = timber(d).pieces().stream().map(CutPiece::length).filter(l -> l < 2.5).toList();
            List<HandPlan.Laid> many = new ArrayList<>();
            studs.forEach(l -> many.add(new HandPlan.Laid(0, 0, l, 0)));
            Design odd = d.with(d.workshop().withKept(List.of(new HandPlan(Stock.Form.STICK, Substance.SOFTWOOD, 3.6,
                    0.04, 0.03, false, false, many))));

            assertThat(raises(odd, CutRules.HAND)).isTrue();
            assertThat(raises(d, CutRules.HAND)).isFalse();
        }

        /// On a sheet a piece snaps to the edge and to its neighbours, and is not laid over another.
        @Test
        void piecesOfSheetsSnapAndDoNotOverlap() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            Lot lot = lots(d).stream().filter(l -> l.ware().sheet() && l.laid().size() > 1
                    && l.laid().getLast().puts().size() == 1).findFirst().orElseThrow();
            int last = lot.laid().size() - 1;
            Lot.Put p = lot.laid().get(last).puts().getFirst();

            ByHand.Landing corner = ByHand.land(lot, last, 0, last, 0.02, 0.03, false);
            ByHand.Landing over = ByHand.land(lot, last, 0, 0, lot.laid().getFirst().puts().getFirst().x() + 0.1,
                    lot.laid().getFirst().puts().getFirst().y() + 0.1, false);
            ByHand.Landing outside = ByHand.land(lot, last, 0, last, 5, 0, false);

            assertThat(corner.x()).isEqualTo(lot.trim());
            assertThat(corner.y()).isEqualTo(lot.trim());
            assertThat(corner.free()).isTrue();
            assertThat(over.free()).isFalse();
            assertThat(outside.free()).isFalse();
            Lot after = Analysis.of(ByHand.moved(lot, last, 0, last, corner).apply(d)).of(CutPlans.DISCIPLINE)
                    .lot(lot.id()).orElseThrow();
            sound(after);
            assertThat(after.laid()).filteredOn(Lot.Laid::kept).singleElement()
                    .satisfies(l -> assertThat(l.puts().getFirst().along()).isCloseTo(p.along(), within(1e-9)));
        }
    }
}
