package lectulum.analysis.soundness;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.balance.Tandem;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.base.WheelArches;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.units.Quantity;

/// Finds numbers that cannot be meant, whatever file or field they come from, and puts the nearest possible number in
/// their place for drawing and computing. The design itself is left as the user gave it; each replacement is a finding.
public final class Soundness {
    private static final double FAR = 20;
    private static final double CLOSEST_AXLES = 0.3;
    private final List<Finding> findings = new ArrayList<>();
    private final BaseSoundness body = new BaseSoundness(findings);

    private final List<Thing> known;

    private Soundness(List<Thing> known) {
        this.known = known;
    }

    /// A design fit to be computed and drawn, and what had to be replaced for that.
    public record Checked(Design design, List<Finding> findings) {
    }

    /// @param sound an earlier design without faults: things that it shares are not looked at again
    public static Checked of(Design design, Optional<Design> sound) {
        Soundness check = new Soundness(sound.map(Design::things).orElse(List.of()));
        Design mended = new Design(check.brief(design.brief()), check.vehicle(design.vehicle()),
                check.base(design.base()), check.things(design.things()), check.cases(design.cases()),
                design.accepted(), design.settings(), design.weighings(),
                design.garage().stream().map(check::vehicle).toList());
        boolean replaced = !check.findings.isEmpty();
        if (Tandem.independent(mended) && mended.base().axle().bearing() != 0) {
            // Axles on springs of their own have no rocker, whatever was typed for one before.
            mended = mended.with(mended.base().with(mended.base().axle().withRockers(0, 0)));
            replaced = true;
        }
        check.assumed(design.settings().assumed(), "");
        design.garage().forEach(v -> check.assumed(v.own(), v.name() + ": "));
        return new Checked(replaced ? mended : design, List.copyOf(check.findings));
    }

    /// An own value that is out of range does not count: the shipped one does, and that is said.
    private void assumed(Map<String, Double> own, String whose) {
        own.forEach((id, value) -> Assumed.known(id).filter(e -> !(value >= e.low() && value <= e.high()))
                .ifPresent(e -> findings.add(Finding.of("sound.assumed." + (whose.isEmpty() ? "" : "other.") + id,
                        e.table().equals("layout") ? Stage.LAYOUT : Stage.BALANCE, Severity.WARN,
                        Sentence.of("{0} cannot be right", whose + e.label()),
                        Sentence.of("It is {0}; possible is {1} to {2}. Until it is mended, {3} is used.",
                                shown(value, e.quantity()), new Amount(e.low(), e.quantity()),
                                new Amount(e.high(), e.quantity()), new Amount(e.value(), e.quantity())),
                        List.of()))));
    }

    private double number(double value, double low, double high, Quantity quantity, Stage stage, String id,
            String whose, List<String> things) {
        if (value >= low && value <= high) {
            return value;
        }
        double used = Double.isNaN(value) ? Math.clamp(0, low, high) : Math.clamp(value, low, high);
        findings.add(Finding.of("sound." + id, stage, Severity.STOP, Sentence.of("{0} cannot be right", whose),
                Sentence.of("It is {0}; possible is {1} to {2}. Until it is mended, {3} is used.",
                        shown(value, quantity),
                        new Amount(low, quantity), new Amount(high, quantity), new Amount(used, quantity)),
                things));
        return used;
    }

    private static Object shown(double value, Quantity quantity) {
        return Double.isFinite(value) && Math.abs(value) < 1e9 ? new Amount(value, quantity) : String.valueOf(value);
    }

