package lectulum.demo;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.balance.weigh.Method;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Project;
import lectulum.design.Settings;
import lectulum.design.Variant;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Gear;
import lectulum.design.base.Shell;
import lectulum.design.base.Survey;
import lectulum.design.base.WheelArches;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Candidate;
import lectulum.design.brief.Climate;
import lectulum.design.brief.Effort;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.design.brief.Season;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Skill;
import lectulum.design.brief.Terrain;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.TongueSchool;
import lectulum.design.brief.Travel;
import lectulum.design.brief.WaterStyle;
import lectulum.design.brief.Wish;
import lectulum.design.envelope.Envelope;
import lectulum.design.purse.Economy;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.design.purse.Tool;
import lectulum.design.thing.Cost;
import lectulum.design.thing.MassSource;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.design.weighing.Weighing;
import lectulum.design.works.Baseline;
import lectulum.design.works.Job;
import lectulum.design.works.OtherDay;
import lectulum.design.works.Works;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.profile.Nose;
import lectulum.power.wiring.Raceways;
import lectulum.units.UnitSystem;

/// The campers that ship with the program: three demonstrations and a sensible start for each type. All people, places
/// and numbers are made up.
public final class Campers {
    private Campers() {
    }

    /// A demonstration.
    ///
    /// @param key   short name, as in `demo:nightjar`
    /// @param about one sentence
    public record Demo(String key, String name, String about) {
    }

    /// The demonstrations, the fullest first.
    public static List<Demo> demos() {
        return List.of(
                new Demo("nightjar", "Nightjar",
                        "Cargo conversion: two astronomers sleep beside a 40 cm telescope and its long nights on battery."),
                new Demo("dunlin", "Dunlin",
                        "Teardrop: a botanical illustrator, a small hatchback, a galley under the rear hatch."),
                new Demo("chamois", "Chamois",
                        "Overland: a family of four maps old drove roads; one axle or two."));
    }

    /// A demonstration by its key; empty for an unknown one.
    public static Optional<Project> demo(String key) {
        return switch (key) {
            case "nightjar" -> Optional.of(nightjarProject());
            case "dunlin" -> Optional.of(dunlinProject());
            case "chamois" -> Optional.of(chamoisProject());
            default -> Optional.empty();
        };
    }

    /// Every variant of every demonstration, the fullest first.
    public static List<Design> all() {
        return demos().stream().flatMap(d -> demo(d.key()).stream()).flatMap(p -> p.variants().stream())
                .map(Variant::design).toList();
    }

    /// With raceways along its sides and walls of the usual build.
    private static Design wired(Design d) {
        return d.with(Raceways.laid(d)).with(Envelope.usual(d.brief().type()));
    }

    /// A sensible camper to start from, already drawn.
    ///
    /// @param units in which it is shown
    public static Project start(CamperType type, String name, UnitSystem units) {
        Design design = start(type, name).design();
        return Project.of(name, design.with(design.brief().withUnits(units)
                .withCurrency(units == UnitSystem.US ? "$" : design.brief().currency())));
    }

    /// A sensible camper to start from, already drawn, in metric units.
    public static Project start(CamperType type, String name) {
        Design design = switch (type) {
            case TEARDROP -> startTeardrop();
            case OVERLAND -> startOverland();
            case CARGO -> startCargo();
        };
        return Project.of(name, design.with(Envelope.usual(type)));
    }

