package lectulum.stage.air;

import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Range;
import lectulum.design.brief.Travel;
import lectulum.parts.Form;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.weather.Outside;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Air: what the cabin loses, how warm it gets, how damp, and what there is to breathe.
public final class AirStage implements StageView {
    private final ThingCard thing;
    private final VBox card = new VBox(4);
    private final Form sums;

    public AirStage(Workbench bench, ThingCard thing) {
        this.thing = thing;
        Label title = new Label("Air");
        title.getStyleClass().add("title");
        sums = new Form(bench);
        sums.quantity("Coldest night", Range.of(Travel.class, "coldest"), Outside::coldest,
                (d, v) -> d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(v)))));
        assumed("Hottest afternoon", Assumption.AIR_SUMMER);
        sums.shown("The cabin loses", s -> s.shown("air.loss"));
        sums.shown("Heater to buy", s -> s.shown("air.heat.size"));
        sums.shown("Lowest in that night", s -> s.shown("air.night.least"));
        sums.shown("Water on the panes", s -> s.shown("air.damp.water"));
        sums.shown("Fresh air wanted", s -> s.shown("air.breath.need"));
        sums.shown("Cooling to buy", s -> s.shown("air.cool.size"));
        Label caution = new Label("No flame, generator or fuel where people sleep. Alarms never replace fresh air.");
        caution.getStyleClass().add("caution");
        caution.setWrapText(true);
        card.getChildren().addAll(title, sums, caution);
    }

    private void assumed(String label, Assumption what) {
        sums.quantity(label, Assumed.entry(what).range(), d -> Assumed.value(d, what),
                (d, v) -> d.with(d.settings().with(what.id(), v)));
    }

    @Override
    public Node card() {
        return card;
    }

    @Override
    public void show(State state) {
        if (!card.getChildren().contains(thing)) {
            card.getChildren().add(thing);
        }
        thing.show(state);
        sums.show(state);
    }
}
