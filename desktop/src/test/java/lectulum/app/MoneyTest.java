package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.VBox;
import javax.imageio.ImageIO;
import lectulum.design.Project;
import lectulum.design.purse.Receipt;
import lectulum.design.purse.Tool;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;

/// Money in the real window: receipts by hand, by table and with a photograph; ways to save; an offer.
class MoneyTest extends WindowTest {

    @Override
    String start() {
        return "demo:dunlin";
    }

    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.MONEY, page));
        until(() -> window().settled());
    }

    private double value(String figure) {
        return state().analysis().figures().value(figure);
    }

    /// Four packs of 25 with 20 % tax and 6 of freight: 126.
    @Test
    void aReceiptIsTyped() {
        turn("money-receipts");
        Project before = state().project();
        double cost = value("money.forecast");
        double paid = value("money.paid");
        click("#receipt-paid");
        robot.rest();
        enter("#field-what-receipt", "Cable lugs");
        enter("#field-price-of-a-pack-receipt", "25");
        enter("#field-built-in-receipt", "19");
        enter("#field-a-pack-holds-receipt", "5");
        enter("#field-tax-receipt", "20 %");
        enter("#field-freight-and-fees-receipt", "6");
        enter("#field-shop-receipt", "chandler");
        robot.rest();

        assertThat(value("money.forecast")).isCloseTo(cost + 126, within(1e-6));
        assertThat(value("money.paid")).isCloseTo(paid + 126, within(1e-6));
        Receipt typed = state().design().purse().receipts().getLast();
        assertThat(typed.what()).isEqualTo("Cable lugs");
        assertThat(typed.shop()).isEqualTo("chandler");
        click("#receipt-remove");
        robot.rest();
        assertThat(value("money.forecast")).isEqualTo(cost);
        undoTo(before);
    }

    /// A table with a good row, one with a total that is off, and one that is none.
    @Test
    void aTableIsBroughtInRowByRow() throws IOException {
        turn("money-receipts");
        Project before = state().project();
        double cost = value("money.forecast");
        Path table = folder.resolve("receipts.csv");
        Files.writeString(table, "description;qty;unit_price;line_total;paid\nHinges;2;12,50;25,00;yes\n"
                + "Glue;1;8,40;8,00;no\nTape;two;4;8;no\n");
        answer = Optional.of(table);
        click("#receipts-read");
        until(() -> window().settled() && state().design().purse().receipts().size() == 7);

        assertThat(value("money.forecast")).isCloseTo(cost + 33.40, within(1e-6));
        VBox report = robot.lookup("#receipts-report").query();
        assertThat(report.getChildren().stream().filter(Label.class::isInstance).map(n -> ((Label) n).getText()))
                .contains("3 rows: 1 taken, 1 taken with a note, 1 rejected.")
                .anyMatch(t -> t.startsWith("Line 4, qty: “two” is no amount"));
        Path rejected = folder.resolve("rejected.csv");
        answer = Optional.of(rejected);
        click("#receipts-rejected");
        robot.rest();
        assertThat(Files.readString(rejected)).contains("Tape;two;4;8;no").doesNotContain("Hinges");
        undoTo(before);
    }

    @Test
    void whatIsNoTableIsSaidAndNothingChanges() throws IOException {
        turn("money-receipts");
        Project before = state().project();
        Path table = folder.resolve("no-table.csv");
        Files.write(table, new byte[]{(byte) 0x89, 'P', 'N', 'G', 0, 1, 2, '\n', '"'});
        answer = Optional.of(table);
        click("#receipts-read");
        until(() -> window().settled() && texts().stream().anyMatch(t -> t.startsWith("Not read: ")));

        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void aReceiptKeepsItsPhotograph() throws IOException {
        turn("money-receipts");
        Project before = state().project();
        Path photo = folder.resolve("till-slip.png");
        ImageIO.write(new BufferedImage(60, 90, BufferedImage.TYPE_INT_RGB), "png", photo.toFile());
        answer = Optional.of(photo);
        click("#receipt-guess");
        robot.rest();
        click("#receipt-picture");
        until(() -> window().settled());

        assertThat(state().design().purse().receipts().getLast().photo()).isNotEmpty();
        assertThat(robot.lookup("#receipt-photo").tryQuery()).isPresent();
        undoTo(before);
    }

    /// A way that saves all that is wanted without loss is the set.
    @Test
    @SuppressWarnings("unchecked")
    void aWayToSaveIsEntered() {
        turn("money-save");
        Project before = state().project();
        click("#way-add");
        robot.rest();
        TableView<Integer> table = robot.lookup("#ways").queryAs(TableView.class);
        robot.interact(() -> table.getSelectionModel().selectLast());
        enter("#field-way-way", "a used axle");
        robot.interact(() -> window().bench().edit("As a test saving", d -> d.with(d.purse().withWays(d.purse().ways()
                .stream().map(w -> w.name().equals("a used axle") ? w.withSaving(1500).withLoss(0) : w).toList()))));
        until(() -> window().settled());

        assertThat(value("save.net")).isEqualTo(1500);
        assertThat(value("save.loss")).isZero();
        assertThat(texts()).contains("a used axle");
        undoTo(before);
    }

    /// 13 250 over 84 months at 7 % is 199.98 a month; 12 % makes it dearer, on the page at once.
    @Test
    void anOfferIsJudged() {
        turn("money-deal");
        Project before = state().project();
        assertThat(value("deal.payment")).isCloseTo(199.98, within(0.005));
        enter("#field-the-loan-costs-a-year-nominal", "12 %");
        robot.rest();

        double r = 0.01;
        assertThat(value("deal.payment")).isCloseTo(13250 * r / (1 - Math.pow(1 + r, -84)), within(0.005));
        enter("#field-monthly-payment-as-it-was-quoted", "100");
        until(() -> window().settled());
        assertThat(state().analysis().findings(Stage.MONEY)).anyMatch(f -> f.id().equals("deal.loan"));
        undoTo(before);
    }

    /// A saw is entered, compared, put into the bill and taken out again.
    @Test
    void aToolIsBoughtOrHired() {
        turn("money-tools");
        Project before = state().project();
        double cost = value("money.forecast");
        click("#tool-add");
        robot.rest();
        enter("#field-name-tool", "Track saw");
        enter("#field-to-buy-tool", "380");
        enter("#field-to-hire-a-day-tool", "45");
        enter("#field-days-wanted-tool", "3");
        choose("#field-it-is-tool", Tool.Way.BUY);
        until(() -> window().settled());
        assertThat(state().analysis().findings()).extracting(f -> f.id()).contains("tools.dearer.tool-4");
        assertThat(texts()).contains("Track saw is cheaper hired");

        choose("#field-it-is-tool", Tool.Way.HIRE);
        click("#tool-bill");
        until(() -> window().settled());
        assertThat(value("money.forecast")).isCloseTo(cost + 135, within(1e-6));
        click("#tool-remove");
        until(() -> window().settled());
        assertThat(state().design().purse().tools()).hasSize(3);
        undoTo(before);
    }
}
