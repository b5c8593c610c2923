package lectulum.analysis.soundness;

import java.util.Arrays;
import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// Numbers that cannot be meant, by the page on which they stand.
enum SoundRules implements Rule {
    ON_BRIEF(Stage.BRIEF), ON_BASE(Stage.BASE), ON_LAYOUT(Stage.LAYOUT), ON_BALANCE(Stage.BALANCE), ON_POWER(
            Stage.POWER),
    ON_WATER(Stage.WATER), ON_AIR(Stage.AIR), ON_TRIP(Stage.TRIP), ON_MATERIALS(
            Stage.MATERIALS),
    ON_MONEY(Stage.MONEY), ON_BUILD(Stage.BUILD), ON_LOG(Stage.LOG);

    private final Card card;

    SoundRules(Stage stage) {
        this.card = new Card("sound", "can a number be meant", stage, false);
    }

    static SoundRules on(Stage stage) {
        return Arrays.stream(values()).filter(r -> r.stage() == stage).findFirst().orElse(ON_LAYOUT);
    }

    /// By the table in which an assumed value ships.
    static SoundRules ofTable(String table) {
        return switch (table) {
            case "layout" -> ON_LAYOUT;
            case "power" -> ON_POWER;
            case "water" -> ON_WATER;
            case "air" -> ON_AIR;
            case "materials" -> ON_MATERIALS;
            case "money" -> ON_MONEY;
            default -> ON_BALANCE;
        };
    }

    @Override
    public Card card() {
        return card;
    }
}
