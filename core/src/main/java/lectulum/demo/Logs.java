package lectulum.demo;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.assumed.UsualTask;
import lectulum.design.Design;
import lectulum.design.logbook.Carrying;
import lectulum.design.logbook.Journey;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import lectulum.design.logbook.Trial;
import lectulum.design.logbook.Upkeep;
import lectulum.design.works.Job;
import lectulum.design.works.Works;

/// The logs of the demonstrations; all of it made up.
final class Logs {
    private static final double HOUR = 3600;
    private static final double MINUTE = 60;
    private static final double KILOMETRE = 1000;

    private Logs() {
    }

    /// Of somebody in the middle of a build: hours, a mistake, a decision, a snag.
    static Logbook dunlin() {
        LogEntry hours = LogEntry
                .of("entry-1", "2026-11-21", LogEntry.Kind.WORK, "Axle under, hubs greased, one brakeless"
                        + " afternoon in the rain")
                .withTask("B3").withHours(OptionalDouble.of(4.5 * HOUR));
        LogEntry mistake = LogEntry.of("entry-2", "2026-11-14", LogEntry.Kind.MISTAKE,
                "Profile traced on the wrong side of the line: one sheet lost").withHours(OptionalDouble.of(3 * HOUR))
                .withCost(OptionalDouble.of(46)).withStage("Base").withTask("A2");
        LogEntry decision = LogEntry
                .of("entry-3", "2026-10-30", LogEntry.Kind.DECISION, "Hatch of ribs, no steel in it")
                .withWhy("It must be lifted by one hand with a drying press in the other").withThing("galley-hatch");
        LogEntry snag = LogEntry
                .of("entry-4", "2026-11-22", LogEntry.Kind.SNAG, "Left hub runs warm after turning by hand")
                .withUnsafe(true).withHours(OptionalDouble.of(1.5 * HOUR)).withTask("");
        LogEntry fix = LogEntry.of("entry-5", "2026-11-08", LogEntry.Kind.MAKESHIFT, "Tarpaulin instead of a shed roof")
                .withDue("2026-11-25");
        LogEntry next = LogEntry.of("entry-6", "2026-11-02", LogEntry.Kind.NEXT_TIME,
                "Order the axle before the frame is drawn: its seats decide where the cross members go")
                .withStage("Base");
        return Logbook.NONE.withEntries(List.of(hours, mistake, decision, snag, fix, next));
    }

    /// A camper that is built but for its outside finish, and has been out three times.
    static Design nightjar(Design d) {
        List<Job> jobs = UsualTask.all().stream().filter(t -> t.in(d.brief().type()).isPresent())
                .map(t -> job(t, t.in(d.brief().type()).getAsDouble())).toList();
        return d.withWorks(Works.NONE.withStart("2026-09-20").withJobs(jobs))
                .withPurse(d.purse().withToday("2026-09-20")).withLogbook(log());
    }

    private static Job job(UsualTask t, double hours) {
        double done = t.id().equals("C10") ? 0.4 : 1;
        Job j = Job.usual(t.id()).withDone(done)
                .withLogged(OptionalDouble.of(Math.round(2 * hours * done * pace(t.family())) * HOUR / 2));
        return t.flags().matches(".*[WGM].*") ? j.withBy("Bram").withChecked("a licensed friend") : j;
    }

    private static double pace(String family) {
        return switch (family) {
            case "wood" -> 1.2;
            case "electric" -> 0.9;
            default -> 1.05;
        };
    }

