package lectulum.materials.cutting;

import java.util.List;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.workshop.Stock;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.units.Quantity;

/// What of the stock is used by the cutting plans, what is left, and what no plan can use.
public final class StockStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-stock", "Stock", Stage.MATERIALS,
            in -> of(in.design(Design.Part.WORKSHOP), in.of(CutPlans.DISCIPLINE).lots()))
            .checking(StockRules.class, StockStudies::remedies);
    private static final double NOMINAL = 0.0021;

    private StockStudies() {
    }

    static List<Study> of(Design d, List<Lot> lots) {
        List<Stock> stock = d.workshop().stock();
        Study.Notebook book = new Study.Notebook("mat-stock", Stage.MATERIALS, "Used and left", "");
        if (stock.isEmpty()) {
            return List.of(book
                    .note("Whatever is entered here goes before the usual sizes; what is there already is free and is"
                            + " used first where that is cheapest.")
                    .done());
        }
        Listing.Maker table = new Listing.Maker("").words("What", "Where").numbers("used", "left", "left is worth");
        double spent = 0;
        for (Stock s : stock) {
            long used = used(lots, s);
            spent += s.own() ? 0 : used * s.price();
            long left = s.count().isPresent() ? Math.max(0, s.available() - used) : 0;
            table.row(name(s), s.place().isEmpty() ? "–" : s.place(), used,
                    s.count().isPresent() ? Sentence.of("{0}", left) : "any number",
                    s.count().isPresent() && !s.own() ? Amount.money(left * s.price()) : "–");
            if (lots.stream().noneMatch(l -> l.ware().is(s))) {
                near(lots, s, book);
            }
        }
        book.figure("stock.cost", "Bought of it", spent, Quantity.MONEY, "Σ used × price",
                Sentence.of("{0} kinds", stock.size()), "cutting plans");
        return List.of(book.listing(table.done()).done());
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
            case NEARLY -> known.design().workshop().stock().stream()
                    .filter(s -> finding.about().equals(Subject.part(s.id()))).map(s -> new Remedy(
                            Sentence.of("Do without {0}", name(s)),
                            new Edit("Without a stock", d -> d.with(d.workshop().without(s.id())))));
        };
    }
}
