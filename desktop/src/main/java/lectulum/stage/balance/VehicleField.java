package lectulum.stage.balance;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import lectulum.design.vehicle.Vehicle;
import lectulum.units.Quantity;

/// One number of a tow vehicle as it is typed, wherever it is typed.
///
/// @param clears whether an emptied field means that it is not known
/// @param group  heading under which it stands
public record VehicleField(String group, String label, Quantity quantity, double low, double high, boolean clears,
        Function<Vehicle, OptionalDouble> read, BiFunction<Vehicle, OptionalDouble, Vehicle> write) {
    public static final String ITSELF = "";
    public static final String PAPERS = "Behind its kerb mass";
    public static final String SEATS = "Seats and boot";

    /// All, in the order in which they are asked for.
    public static final List<VehicleField> ALL = List.of(
            always(ITSELF, "Kerb mass", Quantity.MASS, 300, 9000, Vehicle::kerbMass,
                    (v, x) -> v.withKerb(x, v.kerbRear())),
            always(ITSELF, "On its rear axle", Quantity.MASS, 50, 6000, Vehicle::kerbRear,
                    (v, x) -> v.withKerb(v.kerbMass(), x)),
            always(ITSELF, "Wheelbase", Quantity.LENGTH, 1.5, 6, Vehicle::wheelbase,
                    (v, x) -> v.withGeometry(x, v.overhang(), v.ballHeight())),
            always(ITSELF, "Rear axle to ball", Quantity.LENGTH, 0.3, 2.5, Vehicle::overhang,
                    (v, x) -> v.withGeometry(v.wheelbase(), x, v.ballHeight())),
            always(ITSELF, "Ball height, laden", Quantity.LENGTH, 0.2, 1, Vehicle::ballHeight,
                    (v, x) -> v.withGeometry(v.wheelbase(), v.overhang(), x)),
            known(ITSELF, "Ball diameter", Quantity.LENGTH, 0.03, 0.1, Vehicle::ball, Vehicle::withBall),
            always(ITSELF, "Luggage in it", Quantity.MASS, 0, 1500, Vehicle::luggage, Vehicle::withLuggage),
            known(PAPERS, "Fuel tank", Quantity.VOLUME, 0.005, 0.4, v -> v.papers().tank(),
                    (v, x) -> v.with(v.papers().fuelled(x, v.papers().diesel(), v.papers().fill()))),
            always(PAPERS, "Filled, towing", Quantity.SHARE, 0, 1, v -> v.papers().fill(),
                    (v, x) -> v.with(v.papers().fuelled(v.papers().tank(), v.papers().diesel(), x))),
            always(PAPERS, "Fitted since", Quantity.MASS, 0, 2000, v -> v.papers().options(),
                    (v, x) -> v.with(v.papers().with(x))),
            seat("Front seats", -1, 5, Vehicle.Seats::front,
                    (s, x) -> new Vehicle.Seats(x, s.rear(), s.boot(), s.inFront())),
            seat("Rear seats", -2, 4, Vehicle.Seats::rear,
                    (s, x) -> new Vehicle.Seats(s.front(), x, s.boot(), s.inFront())),
            seat("Luggage", -3, 4, Vehicle.Seats::boot,
                    (s, x) -> new Vehicle.Seats(s.front(), s.rear(), x, s.inFront())),
            seat("People in front", 0, 9, Vehicle.Seats::inFront,
                    (s, x) -> new Vehicle.Seats(s.front(), s.rear(), s.boot(), (int) Math.round(x))));

    private static VehicleField always(String group, String label, Quantity quantity, double low, double high,
            ToDoubleFunction<Vehicle> read, BiFunction<Vehicle, Double, Vehicle> write) {
        return new VehicleField(group, label, quantity, low, high, false,
                v -> OptionalDouble.of(read.applyAsDouble(v)), (v, x) -> write.apply(v, x.getAsDouble()));
    }

    /// One that is held as 0 where it is not known.
    private static VehicleField known(String group, String label, Quantity quantity, double low, double high,
            ToDoubleFunction<Vehicle> read, BiFunction<Vehicle, Double, Vehicle> write) {
        return new VehicleField(group, label, quantity, low, high, true,
                v -> read.applyAsDouble(v) > 0 ? OptionalDouble.of(read.applyAsDouble(v)) : OptionalDouble.empty(),
                (v, x) -> write.apply(v, x.orElse(0)));
    }

    /// The first that is typed brings the usual places of the others; one that is emptied goes back to half on each axle.
    private static VehicleField seat(String label, double low, double high, ToDoubleFunction<Vehicle.Seats> read,
            BiFunction<Vehicle.Seats, Double, Vehicle.Seats> write) {
        Quantity quantity = label.startsWith("People") ? Quantity.COUNT : Quantity.LENGTH;
        return new VehicleField(SEATS, label, quantity, low, high, true,
                v -> v.seats().map(s -> OptionalDouble.of(read.applyAsDouble(s))).orElse(OptionalDouble.empty()),
                (v, x) -> v.with(x.isEmpty()
                        ? Optional.<Vehicle.Seats>empty()
                        : Optional.of(write.apply(v.seats().orElse(Vehicle.Seats.usual(v.wheelbase())),
                                x.getAsDouble()))));
    }
}
