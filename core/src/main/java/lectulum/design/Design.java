package lectulum.design;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.design.base.Base;
import lectulum.design.brief.Brief;
import lectulum.design.envelope.Envelope;
import lectulum.design.logbook.Logbook;
import lectulum.design.outing.Outing;
import lectulum.design.purse.Purse;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Vehicle;
import lectulum.design.weighing.Weighing;
import lectulum.design.wiring.Wiring;
import lectulum.design.works.Works;
import lectulum.design.workshop.Workshop;

/// One camper as it is planned: immutable; an edit makes a new tree that shares what did not change.
///
/// @param vehicle that tows it now
/// @param garage  other vehicles that may tow it
@RecordBuilder
public record Design(Brief brief, Vehicle vehicle, Base base, List<Thing> things, List<LoadCase> cases,
        List<Acceptance> accepted, @Means("What is set otherwise than assumed") Settings settings,
        List<Weighing> weighings,
        @Means("Other vehicles that may tow it") List<Vehicle> garage, Wiring wiring,
        Envelope envelope, @Means("Trips that are planned") List<Outing> outings,
        Workshop workshop, Purse purse, Works works,
        @Means("What was done, tested and learnt") Logbook logbook) implements DesignBuilder.With {

    /// What a design is made of, as far as something may depend on it.
    public enum Part {
        BRIEF, VEHICLE, BASE, THINGS, CASES, SETTINGS, WEIGHINGS, GARAGE, WIRING, ENVELOPE, OUTINGS, WORKSHOP, PURSE,
        WORKS, LOGBOOK;

        /// Whether this part of two designs is equal.
        public boolean same(Design a, Design b) {
            return of(a).equals(of(b));
        }

        private Object of(Design d) {
            return switch (this) {
                case BRIEF -> d.brief;
                case VEHICLE -> d.vehicle;
                case BASE -> d.base;
                case THINGS -> d.things;
                case CASES -> d.cases;
                case SETTINGS -> d.settings;
                case WEIGHINGS -> d.weighings;
                case GARAGE -> d.garage;
                case WIRING -> d.wiring;
                case ENVELOPE -> d.envelope;
                case OUTINGS -> d.outings;
                case WORKSHOP -> d.workshop;
                case PURSE -> d.purse;
                case WORKS -> d.works;
                case LOGBOOK -> d.logbook;
            };
        }
    }

    /// This design with nothing in it but some of its parts: whoever looks at another finds none.
    public Design only(Collection<Part> parts) {
        return new Design(parts.contains(Part.BRIEF) ? brief : null, parts.contains(Part.VEHICLE) ? vehicle : null,
                parts.contains(Part.BASE) ? base : null, parts.contains(Part.THINGS) ? things : List.of(),
                parts.contains(Part.CASES) ? cases : List.of(), List.of(),
                parts.contains(Part.SETTINGS) ? settings : Settings.NONE,
                parts.contains(Part.WEIGHINGS) ? weighings : List.of(),
                parts.contains(Part.GARAGE) ? garage : List.of(),
                parts.contains(Part.WIRING) ? wiring : Wiring.NONE,
                parts.contains(Part.ENVELOPE) ? envelope : Envelope.NONE,
                parts.contains(Part.OUTINGS) ? outings : List.of(),
                parts.contains(Part.WORKSHOP) ? workshop : Workshop.NONE,
                parts.contains(Part.PURSE) ? purse : Purse.NONE,
                parts.contains(Part.WORKS) ? works : Works.NONE,
                parts.contains(Part.LOGBOOK) ? logbook : Logbook.NONE);
    }

    /// This design with every thing seen only so far: what asks for no more is worked out from it, and stays as it is while something is
    /// moved, or becomes another thing, that it does not see.
    public Design seeing(Function<Thing, Sight> how) {
        return withThings(seen(how).toList());
    }

    /// Whether two designs have the same things as far as they are seen.
    public boolean sameThings(Design other, Function<Thing, Sight> how) {
        if (things == other.things) {
            return true;
        }
        Iterator<Thing> mine = things.iterator();
        Iterator<Thing> theirs = other.things.iterator();
        while (true) {
            Thing a = next(mine, how);
            Thing b = next(theirs, how);
            if (a == null || b == null) {
                return a == b;
            }
            if (a != b && !(how.apply(a) == Sight.PLACED ? a.equals(b) : a.sameBesidesPlace(b))) {
                return false;
            }
        }
    }

    private static Thing next(Iterator<Thing> things, Function<Thing, Sight> how) {
        while (things.hasNext()) {
            Thing t = things.next();
            if (how.apply(t) != Sight.UNSEEN) {
                return t;
            }
        }
        return null;
    }

    private Stream<Thing> seen(Function<Thing, Sight> how) {
        return things.stream().flatMap(t -> switch (how.apply(t)) {
            case PLACED -> Stream.of(t);
            case UNPLACED -> Stream.of(t.unplaced());
            case UNSEEN -> Stream.empty();
        });
    }

    /// Number of the vehicle that tows now, where others are numbered by their place in the garage.
    public static final int TOWING = -1;

    public Design {
        things = things == null ? List.of() : List.copyOf(things);
        cases = cases == null || cases.isEmpty() ? LoadCase.standard() : List.copyOf(cases);
        accepted = accepted == null ? List.of() : List.copyOf(accepted);
        settings = settings == null ? Settings.NONE : settings;
        weighings = weighings == null ? List.of() : List.copyOf(weighings);
        garage = garage == null ? List.of() : List.copyOf(garage);
        wiring = wiring == null ? Wiring.NONE : wiring;
        envelope = envelope == null ? Envelope.NONE : envelope;
        outings = outings == null ? List.of() : List.copyOf(outings);
        workshop = workshop == null ? Workshop.NONE : workshop;
        purse = purse == null ? Purse.NONE : purse;
        works = works == null ? Works.NONE : works;
        logbook = logbook == null ? Logbook.NONE : logbook;
    }

    /// A design in which nothing is set otherwise than assumed.
    public Design(Brief brief, Vehicle vehicle, Base base, List<Thing> things, List<LoadCase> cases,
            List<Acceptance> accepted) {
        this(brief, vehicle, base, things, cases, accepted, Settings.NONE, List.of(), List.of(), Wiring.NONE,
                Envelope.NONE, List.of(), Workshop.NONE, Purse.NONE, Works.NONE, Logbook.NONE);
    }

    public Design with(Settings newSettings) {
        return withSettings(newSettings);
    }

    public Optional<Thing> thing(String id) {
        return things.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    /// The load case of that id, or the departure, or the first there is.
    public LoadCase loadCase(String id) {
        return cases.stream().filter(c -> c.id().equals(id)).findFirst().orElseGet(
                () -> cases.stream().filter(c -> c.id().equals(LoadCase.DEPARTURE.id())).findFirst()
                        .orElse(cases.getFirst()));
    }

    /// An id that is not taken yet, made from a word: `cells`, `cells-2`, `cells-3`…
    public String freeId(String word) {
        String stem = word.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String start = stem.isEmpty() ? "thing" : stem;
        Set<String> taken = new HashSet<>();
        things.forEach(t -> taken.add(t.id()));
        String id = start;
        for (int i = 2; taken.contains(id); i++) {
            id = start + "-" + i;
        }
        return id;
    }

    public Design with(Brief newBrief) {
        return withBrief(newBrief);
    }

    public Design with(Vehicle newVehicle) {
        return withVehicle(newVehicle);
    }

    public Design with(Base newBase) {
        return withBase(newBase);
    }

    public Design with(Envelope newEnvelope) {
        return withEnvelope(newEnvelope);
    }

    public Design with(Wiring newWiring) {
        return withWiring(newWiring);
    }

    public Design with(Works newWorks) {
        return withWorks(newWorks);
    }

    public Design with(Purse newPurse) {
        return withPurse(newPurse);
    }

    public Design with(Workshop newWorkshop) {
        return withWorkshop(newWorkshop);
    }

    public Design plus(Thing thing) {
        List<Thing> more = new ArrayList<>(things);
        more.add(thing);
        return withThings(more);
    }

    public Design without(Collection<String> ids) {
        return withThings(things.stream().filter(t -> !ids.contains(t.id())).toList());
    }

    /// The design with one thing changed; the same design where there is no such thing.
    public Design mapping(String id, UnaryOperator<Thing> change) {
        return mapping(Set.of(id), change);
    }

    /// The design with some things changed.
    public Design mapping(Collection<String> ids, UnaryOperator<Thing> change) {
        List<Thing> next = new ArrayList<>(things.size());
        for (Thing thing : things) {
            next.add(ids.contains(thing.id()) ? change.apply(thing) : thing);
        }
        return withThings(next);
    }

    public Design mappingCase(String id, UnaryOperator<LoadCase> change) {
        return withCases(cases.stream().map(c -> c.id().equals(id) ? change.apply(c) : c).toList());
    }

    /// The design behind one of the other vehicles, the one that towed it put in that one's place.
    ///
    /// @param index in the garage
    public Design towedBy(int index) {
        List<Vehicle> others = new ArrayList<>(garage);
        Vehicle next = others.set(index, vehicle.withOwn(settings.ofVehicle()));
        return with(next.withOwn(Map.of())).with(settings.forVehicle(next.own())).withGarage(others);
    }

    /// The design with one of its vehicles changed.
    ///
    /// @param index in the garage, or [#TOWING]
    public Design mappingVehicle(int index, UnaryOperator<Vehicle> change) {
        if (index == TOWING) {
            return with(change.apply(vehicle));
        }
        List<Vehicle> others = new ArrayList<>(garage);
        others.set(index, change.apply(others.get(index)));
        return withGarage(others);
    }

    /// The design with a value of a vehicle measured in place of an assumed one.
    ///
    /// @param index  in the garage, or [#TOWING]
    /// @param id     of the assumed value
    /// @param value  NaN goes back to what is assumed
    public Design measured(int index, String id, double value) {
        if (index == TOWING) {
            return with(settings.with(id, value));
        }
        return mappingVehicle(index, v -> {
            Map<String, Double> own = new TreeMap<>(v.own());
            if (Double.isNaN(value)) {
                own.remove(id);
            } else {
                own.put(id, value);
            }
            return v.withOwn(own);
        });
    }

    /// One of its vehicles.
    ///
    /// @param index in the garage, or [#TOWING]
    public Vehicle vehicle(int index) {
        return index == TOWING ? vehicle : garage.get(index);
    }

    public Optional<Weighing> weighing(String id) {
        return weighings.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    public Design mappingWeighing(String id, UnaryOperator<Weighing> change) {
        return withWeighings(weighings.stream().map(w -> w.id().equals(id) ? change.apply(w) : w).toList());
    }

    public Design accepting(Acceptance why) {
        List<Acceptance> all = new ArrayList<>(accepted);
        all.removeIf(a -> a.finding().equals(why.finding()));
        all.add(why);
        return withAccepted(all);
    }

    public Design notAccepting(String finding) {
        return withAccepted(accepted.stream().filter(a -> !a.finding().equals(finding)).toList());
    }
}
