package lectulum.layout.storage;

import java.util.Comparator;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.discipline.Known;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;

/// A home for what has none; heavy things down.
final class StorageRemedies {
    private StorageRemedies() {
    }

    static Stream<Remedy> of(Known known, StorageRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case STORAGE_HOMELESS -> Stream.of(new Remedy(Sentence.of("Pack them where there is room"),
                    Keeping.packHomeless(d)));
            case STORAGE_HIGH -> finding.things().stream().flatMap(t -> d.thing(t).stream())
                    .map(t -> Contents.shift(t, Mode.ROAD, t.place().z(), 0, 0, -1));
            case STORAGE_APART -> finding.things().stream().limit(1).flatMap(t -> d.thing(t).stream())
                    .flatMap(t -> Apart.mend(d, t));
            case STORAGE_HEAVY, STORAGE_FULL -> finding.things().stream().limit(1).flatMap(store -> moved(d, store));
            case REACH_ROAD, REACH_SERVICE -> Stream.empty();
        };
    }

    /// One thing of a store into another that has room beside what is there, the largest that helps last.
    private static Stream<Remedy> moved(Design d, String store) {
        Keeping now = Keeping.of(d);
        return now.shelves().stream().filter(s -> s.thing().equals(store)).flatMap(s -> s.contents().stream())
                .flatMap(id -> d.thing(id).stream()).filter(Keeping::packed)
                .sorted(Comparator.comparingDouble(Keeping::volume))
                .flatMap(t -> now.withRoom(d, t).stream().limit(2)
                        .flatMap(to -> Keeping.move(d, t.id(), to.thing()).stream()
                                .map(e -> new Remedy(Sentence.of("{0} into {1}", t.name(), to.name()), e))));
    }
}
