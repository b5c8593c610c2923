package lectulum.bench;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;

/// One change anywhere in a design: a number more or less, another choice, a tick, an entry left out or entered twice. Names,
/// ids and days stay as they are.
///
/// It walks the records themselves, so that what is added to them is changed too.
final class RandomChange {
    private static final int DEEPEST = 12;

    private final SplittableRandom dice;

    RandomChange(SplittableRandom dice) {
        this.dice = dice;
    }

    /// @return the same where the place that was chosen holds nothing to change
    <T extends Record> T in(T whole) {
        @SuppressWarnings("unchecked")
        T changed = (T) changed(whole, 0);
        return changed;
    }

    private Object changed(Object value, int depth) {
        return switch (value) {
            case Double d -> d == 0 ? dice.nextDouble() : d * (0.3 + 1.5 * dice.nextDouble());
            case Integer i -> Math.max(0, i + dice.nextInt(5) - 2);
            case Boolean b -> !b;
            case OptionalDouble o -> o.isPresent() && dice.nextBoolean()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(o.orElse(1) * (0.3 + 1.5 * dice.nextDouble()));
            case Enum<?> e -> other(e);
            case Optional<?> o -> o.isPresent() && dice.nextInt(4) > 0
                    ? Optional.of(changed(o.get(), depth + 1))
                    : Optional.empty();
            case List<?> list -> list(list, depth);
            case Map<?, ?> map -> map(map, depth);
            case Record r when depth < DEEPEST -> record(r, depth);
            default -> value;
        };
    }

    private Object other(Enum<?> now) {
        Object[] all = now.getDeclaringClass().getEnumConstants();
        return all[dice.nextInt(all.length)];
    }

    private List<?> list(List<?> now, int depth) {
        if (now.isEmpty()) {
            return now;
        }
        List<Object> next = new ArrayList<>(now);
        int at = dice.nextInt(now.size());
        switch (dice.nextInt(8)) {
            case 0 -> next.remove(at);
            case 1 -> twice(next, now.get(at));
            default -> next.set(at, changed(now.get(at), depth + 1));
        }
        return next;
    }

    /// What has an id of its own is not entered twice under one.
    private static void twice(List<Object> list, Object entry) {
        if (!(entry instanceof Record r)
                || List.of(r.getClass().getRecordComponents()).stream().noneMatch(c -> c.getName().equals("id"))) {
            list.add(entry);
        }
    }

    private Map<?, ?> map(Map<?, ?> now, int depth) {
        if (now.isEmpty()) {
            return now;
        }
        Map<Object, Object> next = new LinkedHashMap<>(now);
        Object key = new ArrayList<>(now.keySet()).get(dice.nextInt(now.size()));
        if (dice.nextInt(6) == 0) {
            next.remove(key);
        } else {
            next.put(key, changed(now.get(key), depth + 1));
        }
        return next;
    }

    private Record record(Record now, int depth) {
        RecordComponent[] parts = now.getClass().getRecordComponents();
        if (parts.length == 0) {
            return now;
        }
        try {
            Object[] values = new Object[parts.length];
            Class<?>[] types = new Class<?>[parts.length];
            for (int i = 0; i < parts.length; i++) {
                types[i] = parts[i].getType();
                parts[i].getAccessor().setAccessible(true);
                values[i] = parts[i].getAccessor().invoke(now);
            }
            int which = dice.nextInt(parts.length);
            values[which] = changed(values[which], depth + 1);
            Constructor<?> made = now.getClass().getDeclaredConstructor(types);
            made.setAccessible(true);
            return (Record) made.newInstance(values);
        } catch (InvocationTargetException refused) {
            // A record that refuses what cannot be is left as it was: nobody could have typed that either.
            return now;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(now.getClass().getName(), e);
        }
    }
}
