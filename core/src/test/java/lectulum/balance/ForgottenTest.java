package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.thing.Role;
import lectulum.design.thing.SystemGroup;
import lectulum.kernel.statics.Part;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;

/// Glue, screws and wire that nobody lists.
class ForgottenTest {
    /// 200 kg of furniture by hand, 30 kg of bought batteries, 20 kg of packed chairs.
    private static Design design(double share) {
        Design d = box(thing("galley", 120, 1, 0).with(SystemGroup.GALLEY),
                thing("lining", 80, 1.5, 0).with(SystemGroup.STRUCTURE),
                thing("cells", 30, 0.5, 0).with(SystemGroup.ELECTRICAL),
                thing("chairs", 20, 2, 0).with(SystemGroup.SEATING).with(Role.GEAR));
        return d.with(d.settings().with("mass.forgotten", share));
    }

    private static double mass(Design d, LoadCase loadCase) {
        return LoadedState.of(d, loadCase).mass();
    }

    @Test
    void aShareOfWhatIsMadeByHandIsAdded() {
        // 5 % of 120 + 80; batteries and chairs are bought finished
        assertThat(Forgotten.made(design(0.05))).isEqualTo(200);
        assertThat(mass(design(0.05), LoadCase.DRY) - mass(design(0), LoadCase.DRY)).isCloseTo(10, within(1e-9));
    }

    @Test
    void nothingIsForgottenOnABareBase() {
        assertThat(mass(design(0.05), LoadCase.BARE)).isEqualTo(mass(design(0), LoadCase.BARE));
    }

    @Test
    void itActsInTheMiddleOfTheBodyAndIsUnsure() {
        Part part = LoadedState.of(design(0.05), LoadCase.DRY).parts().stream()
                .filter(p -> p.thing().equals(Forgotten.ID)).findFirst().orElseThrow();

        // tongue 1.2 m and half of 3.0 m; 60 % of 10 kg; a quarter of 3.0 m
        assertThat(part.x()).isCloseTo(2.7, within(1e-9));
        assertThat(part.y()).isZero();
        assertThat(part.u()).isCloseTo(6, within(1e-9));
        assertThat(part.ux()).isCloseTo(0.75, within(1e-9));
    }

    @Test
    void itWidensTheInterval() {
        double without = LoadedState.of(design(0), LoadCase.DRY).certainty().mass();

        assertThat(LoadedState.of(design(0.05), LoadCase.DRY).certainty().mass())
                .isCloseTo(Math.hypot(without, 6), within(1e-9));
    }

    @Test
    void itCannotBeWeighedNextByItself() {
        Design d = design(0.30);

        LoadedState state = LoadedState.of(d, LoadCase.DRY);

        assertThat(state.certainty().next()).isPresent();
        assertThat(state.certainty().next().orElseThrow().thing()).isNotEqualTo(Forgotten.ID);
    }

    @Test
    void theLoadedMassSaysHowMuchOfItIsForgotten() {
        var figure = Balance.of(design(0.05)).figures().find("balance.dry.mass").orElseThrow();

        assertThat(figure.working().notes()).anySatisfy(
                n -> assertThat(n.text(Style.PLAIN)).contains(Units.text(10, Quantity.MASS, Style.PLAIN))
                        .contains("forgotten things"));
    }

    @Test
    void nobodyWhoForgetsNothingIsTold() {
        var figure = Balance.of(design(0)).figures().find("balance.dry.mass").orElseThrow();

        assertThat(figure.working().notes()).noneSatisfy(
                n -> assertThat(n.text(Style.PLAIN)).contains("forgotten"));
    }
}
