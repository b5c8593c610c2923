package lectulum.kernel.bodies;

import java.util.ArrayList;
import java.util.List;

/// Ways out of a place where people sleep: which count, and how many of them are independent of each other.
///
/// A way counts where its clear opening is large enough, it opens far enough and from inside without key or tool, a body
/// gets to it from a bed, and nobody can fasten it from outside so that it does not open. Two are independent on different faces or well apart, and at most all but one of them
/// may lead past the stove. Near the rules for recreational vehicles (NFPA 1192, EN 1646-1); use the one that applies.
///
/// @param usable      those that count
/// @param independent the largest set of them
public record WaysOut(List<Way> usable, List<Way> independent) {

    /// How large an opening must be and how far apart two must lie \[m\] (assumed; editable by region).
    ///
    /// @param large longer clear side
    /// @param small shorter clear side
    /// @param apart between two on one face
    public record Rule(double large, double small, double apart) {
        public static final Rule USUAL = new Rule(0.61, 0.45, 0.8);
    }

    /// A door, window or hatch.
    ///
    /// @param face      name of the wall it is in
    /// @param width     clear of what stands before it and of its leaf \[m\]
    /// @param height    the same \[m\]
    /// @param fromInside opens from inside without key or tool
    /// @param trap      can be fastened from outside so that the inside release fails
    /// @param pastFlame leads past stove or heater
    /// @param before    id of what stands before it so that nobody fits through; empty for nothing
    /// @param stuck     whether its leaf does not open far enough to get out by
    /// @param reached   whether a body gets to it from a bed
    public record Way(String id, String face, double x, double y, double width, double height, boolean fromInside,
            boolean trap, boolean pastFlame, String before, boolean stuck, boolean reached) {
        /// A way that is free to get to.
        public Way(String id, String face, double x, double y, double width, double height, boolean fromInside,
                boolean trap, boolean pastFlame) {
            this(id, face, x, y, width, height, fromInside, trap, pastFlame, "", false, true);
        }

        boolean usable(Rule rule) {
            return largeEnough(rule) && fromInside && !trap && reached;
        }

        /// Whether somebody fits through.
        public boolean largeEnough(Rule rule) {
            return Math.max(width, height) >= rule.large - 1e-9 && Math.min(width, height) >= rule.small - 1e-9;
        }
    }

    public static WaysOut of(List<Way> ways, Rule rule) {
        List<Way> usable = ways.stream().filter(w -> w.usable(rule)).toList();
        return new WaysOut(usable, largest(usable, rule, 0, new ArrayList<>()));
    }

    private static List<Way> largest(List<Way> usable, Rule rule, int from, List<Way> chosen) {
        List<Way> best = sound(chosen) ? List.copyOf(chosen) : List.of();
        for (int i = from; i < usable.size(); i++) {
            Way way = usable.get(i);
            if (chosen.stream().allMatch(c -> apart(c, way, rule))) {
                chosen.add(way);
                List<Way> found = largest(usable, rule, i + 1, chosen);
                chosen.removeLast();
                best = found.size() > best.size() ? found : best;
            }
        }
        return best;
    }

    private static boolean apart(Way a, Way b, Rule rule) {
        return !a.face.equals(b.face) || Math.hypot(a.x - b.x, a.y - b.y) >= rule.apart;
    }

    /// Of k ways at most k − 1 may lead past the flame.
    private static boolean sound(List<Way> chosen) {
        return chosen.stream().filter(w -> w.pastFlame).count() < Math.max(1, chosen.size());
    }
}
