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
import lectulum.standin.CampServer;
import lectulum.standin.TellingServer;
import lectulum.trip.TripRules;
import lectulum.trip.TrueCamp;
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

    /// By the keyboard too; the sheet shows who is where and how full everything is.
    @Test
    void theSheetFollowsTheHour() {
        Slider slider = robot.lookup("#trip-hour").queryAs(Slider.class);
        robot.interact(() -> {
            slider.setValue(29);
            slider.requestFocus();
        });
        robot.rest();
        byte[] night = picture();
        robot.press(javafx.scene.input.KeyCode.RIGHT).release(javafx.scene.input.KeyCode.RIGHT);
        robot.rest();
        assertThat(slider.getValue()).isEqualTo(30);
        assertThat(texts()).anyMatch(t -> t.contains("day 2, 7 o'clock"));
        robot.interact(() -> slider.setValue(37));
        robot.rest();

        assertThat(picture()).isNotEqualTo(night);
        assertThat(state().mode()).isEqualTo(lectulum.design.Mode.ROAD);
    }

    private byte[] picture() {
        javafx.scene.Node node = robot.lookup("#trip-picture").query();
        byte[][] png = new byte[1][];
        robot.interact(() -> {
            try {
                png[0] = lectulum.sheet.SheetPicture.encode(node.snapshot(null, null));
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        return png[0];
    }

    /// One variant against the other.
    @Test
    void twoVariantsGoOnTheSameTrip() {
        Project before = state().project();
        robot.interact(() -> window().bench().copyVariant("large"));
        robot.interact(() -> window().bench().edit("No water", d -> d.without(java.util.Set.of(fresh(d)))));
        robot.rest();
        ComboBox<String> other = combo("#trip-other");
        robot.interact(() -> other.setValue("plan"));
        until(() -> texts().stream().anyMatch(t -> t.startsWith("The trip of the brief: large")));

        assertThat(texts()).contains("The trip of the brief: large", "The trip of the brief: plan",
                "A hot week: plan");
        robot.interact(() -> other.setValue(""));
        robot.rest();
        assertThat(texts()).doesNotContain("A hot week: plan");
        assertThat(state().project().variants()).hasSize(before.variants().size() + 1);
    }

    private static String fresh(lectulum.design.Design d) {
        return d.things().stream().filter(t -> t.tank().filter(
                k -> k.use() == lectulum.design.thing.Tank.Use.FRESH).isPresent()).findFirst().orElseThrow().id();
    }

    private void heard(int tanks, int air) {
        enter("#tanks-port", String.valueOf(tanks));
        click("#tanks-read");
        until(() -> text("#tanks-said").contains("5 whole days"));
        enter("#weather-port", String.valueOf(air));
        click("#weather-read");
        until(() -> text("#weather-said").contains("5 whole days"));
    }

    /// Senders and a weather station are heard, what they measured is taken, and an undo forgets it.
    @Test
    void whatWasMeasuredIsTakenOrLeft() throws java.io.IOException {
        robot.interact(() -> window().turnTo(Stage.TRIP, "trip-measured"));
        robot.rest();
        Project before = state().project();
        TrueCamp camp = TrueCamp.of(state().design(), 5, 4);
        double use = state().analysis().figures().value("water.day.use");
        double loss = state().analysis().figures().value("air.loss.walls");
        try (TellingServer tanks = CampServer.tanks(0, camp, 4); TellingServer air = CampServer.weather(0, camp, 4)) {
            heard(tanks.port(), air.port());
        }
        click("#camp-leave");
        assertThat(state().project()).isEqualTo(before);
        assertThat(text("#camp-said")).contains("Left as it was");
        enter("#weather-port", "1");
        click("#weather-read");
        until(() -> text("#weather-said").contains("No weather station answers"));

        try (TellingServer tanks = CampServer.tanks(0, camp, 4); TellingServer air = CampServer.weather(0, camp, 4)) {
            heard(tanks.port(), air.port());
        }
        click("#camp-take");
        assertThat(state().analysis().figures().value("water.day.use") / use).isCloseTo(1 + 0.62 * (camp.use() - 1),
                within(0.05));
        assertThat(state().analysis().figures().value("air.loss.walls") / loss).isCloseTo(camp.loss(), within(0.08));
        undoTo(before);
        assertThat(state().analysis().figures().value("air.loss.walls")).isCloseTo(loss, within(1e-9));
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
        javafx.scene.Parent box = robot
                .under(window().root(), (javafx.scene.Node n) -> "finding-rehearsal.fresh".equals(n.getId())).query();
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
