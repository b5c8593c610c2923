package lectulum.design.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import lectulum.design.Means;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.units.Quantity;

/// One thing in, on or under the camper.
///
/// @param id        unique in the design
/// @param size      before it is turned
/// @param place     where it rides on the road
/// @param elsewhere other places in CAMP or NIGHT; CAMP inherits ROAD, NIGHT inherits CAMP
/// @param mass      without what its tank holds
/// @param solar     nominal power of a solar panel \[W\], 0 for anything else
/// @param features  what it is good for, at most one of a kind
/// @param symbol    what it is drawn as, by the name of a symbol; empty or unknown for what it is
@RecordBuilder
public record Thing(String id, String name, SystemGroup system, Role role, Mount mount, Fix fix, Size size,
        Placement place, Map<Mode, Placement> elsewhere, Mass mass, Cost cost, Optional<Load> load,
        Optional<Battery> battery, Optional<Tank> tank,
        @Means(value = "Peak power", of = Quantity.POWER, high = 20_000, says = "of a solar panel") double solar,
        String note, List<Feature> features, String symbol) implements ThingBuilder.With {

    public Thing {
        name = name == null ? "" : name;
        system = system == null ? SystemGroup.CARGO : system;
        role = role == null ? Role.BUILT_IN : role;
        mount = mount == null ? Mount.INSIDE : mount;
        fix = fix == null ? Fix.MOVABLE : fix;
        size = size == null ? new Size(0, 0, 0) : size;
        place = place == null ? new Placement(0, 0, 0, 0) : place;
        Map<Mode, Placement> others = new EnumMap<>(Mode.class);
        if (elsewhere != null) {
            others.putAll(elsewhere);
        }
        others.values().removeIf(Objects::isNull);
        others.remove(Mode.ROAD);
        elsewhere = Collections.unmodifiableMap(others);
        mass = mass == null ? Mass.guess(0) : mass;
        cost = cost == null ? Cost.NONE : cost;
        load = load == null ? Optional.empty() : load;
        battery = battery == null ? Optional.empty() : battery;
        tank = tank == null ? Optional.empty() : tank;
        note = note == null ? "" : note;
        features = features == null ? List.of() : List.copyOf(features);
        symbol = symbol == null ? "" : symbol;
    }

    /// A thing without features, drawn as what it is.
    public Thing(String id, String name, SystemGroup system, Role role, Mount mount, Fix fix, Size size,
            Placement place, Map<Mode, Placement> elsewhere, Mass mass, Cost cost, Optional<Load> load,
            Optional<Battery> battery, Optional<Tank> tank, double solar, String note) {
        this(id, name, system, role, mount, fix, size, place, elsewhere, mass, cost, load, battery, tank, solar, note,
                List.of(), "");
    }

    private static final Placement NOWHERE = new Placement(0, 0, 0, 0);

    /// The same at no place.
    public Thing unplaced() {
        return new Thing(id, name, system, role, mount, fix, size, NOWHERE, Map.of(), mass, cost, load, battery, tank,
                solar,
                note, features, symbol);
    }

    /// Whether another is this one, wherever it stands.
    public boolean sameBesidesPlace(Thing other) {
        return this == other || unplaced().equals(other.unplaced());
    }

    /// Its feature of a kind.
    public <F extends Feature> Optional<F> feature(Class<F> kind) {
        for (Feature feature : features) {
            if (kind.isInstance(feature)) {
                return Optional.of(kind.cast(feature));
            }
        }
        return Optional.empty();
    }

    public boolean has(Class<? extends Feature> kind) {
        return feature(kind).isPresent();
    }

    /// The same thing with a feature in place of the one of its kind.
    public Thing with(Feature feature) {
        List<Feature> next = new ArrayList<>(without(feature.getClass()).features);
        next.add(feature);
        return withFeatures(next);
    }

    /// The same thing without features of a kind.
    public Thing without(Class<? extends Feature> kind) {
        return withFeatures(features.stream().filter(f -> !kind.isInstance(f)).toList());
    }

    /// Where it is in a mode.
    public Placement at(Mode mode) {
        return switch (mode) {
            case ROAD -> place;
            case CAMP -> elsewhere.getOrDefault(Mode.CAMP, place);
            case NIGHT -> elsewhere.getOrDefault(Mode.NIGHT, at(Mode.CAMP));
        };
    }

    /// Its size in a mode, before it is turned.
    public Size sizeIn(Mode mode) {
        return at(mode).shape().orElse(size);
    }

    /// Whether it needs its volume to itself.
    public boolean solid() {
        return mount == Mount.INSIDE || mount == Mount.OUTSIDE;
    }

    /// Whether it takes room but was never given a mass. A hole in the shell needs none.
    public boolean unweighed() {
        return mass.value() == 0 && mount != Mount.SPREAD && mount != Mount.SET_IN
                && size.length() * size.width() * size.height() > 0;
    }

    /// The same thing elsewhere in a mode. Moving it in ROAD leaves its CAMP and NIGHT places of its own alone.
    public Thing placed(Mode mode, Placement where) {
        if (mode == Mode.ROAD) {
            return with(where);
        }
        Map<Mode, Placement> others = new EnumMap<>(Mode.class);
        others.putAll(elsewhere);
        others.put(mode, where);
        return withElsewhere(others);
    }

    /// The same thing without a place of its own in a mode: it stays where it was in the mode before.
    public Thing placedAsBefore(Mode mode) {
        Map<Mode, Placement> others = new EnumMap<>(Mode.class);
        others.putAll(elsewhere);
        others.remove(mode);
        return withElsewhere(others);
    }

    /// The same thing without a place of its own in CAMP and NIGHT.
    public Thing samePlaceAlways() {
        return withElsewhere(Map.of());
    }

    public Thing named(String newName) {
        return withName(newName);
    }

    public Thing with(SystemGroup group) {
        return withSystem(group);
    }

    public Thing with(Role newRole) {
        return withRole(newRole);
    }

    public Thing with(Mount newMount) {
        return withMount(newMount);
    }

    public Thing with(Fix newFix) {
        return withFix(newFix);
    }

    public Thing with(Size newSize) {
        return withSize(newSize);
    }

    public Thing with(Placement road) {
        return withPlace(road);
    }

    public Thing with(Mass newMass) {
        return withMass(newMass);
    }

    public Thing with(Cost newCost) {
        return withCost(newCost);
    }

    public Thing with(Load newLoad) {
        return withLoad(Optional.of(newLoad));
    }

    public Thing with(Battery newBattery) {
        return withBattery(Optional.of(newBattery));
    }

    public Thing with(Tank newTank) {
        return withTank(Optional.of(newTank));
    }

    public Thing noted(String newNote) {
        return withNote(newNote);
    }
}
