package lectulum.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import lectulum.air.BreathStudies;
import lectulum.air.Cabin;
import lectulum.air.CoolStudies;
import lectulum.air.DampStudies;
import lectulum.air.EnvelopeStudies;
import lectulum.air.InsulationStudies;
import lectulum.air.WarmthStudies;
import lectulum.balance.Balance;
import lectulum.balance.Rig;
import lectulum.balance.camp.CampStudies;
import lectulum.balance.hitch.HitchStudies;
import lectulum.balance.ratings.RatingStudies;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.trip.TripStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.balance.weigh.WeighStudies;
import lectulum.base.frame.FrameStudies;
import lectulum.base.gear.AxleOrder;
import lectulum.base.gear.GearStudies;
import lectulum.base.profile.ProfileStudies;
import lectulum.base.survey.SurveyStudies;
import lectulum.base.walls.WallStudies;
import lectulum.brief.Demands;
import lectulum.brief.SavingStudies;
import lectulum.brief.Tiers;
import lectulum.brief.bases.Bases;
import lectulum.brief.height.HeightStudies;
import lectulum.build.BuildStudies;
import lectulum.build.Odds;
import lectulum.build.Timeline;
import lectulum.design.Mode;
import lectulum.discipline.Discipline;
import lectulum.gas.GasStudies;
import lectulum.layout.Floor;
import lectulum.layout.Layout;
import lectulum.layout.Room;
import lectulum.layout.change.ChangeOvers;
import lectulum.layout.doors.Doors;
import lectulum.layout.doors.Exits;
import lectulum.layout.doors.Motions;
import lectulum.layout.doors.WayThrough;
import lectulum.layout.loading.LoadingStudies;
import lectulum.layout.mechanisms.MechanismStudies;
import lectulum.layout.outside.OutsideStudies;
import lectulum.layout.people.BerthStudies;
import lectulum.layout.people.People;
import lectulum.layout.score.LayoutScore;
import lectulum.layout.storage.Storage;
import lectulum.log.Checklists;
import lectulum.log.Diary;
import lectulum.log.Journeys;
import lectulum.log.Packing;
import lectulum.log.Trials;
import lectulum.log.Upkeeps;
import lectulum.materials.Materials;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.CutStudies;
import lectulum.materials.cutting.StockStudies;
import lectulum.materials.finish.FinishStudies;
import lectulum.materials.framing.StickStudies;
import lectulum.materials.framing.WeldStudies;
import lectulum.materials.joinery.JoineryStudies;
import lectulum.materials.skins.SheetStudies;
import lectulum.materials.upholstery.CushionStudies;
import lectulum.materials.upholstery.OpeningStudies;
import lectulum.money.DealStudies;
import lectulum.money.Money;
import lectulum.money.OutlookStudies;
import lectulum.money.ToolStudies;
import lectulum.power.MainsStudies;
import lectulum.power.OffGridStudies;
import lectulum.power.Power;
import lectulum.power.RestStudies;
import lectulum.power.RoadCharge;
import lectulum.power.RoofRoom;
import lectulum.power.RunningStudies;
import lectulum.power.SourceStudies;
import lectulum.power.TowLightStudies;
import lectulum.power.YearStudies;
import lectulum.power.light.LightStudies;
import lectulum.power.wiring.TestStudies;
import lectulum.power.wiring.Wired;
import lectulum.power.wiring.WiringStudies;
import lectulum.space.Bodies;
import lectulum.trip.Rehearsals;
import lectulum.water.HoseStudies;
import lectulum.water.HotStudies;
import lectulum.water.PipeStudies;
import lectulum.water.Water;
import lectulum.water.WaterStudies;
import lectulum.weather.Weather;

/// All disciplines, each behind those that it may ask. This is the only place where they are listed.
public final class Disciplines {
    public static final List<Discipline<?>> ALL = list();
    /// Those that take longest, the longest first: begun first, several threads end nearly together.
    static final List<Discipline<?>> LONGEST = List.of(CutPlans.DISCIPLINE, CushionStudies.DISCIPLINE,
            YearStudies.DISCIPLINE, WiringStudies.BUYING, PipeStudies.DISCIPLINE);

