package lectulum.brief.draft;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.ratings.BrakeLimit;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.thing.Cost;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.space.Solid;

/// Frame, axle and ratings of a draft: as strong as what it carries, the axle where the tongue is right.
public final class Rolling {
    /// What two axles weigh and cost more than one of the same rating \[kg\], money (assumed).
    public static final double SECOND_MASS = 50;
    public static final double SECOND_MONEY = 350;
    /// What brakes with overrun and breakaway weigh and cost on one axle (assumed).
    public static final double BRAKE_MASS = 18;
    public static final double BRAKE_MONEY = 320;
    /// Ratings that axles, couplers and plates are sold in \[kg\].
    private static final double[] SOLD = {500, 750, 1000, 1200, 1350, 1500, 1800, 2000, 2300, 2700, 3000, 3500, 5000};
    private static final double[] TONGUES = {75, 100, 150, 250, 350, 500, 750};
    /// Share of the rating that a tongue is strong for (assumed, above every school's band).
    private static final double HEAVIEST_TONGUE = 0.16;
    /// More than the departure weighs, before anything was weighed (assumed).
    private static final double RESERVE = 1.12;
    /// From this on two axles carry it \[kg\] (assumed).
    private static final double TWO_AXLES = 2000;
    /// Part of the axle that a dry build may use, with room for trips to come.
    private static final double DRY_SHARE = 0.64;
    private static final double STEP = 0.01;
    private static final int ROUNDS = 4;

    private Rolling() {
    }

    /// What the bare base weighs and where, from its sizes.
    static Base base(Concept concept, Shell shell, double floorHeight, double tongue, double rating) {
        Concept.Figures f = concept.figures();
        double l = shell.length();
        double w = shell.width();
        double h = shell.height();
        double area = 2 * l * w + 2 * (l + w) * h;
        double skin = f.skinMass() * area;
        double frame = f.frameMass() * (l + 0.6 * tongue);
        Axle axle = axle(shell, floorHeight, rating, l * 0.6);
        double mass = skin + frame + axle.mass();
        double x = (skin * l / 2 + frame * (l - 0.6 * tongue) / 2 + axle.mass() * axle.x()) / mass;
        double z = (skin * 0.45 * h - frame * 0.08 + axle.mass() * (axle.wheelDiameter() / 2 - floorHeight)) / mass;
        double money = f.skinMoney() * area + f.frameMoney() * (l + 0.6 * tongue) + axleMoney(rating) + f.extra();
        return new Base(shell, f.wall(), f.floor(), f.roof(), floorHeight, lectulum.design.base.WheelArches.NONE,
                tongue, axle, new EmptyMass.Entered(Math.round(mass), Furnishing.round(x, 1000),
                        Furnishing.round(z, 1000), axle.x(), MassSource.CATALOGUE),
                ratings(rating), Cost.planned(Math.round(money / 10) * 10.0));
    }

    /// Own time for the rolling base and the shell \[s\].
    static double hours(Concept concept, Shell shell) {
        Concept.Figures f = concept.figures();
        double l = shell.length();
        double w = shell.width();
        return f.frameHours() + f.skinHours() * (2 * l * w + 2 * (l + w) * shell.height());
    }

    private static double axleMoney(double rating) {
        return 220 + 0.32 * rating + (rating > TWO_AXLES ? SECOND_MONEY : 0);
    }

    /// Wheels beside a narrow body, under a wide one.
    private static Axle axle(Shell shell, double floorHeight, double rating, double x) {
        boolean two = rating > TWO_AXLES;
        double tyre = rating < 800 ? 0.155 : rating < 1300 || two ? 0.185 : 0.205;
        double wheel = Furnishing.round(Math.clamp(floorHeight + 0.08, 0.52, 0.76), 100);
        boolean beside = shell.width() <= BESIDE;
        double track = beside ? shell.width() + tyre + 0.06 : shell.width() - tyre - 0.06;
        if (!beside) {
            wheel = Furnishing.round(Math.min(wheel, floorHeight - 0.06), 100);
        }
        double mass = 22 + 0.055 * rating + (two ? SECOND_MASS : 0);
        return new Axle(x, two ? 2 : 1, two ? wheel + 0.12 : 0, track, wheel, tyre, false, Math.round(mass));
    }

