package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.thing.Fix;
import lectulum.discipline.Known;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;

/// Moves of whatever can be moved near the way; the narrowest place decides by trying.
final class WayRemedies {
    private WayRemedies() {
    }

    static Stream<Remedy> of(Known known, DoorRules rule, Finding finding, Mode mode) {
        if (rule != DoorRules.PASSAGE_NARROW || !finding.about().equals(Subject.in(mode))) {
            return Stream.empty();
        }
        Design d = known.design();
        boolean walked = known.of(WayThrough.in(mode)).narrowest().isPresent();
        List<Remedy> found = new ArrayList<>();
        d.things().stream().filter(t -> t.solid() && t.fix() != Fix.FIXED && !t.at(mode).away() && walked)
                .forEach(t -> {
                    found.add(new Remedy(Sentence.of("Put {0} outside in {1}", t.name(), mode.label()),
                            new Edit("Put " + t.name() + " outside",
                                    x -> mode == Mode.ROAD
                                            ? x
                                            : x.mapping(t.id(), y -> y.placed(mode, y.at(mode).away(true))))));
                    DoorRemedies.moves(t, mode, found);
                });
        found.sort(Comparator.comparingDouble(DoorRemedies::distance));
        return found.stream().limit(60);
    }
}
