package lectulum.analysis.soundness;

import java.util.Arrays;
import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// Numbers that cannot be meant, by the page on which they stand.
enum SoundRules implements Rule {
    ON_BRIEF(Stage.BRIEF), ON_BASE(Stage.BASE), ON_LAYOUT(Stage.LAYOUT), ON_BALANCE(Stage.BALANCE), ON_POWER(
            Stage.POWER),
    ON_WATER(Stage.WATER), ON_MONEY(Stage.MONEY);

    private final Stage stage;

    SoundRules(Stage stage) {
        this.stage = stage;
    }

    static SoundRules on(Stage stage) {
        return Arrays.stream(values()).filter(r -> r.stage == stage).findFirst().orElse(ON_LAYOUT);
    }

    @Override
    public String id() {
        return "sound";
    }

    @Override
    public String asks() {
        return "can a number be meant";
    }

    @Override
    public Stage stage() {
        return stage;
    }
}
