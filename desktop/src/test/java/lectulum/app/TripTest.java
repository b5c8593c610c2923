package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import lectulum.design.Project;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.figures.Stage;
import lectulum.trip.Outings;
import lectulum.trip.Rehearsals;
import lectulum.trip.TripRules;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// A trip planned, scrubbed through and mended in the window.
class TripTest extends WindowTest {
    @BeforeEach
    void turn() {
        robot.interact(() -> window().turnTo(Stage.TRIP, "trip"));
        robot.rest();
    }

    private Rehearsals rehearsals() {
        return state().analysis().of(Rehearsals.DISCIPLINE);
    }

    private List<Outing> own() {
        return state().project().design().outings();
    }

    private List<String> texts() {
        return window().root().lookupAll(".label").stream()
                .map(n -> ((javafx.scene.control.Labeled) n).getText()).filter(java.util.Objects::nonNull).toList();
    }

    @Test
    void aTripOfOnesOwnIsPlannedDayByDay() {
        Project before = state().project();
        click("#trip-own");
        assertThat(own()).hasSize(1);
        int days = own().getFirst().days().size();
        click("#trip-more");
        assertThat(own().getFirst().days()).hasSize(days + 1);

        ComboBox<Integer> day = combo("#trip-day");
        robot.interact(() -> day.setValue(1));
        robot.rest();
        enter("#field-warmer-than-usual-k-trip", "-12");
        enter("#field-water-of-the-usual-trip", "150");
        robot.interact(() -> robot.lookup("#field-filled-up-in-the-morning-trip").queryAs(CheckBox.class).fire());
        robot.rest();
        OutingDay second = own().getFirst().days().get(1);
        assertThat(second.warmer()).isCloseTo(-12, within(1e-9));
        assertThat(second.use()).isCloseTo(1.5, within(1e-9));
        assertThat(second.fills()).isTrue();
        assertThat(rehearsals().all().getFirst().outing().id()).isEqualTo(own().getFirst().id());

        click("#trip-fewer");
        click("#trip-remove");
        assertThat(own()).isEmpty();
        undoTo(before);
    }

    @Test
    void scrubbingShowsWhatIsSoThen() {
        Slider slider = robot.lookup("#trip-hour").queryAs(Slider.class);
        robot.interact(() -> slider.setValue(0));
        robot.rest();
        assertThat(texts()).anyMatch(t -> t.contains("day 1, 1 o'clock"));
        robot.interact(() -> slider.setValue(60));
        robot.rest();
        assertThat(texts()).anyMatch(t -> t.contains("day 3, 13 o'clock"));
    }

    @Test
    void anotherTripIsLookedAtWithoutChangingAnything() {
        Project before = state().project();
        ComboBox<String> trips = combo("#trips");
        robot.interact(() -> trips.setValue(Outings.HARD));
        robot.rest();
        assertThat(texts()).anyMatch(t -> t.equals("A hard week: cold, dark, full house"));
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void whatFailsFirstIsMendedOnTheWay() {
        Project before = state().project();
        assertThat(state().analysis().findings()).anyMatch(f -> f.rule() == TripRules.FRESH);
        settle();
        javafx.scene.Parent box = robot.from(window().root())
                .lookup((javafx.scene.Node n) -> "finding-rehearsal.fresh".equals(n.getId())).query();
        javafx.scene.control.Button remedy = box.lookupAll(".link").stream()
                .map(javafx.scene.control.Button.class::cast)
                .filter(b -> b.getText().startsWith("Try")).findFirst().orElseThrow();
        robot.interact(remedy::fire);
        robot.rest();
        robot.clickOn("#trial-keep");
        robot.rest();
        assertThat(own()).hasSize(1);
        assertThat(state().analysis().findings()).noneMatch(f -> f.rule() == TripRules.FRESH);
        undoTo(before);
    }

    @SuppressWarnings("unchecked")
    private <T> ComboBox<T> combo(String id) {
        return robot.lookup(id).queryAs(ComboBox.class);
    }
}