    private static Design nightjar() {
        Brief brief = new Brief(CamperType.CARGO,
                List.of(new Person("ione", "Ione", 1.61, 63), new Person("bram", "Bram", 1.94, 92)), 4,
                OptionalDouble.of(9800), "€",
                true, UnitSystem.METRIC, 44.2, 11, Climate.MARITIME, WaterStyle.NORMAL, Toilet.CASSETTE,
                TongueSchool.NORTH_AMERICA, 0.10, 0.15)
                .withWishes(wishes(
                        List.of(Ability.COOK_INSIDE, Ability.COLD_FOOD, Ability.RUNNING_WATER, Ability.OFF_GRID,
                                Ability.CARRY),
                        List.of(Ability.HEAT, Ability.TOILET, Ability.AIR),
                        List.of(Ability.SHOWER, Ability.COOLING, Ability.SHADE)))
                .withTravel(new Travel(14, 2, 9, 7_000_000, Terrain.GRAVEL, OptionalDouble.of(-6),
                        OptionalDouble.empty(), 8, List.of(Season.SPRING, Season.AUTUMN)))
                .withEffort(new Effort(OptionalDouble.of(450), 7 * 3600, List.of(Skill.WOOD, Skill.ELECTRICS)))
                .withUses(List.of(SecondUse.Kind.HAULING.usual())).withCandidates(nightjarBases());
        Vehicle vehicle = new Vehicle("Estate car", 1690, 760, 2.79, 1.12, 0.46, 45,
                Map.of(Rating.TOW_BRAKED, 1600.0, Rating.TOW_UNBRAKED, 750.0, Rating.TONGUE_VEHICLE, 150.0,
                        Rating.PAYLOAD, 505.0, Rating.VEHICLE_GROSS, 2260.0, Rating.REAR_AXLE, 1190.0,
                        Rating.COMBINED_GROSS, 3700.0, Rating.BALL, 2000.0, Rating.RECEIVER, 1800.0))
                .withBall(0.050).with(Optional.of(new Vehicle.Seats(1.42, 0.50, -0.30, 2)))
                .withLooks(Vehicle.Looks.ESTATE);
        Base base = new Base(new Shell.Nosed(4.12, 1.85, 1.97, 0.62, 0.10, Nose.Form.VEE), 0.035, 0.03, 0.04, 0.54,
                WheelArches.NONE, 1.25, new Axle(2.36, 1, 0, 1.72, 0.64, 0.195, true, 96),
                new EmptyMass.Weighed(52, 436, 0.42, 2.36),
                Map.of(Rating.GROSS_PLATE, 1200.0, Rating.COUPLER, 1588.0, Rating.TONGUE_COUPLER, 150.0, Rating.AXLE,
                        1150.0, Rating.TYRE, 615.0, Rating.WHEEL, 640.0, Rating.SPRING, 600.0, Rating.CHAIN, 1600.0),
                new Cost(2150, OptionalDouble.of(2080)));
        Base known = base.with(nightjarCarcass()).with(nightjarSurvey());
        return Placements.add(new Design(brief, vehicle, known, List.of(), LoadCase.standard(), List.of()), "nightjar")
                .withWeighings(List.of(nightjarBare(), nightjarDry()))
                .with(Settings.NONE.with(Assumption.COUPLER_SIZE.id(), 0.050).with(Assumption.GUARD_GAP.id(), 0.455)
                        .with(Assumption.TYRE_SPEED.id(), 140 / 3.6)
                        .with(Assumption.TYRE_AGE.id(), 3).with(Assumption.REST_VOLTS.id(), 13.18))
                .withGarage(List.of(nightjarVan()));
    }

    private static Map<Ability, Wish> wishes(List<Ability> must, List<Ability> want, List<Ability> not) {
        Map<Ability, Wish> all = new EnumMap<>(Ability.class);
        must.forEach(a -> all.put(a, Wish.MUST));
        want.forEach(a -> all.put(a, Wish.WANT));
        not.forEach(a -> all.put(a, Wish.NOT));
        return all;
    }