    private Disciplines() {
    }

    private static List<Discipline<?>> list() {
        List<Discipline<?>> all = new ArrayList<>(List.of(Bodies.DISCIPLINE, Layout.DISCIPLINE));
        everyMode(all, Room::in);
        everyMode(all, Floor::in);
        everyMode(all, Motions::in);
        all.addAll(List.of(People.DISCIPLINE, BerthStudies.DISCIPLINE, Exits.DISCIPLINE, Doors.DISCIPLINE));
        everyMode(all, WayThrough::in);
        all.addAll(List.of(Storage.DISCIPLINE, ChangeOvers.DISCIPLINE, Balance.DISCIPLINE, Water.DISCIPLINE,
                Power.DISCIPLINE, Weather.DISCIPLINE, Wired.DISCIPLINE, RoadCharge.DISCIPLINE,
                OffGridStudies.DISCIPLINE, YearStudies.DISCIPLINE,
                RunningStudies.DISCIPLINE, RoofRoom.DISCIPLINE, SourceStudies.DISCIPLINE,
                WiringStudies.PROTECTION, WiringStudies.DRAWINGS, WiringStudies.BUYING, TestStudies.DISCIPLINE,
                RestStudies.DISCIPLINE,
                LightStudies.DISCIPLINE,
                MainsStudies.DISCIPLINE, TowLightStudies.DISCIPLINE,
                WaterStudies.DAYS, WaterStudies.TANKS, HoseStudies.DISCIPLINE, HotStudies.DISCIPLINE,
                PipeStudies.DISCIPLINE,
                Cabin.DISCIPLINE, EnvelopeStudies.DISCIPLINE, WarmthStudies.DISCIPLINE, InsulationStudies.DISCIPLINE,
                CoolStudies.DISCIPLINE, DampStudies.DISCIPLINE, BreathStudies.DISCIPLINE,
                SurveyStudies.DISCIPLINE, ProfileStudies.DISCIPLINE, WallStudies.DISCIPLINE,
                FrameStudies.DISCIPLINE, GearStudies.DISCIPLINE, MechanismStudies.DISCIPLINE, LoadingStudies.DISCIPLINE,
                OutsideStudies.DISCIPLINE, Rig.DISCIPLINE, TripStudies.DISCIPLINE, WeighStudies.DISCIPLINE,
                RatingStudies.DISCIPLINE, AxleOrder.DISCIPLINE, CampStudies.DISCIPLINE, HitchStudies.DISCIPLINE,
                TurningStudies.DISCIPLINE,
                RoadStudies.DISCIPLINE, Rehearsals.DISCIPLINE, GasStudies.DISCIPLINE, Materials.DISCIPLINE,
                StickStudies.DISCIPLINE, WeldStudies.DISCIPLINE, SheetStudies.DISCIPLINE, JoineryStudies.DISCIPLINE,
                CutPlans.DISCIPLINE,
                CutStudies.DISCIPLINE,
                FinishStudies.DISCIPLINE, CushionStudies.DISCIPLINE, OpeningStudies.DISCIPLINE,
                StockStudies.DISCIPLINE,
                Money.DISCIPLINE, OutlookStudies.TOTALS, OutlookStudies.RANGE, OutlookStudies.CASH,
                Odds.DISCIPLINE, BuildStudies.DISCIPLINE, Timeline.DISCIPLINE, DealStudies.DISCIPLINE,
                ToolStudies.DISCIPLINE,
                LayoutScore.DISCIPLINE,
                HeightStudies.DISCIPLINE, Tiers.DISCIPLINE, SavingStudies.DISCIPLINE, Demands.DISCIPLINE,
                Bases.DISCIPLINE, Diary.DISCIPLINE, Trials.DISCIPLINE, Upkeeps.DISCIPLINE, Journeys.DISCIPLINE,
                Packing.DISCIPLINE, Checklists.DISCIPLINE));
        return List.copyOf(all);
    }

    private static void everyMode(List<Discipline<?>> all, Function<Mode, Discipline<?>> discipline) {
        for (Mode mode : Mode.values()) {
            all.add(discipline.apply(mode));
        }
    }
}
