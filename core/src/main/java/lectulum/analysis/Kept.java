package lectulum.analysis;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lectulum.design.Design;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Finding;

/// What a discipline found, what it had asked for that, and whether that is of an earlier design.
///
/// @param asked in the order it was asked
/// @param old   of an earlier design, or it rests on something that is
/// @param fault that it failed; then the result is what is shown instead
record Kept<R extends Result>(R result, List<Asked> asked, boolean old, Optional<Finding> fault, boolean failed) {

    /// One question and what was answered.
    sealed interface Asked {
        /// Whether the same question has the same answer now.
        boolean same(Analysis now);
    }

    record OfPart<T>(Function<Design, T> lens, T answer) implements Asked {
        @Override
        public boolean same(Analysis now) {
            return answer.equals(lens.apply(now.design()));
        }
    }

    record OfDesign(List<Design.Part> parts, Design answer) implements Asked {
        @Override
        public boolean same(Analysis now) {
            return parts.stream().allMatch(p -> p.same(answer, now.design()));
        }
    }

    /// @param answer with the things as they are, so that those that are the same need not be looked at
    record OfSeeing(Function<Thing, Sight> how, List<Design.Part> parts, Design answer) implements Asked {
        @Override
        public boolean same(Analysis now) {
            return parts.stream().allMatch(p -> p == Design.Part.THINGS
                    ? answer.sameThings(now.design(), how)
                    : p.same(answer, now.design()));
        }
    }

    record OfDiscipline<R extends Result>(Discipline<R> discipline, R answer) implements Asked {
        @Override
        public boolean same(Analysis now) {
            Kept<R> kept = now.kept(discipline);
            return !kept.old && !kept.failed && kept.result.equals(answer);
        }
    }

    record OfStop(Discipline<?> asking, boolean answer) implements Asked {
        @Override
        public boolean same(Analysis now) {
            return now.stopBefore(asking) == answer;
        }
    }

    /// What is shown of a discipline that was never worked out, while something else is waited for.
    static <R extends Result> Kept<R> awaited(R nothing) {
        return new Kept<>(nothing, List.of(), true, Optional.empty(), true);
    }

    /// Whether nothing has been worked out of it yet.
    boolean awaited() {
        return failed && old;
    }

    Kept<R> ofEarlier() {
        return old ? this : new Kept<>(result, asked, true, fault, failed);
    }
}