    /// What stood for sale when the box was bought.
    private static List<Candidate> nightjarBases() {
        return List.of(
                new Candidate("box", "Closed box, V nose", Candidate.Kind.ENCLOSED, 2080, 120, 14 * 3600, 488,
                        OptionalDouble.of(1200), OptionalDouble.of(1150), 4.05, 1.78, 1.93, OptionalDouble.of(6),
                        85_000,
                        Map.of(Candidate.Fault.RUST, Candidate.Seen.GOOD, Candidate.Fault.BEARINGS,
                                Candidate.Seen.WORN, Candidate.Fault.TYRES, Candidate.Seen.GOOD,
                                Candidate.Fault.DIAGONALS, Candidate.Seen.WORN, Candidate.Fault.PLATE,
                                Candidate.Seen.GOOD, Candidate.Fault.PAPERS, Candidate.Seen.GOOD)),
                new Candidate("flatbed", "Flatbed with new boards", Candidate.Kind.UTILITY, 900, 1450, 95 * 3600, 310,
                        OptionalDouble.of(1300), OptionalDouble.of(1300), 3.60, 1.80, 1.90, OptionalDouble.of(17),
                        20_000,
                        Map.of(Candidate.Fault.RUST, Candidate.Seen.WORN, Candidate.Fault.TYRES, Candidate.Seen.BAD,
                                Candidate.Fault.LIGHTS, Candidate.Seen.BAD)));
    }

    /// The neighbour's van, which could tow it too: more payload, a shorter overhang, a lower tongue limit.
    private static Vehicle nightjarVan() {
        return new Vehicle("Small van, borrowed", 1540, 690, 2.98, 0.94, 0.44, 30,
                Map.of(Rating.TOW_BRAKED, 1200.0, Rating.TOW_UNBRAKED, 735.0, Rating.TONGUE_VEHICLE, 85.0,
                        Rating.PAYLOAD, 690.0, Rating.VEHICLE_GROSS, 2230.0, Rating.REAR_AXLE, 1250.0,
                        Rating.COMBINED_GROSS, 3200.0))
                .withBall(0.050).withOwn(Map.of(Assumption.TOW_HALF.id(), 0.92, Assumption.TOW_AHEAD.id(), 0.11));
    }

    /// The box as bought, wheel by wheel on four pads.
    private static Weighing nightjarBare() {
        return new Weighing("w1", "2025-10-11", "bare box", LoadCase.BARE, 488, 52,
                entries(Method.WHEELS, 219, 217, 52), List.of(), "");
    }

    /// The dry build on a public scale: heavier than planned.
    private static Weighing nightjarDry() {
        return new Weighing("w2", "2026-05-16", "dry build", LoadCase.DRY, 888, 109,
                entries(Method.SEGMENTED, 1010, 1050, 800, 1060, 880), List.of(), "");
    }

    private static List<Weighing.Entry> entries(Method method, double... read) {
        List<Weighing.Entry> entries = new ArrayList<>(method.entries());
        for (int i = 0; i < read.length; i++) {
            entries.set(i, entries.get(i).reading(read[i]));
        }
        return entries;
    }

    private static Carcass nightjarCarcass() {
        return Carcass.UNKNOWN
                .with(Carcass.Face.LEFT, Optional.of(Carcass.Framing.even(0.66, 4.10, 0.406, 0.025, 0.025)))
                .with(Carcass.Face.RIGHT, Optional.of(Carcass.Framing.even(0.66, 4.10, 0.406, 0.025, 0.025)))
                .with(Carcass.Face.ROOF, Optional.of(Carcass.Framing.even(0.66, 4.10, 0.610, 0.025, 0.025)))
                .withFrame(Optional.of(new Carcass.Frame(new Carcass.Member(0.050, 0.100, 0.004, 2), 1.55,
                        new Carcass.Member(0.050, 0.080, 0.003, 2), 0.33, 235e6)))
                .with(nightjarGear());
    }

    /// As bought: the right end of the axle sits a few millimetres too far forward, the shackles hang a little far back.
    private static Gear nightjarGear() {
        return new Gear(
                Optional.of(new Gear.Springs(0.640, 0.078, 0.050, 0.005, 0.075, 0, Math.toRadians(15),
                        OptionalDouble.of(0.606))),
                Optional.empty(), Optional.of(new Gear.Guard(0.80, 0.72)),
                List.of(new Gear.Tapes(3.685, 3.680, 1.480, 0.002)));
    }

