package lectulum.materials;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.air.Cabin;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.kernel.takeoff.Profile;
import lectulum.kernel.takeoff.StudWall;
import lectulum.materials.cutting.CutRules;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.framing.StickRules;
import lectulum.materials.framing.Yard;
import lectulum.materials.skins.ShellSheets;
import lectulum.materials.skins.SkinRules;
import lectulum.space.Body;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Frames, layers and cutting of whole campers: against hand sums, and against what the sheet and Air say of the same shell.
class ShellTest {
    private static Design framed(Carcass.Face face, double... studs) {
        Design d = box();
        return d.with(d.base().withCarcass(d.base().carcass().with(face, Optional.of(new Carcass.Framing(
                java.util.Arrays.stream(studs).boxed().toList(), 0.04, 0.03, false)))));
    }

    private static Design metal(Design d) {
        Envelope e = Envelope.usual(CamperType.CARGO);
        return d.with(new Envelope(e.walls().stream().map(w -> w.withStuds(Wall.Studs.METAL)).toList()));
    }

    private static Design timber(Design d) {
        Envelope e = Envelope.usual(CamperType.CARGO);
        return d.with(new Envelope(e.walls().stream().map(w -> w.withStuds(Wall.Studs.TIMBER)).toList()));
    }

    @Nested
    class Frames {
        /// Two plates as long as the body and four studs between them.
        @Test
        void aWallOfFourStudsByHand() {
            Design d = timber(framed(Carcass.Face.LEFT, 0.02, 1, 2, 2.9));
            Body body = Body.of(d.base());
            double high = body.roofInside().highest();
            ShellFrame f = ShellFrame.of(d);

            assertThat(f.pieces()).hasSize(6);
            assertThat(f.length()).isCloseTo(2 * body.length() + 4 * (high - 0.08), within(1e-9));
            assertThat(f.mass()).isCloseTo(f.length() * 0.04 * 0.03 * 500, within(1e-9));
            assertThat(value(d, "stud.mass")).isCloseTo(f.mass(), within(1e-12));
            assertThat(value(d, "stud.sticks")).isEqualTo(6);
        }

        /// In the same order in every run, unlike what a map gives that keeps none.
        @Test
        void wallsStandInTheOrderOfTheirFaces() {
            ShellFrame f = ShellFrame.of(Campers.demo("nightjar").orElseThrow().design());
            StudWall wall = f.walls().get(Carcass.Face.LEFT);
            Map<Carcass.Face, StudWall> any = Stream.of(Carcass.Face.values())
                    .collect(Collectors.toUnmodifiableMap(x -> x, x -> wall));

            assertThat(new ShellFrame(f.pieces(), f.ribs(), any).walls().keySet().stream())
                    .containsExactly(Carcass.Face.values());
        }

        @Test
        void metalIsTubesByTheirWall() {
            Design d = metal(framed(Carcass.Face.ROOF, 0.5, 1, 1.5));
            ShellFrame f = ShellFrame.of(d);

            assertThat(f.pieces()).hasSize(3).allMatch(p -> p.what().equals("bow"));
            assertThat(f.mass() / f.length()).isCloseTo(Profile.tube(0.04, 0.03, 0.0016) * 7850, within(1e-9));
            assertThat(f.pieces().getFirst().length()).isCloseTo(2 * Body.of(d.base()).halfWidth(), within(1e-9));
            assertThat(f.middle().orElseThrow()).isCloseTo(1.0, within(1e-9));
        }

        @Test
        void aDoorIsFramed() {
            Design d = timber(framed(Carcass.Face.RIGHT, 0.02, 0.6, 1.2, 1.8, 2.4, 2.9));
            Design with = d.plus(thing("door", 10, 1.4, 0.95).withMount(Mount.SET_IN)
                    .with(new Size(0.6, 0.05, 1.2)).with(new Placement(1.4, 0.95, 0, 0))
                    .with(new Feature.Opening(0.55, 1.15, Feature.Opening.Leaf.HINGED_FRONT, 1.6, true, false)));

            assertThat(ShellFrame.of(with).pieces())
                    .anyMatch(p -> p.what().equals("header") && Math.abs(p.length() - 0.6) < 1e-9);
            assertThat(ShellFrame.of(with).pieces().stream().filter(p -> p.what().equals("bottom plate"))).hasSize(2);
            assertThat(ShellFrame.of(d).pieces().stream().filter(p -> p.what().equals("bottom plate"))).hasSize(1);
        }

