package lectulum.water;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Person;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Band;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Verdict;
import lectulum.figures.Working;
import lectulum.units.Quantity;

/// How many days the tanks last, and which of them ends the stay.
///
/// Litres per person and day come from the water style of the brief. A kind of tank that is not aboard does not limit,
/// except fresh water: without it there are no days.
public record Water(Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Water> DISCIPLINE = new Discipline<Water>("water", "Water", Stage.WATER,
            Discipline.Pace.HAND, in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS)),
            () -> new Water(Figures.NONE, List.of()))
            .checking(WaterRules.class, WaterRemedies::of);
    /// Days beyond which nobody counts.
    public static final double MOST_DAYS = 365;
    /// What a pump gets out of a tank whose gross volume is known (assumed).
    public static final double USABLE = 0.92;

    public static Water of(Design design) {
        Brief brief = design.brief();
        double people = people(brief.people());
        WaterUse day = WaterUse.of(design);
        double use = day.fresh();
        double returned = Assumed.value(design, Assumption.TRIP_RETURNED);
        double grey = returned > 0 ? returned * use : day.grey();
        double waste = day.waste();
        double usable = Tanks.usable(design);
        double freshTank = capacity(design.things(), Tank.Use.FRESH);
        double greyTank = capacity(design.things(), Tank.Use.GREY);
        double wasteTank = capacity(design.things(), Tank.Use.BLACK);
        double freshDays = use > 0 ? Math.min(MOST_DAYS, usable / use) : MOST_DAYS;
        double greyDays = lasts(greyTank, grey);
        double wasteDays = lasts(wasteTank, waste);
        double days = Math.min(freshDays, Math.min(greyDays, wasteDays));
        String first = days >= MOST_DAYS
                ? ""
                : days == freshDays ? "fresh first" : days == greyDays ? "grey first" : "toilet first";
        List<Figure> all = List.of(
                Figure.of("water.day.use", "Fresh water in a day", use, Quantity.VOLUME,
                        new Working("people × litres a day",
                                Sentence.of("{0} × {1} = {2}", Amount.count(people),
                                        Amount.litres(people > 0 ? use / people : 0), Amount.litres(use)),
                                List.of(Sentence.of(
                                        "Style {0}, toilet {1}; children count 60 %, hot days make thirsty.",
                                        brief.water().label(), brief.toilet().label())),
                                "assumed; see docs/method/water.md")),
                Figure.of("water.day.grey", "Grey water in a day", grey, Quantity.VOLUME,
                        new Working("people × what returns",
                                Sentence.of("{0} people: {1}", Amount.count(people), Amount.litres(grey)),
                                List.of(Sentence.of("Drunk and cooked water does not come back.")),
                                "assumed; see docs/method/water.md")),
                Figure.of("water.fresh.usable", "Fresh water that can be drawn", usable, Quantity.VOLUME,
                        new Working("Σ volume × part that the pump reaches",
                                Sentence.of("{0} of {1}", Amount.litres(usable), Amount.litres(freshTank)), List.of(),
                                "shape of the tanks; 92 % where it is not known")),
                tank("water.fresh.days", "Fresh water lasts", freshDays, usable, use),
                tank("water.grey.days", "Grey tank lasts", greyDays, greyTank, grey),
                tank("water.waste.days", "Toilet lasts", wasteDays, wasteTank, waste),
                Figure.of("water.greyMatched", "Grey tank that matches the fresh one",
                        use > 0 ? usable * grey / use : 0, Quantity.VOLUME,
                        new Working("usable fresh × grey/fresh",
                                Sentence.of("{0} × {1}/{2}", Amount.litres(usable), Amount.litres(grey),
                                        Amount.litres(use)),
                                List.of(), "arithmetic")),
                Figure.of("water.days", "Water", days, Quantity.DAYS,
                        new Working("the shortest of fresh, grey and toilet",
                                Sentence.of("{0}, {1}, {2}", Amount.days(freshDays), Amount.days(greyDays),
                                        Amount.days(wasteDays)),
                                List.of(Sentence.of(first.isEmpty() ? "Nothing runs out." : "It ends with: {0}.",
                                        first)),
                                "arithmetic"))
                        .with(new Band(brief.nights(), Double.NaN,
                                days >= brief.nights() ? Verdict.GOOD : days < 1 ? Verdict.STOP : Verdict.WARN,
                                Sentence.of(first.isEmpty() ? "want {0}" : "want {0}, {1}",
                                        Amount.count(brief.nights()), first))));
        return new Water(Figures.of(all), findings(brief, freshTank, freshDays, greyDays, wasteDays));
    }

    /// Fresh water that the travellers draw in a day \[m³\].
    public static double use(Brief brief) {
        return WaterUse.of(brief).fresh();
    }

    /// People counted by how much water they use.
    public static double people(List<Person> people) {
        return WaterUse.people(people);
    }

    /// Gross volume of all tanks of one use \[m³\].
    static double capacity(List<Thing> things, Tank.Use use) {
        return things.stream().flatMap(t -> t.tank().stream()).filter(t -> t.use() == use)
                .mapToDouble(Tank::capacity).sum();
    }

    private static double lasts(double tank, double inflow) {
        return tank > 0 && inflow > 0 ? Math.min(MOST_DAYS, tank / inflow) : MOST_DAYS;
    }

    private static Figure tank(String id, String label, double days, double volume, double flow) {
        return Figure.of(id, label, days, Quantity.DAYS,
                new Working("volume / litres a day",
                        Sentence.of("{0} / {1} = {2}", Amount.litres(volume), Amount.litres(flow), Amount.days(days)),
                        List.of(), "arithmetic"));
    }

    private static List<Finding> findings(Brief brief, double freshTank, double fresh, double grey, double waste) {
        List<Finding> all = new ArrayList<>();
        if (brief.people().isEmpty()) {
            return all;
        }
        if (freshTank <= 0) {
            all.add(Finding.of(WaterRules.WATER_FRESH, Subject.WHOLE, Severity.WARN,
                    Sentence.of("There is no fresh water aboard"),
                    Sentence.of("The trip is {0}. Add a tank or some cans.", Amount.nights(brief.nights())),
                    List.of()));
        } else {
            tooShort(WaterRules.WATER_FRESH, "Fresh water lasts {0}, the trip {1}", fresh, brief, all);
        }
        tooShort(WaterRules.WATER_GREY, "The grey tank is full after {0}, the trip is {1}", grey, brief, all);
        tooShort(WaterRules.WATER_WASTE, "The toilet is full after {0}, the trip is {1}", waste, brief, all);
        return all;
    }

    private static void tooShort(WaterRules rule, String title, double days, Brief brief, List<Finding> all) {
        if (days < brief.nights()) {
            all.add(Finding.of(rule, Subject.WHOLE, Severity.WARN,
                    Sentence.of(title, Amount.days(days), Amount.nights(brief.nights())),
                    Sentence.of("{0} people, style {1}. Empty grey water only where it is allowed.",
                            brief.people().size(), brief.water().label()),
                    List.of()));
        }
    }
}
