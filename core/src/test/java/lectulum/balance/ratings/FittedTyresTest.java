package lectulum.balance.ratings;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.design.Design;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// Tyres by what is written on them.
class FittedTyresTest {
    private static Design fitted(Design d, String written) {
        return FittedTyres.of(d, written).orElseThrow().design();
    }

    /// 225 mm, 75 % of it twice over a rim of 15 in; 0.375 m: 225 · 0.75 · 2 + 381 = 718.5 mm.
    @Test
    void sizeIndexAndSymbolAreTakenAndTheRestStays() {
        Design d = box();
        Design after = fitted(d, "225/75R15 102Q");

        assertThat(after.base().axle().wheelDiameter()).isCloseTo(0.7185, within(1e-9));
        assertThat(after.base().axle().track()).isEqualTo(d.base().axle().track());
        assertThat(after.settings().assumed()).containsEntry("tyre.index", 102.0).containsEntry("tyre.passenger", 1.0)
                .containsEntry("tyre.speed", 160 / 3.6);
    }

    @Test
    void tyresForVansAreNotPassengerTyres() {
        Design passenger = fitted(box(), "225/75R15 102Q");

        assertThat(fitted(passenger, "185/80R14C 102/100R").settings().assumed()).doesNotContainKey("tyre.passenger");
    }

    @Test
    void anIndexThatIsNotWrittenStaysAndIsSaid() {
        Design d = fitted(box(), "225/75R15 102Q");
        FittedTyres next = FittedTyres.of(d, "205/75R14").orElseThrow();

        assertThat(next.design().settings().assumed()).containsEntry("tyre.index", 102.0);
        assertThat(next.says().text(Style.PLAIN)).contains("102 stays").contains("no speed symbol");
        assertThat(FittedTyres.of(d, "my old ones")).isEmpty();
    }
}
