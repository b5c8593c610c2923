package lectulum.brief.schools;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.turning.TurningRemedies;
import lectulum.base.BaseWork;
import lectulum.base.Raising;
import lectulum.brief.draft.Rolling;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Shell;
import lectulum.design.brief.TongueSchool;
import lectulum.design.thing.Mount;
import lectulum.design.vehicle.Rating;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Body;

/// Ways of the trailer itself: height, tongue, load on the ball, axles, brakes.
final class Trailer {
    /// A bed is sat on so high above the floor \[m\] (assumed).
    private static final double BED = 0.45;
    private static final double STEP = 0.01;
    private static final double TONGUE = 0.30;
    private static final double SHORTEST = 0.80;
    private static final double LONGEST = 2.50;

    private Trailer() {
    }

    static List<Way> of(Design d, Question question) {
        return switch (question) {
            case HEIGHT -> height(d);
            case TONGUE -> tongue(d);
            case BAND -> band(d);
            case AXLES -> axles(d);
            case BRAKES -> brakes(d);
            default -> List.of();
        };
    }

    private static List<Way> height(Design d) {
        double tallest = d.brief().tallest();
        if (d.base().shell() instanceof Shell.Tray || tallest <= 0) {
            return List.of();
        }
        double standing = new Needs(tallest).standing();
        double low = Math.max(BED + new Needs(tallest).sitUp(), furniture(d));
        boolean lifts = d.base().carcass().lift().isPresent();
        boolean stands = !lifts && Body.of(d.base(), Mode.CAMP).roofInside().highest() >= standing - 1e-9;
        String stay = "Less wind and fuel, under branches and through doors; one dresses sitting or outside.";
        String stand = "One stands, cooks and dresses inside; wind, fuel, and what is high is in the way of trees.";
        String lift = "Low on the road, high in camp; pays in seals, lifters, minutes, and cold walls of cloth or thin panels.";
        List<Way> ways = new ArrayList<>();
        ways.add(!lifts && !stands
                ? Way.drawn("low", "Stay low", stay)
                : Way.by("low", "Stay low", stay, new Edit("Low body",
                        x -> Raising.high(x.with(x.base().with(x.base().carcass().withLift(Optional.empty()))), low))));
        ways.add(stands
                ? Way.drawn("stand", "Standing height", stand)
                : Way.by("stand", "Standing height", stand, new Edit("Standing height",
                        x -> Raising.high(x.with(x.base().with(x.base().carcass().withLift(Optional.empty()))),
                                standing))));
        ways.add(lifts
                ? Way.drawn("lift", "A roof that lifts", lift)
                : Way.by("lift", "A roof that lifts", lift,
                        new Edit("Lifting roof", x -> Raising.lifting(stands ? Raising.high(x, low) : x, standing))));
        return ways;
    }

    /// The highest of what stands inside, which a lower roof has to clear \[m\].
    private static double furniture(Design d) {
        double under = d.base().shell().height() - 0.15;
        return d.things().stream().filter(t -> t.mount() == Mount.INSIDE && t.place().z() < under)
                .mapToDouble(t -> t.place().z() + t.sizeIn(Mode.ROAD).height()).max().orElse(0) + STEP;
    }

    private static List<Way> tongue(Design d) {
        double now = d.base().tongueLength();
        String shortly = "Less to store, lighter; turns the tailgate into it sooner and tows more nervously.";
        String longly = "Turns freely, tows calmer, lighter on the ball; longer in the shed and on the ferry.";
        return List.of(
                now - TONGUE < SHORTEST
                        ? Way.not("short", "Shorter", shortly, "it is short already")
                        : Way.by("short", "Shorter", shortly, lengthened("Shorter tongue", -TONGUE)),
                Way.drawn("now", "As drawn", "What the trailer has."),
                now + TONGUE > LONGEST
                        ? Way.not("long", "Longer", longly, "it is long already")
                        : Way.by("long", "Longer", longly, lengthened("Longer tongue", TONGUE)));
    }

    private static Edit lengthened(String name, double by) {
        return new Edit(name, d -> TurningRemedies.lengthened(d, d.base().tongueLength() + by));
    }

