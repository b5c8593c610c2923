package lectulum.stage.balance;

import java.util.List;
import lectulum.balance.hitch.HitchStudies;
import lectulum.balance.ratings.RatingStudies;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.trip.TripStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.Bench;
import lectulum.stage.Leaf;
import lectulum.stage.StageUnit;
import lectulum.stage.StageView;
import lectulum.stage.StudiesLeaf;

/// What it weighs, and where.
public final class BalanceUnit implements StageUnit {
    /// Room for the arrows of the reactions \[px\].
    private static final double REACTIONS = 56;
    /// Room for the tools beside the camper \[px\].
    private static final double TOOLS = 100;
    private static final SheetLook LOOK = SheetLook.PLAIN.withSymbols(false).withOutlined(true).withAxle(true)
            .withBeside(TOOLS).withBelow(REACTIONS)
            .withMoving((pen, p, state, hatches) -> new BalanceLayer(pen, p, state, hatches).paint());

    private static final String NOTHING = "Nothing can be said yet: the axle must stand behind the ball, and something must"
            + " be aboard on a trip.";

    @Override
    public Stage stage() {
        return Stage.BALANCE;
    }

    @Override
    public SheetLook look() {
        return LOOK;
    }

    @Override
    public StageView open(Bench bench) {
        return new BalanceStage(bench.work(), bench.thingCard());
    }

    @Override
    public List<Leaf> leaves(Bench bench) {
        return List.of(Leaf.sheet(), WeighLeaf.leaf(bench), SolveLeaf.leaf(bench), trip(bench),
                ratings(bench), VehiclesLeaf.leaf(bench), hitch(bench),
                turning(bench), road(bench), CampLeaf.leaf(bench, NOTHING));
    }

    @Override
    public List<TallyCell> tally() {
        return List.of(TallyCell.ofCase("loaded", "mass"), TallyCell.ofCase("tongue", "tongue"),
                TallyCell.ofCase("axle", "axle"), TallyCell.ofCase("payload", "payloadLeft"));
    }

    private static Leaf trip(Bench bench) {
        return StudiesLeaf.leaf(bench, "trip", "Trip", "The tongue while supplies are used, and how sure it is",
                NOTHING,
                TripStudies.DISCIPLINE);
    }

    private static Leaf ratings(Bench bench) {
        return StudiesLeaf.leaf(bench, "ratings", "Ratings",
                "What limits first, brakes, tyres, and how much may still be put where", NOTHING,
                RatingStudies.DISCIPLINE);
    }

    private static Leaf hitch(Bench bench) {
        return StudiesLeaf.leaf(bench, "hitch", "Hitch", "Heights, springs and spring bars", NOTHING,
                HitchStudies.DISCIPLINE);
    }

    private static Leaf turning(Bench bench) {
        return StudiesLeaf.leaf(bench, "turning", "Turning", "Where vehicle and trailer meet, and over a driveway",
                NOTHING, TurningStudies.DISCIPLINE);
    }

    private static Leaf road(Bench bench) {
        return StudiesLeaf.leaf(bench, "road", "Road", "Swaying, tipping over, ties and roof", NOTHING,
                RoadStudies.DISCIPLINE);
    }
}