    /// The box leans: its rear end stands 5 mm to the right of the front, and its rear right post leans out.
    private static Survey nightjarSurvey() {
        return Survey.NONE.with(Optional.of(new Survey.Tapes(1.780, 3.454, 3.453, 3.888, 3.883, 1.781)))
                .withLean(Optional.of(new Survey.Lean(1.90, new Survey.Post(0, 0), new Survey.Post(0.001, 0),
                        new Survey.Post(0, 0.004), new Survey.Post(-0.002, 0.009))))
                .withFrame(Optional.of(new Survey.Rigid(1.90, 1.735, 2.45, 0.40, 1.55, 0.006)))
                .withChain(Optional.of(new Survey.Chain(new Survey.Link("floor behind the nose", 3.454, 1, 0.002),
                        List.of(new Survey.Link("galley", 1.200, 1, 0.005), new Survey.Link("lining", 0.003, 2, 0.001),
                                new Survey.Link("toilet", 0.200, 1, 0.005), new Survey.Link("tuck", 0.012, 2, 0.002)),
                        2.02)));
    }

    private static final Shell TEARDROP = new Shell.Profile(1.50,
            List.of(new Shell.Profile.Point(0, 0.32), new Shell.Profile.Point(0.06, 0.66),
                    new Shell.Profile.Point(0.24, 0.92), new Shell.Profile.Point(0.58, 1.10),
                    new Shell.Profile.Point(1.10, 1.18), new Shell.Profile.Point(1.70, 1.15),
                    new Shell.Profile.Point(2.25, 1.04), new Shell.Profile.Point(2.66, 0.84),
                    new Shell.Profile.Point(2.90, 0.55), new Shell.Profile.Point(2.98, 0.20)));

    private static Base teardropBase(double axleX) {
        return new Base(TEARDROP, 0.035, 0.03, 0.03, 0.44, WheelArches.NONE, 1.15,
                new Axle(axleX, 1, 0, 1.62, 0.58, 0.165, false, 58),
                new EmptyMass.Entered(152, 0.95, -0.18, axleX, MassSource.CATALOGUE),
                Map.of(Rating.GROSS_PLATE, 750.0, Rating.COUPLER, 1300.0, Rating.TONGUE_COUPLER, 100.0, Rating.AXLE,
                        750.0, Rating.TYRE, 450.0),
                Cost.planned(980));
    }

    private static Design dunlin() {
        Brief brief = new Brief(CamperType.TEARDROP, List.of(new Person("maris", "Maris", 1.68, 61)), 3,
                OptionalDouble.of(6800), "€",
                true, UnitSystem.METRIC, 52.5, 6, Climate.MARITIME, WaterStyle.FRUGAL, Toilet.NONE,
                TongueSchool.EUROPE, 0.04, 0.07)
                .withTravel(new Travel(16, 1, 10, 5_000_000, Terrain.GRAVEL, OptionalDouble.of(4),
                        OptionalDouble.empty(), 10, List.of(Season.SPRING, Season.SUMMER)))
                .withKept(new Kept(OptionalDouble.of(2.05), OptionalDouble.of(2.30), OptionalDouble.empty(), null))
                .withWishes(wishes(List.of(Ability.COOK_OUTSIDE), List.of(Ability.COLD_FOOD, Ability.OFF_GRID),
                        List.of(Ability.STAND_UP, Ability.COOK_INSIDE)));
        Vehicle vehicle = new Vehicle("Small hatchback", 1140, 450, 2.47, 0.72, 0.42, 30,
                Map.of(Rating.TOW_UNBRAKED, 750.0, Rating.TOW_BRAKED, 1000.0, Rating.TONGUE_VEHICLE, 50.0,
                        Rating.PAYLOAD, 420.0, Rating.VEHICLE_GROSS, 1590.0, Rating.REAR_AXLE, 790.0))
                .withLooks(Vehicle.Looks.CAR);
        Base base = teardropBase(1.52).with(new Cost(980, OptionalDouble.of(960)))
                .with(Carcass.UNKNOWN.withHatch(Optional.of(new Carcass.Hatch(2.10, Math.toRadians(75))))
                        .withSkin(Optional.of(new Carcass.Skin("birch-ply-3", true, 1)))
                        .with(Carcass.Face.ROOF,
                                Optional.of(Carcass.Framing.even(0.40, 2.10, 0.300, 0.038, 0.038)))
                        .with(Carcass.Face.REAR,
                                Optional.of(new Carcass.Framing(List.of(-0.70, -0.24, 0.24, 0.70), 0.018, 0.060,
                                        false))));
        Design dunlin = new Design(brief, vehicle, base, List.of(), LoadCase.standard(), List.of())
                .with(dunlinPurse()).with(dunlinWorks()).withLogbook(Logs.dunlin());
        return Placements.add(
                dunlin.with(dunlin.settings().with(Assumption.BRAKE_SHARE.id(), 0).with(Assumption.ROAD_SPEED.id(),
                        80 / 3.6)),
                "dunlin");
    }

