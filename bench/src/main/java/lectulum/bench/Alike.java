package lectulum.bench;

import java.lang.reflect.Array;
import java.lang.reflect.Field;
import java.lang.reflect.InaccessibleObjectException;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.discipline.Discipline;

/// Whether what is remembered is what a fresh analysis finds, down to every number in every result.
///
/// What is no value (lambdas, and what a class keeps for later) is not looked at.
final class Alike {
    private final Map<Object, Object> seen = new IdentityHashMap<>();

    private Alike() {
    }

    /// The disciplines whose remembered result differs from the fresh one, each with the place of the first difference.
    static List<String> differences(Analysis kept, Analysis fresh) {
        List<String> found = new ArrayList<>();
        for (Discipline<?> d : Disciplines.ALL) {
            new Alike().difference(kept.of(d), fresh.of(d), d.id()).ifPresent(found::add);
        }
        return found;
    }

    private Optional<String> difference(Object a, Object b, String where) {
        if (a == b || a == null || b == null || seen.put(a, b) == b) {
            return a == b || a != null && b != null ? Optional.empty() : Optional.of(where);
        }
        if (a instanceof Collection<?> x && b instanceof Collection<?> y) {
            return each(x.toArray(), y.toArray(), where);
        }
        if (a instanceof Map<?, ?> x && b instanceof Map<?, ?> y) {
            return x.keySet().equals(y.keySet())
                    ? x.keySet().stream().flatMap(k -> difference(x.get(k), y.get(k), where + "." + k).stream())
                            .findFirst()
                    : Optional.of(where);
        }
        if (a.getClass().isArray()) {
            return each(values(a), values(b), where);
        }
        if (a.getClass() != b.getClass()) {
            return Optional.of(where);
        }
        return a.getClass().getName().startsWith("lectulum.") && !a.getClass().isEnum() && !a.getClass().isHidden()
                ? fields(a, b, where)
                : a instanceof Optional<?> x && b instanceof Optional<?> y
                        ? difference(x.orElse(null), y.orElse(null), where)
                        : a.equals(b) || a.getClass().isHidden() ? Optional.empty() : Optional.of(where);
    }

    private Optional<String> each(Object[] a, Object[] b, String where) {
        if (a.length != b.length) {
            return Optional.of(where + ": " + a.length + " and " + b.length);
        }
        for (int i = 0; i < a.length; i++) {
            Optional<String> d = difference(a[i], b[i], where + "[" + i + "]");
            if (d.isPresent()) {
                return d;
            }
        }
        return Optional.empty();
    }

    private static Object[] values(Object array) {
        Object[] values = new Object[Array.getLength(array)];
        for (int i = 0; i < values.length; i++) {
            values[i] = Array.get(array, i);
        }
        return values;
    }

    private Optional<String> fields(Object a, Object b, String where) {
        for (Field f : a.getClass().getDeclaredFields()) {
            if (Modifier.isStatic(f.getModifiers()) || Modifier.isVolatile(f.getModifiers())) {
                continue;
            }
            try {
                f.setAccessible(true);
                Optional<String> d = difference(f.get(a), f.get(b), where + "." + f.getName());
                if (d.isPresent()) {
                    return d;
                }
            } catch (ReflectiveOperationException | InaccessibleObjectException e) {
                throw new IllegalStateException(where, e);
            }
        }
        return Optional.empty();
    }
}
