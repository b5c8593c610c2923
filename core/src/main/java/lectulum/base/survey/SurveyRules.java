package lectulum.base.survey;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum SurveyRules implements Rule {
    SURVEY_IMPOSSIBLE("survey.impossible", "do the tapes form triangles"),
    SURVEY_UNCHECKED("survey.unchecked", "does anything check the tapes"),
    SURVEY_RESIDUAL("survey.residual", "do the tapes agree"),
    SURVEY_LONG("survey.long", "does the rigid frame fit lengthways"),
    SURVEY_RISING("survey.rising", "does the rigid frame stay free on its way up"),
    SURVEY_TIGHT("survey.tight", "does the rigid frame fit across"),
    SURVEY_RACKED("survey.racked", "what spacers does the rigid frame need"),
    FIT_MAYBE("fit.maybe", "may the chain of sizes fail by chance"),
    FIT_NO("fit.no", "does the chain of sizes leave enough");

    private final Card card;

    SurveyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
