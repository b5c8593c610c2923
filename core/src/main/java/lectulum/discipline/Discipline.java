package lectulum.discipline;

import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
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
        this(id, name, stage, pace, compute, nothing, (known, finding) -> Stream.empty());
    }

    private Discipline(String id, String name, Stage stage, Pace pace, Function<Reads, R> compute, Supplier<R> nothing,
            BiFunction<Known, Finding, Stream<Remedy>> remedies) {
        this.id = id;
        this.name = name;
        this.stage = stage;
        this.pace = pace;
        this.compute = compute;
        this.nothing = nothing;
        this.remedies = remedies;
    }

    /// The same, with what may mend findings, its own or of others: candidates that are judged by all disciplines before
    /// they are offered.
    public Discipline<R> mendedBy(BiFunction<Known, Finding, Stream<Remedy>> candidates) {
        return new Discipline<>(id, name, stage, pace, compute, nothing, candidates);
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
