package lectulum.brief;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Headroom;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.bodies.Needs;

/// Demands of a brief that no camper can meet together, whatever is drawn, with the smallest change that would do.
///
/// @param lack by how much \[m\]
public record Excluding(String id, Sentence title, Sentence detail, double lack) {
    /// The least that floor, frame and roof take, and the clearance left under a door \[m\] (assumed).
    private static final double FRAME = 0.10;
    private static final double FLOOR = 0.02;
    private static final double ROOF = 0.03;
    private static final double UNDER_DOOR = 0.05;
    /// Length of body that a pair of sleepers takes with a bed over theirs, and that of the door zone \[m\].
    private static final double ZONE = 1.30;
    private static final double DOOR_ZONE = 1.10;
    private static final double TONGUE = 1.10;

    /// All of a brief; a lifting roof is no way out where a door is too low for a sitting body too.
    public static List<Excluding> of(Design design) {
        List<Excluding> all = new ArrayList<>();
        Brief brief = design.brief();
        double tallest = brief.tallest();
        double droop = Assumed.value(design, Assumption.DROOP);
        double below = brief.travel().terrain().clearance() + FRAME + FLOOR;
        if (tallest > 0 && brief.headroom() == Headroom.STANDING) {
            double stack = below + new Needs(tallest).standing() + ROOF + droop + UNDER_DOOR;
            brief.kept().height().ifPresent(door -> {
                if (stack > door + 1e-9) {
                    all.add(new Excluding("stand-door",
                            Sentence.of("Standing inside and the door where it is kept exclude each other"),
                            Sentence.of(
                                    "{0} inside over {1} of ground, frame and floor comes to {2} under a door of {3}:"
                                            + " {4} lacks. A lifting roof gives it, or sitting height.",
                                    Amount.m(new Needs(tallest).standing()), Amount.m(below), Amount.m(stack),
                                    Amount.m(door), Amount.m(stack - door)),
                            stack - door));
                }
            });
        }
        brief.kept().length().ifPresent(place -> {
            int pairs = (brief.people().size() + 3) / 4;
            double least = TONGUE + DOOR_ZONE + ZONE * Math.max(1, pairs);
            if (!brief.people().isEmpty() && least > place + 1e-9) {
                all.add(new Excluding("sleepers-place",
                        Sentence.of("{0} sleepers and the place where it is kept exclude each other",
                                brief.people().size()),
                        Sentence.of("With a tongue and beds over each other it is {0} long at least; {1} is there: {2}"
                                + " lacks. A tent on the roof needs no length.", Amount.m(least), Amount.m(place),
                                Amount.m(least - place)),
                        least - place));
            }
        });
        int pairs = (brief.people().size() + 3) / 4;
        double body = DOOR_ZONE + ZONE * pairs;
        if (body > lectulum.brief.draft.Drafts.LONGEST) {
            all.add(new Excluding("sleepers-body", Sentence.of("No trailer holds {0} sleepers", brief.people().size()),
                    Sentence.of("Four in each {0} of body and a door come to {1}; {2} is the longest that is drawn."
                            + " Take fewer along, or a second trailer.", Amount.m(ZONE), Amount.m(body),
                            Amount.m(lectulum.brief.draft.Drafts.LONGEST)),
                    body - lectulum.brief.draft.Drafts.LONGEST));
        }
        return all;
    }
}
