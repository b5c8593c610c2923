package lectulum.brief.schools;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lectulum.assumed.Table;
import lectulum.brief.draft.Supplies;
import lectulum.brief.draft.Taste;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.layout.FreePlace;
import org.apache.commons.csv.CSVRecord;

/// The ways of a question for a camper: what it has, and what an edit would make of it.
///
/// What is put in stands where it is free; what the other way needs and is there already stays where it is. A way that asks
/// for more than there is room for says so and has no edit.
public final class Ways {
    private static final String POWER = "@power";
    /// Where the battery alone would last the nights, the sun still fills it.
    private static final String LEAST = "solar-panel-100-w";
    /// Room along the roof for one more panel \[m\].
    private static final double PANEL = 0.75;
    private static final Map<Question, List<Row>> TABLE = read();

    private record Row(String id, String label, List<String> tells, List<String> items, String says) {
    }

    private Ways() {
    }

    /// At least two, or none where the question does not arise, as the height inside of an open tray.
    public static List<Way> of(Design design, Question question) {
        return switch (question) {
            case HEIGHT, TONGUE, BAND, AXLES, BRAKES -> Trailer.of(design, question);
            case SPARE, WINDOWS, INSULATION -> Fitted.of(design, question);
            case KITCHEN, COLD, WATER, TOILET, HEAT, COOLING, POWER, SHADE -> TABLE.get(question).stream()
                    .map(r -> way(design, question, r)).toList();
        };
    }

    private static Way way(Design design, Question question, Row row) {
        if (has(design, question, row)) {
            return Way.drawn(row.id, row.label, row.says);
        }
        List<Thing> wanted = things(design, question, row);
        return with(design, question.replaced(), wanted)
                .map(d -> Way.by(row.id, row.label, row.says, new Edit(row.label, x -> x.withThings(d.things()))))
                .orElseGet(() -> Way.not(row.id, row.label, row.says, "no free place for all of it"));
    }

    /// The first way of which any look is there; where there is none, the way that asks for none.
    private static boolean has(Design design, Question question, Row row) {
        return TABLE.get(question).stream().filter(r -> r.tells.stream().anyMatch(look -> has(design, look)))
                .findFirst()
                .or(() -> TABLE.get(question).stream().filter(r -> r.tells.isEmpty()).findFirst())
                .filter(r -> r == row).isPresent();
    }

    static boolean has(Design design, String look) {
        return design.things().stream().anyMatch(t -> t.symbol().equals(look));
    }

    private static List<Thing> things(Design design, Question question, Row row) {
        List<Thing> all = new ArrayList<>();
        for (String id : row.items) {
            if (id.equals(POWER)) {
                Design without = design.withThings(design.things().stream()
                        .filter(t -> !question.replaced().contains(t.symbol())).toList());
                int room = (int) Math.max(0, (design.base().shell().length() - 0.3) / PANEL);
                Supplies.Electric e = Supplies.electric(without, Taste.USUAL, false, room);
                (e.panels().isEmpty() ? List.of(LEAST) : e.panels())
                        .forEach(p -> all.add(Catalogue.shipped().find(p).orElseThrow()));
                e.batteries().forEach(b -> all.add(Catalogue.shipped().find(b).orElseThrow().with(Mount.STOWED)));
            } else {
                all.add(Catalogue.shipped().find(id).orElseThrow());
            }
        }
        return all;
    }

    /// The design without the things of those looks and with others, each where it is free. A thing wanted of which there is
    /// one of the same look and kind of tank, replaced or not, stays as it is drawn.
    static Optional<Design> with(Design design, Set<String> replaced, List<Thing> wanted) {
        List<Thing> missing = new ArrayList<>(wanted);
        List<Thing> kept = new ArrayList<>();
        for (Thing t : design.things()) {
            Optional<Thing> same = missing.stream().filter(w -> same(t, w)).findFirst();
            if (same.isPresent()) {
                missing.remove(same.get());
                kept.add(t);
            } else if (!replaced.contains(t.symbol())) {
                kept.add(t);
            }
        }
        Design next = design.withThings(kept);
        for (Thing w : missing) {
            Thing named = w.withId(next.freeId(w.id()));
            boolean placed = w.mount() == Mount.STOWED || w.mount() == Mount.SPREAD;
            var at = placed ? Optional.of(FreePlace.of(next, named)) : FreePlace.find(next, named);
            if (at.isEmpty()) {
                return Optional.empty();
            }
            next = next.plus(named.with(at.get()));
        }
        return Optional.of(next);
    }

    private static boolean same(Thing there, Thing wanted) {
        return !wanted.symbol().isEmpty() && there.symbol().equals(wanted.symbol())
                && there.tank().map(t -> t.use()).equals(wanted.tank().map(t -> t.use()))
                && there.solar() >= wanted.solar();
    }

    private static Map<Question, List<Row>> read() {
        Map<Question, List<Row>> table = new EnumMap<>(Question.class);
        for (CSVRecord r : Table.rows("schools")) {
            table.computeIfAbsent(Question.valueOf(r.get("question")), q -> new ArrayList<>()).add(new Row(r.get("way"),
                    r.get("label"), words(r.get("tells")), words(r.get("items")), r.get("says")));
        }
        return table;
    }

    private static List<String> words(String words) {
        return Arrays.stream(words.split(" ")).filter(w -> !w.isEmpty()).toList();
    }
}
