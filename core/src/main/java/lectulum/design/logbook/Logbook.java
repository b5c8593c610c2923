package lectulum.design.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// The log of a build and of the trips after it.
///
/// @param carried how packed things are carried
/// @param items   of one's own on checklists
/// @param ticks   of checklists as they stand now
/// @param towed   by today \[m\]; empty for what the trips add up to
/// @param tyres   last four digits of their code: week and year they were made; empty for not read
@RecordBuilder
public record Logbook(List<LogEntry> entries, List<Trial> trials, List<Upkeep> upkeep, List<Journey> journeys,
        List<Carrying> carried, List<CheckItem> items, List<Tick> ticks,
        @Means(value = "Towed by today", of = Quantity.DISTANCE, high = 1e10) OptionalDouble towed,
        @Means("Last four digits of their code") String tyres) implements LogbookBuilder.With {
    /// Nothing written yet.
    public static final Logbook NONE = new Logbook(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
            List.of(), OptionalDouble.empty(), "");

    public Logbook {
        entries = entries == null ? List.of() : List.copyOf(entries);
        trials = trials == null ? List.of() : List.copyOf(trials);
        upkeep = upkeep == null ? List.of() : List.copyOf(upkeep);
        journeys = journeys == null ? List.of() : List.copyOf(journeys);
        carried = carried == null ? List.of() : List.copyOf(carried);
        items = items == null ? List.of() : List.copyOf(items);
        ticks = ticks == null ? List.of() : List.copyOf(ticks);
        towed = towed == null ? OptionalDouble.empty() : towed;
        tyres = tyres == null ? "" : tyres;
    }

    public Optional<LogEntry> entry(String id) {
        return entries.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    public Optional<Trial> trial(String id) {
        return trials.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public Optional<Journey> journey(String id) {
        return journeys.stream().filter(j -> j.id().equals(id)).findFirst();
    }

    /// What is known of something that is looked after; done as usual where nothing was said.
    public Upkeep upkeep(String id) {
        return upkeep.stream().filter(u -> u.id().equals(id)).findFirst().orElseGet(() -> Upkeep.usual(id));
    }

    /// How a thing is carried; nothing known where nothing was said.
    public Carrying carrying(String thing) {
        return carried.stream().filter(c -> c.thing().equals(thing)).findFirst().orElseGet(() -> Carrying.of(thing));
    }

    public Optional<Tick> tick(String item) {
        return ticks.stream().filter(t -> t.item().equals(item)).findFirst();
    }

    public Logbook plus(LogEntry entry) {
        return withEntries(added(entries, entry));
    }

    public Logbook plus(Trial trial) {
        return withTrials(added(trials, trial));
    }

    public Logbook plus(Journey journey) {
        return withJourneys(added(journeys, journey));
    }

    public Logbook plus(CheckItem item) {
        return withItems(added(items, item));
    }

    public Logbook mappingEntry(String id, UnaryOperator<LogEntry> change) {
        return withEntries(mapped(entries, LogEntry::id, id, change));
    }

    public Logbook mappingTrial(String id, UnaryOperator<Trial> change) {
        return withTrials(mapped(trials, Trial::id, id, change));
    }

    public Logbook mappingJourney(String id, UnaryOperator<Journey> change) {
        return withJourneys(mapped(journeys, Journey::id, id, change));
    }

    public Logbook mappingUpkeep(String id, UnaryOperator<Upkeep> change) {
        return withUpkeep(put(upkeep, Upkeep::id, id, change.apply(upkeep(id))));
    }

    public Logbook mappingCarrying(String thing, UnaryOperator<Carrying> change) {
        return withCarried(put(carried, Carrying::thing, thing, change.apply(carrying(thing))));
    }

    public Logbook ticked(Tick tick) {
        return withTicks(put(ticks, Tick::item, tick.item(), tick));
    }

    /// Without an entry, a trial, something to look after, a trip, an item or a tick of that id.
    public Logbook without(String id) {
        return new Logbook(kept(entries, LogEntry::id, id), kept(trials, Trial::id, id), kept(upkeep, Upkeep::id, id),
                kept(journeys, Journey::id, id), carried, kept(items, CheckItem::id, id), kept(ticks, Tick::item, id),
                towed, tyres);
    }

    /// An id that nothing in the log has yet.
    public String freeId(String word) {
        int n = 1;
        while (has(word + "-" + n)) {
            n++;
        }
        return word + "-" + n;
    }

    private boolean has(String id) {
        return entry(id).isPresent() || trial(id).isPresent() || journey(id).isPresent()
                || upkeep.stream().anyMatch(u -> u.id().equals(id)) || items.stream().anyMatch(i -> i.id().equals(id));
    }

    private static <T> List<T> added(List<T> list, T more) {
        List<T> next = new ArrayList<>(list);
        next.add(more);
        return next;
    }

    private static <T> List<T> kept(List<T> list, Function<T, String> name, String id) {
        return list.stream().filter(x -> !name.apply(x).equals(id)).toList();
    }

    private static <T> List<T> mapped(List<T> list, Function<T, String> name, String id, UnaryOperator<T> change) {
        return list.stream().map(x -> name.apply(x).equals(id) ? change.apply(x) : x).toList();
    }

    /// With one in the place of that of its id, or behind the others.
    private static <T> List<T> put(List<T> list, Function<T, String> name, String id, T one) {
        return list.stream().anyMatch(x -> name.apply(x).equals(id))
                ? mapped(list, name, id, x -> one)
                : added(list, one);
    }
}
