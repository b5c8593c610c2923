package lectulum.journey;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.VehicleLoads;
import lectulum.design.Base;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Mount;
import lectulum.design.Person;
import lectulum.design.Rating;
import lectulum.design.Thing;
import lectulum.design.Vehicle;
import lectulum.layout.Body;
import lectulum.layout.Layout;
import lectulum.layout.Solid;
import lectulum.units.Units;

/// Vehicle and trailer as the studies of trip, camp, hitch and road need them: measured numbers where they are given, the
/// usual ones else.
final class Rig {
    final Design design;
    final Body body;
    final Layout layout;
    final List<LoadedState> trips;
    final double axle;
    final double radius;
    final double track;

    private Rig(Design design, Layout layout, Balance balance) {
        this.design = design;
        this.layout = layout;
        this.body = layout.body();
        this.trips = balance.states().stream().filter(LoadedState::trip).filter(s -> s.mass() > 0).toList();
        this.axle = base().ballToAxle();
        this.radius = assumed("tyre.part") * base().axle().wheelDiameter();
        this.track = base().axle().track();
    }

    /// Empty where nothing can be said: no axle behind the ball, no track, or nothing that travels.
    static Optional<Rig> of(Design design, Layout layout, Balance balance) {
        Rig rig = new Rig(design, layout, balance);
        return rig.axle > 0 && rig.track > 0 && rig.radius > 0 && !rig.trips.isEmpty()
                ? Optional.of(rig)
                : Optional.empty();
    }

    Base base() {
        return design.base();
    }

    Vehicle vehicle() {
        return design.vehicle();
    }

    double assumed(String id) {
        return Assumed.value(design, id);
    }

    boolean given(String id) {
        return design.settings().assumed().containsKey(id);
    }

    /// The case that leaves home.
    LoadedState departure() {
        return trips.stream().filter(s -> s.loadCase().id().equals("departure")).findFirst().orElse(trips.getFirst());
    }

    LoadedState highest() {
        return trips.stream().max(Comparator.comparingDouble(s -> s.roll().z())).orElseThrow();
    }

    LoadedState lightestTongue() {
        return trips.stream().min(Comparator.comparingDouble(LoadedState::share)).orElseThrow();
    }

    /// What stands in camp: one load case with things where they are in one mode.
    record Camped(LoadedState state, Mode mode) {
        String says() {
            return state.loadCase().name() + ", things as in " + mode.label();
        }
    }

    /// Every trip's load in CAMP and at NIGHT, without what stands beside the camper.
    List<Camped> camped() {
        boolean same = design.things().stream().allMatch(t -> t.elsewhere().isEmpty());
        return (same ? Stream.of(Mode.CAMP) : Stream.of(Mode.CAMP, Mode.NIGHT))
                .flatMap(mode -> trips.stream()
                        .map(s -> new Camped(same ? s : LoadedState.of(design, s.loadCase(), mode), mode)))
                .toList();
    }

    int axles() {
        return Math.max(1, base().axle().count());
    }

    double ball() {
        return vehicle().ballHeight();
    }

    double lever() {
        return vehicle().wheelbase() > 0 ? vehicle().overhang() / vehicle().wheelbase() : 0;
    }

    /// The vehicle by itself, people and luggage aboard.
    VehicleLoads vehicleLoads() {
        return VehicleLoads.of(design);
    }

    /// Loads of the vehicle's axles with people aboard and no trailer \[kg\].
    double front() {
        return vehicleLoads().front();
    }

    double rear() {
        return vehicleLoads().rear();
    }

    double unsprung() {
        return base().axle().mass();
    }

    double sprung(LoadedState s) {
        return s.mass() - unsprung();
    }

    double sprungHeight(LoadedState s) {
        double m = sprung(s);
        return m > 0 ? (s.mass() * s.roll().z() - unsprung() * radius) / m : s.roll().z();
    }

    /// Rate of the springs of one side, all axles \[N/m\].
    double sideRate() {
        double own = assumed("spring.side");
        double rated = base().rating(Rating.AXLE).orElse(departure().axle());
        return own > 0 ? own : rated * Units.GRAVITY / 2 / assumed("spring.travel");
    }

    /// Rate of the tyres of one side \[N/m\].
    double tyreRate() {
        return axles() * assumed("tyre.rate");
    }

    double wheelRate() {
        return sideRate() * tyreRate() / (sideRate() + tyreRate());
    }

    /// Rear end of the body behind the ball \[m\].
    double rearEnd() {
        return base().tongueLength() + body.length();
    }

    double underside() {
        return base().floorHeight() - base().floor();
    }

    double tailHeight() {
        double own = assumed("hitch.tail");
        return own > 0 ? own : underside();
    }

    double coupler() {
        double own = assumed("hitch.coupler");
        return own > 0 ? own : ball();
    }

    Person heaviest() {
        return design.brief().people().stream().max(Comparator.comparingDouble(Person::mass))
                .orElse(new Person("somebody", "Somebody", 1.8, 90));
    }

    /// What stands outside the body on the road.
    Stream<Thing> outside() {
        return design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(Mode.ROAD).away());
    }

    static Solid solid(Thing t) {
        return Solid.of(t.sizeIn(Mode.ROAD), t.at(Mode.ROAD));
    }

    String name(String thing) {
        return thing.isEmpty() ? "the base" : design.thing(thing).map(Thing::name).orElse(thing);
    }
}