        @Test
        void aWideBayIsNamedAndFilled() {
            Design d = timber(framed(Carcass.Face.LEFT, 0.02, 0.4, 0.8, 1.2, 2.4, 2.8));

            assertThat(raises(d, StickRules.BAY)).isTrue();
            everyRemedyMends(Analysis.of(d), StickRules.BAY);
            assertThat(raises(timber(framed(Carcass.Face.LEFT, 0.02, 0.4, 0.8, 1.2, 1.6, 2.0)), StickRules.BAY))
                    .isFalse();
        }

        @Test
        void anOpeningAtTheEndOfAWallIsNamed() {
            Design d = timber(framed(Carcass.Face.RIGHT, 0.02, 0.6, 1.2, 1.8, 2.4, 2.9));
            Design with = d.plus(thing("hatch", 3, 0.33, 0.95).withMount(Mount.SET_IN).with(new Size(0.6, 0.05, 0.4))
                    .with(new Placement(0.33, 0.95, 0.4, 0))
                    .with(new Feature.Opening(0.55, 0.35, Feature.Opening.Leaf.TOP_HUNG, 1.2, false, false)));

            assertThat(raises(with, StickRules.NEAR)).isTrue();
        }

        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void everyStickIsWithinTheBody(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            Body body = Body.of(d.base());
            for (ShellFrame.Piece p : ShellFrame.of(d).pieces()) {
                assertThat(p.length()).as(p.what()).isPositive().isLessThan(body.length() + 2);
                assertThat(p.x()).isBetween(-0.01, body.length() + 0.01);
                assertThat(p.z()).isBetween(-0.01, body.roofInside().highest() + 0.01);
            }
        }

        @Test
        void withoutMembersThereIsNothing() {
            assertThat(ShellFrame.of(box()).pieces()).isEmpty();
            assertThat(Analysis.of(box()).figures().find("stud.mass")).isEmpty();
        }
    }

    @Nested
    class Layers {
        /// The same area as Air loses heat through, and the mass of what covers it.
        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void coverWhatAirReckonsWith(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            ShellSheets s = ShellSheets.of(d, 2.44, 1.22);
            double cabin = Cabin.of(d, Mode.ROAD).faces().stream().mapToDouble(Cabin.Face::area).sum();

            assertThat(s.layers().stream().filter(l -> l.role().equals("skin")).mapToDouble(ShellSheets.Layer::area)
                    .sum()).isCloseTo(cabin, within(1e-9));
            assertThat(value(d, "skin.mass")).isCloseTo(s.layers().stream().mapToDouble(ShellSheets.Layer::mass).sum(),
                    within(1e-9));
            assertThat(s.layers()).allMatch(l -> l.mass() > 0 && l.price() > 0);
        }

        @ParameterizedTest
        @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
        void noPanelIsLargerThanASheet(String demo) {
            Design d = Campers.demo(demo).orElseThrow().design();
            for (ShellSheets.Panel p : ShellSheets.of(d, 2.44, 1.22).panels()) {
                assertThat(Math.max(p.width(), p.height())).isLessThanOrEqualTo(2.44 + 1e-6);
                assertThat(Math.min(p.width(), p.height())).isLessThanOrEqualTo(1.22 + 1e-6);
            }
        }

        /// Panels of a side together are the rectangle about it.
        @Test
        void panelsOfAFloorAreTheFloor() {
            Design d = Campers.demo("chamois").orElseThrow().design();
            double floor = ShellSheets.of(d, 2.44, 1.22).panels().stream().filter(p -> p.side().equals("floor lining"))
                    .mapToDouble(p -> p.width() * p.height()).sum();
            assertThat(floor).isCloseTo(Body.of(d.base()).length() * 2 * Body.of(d.base()).halfWidth(), within(1e-9));
        }
    }

    @Nested
    class Cutting {
        @Test
        void whatIsBoughtHoldsThePieces() {
            Design d = Campers.demo("nightjar").orElseThrow().design();
            double length = value(d, "stud.length");

            assertThat(value(d, "cut.bars.bought") * 6).isGreaterThan(length);
            assertThat(value(d, "cut.bars.yield")).isCloseTo(length / (value(d, "cut.bars.bought") * 6), within(1e-9));
            assertThat(value(d, "cut.bars.bound")).isLessThanOrEqualTo(value(d, "cut.bars.cost") + 1e-9);
            assertThat(value(d, "stud.cost")).isCloseTo(value(d, "cut.bars.cost"), within(1e-9));
        }

        @Test
        void aPieceLongerThanTheYardHasIsNamed() {
            Design d = timber(framed(Carcass.Face.LEFT, 0.02, 1, 2, 2.9));
            Design small = d.with(d.settings().with(Assumption.CUT_SHORT.id(), 1.0)
                    .with(Assumption.CUT_MIDDLE.id(), 1.0).with(Assumption.CUT_LONG.id(), 2.0));

            assertThat(raises(small, CutRules.LONG)).isTrue();
            everyRemedyMends(Analysis.of(small), CutRules.LONG);
            assertThat(raises(d, CutRules.LONG)).isFalse();
        }

