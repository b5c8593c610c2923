package lectulum.materials.upholstery;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.cutting.Roll;
import lectulum.kernel.takeoff.WindowCloth;
import lectulum.units.Quantity;

/// What is sewn for windows and doors: insect nets for what is opened from inside, pads that darken glass, curtains on rails
/// before glass in walls.
public final class OpeningStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-nets", "Nets and curtains",
            Stage.MATERIALS,
            in -> of(in.part(OpeningStudies::asked), in.design(Design.Part.SETTINGS), in::stillWanted));
    /// People pass through what is this wide and high \[m\] (assumed).
    private static final double WAY_WIDE = 0.45;
    private static final double WAY_HIGH = 0.85;
    private static final double STEP = 0.1;
    private static final String SOURCE = "clear size of each opening; see docs/method/materials.md";

    private OpeningStudies() {
    }

    /// A window or a door.
    ///
    /// @param opens  from inside, so that insects come in
    /// @param glazed so that light comes in
    /// @param roof   lies in the roof
    private record Hole(String name, WindowCloth cloth, boolean opens, boolean glazed, boolean roof) {
        boolean way() {
            return opens && cloth.width() >= WAY_WIDE && cloth.height() >= WAY_HIGH;
        }

        boolean curtain() {
            return glazed && !roof;
        }
    }

    private static List<Hole> asked(Design d) {
        return d.things().stream().filter(t -> t.has(Feature.Opening.class) || t.has(Aired.Glazing.class))
                .map(OpeningStudies::hole).filter(h -> h.cloth.width() > 0 && h.cloth.height() > 0)
                .filter(h -> h.opens || h.glazed).toList();
    }

    private static Hole hole(Thing t) {
        Size s = t.size();
        boolean roof = s.height() < Math.min(s.length(), s.width());
        boolean glazed = t.has(Aired.Glazing.class);
        return t.feature(Feature.Opening.class)
                .map(o -> new Hole(t.name(), new WindowCloth(o.width(), o.height()),
                        o.inside() && o.leaf() != Feature.Opening.Leaf.FIXED, glazed, roof))
                .orElseGet(() -> new Hole(t.name(), new WindowCloth(Math.max(s.length(), s.width()),
                        roof ? Math.min(s.length(), s.width()) : s.height()), false, glazed, roof));
    }

    /// @param d with its settings
    private static List<Study> of(List<Hole> holes, Design d, Runnable stillWanted) {
        Study.Notebook book = new Study.Notebook("mat-nets", Stage.MATERIALS, "Nets, shades and curtains", "");
        if (holes.isEmpty()) {
            return List.of(book.note("No window and no door is drawn yet.").done());
        }
        double overlap = Assumed.value(d, Assumption.NET_OVERLAP);
        double hem = Assumed.value(d, Assumption.NET_HEM);
        double beyond = Assumed.value(d, Assumption.CURTAIN_BEYOND);
        double fullness = Assumed.value(d, Assumption.CURTAIN_FULLNESS);
        Listing.Maker flat = new Listing.Maker("Flat over the opening").words("Opening", "what")
                .numbers("clear wide", "high", "finished wide", "high", "cut wide", "high");
        Listing.Maker hung = new Listing.Maker("Curtains").words("Opening").numbers("rail", "cloth wide", "cloth long");
        List<WindowCloth.Piece> nets = new ArrayList<>();
        List<WindowCloth.Piece> curtains = new ArrayList<>();
        double shades = 0;
        double rails = 0;
        double ways = 0;
        for (Hole h : holes) {
            WindowCloth.Piece finished = h.cloth.over(overlap);
            WindowCloth.Piece cut = h.cloth.cut(overlap, hem);
            if (h.opens) {
                flat.row(h.name, h.way() ? "net to walk through" : "net", Amount.m(h.cloth.width()),
                        Amount.m(h.cloth.height()), Amount.m(finished.wide()), Amount.m(finished.high()),
                        Amount.m(cut.wide()), Amount.m(cut.high()));
                nets.add(cut);
                ways += h.way() ? finished.high() : 0;
            }
            if (h.glazed) {
                flat.row(h.name, "shade", Amount.m(h.cloth.width()), Amount.m(h.cloth.height()),
                        Amount.m(finished.wide()), Amount.m(finished.high()), "–", "–");
                shades += finished.area();
            }
            if (h.curtain()) {
                WindowCloth.Piece curtain = h.cloth.curtain(beyond, fullness, hem);
                hung.row(h.name, Amount.m(h.cloth.rail(beyond)), Amount.m(curtain.wide()), Amount.m(curtain.high()));
                curtains.add(curtain);
                rails += h.cloth.rail(beyond);
            }
        }
        BooleanSupplier stop = () -> {
            stillWanted.run();
            return false;
        };
        bought(book, "net", "Insect net", nets, Assumed.value(d, Assumption.NET_ROLL),
                Assumed.value(d, Assumption.NET_PRICE), stop);
        if (ways > 0) {
            book.figure("net.close", "Magnets or zip in nets to walk through", ways, Quantity.RUN, "Σ finished height",
                    Sentence.of("from top to bottom, in the middle"), SOURCE);
        }
        if (shades > 0) {
            book.figure("shade.area", "Padded shades", shades, Quantity.AREA, "Σ finished width × height",
                    Sentence.of("{0} over the edge on each side", Amount.m(overlap)), SOURCE);
        }
        bought(book, "curtain", "Curtain cloth", curtains, Assumed.value(d, Assumption.CUSHION_ROLL),
                Assumed.value(d, Assumption.CUSHION_PRICE), stop);
        if (rails > 0) {
            book.figure("curtain.rail", "Curtain rail", rails, Quantity.RUN, "Σ width + 2 × beyond",
                    Sentence.of("{0} beyond the opening on each side", Amount.m(beyond)), SOURCE);
            book.listing(flat.done()).listing(hung.done());
        } else {
            book.listing(flat.done());
        }
        return List.of(book.note("Nets shut what is opened from inside; shades and curtains darken glass, and a padded"
                + " shade keeps warmth in. Measure the built opening before anything is cut.")
                .note("Pack nets from the first warm night to the first frost: what stays at home is missed on the"
                        + " first still evening.")
                .done());
    }

    /// Cloth by the metre of its roll.
    private static void bought(Study.Notebook book, String id, String label, List<WindowCloth.Piece> pieces,
            double roll,
            double price, BooleanSupplier stop) {
        if (pieces.isEmpty()) {
            return;
        }
        Laid plan = Stream.of(true, false).map(across -> Laid.of(pieces, across, roll, stop))
                .min(Comparator.comparingDouble(Laid::length)).orElseThrow();
        double buy = Math.ceil(plan.length / STEP - 1e-9) * STEP;
        Sentence numbers = Sentence.counted(pieces.size(), "one piece on a roll of {1}", "{0} pieces on a roll of {1}",
                Amount.m(roll));
        book.figure(id + ".buy", label + ", to order", buy, Quantity.RUN, "laid on the roll, up to a tenth of a metre",
                numbers, SOURCE);
        book.figure(id + ".cost", "for about", buy * price, Quantity.MONEY, "length × price", numbers,
                "assumed price of a metre");
        if (plan.seamed > 0) {
            book.note(plan.seamed == 1
                    ? "{1}: one piece is wider than the roll and has a seam."
                    : "{1}: {0} pieces are wider than the roll and have seams.", plan.seamed, label);
        }
    }

    /// Pieces on a roll; a mesh and a plain cloth may be turned.
    ///
    /// @param length of the roll that they take \[m\]
    /// @param seamed pieces that are joined of several widths
    private record Laid(double length, int seamed) {
        /// @param across whether the longer side lies across the roll, where it is wide enough for that
        static Laid of(List<WindowCloth.Piece> pieces, boolean across, double roll, BooleanSupplier stop) {
            List<double[]> all = pieces.stream().map(p -> along(p, across, roll)).toList();
            Roll plan = Roll.of(all, roll, stop);
            double joined = plan.left().stream()
                    .mapToDouble(i -> all.get(i)[0] * Math.ceil(all.get(i)[1] / roll)).sum();
            return new Laid(plan.length() + joined, plan.left().size());
        }

        private static double[] along(WindowCloth.Piece p, boolean across, double roll) {
            double longer = Math.max(p.wide(), p.high());
            double shorter = Math.min(p.wide(), p.high());
            return across && longer <= roll ? new double[]{shorter, longer} : new double[]{longer, shorter};
        }
    }
}
