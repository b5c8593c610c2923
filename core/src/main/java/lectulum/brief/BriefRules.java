package lectulum.brief;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here: demands of the brief that no other page judges.
public enum BriefRules implements Rule {
    BRIEF_NOBODY("brief.nobody", "does anybody sleep in it",
            "say who travels, on Needs."),
    BRIEF_STAND("brief.stand", "can the tallest stand inside where the brief wants it"),
    BRIEF_CLEARANCE("brief.clearance", "is the lowest part high enough for the ground of the brief"),
    BRIEF_DOG("brief.dog", "is there floor for the dog to lie on at night",
            "what stands on the floor at night is moved on the sheet."),
    BRIEF_MUST("brief.must", "does it have what it must be able to do"),
    BRIEF_NOT("brief.not", "is anything in it that is not wanted"),
    BRIEF_COLD("brief.cold", "is there heat for the coldest night"),
    BRIEF_HOT("brief.hot", "is there moving air for the hottest night"),
    BRIEF_SEASON("brief.season", "is it judged by the darkest month that is travelled"),
    BRIEF_FLOOR("brief.floor", "is there free floor for its second use",
            "what is fixed would have to come out; which of it is for you to say."),
    BRIEF_PAYLOAD("brief.payload", "can it carry enough in its second use",
            "Balance, Ratings, says which limit comes first and what it leaves."),
    BRIEF_ANCHORS("brief.anchors", "are there enough lashing points for its second use"),
    BRIEF_MONTHS("brief.months", "does money or time decide when it is done",
            "more time a week, more money a month, or less camper: all three are yours."),
    BRIEF_EXCLUDES("brief.excludes", "do demands of the brief exclude each other",
            "which of the demands counts more is for you to say.");

    private final Card card;

    BriefRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BRIEF, false);
    }

    BriefRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BRIEF, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