    private Brief brief(Brief b) {
        List<Person> people = new ArrayList<>();
        for (Person p : b.people()) {
            String id = "brief.people." + p.id();
            people.add(new Person(p.id(), p.name(),
                    number(p.height(), 0.3, 2.5, Quantity.LENGTH, Stage.BRIEF, id + ".height",
                            "The height of " + p.name(), List.of()),
                    number(p.mass(), 1, 300, Quantity.MASS, Stage.BRIEF, id + ".mass", "The weight of " + p.name(),
                            List.of()),
                    p.age().isEmpty()
                            ? p.age()
                            : OptionalDouble.of(number(p.age().getAsDouble(), 0, 120, Quantity.COUNT, Stage.BRIEF,
                                    id + ".age", "The age of " + p.name(), List.of()))));
        }
        double low = number(b.ownLow(), 0, 0.5, Quantity.SHARE, Stage.BRIEF, "brief.ownLow", "The lower band edge",
                List.of());
        return new Brief(b.type(), people,
                number(b.nights(), 0, 365, Quantity.NIGHTS, Stage.BRIEF, "brief.nights", "Nights per trip", List.of()),
                number(b.budget(), 0, 1e8, Quantity.MONEY, Stage.BRIEF, "brief.budget", "The budget", List.of()),
                b.currency(), b.leftHandDrive(), b.units(),
                number(b.latitude(), -80, 80, Quantity.COUNT, Stage.BRIEF, "brief.latitude", "The latitude", List.of()),
                (int) number(b.month(), 1, 12, Quantity.COUNT, Stage.BRIEF, "brief.month", "The month", List.of()),
                b.climate(), b.water(), b.toilet(), b.school(), low, number(b.ownHigh(), low, 0.6, Quantity.SHARE,
                        Stage.BRIEF, "brief.ownHigh", "The upper band edge", List.of()));
    }

    private Vehicle vehicle(Vehicle v) {
        return new Vehicle(v.name(), briefMass(v.kerbMass(), "vehicle.kerbMass", "The kerb mass of the tow vehicle"),
                briefMass(v.kerbRear(), "vehicle.kerbRear", "The rear axle load of the tow vehicle"),
                number(v.wheelbase(), 1, 8, Quantity.LENGTH, Stage.BRIEF, "vehicle.wheelbase", "The wheelbase",
                        List.of()),
                number(v.overhang(), 0.2, 3, Quantity.LENGTH, Stage.BRIEF, "vehicle.overhang",
                        "The distance rear axle to ball", List.of()),
                number(v.ballHeight(), 0.1, 1.2, Quantity.LENGTH, Stage.BRIEF, "vehicle.ballHeight", "The ball height",
                        List.of()),
                briefMass(v.luggage(), "vehicle.luggage", "The luggage in the tow vehicle"),
                ratings(v.ratings(), Stage.BRIEF, "vehicle"),
                number(v.ball(), 0, 0.1, Quantity.LENGTH, Stage.BRIEF, "vehicle.ball", "The size of the ball",
                        List.of()),
                v.own(), papers(v.papers()), seats(v.seats()));
    }

    private Vehicle.Papers papers(Vehicle.Papers p) {
        return new Vehicle.Papers(p.kerb(),
                number(p.tank(), 0, 0.4, Quantity.VOLUME, Stage.BRIEF, "vehicle.papers.tank", "The fuel tank",
                        List.of()),
                p.diesel(), number(p.fill(), 0, 1, Quantity.SHARE, Stage.BRIEF, "vehicle.papers.fill",
                        "How full the fuel tank is", List.of()),
                briefMass(p.options(), "vehicle.papers.options", "The options of the tow vehicle"));
    }

    private Optional<Vehicle.Seats> seats(Optional<Vehicle.Seats> seats) {
        return seats.map(s -> new Vehicle.Seats(seat(s.front(), "front", "The place of the front seats"),
                seat(s.rear(), "rear", "The place of the rear seats"), seat(s.boot(), "boot", "The place of the boot"),
                (int) number(s.inFront(), 0, 9, Quantity.COUNT, Stage.BRIEF, "vehicle.seats.inFront",
                        "The people in front", List.of())));
    }

    private double seat(double ahead, String id, String whose) {
        return number(ahead, -4, 8, Quantity.LENGTH, Stage.BRIEF, "vehicle.seats." + id, whose, List.of());
    }

    private double briefMass(double value, String id, String whose) {
        return number(value, 0, 20_000, Quantity.MASS, Stage.BRIEF, id, whose, List.of());
    }

    private Map<Rating, Double> ratings(Map<Rating, Double> ratings, Stage stage, String owner) {
        Map<Rating, Double> sound = new EnumMap<>(Rating.class);
        ratings.forEach((rating, value) -> sound.put(rating, number(value, 1, 40_000, Quantity.MASS, stage,
                owner + ".ratings." + rating.name().toLowerCase(java.util.Locale.ROOT), "The rating " + rating.label(),
                List.of())));
        return sound;
    }

    private double baseLength(double value, double low, double high, String id, String whose) {
        return number(value, low, high, Quantity.LENGTH, Stage.BASE, "base." + id, whose, List.of());
    }

