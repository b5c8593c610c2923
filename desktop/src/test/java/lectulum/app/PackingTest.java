package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.design.Project;
import lectulum.layout.storage.Keeping;
import lectulum.layout.storage.Storage;
import org.junit.jupiter.api.Test;

/// Gear that has no home, in the camper of a family.
class PackingTest extends WindowTest {
    @Override
    String start() {
        return "demo:chamois";
    }

    @Test
    void whatHasNoHomeIsPackedInOneStep() {
        robot.clickOn("#stage-layout");
        click("#leaf-storage");
        Project before = state().project();
        int homeless = state().analysis().of(Storage.DISCIPLINE).keeping().homeless().size();
        assertThat(homeless).isPositive();

        click("#pack-homeless");

        assertThat(state().analysis().of(Storage.DISCIPLINE).keeping().homeless()).hasSizeLessThan(homeless);
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void aThingIsDraggedFromOnePlaceToAnother() {
        robot.clickOn("#stage-layout");
        click("#leaf-storage");
        Project before = state().project();
        Keeping keeping = state().analysis().of(Storage.DISCIPLINE).keeping();
        Keeping.Shelf from = keeping.shelves().getFirst();
        Keeping.Shelf to = keeping.shelves().get(1);
        String thing = from.contents().getFirst();

        robot.moveTo("#kept-" + thing).press(MouseButton.PRIMARY).moveBy(20, 4).moveTo("#shelf-" + to.thing())
                .release(MouseButton.PRIMARY);
        robot.rest();

        assertThat(state().analysis().of(Storage.DISCIPLINE).keeping().home().get(thing)).isEqualTo(to.thing());
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void theMenuOfAThingMovesItToo() {
        robot.clickOn("#stage-layout");
        click("#leaf-storage");
        Keeping keeping = state().analysis().of(Storage.DISCIPLINE).keeping();
        Keeping.Shelf from = keeping.shelves().getFirst();
        String thing = from.contents().getFirst();
        Button button = robot.lookup("#kept-" + thing).query();
        String last = button.getContextMenu().getItems().getLast().getText();

        robot.interact(() -> button.getContextMenu().getItems().getLast().fire());
        robot.rest();

        String now = state().analysis().of(Storage.DISCIPLINE).keeping().home().get(thing);
        assertThat(last).isEqualTo("Into " + thing(now).name());
    }
}
