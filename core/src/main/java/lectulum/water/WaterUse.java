package lectulum.water;

import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.WaterStyle;
import lectulum.kernel.maths.Belief;
import lectulum.kernel.stores.Reserve;
import lectulum.weather.MeanDay;

/// Water of a day by what it is drawn for \[m³\].
///
/// @param drink  people and dogs, more on hot days
/// @param flush  of the toilet
/// @param purge  cold water that is run off before hot water comes: it goes down the drain
/// @param waste  that goes into the toilet, flushing counted
/// @param carried whether what is drunk comes from cans of its own, not from the tanks
public record WaterUse(double drink, double cook, double dishes, double wash, double shower, double flush, double purge,
        double waste, boolean carried) {
    private static final double CHILD_HEIGHT = 1.4;
    private static final double CHILD_SHARE = 0.6;
    private static final double WARM = 25;
    private static final double THIRST = 0.05;
    /// Drunk by a dog of 20 kg in a day \[m³\].
    private static final double DOG = 1e-3 / 20;

    /// @param persons counted by how much water they use
    /// @param dayHigh warmest hour of a mean day \[°C\]
    /// @param camp    part of the toilet's uses that is in camp
    public static WaterUse of(double persons, WaterStyle style, Toilet toilet, double dayHigh, double camp,
            double purge) {
        double hot = 1 + THIRST * Math.max(0, dayHigh - WARM);
        return new WaterUse(persons * style.drink() * hot, persons * style.cook(), persons * style.dishes(),
                persons * style.wash(), persons * style.shower(), persons * toilet.flush(camp), purge,
                persons * toilet.waste(camp), false);
    }

    /// As a brief says it, in the month of its trip.
    public static WaterUse of(Brief b) {
        return of(b, Toilet.CAMP, 0);
    }

    private static WaterUse of(Brief b, double camp, double purge) {
        WaterUse people = of(people(b.people()), b.water(), b.toilet(),
                MeanDay.high(b.latitude(), b.month(), b.climate()), camp, purge);
        double dogs = b.dogs().stream().mapToDouble(Dog::mass).sum() * DOG;
        return new WaterUse(people.drink + dogs, people.cook, people.dishes, people.wash, people.shower, people.flush,
                people.purge, people.waste, false);
    }

    /// As the style of the brief says it, whatever own trips measured.
    public static WaterUse styled(Design d) {
        return of(d.brief(), Assumed.value(d, Assumption.WATER_CAMP), Assumed.value(d, Assumption.WATER_PURGE));
    }

    /// As the brief says it, brought to what own trips measured.
    public static WaterUse of(Design d) {
        WaterUse u = styled(d);
        double k = learnt(d).value();
        return new WaterUse(u.drink * k, u.cook * k, u.dishes * k, u.wash * k, u.shower * k, u.flush * k, u.purge * k,
                u.waste * k, Assumed.value(d, Assumption.WATER_CARRIED) >= 0.5);
    }

    /// Use as a part of that of the style: 1 ± 0.15, and what was measured over days weighs by them.
    public static Belief learnt(Design d) {
        double days = Assumed.value(d, Assumption.WATER_MEASURED_DAYS);
        return Reserve.learnt(new Belief(1, Reserve.PERSON), days > 0
                ? List.of(new Reserve.Trip(Assumed.value(d, Assumption.WATER_MEASURED), days))
                : List.of(), Reserve.DAY);
    }

    /// People counted by how much water they use.
    public static double people(List<Person> people) {
        return people.stream().mapToDouble(p -> p.height() < CHILD_HEIGHT ? CHILD_SHARE : 1).sum();
    }

    /// Drawn from the tanks.
    public double fresh() {
        return (carried ? 0 : drink) + cook + dishes + wash + shower + flush + purge;
    }

    /// That comes back as grey water.
    public double grey() {
        double[] part = WaterStyle.returned();
        return cook * part[0] + dishes * part[1] + (wash + shower) * part[2] + purge;
    }

    /// Drunk, eaten, breathed out and dried.
    public double lost() {
        return fresh() - grey() - flush;
    }
}