        /// A wider saw never needs fewer sticks, and offcut trim neither.
        @Test
        void moreWasteNeverCostsLess() {
            Design d = Campers.demo("chamois").orElseThrow().design();
            double before = 0;
            for (double kerf : new double[]{0, 0.002, 0.004, 0.006}) {
                double cost = Yard.of(d.with(d.settings().with(Assumption.CUT_KERF.id(), kerf)
                        .with(Assumption.CUT_TRIM.id(), 5 * kerf))).cost(ShellFrame.of(d));
                assertThat(cost).isGreaterThanOrEqualTo(before - 1e-9);
                before = cost;
            }
        }

        @Test
        void fewerStudsAreFewerSticksAndLessMass() {
            Design close = timber(framed(Carcass.Face.LEFT, 0.02, 0.3, 0.6, 0.9, 1.2, 1.5, 1.8, 2.1, 2.4, 2.7, 2.9));
            Design wide = timber(framed(Carcass.Face.LEFT, 0.02, 0.6, 1.2, 1.8, 2.4, 2.9));

            assertThat(value(close, "stud.mass")).isGreaterThan(value(wide, "stud.mass"));
            assertThat(value(close, "stud.cost")).isGreaterThanOrEqualTo(value(wide, "stud.cost"));
        }

        /// Whatever a file says of walls and members, the analysis answers.
        @Test
        void nonsenseIsAnswered() {
            for (double[] studs : new double[][]{{}, {5}, {0, 0, 0}, {-1, 14}, {0.5, 0.5001}}) {
                for (Carcass.Face face : Carcass.Face.values()) {
                    Analysis a = Analysis.of(timber(framed(face, studs)));
                    assertThat(a.figures().all()).noneMatch(f -> f.value().isPresent()
                            && Double.isNaN(f.value().getAsDouble()));
                }
            }
            Design d = framed(Carcass.Face.LEFT, 1, 2);
            for (Map.Entry<Assumption, Double> e : Map
                    .of(Assumption.CUT_SHEET_WIDE, 0.3, Assumption.CUT_SHEET_LONG, 0.3,
                            Assumption.CUT_BAR, 0.2, Assumption.STUD_WALL, 0.01)
                    .entrySet()) {
                assertThat(Analysis.of(metal(d.with(d.settings().with(e.getKey().id(), e.getValue())))).findings())
                        .isNotNull();
            }
        }
    }

    @Nested
    class Finish {
        private final Design d = Campers.demo("dunlin").orElseThrow().design();

        private double outside() {
            return ShellSheets.of(d, 2.44, 1.22).layers().stream()
                    .filter(l -> l.role().equals("skin") && l.side() != Wall.Side.FLOOR)
                    .mapToDouble(ShellSheets.Layer::area).sum();
        }

        private Design set(Assumption a, double v) {
            return d.with(d.settings().with(a.id(), v));
        }

        @Test
        void paintByArea() {
            assertThat(value(d, "paint.volume")).isCloseTo(outside() * 3 * 50e-6 / (0.45 * 0.9), within(1e-12));
            assertThat(value(d, "paint.kits") * 0.0025 - value(d, "paint.volume"))
                    .isCloseTo(value(d, "paint.left"), within(1e-12)).isBetween(0.0, 0.0025);
            assertThat(value(d, "paint.mass")).isCloseTo(outside() * 3 * 50e-6 * 1250, within(1e-9));
            assertThat(Analysis.of(d).figures().find("paint.batches")).isEmpty();
            assertThat(value(set(Assumption.PAINT_HARDENER, 3), "paint.batches")).isEqualTo(
                    Math.ceil(outside() / (10 * 0.75)));
        }

        @Test
        void glassOnlyWhereItIsWanted() {
            assertThat(Analysis.of(d).figures().find("glass.mass")).isEmpty();
            Design glassed = set(Assumption.GLASS_LAYERS, 1);
            double cloth = outside() * 1.08 * 0.2;
            assertThat(value(glassed, "glass.cloth")).isCloseTo(cloth, within(1e-9));
            assertThat(value(glassed, "glass.mass")).isCloseTo(cloth / 0.45 + 0.3 * outside(), within(1e-9));
        }