    private double baseMass(double value, String id, String whose) {
        return number(value, 0, 20_000, Quantity.MASS, Stage.BASE, "base." + id, whose, List.of());
    }

    private Base base(Base b) {
        Axle a = b.axle();
        WheelArches w = b.arches();
        return new Base(shell(b.shell()), baseLength(b.wall(), 0, 0.3, "wall", "The wall thickness"),
                baseLength(b.floor(), 0, 0.5, "floor", "The floor thickness"),
                baseLength(b.roof(), 0, 0.3, "roof", "The roof thickness"),
                baseLength(b.floorHeight(), 0.05, 2, "floorHeight", "The floor height"),
                new WheelArches(baseLength(w.length(), 0, 3, "arches.length", "The wheel arch length"),
                        baseLength(w.width(), 0, 1, "arches.width", "The wheel arch width"),
                        baseLength(w.height(), 0, 1.5, "arches.height", "The wheel arch height")),
                baseLength(b.tongueLength(), 0.1, 5, "tongueLength", "The tongue length"),
                new Axle(baseLength(a.x(), -FAR, FAR, "axle.x", "The axle place"),
                        (int) number(a.count(), 1, 2, Quantity.COUNT, Stage.BASE, "base.axle.count",
                                "The number of axles", List.of()),
                        baseLength(a.spacing(), a.count() > 1 ? CLOSEST_AXLES : 0, 3, "axle.spacing",
                                "The axle spacing"),
                        baseLength(a.track(), 0.5, 3, "axle.track", "The track"),
                        baseLength(a.wheelDiameter(), 0.2, 1.5, "axle.wheelDiameter", "The wheel diameter"),
                        baseLength(a.tyreWidth(), 0.05, 0.6, "axle.tyreWidth", "The tyre width"), a.braked(),
                        baseMass(a.mass(), "axle.mass", "The mass of the axle group"),
                        rocker(a.rockerFront(), "axle.rockerFront"), rocker(a.rockerRear(), "axle.rockerRear")),
                empty(b.empty()), ratings(b.ratings(), Stage.BASE, "base"),
                cost(b.cost(), Stage.BASE, "base.cost", "The price of the base", List.of()),
                body.carcass(b.carcass()), body.survey(b.survey()));
    }

    private double rocker(double arm, String id) {
        return baseLength(arm, 0, 2, id, "An arm of the rocker");
    }

    private EmptyMass empty(EmptyMass empty) {
        double z = baseLength(empty.z(), -1, 3, "empty.z", "The height of the empty centre of gravity");
        double axleAt = baseLength(empty.axleAt(), -FAR, FAR, "empty.axleAt", "The axle place at the weighing");
        return switch (empty) {
            case EmptyMass.Entered e -> new EmptyMass.Entered(baseMass(e.mass(), "empty.mass", "The empty mass"),
                    baseLength(e.x(), -FAR, FAR, "empty.x", "The empty centre of gravity"), z, axleAt, e.source(),
                    e.uncertainty().isEmpty()
                            ? e.uncertainty()
                            : OptionalDouble.of(baseMass(e.uncertainty().getAsDouble(), "empty.uncertainty",
                                    "The uncertainty of the empty mass")));
            case EmptyMass.Weighed w -> new EmptyMass.Weighed(
                    number(w.tongue(), -2000, 5000, Quantity.MASS, Stage.BASE, "base.empty.tongue",
                            "The weighed tongue", List.of()),
                    baseMass(w.axle(), "empty.axle", "The weighed axle load"), z, axleAt);
        };
    }

    private Shell shell(Shell shell) {
        double width = baseLength(shell.width(), 0.3, 3, "shell.width", "The width of the body");
        return switch (shell) {
            case Shell.Box s -> new Shell.Box(bodyLength(s.length()), width, bodyHeight(s.height()));
            case Shell.Tray s -> new Shell.Tray(bodyLength(s.length()), width, bodyHeight(s.height()));
            case Shell.Nosed s -> {
                double length = bodyLength(s.length());
                yield new Shell.Nosed(length, width, bodyHeight(s.height()),
                        baseLength(s.noseDepth(), 0, length * 0.9, "shell.noseDepth", "The depth of the nose"),
                        baseLength(s.noseFlat(), 0, width, "shell.noseFlat", "The flat of the nose"), s.form());
            }
            case Shell.Profile s -> new Shell.Profile(width, body.profile(s.points()));
        };
    }

