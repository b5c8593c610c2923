package lectulum.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.balance.VehicleLoads;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Dog;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Vehicle;
import lectulum.space.Body;
import org.junit.jupiter.api.Test;

class FreeFloorTest {
    private static final Design EMPTY = Campers.start(CamperType.CARGO, "x").design().withThings(List.of());

    private static Thing box(int n, double x, double y, double l, double w, double z, double h) {
        return new Thing("b" + n, "b" + n, SystemGroup.CARGO, Role.BUILT_IN, Mount.INSIDE, Fix.FIXED, new Size(l, w, h),
                new Placement(x, y, z, 0), Map.of(), Mass.weighed(1), Cost.NONE, Optional.empty(), Optional.empty(),
                Optional.empty(), 0, "");
    }

    private static Room room(Design d) {
        return Analysis.of(d).of(Room.in(Mode.ROAD));
    }

    @Test
    void anEmptyBodyHoldsWhatIsNoLargerThanItsFloor() {
        Room room = room(EMPTY);
        Body body = room.body();
        double long_ = body.insideRear() - body.insideFront();

        assertThat(FreeFloor.find(room, long_ - 0.01, 1.0, 0.7)).isPresent();
        assertThat(FreeFloor.find(room, long_ + 0.02, 1.0, 0.7)).isEmpty();
        assertThat(FreeFloor.find(room, 1.0, 5.0, 0.7)).isEmpty();
        assertThat(FreeFloor.find(room, 0, 1, 0.7)).isEmpty();
        assertThat(FreeFloor.find(room, Double.NaN, 1, 0.7)).isEmpty();
    }

    @Test
    void whatHangsOverItAndAMatUnderItDoNotCount() {
        double floor = room(EMPTY).body().insideRear();
        Design mat = EMPTY.plus(box(1, floor / 2, 0, floor, 1.6, 0, 0.015));
        Design shelf = EMPTY.plus(box(2, floor / 2, 0, floor, 1.6, 0.8, 0.3));

        assertThat(FreeFloor.find(room(mat), 1, 0.6, 0.7)).isPresent();
        assertThat(FreeFloor.find(room(shelf), 1, 0.6, 0.7)).isPresent();
        assertThat(FreeFloor.find(room(shelf), 1, 0.6, 0.9)).isEmpty();
    }

    @Test
    void itIsTurnedWhereOnlyAcrossThereIsRoom() {
        double floor = room(EMPTY).body().insideRear();
        // A block leaves 0.70 m at the front, over the whole width of 1.68 m.
        Design d = EMPTY.plus(box(1, 0.035 + 0.70 + (floor - 0.735) / 2, 0, floor - 0.735, 1.6, 0, 1));

        FreeFloor free = FreeFloor.find(room(d), 1.2, 0.6, 0.7).orElseThrow();

        assertThat(free.turn()).isEqualTo(Math.PI / 2);
        assertThat(free.x()).isBetween(0.33, 0.44);
    }

    /// A second way: what is found is held against every box by its corners.
    @Test
    void whatIsFoundTouchesNothing() {
        SplittableRandom chance = new SplittableRandom(9);
        for (int round = 0; round < 30; round++) {
            Design d = EMPTY;
            List<double[]> taken = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                double l = 0.2 + 0.6 * chance.nextDouble();
                double w = 0.2 + 0.4 * chance.nextDouble();
                double x = 0.5 + 2.1 * chance.nextDouble();
                double y = -0.5 + chance.nextDouble();
                d = d.plus(box(i, x, y, l, w, 0, 0.5));
                taken.add(new double[]{x - l / 2, y - w / 2, x + l / 2, y + w / 2});
            }
            Optional<FreeFloor> free = FreeFloor.find(room(d), 0.8, 0.5, 0.7);
            free.ifPresent(f -> {
                double hx = f.turn() == 0 ? 0.4 : 0.25;
                double hy = f.turn() == 0 ? 0.25 : 0.4;
                assertThat(taken).allMatch(t -> t[2] <= f.x() - hx + 0.0011 || t[0] >= f.x() + hx - 0.0011
                        || t[3] <= f.y() - hy + 0.0011 || t[1] >= f.y() + hy - 0.0011);
            });
        }
    }

    /// A dog of 30 kg rides behind the rear axle with the luggage: it loads the rear axle by more than its weight.
    @Test
    void aDogRidesWithTheLuggage() {
        Vehicle v = EMPTY.vehicle().with(Optional.of(new Vehicle.Seats(1.4, 0.5, -0.30, 2)));
        Design without = EMPTY.withVehicle(v);
        Design with = without.with(without.brief().withDogs(List.of(new Dog("d", "Moss", 0.7, 0.5, 30))));

        VehicleLoads a = VehicleLoads.of(without);
        VehicleLoads b = VehicleLoads.of(with);

        assertThat(b.mass() - a.mass()).isEqualTo(30, within(1e-9));
        assertThat(b.rear() - a.rear()).isEqualTo(30 * (1 + 0.30 / v.wheelbase()), within(1e-9));
    }
}
