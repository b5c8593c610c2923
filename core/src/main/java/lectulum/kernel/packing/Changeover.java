package lectulum.kernel.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// The order in which things move from one mode to the next so that each finds its new place empty.
///
/// A move waits for whatever still stands in its new place. Where things wait for each other in a ring, the lightest of
/// them is put outside for the while, which costs its minutes a second time.
///
/// @param steps  in order
/// @param parked things that had to be put outside on the way
public record Changeover(List<Step> steps, List<String> parked) {
    public Changeover {
        steps = List.copyOf(steps);
        parked = List.copyOf(parked);
    }

    /// Where a thing is before or after: a volume it needs to itself, or nothing where it is outside or folded away.
    public interface Volume {
        /// Whether both need the same room.
        boolean meets(Volume other);
    }

    /// A thing that has to move.
    ///
    /// @param from    its old volume, empty where it comes from outside
    /// @param to      its new one, empty where it goes outside
    /// @param minutes it takes
    /// @param mass    \[kg\]
    public record Move(String id, Optional<Volume> from, Optional<Volume> to, double minutes, double mass) {
    }

    /// One thing to do.
    ///
    /// @param park  whether the thing is only put outside until its place is free
    /// @param after ids of the moves that had to come before it
    public record Step(String id, boolean park, double minutes, List<String> after) {
    }

    /// @param moves in the order the user likes; the first that is ready goes first
    public static Changeover of(List<Move> moves) {
        List<Move> waiting = new ArrayList<>(moves);
        List<Move> outside = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        List<String> parked = new ArrayList<>();
        while (!waiting.isEmpty() || !outside.isEmpty()) {
            Optional<Move> ready = java.util.stream.Stream.concat(waiting.stream(), outside.stream())
                    .filter(m -> blockers(m, waiting).isEmpty()).min(Comparator.comparingInt(moves::indexOf));
            if (ready.isPresent()) {
                Move m = ready.get();
                waiting.remove(m);
                outside.remove(m);
                steps.add(new Step(m.id, false, m.minutes, waitedFor(m, moves)));
            } else {
                Move m = waiting.stream().min(Comparator.comparingDouble(Move::mass)).orElseThrow();
                waiting.remove(m);
                outside.add(m);
                parked.add(m.id);
                steps.add(new Step(m.id, true, m.minutes, List.of()));
            }
        }
        return new Changeover(steps, parked);
    }

    /// One person, one thing after the other.
    public double minutes() {
        return steps.stream().mapToDouble(Step::minutes).sum();
    }

    /// With several people at it: the longest chain of waiting, or the even share, whichever is longer.
    public double minutes(int people) {
        return Math.max(longestChain(), minutes() / Math.max(1, people));
    }

    private double longestChain() {
        double longest = 0;
        double[] until = new double[steps.size()];
        for (int i = 0; i < steps.size(); i++) {
            double start = 0;
            for (int j = 0; j < i; j++) {
                boolean before = steps.get(i).after.contains(steps.get(j).id)
                        || steps.get(i).id.equals(steps.get(j).id);
                start = before ? Math.max(start, until[j]) : start;
            }
            until[i] = start + steps.get(i).minutes;
            longest = Math.max(longest, until[i]);
        }
        return longest;
    }

    private static List<Move> blockers(Move m, List<Move> standing) {
        return standing.stream().filter(o -> o != m && inTheWay(o, m)).toList();
    }

    private static List<String> waitedFor(Move m, List<Move> all) {
        return all.stream().filter(o -> o != m && inTheWay(o, m)).map(Move::id).toList();
    }

    private static boolean inTheWay(Move standing, Move coming) {
        return coming.to.isPresent() && standing.from.isPresent() && coming.to.get().meets(standing.from.get());
    }
}