    private double bodyLength(double value) {
        return baseLength(value, 0.5, 12, "shell.length", "The length of the body");
    }

    private double bodyHeight(double value) {
        return baseLength(value, 0.2, 4, "shell.height", "The height of the body");
    }

    private Cost cost(Cost c, Stage stage, String id, String whose, List<String> things) {
        double planned = number(c.planned(), 0, 1e8, Quantity.MONEY, stage, id + ".planned", whose, things);
        return new Cost(planned, c.paid().isEmpty()
                ? c.paid()
                : OptionalDouble.of(number(c.paid().getAsDouble(), 0, 1e8, Quantity.MONEY, stage, id + ".paid",
                        whose + ", paid", things)));
    }

    private List<Thing> things(List<Thing> things) {
        List<Thing> sound = new ArrayList<>(things.size());
        for (int i = 0; i < things.size(); i++) {
            Thing thing = things.get(i);
            boolean seen = i < known.size() && known.get(i) == thing;
            sound.add(seen || plain(thing) ? thing : thing(thing));
        }
        return sound;
    }

    /// Whether a thing is so plainly in order that its numbers need no look one by one. Most are, and a drag checks them
    /// all.
    private static boolean plain(Thing t) {
        Size s = t.size();
        double least = t.solid() ? Double.MIN_NORMAL : 0;
        return within(s.length(), least, FAR) && within(s.width(), least, FAR) && within(s.height(), least, FAR)
                && near(t.place()) && t.elsewhere().values().stream().allMatch(Soundness::near)
                && within(t.mass().value(), 0, 5000) && within(t.mass().uncertainty().orElse(0), 0, 5000)
                && within(t.cost().planned(), 0, 1e8) && within(t.cost().paid().orElse(0), 0, 1e8)
                && t.load().stream().allMatch(l -> within(l.power(), 0, 20_000) && within(l.dailyRunning(), 0, 86_400))
                && t.battery().stream().allMatch(b -> within(b.energy(), 0, 1e9))
                && t.tank().stream().allMatch(k -> within(k.capacity(), 0, 5)) && within(t.solar(), 0, 20_000)
                && t.features().stream().allMatch(FeatureKind::sound)
                && (t.features().size() < 2
                        || t.features().stream().map(FeatureKind::of).distinct().count() == t.features().size());
    }

    private static boolean near(Placement p) {
        return p.shape().stream().allMatch(
                s -> within(s.length(), 0, FAR) && within(s.width(), 0, FAR) && within(s.height(), 0, FAR))
                && within(p.x(), -FAR, FAR) && within(p.y(), -FAR, FAR) && within(p.z(), -FAR, FAR)
                && within(p.yaw(), -7, 7);
    }

    private static boolean within(double value, double low, double high) {
        return value >= low && value <= high;
    }

    private Thing thing(Thing t) {
        List<String> self = List.of(t.id());
        String id = "things." + t.id() + ".";
        Size size = new Size(side(t, t.size().length(), "length"), side(t, t.size().width(), "width"),
                side(t, t.size().height(), "height"));
        if (t.solid() && (size.length() == 0 || size.width() == 0 || size.height() == 0)) {
            findings.add(Finding.of("sound." + id + "size", Stage.LAYOUT, Severity.NOTE,
                    Sentence.of("{0} has no size", t.name()),
                    Sentence.of("It is weighed where it stands, but nothing can be said about its fit."), self));
        }
        Placement road = placement(t, t.place(), "place");
        Map<Mode, Placement> elsewhere = new EnumMap<>(Mode.class);
        t.elsewhere().forEach((mode, at) -> elsewhere.put(mode, placement(t, at, mode.name())));
        Mass mass = new Mass(
                number(t.mass().value(), 0, 5000, Quantity.MASS, Stage.LAYOUT, id + "mass", "The mass of " + t.name(),
                        self),
                t.mass().source(),
                t.mass().uncertainty().isEmpty()
                        ? t.mass().uncertainty()
                        : OptionalDouble.of(number(t.mass().uncertainty().getAsDouble(), 0, 5000, Quantity.MASS,
                                Stage.LAYOUT, id + "uncertainty", "The uncertainty of " + t.name(), self)));
        Optional<Load> load = t.load().map(l -> new Load(
                number(l.power(), 0, 20_000, Quantity.POWER, Stage.POWER, id + "power", "The power of " + t.name(),
                        self),
                number(l.dailyRunning(), 0, 86_400, Quantity.DURATION, Stage.POWER, id + "hours",
                        "The hours of " + t.name(), self),
                l.feed()));
        Optional<Battery> battery = t.battery().map(b -> new Battery(number(b.energy(), 0, 1e9, Quantity.ENERGY,
                Stage.POWER, id + "energy", "The energy of " + t.name(), self), b.chemistry()));
        Optional<Tank> tank = t.tank().map(k -> new Tank(k.use(), number(k.capacity(), 0, 5, Quantity.VOLUME,
                Stage.WATER, id + "capacity", "The volume of " + t.name(), self)));
        double solar = number(t.solar(), 0, 20_000, Quantity.POWER, Stage.POWER, id + "solar",
                "The peak power of " + t.name(), self);
        return new Thing(t.id(), t.name(), t.system(), t.role(), t.mount(), t.fix(), size, road, elsewhere, mass,
                cost(t.cost(), Stage.MONEY, id + "cost", "The price of " + t.name(), self), load, battery, tank, solar,
                t.note(), features(t));
    }

