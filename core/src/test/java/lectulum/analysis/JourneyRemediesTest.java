package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.Told;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.layout.Layout;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What mends a trip, a camp, a hitch, a turn and the way a trailer runs: every remedy offered does what it says.
class JourneyRemediesTest {
    private static Design set(Design d, String id, double value) {
        return d.with(d.settings().with(id, value));
    }

    private static Design base(Design d, java.util.function.UnaryOperator<Base> change) {
        return d.with(change.apply(d.base()));
    }

    private static Optional<Finding> finding(Analysis a, String id) {
        return a.findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /// The remedies of a finding, each tried: none may leave it as grave as it was.
    private static List<Remedy> mending(Design d, String id) {
        Analysis before = Analysis.of(d);
        Finding f = finding(before, id).orElseThrow(() -> new AssertionError("no " + id + " among "
                + before.findings().stream().map(Finding::id).toList()));
        List<Remedy> remedies = Remedies.of(before, f);
        for (Remedy r : remedies) {
            Optional<Finding> after = finding(Analysis.of(r.edit().apply(d)), id);
            assertThat(after.map(Finding::severity)).as(r.says().text(Style.PLAIN))
                    .satisfiesAnyOf(s -> assertThat(s).isEmpty(),
                            s -> assertThat(s.orElseThrow()).isLessThan(f.severity()));
        }
        return remedies;
    }

    private static List<String> words(List<Remedy> remedies) {
        return remedies.stream().map(r -> r.says().text(Style.PLAIN)).toList();
    }

    /// 400 kg of base, 200 kg of cargo, 13 % on the tongue.
    private static Design loaded(Thing... more) {
        List<Thing> things = new ArrayList<>(List.of(more));
        things.add(thing("chest", 120, 1.2, 0).with(Role.GEAR));
        things.add(thing("beds", 80, 1.5, 0.1));
        return box(things.toArray(Thing[]::new));
    }

    @Test
    void aCouplerThatIsTooLowOrHighIsLevelledByAMount() {
        Design d = set(loaded(), "hitch.coupler", 0.60);

        List<Remedy> remedies = mending(d, "hitch.level");

        assertThat(words(remedies)).singleElement().asString().contains("ball mount");
        assertThat(remedies.getFirst().edit().apply(d).vehicle().ballHeight()).isEqualTo(0.60);
    }

    @Test
    void tooMuchBroughtBackByTheBarsIsBroughtBackLess() {
        Design d = set(set(loaded(), "bars.length", 0.7), "bars.restored", 1.15);

        assertThat(words(mending(d, "bars.rear"))).singleElement().asString().contains("half");
    }

    @Test
    void aTurnThatTouchesIsClearedByALongerTongue() {
        Design d = base(set(loaded(), "tow.half", 0.9), b -> b.withTongueLength(0.55));

        List<Remedy> remedies = mending(d, "out.turn");

        assertThat(remedies).isNotEmpty();
        assertThat(remedies.getFirst().edit().apply(d).base().tongueLength()).isGreaterThan(0.55);
    }

    @Test
    void whoTipsItIsHeldByJacksOrByMoreOnTheTongue() {
        Design d = set(loaded(thing("tail", 90, 2.6, 0)), "camp.rear.jacks", 0);
        Design heavy = d.with(d.brief().withPeople(List.of(new Person("a", "Ada", 1.8, 140))));

        List<Remedy> remedies = mending(heavy, "camp.tip");

        assertThat(words(remedies)).isNotEmpty();
    }

    @Test
    void jacksNearerToTheCornersKeepThePlumbLineInside() {
        Design d = set(set(set(loaded(), "site.pitch", 0.30), "camp.rear.inset", 0.70), "camp.margin", 0.6);
        Design tall = d.plus(thing("mast", 120, 1.6, 0).with(Mount.OUTSIDE).with(new Size(0.3, 0.3, 0.6))
                .with(new Placement(1.6, 0, 2.2, 0)));

        assertThat(words(mending(tall, "camp.margin"))).isNotEmpty().allMatch(w -> w.startsWith("Set the rear jacks"));
    }

    @Test
    void swayIsCalmedBySpeedByGatheringOrByALongerTongue() {
        // heavy ends, a light tongue, soft tyres
        Design d = base(loaded(thing("front", 110, 0.25, 0), thing("rear", 170, 2.75, 0)),
                b -> b.with(b.axle().at(1.75)));
        Design fast = set(set(d, "road.speed", 42), "road.trailer", 3.0);

        List<Remedy> remedies = mending(fast, "sway.damping");

        assertThat(words(remedies)).anyMatch(w -> w.startsWith("Drive no faster") || w.startsWith("Move")
                || w.startsWith("Make the tongue"));
    }

    @Test
    void whatStandsHighIsLeftAtHome() {
        Thing roof = thing("boats", 160, 1.5, 0).with(Mount.OUTSIDE).with(new Size(2, 1.2, 0.9))
                .with(new Placement(1.5, 0, 2.0, 0));
        Design narrow = base(loaded(roof), b -> b.with(b.axle().withWheels(1.1, 0.64, 0.19)));

        assertThat(words(mending(narrow, "tip.low"))).anyMatch(w -> w.contains("boats"));
    }

    @Test
    void whatIsLooseIsTiedDown() {
        Design d = loaded(thing("crate", 40, 1.0, 0.4).with(Fix.LOOSE));

        List<Remedy> remedies = mending(d, "tie.crate");

        assertThat(words(remedies)).containsExactly("Tie crate down");
        assertThat(remedies.getFirst().edit().apply(d).thing("crate").orElseThrow().fix()).isEqualTo(Fix.MOVABLE);
    }

    @Test
    void anUnbrakedAxleIsExchanged() {
        Design d = base(loaded(), b -> b.with(b.axle().withBrakes(false)));

        assertThat(words(mending(d, "brakes.needed"))).containsExactly("Take a braked axle");
    }

    @Test
    void waterBehindTheAxleThatLightensTheTongueIsMoved() {
        Design d = base(loaded(tank("fresh", Tank.Use.FRESH, 100, 2.7)), b -> b.with(b.axle().at(1.75)));

        List<Remedy> remedies = mending(d, "balance.tongue-share");

        assertThat(remedies).isNotEmpty();
        assertThat(words(remedies)).allMatch(w -> w.startsWith("Move"));
    }

    @Test
    void tooMuchOnTheAxleIsLeftAtHomeOrTheWaterIs() {
        Design d = base(loaded(tank("fresh", Tank.Use.FRESH, 80, 1.8)),
                b -> b.with(Rating.AXLE, OptionalDouble.of(590)));

        List<Remedy> remedies = mending(d, "balance.limit.axle");

        assertThat(words(remedies)).isNotEmpty().allMatch(w -> w.contains("fresh water") || w.contains("at home"));
    }

    @Test
    void theHeavierSideGivesToTheOther() {
        Design d = loaded(thing("cooler", 60, 1.5, 0.6));

        assertThat(words(mending(d, "balance.side"))).isNotEmpty().allMatch(w -> w.contains("left"));
    }

    @Test
    void stillNothingIsOfferedThatWouldPutAThingIntoAnother() {
        Design d = loaded(thing("cooler", 60, 1.5, 0.6), thing("wall", 1, 1.5, 0.1).with(Fix.FIXED)
                .with(new Size(2.8, 0.1, 1.5)));
        int faults = Analysis.of(d).of(Layout.DISCIPLINE).findings().size();
        assertThat(words(mending(loaded(thing("cooler", 60, 1.5, 0.6)), "balance.side")))
                .as("with nothing in the way").isNotEmpty();

        for (Remedy r : Remedies.of(Analysis.of(d), finding(Analysis.of(d), "balance.side").orElseThrow())) {
            assertThat(Analysis.of(r.edit().apply(d)).of(Layout.DISCIPLINE).findings()).as(r.says().text(Style.PLAIN))
                    .hasSizeLessThanOrEqualTo(faults);
        }
    }

    @Nested
    class Ratings {
        private static Design without() {
            Design d = loaded();
            return base(d, b -> b.with(Rating.AXLE, OptionalDouble.empty()).with(Rating.GROSS_PLATE,
                    OptionalDouble.empty())).with(
                            new lectulum.design.vehicle.Vehicle("Wagon", 1600, 700, 2.7, 1.0, 0.45, 30, Map.of()));
        }

        private static String notes(Design d, String study) {
            return Told.studies(Analysis.of(d), Stage.BALANCE).stream().filter(s -> s.id().equals(study)).findFirst()
                    .orElseThrow().notes().stream().map(n -> n.text(Style.PLAIN)).reduce("", (a, b) -> a + b + "\n");
        }

        @Test
        void withoutAnyItIsSaidThatNothingIsKnownNotThatAllIsFine() {
            assertThat(notes(without(), "chain")).contains("never fine");
            assertThat(finding(Analysis.of(without()), "balance.unknown-ratings")).isPresent();
        }

        @Test
        void theRoomForCargoThenComesFromTheTongueAlone() {
            assertThat(notes(without(), "room")).contains("The tongue alone allows");
        }

        @Test
        void aLightFrontAxleIsSaid() {
            Design d = loaded();
            Design light = d.with(new lectulum.design.vehicle.Vehicle("Tail-heavy", 1600, 1350, 2.7, 1.6, 0.45, 30,
                    Map.of(Rating.VEHICLE_GROSS, 2100.0)));

            assertThat(finding(Analysis.of(light), "chain.front").orElseThrow().severity()).isEqualTo(Severity.WARN);
            assertThat(finding(Analysis.of(d), "chain.front")).isEmpty();
        }

        @ParameterizedTest
        @CsvSource({"750, 0, 2000, the law", "2000, 0.2, 2000, a part of the vehicle",
                "2000, 0, 400, the vehicle's own"})
        void theStrictestRuleForBrakesIsNamed(double law, double share, double own, String by) {
            Design d = set(set(base(loaded(), b -> b.with(b.axle().withBrakes(false))), "brake.law", law),
                    "brake.share", share);
            Design unbraked = d.with(d.vehicle().with(Rating.TOW_UNBRAKED, OptionalDouble.of(own)));

            String working = Analysis.of(unbraked).figures().find("brakes.limit").orElseThrow().working().numbers()
                    .text(Style.PLAIN);

            assertThat(working).contains(by);
        }

        @Test
        void passengerTyresCarryATenthLess() {
            Design d = set(loaded(), "tyre.index", 84);

            double trailer = Analysis.of(d).figures().value("tyres.margin");
            double passenger = Analysis.of(set(d, "tyre.passenger", 1)).figures().value("tyres.margin");

            // 1 − load/C and 1 − load/(C/1.10)
            assertThat((1 - passenger) / (1 - trailer)).isCloseTo(1.10, org.assertj.core.api.Assertions.within(1e-9));
        }
    }

    @Nested
    class Camp {
        @Test
        void aJackOverItsRatingIsSaid() {
            Design d = set(set(loaded(), "camp.jack.rated", 20), "camp.rear.jacks", 2);

            assertThat(finding(Analysis.of(d), "camp.jack").orElseThrow().severity()).isEqualTo(Severity.WARN);
        }

        @Test
        void jacksWoundTooFarLiftAWheel() {
            Design d = set(loaded(), "camp.crank", 0.1);

            assertThat(finding(Analysis.of(d), "camp.lifted").orElseThrow().title().text(Style.PLAIN))
                    .contains("wheel");
        }

        @Test
        void withoutBlocksTheyAreAskedFor() {
            Design d = set(set(set(set(set(loaded(), "block.1", 0), "block.2", 0), "block.3", 0), "block.4", 0),
                    "site.roll", 0.05);
            Analysis a = Analysis.of(d);

            assertThat(finding(a, "level.blocks")).isPresent();
            assertThat(Told.studies(a, Stage.BALANCE).stream().filter(s -> s.id().equals("level")).findFirst()
                    .orElseThrow()
                    .notes().getFirst().text(Style.PLAIN)).contains("Type the heights");
        }
    }

    @Test
    void aTripThatLeavesTheBandIsSaidAndNoRemedyLeavesItAsItWas() {
        // empty and full are inside, but grey water at the tail fills before the fresh water at the nose is gone
        Design d = base(loaded(tank("fresh", Tank.Use.FRESH, 60, 0.3), tank("grey", Tank.Use.GREY, 60, 2.7)),
                b -> b.with(b.axle().at(1.86)));
        Analysis a = Analysis.of(d);
        boolean said = finding(a, "trip.share").isPresent() || finding(a, "balance.tongue-share").isPresent();

        assertThat(said).isTrue();
        String id = finding(a, "trip.share").isPresent() ? "trip.share" : "balance.tongue-share";
        mending(d, id);
    }

    @Test
    void aThingThatHoldsItsPlaceIsNotMoved() {
        Design d = base(box(thing("stove", 80, 2.6, 0).with(Fix.FIXED).with(new Feature.Flame())),
                b -> b.with(b.axle().at(1.5)));
        Analysis a = Analysis.of(d);
        Finding f = finding(a, "balance.tongue-share").or(() -> finding(a, "balance.tongue-lift")).orElseThrow();

        assertThat(words(Remedies.of(a, f))).isNotEmpty().noneMatch(w -> w.contains("stove"));
    }
}
