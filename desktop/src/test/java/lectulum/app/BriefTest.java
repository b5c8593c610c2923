package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import lectulum.analysis.Analysis;
import lectulum.brief.Tiers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Candidate;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Skill;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Wish;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;

/// The pages of the brief: what is asked, what each wish costs, concepts, proposals, bases.
class BriefTest extends WindowTest {
    private Brief brief() {
        return state().project().design().brief();
    }

    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.BRIEF, page));
        robot.rest();
    }

    /// Presses a button wherever the page is scrolled to.
    private void press(String id) {
        Button button = robot.lookup(id).queryAs(Button.class);
        robot.interact(button::fire);
        robot.rest();
    }

    private String shown(String id) {
        return robot.lookup(id).queryAs(Label.class).getText().replace('\u00a0', ' ');
    }

    @Test
    void whatIsTypedStandsInTheBriefAndIsHeldAgainstTheCamper() {
        turn("needs");
        Project before = state().project();

        enter("#field-door-height", "2.40 m");
        assertThat(brief().kept().height()).isEqualTo(OptionalDouble.of(2.40));
        assertThat(shown("#demand-door")).contains("too high for the door");
        assertThat(state().analysis().findings()).anyMatch(f -> f.id().equals("out.limit.garage"));
        enter("#field-coldest-night", "-12");
        enter("#field-towed-in-a-year", "9000 km");
        assertThat(brief().travel().coldest()).hasValue(-12);
        assertThat(brief().travel().distance()).isEqualTo(9e6);
        choose("#field-worst-ground", Terrain.TRACK);
        assertThat(shown("#demand-ground")).contains("too low");
        undoTo(before);
        assertThat(brief().kept().height()).isEmpty();
    }

    @Test
    void dogsSkillsAndSecondUsesComeAndGo() {
        turn("needs");
        Project before = state().project();

        press("#add-dog");
        press("#add-use-hut");
        assertThat(brief().dogs()).hasSize(1);
        assertThat(brief().uses().stream().map(SecondUse::kind)).contains(SecondUse.Kind.HUT);
        enter("#field-height-at-the-shoulder-dog-1", "0.62 m");
        assertThat(brief().dogs().getFirst().height()).isEqualTo(0.62);
        robot.interact(() -> robot.lookup("#field-welding").queryAs(javafx.scene.control.CheckBox.class).fire());
        robot.rest();
        assertThat(brief().effort().has(Skill.WELD)).isTrue();
        press("#dog-out-1");
        assertThat(brief().dogs()).isEmpty();
        undoTo(before);
    }

    @Test
    void nonsenseIsRefusedOnTheBrief() {
        turn("needs");
        Project before = state().project();

        for (String nonsense : new String[]{"warm", "400", "-400"}) {
            enter("#field-coldest-night", nonsense);
            assertThat(state().project()).as(nonsense).isSameAs(before);
        }
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void aWishSwitchedChangesTheTotalsAsAFreshAnalysisWould() {
        turn("wishes");
        Project before = state().project();
        String full = shown("#tier-full-0");

        robot.interact(() -> robot.lookup("#wish-toilet-not").queryAs(javafx.scene.control.ToggleButton.class).fire());
        robot.rest();

        assertThat(brief().wish(Ability.TOILET)).isEqualTo(Wish.NOT);
        assertThat(shown("#tier-full-0")).isNotEqualTo(full);
        Design d = state().project().design();
        double mass = Analysis.of(Tiers.tier(d, Tiers.Tier.FULL)).figures().find("balance.departure.mass")
                .orElseThrow().value().orElseThrow();
        assertThat(shown("#tier-full-0")).isEqualTo(lectulum.units.Units.text(mass, lectulum.units.Quantity.MASS,
                state().style()).replace('\u00a0', ' '));
        undoTo(before);
        assertThat(shown("#tier-full-0")).isEqualTo(full);
    }

    @Test
    void conceptsAreComparedSortedAndOpened() {
        turn("concepts");
        until(window()::settled);
        Project before = state().project();

        assertThat(shown("#concept-teardrop-mass")).endsWith("kg");
        assertThat(shown("#concept-full-height-inside")).endsWith("m");
        String score = shown("#concept-score-low-tray");
        enter("#field-weight-of-the-loaded-mass", "10");
        assertThat(shown("#concept-score-low-tray")).isNotEqualTo(score);
        choose("#concepts-order", lectulum.brief.Measure.COST);
        press("#concept-open-lifting-roof");

        assertThat(state().project().variant().name()).isEqualTo("Lifting roof");
        assertThat(state().project().design().base().carcass().lift()).isPresent();
        assertThat(state().project().variants()).hasSize(before.variants().size() + 1);
        undoTo(before);
    }

    @Test
    void aWayOfBuildersIsTakenAndUndone() {
        turn("schools");
        Project before = state().project();
        until(() -> window().settled() && robot.lookup("#school-take-shade-plain").tryQuery().isPresent());

        assertThat(shown("#school-brakes-without-mass")).isEqualTo("−18 kg");
        assertThat(shown("#school-spare-outside-mass")).isEqualTo(lectulum.units.Units.text(
                state().analysis().figures().find("balance.departure.mass").orElseThrow().value().orElseThrow(),
                lectulum.units.Quantity.MASS, state().style()).replace('\u00a0', ' '));
        press("#school-take-brakes-without");
        assertThat(state().project().design().base().axle().braked()).isFalse();
        assertThat(state().analysis().findings()).anyMatch(f -> f.id().equals("brakes.needed"));
        undoTo(before);
    }

    @Test
    void theWishesLeadToWhatBuildersDifferAbout() {
        turn("wishes");

        press("#to-schools");

        until(() -> robot.lookup("#school-take-height-lift").tryQuery().isPresent());
    }

    @Test
    void threeAnswersAreDrawnAndOneIsKept() {
        turn("proposals");
        Project before = state().project();

        press("#propose");
        until(() -> robot.lookup("#proposal-keep-light").tryQuery().isPresent());
        assertThat(robot.lookup("#propose").queryAs(Button.class).isDisabled()).as("it goes on").isTrue();
        press("#propose-stop");
        until(() -> robot.lookup("#proposal-keep-comfortable").tryQuery().isPresent());

        for (String taste : List.of("light", "cheap", "comfortable")) {
            assertThat(shown("#proposal-" + taste)).isNotBlank();
            assertThat(shown("#proposal-" + taste + "-mass")).endsWith("kg");
        }
        press("#proposal-keep-cheap");
        assertThat(state().project().variant().name()).isEqualTo("The cheap one");
        assertThat(state().analysis().findings()).noneMatch(f -> f.open()
                && f.severity() == lectulum.figures.Severity.STOP);
        undoTo(before);
    }

    @Test
    void aBaseIsAddedInspectedPickedAndTakenOut() {
        turn("bases");
        Project before = state().project();

        press("#base-add");
        Candidate added = brief().candidates().getLast();
        enter("#field-price-" + added.id(), "1500");
        assertThat(brief().candidates().getLast().price()).isEqualTo(1500);
        choose("#fault-" + added.id() + "-thin_wall", (Object) Candidate.Seen.BAD);
        assertThat(shown("#base-left-" + added.id())).isEqualTo("Ruled out");
        choose("#fault-" + added.id() + "-thin_wall", (Object) Candidate.Seen.GOOD);
        assertThat(shown("#base-left-" + added.id())).contains("left with the planned build");
        press("#base-pick-" + added.id());
        assertThat(state().project().design().base().empty().mass()).isEqualTo(added.mass());
        press("#base-out-" + added.id());
        assertThat(brief().candidates()).hasSize(before.design().brief().candidates().size());
        undoTo(before);
    }

    @Test
    void nobodyAndNoBudgetLeaveNoPageEmpty() {
        robot.interact(() -> window().bench().edit("nobody",
                d -> d.with(d.brief().withPeople(List.of()).withBudget(OptionalDouble.empty()))));
        for (String page : List.of("needs", "wishes", "concepts", "height", "bases", "proposals")) {
            turn(page);
            assertThat(robot.lookup(".label").queryAllAs(Label.class).stream().filter(WindowTest::seen).count())
                    .as(page).isGreaterThan(8);
        }
        assertThat(state().analysis().findings()).anyMatch(f -> f.id().equals("brief.nobody"));
    }
}
