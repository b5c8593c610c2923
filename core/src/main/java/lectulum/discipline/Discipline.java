package lectulum.discipline;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// One discipline: what it is called, whether a drag waits for it, and how it is computed.
///
/// @param <R> what it finds out
public final class Discipline<R extends Result> {
    private final String id;
    private final String name;
    private final Stage stage;
    private final Pace pace;
    private final Function<Reads, R> compute;
    private final Supplier<R> nothing;
    private final List<Rule> rules;
    private final BiFunction<Known, Finding, Stream<Remedy>> remedies;

    /// Whether the hand waits for it.
    public enum Pace {
        /// Computed while something is dragged.
        HAND,
        /// Keeps its last result while something is dragged.
        REST
    }

    /// @param id      stable
    /// @param name    as it is called in a sentence
    /// @param stage   where it is said that it failed
    /// @param nothing what is shown where it failed
    public Discipline(String id, String name, Stage stage, Pace pace, Function<Reads, R> compute, Supplier<R> nothing) {
        this(id, name, stage, pace, compute, nothing, List.of(), (known, finding) -> Stream.empty());
    }

    private Discipline(String id, String name, Stage stage, Pace pace, Function<Reads, R> compute, Supplier<R> nothing,
            List<Rule> rules, BiFunction<Known, Finding, Stream<Remedy>> remedies) {
        this.id = id;
        this.name = name;
        this.stage = stage;
        this.pace = pace;
        this.compute = compute;
        this.nothing = nothing;
        this.rules = rules;
        this.remedies = remedies;
    }

    /// What may mend a finding under one of the rules `E`.
    @FunctionalInterface
    public interface Mender<E extends Enum<E> & Rule> {
        /// Candidates, best first, which all disciplines judge before they are offered.
        Stream<Remedy> candidates(Known known, E rule, Finding finding);
    }

    /// The same with the rules it checks, none of which anything can mend.
    public <E extends Enum<E> & Rule> Discipline<R> checking(Class<E> kinds) {
        return checking(kinds, (known, rule, finding) -> Stream.empty());
    }

    /// The same with the rules it checks and what may mend what they find.
    public <E extends Enum<E> & Rule> Discipline<R> checking(Class<E> kinds, Mender<E> mender) {
        return new Discipline<>(id, name, stage, pace, compute, nothing, List.of(kinds.getEnumConstants()),
                (known, finding) -> kinds.isInstance(finding.rule())
                        ? mender.candidates(known, kinds.cast(finding.rule()), finding)
                        : Stream.empty());
    }

    /// What it checks.
    public List<Rule> rules() {
        return rules;
    }

    /// What may mend a finding, best first; none where this knows nothing about it.
    public Stream<Remedy> remedies(Known known, Finding finding) {
        return remedies.apply(known, finding);
    }

    public String id() {
        return id;
    }

    public String label() {
        return name;
    }

    public Stage stage() {
        return stage;
    }

    public Pace pace() {
        return pace;
    }

    public R from(Reads in) {
        return compute.apply(in);
    }

    public R nothing() {
        return nothing.get();
    }

    @Override
    public String toString() {
        return id;
    }
}
