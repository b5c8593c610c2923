package lectulum.assumed;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.brief.Effort;
import lectulum.design.brief.Skill;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.design.thing.SystemGroup;
import lectulum.units.Units;
import org.apache.commons.csv.CSVRecord;

/// Own time that a thing takes to make or buy and to fit. All assumed, until hours are logged.
///
/// @param hours of one who knows the trade \[s\]
/// @param skill the trade; empty for none in particular
public record Labour(double hours, Optional<Skill> skill) {
    /// What is set in and smaller than this takes a third of the time \[m\].
    private static final double SMALL = 0.3;
    private static final Labour NONE = new Labour(0, Optional.empty());
    /// One who does not know the trade takes longer by this (assumed).
    public static final double LEARNING = 1.6;
    private static final Map<String, Labour> BY_LOOK = new HashMap<>();
    private static final Map<SystemGroup, Labour> BY_SYSTEM = new HashMap<>();

    static {
        List<CSVRecord> rows = Table.rows("labour");
        for (CSVRecord row : rows) {
            Labour labour = new Labour(Table.number(row, "hours") * Units.HOUR,
                    Stream.of(row.get("skill")).filter(s -> !s.isEmpty()).map(Skill::valueOf).findFirst());
            if (row.get("look").isEmpty()) {
                BY_SYSTEM.put(SystemGroup.valueOf(row.get("system")), labour);
            } else {
                BY_LOOK.put(row.get("look"), labour);
            }
        }
    }

    /// Of one thing; packed gear and provisions take none.
    public static Labour of(Thing thing) {
        if (thing.role() != Role.BUILT_IN) {
            return NONE;
        }
        Labour own = BY_LOOK.get(thing.symbol());
        if (own != null) {
            return own;
        }
        Labour usual = BY_SYSTEM.getOrDefault(thing.system(), NONE);
        boolean small = thing.mount() == Mount.STOWED || thing.mount() == Mount.SET_IN
                && DoubleStream.of(thing.size().length(), thing.size().width(), thing.size().height())
                        .allMatch(side -> side < SMALL);
        return small ? new Labour(usual.hours / 3, usual.skill) : usual;
    }

    /// Own time for all things of a design \[s\].
    public static double hours(Design design) {
        return design.things().stream().mapToDouble(t -> of(t).by(design.brief().effort())).sum();
    }

    /// Time that those take who build \[s\].
    public double by(Effort builders) {
        return hours * (skill.isEmpty() || builders.has(skill.get()) ? 1 : LEARNING);
    }
}
