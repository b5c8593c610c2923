package lectulum.balance;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.brief.Person;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.discipline.Study;
import lectulum.figures.Stage;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Units;

/// Vehicle and trailer as the studies of trip, camp, hitch and road need them: measured numbers where they are given, the
/// usual ones else.
public final class Rig {
    public static final Discipline<Found> DISCIPLINE = new Discipline<>("rig", "Vehicle and trailer", Stage.BALANCE,
            Discipline.Pace.REST,
            in -> new Found(of(
                    in.design(Design.Part.BRIEF, Design.Part.VEHICLE, Design.Part.BASE, Design.Part.THINGS,
                            Design.Part.CASES, Design.Part.SETTINGS, Design.Part.WEIGHINGS),
                    in.of(Bodies.DISCIPLINE).road(), in.of(Balance.DISCIPLINE))),
            () -> new Found(Optional.empty()));

    /// The rig, where anything can be said about it: an axle behind the ball, a track, and something that travels.
    public record Found(Optional<Rig> rig) implements Result {
        /// What follows from it; nothing where nothing can be said.
        public List<Study> studies(Function<Rig, List<Study>> work) {
            return rig.map(work).orElse(List.of());
        }
    }

    public final Design design;
    public final Body body;
    public final List<LoadedState> trips;
    public final double axle;
    public final double radius;
    public final double track;
    final Looks looks;

    private Rig(Design design, Body body, Balance balance) {
        this.design = design;
        this.body = body;
        this.trips = balance.states().stream().filter(LoadedState::trip).filter(s -> s.mass() > 0).toList();
        this.axle = base().ballToAxle();
        this.radius = assumed(Assumption.TYRE_PART) * base().axle().wheelDiameter();
        this.track = base().axle().track();
        this.looks = new Looks(design, body);
    }

    /// Empty where nothing can be said: no axle behind the ball, no track, or nothing that travels.
    static Optional<Rig> of(Design design, Body body, Balance balance) {
        Rig rig = new Rig(design, body, balance);
        return rig.axle > 0 && rig.track > 0 && rig.radius > 0 && !rig.trips.isEmpty()
                ? Optional.of(rig)
                : Optional.empty();
    }

    public Base base() {
        return design.base();
    }

    public Vehicle vehicle() {
        return design.vehicle();
    }

    public double assumed(Assumption what) {
        return Assumed.value(design, what);
    }

    /// Whether the project has a value of its own.
    public boolean given(Assumption what) {
        return design.settings().assumed().containsKey(what.id());
    }

    /// The case that leaves home.
    public LoadedState departure() {
        return trips.stream().filter(s -> s.loadCase().id().equals(LoadCase.DEPARTURE.id())).findFirst()
                .orElse(trips.getFirst());
    }

    public LoadedState highest() {
        return trips.stream().max(Comparator.comparingDouble(s -> s.roll().z())).orElseThrow();
    }

    public LoadedState lightestTongue() {
        return trips.stream().min(Comparator.comparingDouble(LoadedState::share)).orElseThrow();
    }

    /// What stands in camp: one load case with things where they are in one mode.
    public record Camped(LoadedState state, Mode mode) {
        public String says() {
            return state.loadCase().name() + ", things as in " + mode.label();
        }
    }

    /// Every trip's load in CAMP and at NIGHT, without what stands beside the camper.
    public List<Camped> camped() {
        boolean same = design.things().stream().allMatch(t -> t.elsewhere().isEmpty());
        return (same ? Stream.of(Mode.CAMP) : Stream.of(Mode.CAMP, Mode.NIGHT))
                .flatMap(mode -> trips.stream()
                        .map(s -> new Camped(same ? s : LoadedState.of(design, s.loadCase(), mode), mode)))
                .toList();
    }

    public int axles() {
        return Math.max(1, base().axle().count());
    }

    public double ball() {
        return vehicle().ballHeight();
    }

    public double lever() {
        return vehicle().wheelbase() > 0 ? vehicle().overhang() / vehicle().wheelbase() : 0;
    }

    /// The vehicle by itself, people and luggage aboard.
    public VehicleLoads vehicleLoads() {
        return VehicleLoads.of(design);
    }

    /// Loads of the vehicle's axles with people aboard and no trailer \[kg\].
    public double front() {
        return vehicleLoads().front();
    }

    public double rear() {
        return vehicleLoads().rear();
    }

    public double unsprung() {
        return base().axle().mass();
    }

    public double sprung(LoadedState s) {
        return s.mass() - unsprung();
    }

    public double sprungHeight(LoadedState s) {
        double m = sprung(s);
        return m > 0 ? (s.mass() * s.roll().z() - unsprung() * radius) / m : s.roll().z();
    }

    /// Rate of the springs of one side, all axles \[N/m\].
    public double sideRate() {
        double own = assumed(Assumption.SPRING_SIDE);
        double rated = base().rating(Rating.AXLE).orElse(departure().axle());
        return own > 0 ? own : rated * Units.GRAVITY / 2 / assumed(Assumption.SPRING_TRAVEL);
    }

    /// Rate of the tyres of one side \[N/m\].
    public double tyreRate() {
        return axles() * assumed(Assumption.TYRE_RATE);
    }

    public double wheelRate() {
        return sideRate() * tyreRate() / (sideRate() + tyreRate());
    }

    /// Rear end of the body behind the ball \[m\].
    public double rearEnd() {
        return base().tongueLength() + body.length();
    }

    public double underside() {
        return base().floorHeight() - base().floor();
    }

    public double tailHeight() {
        double own = assumed(Assumption.HITCH_TAIL);
        return own > 0 ? own : underside();
    }

    public double coupler() {
        double own = assumed(Assumption.HITCH_COUPLER);
        return own > 0 ? own : ball();
    }

    public Person heaviest() {
        return design.brief().people().stream().max(Comparator.comparingDouble(Person::mass))
                .orElse(new Person("somebody", "Somebody", 1.8, 90));
    }

    /// What stands outside the body on the road.
    public Stream<Thing> outside() {
        return design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(Mode.ROAD).away());
    }

    public static Solid solid(Thing t) {
        return Solid.of(t.sizeIn(Mode.ROAD), t.at(Mode.ROAD));
    }

    public String name(String thing) {
        return thing.isEmpty() ? "the base" : design.thing(thing).map(Thing::name).orElse(thing);
    }
}
