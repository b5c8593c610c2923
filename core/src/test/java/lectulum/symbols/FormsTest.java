package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Vehicle;
import lectulum.space.Solid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// Running gear, tow vehicle, people and what folds out.
class FormsTest {
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();
    private static final TowVehicle.Rear REAR = new TowVehicle.Rear(0.17, 0.88, 0.45, 1.55);

    private static DoubleStream across(Form form, Facing facing) {
        return form.seen(facing, 0).stream().flatMap(s -> Arrays.stream(s.points())).mapToDouble(p -> p[0]);
    }

    private static DoubleStream up(Form form, Facing facing) {
        return form.seen(facing, 0).stream().flatMap(s -> Arrays.stream(s.points())).mapToDouble(p -> p[1]);
    }

    @Test
    void wheelsStandOnTheGroundWhereTheAxleIs() {
        Base base = NIGHTJAR.base();
        Form wheels = Chassis.wheel(base, base.ballToMiddle(), 1);

        assertThat(up(wheels, Facing.SIDE).min().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(up(wheels, Facing.SIDE).max().orElseThrow()).isCloseTo(base.axle().wheelDiameter(), within(1e-9));
        assertThat(across(wheels, Facing.SIDE).average().orElseThrow()).isCloseTo(base.ballToMiddle(), within(0.01));
        assertThat(across(wheels, Facing.BEHIND).min().orElseThrow())
                .isCloseTo(base.axle().track() / 2 - base.axle().tyreWidth() / 2, within(1e-9));
    }

    @Test
    void aTandemHasFourWheels() {
        Base base = NIGHTJAR.base().with(NIGHTJAR.base().axle().with(2, 0.8));

        assertThat(Chassis.axles(base)).hasSize(2);
        assertThat(Chassis.axles(base)[1] - Chassis.axles(base)[0]).isCloseTo(0.8, within(1e-12));
        assertThat(Chassis.wheels(base).pieces().stream()
                .filter(p -> p instanceof Piece.Prism q && q.paint() == Paint.RUBBER)).hasSize(4);
    }

    /// The coupler is over the ball; parked, the jack reaches the ground.
    @Test
    void theAFrameEndsOverTheBall() {
        Base base = NIGHTJAR.base();
        Form road = Chassis.form(base, 0.46, 0.35, 0.3, false);
        Form camp = Chassis.form(base, 0.46, 0.35, 0.3, true);

        assertThat(across(road, Facing.SIDE).min().orElseThrow()).isBetween(-0.1, 0.0);
        assertThat(up(road, Facing.SIDE).min().orElseThrow()).isGreaterThan(0.1);
        assertThat(up(camp, Facing.SIDE).min().orElseThrow()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Vehicle.Looks.class)
    void aVehicleIsAsWideAndEndsWhereItsNumbersSay(Vehicle.Looks looks) {
        Form vehicle = TowVehicle.form(NIGHTJAR.vehicle().withLooks(looks), REAR);
        List<double[]> bodywork = vehicle.seen(Facing.PLAN, 0).stream().filter(s -> s.paint() == Paint.CAR)
                .flatMap(s -> Arrays.stream(s.points())).toList();

        assertThat(bodywork.stream().mapToDouble(p -> p[0]).max().orElseThrow()).isCloseTo(-0.17, within(0.035));
        assertThat(bodywork.stream().mapToDouble(p -> Math.abs(p[1])).max().orElseThrow())
                .isCloseTo(0.88, within(1e-9));
        assertThat(across(vehicle, Facing.SIDE).max().orElseThrow()).as("the ball").isBetween(0.0, 0.05);
        assertThat(up(vehicle, Facing.SIDE).min().orElseThrow()).as("the ground").isCloseTo(0, within(1e-9));
    }

    @Test
    void vehiclesOfEachBuildLookDifferent() {
        List<List<Integer>> outlines = Arrays.stream(Vehicle.Looks.values())
                .map(l -> TowVehicle.form(NIGHTJAR.vehicle().withLooks(l), REAR).seen(Facing.SIDE, 0).stream()
                        .map(s -> s.points().length).toList())
                .distinct().toList();

        assertThat(outlines).hasSizeGreaterThan(1);
    }

    /// The floor of a tent that folds out to the right by 1.3 m reaches from the rack to there, and people lie on it.
    @Test
    void aTentStandsOverItsWholeFloor() {
        Thing tent = thing("t", 60, 1.3, 0).with(new Size(1.4, 1.8, 0.3)).with(new Placement(1.3, 0, 1.2, 0))
                .with(new Feature.Bed(2.2, 2.3, 400)).with(new Feature.FoldOut(Feature.Face.RIGHT, 1.3, 0, 0, 0.6, 0));

        Form open = Unfolded.of(tent, Mode.NIGHT, 0.6).orElseThrow();
        Solid bed = Unfolded.bed(tent, Mode.NIGHT);

        assertThat(Unfolded.of(tent, Mode.ROAD, 0.6)).isEmpty();
        assertThat(bed.minY()).isCloseTo(-0.9, within(1e-9));
        assertThat(bed.maxY()).isCloseTo(2.2, within(1e-9));
        assertThat(bed.z2()).isCloseTo(1.3, within(1e-9));
        assertThat(across(open, Facing.BEHIND).max().orElseThrow()).as("foot of the ladder")
                .isCloseTo(2.2 + 0.6 + 0.016, within(1e-6));
        assertThat(up(open, Facing.BEHIND).min().orElseThrow()).isCloseTo(-0.6 - 0.016, within(1e-6));
        assertThat(open.top()).isGreaterThan(2.2);
    }

    @ParameterizedTest
    @EnumSource(Feature.Face.class)
    void anAwningSlopesFromItsRailToItsEdge(Feature.Face face) {
        Thing awning = thing("a", 14, 1.3, -1).with(new Size(2.5, 0.13, 0.13)).with(new Placement(1.3, -1, 1.5, 0))
                .with(new Feature.FoldOut(face, 2, 0.3, 2, 0, 0));

        Form open = Unfolded.of(awning, Mode.CAMP, 0.5).orElseThrow();

        assertThat(open.top()).isCloseTo(1.63, within(1e-9));
        assertThat(open.pieces().stream().filter(p -> p instanceof Piece.Cone).mapToDouble(p -> p.bounds()[4]))
                .hasSize(2).allSatisfy(z -> assertThat(z).isCloseTo(-0.5, within(1e-9)));
    }

    /// 1.8 m tall: sitting, the head is 0.525 of that above the seat; lying, head and feet are 1.8 m apart.
    @Test
    void figuresAreToScale() {
        assertThat(up(Figure.standing(1.8), Facing.SIDE).max().orElseThrow()).isCloseTo(1.8, within(0.01));
        assertThat(up(Figure.standing(1.8), Facing.SIDE).min().orElseThrow()).isCloseTo(0, within(0.02));
        assertThat(up(Figure.sitting(1.8, 0.45), Facing.SIDE).max().orElseThrow()).isCloseTo(0.945, within(0.01));
        assertThat(across(Figure.lying(1.8), Facing.PLAN).max().orElseThrow()
                - across(Figure.lying(1.8), Facing.PLAN).min().orElseThrow()).isCloseTo(1.8, within(0.03));
        assertThat(up(Figure.sitting(1.8, 0.2), Facing.SIDE).min().orElseThrow()).as("feet on the floor")
                .isGreaterThan(-0.22);
    }
}