    /// A body up to this width has its wheels beside it \[m\].
    static final double BESIDE = 1.80;

    private static Map<Rating, Double> ratings(double rating) {
        boolean two = rating > TWO_AXLES;
        Map<Rating, Double> all = new EnumMap<>(Rating.class);
        all.put(Rating.GROSS_PLATE, rating);
        all.put(Rating.COUPLER, Math.max(1300, rating));
        all.put(Rating.TONGUE_COUPLER, TONGUES[TONGUES.length - 1]);
        for (int i = TONGUES.length - 1; i >= 0 && TONGUES[i] >= HEAVIEST_TONGUE * rating; i--) {
            all.put(Rating.TONGUE_COUPLER, TONGUES[i]);
        }
        all.put(Rating.AXLE, rating);
        all.put(Rating.TYRE, Math.ceil(rating / (two ? 4 : 2) * 1.25 / 5) * 5);
        return all;
    }

    /// The design with a rating above what it weighs at departure and the axle where every trip keeps its tongue.
    static Design settled(Design design, Concept concept) {
        Design now = level(design);
        double rating = 0;
        for (int i = 0; i < ROUNDS; i++) {
            double mass = heaviest(now);
            double dry = LoadedState.of(now, now.loadCase(LoadCase.DRY.id())).mass();
            double wanted = sold(Math.max(mass * RESERVE, dry / DRY_SHARE), mass, now);
            if (wanted != rating) {
                rating = wanted;
                Base b = now.base();
                Base again = base(concept, b.shell(), b.floorHeight(), b.tongueLength(), rating);
                now = now.with(again.with(b.carcass()).with(again.axle().at(b.axle().x()))
                        .withSurvey(b.survey()));
            }
            now = placed(now);
        }
        return now.with(now.base().with(now.base().axle().withBrakes(rating > BrakeLimit.of(now).mass())));
    }

    /// The design with what lies stowed moved to the side until left and right carry the same, as far as that goes.
    private static Design level(Design design) {
        double half = design.base().shell().width() / 2 - design.base().wall();
        Design now = design;
        for (Thing t : design.things().stream().filter(t -> t.mount() == Mount.STOWED && t.place().x() > 0)
                .filter(t -> t.tank().isPresent() || t.battery().isPresent())
                .sorted(Comparator.comparingDouble((Thing t) -> -LoadCase.MIDWAY.massOf(t))).toList()) {
            LoadedState s = LoadedState.of(now, LoadCase.MIDWAY);
            double moment = s.mass() * s.roll().y();
            Solid place = Solid.of(t.size(), t.place());
            double reach = half - (place.maxY() - place.minY()) / 2 - 0.01;
            double y = Math.clamp(t.place().y() - moment / LoadCase.MIDWAY.massOf(t), -Math.max(0, reach),
                    Math.max(0, reach));
            double to = Furnishing.round(y, 100);
            now = now.mapping(t.id(), x -> x.with(x.place().at(x.place().x(), to, x.place().z(), x.place().yaw())));
        }
        return now;
    }

    private static double heaviest(Design design) {
        return design.cases().stream().map(c -> LoadedState.of(design, c)).filter(LoadedState::trip)
                .mapToDouble(LoadedState::mass).max().orElse(0);
    }

    /// The least that is sold; where the vehicle may not tow that but what it weighs, a plate of what the vehicle may.
    private static double sold(double wish, double mass, Design design) {
        double rating = SOLD[SOLD.length - 1];
        for (double s : SOLD) {
            if (s >= wish) {
                rating = s;
                break;
            }
        }
        OptionalDouble tows = design.vehicle().rating(Rating.TOW_BRAKED);
        boolean fits = tows.isPresent() && tows.getAsDouble() < rating && tows.getAsDouble() >= mass * 1.01;
        return fits ? tows.getAsDouble() : rating;
    }

    private static Design placed(Design design) {
        return Balance.axlePlace(design, design.cases().stream().map(c -> LoadedState.of(design, c)).toList())
                .map(p -> p.rounded(STEP)).filter(Double::isFinite).map(p -> {
                    Base b = design.base();
                    double x = p - b.tongueLength() - b.axle().bearing();
                    return design.with(b.with(b.axle().at(Furnishing.round(x, 1000))));
                }).orElse(design);
    }
}
