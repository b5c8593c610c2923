package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of offers.
public enum DealRules implements Rule {
    LOAN("deal.loan", "does the payment of the loan belong to its rate"),
    YEARS("deal.saidYears", "are the years that are said those of the months"),
    LENT("deal.saidLent", "does the loan that is said pay the price"),
    TOTAL("deal.saidTotal", "is what it is said to cost with its interest"),
    SHARE("deal.saidShare", "does a build cost the part of the price that is said");

    private final Card card;

    DealRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
