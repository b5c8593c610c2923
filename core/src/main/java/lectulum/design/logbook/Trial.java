package lectulum.design.logbook;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A test that was made.
///
/// @param date    as ISO
/// @param zone    where, or on which lamp or circuit
/// @param lasted  how long it was held, or until the first drop \[s\]
/// @param speed   of a tow test \[m/s\]
/// @param warmth  of the hottest hub \[°C\]
/// @param cycles  counted after pushing and letting go
/// @param share   of the first swing that was left then
/// @param by      who made it
/// @param checked who looked at it too
/// @param photo   file among the attachments; empty for none
@RecordBuilder
public record Trial(String id, @Means("ISO date") String date, Kind kind, String zone, Outcome outcome,
        @Means(value = "Lasted", of = Quantity.DURATION, high = 1e6) OptionalDouble lasted,
        @Means(value = "Speed", of = Quantity.SPEED, high = 60) OptionalDouble speed,
        @Means(value = "Hottest hub", of = Quantity.TEMPERATURE, low = -40, high = 400) OptionalDouble warmth,
        @Means(value = "Swings counted", of = Quantity.COUNT, high = 200) OptionalDouble cycles,
        @Means(value = "Left of the first swing", of = Quantity.SHARE, high = 1) OptionalDouble share, String note,
        String by, String checked, @Means("File beside the project") String photo) implements TrialBuilder.With {

    public Trial {
        id = id == null ? "" : id;
        date = date == null ? "" : date;
        kind = kind == null ? Kind.WATER : kind;
        zone = zone == null ? "" : zone;
        outcome = outcome == null ? Outcome.OPEN : outcome;
        lasted = lasted == null ? OptionalDouble.empty() : lasted;
        speed = speed == null ? OptionalDouble.empty() : speed;
        warmth = warmth == null ? OptionalDouble.empty() : warmth;
        cycles = cycles == null ? OptionalDouble.empty() : cycles;
        share = share == null ? OptionalDouble.empty() : share;
        note = note == null ? "" : note;
        by = by == null ? "" : by;
        checked = checked == null ? "" : checked;
        photo = photo == null ? "" : photo;
    }

    /// One of which only the outcome is known.
    public static Trial of(String id, String date, Kind kind, String zone, Outcome outcome) {
        return new Trial(id, date, kind, zone, outcome, OptionalDouble.empty(), OptionalDouble.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), "", "", "", "");
    }

    /// What was tried.
    public enum Kind {
        WATER("rain, zone by zone"), PRESSURE("pipes under pressure"), GAS("gas, leaks"), LAMP(
                "lamps of the road"),
        CIRCUIT("circuits"), ALARM("alarms"), BRAKE("brakes"), BOUNCE("push and let go"), TOW("first tow"), NIGHT(
                "first night");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How it went.
    public enum Outcome {
        OPEN("not yet"), PASSED("passed"), FAILED("failed");

        private final String label;

        Outcome(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
