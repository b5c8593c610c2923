package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.CutOut;
import lectulum.kernel.electric.CutOut.Bezel;

/// The switch panel to saw: meter, main switch, rockers for the circuits, and sockets that stand close to the fuses.
///
/// @param width  of the panel \[mm\]
/// @param cut    its parts; empty where one is too wide
/// @param depth  behind it, with room for the wires \[mm\]
/// @param labels of the switches, in their order
public record SwitchPanel(double width, Optional<CutOut> cut, double depth, List<String> labels) {
    private static final int ROCKERS = 6;
    private static final double NEAR = 0.6;
    private static final double BEND = 40;

    public static SwitchPanel of(Design d, Harness h) {
        double width = 1000 * Assumed.value(d, Assumption.PANEL_WIDTH);
        List<Bezel> bezels = new ArrayList<>();
        double deepest = 0;
        if (d.things().stream().anyMatch(t -> t.symbol().equals("monitor"))) {
            deepest = add(bezels, "meter", "Meter", deepest);
        }
        if (d.wiring().disconnect() && !h.start().isEmpty()) {
            deepest = add(bezels, "main switch", "Main switch", deepest);
        }
        List<String> labels = h.of(Run.Kind.CIRCUIT).stream().filter(r -> !r.before())
                .map(r -> label(d, r)).toList();
        for (int i = 0; i < labels.size(); i += ROCKERS) {
            deepest = add(bezels, "rockers", "Switches " + (i + 1) + " to " + Math.min(labels.size(), i + ROCKERS),
                    deepest);
        }
        Optional<Thing> start = d.thing(h.start());
        for (Thing t : d.things()) {
            if (t.has(Electric.Outlet.class) && start.isPresent()
                    && Groups.spot(t).alongWalls(Groups.spot(start.get())) < NEAR) {
                deepest = add(bezels, "socket", t.name(), deepest);
            }
        }
        return new SwitchPanel(width, CutOut.of(bezels, width), deepest + BEND, labels);
    }

    private static String label(Design d, Run r) {
        String own = d.wiring().circuit(r.id().replaceFirst("^circuit\\.", "")).map(c -> c.control()).orElse("");
        return own.isEmpty() ? r.name() : own;
    }

    private static double add(List<Bezel> to, String part, String name, double deepest) {
        var row = Table.rows("bezels").stream().filter(r -> r.get("part").equals(part)).findFirst().orElseThrow();
        to.add(new Bezel(name, Table.number(row, "width_mm"), Table.number(row, "height_mm")));
        return Math.max(deepest, Table.number(row, "depth_mm"));
    }

    /// What is sawn for a bezel: width, height and, for a round one, the bore \[mm\].
    ///
    /// @param bore 0 for what is square
    public record Hole(double width, double height, double bore) {
    }

    /// The hole for a part by the size of its bezel.
    public static Hole hole(Bezel bezel) {
        var row = Table.rows("bezels").stream().filter(r -> Table.number(r, "width_mm") == bezel.width()
                && Table.number(r, "height_mm") == bezel.height()).findFirst().orElseThrow();
        return new Hole(Table.number(row, "cut_width_mm"), Table.number(row, "cut_height_mm"),
                Table.number(row, "bore_mm"));
    }
}
