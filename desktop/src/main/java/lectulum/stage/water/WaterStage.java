package lectulum.stage.water;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lectulum.design.Range;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.WaterStyle;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.parts.Form;
import lectulum.parts.Ledger;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.units.Quantity;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Water: what is used, what the tanks hold, and which of them ends the stay.
public final class WaterStage implements StageView {
    private final Ledger<Thing> tanks = new Ledger<>("Tanks", "No tank or can is aboard. Add one from the tray.");
    private final VBox below;
    private final StageCard card;

    public WaterStage(Workbench bench, ThingCard thing) {
        tanks.setId("tanks");
        tanks.text("Tank or can", 190, Thing::name)
                .text("Holds", 100, t -> t.tank().map(k -> k.use().label()).orElse(""))
                .entry("Volume", 90, Range.of(Tank.class, "capacity"),
                        t -> t.tank().map(Tank::capacity).orElse(Double.NaN),
                        (t, v) -> bench.edit("Volume of " + t.name(),
                                d -> d.mapping(t.id(),
                                        x -> x.with(new Tank(x.tank().map(Tank::use).orElse(Tank.Use.FRESH),
                                                Double.isNaN(v) ? 0 : v)))))
                .number("Full", 80, Quantity.MASS, t -> t.tank().map(Tank::fullMass).orElse(Double.NaN))
                .number("Empty", 80, Quantity.MASS, t -> t.mass().value());
        tanks.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (now != null && tanks.isFocused()) {
                bench.select(List.of(now.id()));
            }
        });
        below = new VBox(tanks);
        below.setPrefHeight(185);
        VBox.setVgrow(tanks, Priority.ALWAYS);
        Form sums = new Form(bench);
        sums.choice("Water use", List.of(WaterStyle.values()), WaterStyle::label, d -> d.brief().water(),
                (d, v) -> d.with(d.brief().with(v)));
        sums.choice("Toilet", List.of(Toilet.values()), Toilet::label, d -> d.brief().toilet(),
                (d, v) -> d.with(d.brief().with(v)));
        sums.shown("Used in a day", "water.day.use");
        sums.shown("Grey in a day", "water.day.grey");
        sums.shown("Fresh lasts", s -> lasts(s, "water.fresh.days"));
        sums.shown("Grey tank lasts", s -> lasts(s, "water.grey.days"));
        sums.shown("Toilet lasts", s -> lasts(s, "water.waste.days"));
        sums.shown("Grey tank to match", "water.greyMatched");
        card = new StageCard("Water", sums,
                "Grey water goes only where it is allowed. Keep drinking water tanks clean.", thing);
    }

    private static String lasts(State s, String id) {
        return s.analysis().figures().value(id) >= lectulum.water.Water.MOST_DAYS
                ? "no limit"
                : s.shown(id);
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
        tanks.show(state.design().things().stream().filter(t -> t.tank().isPresent()).toList(), state.style());
        card.show(state);
    }
}
