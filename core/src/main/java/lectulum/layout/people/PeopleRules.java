package lectulum.layout.people;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum PeopleRules implements Rule {
    PEOPLE_HEADROOM("people.headroom", "can everybody stand"),
    SEAT_HEAD("seat.head", "is there room over a seat"),
    SEAT_HEIGHT("seat.height", "is a seat as high as a seat should be"),
    WORKTOP_HEIGHT("worktop.height", "is a worktop as high as it should be"),
    FLOOR_STEP("floor.step", "is the step in too high"),
    SANITARY_ROOM("sanitary.room", "is there room at the toilet and the shower",
            "what is near it is moved on the sheet; which of it is for you to say."),
    BUNK_HEIGHT("bunk.height", "can somebody get into the upper bunk"),
    SLEEP_CAPACITY("sleep.capacity", "has everybody a bed",
            "another bed is added on the sheet, where there is room."),
    SLEEP_LENGTH("sleep.length", "is a bed long enough for its sleeper"),
    SLEEP_SIT("sleep.sit", "can the sleeper sit up",
            "the bed, all that it stands on, or the roof changes; try it on the sheet."),
    SLEEP_WIDTH("sleep.width", "is a bed wide enough",
            "a wider bed takes room that something else has; try it on the sheet."),
    SLEEP_GROWTH("sleep.growth", "will a child outgrow its bed",
            "nothing has to change yet."),
    ITEM_KEEPCLEAR("item.keepclear", "is the clear space before a thing free",
            "what stands in the space is moved on the sheet; which of it is for you to say.");

    private final Card card;

    PeopleRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    PeopleRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LAYOUT, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
