package lectulum.analysis.soundness;

import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lectulum.design.LoadCase;
import lectulum.design.Meaning;
import lectulum.design.Plausible;
import lectulum.design.Whole;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Load;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.units.Quantity;

/// Holds every number of a part of the design against what its component [lectulum.design.Means]. A number out of its
/// range is replaced by the nearest in it; a part that is a [Whole] is left out with one number wrong. A part in which all
/// is well comes back as the same object.
///
/// The id of a finding is the way to the number through the file, less the words that only group.
final class Ranges {
    /// Words of the way that ids leave out or call otherwise.
    private static final Map<String, String> WORDS = Map.ofEntries(Map.entry("size", ""), Map.entry("load", ""),
            Map.entry("battery", ""), Map.entry("tank", ""), Map.entry("value", ""), Map.entry("elsewhere", ""),
            Map.entry("shape", ""), Map.entry("carcass", ""), Map.entry("stations", "station"),
            Map.entry("dailyRunning", "hours"), Map.entry("fresh", "fresh-water"), Map.entry("waste", "waste-water"),
            Map.entry("wet", "wetness"));
    /// What is looked at as a whole elsewhere.
    private static final Set<Class<?>> ELSEWHERE = Set.of(Shell.Profile.Point.class);
    private static final ClassValue<Shape> SHAPES = new ClassValue<>() {
        @Override
        protected Shape computeValue(Class<?> type) {
            return Shape.of(type);
        }
    };
    private final List<Finding> findings;

    Ranges(List<Finding> findings) {
        this.findings = findings;
    }

    /// Where in the design a part stands.
    ///
    /// @param id     of a finding about it
    /// @param owner  by what name the user knows it; empty where the label is enough
    /// @param things that a finding is about
    record Place(String id, Stage stage, String owner, List<String> things) {
        Place then(String word) {
            String said = WORDS.getOrDefault(word, word);
            return said.isEmpty() ? this : new Place(id.isEmpty() ? said : id + "." + said, stage, owner, things);
        }

        Place on(Stage other) {
            return new Place(id, other, owner, things);
        }

        Place of(String name) {
            return new Place(id, stage, name, things);
        }
    }

    /// One component of a record, with what it means where it is a number.
    private record Slot(String name, Method get, Optional<Meaning> meaning) {
        /// Whether a number can be in it.
        boolean holdsNumbers() {
            Class<?> type = get.getReturnType();
            return type != String.class && type != boolean.class && !type.isEnum();
        }

