package lectulum.build;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the plan.
public enum BuildRules implements Rule {
    LOOP("build.loop", "does no task wait for itself"), NO_HOURS("build.hours", "are there hours to build in"),
    NO_SESSION("build.session", "is a session long enough for what is done in one go"),
    NO_HELPER("build.helper", "is a second person there when it takes two"),
    COLD("build.cold", "does it cure when it is its turn"),
    LICENCE("build.licence", "is it said who did and who checked what takes a licence",
            "the name and the day of who did it and who checked it go on Tasks."),
    SLOW("build.slow", "do tasks take about what was planned",
            "the hours that are left are reckoned at your pace already."),
    PARTS("build.parts", "is ordered in time what tasks wait for"),
    SLIP("build.slip", "does the build keep to the plan that was kept"),
    SPREAD("build.spread", "do the least, the likely and the most hours of a task follow one another"),
    DAY("build.day", "can every day of the plan be read",
            "type the day again.");

    private final Card card;

    BuildRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BUILD, false);
    }

    BuildRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BUILD, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