    private static Logbook log() {
        List<Trial> trials = List.of(
                Trial.of("test-1", "2026-04-11", Trial.Kind.WATER, "floor seam", Trial.Outcome.PASSED).withBy("Ione"),
                Trial.of("test-2", "2026-04-11", Trial.Kind.WATER, "Window left", Trial.Outcome.PASSED).withBy("Ione"),
                Trial.of("test-3", "2026-04-11", Trial.Kind.WATER, "Side door", Trial.Outcome.PASSED).withBy("Ione"),
                Trial.of("test-4", "2026-04-11", Trial.Kind.WATER, "Rear ramp door", Trial.Outcome.PASSED)
                        .withBy("Bram"),
                Trial.of("test-9", "2026-04-11", Trial.Kind.WATER, "Wall vent", Trial.Outcome.PASSED).withBy("Bram"),
                Trial.of("test-10", "2026-04-11", Trial.Kind.WATER, "Roof vent", Trial.Outcome.PASSED).withBy("Bram"),
                Trial.of("test-11", "2026-04-12", Trial.Kind.WATER, "roof edge", Trial.Outcome.PASSED).withBy("Bram"),
                Trial.of("test-5", "2026-04-12", Trial.Kind.WATER, "Roof fan", Trial.Outcome.FAILED)
                        .withLasted(OptionalDouble.of(4 * MINUTE)).withNote("drop at the front left screw")
                        .withBy("Bram"),
                Trial.of("test-6", "2026-06-06", Trial.Kind.BOUNCE, "loaded", Trial.Outcome.PASSED)
                        .withCycles(OptionalDouble.of(2)).withShare(OptionalDouble.of(0.2)).withBy("Ione"),
                Trial.of("test-7", "2026-06-06", Trial.Kind.TOW, "80 km/h, loaded", Trial.Outcome.PASSED)
                        .withSpeed(OptionalDouble.of(80 / 3.6)).withWarmth(OptionalDouble.of(41))
                        .withNote("steady; a whisper of sway in gusts").withBy("Bram").withChecked("Ione"),
                Trial.of("test-8", "2026-06-06", Trial.Kind.BRAKE, "service brake", Trial.Outcome.PASSED)
                        .withBy("Bram").withChecked("Ione"));
        List<String> used = List.of("telescope", "optics-chest", "clothes-bag-1", "clothes-bag-2", "sleeping-bag-1",
                "sleeping-bag-2", "cookware", "crockery", "spares", "mount-drive", "laptop", "dew-heater-1",
                "dew-heater-2", "chocks-and-blocks");
        Journey first = Journey.of("journey-1", "Meadow by the mill", "2026-06-19", 2, 2)
                .withDistance(96 * KILOMETRE).withWater(OptionalDouble.of(0.046))
                .withPacking(OptionalDouble.of(105 * MINUTE)).withSetup(OptionalDouble.of(34 * MINUTE))
                .withColdest(OptionalDouble.of(9)).withUsed(used).withNote("Chest in the way of the bunk at night");
        Journey second = Journey.of("journey-2", "New moon, plateau", "2026-07-10", 4, 2)
                .withDistance(310 * KILOMETRE).withWater(OptionalDouble.of(0.088))
                .withEnergy(OptionalDouble.of(4 * 1.9 * 3.6e6 / 2)).withGas(OptionalDouble.of(0.42))
                .withPacking(OptionalDouble.of(80 * MINUTE)).withSetup(OptionalDouble.of(27 * MINUTE))
                .withColdest(OptionalDouble.of(4)).withUsed(used);
        Journey third = Journey.of("journey-3", "Shooting stars", "2026-08-11", 3, 2).withDistance(244 * KILOMETRE)
                .withWater(OptionalDouble.of(0.071)).withGas(OptionalDouble.of(0.30))
                .withPacking(OptionalDouble.of(70 * MINUTE)).withSetup(OptionalDouble.of(25 * MINUTE))
                .withColdest(OptionalDouble.of(11)).withUsed(used);
        List<Upkeep> upkeep = List.of(
                Upkeep.usual("wheel-nuts").withLast("2026-08-11").withAt(OptionalDouble.of(406 * KILOMETRE)),
                Upkeep.usual("bearings").withLast("2026-04-18").withAt(OptionalDouble.of(0))
                        .withNote("lithium grease, new seals"),
                Upkeep.usual("brakes").withLast("2026-06-05").withAt(OptionalDouble.of(0)),
                Upkeep.usual("coupler").withLast("2026-04-18"), Upkeep.usual("tyres-pressure").withLast("2026-08-10"),
                Upkeep.usual("seals").withLast("2026-04-12"), Upkeep.usual("gas").withLast("2026-04-25"),
                Upkeep.usual("alarms").withLast("2026-08-10"),
                Upkeep.usual("battery").withLast("2026-08-10"));
        List<Carrying> carried = List.of(new Carrying("telescope", "Bram", false, false),
                new Carrying("optics-chest", "Bram", false, false), new Carrying("laptop", "Ione", false, true),
                new Carrying("food-box", "Ione", false, false), new Carrying("fridge-contents", "Ione", false, false),
                new Carrying("cookware", "", true, false), new Carrying("crockery", "", true, false),
                new Carrying("tool-box", "", true, false), new Carrying("spares", "", true, false),
                new Carrying("chocks-and-blocks", "", true, false));
        List<LogEntry> entries = List.of(
                LogEntry.of("entry-1", "2026-08-14", LogEntry.Kind.NEXT_TIME,
                        "A step between bench and bunk: nobody climbs well in the dark").withStage("Layout"),
                LogEntry.of("entry-2", "2026-07-14", LogEntry.Kind.SNAG, "Ramp door rattles at its lower left corner")
                        .withHours(OptionalDouble.of(HOUR)).withDue("2026-10-10").withThing("rear-ramp-door"),
                LogEntry.of("entry-3", "2026-06-21", LogEntry.Kind.MAKESHIFT,
                        "Chest held by a strap round the galley leg").withDue("2026-09-01").withThing("optics-chest"));
        return Logbook.NONE.withTrials(trials).withJourneys(List.of(first, second, third)).withUpkeep(upkeep)
                .withCarried(carried).withEntries(entries).withTyres("1423");
    }
}
