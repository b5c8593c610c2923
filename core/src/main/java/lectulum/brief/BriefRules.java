package lectulum.brief;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here: demands of the brief that no other page judges.
public enum BriefRules implements Rule {
    BRIEF_NOBODY("brief.nobody", "does anybody sleep in it"),
    BRIEF_STAND("brief.stand", "can the tallest stand inside where the brief wants it"),
    BRIEF_CLEARANCE("brief.clearance", "is the lowest part high enough for the ground of the brief"),
    BRIEF_DOG("brief.dog", "is there floor for the dog to lie on at night"),
    BRIEF_MUST("brief.must", "does it have what it must be able to do"),
    BRIEF_NOT("brief.not", "is anything in it that is not wanted"),
    BRIEF_COLD("brief.cold", "is there heat for the coldest night"),
    BRIEF_HOT("brief.hot", "is there moving air for the hottest night"),
    BRIEF_SEASON("brief.season", "is it judged by the darkest month that is travelled"),
    BRIEF_FLOOR("brief.floor", "is there free floor for its second use"),
    BRIEF_PAYLOAD("brief.payload", "can it carry enough in its second use"),
    BRIEF_ANCHORS("brief.anchors", "are there enough lashing points for its second use"),
    BRIEF_MONTHS("brief.months", "does money or time decide when it is done"),
    BRIEF_EXCLUDES("brief.excludes", "do demands of the brief exclude each other");

    private final Card card;

    BriefRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BRIEF, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
