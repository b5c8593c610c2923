package lectulum.base.survey;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum SurveyRules implements Rule {
    SURVEY_IMPOSSIBLE("survey.impossible", "do the tapes form triangles",
            "one of the tapes is wrong: read them again."),
    SURVEY_UNCHECKED("survey.unchecked", "does anything check the tapes",
            "read one tape more."),
    SURVEY_RESIDUAL("survey.residual", "do the tapes agree"),
    SURVEY_LONG("survey.long", "does the rigid frame fit lengthways",
            "the frame is planned shorter, or the body is cut; read its length again first."),
    SURVEY_RISING("survey.rising", "does the rigid frame stay free on its way up",
            "the frame goes in in parts, or narrower."),
    SURVEY_TIGHT("survey.tight", "does the rigid frame fit across"),
    SURVEY_RACKED("survey.racked", "what spacers does the rigid frame need",
            "spacers are cut as they are listed; the body stays as it is."),
    FIT_MAYBE("fit.maybe", "may the chain of sizes fail by chance",
            "measure the most doubtful size again."),
    FIT_NO("fit.no", "does the chain of sizes leave enough",
            "one of the sizes gives way; which is for you to say.");

    private final Card card;

    SurveyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    SurveyRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BASE, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
