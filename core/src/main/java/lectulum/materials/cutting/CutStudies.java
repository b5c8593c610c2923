package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.workshop.HandPlan;
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
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.cutting.Sticks;
import lectulum.units.Quantity;

/// From frame, shell and furniture to sticks and sheets: what is bought at least cost and how it is cut, drawn to scale.
public final class CutStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-cut", "Cutting", Stage.MATERIALS,
            in -> of(in.design(Design.Part.SETTINGS), in.of(CutPlans.DISCIPLINE).lots()))
            .checking(CutRules.class, CutStudies::remedies);
    private static final String SOURCE = "see docs/method/materials.md";
    private static final double BETWEEN = 0.16;
    private static final double THICK = 0.09;
    private static final int LETTERS = 26;
    private static final double MILLIMETRE = 1000;
    private static final List<double[]> LARGER = List.of(new double[]{2.5, 1.25}, new double[]{3.0, 1.5},
            new double[]{3.05, 1.525});

    private CutStudies() {
    }

    static List<Study> of(Design d, List<Lot> lots) {
        if (lots.isEmpty()) {
            return List.of(new Study.Notebook("mat-cut", Stage.MATERIALS, "Cutting", "")
                    .note("Nothing is to be cut yet: members stand on Base, layers of walls on Air, boards on the cards of"
                            + " things.")
                    .done());
        }
        List<Study> all = new ArrayList<>(List.of(bought(lots)));
        int sticks = 0;
        int sheets = 0;
        for (Lot lot : lots) {
            all.add(lot.ware().sheet() ? sheets(d, lot, sheets++) : sticks(d, lot, sticks++));
        }
        return all;
    }

    private static Study bought(List<Lot> lots) {
        Study.Notebook book = new Study.Notebook("mat-buy", Stage.MATERIALS, "All that is cut", "");
        Sentence numbers = Sentence.of("{0} wares", lots.size());
        book.figure("cut.cost", "Sticks and sheets are bought for", lots.stream().mapToDouble(Lot::cost).sum(),
                Quantity.MONEY, "Σ of all wares", numbers, SOURCE);
        List<Lot> frame = lots.stream().filter(l -> !l.ware().sheet()).toList();
        if (!frame.isEmpty()) {
            book.figure("stud.cost", "Sticks among them", frame.stream().mapToDouble(Lot::cost).sum(), Quantity.MONEY,
                    "least cost of whole sticks",
                    Sentence.of("{0} pieces", frame.stream().mapToInt(l -> l.pieces().size()).sum()), SOURCE);
        }
        Listing.Maker table = new Listing.Maker("").words("Ware", "Proven").numbers("pieces", "to buy", "for",
                "becomes pieces");
        for (Lot l : lots) {
            table.row(l.ware().label(), l.proven() ? "yes" : "best found", l.pieces().size(), l.bought(),
                    Amount.money(l.cost()), Amount.share(l.yield()));
        }
        table.row("all", "–", lots.stream().mapToInt(l -> l.pieces().size()).sum(),
                lots.stream().mapToLong(Lot::bought).sum(), Amount.money(lots.stream().mapToDouble(Lot::cost).sum()),
                "–");
        return book.listing(table.done()).done();
    }

    private static Study sticks(Design d, Lot lot, int n) {
        Study.Notebook book = new Study.Notebook("mat-sticks-" + n, Stage.MATERIALS,
                lot.id().startsWith("cut.bars") ? "Bars to buy and to cut" : "Timber to buy and to cut", "");
        double keep = Assumed.value(d, Assumption.CUT_KEEP);
        Sticks.Account account = lot.account(keep);
        Sentence numbers = Sentence.of("{0} pieces", lot.pieces().size());
        book.figure(lot.id() + ".wide", "Section, wide", lot.ware().width(), Quantity.DEFLECTION, "as members say",
                numbers,
                SOURCE);
        book.figure(lot.id() + ".thick", "thick", lot.ware().thick(), Quantity.DEFLECTION, "as members say", numbers,
                SOURCE);
        figures(lot, book, numbers, "Sticks", "least cost of whole sticks",
                "sticks long enough in sum, or every cheaper purchase tried");
        book.figure(lot.id() + ".yield", "Becomes pieces", account.yield(), Quantity.SHARE, "pieces / sticks",
                Sentence.of("{0} saw, {1} kept, {2} scrap", Amount.run(account.kerf()), Amount.run(account.kept()),
                        Amount.run(account.scrap())),
                SOURCE);
        book.listing(buy(lot, Sentence.of("saw {0}", Amount.sag(lot.kerf()))));
        book.sketch(bars(lot));
        lot.laid().stream().filter(l -> lot.rest(l) >= keep && !l.source().own()).mapToDouble(lot::rest).max()
                .ifPresent(most -> book.note("The longest rest that is kept is {0}.", Amount.m(most)));
        check(lot, book, Sentence.of("The longest is {0}. A longer stick, or a splice over a stud.",
                Amount.m(lot.left().stream().mapToDouble(i -> lot.pieces().get(i).length()).max().orElse(0))));
        return book.done();
    }

    private static void figures(Lot lot, Study.Notebook book, Sentence numbers, String what, String least,
            String bound) {
        book.figure(lot.id() + ".cost", "Bought for", lot.cost(), Quantity.MONEY, least, numbers, SOURCE);
        book.figure(lot.id() + (lot.ware().sheet() ? ".count" : ".bought"), what + " to buy", lot.bought(),
                Quantity.COUNT, "count", numbers, SOURCE);
        book.figure(lot.id() + ".bound", "No plan costs less than", lot.bound(), Quantity.MONEY, bound, numbers,
                SOURCE);
        if (lot.saved().isPresent()) {
            book.figure(lot.id() + ".saved", "Saved by what is there", lot.saved().getAsDouble(), Quantity.MONEY,
                    "the plan without it − this one", numbers, SOURCE);
        }
        if (lot.free().isPresent()) {
            book.figure(lot.id() + ".free", "Without what is kept it would cost", lot.free().getAsDouble(),
                    Quantity.MONEY, "the plan without what was laid by hand", numbers, SOURCE);
        }
    }

    private static Listing buy(Lot lot, Sentence saw) {
        Map<Lot.Source, Integer> counts = new LinkedHashMap<>();
        lot.laid().forEach(l -> counts.merge(l.source(), 1, Integer::sum));
        Map<Sentence, double[]> lines = new LinkedHashMap<>();
        counts.forEach((s, count) -> {
            Sentence size = lot.ware().sheet()
                    ? Sentence.of("{0} by {1}", Amount.m(s.length()), Amount.m(s.width()))
                    : Sentence.of("{0}, {1}", lot.ware().label(), Amount.m(s.length()));
            Sentence from = s.place().isEmpty() ? size : Sentence.of("{0}; {1}", size, s.place());
            double[] line = lines.computeIfAbsent(s.own() ? Sentence.of("{0} (there)", from) : from,
                    k -> new double[]{0, s.price()});
            line[0] += count;
        });
        Listing.Maker buy = new Listing.Maker("To buy").words(lot.ware().sheet() ? "Sheet" : "Stick").numbers(
                "how many", "each", "together");
        lines.forEach((what, line) -> buy.row(what, Sentence.of("{0}", (int) line[0]), Amount.money(line[1]),
                Amount.money(line[0] * line[1])));
        buy.row(Sentence.of("all of {0}, {1}", lot.ware().label(), saw), lot.laid().size(), "–",
                Amount.money(lot.cost()));
        return buy.done();
    }

    private static void check(Lot lot, Study.Notebook book, Sentence longest) {
        Subject about = Subject.part(lot.id());
        if (!lot.left().isEmpty()) {
            book.say(CutRules.LONG, about, Severity.STOP,
                    Sentence.counted(lot.left().size(), "One piece of {1} fits nothing that can be had",
                            "{0} pieces of {1} fit nothing that can be had", lot.ware().label()),
                    longest);
        } else if (!lot.proven() && lot.pieces().stream().allMatch(p -> p.outline().isEmpty())) {
            book.say(CutRules.PROVEN, about, Severity.NOTE,
                    Sentence.of("A cheaper plan of {0} may exist", lot.ware().label()),
                    Sentence.of("This one costs {0}; none costs less than {1}.", Amount.money(lot.cost()),
                            Amount.money(lot.bound())));
        }
        long wrong = lot.laid().stream().filter(l -> l.kept() && !lot.possible(l)).count();
        if (wrong > 0) {
            book.say(CutRules.HAND, about, Severity.WARN,
                    Sentence.of("{0} laid by hand cannot be cut: {1}", wrong, lot.ware().label()),
                    Sentence.of(
                            "Pieces reach beyond it, lie nearer than the saw is wide, or no cut from edge to edge parts"
                                    + " them."));
        }
        if (lot.gone() > 0) {
            book.say(CutRules.GONE, about, Severity.NOTE,
                    Sentence.counted(lot.gone(), "One piece that was laid by hand is not wanted any more",
                            "{0} pieces that were laid by hand are not wanted any more"),
                    Sentence.of("{0}: the design has changed since.", lot.ware().label()));
        }
        if (lot.free().isPresent() && lot.cost() > lot.free().getAsDouble() + 0.005) {
            book.note("Laid by hand it costs {0} more than the best that was found.",
                    Amount.money(lot.cost() - lot.free().getAsDouble()));
        }
        small(lot, book);
        book.note(lot.proven()
                ? "Proven: no purchase that costs less holds all pieces."
                : "The best that was found.");
    }

    /// A stick or sheet that is bought for one small piece.
    private static void small(Lot lot, Study.Notebook book) {
        if (lot.laid().size() < 2) {
            return;
        }
        lot.laid().stream().filter(l -> !l.source().own() && !l.cut() && l.puts().size() == 1 && l.source().price() > 0)
                .forEach(l -> {
                    CutPiece p = lot.pieces().get(l.puts().getFirst().piece());
                    double share = lot.ware().sheet()
                            ? p.length() * p.width() / (l.source().length() * l.source().width())
                            : p.length() / l.source().length();
                    if (share < 0.25) {
                        book.note(
                                "One {0} is bought for a single piece, {1}, which takes {2} of it: an offcut, or a smaller"
                                        + " piece, saves {3}.",
                                lot.ware().sheet() ? "sheet" : "stick", p.where(),
                                Amount.share(share), Amount.money(l.source().price()));
                    }
                });
    }

    private static Sketch bars(Lot lot) {
        Sketch.Board board = new Sketch.Board("How they are cut");
        Map<String, List<Lot.Laid>> same = lot.laid().stream().collect(Collectors.groupingBy(
                l -> l.source().length() + " " + l.kept() + l.puts().stream()
                        .map(p -> Math.round(p.along() * MILLIMETRE)).toList(),
                LinkedHashMap::new, Collectors.toList()));
        double y = 0;
        for (List<Lot.Laid> l : same.values()) {
            Lot.Laid first = l.getFirst();
            board.box(Sketch.Pen.THIN, 0, y, first.source().length(), y + THICK);
            for (Lot.Put p : first.puts()) {
                board.box(first.kept() ? Sketch.Pen.MAIN : Sketch.Pen.AREA, p.x(), y, p.x() + p.along(), y + THICK);
                board.name(p.x() + p.along() / 2, y + THICK / 2, Sentence.of("{0}", Amount.m(p.along())));
            }
            board.name(-0.16, y + THICK / 2, Sentence.of("{0} ×", l.size()));
            y -= BETWEEN;
        }
        return board.done();
    }

    private static Study sheets(Design d, Lot lot, int n) {
        Study.Notebook book = new Study.Notebook("mat-sheet-" + n, Stage.MATERIALS,
                "Sheets of " + lot.ware().of().label(), "");
        Sentence numbers = Sentence.counted(lot.pieces().size(), "One panel", "{0} panels");
        book.figure(lot.id() + ".thick", "Thick", lot.ware().thick(), Quantity.LENGTH, "as walls and boards say",
                numbers, SOURCE);
        figures(lot, book, numbers, "Sheets", "least cost of whole sheets", "sheets large enough in sum");
        book.figure(lot.id() + ".yield", "Becomes panels", lot.yield(), Quantity.SHARE, "panels / sheets", numbers,
                SOURCE);
        List<String> sizes = marks(lot);
        Listing.Maker table = new Listing.Maker("Panels").words("Mark", "Where").numbers("long", "wide", "area of one",
                "how many");
        for (String size : sizes) {
            List<CutPiece> same = lot.pieces().stream().filter(p -> size(p).equals(size)).toList();
            CutPiece p = same.getFirst();
            table.row(mark(sizes.indexOf(size)),
                    same.stream().map(CutPiece::where).distinct().collect(Collectors.joining(", ")),
                    Amount.m(Math.max(p.length(), p.width())), Amount.m(Math.min(p.length(), p.width())),
                    new Amount(p.area(), Quantity.AREA), same.size());
        }
        table.row("all", lot.ware().label(), "–", "–",
                new Amount(lot.pieces().stream().mapToDouble(CutPiece::area).sum(),
                        Quantity.AREA),
                lot.pieces().size());
        book.listing(table.done());
        book.listing(buy(lot, Sentence.of("saw {0}", Amount.sag(lot.kerf()))));
        book.sketch(CutBoard.of(lot).sketch());
        double largest = lot.left().stream().mapToDouble(i -> Math.max(lot.pieces().get(i).length(),
                lot.pieces().get(i).width())).max().orElse(0);
        double wide = lot.left().stream().mapToDouble(i -> Math.min(lot.pieces().get(i).length(),
                lot.pieces().get(i).width())).max().orElse(0);
        check(lot, book, Sentence.of("The largest is {0} by {1}. A larger sheet, or a joint over a stud.",
                Amount.m(largest), Amount.m(wide)));
        return book.done();
    }

    /// Sizes that get a mark of their own, in the order of the pieces.
    static List<String> marks(Lot lot) {
        return lot.pieces().stream().map(CutStudies::size).distinct().toList();
    }

    /// The mark of a piece, as on the drawing and on its label.
    ///
    /// @param marks of its lot
    static String mark(List<String> marks, CutPiece piece) {
        return mark(marks.indexOf(size(piece)));
    }

    /// The mark of a piece of a lot, as on its drawing.
    public static String mark(Lot lot, int piece) {
        return mark(marks(lot), lot.pieces().get(piece));
    }

    private static String size(CutPiece p) {
        return Math.round(MILLIMETRE * Math.max(p.length(), p.width())) + " "
                + Math.round(MILLIMETRE * Math.min(p.length(), p.width()))
                + (p.outline().isEmpty() ? "" : " " + p.where());
    }

    /// A, B, … Z, A2, B2, …
    private static String mark(int n) {
        return (char) ('A' + n % LETTERS) + (n < LETTERS ? "" : String.valueOf(n / LETTERS + 1));
    }

    private static Stream<Remedy> remedies(Known known, CutRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case LONG -> Stream.concat(larger(d),
                    DoubleStream.of(3.6, 4.2, 4.8, 6.0, 7.3).boxed().flatMap(l -> Stream.of(Assumption.CUT_LONG,
                            Assumption.CUT_BAR).filter(a -> l > Assumed.value(d, a)).map(
                                    a -> Mend.assumed(a, l, Sentence.of(
                                            a == Assumption.CUT_BAR ? "Bars of {0}" : "Timber of {0}", Amount.m(l))))));
            // A longer search is asked for on the page: it takes its time and may find nothing.
            case PROVEN -> Stream.empty();
            case HAND, GONE -> Stream.of(new Remedy(Sentence.of("Plan them anew"), new Edit("Plans anew",
                    x -> x.with(x.workshop().withKept(x.workshop().kept().stream().filter(HandPlan::cut).toList())))));
        };
    }

    /// Sheets that are sold larger than those that are assumed.
    private static Stream<Remedy> larger(Design d) {
        double area = Assumed.value(d, Assumption.CUT_SHEET_LONG) * Assumed.value(d, Assumption.CUT_SHEET_WIDE);
        return LARGER.stream().filter(s -> s[0] * s[1] > area).map(s -> new Remedy(
                Sentence.of("Sheets of {0} by {1}", Amount.m(s[0]), Amount.m(s[1])),
                new Edit("Larger sheets", x -> x.with(x.settings().with(Assumption.CUT_SHEET_LONG.id(), s[0])
                        .with(Assumption.CUT_SHEET_WIDE.id(), s[1])))));
    }
}
