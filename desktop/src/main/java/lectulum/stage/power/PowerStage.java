package lectulum.stage.power;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.design.thing.Load;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.power.Power;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Power: what runs, for how long, and how many nights the battery carries it.
public final class PowerStage implements StageView {
    private final Ledger<Power.Draw> loads = new Ledger<>("Loads",
            "Nothing draws power yet. Add a lamp or a cold box.");
    private final VBox below;
    private final StageCard card;
    private List<String> order = List.of();

    public PowerStage(Workbench bench, ThingCard thing) {
        loads.setId("loads");
        loads.text("Load", 160, Power.Draw::name)
                .entry("Power", 74, Range.of(Load.class, "power"), d -> d.load().power(),
                        (d, v) -> bench.edit("Power of " + d.name(),
                                x -> x.mapping(d.thing(),
                                        t -> t.with(d.load().withPower(orZero(v))))))
                .entry("Hours a day", 80, Range.of(Load.class, "dailyRunning"), d -> d.load().dailyRunning(),
                        (d, v) -> bench.edit("Hours of " + d.name(),
                                x -> x.mapping(d.thing(),
                                        t -> t.with(d.load().withDailyRunning(orZero(v))))))
                .strip("Hours of the day, 0 to 24", 210, Power.Draw::thing, d -> d.load().strip(),
                        (d, strip) -> bench.edit("Hours of the day of " + d.name(),
                                x -> x.mapping(d.thing(), t -> t.with(d.load().with(strip)))))
                .text("Fed from", 80, d -> d.load().feed().label())
                .number("In a day", 90, Quantity.ENERGY, Power.Draw::energy);
        loads.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (now != null && loads.isFocused()) {
                bench.select(List.of(now.thing()));
            }
        });
        below = new VBox(loads);
        below.setPrefHeight(240);
        VBox.setVgrow(loads, Priority.ALWAYS);
        Form sums = new Form(bench);
        sums.shown("Used in a day", "power.day.use");
        sums.shown("Battery, usable", "power.battery.usable");
        sums.shown("Sun in a day", "power.sun.harvest");
        sums.shown("Nights without sun", "power.nightsDark");
        sums.shown("Nights off grid", "power.nights");
        card = new StageCard("Power", sums,
                "Fuse every cable at its source. Mains work belongs to a licensed electrician.", thing);
    }

    private static double orZero(double value) {
        return Double.isNaN(value) ? 0 : value;
    }

    @Override
    public Optional<Node> below() {
        return Optional.of(below);
    }

    @Override
    public Node card() {
        return card.card();
    }

    @Override
    public void show(State state) {
        loads.show(inOrder(state.analysis().of(Power.DISCIPLINE).loads()), state.style());
        card.show(state);
    }

    /// Largest first when they come up; while they are edited each stays in its row.
    private List<Power.Draw> inOrder(List<Power.Draw> largestFirst) {
        List<String> ids = largestFirst.stream().map(Power.Draw::thing).toList();
        if (!Set.copyOf(ids).equals(Set.copyOf(order))) {
            order = ids;
        }
        return largestFirst.stream().sorted(Comparator.comparingInt(d -> order.indexOf(d.thing()))).toList();
    }
}
