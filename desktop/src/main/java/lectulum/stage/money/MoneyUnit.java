package lectulum.stage.money;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.money.DealStudies;
import lectulum.money.OutlookStudies;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
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
        return new MoneyStage(bench.work(), bench.thingCard());
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
                SavingLeaf.leaf(bench),
                StudiesLeaf.leaf(bench, "money-deal", "Build or buy", "Loan, resale, rent, and what an hour earns", "",
                        DealStudies.DISCIPLINE));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.of("cost", "money.forecast"));
    }
}
