package lectulum.design.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What can be put into the build.
///
/// @param monthly money a month; empty where none is set
/// @param hours   own hours a week \[s\]
/// @param skills  the builders have, in the order of [Skill]
public record Effort(
        @Means(value = "Money a month", of = Quantity.MONEY, low = 1, high = 1e7, says = "null for none set") OptionalDouble monthly,
        @Means(value = "Own time a week", of = Quantity.DURATION, low = 900, high = 604_800) double hours,
        List<Skill> skills) {
    /// Eight hours a week by somebody who works in wood.
    public static final Effort USUAL = new Effort(OptionalDouble.empty(), 8 * 3600, List.of(Skill.WOOD));

    public Effort {
        monthly = monthly == null ? OptionalDouble.empty() : monthly;
        skills = skills == null ? List.of() : skills.stream().distinct().sorted().toList();
    }

    public boolean has(Skill skill) {
        return skills.contains(skill);
    }

    /// With a skill, or without it.
    public Effort with(Skill skill, boolean has) {
        List<Skill> next = new ArrayList<>(skills);
        next.remove(skill);
        if (has) {
            next.add(skill);
        }
        return new Effort(monthly, hours, next);
    }
}