    private static Works dunlinWorks() {
        return new Works("2026-11-28", List.of(), List.of("2026-12-24", "2026-12-25", "2026-12-26"),
                List.of(Job.usual("A1").withDone(1).withLogged(OptionalDouble.of(29 * 3600)),
                        Job.usual("A2").withDone(1).withLogged(OptionalDouble.of(7 * 3600)),
                        Job.usual("B1").withDone(1).withLogged(OptionalDouble.of(6 * 3600)),
                        Job.usual("B2").withDone(1).withLogged(OptionalDouble.of(24 * 3600))
                                .withBy("the welder two doors on").withChecked("Maris"),
                        Job.usual("B3").withDone(0.5).withLogged(OptionalDouble.of(6 * 3600)),
                        Job.own("own-1", "Drying press: drawers that fit the blotters", 9 * 3600)
                                .withAfter(List.of("E2"))),
                List.of(new OtherDay("2026-12-28", 9, 17, true), new OtherDay("2026-12-29", 9, 17, false)),
                dunlinKept());
    }

    /// The plan as it was when the outline was drawn and the donor bought.
    private static Baseline dunlinKept() {
        return new Baseline("2026-10-24", Stream.of("B2 2026-10-31", "B4 2026-10-31", "B3 2026-11-05", "C1 2026-11-10",
                "C2 2026-11-21", "B5 2026-11-21", "C3 2026-11-28", "C4 2026-12-06", "C5 2026-12-12", "C6 2026-12-13",
                "C7 2027-01-16", "C8 2027-01-30", "C9 2027-02-25", "D1 2027-02-25", "E1 2027-03-09", "C10 2027-03-20",
                "E2 2027-04-10", "E5 2027-04-17", "E3 2027-04-25", "E4 2027-04-29", "F1 2027-05-02", "G1 2027-05-02",
                "E6 2027-05-08", "G2 2027-05-08", "G3 2027-05-11", "own-1 2027-05-15")
                .map(x -> new Baseline.Target(x.substring(0, x.indexOf(' ')), x.substring(x.indexOf(' ') + 1)))
                .toList());
    }

