package lectulum.layout.loading;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// More straps, a longer ramp.
final class LoadingRemedies {
    private LoadingRemedies() {
    }

    static Stream<Remedy> of(Known known, LoadingRules rule, Finding finding) {
        return finding.things().stream().limit(1).flatMap(t -> known.design().thing(t).stream())
                .flatMap(t -> loading(t, rule));
    }

    private static Stream<Remedy> loading(Thing t, LoadingRules rule) {
        Optional<Feature.Carried> carried = t.feature(Feature.Carried.class);
        if (carried.isEmpty()) {
            return Stream.empty();
        }
        Feature.Carried c = carried.get();
        Stream<Remedy> straps = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> Mend.feature(t, c.over(c.ramp(), c.straps() + k),
                        Sentence.of("{0} straps forwards", c.straps() + k)));
        Stream<Remedy> ramps = IntStream.rangeClosed(1, 20)
                .mapToObj(k -> Math.round((c.ramp() + 0.2 * k) * 100) / 100.0)
                .map(r -> Mend.feature(t, c.over(r, c.straps()), Sentence.of("A ramp of {0}", Amount.m(r))));
        Stream<Remedy> both = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> Mend.feature(t, c.over(c.ramp(), c.straps() + k).heldBack(c.backStraps() + k),
                        Sentence.of("{0} straps forwards, {1} rearwards", c.straps() + k, c.backStraps() + k)));
        return switch (rule) {
            case LOAD_LASH, LOAD_SUM, LOAD_RINGS, LOAD_ASIDE -> Stream.concat(straps, both);
            case LOAD_INSIDE, LOAD_RAMP, LOAD_CREST, LOAD_DOOR, LOAD_HEADER, LOAD_SIDE, LOAD_APPROACH, LOAD_DRIVER,
                    LOAD_ABOVE ->
                ramps;
        };
    }
}
