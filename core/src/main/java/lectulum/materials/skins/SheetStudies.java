package lectulum.materials.skins;

import java.util.List;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.units.Quantity;

/// What lines, insulates and covers the shell: area, mass and price of every layer.
public final class SheetStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-sheets", "Linings, insulation, skins",
            Stage.MATERIALS,
            in -> of(in.withOpenings(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE,
                    Design.Part.SETTINGS)))
            .checking(SkinRules.class, SheetStudies::remedies);
    private static final String SOURCE = "area × thickness × density; see docs/method/materials.md";

    private SheetStudies() {
    }

    static List<Study> of(Design d) {
        ShellSheets s = sheets(d);
        Study.Notebook book = new Study.Notebook("mat-sheets", Stage.MATERIALS, "Layers of the shell", "");
        if (s.layers().isEmpty()) {
            return List
                    .of(book.note("Say on Air, under Walls, what the walls are built of: areas, mass and price follow.")
                            .done());
        }
        Listing.Maker table = new Listing.Maker("").words("Side", "Layer", "Of").numbers("thick", "area", "mass",
                "about");
        s.layers().forEach(l -> table.row(l.side().label(), l.role(), l.substance().label(), Amount.sag(l.thick()),
                new Amount(l.area(), Quantity.AREA), Amount.kg(l.mass()), Amount.money(l.price())));
        Sentence numbers = Sentence.of("{0} layers", s.layers().size());
        book.figure("skin.mass", "All layers weigh", s.layers().stream().mapToDouble(ShellSheets.Layer::mass).sum(),
                Quantity.MASS, "Σ area × thickness × density", numbers, SOURCE);
        book.figure("skin.cost", "and cost about", s.layers().stream().mapToDouble(ShellSheets.Layer::price).sum(),
                Quantity.MONEY, "Σ area × thickness × price", numbers, "assumed prices of a cubic metre");
        Allowances.check(d, Allowances.known(d, s), SkinRules.TAKE_OFF,
                "the walls of Air and the members of Base", book);
        return List.of(book.listing(table.done())
                .note("Areas of the clear inside with openings taken off; waste is in the cutting, not in the mass. What stands"
                        + " already is in the mass of the bare base.")
                .done());
    }

    private static ShellSheets sheets(Design d) {
        return ShellSheets.of(d, Assumed.value(d, Assumption.CUT_SHEET_LONG),
                Assumed.value(d, Assumption.CUT_SHEET_WIDE));
    }

    private static Stream<Remedy> remedies(Known known, SkinRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case TAKE_OFF -> Allowances.remedies(d, Allowances.known(d, sheets(d)), finding.things());
        };
    }
}
