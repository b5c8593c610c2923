package lectulum.money;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Feature;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// What small parts are and what they usually come to.
final class Outlooks {
    /// Of the cash (assumed: 8 to 15 %).
    private static final double SHARE = 0.10;
    private static final double TENS = 10;
    /// What offices ask is different everywhere (assumed).
    private static final double FEES = 120;

    private Outlooks() {
    }

    /// Whether a thing stands for small parts.
    static boolean small(Thing t) {
        return t.feature(Feature.StandsFor.class).filter(f -> f.what() == Feature.StandsFor.Part.FIXINGS).isPresent();
    }

    /// What small parts come to that are in the bill.
    static double small(Design d, List<Line> lines) {
        return Money.sum(lines.stream().filter(l -> l.group().equals(Lines.group(Receipt.Kind.SMALL))
                || l.things().stream().anyMatch(t -> d.thing(t).filter(Outlooks::small).isPresent())).toList(),
                Line::forecast);
    }

    /// A line for what is missing of them, as a guess.
    static Remedy smallParts(Design d) {
        List<Line> lines = Lines.of(d);
        double all = Money.sum(lines, Line::forecast);
        double money = TENS * Math.max(1, Math.rint((SHARE * all - small(d, lines)) / TENS));
        return new Remedy(Sentence.of("A line for small parts, {0}", Amount.money(money)),
                new Edit("A line for small parts", x -> x.with(x.purse().plus(Receipt.of(x.purse().freeId(),
                        "Screws, terminals, sealant, tape, sandpaper", Receipt.State.GUESS, money)
                        .withKind(Receipt.Kind.SMALL)))));
    }

    /// A line for registration and inspection, as a guess.
    static Remedy papers() {
        return new Remedy(Sentence.of("A line for them, {0}", Amount.money(FEES)),
                new Edit("A line for registration", x -> x.with(x.purse().plus(Receipt.of(x.purse().freeId(),
                        "Registration, plate, inspection", Receipt.State.GUESS, FEES)
                        .withKind(Receipt.Kind.FEES)))));
    }
}
