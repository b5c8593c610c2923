package lectulum.stage;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.layout.VBox;
import lectulum.balance.camp.CampStudies;
import lectulum.balance.hitch.HitchStudies;
import lectulum.balance.ratings.RatingStudies;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.trip.TripStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.layout.loading.LoadingStudies;
import lectulum.layout.mechanisms.MechanismStudies;
import lectulum.layout.outside.OutsideStudies;
import lectulum.stage.balance.LevelFeed;
import lectulum.theme.Theme;
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
                MechanismStudies.DISCIPLINE, "mechanisms", "Mechanisms",
                "Struts, runners, legs, slats and fixings",
                "Nothing moves or carries yet. Select a thing on the sheet and give it struts, runners, a leg, slats or"
                        + " fixings with \"Give it…\" on its card.");
    }

    public static Leaf loading(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme, new String[]{"load.", "over."}, LoadingStudies.DISCIPLINE, "loading", "Loading",
                "Big things over the ramp and through the door",
                "Nothing is rolled aboard yet. Select a big thing on the sheet and give it a ramp and straps with"
                        + " \"Give it…\" on its card.");
    }

    public static Leaf outside(Workbench bench, Supplier<Theme> theme) {
        return leaf(bench, theme,
                new String[]{"limit.", "garage.", "droop", "awning.", "ladder."},
                OutsideStudies.DISCIPLINE, "outside", "Outside", "Over all, where it is kept, awnings and tents",
                "Nothing is known about what is around the camper.");
    }

    /// The pages of the Balance stage beside the sheet and the weigh day.
    public static List<Leaf> balance(Workbench bench, Supplier<Theme> theme) {
        return List.of(
                leaf(bench, theme, new String[]{"trip.", "mass."}, TripStudies.DISCIPLINE, "trip", "Trip",
                        "The tongue while supplies are used, and how sure it is", NOTHING),
                leaf(bench, theme, new String[]{"tyre.", "brake.", "coupler.", "steer.", "axle.", "vehicle.sure"},
                        RatingStudies.DISCIPLINE, "ratings", "Ratings",
                        "What limits first, brakes, tyres, and how much may still be put where", NOTHING),
                leaf(bench, theme, new String[]{"hitch.", "bars.", "spring.", "bounce."},
                        HitchStudies.DISCIPLINE, "hitch", "Hitch", "Heights, springs and spring bars", NOTHING),
                leaf(bench, theme, new String[]{"tow.", "turn.", "jack.", "gate.", "drive.", "vehicle.tail"},
                        TurningStudies.DISCIPLINE, "turning", "Turning",
                        "Where vehicle and trailer meet, and over a driveway", NOTHING),
                leaf(bench, theme, new String[]{"road.", "slosh.", "tie.", "roof."}, RoadStudies.DISCIPLINE, "road",
                        "Road",
                        "Swaying, tipping over, ties and roof", NOTHING),
                camp(bench, theme));
    }

    private static Leaf camp(Workbench bench, Supplier<Theme> theme) {
        AssumedEntry entry = new AssumedEntry(bench, "site.", "block.", "camp.");
        StudyLeaf leaf = new StudyLeaf(theme, CampStudies.DISCIPLINE, NOTHING)
                .beside(new VBox(new LevelFeed(bench), entry));
        return new Leaf("camp", "Camp", "Uncoupled: who tips it, what the jacks carry, how it is levelled", leaf.page(),
                s -> {
                    entry.show(s);
                    leaf.show(s);
                });
    }

    private static Leaf leaf(Workbench bench, Supplier<Theme> theme, String[] assumed,
            Discipline<Studies> studies, String id,
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
