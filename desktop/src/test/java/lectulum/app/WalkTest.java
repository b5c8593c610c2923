package lectulum.app;

import java.nio.file.*;
import javafx.scene.input.KeyCode;
import lectulum.sheet.SheetPicture;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

class WalkTest extends WindowTest {
    @Override
    String start() { return ""; }

    int n;
    void shot(String name) {
        settle();
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> {
            try {
                Files.write(Path.of("/tmp/run/walk/" + name + ".png"),
                        SheetPicture.encode(robot.window(0).getScene().snapshot(null)));
            } catch (Exception e) {
                throw new RuntimeException(e);
            }
        });
    }
    void add(String w) {
        robot.type(KeyCode.A);
        WaitForAsyncUtils.waitForFxEvents();
        robot.write(w).type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void walk() {
        robot.clickOn("#new-cargo");
        robot.press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL).type(KeyCode.DELETE);
        robot.type(KeyCode.F2).write("feet").type(KeyCode.ENTER);
        shot("01-empty-sheet");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "cut-away"));
        shot("02-empty-cutaway");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "change"));
        shot("03-empty-change");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "storage"));
        shot("04-empty-storage");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "score"));
        shot("05-empty-score");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.BASE, "survey"));
        shot("06-empty-survey");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.BASE, "walls"));
        shot("07-empty-walls");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "sheet"));
        robot.clickOn("#sheet");
        add("bed");
        add("mattress");
        add("galley");
        add("cool");
        add("escape");
        add("door");
        add("battery");
        add("tank");
        robot.type(KeyCode.A).write("bed").type(KeyCode.ENTER).type(KeyCode.ENTER).type(KeyCode.ENTER)
                .type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        shot("08-things");
        robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, "cut-away"));
        shot("09-cutaway");
        robot.type(KeyCode.F2).write("dim").type(KeyCode.ENTER);
        shot("10-dim");
        robot.interact(() -> robot.window(0).setWidth(1100));
        robot.interact(() -> robot.window(0).setHeight(700));
        shot("11-small");
        for (String leaf : new String[]{"sheet", "change", "storage", "mechanisms", "outside", "score"}) {
            robot.interact(() -> window().turnTo(lectulum.figures.Stage.LAYOUT, leaf));
            shot("12-small-" + leaf);
        }
        for (String leaf : new String[]{"survey", "profile", "walls", "frame"}) {
            robot.interact(() -> window().turnTo(lectulum.figures.Stage.BASE, leaf));
            shot("13-small-" + leaf);
        }
    }
}
