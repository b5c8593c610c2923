package lectulum.stage.balance;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import lectulum.design.Range;
import lectulum.design.vehicle.Vehicle;

/// One number of a tow vehicle as it is typed, wherever it is typed.
///
/// @param clears whether an emptied field means that it is not known
/// @param group  heading under which it stands
public record VehicleField(String group, String label, Range range, boolean clears,
        Function<Vehicle, OptionalDouble> read, BiFunction<Vehicle, OptionalDouble, Vehicle> write) {
    public static final String ITSELF = "";
    public static final String PAPERS = "Behind its kerb mass";
    public static final String SEATS = "Seats and boot";

    /// All, in the order in which they are asked for.
    public static final List<VehicleField> ALL = List.of(
            always(ITSELF, "Kerb mass", Range.of(Vehicle.class, "kerbMass"), Vehicle::kerbMass,
                    (v, x) -> v.withKerb(x, v.kerbRear())),
            always(ITSELF, "On its rear axle", Range.of(Vehicle.class, "kerbRear"), Vehicle::kerbRear,
                    (v, x) -> v.withKerb(v.kerbMass(), x)),
            always(ITSELF, "Wheelbase", Range.of(Vehicle.class, "wheelbase"), Vehicle::wheelbase,
                    (v, x) -> v.withGeometry(x, v.overhang(), v.ballHeight())),
            always(ITSELF, "Rear axle to ball", Range.of(Vehicle.class, "overhang"), Vehicle::overhang,
                    (v, x) -> v.withGeometry(v.wheelbase(), x, v.ballHeight())),
            always(ITSELF, "Ball height, laden", Range.of(Vehicle.class, "ballHeight"), Vehicle::ballHeight,
                    (v, x) -> v.withGeometry(v.wheelbase(), v.overhang(), x)),
            known(ITSELF, "Ball diameter", Range.of(Vehicle.class, "ball"), Vehicle::ball, Vehicle::withBall),
            always(ITSELF, "Luggage in it", Range.of(Vehicle.class, "luggage"), Vehicle::luggage, Vehicle::withLuggage),
            known(PAPERS, "Fuel tank", Range.of(Vehicle.Papers.class, "tank"), v -> v.papers().tank(),
                    (v, x) -> v.with(v.papers().fuelled(x, v.papers().diesel(), v.papers().fill()))),
            always(PAPERS, "Filled, towing", Range.of(Vehicle.Papers.class, "fill"), v -> v.papers().fill(),
                    (v, x) -> v.with(v.papers().fuelled(v.papers().tank(), v.papers().diesel(), x))),
            always(PAPERS, "Fitted since", Range.of(Vehicle.Papers.class, "options"), v -> v.papers().options(),
                    (v, x) -> v.with(v.papers().with(x))),
            seat("Front seats", "front", Vehicle.Seats::front,
                    (s, x) -> new Vehicle.Seats(x, s.rear(), s.boot(), s.inFront())),
            seat("Rear seats", "rear", Vehicle.Seats::rear,
                    (s, x) -> new Vehicle.Seats(s.front(), x, s.boot(), s.inFront())),
            seat("Luggage", "boot", Vehicle.Seats::boot,
                    (s, x) -> new Vehicle.Seats(s.front(), s.rear(), x, s.inFront())),
            seat("People in front", "inFront", Vehicle.Seats::inFront,
                    (s, x) -> new Vehicle.Seats(s.front(), s.rear(), s.boot(), (int) Math.round(x))));

    private static VehicleField always(String group, String label, Range range,
            ToDoubleFunction<Vehicle> read, BiFunction<Vehicle, Double, Vehicle> write) {
        return new VehicleField(group, label, range, false,
                v -> OptionalDouble.of(read.applyAsDouble(v)), (v, x) -> write.apply(v, x.getAsDouble()));
    }

    /// One that may be unknown.
    private static VehicleField known(String group, String label, Range range,
            Function<Vehicle, OptionalDouble> read, BiFunction<Vehicle, OptionalDouble, Vehicle> write) {
        return new VehicleField(group, label, range, true, read, write);
    }

    /// The first that is typed brings the usual places of the others; one that is emptied goes back to half on each axle.
    private static VehicleField seat(String label, String name, ToDoubleFunction<Vehicle.Seats> read,
            BiFunction<Vehicle.Seats, Double, Vehicle.Seats> write) {
        return new VehicleField(SEATS, label, Range.of(Vehicle.Seats.class, name), true,
                v -> v.seats().map(s -> OptionalDouble.of(read.applyAsDouble(s))).orElse(OptionalDouble.empty()),
                (v, x) -> v.with(x.isEmpty()
                        ? Optional.<Vehicle.Seats>empty()
                        : Optional.of(write.apply(v.seats().orElse(Vehicle.Seats.usual(v.wheelbase())),
                                x.getAsDouble()))));
    }
}