    private static Purse dunlinPurse() {
        Receipt bits = Receipt.of("line-1", "Router bits, blades", Receipt.State.PAID, 31.40)
                .withKind(Receipt.Kind.TOOL).withTax(0.2).withShop("tool counter").withDate("2026-08-14");
        Receipt screws = Receipt.of("line-2", "Screws 4 × 30", Receipt.State.PAID, 9.60).withKind(Receipt.Kind.SMALL)
                .withAmount(420).withPack(200).withTax(0.2).withShop("timber yard").withDate("2026-09-05")
                .withFreight(6.90);
        Receipt plate = Receipt.of("line-3", "Inspection and plate", Receipt.State.GUESS, 140)
                .withKind(Receipt.Kind.FEES).withNeed("2027-05-10").withLead(14).withTask("G1");
        Receipt sewing = Receipt.of("line-4", "Sewing of the covers", Receipt.State.QUOTE, 165)
                .withKind(Receipt.Kind.HIRED).withTier(Bill.Tier.COMFORT).withTax(0.2).withShop("sail loft")
                .withDate("2026-11-02").withNeed("2027-04-20").withLead(28).withTask("E6");
        Receipt lamp = Receipt.of("line-5", "Brass reading lamp", Receipt.State.PAID, 55).withTier(Bill.Tier.LUXURY)
                .withCover(Bill.Cover.GIFT).withNote("from the herbarium");
        return new Purse(List.of(bits, screws, plate, sewing, lamp), List.of(),
                List.of(new Economy("covers", "sew the covers at home", 165, 14 * 3600, 1),
                        new Economy("press", "old press, not a new one", 60, 0, 2)),
                "2026-11-28", List.of(new Tool("tool-1", "Router", 129, 0.5, 14, 12, Tool.Way.THERE, ""),
                        new Tool("tool-2", "MIG welder", 420, 0.6, 38, 4, Tool.Way.HIRE, "B3"),
                        new Tool("tool-3", "Long clamps, six", 84, 0.3, 9, 15, Tool.Way.OPEN, "C2")));
    }

    private static Base overlandBase(double axleX) {
        return new Base(new Shell.Box(2.70, 1.70, 1.18), 0.03, 0.03, 0.03, 0.66, new WheelArches(0.90, 0.10, 0.12),
                1.55, new Axle(axleX, 1, 0, 1.56, 0.76, 0.245, true, 138),
                new EmptyMass.Entered(318, 0.95, -0.22, axleX, MassSource.CATALOGUE),
                Map.of(Rating.GROSS_PLATE, 1500.0, Rating.COUPLER, 2000.0, Rating.TONGUE_COUPLER, 150.0, Rating.AXLE,
                        1500.0, Rating.TYRE, 950.0),
                Cost.planned(1900));
    }

    private static Design chamois() {
        Brief brief = new Brief(CamperType.OVERLAND,
                List.of(new Person("tess", "Tess", 1.70, 66), new Person("oyvin", "Oyvin", 1.83, 84),
                        new Person("lark", "Lark", 1.38, 32, OptionalDouble.of(10)),
                        new Person("fenn", "Fenn", 1.12, 21, OptionalDouble.of(6))),
                5, OptionalDouble.of(12_000), "€", true, UnitSystem.METRIC, 42.8, 7, Climate.DRY_HIGHLAND,
                WaterStyle.FRUGAL,
                Toilet.NONE, TongueSchool.AUSTRALIA, 0.08, 0.15)
                .withTravel(new Travel(8, 2, 12, 9_000_000, Terrain.TRACK, OptionalDouble.empty(),
                        OptionalDouble.of(21), 6))
                .withWishes(wishes(List.of(Ability.COOK_OUTSIDE, Ability.COLD_FOOD, Ability.RUNNING_WATER),
                        List.of(Ability.SHADE, Ability.OFF_GRID, Ability.WORK_LIGHT),
                        List.of(Ability.COOK_INSIDE, Ability.STAND_UP)));
        Vehicle vehicle = new Vehicle("Four-wheel drive", 2120, 1010, 2.85, 1.20, 0.52, 60,
                Map.of(Rating.TOW_BRAKED, 2800.0, Rating.TOW_UNBRAKED, 750.0, Rating.TONGUE_VEHICLE, 150.0,
                        Rating.PAYLOAD, 700.0, Rating.VEHICLE_GROSS, 2900.0, Rating.REAR_AXLE, 1650.0,
                        Rating.COMBINED_GROSS, 5500.0))
                .withLooks(Vehicle.Looks.PICKUP);
        Base base = overlandBase(1.60).with(new Cost(1900, OptionalDouble.of(1850)))
                .with(Carcass.UNKNOWN
                        .with(Carcass.Face.LEFT, Optional.of(Carcass.Framing.even(0.05, 2.65, 0.65, 0.040, 0.040)))
                        .with(Carcass.Face.RIGHT, Optional.of(Carcass.Framing.even(0.05, 2.65, 0.65, 0.040, 0.040)))
                        .withFrame(Optional.of(new Carcass.Frame(new Carcass.Member(0.060, 0.100, 0.005, 2), 1.70,
                                new Carcass.Member(0.060, 0.100, 0.004, 2), 0.34, 315e6))));
        Design chamois = new Design(brief, vehicle, base, List.of(), LoadCase.standard(), List.of());
        // A quarter of the nights on farms with a socket; the meadow of the last one fell forward and to the right.
        return Placements.add(chamois.with(chamois.settings().with(Assumption.YEAR_SHORE.id(), 0.25)
                .with(Assumption.SITE_PITCH.id(), Math.toRadians(-2)).with(Assumption.SITE_ROLL.id(),
                        Math.toRadians(2.5))),
                "chamois");
    }

