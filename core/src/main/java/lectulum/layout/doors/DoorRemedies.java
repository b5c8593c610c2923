package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;

/// The hinge on the other edge, narrower leaves, short moves of what is in the way.
final class DoorRemedies {
    private static final double[] SHIFTS = {0.05, 0.10, 0.15, 0.20, 0.30, 0.40, 0.50};

    private DoorRemedies() {
    }

    static Stream<Remedy> of(Known known, DoorRules rule, Finding finding) {
        return switch (rule) {
            case MOTION_BLOCKED, MOTION_PAIR -> Stream.concat(hinges(known.design(), finding),
                    apart(known, known.design(), finding));
            case EXIT_COUNT, EXIT_TRAP, PASSAGE_NARROW -> Stream.empty();
        };
    }

    /// The hinge on the other edge, or narrower leaves.
    private static Stream<Remedy> hinges(Design d, Finding finding) {
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        Optional<Feature.Door> door = thing.flatMap(t -> t.feature(Feature.Door.class));
        if (door.isEmpty()) {
            return Stream.empty();
        }
        Feature.Door f = door.get();
        Thing t = thing.get();
        return Stream.of(
                new Remedy(Sentence.of("Hang the door of {0} on its other edge", t.name()),
                        feature(t, new Feature.Door(f.face(), !f.first(), f.angle(), f.leaves()))),
                new Remedy(Sentence.of("Split the door of {0} into {1} leaves", t.name(), f.leaves() + 1),
                        feature(t, new Feature.Door(f.face(), f.first(), f.angle(), f.leaves() + 1))));
    }

    private static Edit feature(Thing t, Feature feature) {
        return new Edit("Change the door of " + t.name(), x -> x.mapping(t.id(), y -> y.with(feature)));
    }

    /// Short level moves of what is in the way, in the modes in which it is.
    private static Stream<Remedy> apart(Known known, Design d, Finding finding) {
        List<Remedy> found = new ArrayList<>();
        List<Mode> modes = known.of(Doors.DISCIPLINE).motions().entrySet().stream()
                .filter(e -> e.getValue().stream()
                        .anyMatch(m -> m.blocked() && m.thing().equals(finding.things().getFirst())))
                .map(java.util.Map.Entry::getKey).toList();
        for (String id : finding.things()) {
            d.thing(id).filter(t -> t.fix() != Fix.FIXED)
                    .ifPresent(t -> modes.stream().filter(m -> own(t, m)).forEach(m -> moves(t, m, found)));
        }
        found.sort(Comparator.comparingDouble(DoorRemedies::distance));
        return found.stream();
    }

    /// Whether moving it in the mode means moving it there and not elsewhere.
    private static boolean own(Thing t, Mode mode) {
        return mode == Mode.ROAD || t.elsewhere().containsKey(mode);
    }

    static void moves(Thing t, Mode mode, List<Remedy> found) {
        for (double by : SHIFTS) {
            found.add(Contents.shift(t, mode, by, 1, 0, 0));
            found.add(Contents.shift(t, mode, by, -1, 0, 0));
            found.add(Contents.shift(t, mode, by, 0, 1, 0));
            found.add(Contents.shift(t, mode, by, 0, -1, 0));
        }
    }

    static double distance(Remedy remedy) {
        return remedy.says().parts().stream().filter(Amount.class::isInstance).map(Amount.class::cast)
                .mapToDouble(Amount::value).findFirst().orElse(0);
    }
}
