package lectulum.window;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;

/// Something the user can do by name, by menu or by key.
///
/// @param keys    the shortcut, if it has one
/// @param enabled whether it makes sense now
record Command(String name, Optional<KeyCombination> keys, BooleanSupplier enabled, Runnable action) {

    static Command of(String name, String keys, Runnable action) {
        return new Command(name, keys.isEmpty() ? Optional.empty() : Optional.of(KeyCombination.valueOf(keys)),
                () -> true, action);
    }

    Command when(BooleanSupplier condition) {
        return new Command(name, keys, condition, action);
    }

    String keysText() {
        return keys.map(KeyCombination::getDisplayText).orElse("");
    }

    void run() {
        if (enabled.getAsBoolean()) {
            action.run();
        }
    }
}
