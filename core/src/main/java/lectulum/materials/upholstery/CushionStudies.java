package lectulum.materials.upholstery;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.thing.Size;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.cutting.Roll;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.takeoff.Cushion;
import lectulum.units.Quantity;

/// The upholstery order: every cushion and mattress with its foam, its cover and its zip, and all covers on a roll of cloth.
public final class CushionStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-cushion", "Cushions", Stage.MATERIALS,
            in -> of(in.part(CushionStudies::asked), in.design(Design.Part.SETTINGS), in::stillWanted));
    private static final Set<String> SYMBOLS = Set.of("mattress", "cushions");
    private static final double THICKEST = 0.30;
    private static final double MORE = 1.05;
    private static final double STEP = 0.1;
    private static final int LETTERS = 26;
    private static final String SOURCE = "box cushions; see docs/method/materials.md";

    private CushionStudies() {
    }

    /// A cushion of the camper, wherever it lies.
    private record Padded(String name, Size size) {
    }

    private static List<Padded> asked(Design d) {
        return d.things().stream().filter(t -> SYMBOLS.contains(t.symbol()) && t.size().height() <= THICKEST)
                .map(t -> new Padded(t.name(), t.size())).toList();
    }

    /// @param d with its settings
    private static List<Study> of(List<Padded> things, Design d, Runnable stillWanted) {
        if (things.isEmpty()) {
            return List.of(new Study.Notebook("mat-cushion", Stage.MATERIALS, "Cushions", "")
                    .note("No cushion or mattress is aboard.").done());
        }
        stillWanted.run();
        double radius = Assumed.value(d, Assumption.CUSHION_RADIUS);
        double foam = Assumed.value(d, Assumption.CUSHION_FOAM);
        List<Cushion> cushions = things.stream().map(t -> cushion(t, radius)).toList();
        return List.of(order(d, things, cushions, foam), roll(d, things, cushions, () -> {
            stillWanted.run();
            return false;
        }));
    }

    private static Cushion cushion(Padded t, double radius) {
        double l = Math.max(t.size().length(), t.size().width());
        double w = Math.min(t.size().length(), t.size().width());
        return new Cushion(l, w, t.size().height(), Math.min(radius, w / 2));
    }

    private static Study order(Design d, List<Padded> things, List<Cushion> cushions, double foam) {
        Study.Notebook book = new Study.Notebook("mat-cushion", Stage.MATERIALS, "Upholstery order", "");
        Listing.Maker table = new Listing.Maker("").words("Cushion").numbers("long", "wide", "thick", "foam long",
                "foam wide", "zip", "foam");
        for (int i = 0; i < things.size(); i++) {
            Cushion c = cushions.get(i);
            table.row(things.get(i).name(), Amount.m(c.length()), Amount.m(c.width()), Amount.sag(c.thick()),
                    Amount.m(c.cut()[0]), Amount.m(c.cut()[1]), Amount.m(c.zip()), Amount.kg(c.foam(foam)));
        }
        table.row("all", "–", "–", "–", "–", "–", Amount.run(cushions.stream().mapToDouble(Cushion::zip).sum()),
                Amount.kg(cushions.stream().mapToDouble(c -> c.foam(foam)).sum()));
        Sentence numbers = Sentence.counted(things.size(), "one cushion", "{0} cushions");
        book.figure("cushion.foam", "Foam weighs", cushions.stream().mapToDouble(c -> c.foam(foam)).sum(),
                Quantity.MASS, "((L + 10 mm)(W + 10 mm) − (4 − π) r²) T ρ", numbers, SOURCE);
        book.figure("cushion.cloth", "Cloth in the covers", cushions.stream().mapToDouble(Cushion::cloth).sum(),
                Quantity.AREA, "tops, boxing and zip strips with seams", numbers, SOURCE);
        book.figure("cushion.zip", "Zip", cushions.stream().mapToDouble(Cushion::zip).sum(), Quantity.RUN,
                "Σ L − 2 r − 0.10 m", numbers, SOURCE);
        int strips = (int) Math.round(Assumed.value(d, Assumption.CUSHION_HOOK));
        if (strips > 0) {
            book.figure("cushion.hook", "Hook tape", strips * cushions.stream().mapToDouble(Cushion::width).sum(),
                    Quantity.RUN, "strips × width", Sentence.of("{0} strips across each", strips), SOURCE);
        }
        if (Assumed.value(d, Assumption.CUSHION_PIPING) >= 0.5) {
            book.figure("cushion.piping", "Piping", 2 * cushions.stream().mapToDouble(Cushion::perimeter).sum(),
                    Quantity.RUN, "2 × perimeter", numbers, SOURCE);
        }
        return book.listing(table.done())
                .note("Foam of {0} kg/m³, {1} kPa at 40 %; held by {2}. The zip is on the long side that is not seen.",
                        Amount.count(foam), Amount.count(Assumed.value(d, Assumption.CUSHION_HARD)),
                        strips > 0 ? "hook tape" : "nothing")
                .note("Seams 12 mm, at the zip 15 mm; foam 10 mm larger than finished. Measure the carcass before ordering.")
                .done();
    }

    private static Study roll(Design d, List<Padded> things, List<Cushion> cushions, BooleanSupplier stop) {
        Study.Notebook book = new Study.Notebook("mat-roll", Stage.MATERIALS, "Covers on the roll", "");
        double width = Assumed.value(d, Assumption.CUSHION_ROLL);
        List<double[]> pieces = new ArrayList<>();
        List<String> marks = new ArrayList<>();
        Listing.Maker table = new Listing.Maker("Pieces").words("Mark", "Of").numbers("along", "across", "how many");
        for (int i = 0; i < cushions.size(); i++) {
            List<Cushion.Cloth> cover = cushions.get(i).cover();
            for (int k = 0; k < cover.size(); k++) {
                Cushion.Cloth c = cover.get(k);
                String mark = (char) ('A' + i % LETTERS) + String.valueOf(k + 1);
                table.row(mark, things.get(i).name() + ", " + c.name(), Amount.m(c.length()), Amount.m(c.width()),
                        c.count());
                for (int n = 0; n < c.count(); n++) {
                    pieces.add(new double[]{c.length(), c.width()});
                    marks.add(mark);
                }
            }
        }
        Roll roll = Roll.of(pieces, width, stop);
        double buy = Math.ceil(roll.length() * MORE / STEP - 1e-9) * STEP;
        Sentence numbers = Sentence.counted(pieces.size(), "one piece on a roll of {1}", "{0} pieces on a roll of {1}",
                Amount.m(width));
        book.figure("roll.length", "Cloth along the roll", roll.length(), Quantity.RUN, "nap kept, edge to edge",
                numbers,
                SOURCE);
        book.figure("roll.bound", "No plan takes less than", roll.bound(), Quantity.RUN,
                "area / width, longest piece, pieces wider than half", numbers, SOURCE);
        book.figure("roll.rows", "Laid in rows it would take", roll.rows(), Quantity.RUN, "longest first", numbers,
                SOURCE);
        book.figure("roll.buy", "To order", buy, Quantity.RUN, "5 % more, in tenths of a metre", numbers, SOURCE);
        book.figure("roll.cost", "for about", buy * Assumed.value(d, Assumption.CUSHION_PRICE), Quantity.MONEY,
                "length × price", numbers, "assumed price of a metre");
        book.listing(table.done());
        book.sketch(drawn(roll, marks, width));
        if (!roll.left().isEmpty()) {
            book.note(roll.left().size() == 1
                    ? "One piece is wider than the roll: a wider one, or a seam."
                    : "{0} pieces are wider than the roll: a wider one, or a seam.", roll.left().size());
        }
        return book.note(roll.proven() ? "Proven: none takes less." : "The best that was found.").done();
    }

    private static Sketch drawn(Roll roll, List<String> marks, double width) {
        Sketch.Board board = new Sketch.Board("How they lie");
        board.box(Sketch.Pen.THIN, 0, 0, roll.length(), width);
        for (Sheets.Placed p : roll.pieces()) {
            board.box(Sketch.Pen.AREA, p.x(), p.y(), p.x() + p.width(), p.y() + p.height());
            board.name(p.x() + p.width() / 2, p.y() + p.height() / 2, Sentence.of("{0}", marks.get(p.piece())));
        }
        return board.done();
    }
}
