package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What things look like.
class SymbolsTest {
    private static final double[] GROWN = {0.35, 0.6, 1, 1.7, 3};

    static Stream<Symbol> symbols() {
        return Symbols.all().stream();
    }

    static Stream<Thing> kinds() {
        return Catalogue.shipped().things().stream().filter(t -> t.mount() != Mount.SPREAD);
    }

    private static Form form(String symbol, double length, double width, double height) {
        return Symbols.form(Symbols.named(symbol).orElseThrow(), length, width, height, Set.of());
    }

    private static List<Shape> plan(Form form, Paint paint) {
        return form.seen(Facing.PLAN, 0).stream().filter(s -> s.paint() == paint).toList();
    }

    private static double[] extent(Shape s) {
        double[] x = Arrays.stream(s.points()).mapToDouble(p -> p[0]).sorted().toArray();
        double[] y = Arrays.stream(s.points()).mapToDouble(p -> p[1]).sorted().toArray();
        return new double[]{x[x.length - 1] - x[0], y[y.length - 1] - y[0]};
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindOfTheCatalogueHasASymbolOfItsOwn(Thing kind) {
        assertThat(Symbols.named(kind.symbol())).as(kind.id()).isPresent();
        assertThat(Symbols.of(kind).parts()).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("symbols")
    void aSymbolStaysInsideTheBoxOfItsThingInEveryView(Symbol symbol) {
        for (double l : GROWN) {
            for (double w : new double[]{0.02, 0.3, 1.1}) {
                for (double h : new double[]{0.02, 0.4, 1.9}) {
                    Form form = Symbols.form(symbol, l, w, h, Set.of());
                    assertThat(form.pieces()).as(symbol.name()).isNotEmpty();
                    for (Piece piece : form.pieces()) {
                        double[] b = piece.bounds();
                        assertThat(b[0]).isGreaterThan(-l / 2 - 1e-6);
                        assertThat(b[1]).isLessThan(l / 2 + 1e-6);
                        assertThat(b[2]).isGreaterThan(-w / 2 - 1e-6);
                        assertThat(b[3]).isLessThan(w / 2 + 1e-6);
                        assertThat(b[4]).isGreaterThan(-1e-6);
                        assertThat(b[5]).isLessThan(h + 1e-6);
                    }
                    inside(form.seen(Facing.PLAN, 0), l / 2, -w / 2, w / 2);
                    inside(form.seen(Facing.PLAN, Math.PI / 2), w / 2, -l / 2, l / 2);
                    inside(form.seen(Facing.SIDE, Math.PI), l / 2, 0, h);
                    inside(form.seen(Facing.BEHIND, 0), w / 2, 0, h);
                    inside(form.seen(Facing.AHEAD, Math.PI / 2), l / 2, 0, h);
                }
            }
        }
    }

    private static void inside(List<Shape> shapes, double half, double low, double high) {
        for (Shape s : shapes) {
            for (double[] p : s.points()) {
                assertThat(Math.abs(p[0])).isLessThan(half + 1e-6);
                assertThat(p[1]).isBetween(low - 1e-6, high + 1e-6);
            }
        }
    }

    /// A solid whose outline turned both ways would be drawn wrongly from some side.
    @ParameterizedTest
    @MethodSource("symbols")
    void solidsAreConvex(Symbol symbol) {
        for (Piece piece : Symbols.form(symbol, 1.2, 0.5, 0.6, Set.of()).pieces()) {
            if (piece instanceof Piece.Prism p) {
                double[][] o = p.outline();
                double way = 0;
                for (int i = 0; i < o.length; i++) {
                    double[] a = o[i];
                    double[] b = o[(i + 1) % o.length];
                    double[] c = o[(i + 2) % o.length];
                    double turn = (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
                    assertThat(way * turn).as(symbol.name()).isGreaterThanOrEqualTo(-1e-12);
                    way = Math.abs(turn) > 1e-12 ? Math.signum(turn) : way;
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.52, 0.9, 1.6})
    void aBurnerStaysRound(double length) {
        List<Shape> rings = plan(form("hob", length, 0.3, 0.09), Paint.STEEL);

        assertThat(rings).isNotEmpty().allSatisfy(s -> {
            assertThat(extent(s)[0]).isCloseTo(extent(s)[1], within(1e-9));
            assertThat(extent(s)[0]).isLessThan(0.2);
        });
    }

    /// Pillows are 0.36 m long wherever there is room, and there is one for each 0.64 m of width.
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 0.75, 1.25, 1.4, 1.9})
    void aPillowKeepsItsSizeAndEverySleeperHasOne(double width) {
        List<Shape> pillows = plan(form("mattress", 1.95, width, 0.1), Paint.PILLOW);

        assertThat(pillows).hasSize((int) Math.max(1, Math.round((width - 0.1) / 0.64)))
                .allSatisfy(p -> assertThat(extent(p)[0]).isCloseTo(0.36, within(1e-9)));
    }

    @Test
    void aCupboardGetsMoreDoorsAsItGrows() {
        assertThat(fronts(0.4)).isEqualTo(1);
        assertThat(fronts(0.8)).isEqualTo(2);
        assertThat(fronts(1.3)).isEqualTo(3);
        assertThat(fronts(2.1)).isEqualTo(5);
    }

    private static long fronts(double length) {
        return form("cupboard", length, 0.3, 0.32).seen(Facing.SIDE, Math.PI).stream()
                .filter(s -> s.paint() == Paint.FRONT).count();
    }

    @Test
    void aBedLiesAlongTheLongerSideWithItsHeadAtTheBeginning() {
        Thing across = thing("b", 10, 1, 0).with(new Size(1.4, 1.95, 0.1)).withSymbol("mattress");

        Posed posed = Symbols.posed(across, Mode.ROAD, Set.of()).orElseThrow();
        Shape pillow = posed.seen(Facing.PLAN).stream().filter(s -> s.paint() == Paint.PILLOW).findFirst()
                .orElseThrow();

        assertThat(posed.angle()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(Arrays.stream(pillow.points()).mapToDouble(p -> p[1]).max().orElseThrow())
                .as("at the left").isLessThan(-0.4);
    }

    @Test
    void aFrontLooksAwayFromTheNearerWallUnlessADoorSaysOtherwise() {
        Thing left = thing("c", 10, 1, -0.6).withSymbol("cupboard");
        Thing right = thing("c", 10, 1, 0.6).withSymbol("cupboard");
        Thing rear = right.with(new Feature.Door(Feature.Face.REAR, true, 1, 1));

        assertThat(angle(left)).isZero();
        assertThat(angle(right)).isCloseTo(Math.PI, within(1e-9));
        assertThat(angle(rear)).isCloseTo(3 * Math.PI / 2, within(1e-9));
    }

    private static double angle(Thing t) {
        return Symbols.posed(t, Mode.ROAD, Set.of()).orElseThrow().angle();
    }

    @Test
    void aThingWithoutSymbolLooksLikeWhatItIs() {
        Thing plain = thing("x", 10, 1, 0).named("Qwrt");

        assertThat(Symbols.of(plain).name()).isEqualTo("box");
        assertThat(Symbols.of(plain.with(new Tank(Tank.Use.GAS, 0.01))).name()).isEqualTo("gas-bottle");
        assertThat(Symbols.of(plain.withSolar(100)).name()).isEqualTo("solar");
        assertThat(Symbols.of(plain.named("My old Kettle")).name()).isEqualTo("kettle");
        assertThat(Symbols.of(plain.named("Table lamp").with(SystemGroup.ELECTRICAL)).name()).isEqualTo("lamp");
        assertThat(Symbols.of(plain.named("kettle").withSymbol("bicycle")).name()).isEqualTo("bicycle");
        assertThat(Symbols.of(plain.withSymbol("of another program")).name()).isEqualTo("box");
    }

    @Test
    void whatHasNoVolumeIsNotDrawn() {
        Thing flat = thing("x", 10, 1, 0).with(new Size(1, 0, 1));

        assertThat(Symbols.posed(flat, Mode.ROAD, Set.of())).isEqualTo(Optional.empty());
        assertThat(Symbols.posed(flat.with(new Size(Double.NaN, 1, 1)), Mode.ROAD, Set.of())).isEmpty();
    }

    /// The galley shows a sink unless one is set into it.
    @Test
    void aGalleyShowsNoSecondSink() {
        Thing galley = thing("g", 40, 1, -0.6).with(new Size(1.2, 0.5, 0.9)).withSymbol("galley");
        Thing sink = thing("s", 2, 0.8, -0.6).with(new Size(0.35, 0.3, 0.1)).with(Mount.STOWED)
                .with(new Placement(0.8, -0.6, 0.82, 0)).withSymbol("sink");
        Thing elsewhere = sink.with(new Placement(2.5, 0.5, 0.3, 0));

        Company with = Company.of(List.of(galley, sink), Mode.ROAD);
        Company without = Company.of(List.of(galley, elsewhere), Mode.ROAD);

        assertThat(with.guests()).containsExactly("s");
        assertThat(without.guests()).isEmpty();
        assertThat(bowls(galley, with)).isZero();
        assertThat(bowls(galley, without)).isPositive();
    }

    private static long bowls(Thing galley, Company company) {
        return Symbols.posed(galley, Mode.ROAD, company.of(galley)).orElseThrow().seen(Facing.PLAN).stream()
                .filter(s -> s.paint() == Paint.STEEL && s.points()[0][0] < 0).count();
    }

    @Test
    void aTurnedThingIsSeenFromItsOtherSide() {
        Form form = form("fridge", 0.5, 0.45, 0.6);
        double[] straight = extent(form.seen(Facing.BEHIND, 0).getFirst());
        double[] turned = extent(form.seen(Facing.BEHIND, Math.PI / 2).getFirst());
        double[] askew = extent(form.seen(Facing.BEHIND, Math.PI / 4).getFirst());

        assertThat(straight[0]).isCloseTo(0.45, within(1e-9));
        assertThat(turned[0]).isCloseTo(0.5, within(1e-9));
        assertThat(askew[0]).isCloseTo((0.5 + 0.45) / Math.sqrt(2), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "%", "10..", "a", "10%x", "1e9q"})
    void whatIsNoMeasureIsSaid(String text) {
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> Measure.parse(text)))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("is no measure");
    }

    @Test
    void aMeasureFollowsTheSizeOrDoesNot() {
        double[] size = {2, 1, 0.5};

        assertThat(Measure.parse("40").in(2, size)).isCloseTo(0.04, within(1e-12));
        assertThat(Measure.parse("50%-20").in(2, size)).isCloseTo(0.98, within(1e-12));
        assertThat(Measure.parse("90%|300").in(2, size)).isCloseTo(0.3, within(1e-12));
        assertThat(Measure.parse("90%|300").in(0.2, size)).isCloseTo(0.18, within(1e-12));
        assertThat(Measure.parse("10%l+10%w+10%h").in(9, size)).isCloseTo(0.35, within(1e-12));
    }
}
