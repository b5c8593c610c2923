package lectulum.balance;

import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Person;
import lectulum.design.vehicle.Vehicle;

/// The tow vehicle by itself: ready to drive as it is fuelled and fitted, then with people and luggage aboard.
///
/// A weight at e ahead of the rear axle loads the front axle by e/wheelbase of it. Where seats are not known, half of what is
/// aboard bears on each axle; so do options. Fuel is where the assumed values say the tank is.
///
/// @param ready      with nobody aboard \[kg\]
/// @param readyRear  of it, on the rear axle \[kg\]
/// @param aboard     people, and luggage and dogs behind them \[kg\]
/// @param aboardRear of them, on the rear axle \[kg\]
/// @param counted    what the payload of the papers counts already: their driver \[kg\]
public record VehicleLoads(double ready, double readyRear, double aboard, double aboardRear, double counted) {

    public static VehicleLoads of(Design design) {
        Vehicle v = design.vehicle();
        Vehicle.Papers papers = v.papers();
        double wheelbase = v.wheelbase();
        Optional<Vehicle.Seats> seats = v.seats().filter(s -> wheelbase > 0);
        double frontSeat = seats.map(Vehicle.Seats::front).orElse(wheelbase / 2);
        double tank = Math.min(wheelbase, Assumed.value(design, Assumption.VEHICLE_TANK));
        double ready = v.kerbMass() - papers.driver() + papers.fuel() + papers.options();
        double readyRear = v.kerbRear() - papers.driver() * onRear(frontSeat, wheelbase)
                + papers.fuel() * onRear(tank, wheelbase) + papers.options() * onRear(wheelbase / 2, wheelbase);
        double people = 0;
        double peopleRear = 0;
        List<Person> all = design.brief().people();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            double place = seats.map(s -> at < s.inFront() ? s.front() : s.rear()).orElse(wheelbase / 2);
            people += all.get(i).mass();
            peopleRear += all.get(i).mass() * onRear(place, wheelbase);
        }
        double boot = seats.map(Vehicle.Seats::boot).orElse(wheelbase / 2);
        double loose = v.luggage() + design.brief().dogs().stream().mapToDouble(Dog::mass).sum();
        return new VehicleLoads(ready, readyRear, people + loose, peopleRear + loose * onRear(boot, wheelbase),
                papers.driver());
    }

    private static double onRear(double ahead, double wheelbase) {
        return wheelbase > 0 ? 1 - ahead / wheelbase : 0.5;
    }

    /// With people and luggage \[kg\].
    public double mass() {
        return ready + aboard;
    }

    /// Front axle with people and luggage, no trailer \[kg\].
    public double front() {
        return mass() - rear();
    }

    /// Rear axle with people and luggage, no trailer \[kg\].
    public double rear() {
        return readyRear + aboardRear;
    }

    /// What the payload on the plate is used by, without the tongue: everything beyond the kerb mass as its papers define it
    /// \[kg\].
    ///
    /// @param kerb mass of the papers \[kg\]
    public double payload(double kerb) {
        return mass() - kerb;
    }
}
