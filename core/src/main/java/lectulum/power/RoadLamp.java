package lectulum.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.kernel.electric.Wire;
import lectulum.power.wiring.Harness;

/// Lamps of the road that a trailer of its size carries, by the rules of one of two families; the limits of size are the
/// project's own where it has any.
///
/// @param count of them
/// @param watts of each \[W\]
/// @param wires functions of the tow plug that feed them
public record RoadLamp(String name, int count, double watts, At at, List<String> wires) {
    /// With the engine running \[V\].
    public static final double VOLTS = 13.5;
    /// From the plug to the coupling, and slack for turning \[m\].
    public static final double VEHICLE = 3;
    /// Of the volts, that a wire to a lamp may lose.
    public static final double LOSS = 0.03;
    /// No thinner ones on the road \[mm²\].
    private static final double LEAST = 1;
    private static final double WARM = 40;
    private static final double LED = 0.5;
    private static final double BULB = 4;

    public RoadLamp {
        wires = List.copyOf(wires);
    }

    /// Where on the trailer.
    public enum At {
        FRONT, SIDE, REAR;

        static At named(String word) {
            return valueOf(word.toUpperCase(java.util.Locale.ROOT));
        }
    }

    /// @return whether the rules are those of North America; else those of the UN
    public static boolean american(Design d) {
        return Assumed.value(d, Assumption.LAMP_RULES) >= 0.5;
    }

    /// The plug that goes with the rules, as the table of plugs calls it.
    public static String plug(Design d) {
        return american(d) ? "7-blade" : Assumed.value(d, Assumption.LAMP_PLUG) > 10 ? "13-pin" : "7-pin";
    }

    public static List<RoadLamp> of(Design d) {
        Base b = d.base();
        boolean led = Assumed.value(d, Assumption.LAMP_LED) >= 0.5;
        double length = b.tongueLength() + b.shell().length();
        double high = b.floorHeight() + b.shell().height();
        List<RoadLamp> all = new ArrayList<>();
        Table.rows("marker-lamps").stream()
                .filter(r -> r.get("rules").equals(american(d) ? "NA" : "UN")
                        && b.shell().width() >= limit(d, r.get("width")) && length >= limit(d, r.get("length"))
                        && high >= limit(d, r.get("height")))
                .forEach(r -> {
                    double each = limit(d, r.get("per_m"));
                    int count = (int) Table.number(r, "count") + (each > 0 ? 2 * (int) Math.ceil(length / each) : 0);
                    all.add(new RoadLamp(r.get("lamp"), count, Table.number(r, led ? "watts_led" : "watts_bulb"),
                            At.named(r.get("at")), List.of(r.get("wires").split(";"))));
                });
        int more = (int) Assumed.value(d, Assumption.LAMP_MARKERS);
        if (more > 0) {
            all.add(new RoadLamp("marker of your own", more, led ? LED : BULB, At.SIDE,
                    american(d) ? List.of("tail and marker") : List.of("left tail", "right tail")));
        }
        return all;
    }

    private static double limit(Design d, String text) {
        return Assumption.of(text).map(a -> Assumed.value(d, a)).orElseGet(() -> Double.parseDouble(text));
    }

    /// The thinnest wire for lamps of the road.
    ///
    /// @param length one way \[m\]
    public static Optional<Wire> wire(Design d, double amps, double length) {
        return Harness.sizes(d).stream()
                .filter(w -> w.area() >= LEAST && amps * 2 * length * w.resistance(WARM) <= LOSS * VOLTS).findFirst();
    }

    /// From the plug to them, one way \[m\].
    public double length(Design d) {
        return VEHICLE + d.base().tongueLength() + (at == At.FRONT ? 0 : d.base().shell().length());
    }
}
