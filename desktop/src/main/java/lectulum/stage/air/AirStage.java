package lectulum.stage.air;

import java.util.OptionalDouble;
import javafx.scene.Node;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Range;
import lectulum.design.brief.Travel;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.weather.Outside;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Air: what the cabin loses, how warm it gets, how damp, and what there is to breathe.
public final class AirStage implements StageView {
    private final StageCard card;

    public AirStage(Workbench bench, ThingCard thing) {
        Form sums = new Form(bench);
        sums.quantity("Coldest night", Range.of(Travel.class, "coldest"), Outside::coldest,
                (d, v) -> d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(v)))));
        assumed(sums, "Hottest afternoon", Assumption.AIR_SUMMER);
        sums.shown("The cabin loses", "air.loss");
        sums.shown("Heater to buy", "air.heat.size");
        sums.shown("Lowest in that night", "air.night.least");
        sums.shown("Water on the panes", "air.damp.water");
        sums.shown("Fresh air wanted", "air.breath.need");
        sums.shown("Cooling to buy", "air.cool.size");
        card = new StageCard("Air", sums,
                "No flame, generator or fuel where people sleep. Alarms never replace fresh air.", thing);
    }

    private static void assumed(Form sums, String label, Assumption what) {
        sums.quantity(label, Assumed.entry(what).range(), d -> Assumed.value(d, what),
                (d, v) -> d.with(d.settings().with(what.id(), v)));
    }

    @Override
    public Node card() {
        return card.card();
    }

    @Override
    public void show(State state) {
        card.show(state);
    }
}
