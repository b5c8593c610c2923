package lectulum.stage.money;

import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.figures.Stage;
import lectulum.money.DealStudies;
import lectulum.money.OutlookStudies;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.parts.Form;
import lectulum.parts.PartRows;
import lectulum.stage.StageCard;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// What it costs.
public final class MoneyUnit implements StageUnit {
    @Override
    public Stage stage() {
        return Stage.MONEY;
    }

    @Override
    public StageView open(Bench bench) {
        Form sums = new Form(bench.work());
        new PartRows<>(sums, Brief.class, d -> Optional.of(d.brief()), Design::with).unknownRow("budget", "Budget");
        sums.shown("Forecast", "money.forecast");
        sums.shown("Budget left", "money.left");
        sums.shown("Paid so far", "money.paid");
        sums.shown("Ordered, not paid", "money.ordered");
        sums.shown("Planned at first", "money.planned");
        sums.shown("What it would cost anew", "money.replacement");
        sums.shown("Lay aside", "money.contingency");
        return new StageCard("Money", sums, "The forecast takes receipts where there are any, else what was paid where"
                + " something is bought, and the plan where it is not. Own hours are not counted.", bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(PricesLeaf.leaf(bench), ReceiptsLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "money-totals", "Totals", "By system, shop, month and need", "",
                        OutlookStudies.TOTALS),
                StudiesLeaf.leaf(bench, "money-range", "How sure", "What it stays under, and what to lay aside", "",
                        OutlookStudies.RANGE),
                StudiesLeaf.leaf(bench, "money-cash", "Month by month", "When what is open can be paid", "",
                        OutlookStudies.CASH),
                SavingLeaf.leaf(bench), ToolsLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "money-deal", "Build or buy", "Loan, resale, rent, and what an hour earns", "",
                        DealStudies.DISCIPLINE));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("cost", "money.forecast"));
    }
}
