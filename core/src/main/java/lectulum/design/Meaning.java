package lectulum.design;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.units.Quantity;

/// One component of a record of the design that says what it [Means].
public final class Meaning {
    private static final ClassValue<List<Meaning>> KNOWN = new ClassValue<>() {
        @Override
        protected List<Meaning> computeValue(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            return components == null
                    ? List.of()
                    : Arrays.stream(components)
                            .flatMap(c -> Stream.ofNullable(c.getAnnotation(Means.class)).map(m -> new Meaning(c, m)))
                            .toList();
        }
    };
    private final RecordComponent component;
    private final Means means;
    // Asked for every number of every thing: an annotation answers several times slower.
    private final double low;
    private final double high;

    private Meaning(RecordComponent component, Means means) {
        this.component = component;
        this.means = means;
        this.low = means.low();
        this.high = means.high();
    }

    /// Those of a record, in the order of its components.
    public static List<Meaning> of(Class<?> type) {
        return KNOWN.get(type);
    }

    /// That of one component.
    ///
    /// @throws IllegalArgumentException where the record has none of that name
    public static Meaning of(Class<? extends Record> type, String name) {
        return of(type).stream().filter(m -> m.name().equals(name)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException(type.getName() + " means nothing by " + name));
    }

    public String name() {
        return component.getName();
    }

    public String label() {
        return means.value();
    }

    /// What else to know about it; empty where the label says it all.
    public String says() {
        return means.says();
    }

    public Quantity quantity() {
        return means.of();
    }

    /// Least that makes sense, SI.
    public double low() {
        return low;
    }

    /// Most that makes sense, SI.
    public double high() {
        return high;
    }

    /// `double`, `int`, `boolean`, an enum, or what holds such values.
    public Class<?> type() {
        return component.getType();
    }

    public Object get(Object record) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /// Whether a number makes sense here; one that is no number does not.
    public boolean allows(double number) {
        return number >= low && number <= high;
    }

    /// The nearest number that makes sense; nothing, or the number nearest to nothing, for one that is none.
    public double nearest(double number) {
        return Math.clamp(Double.isNaN(number) ? 0 : number, low(), high());
    }

    /// The number of a record, where this is one that is known.
    public OptionalDouble number(Object record) {
        return switch (get(record)) {
            case Number n -> OptionalDouble.of(n.doubleValue());
            case OptionalDouble n -> n;
            default -> OptionalDouble.empty();
        };
    }

    /// The record with another number here; for one that may be unknown, NaN makes it so.
    public <R extends Record> R with(R record, double number) {
        RecordComponent[] components = record.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                values[i] = components[i].getName().equals(name())
                        ? as(number)
                        : components[i].getAccessor().invoke(record);
            }
            Class<?>[] types = Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            @SuppressWarnings("unchecked")
            R changed = (R) record.getClass().getDeclaredConstructor(types).newInstance(values);
            return changed;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private Object as(double number) {
        if (type() == int.class) {
            return (int) Math.round(number);
        }
        return type() == double.class
                ? (Object) number
                : Double.isNaN(number) ? OptionalDouble.empty() : OptionalDouble.of(number);
    }
}
