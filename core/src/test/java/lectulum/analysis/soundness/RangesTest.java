package lectulum.analysis.soundness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Meaning;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Brief;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Every number of the demos is set to its limits, beyond them and to no number, one at a time: each wrong one is found,
/// replaced or left out, and no right one is.
class RangesTest {

    /// A number of a design: which record holds it, and what it means there.
    private record Spot(Record holder, Meaning meaning) {
    }

    @Test
    void everyNumberIsHeldAgainstWhatItMeans() {
        Set<Meaning> seen = new HashSet<>();
        for (String demo : List.of("nightjar", "dunlin", "chamois")) {
            Design design = Campers.demo(demo).orElseThrow().design();
            List<Spot> spots = new ArrayList<>();
            collect(design, spots);
            spots.removeIf(spot -> !seen.add(spot.meaning()));
            tried(design, spots);
        }
        assertThat(seen).as("components of the design that hold numbers").hasSizeGreaterThan(150);
    }

    private static void tried(Design design, List<Spot> spots) {
        for (Spot spot : spots) {
            Meaning m = spot.meaning();
            for (double wrong : List.of(m.low() - 1, 2 * m.high() + 1, Double.NaN, Double.POSITIVE_INFINITY)) {
                if (m.type() == int.class && wrong != Math.rint(wrong)) {
                    continue;
                }
                Soundness.Checked checked = Soundness.of(changed(design, spot, wrong), Optional.of(design));
                assertThat(checked.findings()).as(spot + " as " + wrong).isNotEmpty();
                assertThat(Soundness.of(checked.design(), Optional.of(design)).findings())
                        .as(spot + " as " + wrong + ", mended").noneMatch(f -> f.severity().name().equals("STOP"));
            }
            for (double right : List.of(m.low(), m.high())) {
                assertThat(Soundness.of(changed(design, spot, right), Optional.of(design)).findings())
                        .as(spot + " as " + right).noneMatch(f -> says(f, m));
            }
        }
    }

    private static boolean says(Finding finding, Meaning m) {
        String range = new Amount(m.low(), m.quantity()) + " to " + new Amount(m.high(), m.quantity());
        return finding.detail().toString().contains(range) && finding.title().toString().contains(m.label());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void whatIsInOrderIsTheSameObjectAfterwards(String demo) {
        Design design = Campers.demo(demo).orElseThrow().variants().getFirst().design();

        assertThat(Soundness.of(design, Optional.empty()).design()).isSameAs(design);
    }

    @ParameterizedTest
    @ValueSource(strings = {"height", "", "Nights"})
    void aNumberThatIsNotThereIsAnError(String name) {
        assertThatThrownBy(() -> Meaning.of(Brief.class, name)).hasMessageContaining("means nothing by " + name);
    }

    private static void collect(Object part, List<Spot> spots) {
        switch (part) {
            case Shell.Profile _ -> {
                // Its points are looked at together.
            }
            case Record r -> {
                for (Meaning m : Meaning.of(r.getClass())) {
                    if (m.number(r).isPresent()) {
                        spots.add(new Spot(r, m));
                    }
                }
                for (RecordComponent c : r.getClass().getRecordComponents()) {
                    collect(get(r, c), spots);
                }
            }
            case List<?> list -> list.forEach(p -> collect(p, spots));
            case Map<?, ?> map -> map.values().forEach(p -> collect(p, spots));
            case Optional<?> o -> o.ifPresent(p -> collect(p, spots));
            case null, default -> {
                // No number in it.
            }
        }
    }

    private static Design changed(Design design, Spot spot, double number) {
        return (Design) rebuilt(design, spot, number);
    }

    private static Object rebuilt(Object part, Spot spot, double number) {
        return switch (part) {
            case Record r -> {
                RecordComponent[] components = r.getClass().getRecordComponents();
                Object[] values = new Object[components.length];
                boolean same = true;
                for (int i = 0; i < components.length; i++) {
                    Object value = get(r, components[i]);
                    values[i] = r == spot.holder() && components[i].getName().equals(spot.meaning().name())
                            ? as(components[i].getType(), number)
                            : rebuilt(value, spot, number);
                    same &= values[i] == value;
                }
                yield same ? r : made(r, components, values);
            }
            case List<?> list -> {
                List<Object> now = new ArrayList<>();
                list.forEach(p -> now.add(rebuilt(p, spot, number)));
                yield sameParts(list, now) ? list : now;
            }
            case Map<?, ?> map -> {
                Map<Object, Object> now = new HashMap<>();
                map.forEach((k, v) -> now.put(k, rebuilt(v, spot, number)));
                yield map.keySet().stream().allMatch(k -> map.get(k) == now.get(k)) ? map : now;
            }
            case Optional<?> o when o.isPresent() -> {
                Object now = rebuilt(o.get(), spot, number);
                yield now == o.get() ? o : Optional.of(now);
            }
            case null -> null;
            default -> part;
        };
    }

    private static boolean sameParts(List<?> before, List<?> now) {
        return Stream.iterate(0, i -> i < now.size(), i -> i + 1).allMatch(i -> before.get(i) == now.get(i));
    }

    private static Object as(Class<?> type, double number) {
        return type == int.class
                ? (Object) (int) number
                : type == OptionalDouble.class
                        ? OptionalDouble.of(number)
                        : (Object) number;
    }

    private static Object get(Object record, RecordComponent component) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object made(Record like, RecordComponent[] components, Object[] values) {
        try {
            Class<?>[] types = Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            for (int i = 0; i < types.length; i++) {
                if (types[i] == Map.class && values[i] instanceof HashMap<?, ?> m && !m.isEmpty()) {
                    values[i] = ordered(m);
                }
            }
            return like.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Map<?, ?> ordered(Map<?, ?> map) {
        return switch (map.keySet().iterator().next()) {
            case Carcass.Face _ -> new EnumMap(map);
            case Mode _ -> new EnumMap(map);
            default -> map;
        };
    }
}
