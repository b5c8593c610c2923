package lectulum.layout.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.kernel.packing.Changeover;
import lectulum.space.Solid;

/// The change from one mode to another: what has to move, in which order, in how many minutes.
///
/// @param key   such as `road-camp`
/// @param moves what moves, in the order the user likes
public record Setup(String key, Mode from, Mode to, List<Changeover.Move> moves, Changeover order) {
    /// Id of the move that raises or lowers a lifting top.
    public static final String TOP = "lifting-top";

    /// The four changes of a day, in their order.
    public static List<Setup> all(Design design) {
        return List.of(of(design, Mode.ROAD, Mode.CAMP), of(design, Mode.CAMP, Mode.NIGHT),
                of(design, Mode.NIGHT, Mode.CAMP), of(design, Mode.CAMP, Mode.ROAD));
    }

    private static Setup of(Design design, Mode from, Mode to) {
        String key = key(from) + "-" + key(to);
        List<String> liked = design.settings().order().getOrDefault(key, List.of());
        List<Changeover.Move> moves = new ArrayList<>();
        for (Thing t : design.things()) {
            if (t.solid() && !t.at(from).equals(t.at(to))) {
                moves.add(new Changeover.Move(t.id(), volume(t, from), volume(t, to), minutes(design, t),
                        t.mass().value()));
            }
        }
        unfolded(design, from, to, moves);
        moves.sort(Comparator.comparingInt(m -> {
            int at = liked.indexOf(m.id());
            return at < 0 ? liked.size() : at;
        }));
        return new Setup(key, from, to, moves, Changeover.of(moves));
    }

    /// What opens or closes in its place when camp is made or struck: tents, awnings, a lifting top.
    private static void unfolded(Design design, Mode from, Mode to, List<Changeover.Move> moves) {
        if (from != Mode.ROAD && to != Mode.ROAD) {
            return;
        }
        design.base().carcass().lift().ifPresent(l -> moves.add(new Changeover.Move(TOP, Optional.empty(),
                Optional.empty(), Assumed.value(design, Assumption.MINUTES_LIFT) / 60, l.mass())));
        for (Thing t : design.things()) {
            if (t.has(Feature.FoldOut.class) && moves.stream().noneMatch(m -> m.id().equals(t.id()))) {
                moves.add(new Changeover.Move(t.id(), Optional.empty(), Optional.empty(), minutes(design, t),
                        t.mass().value()));
            }
        }
    }

    /// What a move is about, in words.
    public static String name(Design design, String id) {
        return id.equals(TOP) ? "Lifting top" : design.thing(id).map(Thing::name).orElse(id);
    }

    private static String key(Mode mode) {
        return mode.name().toLowerCase(java.util.Locale.ROOT);
    }

    private record Taken(Solid solid) implements Changeover.Volume {
        @Override
        public boolean meets(Changeover.Volume other) {
            return other instanceof Taken(Solid theirs) && solid.apartFrom(theirs).depth() > 0.001;
        }
    }

    private static Optional<Changeover.Volume> volume(Thing t, Mode mode) {
        return t.at(mode).away()
                ? Optional.empty()
                : Optional.of(new Taken(Solid.of(t.size(), t.at(mode))));
    }

    /// Minutes to move a thing: the user's own, else by what it is and how heavy.
    static double minutes(Design design, Thing t) {
        Optional<Feature.Timed> own = t.feature(Feature.Timed.class);
        if (own.isPresent()) {
            return own.get().minutes();
        }
        return Assumed.value(design, kind(design, t)) / 60;
    }

    /// Whether one person cannot carry it; a bed is made where it lies, and what folds out does so by itself.
    public static boolean takesTwo(Design design, Thing t) {
        return kind(design, t) == Assumption.MINUTES_TWO;
    }

    private static Assumption kind(Design design, Thing t) {
        if (t.has(Feature.Bed.class)) {
            return t.mount() == Mount.OUTSIDE ? Assumption.MINUTES_TENT : Assumption.MINUTES_BED;
        }
        if (t.has(Feature.FoldOut.class)) {
            return Assumption.MINUTES_AWNING;
        }
        double mass = t.mass().value();
        return mass <= Assumed.value(design, Assumption.CARRY_LIGHT)
                ? Assumption.MINUTES_LIGHT
                : mass <= Assumed.value(design, Assumption.CARRY_ONE) ? Assumption.MINUTES_ONE : Assumption.MINUTES_TWO;
    }
}
