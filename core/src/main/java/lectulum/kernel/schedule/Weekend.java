package lectulum.kernel.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// What is best done in some hours: tasks that must be done in one go are chosen exactly, what is left is filled with parts of the
/// others, the weightiest first.
public final class Weekend {
    private static final int MOST = 15;

    private Weekend() {
    }

    /// @param weight of an hour of it
    /// @param whole  whether it must be done in one go
    public record Offer(String id, double hours, double weight, boolean whole) {
    }

    /// @param hours of it that are done
    public record Chosen(String id, double hours) {
    }

    /// In the order of the offers. Of more than fifteen tasks in one go the weightiest are looked at.
    public static List<Chosen> of(List<Offer> offers, double hours) {
        List<Offer> whole = offers.stream().filter(o -> o.whole && o.hours <= hours)
                .sorted(Comparator.comparingDouble((Offer o) -> -o.weight * o.hours).thenComparing(Offer::id))
                .limit(MOST)
                .toList();
        List<Offer> parts = offers.stream().filter(o -> !o.whole)
                .sorted(Comparator.comparingDouble((Offer o) -> -o.weight).thenComparing(Offer::id)).toList();
        List<Chosen> best = List.of();
        double most = -1;
        for (int set = 0; set < 1 << whole.size(); set++) {
            List<Chosen> now = new ArrayList<>();
            double left = hours;
            double value = 0;
            for (int i = 0; i < whole.size(); i++) {
                if ((set & 1 << i) != 0) {
                    now.add(new Chosen(whole.get(i).id, whole.get(i).hours));
                    left -= whole.get(i).hours;
                    value += whole.get(i).hours * whole.get(i).weight;
                }
            }
            if (left < -1e-9) {
                continue;
            }
            for (Offer o : parts) {
                double used = Math.min(o.hours, left);
                if (used > 1e-9) {
                    now.add(new Chosen(o.id, used));
                    left -= used;
                    value += used * o.weight;
                }
            }
            if (value > most + 1e-9) {
                most = value;
                best = now;
            }
        }
        List<String> order = offers.stream().map(Offer::id).toList();
        return best.stream().sorted(Comparator.comparingInt(c -> order.indexOf(c.id))).toList();
    }
}
