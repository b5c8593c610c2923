package lectulum.design.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.Collections;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A base that could be bought or made to build on.
///
/// @param price    asked for it
/// @param rework   money until it rolls and is sound, own time not counted
/// @param hours    own time until it rolls and is sound \[s\]
/// @param mass     empty \[kg\]
/// @param gross    permitted \[kg\]; empty where no plate says so
/// @param axle     rating of all axles \[kg\]; empty where unknown
/// @param length   inside \[m\]
/// @param width    inside \[m\]
/// @param height   inside \[m\]; of the sides for one without a roof
/// @param age      in years; empty where unknown
/// @param distance to fetch it \[m\]
/// @param faults   what the inspection found, by fault; absent ones were not looked at
@RecordBuilder
public record Candidate(String id, String name, Kind kind,
        @Means(value = "Price", of = Quantity.MONEY, high = 1e7) double price,
        @Means(value = "Rework", of = Quantity.MONEY, high = 1e7, says = "until it rolls and is sound") double rework,
        @Means(value = "Own time", of = Quantity.DURATION, high = 3.6e7, says = "until it rolls and is sound") double hours,
        @Means(value = "Empty mass", of = Quantity.MASS, low = 20, high = 5000) double mass,
        @Means(value = "Permitted mass", of = Quantity.MASS, low = 50, high = 10_000, says = "null where no plate says so") OptionalDouble gross,
        @Means(value = "Axle rating", of = Quantity.MASS, low = 50, high = 10_000, says = "of all axles; null where unknown") OptionalDouble axle,
        @Means(value = "Inside length", low = 0.5, high = 12) double length,
        @Means(value = "Inside width", low = 0.3, high = 3) double width,
        @Means(value = "Inside height", low = 0.1, high = 4) double height,
        @Means(value = "Age", of = Quantity.COUNT, high = 80, says = "years; null where unknown") OptionalDouble age,
        @Means(value = "Away", of = Quantity.DISTANCE, high = 1e7, says = "to fetch it") double distance,
        Map<Fault, Seen> faults) implements CandidateBuilder.With {

    /// What it is.
    public enum Kind {
        BARE_STEEL("frame from bare steel"), KIT("kit, bolted"), UTILITY("used utility trailer"),
        ENCLOSED("enclosed box"), EX_SERVICE("ex-service trailer"), SALVAGED("salvaged shell"),
        CAMPER("used camper"), OTHER("other");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether somebody used it before, so that it wants an inspection.
        public boolean used() {
            return this != BARE_STEEL && this != KIT;
        }
    }

    /// What is looked at on a used base.
    public enum Fault {
        RUST, THIN_WALL, BEARINGS, TYRES, DIAGONALS, PLATE, LIGHTS, PAPERS, COUPLER, WATER
    }

    /// What was found.
    public enum Seen {
        GOOD("good"), WORN("needs work"), BAD("bad");

        private final String label;

        Seen(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Candidate {
        name = name == null ? "" : name;
        kind = kind == null ? Kind.OTHER : kind;
        gross = gross == null ? OptionalDouble.empty() : gross;
        axle = axle == null ? OptionalDouble.empty() : axle;
        age = age == null ? OptionalDouble.empty() : age;
        Map<Fault, Seen> found = new EnumMap<>(Fault.class);
        if (faults != null) {
            found.putAll(faults);
            found.values().removeIf(java.util.Objects::isNull);
        }
        faults = Collections.unmodifiableMap(found);
    }

    /// With what was found of one fault; null for not looked at.
    public Candidate found(Fault fault, Seen seen) {
        Map<Fault, Seen> next = new EnumMap<>(Fault.class);
        next.putAll(faults);
        if (seen == null) {
            next.remove(fault);
        } else {
            next.put(fault, seen);
        }
        return withFaults(next);
    }
}
