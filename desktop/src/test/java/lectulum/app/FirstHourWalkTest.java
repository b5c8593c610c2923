package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.analysis.FirstHour;
import lectulum.design.Design;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.files.ProjectFile;
import org.junit.jupiter.api.Test;

/// A stranger takes the first hour: every step as it is told, by hand, until all are ticked and the camper is on the disk.
class FirstHourWalkTest extends WindowTest {

    @Override
    String start() {
        return "";
    }

    private List<String> done() {
        return FirstHour.of(state().analysis()).stream().filter(FirstHour.Step::done).map(FirstHour.Step::id).toList();
    }

    private void go(String step) {
        assertThat(done()).doesNotContain(step);
        click("#hour-go-" + step);
    }

    private void ticked(String step) {
        until(() -> window().settled());
        assertThat(done()).contains(step);
        assertThat(robot.lookup("#hour-" + step).query().getAccessibleText()).startsWith("Done: ");
        assertThat(robot.lookup("#hour-go-" + step).tryQuery()).isEmpty();
    }

    private Design design() {
        return state().project().design();
    }

    /// As it is told: A, the word, Enter.
    private void add(String word) {
        robot.interact(() -> window().sheet().requestFocus());
        robot.type(KeyCode.A);
        robot.rest();
        robot.write(word).type(KeyCode.ENTER);
        robot.rest();
        robot.type(KeyCode.ESCAPE);
        robot.rest();
    }

    @Test
    void theFirstHourIsWalkedToItsEnd() throws IOException {
        click("#first-hour");
        until(() -> window().settled());
        assertThat(text("#hour-count")).endsWith("of 14 done");

        go("people");
        assertThat(state().stage()).isEqualTo(Stage.BRIEF);
        enter("#field-name-1", "Ada");
        enter("#field-name-2", "Ben");
        ticked("people");

        go("budget");
        enter("#field-budget", "9000");
        ticked("budget");

        go("vehicle");
        enter("#field-towing-unbraked", "700");
        enter("#field-tongue-limit", "75");
        enter("#field-payload", "480");
        ticked("vehicle");

        go("empty");
        assertThat(state().stage()).isEqualTo(Stage.BASE);
        command("guide to this page");
        command("guide to this page");
        choose("#field-known-from", "scale: tongue and wheels");
        enter("#field-under-the-coupler", "16");
        enter("#field-under-the-wheels", "150");
        command("guide: the first hour");
        ticked("empty");

        go("framing");
        click("#framing-406");
        ticked("framing");

        go("move");
        assertThat(state().stage()).isEqualTo(Stage.LAYOUT);
        double tongue = state().analysis().figures().value("balance.departure.tongue");
        Point2D from = inPlan("battery");
        robot.moveTo(from).press(MouseButton.PRIMARY).moveTo(from.add(-10, 0)).moveTo(from.add(-24, 0))
                .release(MouseButton.PRIMARY);
        robot.rest();
        ticked("move");
        assertThat(state().analysis().figures().value("balance.departure.tongue")).isGreaterThan(tongue);

        go("sun");
        add("solar panel");
        ticked("sun");

        go("waste");
        add("grey tank 40");
        ticked("waste");

        go("wires");
        click("#raceways-usual");
        ticked("wires");
        assertThat(state().analysis().figures().value("wire.length")).isGreaterThan(5);

        go("trip");
        click("#trip-own");
        ticked("trip");

        go("paid");
        TableView<?> prices = robot.lookup("#prices").queryAs(TableView.class);
        assertThat(prices.getItems()).isNotEmpty();
        command("money: receipts");
        click("#receipt-paid");
        ticked("paid");

        go("start");
        enter("#field-begins-on-as-2026-05-31-works", "2027-03-01");
        ticked("start");

        go("entry");
        MenuButton write = robot.lookup("#entry-write").queryAs(MenuButton.class);
        robot.interact(() -> write.getItems().getFirst().fire());
        robot.rest();
        ticked("entry");

        mendWhatMustNotStay();
        ticked("stops");
        assertThat(text("#hour-count")).startsWith("All done");

        savedAndPrinted();
    }

    /// By remedies where any is offered, else by a reason, as the finding itself offers it.
    private void mendWhatMustNotStay() {
        for (int i = 0; i < 12 && !done().contains("stops"); i++) {
            var stop = state().analysis().findings().stream()
                    .filter(f -> f.open() && f.severity() == Severity.STOP).findFirst().orElseThrow();
            robot.interact(() -> window().bench().accept(stop, "looked at by the walker", "2027-03-02"));
            robot.rest();
            until(() -> window().settled());
        }
    }

    private void savedAndPrinted() throws IOException {
        Path file = folder.resolve("hour" + System.nanoTime() + ProjectFile.ENDING);
        answer = Optional.of(file);
        chord(KeyCode.S, KeyCode.CONTROL);
        assertThat(ProjectFile.open(file).project().design()).isEqualTo(design());
        Path book = folder.resolve("hour" + System.nanoTime() + ".pdf");
        answer = Optional.of(book);
        command("go to papers");
        click("#write-book-book-pdf");
        until(() -> window().settled());
        assertThat(Files.size(book)).isGreaterThan(100_000);
    }
}
