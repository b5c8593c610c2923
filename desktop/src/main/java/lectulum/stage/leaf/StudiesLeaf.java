package lectulum.stage.leaf;

import java.util.function.Supplier;
import lectulum.stage.Leaf;
import lectulum.theme.Theme;
import lectulum.workbench.Workbench;
import lectulum.workshop.Study;

/// Pages that only show studies; what they are about is entered on the card of the thing.
public final class StudiesLeaf {
    private StudiesLeaf() {
    }

    public static Leaf mechanisms(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme,
                new String[]{"lid.", "lift.", "hand.", "shock", "person.", "leg.", "cable.", "crank.", "jack."},
                Study.Topic.MECHANISM, "mechanisms", "Mechanisms",
                "Struts, runners, legs, slats and fixings",
                "Nothing moves or carries yet. Select a thing on the sheet and give it struts, runners, a leg, slats or"
                        + " fixings with \"Give it…\" on its card.");
    }

    public static Leaf loading(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme, new String[]{"load.", "over."}, Study.Topic.LOADING, "loading", "Loading",
                "Big things over the ramp and through the door",
                "Nothing is rolled aboard yet. Select a big thing on the sheet and give it a ramp and straps with"
                        + " \"Give it…\" on its card.");
    }

    public static Leaf outside(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme,
                new String[]{"tow.", "gate.", "turn.", "limit.", "garage.", "droop", "jack.", "awning.", "ladder."},
                Study.Topic.OUTSIDE, "outside", "Outside", "Over all, turning, tailgate, awnings and tents",
                "Nothing is known about what is around the camper.");
    }

    private static Leaf leaf(Workbench bench, Supplier<Theme> theme, String[] assumed, Study.Topic topic, String id,
            String name, String tip,
            String empty) {
        AssumedEntry entry = new AssumedEntry(bench, assumed);
        StudyLeaf leaf = new StudyLeaf(theme, s -> s.analysis().workshop().about(topic), empty).beside(entry);
        return new Leaf(id, name, tip, leaf.page(), s -> {
            entry.show(s);
            leaf.show(s);
        });
    }
}
