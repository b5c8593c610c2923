package lectulum.layout.storage;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Soils.Soil;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.space.Solid;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// What is wet, foul or smells of fuel lies in no store with what people eat, drink or sleep in.
class ApartTest {
    private static Thing store(String id, double x) {
        return thing(id, 10, x, 0).with(new Size(0.6, 0.6, 0.5))
                .with(new Feature.Store(0.56, 0.56, 0.46, 40, 0.85));
    }

    private static Thing in(String id, SystemGroup system, double x) {
        return thing(id, 1, x, 0).with(new Size(0.2, 0.2, 0.15)).with(new Placement(x, 0, 0.1, 0)).with(system)
                .with(Role.GEAR).with(Mount.STOWED);
    }

    private static final Thing BLANKET = in("blanket", SystemGroup.SLEEPING, 0.5);
    private static final Thing BOOTS = in("boots", SystemGroup.CARGO, 0.5);

    private static List<Finding> apart(Design d) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule() == StorageRules.STORAGE_APART).toList();
    }

    private static Thing hose(Plumbed.Hose.Water water) {
        return in("hose", SystemGroup.WATER, 0.5).with(new Plumbed.Hose(water, 1, 0.02, true));
    }

    static Stream<Arguments> soiled() {
        return Stream.of(Arguments.of(BOOTS.with(new Feature.Soils(Soil.WET, false)), Severity.NOTE),
                Arguments.of(BOOTS.with(new Feature.Soils(Soil.FOUL, false)), Severity.WARN),
                Arguments.of(hose(Plumbed.Hose.Water.WASTE), Severity.WARN),
                Arguments.of(BOOTS.with(new Tank(Tank.Use.GREY, 0.01)), Severity.WARN),
                Arguments.of(BOOTS.with(new Tank(Tank.Use.PETROL, 0.005)), Severity.WARN));
    }

    @ParameterizedTest
    @MethodSource("soiled")
    void itIsSaidOfTheStoreThatBothLieIn(Thing soiled, Severity severity) {
        Finding f = apart(box(store("chest", 0.5), BLANKET, soiled)).getFirst();

        assertThat(f.severity()).isEqualTo(severity);
        assertThat(f.id()).isEqualTo("storage.apart." + soiled.id());
        assertThat(f.things()).containsExactly(soiled.id(), "blanket");
        assertThat(f.detail().text(Style.PLAIN)).contains("chest");
    }

    @ParameterizedTest
    @MethodSource("soiled")
    void inAStoreOfItsOwnNothingIsSaid(Thing soiled, Severity severity) {
        Thing apart = soiled.with(new Placement(1.6, 0, 0.1, 0));

        assertThat(apart(box(store("chest", 0.5), store("other", 1.6), BLANKET, apart))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("soiled")
    void theOtherStoreIsTheFirstRemedy(Thing soiled, Severity severity) {
        Design d = box(store("chest", 0.5), store("other", 1.6), BLANKET, soiled);
        List<Remedy> remedies = Remedies.of(Analysis.of(d), apart(d).getFirst());

        assertThat(remedies.getFirst().says().text(Style.PLAIN)).contains("other");
        Design then = remedies.getFirst().edit().apply(d);
        assertThat(apart(then)).isEmpty();
        assertThat(Keeping.of(then).home().get(soiled.id())).isEqualTo("other");
    }

    @Test
    void aStoreWithFoodInItIsNone() {
        Thing bread = in("bread", SystemGroup.CARGO, 1.6).with(Role.PROVISIONS);
        Design d = box(store("chest", 0.5), store("other", 1.6), BLANKET, bread, hose(Plumbed.Hose.Water.WASTE));

        assertThat(Remedies.of(Analysis.of(d), apart(d).getFirst())).extracting(r -> r.says().text(Style.PLAIN))
                .noneMatch(s -> s.contains("other")).anyMatch(s -> s.contains("a box that shuts"));
    }

    @Test
    void whatIsInABoxThatShutsMayLieAnywhere() {
        assertThat(apart(box(store("chest", 0.5), BLANKET, BOOTS.with(new Feature.Soils(Soil.FOUL, true))))).isEmpty();
        assertThat(apart(box(store("chest", 0.5), BLANKET,
                hose(Plumbed.Hose.Water.WASTE).with(new Feature.Soils(Soil.FOUL, true))))).isEmpty();
    }

    /// A hose that fills the tank belongs to what must stay clean.
    @Test
    void theTwoHosesLieApart() {
        Thing fill = in("fill", SystemGroup.WATER, 0.5)
                .with(new Plumbed.Hose(Plumbed.Hose.Water.DRINKING, 5, 0.0125, false));

        assertThat(apart(box(store("chest", 0.5), fill, hose(Plumbed.Hose.Water.WASTE)))).hasSize(1);
        assertThat(apart(box(store("chest", 0.5), fill, BOOTS))).isEmpty();
    }

    @Test
    void wetThingsMayLieWithTools() {
        assertThat(apart(box(store("chest", 0.5), in("tools", SystemGroup.CARGO, 0.5),
                BOOTS.with(new Feature.Soils(Soil.WET, false))))).isEmpty();
    }

    @Test
    void aWasteHoseGetsATubeUnderTheFloorClearOfTheWheels() {
        Design d = box(store("chest", 0.5), BLANKET, hose(Plumbed.Hose.Water.WASTE).with(new Size(0.5, 0.08, 0.08)));
        Remedy tube = Remedies.of(Analysis.of(d), apart(d).getFirst()).stream()
                .filter(r -> r.says().text(Style.PLAIN).contains("tube")).findFirst().orElseThrow();
        Design then = tube.edit().apply(d);
        Thing hung = then.thing("hose-tube").orElseThrow();

        assertThat(Keeping.of(then).home().get("hose")).isEqualTo("hose-tube");
        assertThat(hung.place().z() + hung.size().height()).isLessThanOrEqualTo(-d.base().floor() + 1e-9);
        double reaches = Solid.of(hung.size(), hung.place()).reachX();
        assertThat(Math.abs(hung.place().x() - d.base().axle().x()) - reaches).isGreaterThan(0.4);
        assertThat(apart(then)).isEmpty();
    }
}
