package lectulum.stage;

import java.util.List;
import lectulum.figures.Stage;
import lectulum.sheet.SheetLook;
import lectulum.stage.air.AirUnit;
import lectulum.stage.balance.BalanceUnit;
import lectulum.stage.base.BaseUnit;
import lectulum.stage.brief.BriefUnit;
import lectulum.stage.build.BuildUnit;
import lectulum.stage.layout.LayoutUnit;
import lectulum.stage.log.LogUnit;
import lectulum.stage.materials.MaterialsUnit;
import lectulum.stage.money.MoneyUnit;
import lectulum.stage.papers.PapersUnit;
import lectulum.stage.power.PowerUnit;
import lectulum.stage.trip.TripUnit;
import lectulum.stage.water.WaterUnit;

/// Every stage that is built, in the order of work. This is the only place where they are listed.
public final class Stages {
    public static final List<StageUnit> ALL = List.of(
            new BriefUnit(),
            new BaseUnit(),
            new LayoutUnit(),
            new BalanceUnit(),
            new PowerUnit(),
            new WaterUnit(),
            new AirUnit(),
            new TripUnit(),
            new MaterialsUnit(),
            new MoneyUnit(),
            new BuildUnit(),
            new LogUnit(),
            new PapersUnit());

    private Stages() {
    }

    /// How a stage wants the sheet.
    public static SheetLook look(Stage stage) {
        return of(stage).look();
    }

    /// The unit of a stage.
    public static StageUnit of(Stage stage) {
        return ALL.stream().filter(u -> u.stage() == stage).findFirst().orElseThrow();
    }
}
