package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import lectulum.figures.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Pages that were turned away long ago are given up; opened again they are as they were.
class PutAwayTest extends WindowTest {

    @BeforeEach
    void nightjar() {
        robot.interact(() -> desk.start("demo:nightjar"));
        robot.rest();
    }

    private void turn(Stage stage, String page) {
        robot.interact(() -> window().turnTo(stage, page));
        until(() -> robot.ask(() -> window().settled()));
        robot.rest();
    }

    private Node page() {
        return robot.ask(() -> window().root().lookup(".leaf"));
    }

    private int[] picture(Node node) {
        return robot.ask(() -> {
            WritableImage image = node.snapshot(null, null);
            int w = (int) image.getWidth();
            int h = (int) image.getHeight();
            int[] argb = new int[w * h];
            image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
            return argb;
        });
    }

    @Test
    void aPageOfAMomentAgoIsTheSame() {
        turn(Stage.BALANCE, "turning");
        Node page = page();
        int[] before = picture(page);
        assertThat(Arrays.stream(before).distinct().count()).as("colours of the page").isGreaterThan(20);

        turn(Stage.BALANCE, "ratings");
        assertThat(robot.<Boolean>ask(() -> page.getScene() == null)).as("it is out of the window").isTrue();

        turn(Stage.BALANCE, "turning");
        assertThat(page()).isSameAs(page);
        assertThat(picture(page)).isEqualTo(before);
    }

    /// More pages than are kept: the first is made anew and looks as before; one with a scale is kept.
    @Test
    void whatWasOpenLongAgoIsMadeAnew() {
        turn(Stage.BALANCE, "weigh");
        Node scale = page();
        turn(Stage.BALANCE, "turning");
        Node first = page();
        int[] before = picture(first);
        int seen = 0;
        for (Stage stage : List.of(Stage.WATER, Stage.AIR, Stage.POWER)) {
            robot.interact(() -> window().turnTo(stage, "sheet"));
            robot.rest();
            for (String leaf : leaves()) {
                turn(stage, leaf);
                seen++;
            }
        }
        assertThat(seen).isGreaterThan(20);

        turn(Stage.BALANCE, "turning");
        assertThat(page()).isNotSameAs(first);
        assertThat(picture(page())).isEqualTo(before);
        turn(Stage.BALANCE, "weigh");
        assertThat(page()).isSameAs(scale);
    }

    /// Back before the toolkit has drawn a frame: nothing of the picture is missing.
    @Test
    void backAtOnceItIsThereToo() {
        turn(Stage.BALANCE, "turning");
        Node page = page();
        int[] before = picture(page);

        robot.interact(() -> {
            window().turnTo(Stage.BALANCE, "ratings");
            window().turnTo(Stage.BALANCE, "turning");
        });
        until(() -> robot.ask(() -> window().settled()));
        robot.rest();

        assertThat(picture(page)).isEqualTo(before);
    }
}