    private static Project nightjarProject() {
        Design plan = Logs.nightjar(wired(nightjar()));
        return new Project("Nightjar", List.of(new Variant("plan", "plan", plan),
                new Variant("winter", "a frosty month", Alternatives.winter(plan))), "plan", Optional.of(plan));
    }

    private static Project dunlinProject() {
        Design plan = wired(dunlin());
        return new Project("Dunlin", List.of(new Variant("plan", "plan", plan),
                new Variant("stiff", "one stiff skin", Alternatives.stiff(plan))), "plan", Optional.of(plan));
    }

    private static Project chamoisProject() {
        Design single = wired(chamois());
        return new Project("Chamois", List.of(new Variant("plan", "one axle", single),
                new Variant("tandem", "two axles", Alternatives.tandem(single)),
                new Variant("top", "lifting top", Alternatives.lifting(single))), "plan", Optional.of(single));
    }

    private static Brief startBrief(CamperType type) {
        return new Brief(type,
                List.of(new Person("one", "Person 1", 1.75, 75), new Person("two", "Person 2", 1.68, 65)), 2,
                OptionalDouble.empty(), "€", true, UnitSystem.METRIC, 45, 7, Climate.CONTINENTAL, WaterStyle.FRUGAL,
                Toilet.NONE,
                TongueSchool.NORTH_AMERICA, 0.10, 0.15);
    }

    /// A tow vehicle of which nothing is known yet but a usual shape.
    private static Vehicle startVehicle() {
        return new Vehicle("Tow vehicle", 1500, 650, 2.7, 1.0, 0.45, 30, Map.of());
    }

    private static Design startTeardrop() {
        return Placements.add(new Design(startBrief(CamperType.TEARDROP), startVehicle(), teardropBase(1.74), List.of(),
                LoadCase.standard(), List.of()), "new-teardrop");
    }

    private static Design startOverland() {
        return Placements.add(new Design(startBrief(CamperType.OVERLAND), startVehicle(), overlandBase(1.54), List.of(),
                LoadCase.standard(), List.of()), "new-overland");
    }

    private static Design startCargo() {
        Base base = new Base(new Shell.Box(3.10, 1.75, 1.97), 0.035, 0.03, 0.04, 0.54, WheelArches.NONE, 1.20,
                new Axle(1.77, 1, 0, 1.62, 0.64, 0.195, true, 92),
                new EmptyMass.Entered(430, 1.45, 0.40, 1.77, MassSource.CATALOGUE),
                Map.of(Rating.GROSS_PLATE, 1200.0, Rating.COUPLER, 1588.0, Rating.AXLE, 1200.0, Rating.TYRE, 650.0),
                Cost.planned(2400));
        return Placements.add(new Design(startBrief(CamperType.CARGO), startVehicle(), base, List.of(),
                LoadCase.standard(), List.of()), "new-cargo").with(Settings.NONE.with(Assumption.SUNLESS.id(), 1.5));
    }
}
