package lectulum.stage.money;

import java.util.Optional;
import javafx.scene.Node;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Money: the budget and the sums.
public final class MoneyStage implements StageView {
    private final StageCard card;

    public MoneyStage(Workbench bench, ThingCard thing) {
        Form sums = new Form(bench);
        new PartRows<>(sums, Brief.class, d -> Optional.of(d.brief()), Design::with).unknownRow("budget", "Budget");
        sums.shown("Forecast", s -> s.shown("money.forecast"));
        sums.shown("Budget left", s -> s.shown("money.left"));
        sums.shown("Paid so far", s -> s.shown("money.paid"));
        sums.shown("Ordered, not paid", s -> s.shown("money.ordered"));
        sums.shown("Planned at first", s -> s.shown("money.planned"));
        sums.shown("What it would cost anew", s -> s.shown("money.replacement"));
        sums.shown("Lay aside", s -> s.shown("money.contingency"));
        card = new StageCard("Money", sums, "The forecast takes receipts where there are any, else what was paid where"
                + " something is bought, and the plan where it is not. Own hours are not counted.", thing);
    }

    @Override
    public Node card() {
        return card.node();
    }

    @Override
    public void show(State state) {
        card.show(state);
    }
}
