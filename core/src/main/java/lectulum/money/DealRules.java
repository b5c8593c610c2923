package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of offers.
public enum DealRules implements Rule {
    LOAN("deal.loan", "does the payment of the loan belong to its rate"),
    YEARS("deal.saidYears", "are the years that are said those of the months"),
    LENT("deal.saidLent", "does the loan that is said pay the price"),
    TOTAL("deal.saidTotal", "is what it is said to cost with its interest"),
    SHARE("deal.saidShare", "does a build cost the part of the price that is said",
            "what was said is held against what follows from the plan; neither is to be changed for that.");

    private final Card card;

    DealRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    DealRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MONEY, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
