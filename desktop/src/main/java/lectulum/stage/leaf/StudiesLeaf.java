package lectulum.stage.leaf;

import java.util.function.Supplier;
import lectulum.stage.Leaf;
import lectulum.theme.Theme;
import lectulum.workshop.Study;

/// Pages that only show studies; what they are about is entered on the card of the thing.
public final class StudiesLeaf {
    private StudiesLeaf() {
    }

    public static Leaf mechanisms(Supplier<Theme> theme) {
        return leaf(theme, Study.Topic.MECHANISM, "mechanisms", "Mechanisms",
                "Struts, runners, legs, slats and fixings",
                "Nothing moves or carries yet. Select a thing on the sheet and give it struts, runners, a leg, slats or"
                        + " fixings with \"Give it…\" on its card.");
    }

    public static Leaf loading(Supplier<Theme> theme) {
        return leaf(theme, Study.Topic.LOADING, "loading", "Loading", "Big things over the ramp and through the door",
                "Nothing is rolled aboard yet. Select a big thing on the sheet and give it a ramp and straps with"
                        + " \"Give it…\" on its card.");
    }

    public static Leaf outside(Supplier<Theme> theme) {
        return leaf(theme, Study.Topic.OUTSIDE, "outside", "Outside", "Over all, turning, tailgate, awnings and tents",
                "Nothing is known about what is around the camper.");
    }

    private static Leaf leaf(Supplier<Theme> theme, Study.Topic topic, String id, String name, String tip,
            String empty) {
        StudyLeaf leaf = new StudyLeaf(theme, s -> s.analysis().workshop().about(topic), empty);
        return new Leaf(id, name, tip, leaf.page(), leaf::show);
    }
}
