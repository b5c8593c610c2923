package lectulum.air;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Thing;
import lectulum.discipline.Mend;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.stores.ColdBox;
import lectulum.units.Quantity;
import lectulum.weather.MeanDay;

/// Boxes that keep food cold, by ice or by a compressor, at the mean warmth of the month.
public final class ColdBoxes {
    /// What is put in comes from a shelf \[°C\]; half of a box is walls and coils (assumed).
    private static final double SHELF = 20;
    private static final double ROOM = 0.5;
    private static final double DAY = 86_400;
    private static final String SOURCE = "heat through walls, with food and by the lid; see docs/method/air.md";

    private ColdBoxes() {
    }

    /// Nothing where there is none.
    static Optional<Study> of(Design d) {
        List<Thing> boxes = d.things().stream().filter(t -> t.has(Aired.ColdStore.class)).toList();
        if (boxes.isEmpty()) {
            return Optional.empty();
        }
        double air = air(d);
        double nights = d.brief().nights();
        Study.Notebook book = new Study.Notebook("air-cold", Stage.AIR, "Cold boxes", "");
        Listing.Maker table = new Listing.Maker("").words("Box").numbers("heat comes in", "ice a day", "ice lasts",
                "current a day");
        for (Thing t : boxes) {
            Aired.ColdStore store = t.feature(Aired.ColdStore.class).orElseThrow();
            ColdBox box = box(d, t, store, boxes.size());
            book.figure("cold." + t.id() + ".heat", t.name() + ": heat comes in", Math.max(0, box.heat(air)),
                    Quantity.POWER, "(UA ΔT + food c ΔT + openings) / day",
                    Sentence.of("{0} outside, kept at {1}", new Amount(air, Quantity.TEMPERATURE),
                            new Amount(store.inside(), Quantity.TEMPERATURE)),
                    SOURCE);
            if (store.ice() > 0) {
                double days = Math.min(365, box.days(store.ice(), air));
                book.figure("cold." + t.id() + ".days", t.name() + ": ice lasts", days, Quantity.DAYS,
                        "ice / (heat / (334 kJ/kg + c T))", Sentence.of("{0} of ice", Amount.kg(store.ice())), SOURCE);
                table.row(t.name(), Amount.watt(Math.max(0, box.heat(air))), Amount.kg(box.ice(air)), Amount.days(days),
                        "–");
                if (days < nights) {
                    book.say(CoolRules.ICE, Subject.thing(t.id()), Severity.NOTE,
                            Sentence.of("Ice in {0} lasts {1}, the trip {2}", t.name(), Amount.days(days),
                                    Amount.nights(nights)),
                            Sentence.of("{0} melts in a day. Block ice, shade and cold food going in stretch it.",
                                    Amount.kg(box.ice(air))),
                            List.of(t.id()));
                }
            } else {
                double energy = box.power(air) * DAY;
                book.figure("cold." + t.id() + ".energy", t.name() + ": current of a day", energy, Quantity.ENERGY,
                        "heat / (0.30 T / ΔT)", Sentence.of("{0} for a watt", Amount.count(
                                Math.rint(100 * box.performance(air)) / 100)),
                        SOURCE);
                table.row(t.name(), Amount.watt(Math.max(0, box.heat(air))), "–", "–", Amount.energy(energy));
            }
        }
        return Optional.of(book.listing(table.done())
                .note("At the mean of the month, in the shade. What is planned for it is Power's; a box in the sun or a hot"
                        + " cabin takes more.")
                .done());
    }

    /// A box with ice.
    ///
    /// @param ice that it starts with \[kg\]
    public record Iced(ColdBox box, double ice) {
    }

    /// The boxes that ice keeps cold.
    public static List<Iced> iced(Design d) {
        List<Thing> boxes = d.things().stream().filter(t -> t.has(Aired.ColdStore.class)).toList();
        return boxes.stream().map(t -> {
            Aired.ColdStore store = t.feature(Aired.ColdStore.class).orElseThrow();
            return new Iced(box(d, t, store, boxes.size()), store.ice());
        }).filter(x -> x.ice > 0).toList();
    }

    private static double air(Design d) {
        return Arrays.stream(MeanDay.air(d.brief().latitude(), d.brief().month(), d.brief().climate())).average()
                .orElse(SHELF);
    }

    /// What goes in is shared by all boxes.
    private static ColdBox box(Design d, Thing t, Aired.ColdStore store, int boxes) {
        double food = d.brief().people().size() * Assumed.value(d, Assumption.FOOD_COLD) / boxes;
        return new ColdBox(store.loss(), store.inside(),
                ROOM * t.size().length() * t.size().width() * t.size().height(), food, SHELF, store.opens());
    }

    /// As much ice as the trip takes.
    static Stream<Remedy> ice(Design d, Thing t) {
        return t.feature(Aired.ColdStore.class).stream().map(store -> {
            int boxes = (int) d.things().stream().filter(x -> x.has(Aired.ColdStore.class)).count();
            double wants = Math.ceil(box(d, t, store, boxes).ice(air(d)) * d.brief().nights());
            return Mend.feature(t, new Aired.ColdStore(store.loss(), store.inside(), store.opens(), wants),
                    Sentence.of("{0} of ice in {1}", Amount.kg(wants), t.name()));
        });
    }
}
