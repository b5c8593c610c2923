package lectulum.materials.cutting;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Supply;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.materials.finish.FinishStudies;
import lectulum.materials.upholstery.CushionStudies;
import lectulum.units.Quantity;

/// What of the stock is used by the cutting plans, what is left, and what no plan can use.
public final class StockStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-stock", "Stock", Stage.MATERIALS,
            in -> of(in.design(Design.Part.WORKSHOP, Design.Part.SETTINGS), in.of(CutPlans.DISCIPLINE).lots(),
                    wanted(in.of(FinishStudies.DISCIPLINE), in.of(CushionStudies.DISCIPLINE))))
            .checking(StockRules.class, StockStudies::remedies);
    private static final double NOMINAL = 0.0021;
    private static final double SMALL = 1e-9;

    private StockStudies() {
    }

    /// How much of each goods is wanted, by the pages that work it out.
    private static Map<Supply.Goods, Double> wanted(Studies finish, Studies cushions) {
        Map<Supply.Goods, Double> all = new EnumMap<>(Supply.Goods.class);
        for (Supply.Goods g : Supply.Goods.values()) {
            Studies from = g == Supply.Goods.CLOTH ? cushions : finish;
            from.figures().find(figure(g)).map(Figure::value).filter(OptionalDouble::isPresent)
                    .ifPresent(v -> all.put(g, v.getAsDouble()));
        }
        return all;
    }

    private static String figure(Supply.Goods g) {
        return switch (g) {
            case PAINT -> "paint.volume";
            case SEALANT -> "seal.volume";
            case ADHESIVE -> "glue.mass";
            case TAPE -> "seal.tape";
            case TRIM -> "trim.length";
            case MEMBRANE -> "membrane.area";
            case CLOTH -> "roll.buy";
            case SCREWS -> "screw.count";
        };
    }

    static List<Study> of(Design d, List<Lot> lots, Map<Supply.Goods, Double> wanted) {
        return List.of(cut(d, lots), supplies(d, wanted));
    }

    /// What is used up, goods by goods.
    private static Study supplies(Design d, Map<Supply.Goods, Double> wanted) {
        Study.Notebook book = new Study.Notebook("mat-supplies", Stage.MATERIALS, "Tins, rolls and packs", "");
        Listing.Maker table = new Listing.Maker("").words("What").numbers("wanted", "there", "used", "left",
                "still to buy");
        double spent = 0;
        double back = 0;
        for (Supply.Goods g : Supply.Goods.values()) {
            List<Supply> of = d.workshop().supplies().stream().filter(s -> s.goods() == g).toList();
            double there = of.stream().mapToDouble(s -> s.there() * s.content()).sum();
            double used = of.stream().mapToDouble(s -> s.used().orElse(0)).sum();
            double need = wanted.getOrDefault(g, 0.0);
            for (Supply s : of) {
                spent += s.own() ? 0 : s.bought().orElse(0) * s.price();
                back += s.own() ? 0 : Math.min(s.bought().orElse(0), s.returned().orElse(0)) * s.price();
            }
            if (need > 0 || !of.isEmpty()) {
                table.row(g.label(), shown(need, g), shown(there, g), shown(used, g), shown(there - used, g),
                        shown(need - there, g));
            }
            if (used > there + SMALL) {
                book.say(StockRules.USED, Subject.part(g.name().toLowerCase(Locale.ROOT)), Severity.NOTE,
                        Sentence.of("More {0} is used than was there", g.label()),
                        Sentence.of("{0} used, {1} bought or there.", new Amount(used, g.quantity()),
                                new Amount(there, g.quantity())));
            }
        }
        if (!d.workshop().supplies().isEmpty()) {
            book.figure("stock.supplies", "Spent on these", spent - back, Quantity.MONEY, "Σ bought × price − returned",
                    Sentence.of("{0} spent, {1} given back", Amount.money(spent), Amount.money(back)), "Stock");
        }
        return book.listing(table.done())
                .note("Wanted is what Finish and Cushions work out; whole packs are bought there at least cost.")
                .done();
    }

    private static Object shown(double amount, Supply.Goods g) {
        return amount > SMALL ? new Amount(amount, g.quantity()) : "–";
    }

    private static Study cut(Design d, List<Lot> lots) {
        List<Stock> stock = d.workshop().stock();
        Study.Notebook book = new Study.Notebook("mat-stock", Stage.MATERIALS, "Sticks and sheets", "");
        if (stock.isEmpty()) {
            return book
                    .note("Whatever is entered here goes before the usual sizes; what is there already is free and is"
                            + " used first where that is cheapest.")
                    .done();
        }
        Listing.Maker table = new Listing.Maker("").words("What", "Where").numbers("in the plans", "bought", "left",
                "still to buy", "left is worth");
        double planned = 0;
        double spent = 0;
        for (Stock s : stock) {
            long used = used(lots, s);
            planned += s.own() ? 0 : used * s.price();
            spent += s.own() ? 0 : s.there() * s.price();
            double there = s.own() ? s.available() : s.there();
            double left = Math.max(0, there - used);
            table.row(name(s), s.place().isEmpty() ? "–" : s.place(), used, s.own() ? "–" : Amount.count(s.there()),
                    Amount.count(left), s.own() ? "–" : Amount.count(Math.max(0, used - there)),
                    s.own() ? "–" : Amount.money(left * s.price()));
            if (lots.stream().noneMatch(l -> l.ware().is(s))) {
                near(lots, s, book);
            }
        }
        Sentence kinds = Sentence.of("{0} kinds", stock.size());
        book.figure("stock.cost", "Bought of it", planned, Quantity.MONEY, "Σ used × price", kinds, "cutting plans");
        book.figure("stock.spent", "Paid for it so far", spent, Quantity.MONEY, "Σ (bought − returned) × price", kinds,
                "Stock");
        return book.listing(table.done()).done();
    }

    private static long used(List<Lot> lots, Stock s) {
        return lots.stream().flatMap(l -> l.laid().stream()).filter(l -> l.source().stock().equals(s.id())).count();
    }

    private static Sentence name(Stock s) {
        return s.form() == Stock.Form.SHEET
                ? Sentence.of("{0}, {1} × {2} × {3}", s.of().label(), Amount.m(s.length()), Amount.m(s.width()),
                        Amount.sag(s.thick()))
                : Sentence.of("{0}, {1} × {2}, {3}", s.of().label(), Amount.sag(s.width()), Amount.sag(s.thick()),
                        Amount.m(s.length()));
    }

    /// Nothing is cut from it; where something of nearly its size is, that is said.
    private static void near(List<Lot> lots, Stock s, Study.Notebook book) {
        lots.stream().map(Lot::ware).filter(w -> w.form() == s.form() && w.of() == s.of()
                && Math.abs(w.thick() - s.thick()) <= NOMINAL
                && (w.sheet() || Math.abs(w.width() - s.width()) <= NOMINAL)).findFirst()
                .ifPresentOrElse(w -> book.say(StockRules.NEARLY, Subject.part(s.id()), Severity.NOTE,
                        Sentence.of("{0} is nearly, but not, what is wanted", name(s)),
                        Sentence.of("Planned is {0}: actual sizes differ from nominal ones.", w.label())),
                        () -> book.note("Nothing is cut from {0}.", name(s)));
    }

    private static Stream<Remedy> remedies(Known known, StockRules rule, Finding finding) {
        return switch (rule) {
            case USED -> Stream.empty();
            case NEARLY -> known.design().workshop().stock().stream()
                    .filter(s -> finding.about().equals(Subject.part(s.id()))).map(s -> new Remedy(
                            Sentence.of("Do without {0}", name(s)),
                            new Edit("Without a stock", d -> d.with(d.workshop().without(s.id())))));
        };
    }
}
