package lectulum.design.brief;

/// What a camper can do for those who travel in it. What gives it in a design, and what would give it before there is
/// any, stands in the table `abilities`.
public enum Ability {
    STAND_UP("stand up inside"), COOK_INSIDE("cook inside"), COOK_OUTSIDE("cook outside"), COLD_FOOD("keep food cold"),
    RUNNING_WATER("running water"), HOT_WATER("hot water"), SHOWER("shower"), TOILET("toilet"), HEAT("heat"),
    COOLING("cooling"), AIR("moving air"), OFF_GRID("power off grid"), MAINS("run mains things"),
    SIT_INSIDE("sit at a table inside"), SHADE("shade outside"), EXTRA_SLEEPER("one more sleeper"),
    BED_WINDOW("a window over the bed"), CARRY("carry a vehicle or big load"), WORK_LIGHT("light outside");

    private final String label;

    Ability(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
