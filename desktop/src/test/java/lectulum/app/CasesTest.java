package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The table of load cases: rain, fills, what is never driven, what is derived again.
class CasesTest extends WindowTest {
    @Override
    String start() {
        return "demo:chamois";
    }

    @BeforeEach
    void turn() {
        robot.clickOn("#stage-balance");
        robot.rest();
    }

    private double mass(String id) {
        return state().analysis().of(Balance.DISCIPLINE).state(id).map(LoadedState::mass).orElseThrow();
    }

    private LoadCase loadCase(String id) {
        return state().project().design().loadCase(id);
    }

    @Test
    void rainMakesTentAndAwningHeavier() {
        Project before = state().project();
        double dry = mass("homeward");
        double tents = thing("roof-tent").mass().value() + thing("awning").mass().value();

        enter("#case-homeward-wet", "100");

        assertThat(loadCase("homeward").wet()).isEqualTo(1);
        // 30 % of the cloth, whatever else is aboard
        assertThat(mass("homeward") - dry).isCloseTo(0.3 * tents, within(1e-6));
        assertThat(mass("wet")).isCloseTo(mass("homeward"), within(1e-6));
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void moreThanSoakedAndOtherNonsenseIsRefused() {
        Project before = state().project();
        for (String nonsense : new String[]{"120", "-1", "wet", "50 kg"}) {
            enter("#case-wet-wet", nonsense);
            assertThat(state().project()).as(nonsense).matches(before::equals);
            robot.type(KeyCode.ESCAPE);
        }
    }

    @Test
    void aCaseThatIsNeverDrivenIsNoLongerJudged() {
        click("#case-add");
        String id = state().project().design().cases().getLast().id();
        enter("#case-" + id + "-gear", "1");
        enter("#case-" + id + "-food", "0");
        boolean judged = state().analysis().of(Balance.DISCIPLINE).state(id).orElseThrow().trip();
        assertThat(judged).isTrue();
        assertThat(robot.lookup("#case-" + id + "-driven").queryAs(CheckBox.class).isSelected()).isTrue();

        click("#case-" + id + "-driven");

        assertThat(loadCase(id).parked()).isTrue();
        assertThat(state().analysis().of(Balance.DISCIPLINE).state(id).orElseThrow().trip()).isFalse();
        robot.clickOn("#undo");
        robot.rest();
        assertThat(loadCase(id).parked()).isFalse();
        assertThat(robot.lookup("#case-" + id + "-driven").queryAs(CheckBox.class).isSelected()).isTrue();
    }

    @Test
    void theTableFollowsTheUnits() {
        String kilograms = text("#cell-balance-departure-mass");
        robot.clickOn("#units-us");
        robot.rest();

        assertThat(text("#cell-balance-departure-mass")).isNotEqualTo(kilograms);
        assertThat(text("#load-cases-title")).endsWith("lb");
        robot.clickOn("#units-metric");
        robot.rest();
        assertThat(text("#cell-balance-departure-mass")).isEqualTo(kilograms);
    }

    @Test
    void aChosenCaseIsTheOneOnTheTally() {
        String departure = text("#tally-loaded");

        robot.interact(() -> window().bench().setLoadCase(loadCase("empty")));
        robot.rest();

        assertThat(text("#tally-loaded")).isNotEqualTo(departure);
    }
}
