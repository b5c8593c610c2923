package lectulum.materials.cutting;

import lectulum.design.envelope.Substance;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.joinery.Cabinet;

/// What is cut together: sticks of one section, or sheets of one thickness.
///
/// @param width of the section of a stick \[m\]; 0 for sheets
/// @param thick of the section of a stick, or of the sheet \[m\]
public record Ware(Stock.Form form, Substance of, double width, double thick) {
    private static final double SAME = 0.0003;

    /// In tenths of a millimetre.
    static Ware of(Stock.Form form, Substance of, double width, double thick) {
        return new Ware(form, of, Math.round(width * 1e4) / 1e4, Math.round(thick * 1e4) / 1e4);
    }

    public boolean sheet() {
        return form == Stock.Form.SHEET;
    }

    /// Whether it is what a stock is of; sections may lie either way.
    boolean is(Stock s) {
        return s.form() == form && s.of() == of && (sheet()
                ? near(s.thick(), thick)
                : near(s.width(), width) && near(s.thick(), thick) || near(s.width(), thick) && near(s.thick(), width));
    }

    boolean is(HandPlan s) {
        return s.form() == form && s.of() == of && near(s.thick(), thick) && (sheet() || near(s.width(), width));
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= SAME;
    }

    /// Whether it is strut channel, which is sold in this one section.
    boolean strut() {
        return of == Substance.STEEL && near(width, Cabinet.STRUT) && near(thick, Cabinet.STRUT);
    }

    /// As it is asked for in a shop.
    public Sentence label() {
        if (strut()) {
            return Sentence.of("strut channel {0} × {1}", Amount.sag(width), Amount.sag(thick));
        }
        return sheet()
                ? Sentence.of("{0}, {1}", of.label(), Amount.sag(thick))
                : Sentence.of(
                        of == Substance.STEEL || of == Substance.ALUMINIUM ? "tube {0} × {1}" : "timber {0} × {1}",
                        Amount.sag(width), Amount.sag(thick));
    }
}
