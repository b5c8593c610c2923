package lectulum.kernel.bodies;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What has to be taken out before a thing can be got at: blockers of its free way, and their blockers in turn.
///
/// A fixed blocker closes the way; so does a ring of things that block each other.
public final class Reach {
    private static final double CONTACT = 0.001;
    private final Map<String, Item> items = new HashMap<>();
    private final List<Item> inOrder;

    public Reach(List<Item> items) {
        inOrder = List.copyOf(items);
        items.forEach(i -> this.items.put(i.id, i));
    }

    /// An upright box: low corner and high corner \[m\].
    public record Box(double x1, double y1, double z1, double x2, double y2, double z2) {
        public boolean meets(Box o) {
            return x1 < o.x2 - CONTACT && o.x1 < x2 - CONTACT && y1 < o.y2 - CONTACT && o.y1 < y2 - CONTACT
                    && z1 < o.z2 - CONTACT && o.z1 < z2 - CONTACT;
        }
    }

    /// A thing with the ways by which it can be got at.
    ///
    /// @param fixed whether it stays where it is
    /// @param ways  free space that one hand or the thing itself needs, one for each face that opens
    public record Item(String id, Box solid, boolean fixed, List<Box> ways) {
        public Item {
            ways = List.copyOf(ways);
        }
    }

    /// What must be taken out first, nearest to the way out last in line; empty optional where no way can be freed.
    public Optional<List<String>> unpack(String id) {
        return unpack(items.get(id), new LinkedHashSet<>());
    }

    /// Things that wait for each other so that a thing cannot be got at: each stands before the next, the last before the
    /// first. Empty where something fixed is the reason, or nothing is in the way.
    public List<String> ring(String id) {
        return ring(items.get(id), new ArrayList<>());
    }

    private List<String> ring(Item item, List<String> walked) {
        int met = walked.indexOf(item.id);
        if (met >= 0) {
            return List.copyOf(walked.subList(met, walked.size()));
        }
        walked.add(item.id);
        for (Box way : item.ways) {
            boolean fixed = inOrder.stream().anyMatch(o -> o.fixed && !o.id.equals(item.id) && way.meets(o.solid));
            for (Item other : fixed ? List.<Item>of() : inOrder) {
                if (!other.id.equals(item.id) && way.meets(other.solid)) {
                    List<String> found = ring(other, walked);
                    if (!found.isEmpty()) {
                        return found;
                    }
                }
            }
        }
        walked.removeLast();
        return List.of();
    }

    private Optional<List<String>> unpack(Item item, Set<String> under) {
        under.add(item.id);
        Optional<List<String>> best = Optional.empty();
        for (Box way : item.ways) {
            Optional<List<String>> needed = clear(item, way, under);
            if (needed.isPresent() && (best.isEmpty() || needed.get().size() < best.get().size())) {
                best = needed;
            }
        }
        under.remove(item.id);
        return best;
    }

    private Optional<List<String>> clear(Item item, Box way, Set<String> under) {
        Set<String> first = new LinkedHashSet<>();
        for (Item other : inOrder) {
            if (!other.id.equals(item.id) && way.meets(other.solid)) {
                if (other.fixed || under.contains(other.id)) {
                    return Optional.empty();
                }
                Optional<List<String>> its = unpack(other, under);
                if (its.isEmpty()) {
                    return Optional.empty();
                }
                first.addAll(its.get());
                first.add(other.id);
            }
        }
        return Optional.of(new ArrayList<>(first));
    }
}
