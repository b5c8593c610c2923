package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;

import lectulum.design.Project;
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
}
