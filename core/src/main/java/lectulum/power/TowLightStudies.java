package lectulum.power;

import java.util.List;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.assumed.Wires;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.electric.Sizing;
import lectulum.kernel.electric.Wire;
import lectulum.power.wiring.Harness;
import lectulum.units.Quantity;

/// Lamps of the road with their current, the contacts of the tow plug, electric brakes and their breakaway battery.
public final class TowLightStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("power-towlights", "Road lights and brakes",
            Stage.POWER, in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.SETTINGS,
                    Design.Part.WIRING)))
            .checking(TowLightRules.class, TowLightStudies::remedies);

    private static final double AT_BRAKES = 12.5;
    private static final double WEAK = 0.08;
    private static final double TOO_WEAK = 0.15;
    private static final double LEGAL = 15;
    private static final double ENOUGH = 20;

    private TowLightStudies() {
    }

    static List<Study> of(Design d) {
        return List.of(lights(d), plugs(), brakes(d));
    }

    private static Study lights(Design d) {
        Study.Notebook book = new Study.Notebook("power-lamps", Stage.POWER, "Lamps of the road", "");
        Listing.Maker table = new Listing.Maker("").words("Lamp").numbers("how many", "each", "all");
        double sum = 0;
        for (RoadLamp l : RoadLamp.of(d)) {
            table.row(l.name(), l.count(), Amount.watt(l.watts()),
                    new Amount(l.count() * l.watts() / RoadLamp.VOLTS, Quantity.CURRENT));
            sum += l.count() * l.watts();
        }
        double amps = sum / RoadLamp.VOLTS;
        double length = d.base().tongueLength() + d.base().shell().length() + RoadLamp.VEHICLE;
        book.listing(table.done());
        book.figure("towlights.ground", "The ground wire carries", amps, Quantity.CURRENT, "Σ W / 13.5 V",
                Sentence.of("all lamps at once"), "lamps, assumed");
        String size = RoadLamp.wire(d, amps, length).map(Wire::name).orElse("none");
        book.note(Sentence.of("Ground of {0} from plug to lamps: {1} one way, no more than {2} lost.", size,
                Amount.run(length), Amount.share(RoadLamp.LOSS)));
        book.note(
                "Reflectors: two red at the rear (triangles under UN rules), amber at the sides, white at the front. The"
                        + " list is a proposal: the law of where it is registered rules.");
        return book.done();
    }

    private static Study plugs() {
        Study.Notebook book = new Study.Notebook("power-plugs", Stage.POWER, "Tow plugs, with a test sheet", "");
        for (String plug : List.of("7-blade", "13-pin", "7-pin")) {
            Listing.Maker table = new Listing.Maker(plug).words("Contact", "Function", "Back by", "seen");
            Table.rows("tow-plugs").stream().filter(r -> r.get("plug").equals(plug))
                    .forEach(r -> table.row(r.get("pin"), r.get("function"), r.get("return"), "☐"));
            book.listing(table.done());
        }
        return book.note("Colours differ between makers: assign by test lamp, never by colour.").done();
    }

    private static Study brakes(Design d) {
        Study.Notebook book = new Study.Notebook("power-brakes", Stage.POWER, "Electric brakes", "");
        int magnets = (int) Math.round(Assumed.value(d, Assumption.BRAKE_MAGNETS));
        if (magnets == 0) {
            return book.note("No electric brakes. Say how many magnets there are, beside.").done();
        }
        double ohms = Assumed.value(d, Assumption.BRAKE_OHMS);
        double area = Assumed.value(d, Assumption.BRAKE_AREA);
        double length = d.base().tongueLength() + d.base().axle().x() + RoadLamp.VEHICLE;
        Sizing.Brakes b = Sizing.brakes(AT_BRAKES, magnets, ohms, area, length);
        Sentence numbers = Sentence.of("{0} magnets, {1} of {2} mm²", magnets, Amount.run(length),
                Amount.count(area));
        book.figure("towlights.brakes.amps", "The brakes get", b.amps(), Quantity.CURRENT,
                "V / (R/n + 2 L r + 0.02 Ω)", numbers, "copper at 40 °C");
        book.figure("towlights.brakes.loss", "Brake that is lost", b.loss(), Quantity.SHARE, "1 − A / A without wire",
                numbers, "force follows current");
        if (b.loss() > WEAK) {
            book.say(TowLightRules.BRAKE_LOSS, b.loss() > TOO_WEAK ? Severity.STOP : Severity.WARN,
                    Sentence.of("The brakes get {0} of {1}: {2} weaker", new Amount(b.amps(), Quantity.CURRENT),
                            new Amount(b.ideal(), Quantity.CURRENT), Amount.share(b.loss())),
                    Sentence.of("The wire is too thin for {0}.", Amount.run(length)));
        }
        double charge = Assumed.value(d, Assumption.BREAKAWAY) / 3600;
        double minutes = Sizing.breakaway(charge, magnets * 12 / ohms);
        book.figure("towlights.breakaway", "The breakaway battery holds them", minutes * 60, Quantity.DURATION,
                "20 h (0.8 Ah / 20 A)^1.12", Sentence.of("{0} at {1}", new Amount(charge * 3600, Quantity.CHARGE),
                        new Amount(magnets * 12 / ohms, Quantity.CURRENT)),
                "AGM, aged and cold");
        if (minutes < ENOUGH) {
            book.say(TowLightRules.BREAKAWAY, minutes < LEGAL ? Severity.STOP : Severity.WARN,
                    Sentence.of("The breakaway battery holds the brakes {0}", Amount.hours(minutes * 60)),
                    Sentence.of(
                            "{0} are required in places, {1} are good practice. Nothing else may draw on it: jack, roof"
                                    + " and lamps hang on the house battery.",
                            Amount.hours(LEGAL * 60),
                            Amount.hours(ENOUGH * 60)));
        }
        return book.caution("Brakes that fail kill. Test them, the breakaway pull and all lamps before the first trip.")
                .done();
    }

    private static Stream<Remedy> remedies(Known known, TowLightRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case BRAKE_LOSS -> Stream.concat(Wires.GAUGES.stream(), Wires.METRIC.stream())
                    .filter(w -> w.area() > Assumed.value(d, Assumption.BRAKE_AREA) && w.area() <= 16)
                    .filter(w -> Harness.sizes(d).contains(w)).limit(3)
                    .map(w -> Mend.assumed(Assumption.BRAKE_AREA, Math.rint(100 * w.area()) / 100,
                            Sentence.of("Brake wires of {0}", w.name())));
            case BREAKAWAY -> Stream.of(7.0, 9.0, 12.0, 18.0)
                    .filter(ah -> Sizing.breakaway(ah, Math.round(Assumed.value(d, Assumption.BRAKE_MAGNETS)) * 12
                            / Assumed.value(d, Assumption.BRAKE_OHMS)) >= ENOUGH)
                    .map(ah -> Mend.assumed(Assumption.BREAKAWAY, ah * 3600,
                            Sentence.of("A breakaway battery of {0}", new Amount(ah * 3600, Quantity.CHARGE))));
        };
    }
}