        Object of(Object record) {
            try {
                return get.invoke(record);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /// Of a record, those components that hold numbers somewhere, and how it is made.
    private record Shape(List<Slot> slots, List<Slot> numbers, Constructor<?> made, Optional<Whole> whole) {
        static Shape of(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            List<Slot> slots = Arrays.stream(components)
                    .map(c -> new Slot(c.getName(), c.getAccessor(),
                            Meaning.of(type).stream().filter(m -> m.name().equals(c.getName())).findFirst()))
                    .toList();
            try {
                return new Shape(slots, slots.stream().filter(Slot::holdsNumbers).toList(),
                        type.getDeclaredConstructor(
                                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new)),
                        Optional.ofNullable(type.getAnnotation(Whole.class)));
            } catch (NoSuchMethodException e) {
                throw new IllegalStateException(e);
            }
        }

        Object make(List<Object> values) {
            try {
                return made.newInstance(values.toArray());
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /// The record with every number in its range.
    @SuppressWarnings("unchecked")
    <T> T mended(T record, Place place) {
        return well(record) ? record : (T) part(record, place);
    }

    /// Whether nothing in a record is out of its range. Most are in order, and a drag looks at some of them again and again:
    /// this names no places and makes no copies.
    private static boolean well(Object part) {
        for (Slot slot : SHAPES.get(part.getClass()).numbers()) {
            if (!well(slot.of(part), slot.meaning())) {
                return false;
            }
        }
        return !(part instanceof Plausible p) || p.plausible();
    }

    private static boolean well(Object value, Optional<Meaning> meaning) {
        return switch (value) {
            case null -> true;
            case Number n -> meaning.isEmpty() || meaning.get().allows(n.doubleValue());
            case OptionalDouble d -> d.isEmpty() || meaning.isEmpty() || meaning.get().allows(d.getAsDouble());
            case Optional<?> o -> o.isEmpty() || well(o.get(), meaning);
            case List<?> list -> allWell(list, meaning);
            case Map<?, ?> map -> map.isEmpty() || map.keySet().iterator().next() instanceof String
                    || allWell(map.values(), meaning);
            case Record r when walked(r) -> well(r);
            default -> true;
        };
    }

    private static boolean allWell(Collection<?> values, Optional<Meaning> meaning) {
        for (Object value : values) {
            if (!well(value, meaning)) {
                return false;
            }
        }
        return true;
    }

    /// A part as it may stay: itself, one like it, or nothing.
    private Object part(Object part, Place place) {
        Shape shape = SHAPES.get(part.getClass());
        if (shape.whole().isPresent()) {
            Optional<Sentence> fault = fault(part);
            fault.ifPresent(f -> leftOut(shape.whole().get().value(), f, place));
            return fault.isPresent() ? null : part;
        }
        List<Object> values = new ArrayList<>(shape.slots().size());
        boolean same = true;
        for (Slot slot : shape.slots()) {
            Object value = slot.of(part);
            Object now = value(value, slot, place);
            same &= now == value;
            values.add(now);
        }
        return same ? part : shape.make(values);
    }

    private Object value(Object value, Slot slot, Place place) {
        return switch (value) {
            case null -> null;
            case Double d when slot.meaning().isPresent() -> kept(d, number(d, slot.meaning().get(),
                    place.then(slot.name())));
            case Integer i when slot.meaning().isPresent() -> {
                double sound = number(i, slot.meaning().get(), place.then(slot.name()));
                yield sound == i ? value : (Object) (int) sound;
            }
            case OptionalDouble d when d.isPresent() && slot.meaning().isPresent() -> {
                double sound = number(d.getAsDouble(), slot.meaning().get(), place.then(slot.name()));
                yield sound == d.getAsDouble() ? value : OptionalDouble.of(sound);
            }
            case Optional<?> o when o.isPresent() && o.get() instanceof Record r && walked(r) -> {
                Object now = part(r, into(r, place.then(slot.name())));
                yield now == r ? value : Optional.ofNullable(now);
            }
            case Record r when walked(r) -> {
                Object now = part(r, into(r, place.then(slot.name())));
                // What cannot be left out alone takes its whole with it; there is no such part today.
                yield now == null ? r : now;
            }
            case List<?> list -> listed(list, place.then(slot.name()));
            case Map<?, ?> map -> mapped(map, slot, place.then(slot.name()));
            default -> value;
        };
    }

    private static Object kept(Double before, double now) {
        return now == before ? before : (Object) now;
    }

    private static boolean walked(Object part) {
        return part instanceof Record && !(part instanceof Feature) && !ELSEWHERE.contains(part.getClass());
    }

    /// The entries of a list with every number in its range, less those that are left out.
    @SuppressWarnings("unchecked")
    <T> List<T> list(List<T> list, Place place) {
        return well(list, Optional.empty()) ? list : (List<T>) listed(list, place);
    }

    private Object listed(List<?> list, Place place) {
        if (list.isEmpty() || !walked(list.getFirst())) {
            return list;
        }
        List<Object> now = new ArrayList<>(list.size());
        for (int i = 0; i < list.size(); i++) {
            Object entry = part(list.get(i), numbered(list.get(i), i, place));
            if (entry != null) {
                now.add(entry);
            }
        }
        boolean same = now.size() == list.size();
        for (int i = 0; same && i < now.size(); i++) {
            same = now.get(i) == list.get(i);
        }
        return same ? list : now;
    }

    private static Place numbered(Object entry, int at, Place place) {
        return switch (entry) {
            case Person p -> place.then(p.id()).of(p.name());
            case LoadCase c -> place.then(c.id()).of(c.name());
            case Weighing w -> place.then(w.id()).of("weigh day " + w.date());
            case Vehicle v -> place.then(String.valueOf(at)).of(v.name());
            default -> place.then(String.valueOf(at)).of(String.valueOf(at + 1));
        };
    }

    private Object mapped(Map<?, ?> map, Slot slot, Place place) {
        Map<Object, Object> now = new LinkedHashMap<>();
        boolean same = true;
        for (Map.Entry<?, ?> entry : map.entrySet()) {
            Object value = entry.getValue();
            Object sound = switch (value) {
                case Double d when slot.meaning().isPresent() && entry.getKey() instanceof Rating r ->
                    kept(d, number(d, slot.meaning().get(), place.then(word(r)).of(r.label())));
                case Record r when walked(r) && entry.getKey() instanceof Carcass.Face f ->
                    part(r, place.then(f.name()).of(f.label()));
                case Record r when walked(r) -> part(r, place.then(entry.getKey().toString()));
                default -> value;
            };
            same &= sound == value;
            if (sound != null) {
                now.put(entry.getKey(), sound);
            }
        }
        return same ? map : now;
    }

    private static String word(Rating rating) {
        return rating.name().toLowerCase(Locale.ROOT);
    }

    /// Whose page a part is on, where it is not that of what holds it.
    private static Place into(Object part, Place place) {
        return switch (part) {
            case Load _,Battery _ -> place.on(Stage.POWER);
            case Tank _ -> place.on(Stage.WATER);
            case Cost _ when place.stage() == Stage.LAYOUT -> place.on(Stage.MONEY);
            default -> place;
        };
    }

    /// The number if it makes sense, else the nearest that does, and a finding.
    double number(double value, Meaning meaning, Place place) {
        return number(value, meaning.low(), meaning.high(), meaning.quantity(), meaning.label(), place);
    }

    /// The same between limits that hang on other numbers.
    double number(double value, double low, double high, Quantity quantity, String label, Place place) {
        if (value >= low && value <= high) {
            return value;
        }
        double used = Math.clamp(Double.isNaN(value) ? 0 : value, low, high);
        findings.add(Finding.of(SoundRules.on(place.stage()), Subject.part(place.id()), Severity.STOP,
                Sentence.of("{0} cannot be right", named(label, place.owner())),
                Sentence.of("It is {0}; possible is {1} to {2}. Until it is mended, {3} is used.",
                        shown(value, quantity), new Amount(low, quantity), new Amount(high, quantity),
                        new Amount(used, quantity)),
                place.things()));
        return used;
    }

    private static String named(String label, String owner) {
        return owner.isEmpty()
                ? label
                : Character.isDigit(owner.charAt(0)) && owner.length() < 6
                        ? label + " " + owner
                        : label + " of " + owner;
    }

    private void leftOut(String label, Sentence fault, Place place) {
        findings.add(Finding.of(SoundRules.on(place.stage()), Subject.part(place.id()), Severity.STOP,
                Sentence.of("{0} cannot be right", named(label, place.owner())), fault, place.things()));
    }

    /// What is wrong in a part that stands or falls as a whole.
    static Optional<Sentence> fault(Object part) {
        for (Slot slot : SHAPES.get(part.getClass()).numbers()) {
            Optional<Sentence> fault = slot.meaning().isPresent()
                    ? fault(slot.of(part), slot.meaning().get())
                    : within(slot.of(part));
            if (fault.isPresent()) {
                return fault;
            }
        }
        return part instanceof Plausible p && !p.plausible()
                ? Optional.of(Sentence.of("Its numbers do not go together. Until they are mended, it is left out."))
                : Optional.empty();
    }

    private static Optional<Sentence> within(Object value) {
        return switch (value) {
            case Record r -> fault(r);
            case List<?> list -> list.stream().filter(Record.class::isInstance).map(Ranges::fault)
                    .flatMap(Optional::stream).findFirst();
            case null, default -> Optional.empty();
        };
    }

    private static Optional<Sentence> fault(Object value, Meaning meaning) {
        return switch (value) {
            case Number n when !meaning.allows(n.doubleValue()) -> Optional.of(
                    Sentence.of("{0} is {1}; possible is {2} to {3}. Until it is mended, it is left out.",
                            meaning.label(), shown(n.doubleValue(), meaning.quantity()),
                            new Amount(meaning.low(), meaning.quantity()),
                            new Amount(meaning.high(), meaning.quantity())));
            case OptionalDouble d when d.isPresent() -> fault((Object) d.getAsDouble(), meaning);
            case List<?> list -> list.stream().filter(Objects::nonNull).map(v -> fault(v, meaning))
                    .flatMap(Optional::stream).findFirst();
            case null, default -> Optional.empty();
        };
    }

    static Object shown(double value, Quantity quantity) {
        return Double.isFinite(value) && Math.abs(value) < 1e9 ? new Amount(value, quantity) : String.valueOf(value);
    }

    /// Where a thing stands.
    static Place of(Thing thing) {
        return new Place("things." + thing.id(), Stage.LAYOUT, thing.name(), List.of(thing.id()));
    }
}
