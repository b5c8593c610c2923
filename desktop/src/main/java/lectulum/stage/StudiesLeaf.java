package lectulum.stage;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.layout.VBox;
import lectulum.figures.drawing.Study;
import lectulum.stage.balance.LevelFeed;
import lectulum.theme.Theme;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Pages that only show studies; what they are about is entered on the card of the thing.
public final class StudiesLeaf {
    private static final String NOTHING = "Nothing can be said yet: the axle must stand behind the ball, and something must"
            + " be aboard on a trip.";

    private StudiesLeaf() {
    }

    public static Leaf mechanisms(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme,
                new String[]{"lid.", "lift.", "hand.", "shock", "person.", "leg.", "cable.", "crank.", "jack."},
                workshop(Study.Topic.MECHANISM), "mechanisms", "Mechanisms",
                "Struts, runners, legs, slats and fixings",
                "Nothing moves or carries yet. Select a thing on the sheet and give it struts, runners, a leg, slats or"
                        + " fixings with \"Give it…\" on its card.");
    }

    public static Leaf loading(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme, new String[]{"load.", "over."}, workshop(Study.Topic.LOADING), "loading", "Loading",
                "Big things over the ramp and through the door",
                "Nothing is rolled aboard yet. Select a big thing on the sheet and give it a ramp and straps with"
                        + " \"Give it…\" on its card.");
    }

    public static Leaf outside(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme,
                new String[]{"limit.", "garage.", "droop", "awning.", "ladder."},
                workshop(Study.Topic.OUTSIDE), "outside", "Outside", "Over all, where it is kept, awnings and tents",
                "Nothing is known about what is around the camper.");
    }

    /// The pages of the Balance stage beside the sheet and the weigh day.
    public static List<Leaf> balance(Workbench bench, Supplier<Theme> theme) {
        return List.of(
                leaf(bench, theme, new String[]{"trip.", "mass."}, journey(Study.Topic.TRIP), "trip", "Trip",
                        "The tongue while supplies are used, and how sure it is", NOTHING),
                leaf(bench, theme, new String[]{"tyre.", "brake.", "coupler.", "steer.", "axle.", "vehicle.sure"},
                        journey(Study.Topic.RATINGS), "ratings", "Ratings",
                        "What limits first, brakes, tyres, and how much may still be put where", NOTHING),
                leaf(bench, theme, new String[]{"hitch.", "bars.", "spring.", "bounce."},
                        journey(Study.Topic.HITCH), "hitch", "Hitch", "Heights, springs and spring bars", NOTHING),
                leaf(bench, theme, new String[]{"tow.", "turn.", "jack.", "gate.", "drive.", "vehicle.tail"},
                        journey(Study.Topic.TURNING), "turning", "Turning",
                        "Where vehicle and trailer meet, and over a driveway", NOTHING),
                leaf(bench, theme, new String[]{"road.", "slosh.", "tie.", "roof."}, journey(Study.Topic.ROAD), "road",
                        "Road",
                        "Swaying, tipping over, ties and roof", NOTHING),
                camp(bench, theme));
    }

    private static Leaf camp(Workbench bench, Supplier<Theme> theme) {
        AssumedEntry entry = new AssumedEntry(bench, "site.", "block.", "camp.");
        StudyLeaf leaf = new StudyLeaf(theme, journey(Study.Topic.CAMP), NOTHING)
                .beside(new VBox(new LevelFeed(bench), entry));
        return new Leaf("camp", "Camp", "Uncoupled: who tips it, what the jacks carry, how it is levelled", leaf.page(),
                s -> {
                    entry.show(s);
                    leaf.show(s);
                });
    }

    private static Function<State, List<Study>> workshop(Study.Topic topic) {
        return s -> s.analysis().workshop().about(topic);
    }

    private static Function<State, List<Study>> journey(Study.Topic topic) {
        return s -> s.analysis().journey().about(topic);
    }

    private static Leaf leaf(Workbench bench, Supplier<Theme> theme, String[] assumed,
            Function<State, List<Study>> studies, String id,
            String name, String tip,
            String empty) {
        AssumedEntry entry = new AssumedEntry(bench, assumed);
        StudyLeaf leaf = new StudyLeaf(theme, studies, empty).beside(entry);
        return new Leaf(id, name, tip, leaf.page(), s -> {
            entry.show(s);
            leaf.show(s);
        });
    }
}
