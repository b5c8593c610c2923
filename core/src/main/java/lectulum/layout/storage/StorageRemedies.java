package lectulum.layout.storage;

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
            case REACH_ROAD, REACH_SERVICE, STORAGE_HEAVY, STORAGE_FULL -> Stream.empty();
        };
    }
}