    private static List<Way> band(Design d) {
        List<Way> ways = new ArrayList<>();
        ways.add(band(d, TongueSchool.NORTH_AMERICA, "10 to 15 % on the ball",
                "Calm at speed with soft springs and large vehicles; the vehicle's rear axle carries it."));
        ways.add(band(d, TongueSchool.EUROPE, "4 to 7 % on the ball",
                "What couplers and cars there are rated for; wants a lower speed and weight near the axle."));
        ways.add(band(d, TongueSchool.AUSTRALIA, "8 to 15 % on the ball",
                "About a tenth, for rough roads and heavy vehicles."));
        return ways;
    }

    private static Way band(Design d, TongueSchool school, String label, String says) {
        String id = school.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return d.brief().school() == school
                ? Way.drawn(id, label, says)
                : Way.by(id, label, says, new Edit("Tongue: " + label, x -> centred(x.with(x.brief().with(school)))));
    }

    /// With the axle where every trip has its share on the ball, as near as can be.
    static Design centred(Design d) {
        return Balance.axlePlace(d, d.cases().stream().map(c -> LoadedState.of(d, c)).toList())
                .map(p -> p.rounded(STEP)).filter(Double::isFinite)
                .map(p -> d.with(d.base().with(d.base().axle()
                        .at(p - d.base().tongueLength() - d.base().axle().bearing()))))
                .orElse(d);
    }

    private static List<Way> axles(Design d) {
        Axle a = d.base().axle();
        String one = "Light, cheap, turns on the spot by hand; a flat tyre stops it.";
        String two = "Calmer, carries on with a flat tyre, takes more; scrubs in bends and weighs and costs more.";
        double spacing = a.wheelDiameter() + 0.12;
        UnaryOperator<Base> both = b -> b
                .with(b.axle().with(2, spacing).withMass(b.axle().mass() + Rolling.SECOND_MASS))
                .with(Rating.AXLE, times(b, 2));
        UnaryOperator<Base> single = b -> b
                .with(b.axle().with(1, 0).withMass(Math.max(0, b.axle().mass() - Rolling.SECOND_MASS)))
                .with(Rating.AXLE, times(b, 0.5));
        return a.count() > 1
                ? List.of(Way.by("one", "One axle", one, new Edit("One axle",
                        x -> changed(x, single, -Rolling.SECOND_MASS, -Rolling.SECOND_MONEY))),
                        Way.drawn("two", "Two axles", two))
                : List.of(Way.drawn("one", "One axle", one), Way.by("two", "Two axles", two, new Edit("Two axles",
                        x -> changed(x, both, Rolling.SECOND_MASS, Rolling.SECOND_MONEY))));
    }

    private static OptionalDouble times(Base b, double k) {
        OptionalDouble rated = b.rating(Rating.AXLE);
        return rated.isPresent() ? OptionalDouble.of(k * rated.getAsDouble()) : rated;
    }

    private static List<Way> brakes(Design d) {
        String without = "Cheaper and nothing to maintain; all of it is stopped by the vehicle, and the law ends it soon.";
        String with = "What those who left them out fit afterwards; overrun, cables, and the breakaway to keep in order.";
        int n = d.base().axle().count();
        double mass = n * Rolling.BRAKE_MASS;
        double money = n * Rolling.BRAKE_MONEY;
        return d.base().axle().braked()
                ? List.of(Way.by("without", "No brakes", without, new Edit("No brakes",
                        x -> changed(x, b -> b.with(b.axle().withBrakes(false)), -mass, -money))),
                        Way.drawn("with", "Brakes", with))
                : List.of(Way.drawn("without", "No brakes", without), Way.by("with", "Brakes", with, new Edit("Brakes",
                        x -> changed(x, b -> b.with(b.axle().withBrakes(true)), mass, money))));
    }

    /// The base changed, with what that weighs at the axle and costs.
    private static Design changed(Design d, UnaryOperator<Base> change, double mass, double money) {
        Base b = change.apply(d.base());
        return new BaseWork(mass, b.axle().x(), b.axle().wheelDiameter() / 2 - b.floorHeight(), money, 0).on(d.with(b));
    }
}
