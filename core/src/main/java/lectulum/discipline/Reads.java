package lectulum.discipline;

import java.util.function.Function;
import lectulum.design.Design;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;

/// All that a discipline sees. What it asks here, with what it was told, is both its list of what it depends on and the
/// key under which its result is remembered, so neither can be wrong.
public interface Reads {

    /// A part of the design, or anything that follows from one cheaply and is equal by value.
    <T> T part(Function<Design, T> lens);

    /// The design as far as it is named here; of the rest nothing is there.
    Design design(Design.Part... parts);

    /// The same with every thing at one place: what does not ask where things stand is kept while something is moved.
    default Design unplaced(Design.Part... parts) {
        return seeing(t -> Sight.UNPLACED, parts);
    }

    /// The same with only what is let into the shell at its place: what asks where openings are is kept while anything else is moved.
    default Design withOpenings(Design.Part... parts) {
        return seeing(t -> t.mount() == Mount.SET_IN ? Sight.PLACED : Sight.UNPLACED, parts);
    }

    /// The same with every thing seen as far as it matters: what asks only where the wired ones stand is kept while a chair is moved
    /// or grows.
    ///
    /// @param how far each is seen; it may ask everything of a thing but its place
    Design seeing(Function<Thing, Sight> how, Design.Part... parts);

    /// What another discipline found, which stands before the asking one in the list of all.
    ///
    /// @throws Unknown if that one failed
    <R extends Result> R of(Discipline<R> earlier);

    /// Whether a stop that nobody accepted was found by what stands before.
    boolean stopped();

    /// Asked by long work from time to time.
    ///
    /// @throws Overtaken once nobody waits for the answer any more
    void stillWanted();

    /// A discipline that was asked failed, so that the asking one has no answer either.
    final class Unknown extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Unknown(String discipline) {
            super(discipline + " could not be worked out");
        }
    }

    /// Nobody waits for the answer any more.
    final class Overtaken extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Overtaken() {
            super("nobody waits for this any more");
        }
    }
}
