package lectulum.figures;

import java.util.Locale;
import lectulum.design.Mode;

/// What in the camper a finding is about.
public sealed interface Subject {
    /// All of it.
    Subject WHOLE = new Whole();

    /// What tells it from others under one rule; empty for the whole.
    String key();

    /// All of the camper.
    record Whole() implements Subject {
        @Override
        public String key() {
            return "";
        }
    }

    /// One thing.
    record OfThing(String thing) implements Subject {
        @Override
        public String key() {
            return thing;
        }
    }

    /// Two things that meet.
    record Pair(String thing, String other) implements Subject {
        @Override
        public String key() {
            return thing + "+" + other;
        }
    }

    /// One traveller.
    record Traveller(String person) implements Subject {
        @Override
        public String key() {
            return person;
        }
    }

    /// One traveller in one bed.
    record Sleeper(String bed, String person) implements Subject {
        @Override
        public String key() {
            return bed + "." + person;
        }
    }

    /// The camper in one mode.
    record In(Mode mode) implements Subject {
        @Override
        public String key() {
            return mode.name().toLowerCase(Locale.ROOT);
        }
    }

    /// A part that is no thing: an axle by its number, a rating, a field by its way through the file.
    record Part(String key) implements Subject {
    }

    static Subject thing(String id) {
        return new OfThing(id);
    }

    static Subject pair(String thing, String other) {
        return new Pair(thing, other);
    }

    static Subject person(String id) {
        return new Traveller(id);
    }

    static Subject sleeper(String bed, String person) {
        return new Sleeper(bed, person);
    }

    static Subject in(Mode mode) {
        return new In(mode);
    }

    static Subject part(String key) {
        return new Part(key);
    }
}
