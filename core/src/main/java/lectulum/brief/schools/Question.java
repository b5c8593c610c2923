package lectulum.brief.schools;

import java.util.Set;

/// What builders differ about. The first ten are about the trailer, the others about what is put into it.
public enum Question {
    HEIGHT("How high inside", Set.of()), TONGUE("How long a tongue", Set.of()), BAND("How much on the ball", Set.of()),
    AXLES("One axle or two", Set.of()), BRAKES("Brakes of its own", Set.of()),
    SPARE("Where the spare wheel rides", Set.of("spare-wheel")),
    WINDOWS("How many windows", Set.of("window", "window-sliding", "porthole")),
    INSULATION("Where to insulate", Set.of()),
    KITCHEN("Where to cook", Set.of("hob", "induction", "galley", "slide-galley", "rear-galley", "gas-bottle",
            "hatch-door", "camp-table")),
    COLD("Cold food", Set.of("fridge", "cold-box", "cold-box-zones", "ice-box", "fridge-slide", "ice")),
    WATER("Running water", Set.of("tank", "jerrycan", "bucket", "pump", "foot-pump", "immersion-pump", "tap", "sink",
            "accumulator", "bowl")),
    TOILET("Toilet", Set.of("toilet", "portable-toilet", "compost-toilet")),
    HEAT("Heat", Set.of("air-heater", "gas-heater", "stove", "fan-heater", "fuel-tank", "warm-bottles")),
    COOLING("Hot nights", Set.of("air-conditioner", "window-cooler", "roof-fan")),
    POWER("Power away from a socket", Set.of("battery", "solar", "solar-case", "generator", "fuel-can", "charger",
            "inlet")),
    SHADE("Shade outside", Set.of("awning", "wrap-awning", "mat"));

    private final String label;
    private final Set<String> replaced;

    Question(String label, Set<String> replaced) {
        this.label = label;
        this.replaced = replaced;
    }

    public String label() {
        return label;
    }

    /// Looks of what another way takes out.
    Set<String> replaced() {
        return replaced;
    }
}
