package lectulum.stage;

import java.util.function.Supplier;
import lectulum.theme.Theme;
import lectulum.workbench.Workbench;

/// What a stage works with: the project on the bench, how things look, and the window.
public record Bench(Workbench work, Supplier<Theme> theme, Host host) {
    /// A new card for the selected thing.
    public ThingCard thingCard() {
        return new ThingCard(work, host::keepAsOwn);
    }
}