    /// What cannot be is left out, whole: half a bed is no bed.
    private List<Feature> features(Thing t) {
        t.features().stream().filter(f -> !FeatureKind.sound(f)).forEach(f -> {
            String kind = FeatureKind.of(f).word();
            findings.add(Finding.of("sound.things." + t.id() + "." + kind, Stage.LAYOUT, Severity.STOP,
                    Sentence.of("The {0} of {1} cannot be right", kind, t.name()),
                    Sentence.of("A number in it is out of range. Until it is mended, it is left out."),
                    List.of(t.id())));
        });
        Set<FeatureKind> seen = new HashSet<>();
        List<Feature> kept = new ArrayList<>();
        for (Feature f : t.features()) {
            if (FeatureKind.sound(f) && seen.add(FeatureKind.of(f))) {
                kept.add(f);
            } else if (FeatureKind.sound(f)) {
                String kind = FeatureKind.of(f).word();
                findings.add(Finding.of("sound.things." + t.id() + "." + kind + ".twice", Stage.LAYOUT, Severity.STOP,
                        Sentence.of("{0} has {1} twice", t.name(), FeatureKind.of(f).label()),
                        Sentence.of("A thing has at most one of a kind. Until it is mended, the second is left out."),
                        List.of(t.id())));
            }
        }
        return kept;
    }

    private double side(Thing t, double value, String which) {
        return number(value, 0, FAR, Quantity.LENGTH, Stage.LAYOUT, "things." + t.id() + "." + which,
                "The " + which + " of " + t.name(), List.of(t.id()));
    }

    private Placement placement(Thing t, Placement p, String key) {
        return new Placement(coordinate(t, p.x(), key + ".x"), coordinate(t, p.y(), key + ".y"),
                coordinate(t, p.z(), key + ".z"),
                number(p.yaw(), -7, 7, Quantity.ANGLE, Stage.LAYOUT, "things." + t.id() + "." + key + ".yaw",
                        "The turn of " + t.name(), List.of(t.id())),
                p.away(), p.shape().map(s -> new Size(side(t, s.length(), key + ".length"),
                        side(t, s.width(), key + ".width"), side(t, s.height(), key + ".height"))));
    }

    private double coordinate(Thing t, double value, String key) {
        return number(value, -FAR, FAR, Quantity.LENGTH, Stage.LAYOUT, "things." + t.id() + "." + key,
                "The place of " + t.name(), List.of(t.id()));
    }

    private List<LoadCase> cases(List<LoadCase> cases) {
        return cases.stream().map(c -> new LoadCase(c.id(), c.name(), c.builtIn(), fill(c, c.fresh(), "fresh water"),
                fill(c, c.waste(), "waste water"), fill(c, c.fuel(), "fuel"), fill(c, c.gear(), "gear"),
                fill(c, c.provisions(), "provisions"), fill(c, c.wet(), "wetness"), c.parked())).toList();
    }

    private double fill(LoadCase c, double value, String what) {
        return number(value, 0, 1, Quantity.SHARE, Stage.BALANCE, "cases." + c.id() + "." + what.replace(' ', '-'),
                "The " + what + " of " + c.name(), List.of());
    }
}