        @Test
        void seamsAndScrews() {
            assertThat(value(d, "seal.cartridges"))
                    .isEqualTo(Math.ceil(0.008 * 0.008 / 2 * value(d, "seal.length") * 1.1
                            / 300e-6));
            assertThat(value(set(Assumption.SCREW_EDGE, 0.3), "screw.count")).isLessThan(value(d, "screw.count"));
            assertThat(value(set(Assumption.SEAL_TAPE, 30), "seal.rolls")).isEqualTo(1);
            assertThat(Analysis.of(set(Assumption.SEAL_TAPE, 1)).figures().find("seal.rolls")).isEmpty();
        }

        @Test
        void aTrailerFrameByItsRails() {
            Design n = Campers.demo("nightjar").orElseThrow().design();
            double rail = Profile.tube(0.05, 0.08, 0.003) * 7850;
            double tongue = Profile.tube(0.05, 0.1, 0.004) * 7850;
            double legs = value(n, "ladder.length") - 2 * 4.12 - 8 * 1.75;

            assertThat(value(n, "ladder.mass")).isCloseTo((2 * 4.12 + 8 * 1.75) * rail + legs * tongue, within(1e-6));
            assertThat(Analysis.of(d).figures().find("ladder.mass")).isEmpty();
        }
    }

    /// Cushions of a demo on paper: foam by hand, cloth between the bound and rows.
    @Test
    void cushionsAreOrdered() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        double foam = d.things().stream().filter(t -> java.util.Set.of("mattress", "cushions").contains(t.symbol()))
                .mapToDouble(t -> ((Math.max(t.size().length(), t.size().width()) + 0.01)
                        * (Math.min(t.size().length(), t.size().width()) + 0.01) - (4 - Math.PI) * 0.06 * 0.06)
                        * t.size().height() * 35)
                .sum();

        assertThat(foam).isPositive();
        assertThat(value(d, "cushion.foam")).isCloseTo(foam, within(1e-9));
        assertThat(value(d, "roll.length")).isBetween(value(d, "roll.bound") - 1e-6, value(d, "roll.rows") + 1e-5);
        assertThat(value(d, "roll.buy")).isBetween(1.05 * value(d, "roll.length") - 1e-6,
                1.05 * value(d, "roll.length") + 0.1);
        assertThat(Analysis.of(box()).figures().find("cushion.foam")).isEmpty();
    }

    /// What stands for the insulation is brought to what the walls come to; a body that stands already keeps its own linings.
    @Nested
    class Allowance {
        private static lectulum.design.thing.Thing allowance(String id, double mass, Feature.StandsFor.Part part) {
            return thing(id, mass, 1, 0).withMount(Mount.SPREAD).with(new Feature.StandsFor(part));
        }

        private static double insulation(Design d) {
            return ShellSheets.of(d, 2.44, 1.22).layers().stream().filter(l -> l.role().equals("insulation"))
                    .mapToDouble(ShellSheets.Layer::mass).sum();
        }

        @Test
        void ofInsulationIsMendedToTheKilogram() {
            Design d = timber(box(allowance("a", 1, Feature.StandsFor.Part.INSULATION), allowance("b", 3,
                    Feature.StandsFor.Part.INSULATION)));
            double wanted = insulation(d);
            assertThat(wanted).isGreaterThan(6);

            assertThat(raises(d, SkinRules.TAKE_OFF)).isTrue();
            everyRemedyMends(Analysis.of(d), SkinRules.TAKE_OFF);
            Design mended = lectulum.analysis.Remedies.of(Analysis.of(d), Analysis.of(d).findings().stream()
                    .filter(f -> f.rule() == SkinRules.TAKE_OFF).findFirst().orElseThrow()).getFirst().edit().change()
                    .apply(d);
            assertThat(mended.things().stream().mapToDouble(t -> t.mass().value()).sum()).isCloseTo(wanted,
                    within(1e-9));
            assertThat(mended.thing("b").orElseThrow().mass().value()
                    / mended.thing("a").orElseThrow().mass().value()).isCloseTo(3, within(1e-9));
        }

        @Test
        void ofLiningsOnlyWhereTheBodyIsBuilt() {
            Design d = timber(box(allowance("a", 1, Feature.StandsFor.Part.LINING)));

            assertThat(raises(d.with(d.brief().withType(CamperType.TEARDROP)), SkinRules.TAKE_OFF)).isTrue();
            assertThat(raises(d.with(d.brief().withType(CamperType.CARGO)), SkinRules.TAKE_OFF)).isFalse();
        }

        @Test
        void thatIsRightSaysNothing() {
            Design d = timber(box());
            assertThat(raises(d.plus(allowance("a", insulation(d), Feature.StandsFor.Part.INSULATION)),
                    SkinRules.TAKE_OFF)).isFalse();
        }
    }
}
