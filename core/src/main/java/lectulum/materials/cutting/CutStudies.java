package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
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
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.cutting.Sticks;
import lectulum.materials.framing.StickStudies;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.framing.Yard;
import lectulum.materials.skins.ShellSheets;
import lectulum.units.Quantity;

/// From the frame and the panels to sticks and sheets: what is bought at least cost and how it is cut, drawn to scale.
public final class CutStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-cut", "Cutting", Stage.MATERIALS,
            in -> of(in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE, Design.Part.SETTINGS),
                    in::stillWanted))
            .checking(CutRules.class, CutStudies::remedies);
    private static final String SOURCE = "see docs/method/materials.md";
    private static final long FILLINGS = 600;
    private static final double BETWEEN = 0.16;
    private static final double THICK = 0.09;
    private static final int LETTERS = 26;

    private CutStudies() {
    }

    static List<Study> of(Design d, Runnable stillWanted) {
        ShellFrame f = ShellFrame.of(d);
        Yard yard = Yard.of(d);
        List<Study> all = new ArrayList<>();
        double cost = 0;
        for (ShellFrame.Bar bar : f.bars()) {
            stillWanted.run();
            Sticks.Plan plan = yard.plan(f, bar);
            cost += plan.cost();
            all.add(sticks(f, bar, yard, plan));
        }
        if (!all.isEmpty()) {
            all.addFirst(new Study.Notebook("mat-buy", Stage.MATERIALS, "Sticks of the frame", "")
                    .figure("stud.cost", "Bought at least cost for", cost, Quantity.MONEY, "least cost of whole sticks",
                            Sentence.of("{0} sticks", f.pieces().size()), SOURCE)
                    .done());
        }
        sheets(d, stillWanted, all);
        if (all.isEmpty()) {
            all.add(new Study.Notebook("mat-cut", Stage.MATERIALS, "Cutting", "")
                    .note("Nothing is to be cut yet: members stand on Base, layers of walls on Air.").done());
        }
        return all;
    }

    private static Study sticks(ShellFrame f, ShellFrame.Bar bar, Yard yard, Sticks.Plan plan) {
        int n = f.bars().indexOf(bar);
        List<ShellFrame.Piece> pieces = f.of(bar);
        List<Double> lengths = pieces.stream().map(ShellFrame.Piece::length).toList();
        List<Sticks.Stock> stocks = yard.sticks(bar);
        Study.Notebook book = new Study.Notebook("mat-sticks-" + n, Stage.MATERIALS,
                bar.metal() ? "Bars to buy and to cut" : "Timber to buy and to cut", "");
        Sticks.Account account = Sticks.account(plan.cuts(), lengths, yard.kerf(), yard.trim(), yard.keep());
        String id = bar.metal() ? "cut.bars" : "cut.timber";
        id = f.bars().stream().filter(b -> b.metal() == bar.metal()).toList().indexOf(bar) == 0 ? id : id + "." + n;
        Sentence numbers = Sentence.of("{0} pieces", pieces.size());
        book.figure(id + ".cost", "Bought for", plan.cost(), Quantity.MONEY, "least cost of whole sticks", numbers,
                SOURCE);
        book.figure(id + ".bought", "Sticks", plan.bought(), Quantity.COUNT, "count", numbers, SOURCE);
        book.figure(id + ".bound", "No plan costs less than", plan.bound(), Quantity.MONEY,
                "sticks long enough in sum, or every cheaper purchase tried", numbers, SOURCE);
        book.figure(id + ".yield", "Becomes pieces", account.yield(), Quantity.SHARE, "pieces / sticks",
                Sentence.of("{0} saw, {1} kept, {2} scrap", Amount.run(account.kerf()), Amount.run(account.kept()),
                        Amount.run(account.scrap())),
                SOURCE);
        Listing.Maker buy = new Listing.Maker("To buy").words("Stick").numbers("how many", "each", "together");
        for (Sticks.Stock s : stocks) {
            long count = plan.cuts().stream().filter(c -> c.stock().equals(s)).count();
            if (count > 0) {
                buy.row(Sentence.of("{0}, {1}", StickStudies.section(bar), Amount.m(s.length())), count,
                        Amount.money(s.price()), Amount.money(count * s.price()));
            }
        }
        buy.row(Sentence.of("all of {0}, saw {1}", StickStudies.section(bar), Amount.sag(yard.kerf())),
                plan.cuts().size(), "–",
                Amount.money(plan.cost()));
        book.listing(buy.done());
        book.sketch(bars(plan, lengths, yard));
        if (!plan.left().isEmpty()) {
            double longest = plan.left().stream().mapToDouble(lengths::get).max().orElse(0);
            book.say(CutRules.LONG, Severity.STOP,
                    Sentence.of("{0} of {1} are longer than every stick", plan.left().size(),
                            StickStudies.section(bar)),
                    Sentence.of("The longest is {0}. A longer stick, or a splice over a stud.", Amount.m(longest)));
        } else if (!plan.proven()) {
            book.say(CutRules.PROVEN, Severity.NOTE,
                    Sentence.of("A cheaper plan of {0} may exist", StickStudies.section(bar)),
                    Sentence.of("This one costs {0}; none costs less than {1}.", Amount.money(plan.cost()),
                            Amount.money(plan.bound())));
        }
        return book.note(plan.proven()
                ? "Proven: no purchase that costs less holds all pieces."
                : "The best that was found.").done();
    }

    private static Sketch bars(Sticks.Plan plan, List<Double> lengths, Yard yard) {
        Sketch.Board board = new Sketch.Board("How they are cut");
        Map<String, Integer> same = new LinkedHashMap<>();
        Map<String, Sticks.Cut> first = new LinkedHashMap<>();
        for (Sticks.Cut c : plan.cuts()) {
            String key = c.stock().id() + c.pieces().stream().map(i -> Math.round(lengths.get(i) * 1000)).toList();
            same.merge(key, 1, Integer::sum);
            first.putIfAbsent(key, c);
        }
        double y = 0;
        for (Map.Entry<String, Sticks.Cut> e : first.entrySet()) {
            Sticks.Cut c = e.getValue();
            board.box(Sketch.Pen.THIN, 0, y, c.stock().length(), y + THICK);
            double x = yard.trim();
            for (int i : c.pieces()) {
                double l = lengths.get(i);
                board.box(Sketch.Pen.AREA, x, y, x + l, y + THICK);
                board.name(x + l / 2, y + THICK / 2, Sentence.of("{0}", Amount.m(l)));
                x += l + yard.kerf();
            }
            board.name(-0.16, y + THICK / 2, Sentence.of("{0} ×", same.get(e.getKey())));
            y -= BETWEEN;
        }
        return board.done();
    }

    private static void sheets(Design d, Runnable stillWanted, List<Study> all) {
        double sheetLong = Assumed.value(d, Assumption.CUT_SHEET_LONG);
        double sheetWide = Assumed.value(d, Assumption.CUT_SHEET_WIDE);
        ShellSheets shell = ShellSheets.of(d, Math.max(sheetLong, sheetWide), Math.min(sheetLong, sheetWide));
        Map<String, List<ShellSheets.Panel>> by = new LinkedHashMap<>();
        shell.panels().forEach(p -> by.computeIfAbsent(p.substance() + " " + p.thick(), k -> new ArrayList<>()).add(p));
        int n = 0;
        for (List<ShellSheets.Panel> panels : by.values()) {
            stillWanted.run();
            all.add(sheets(d, panels, Math.max(sheetLong, sheetWide), Math.min(sheetLong, sheetWide), n++));
        }
    }

    private static Study sheets(Design d, List<ShellSheets.Panel> panels, double sheetLong, double sheetWide, int n) {
        ShellSheets.Panel of = panels.getFirst();
        double kerf = Assumed.value(d, Assumption.CUT_SAW);
        double price = Math.round(100 * sheetLong * sheetWide * of.thick() * Substances.of(of.substance()).price())
                / 100.0;
        Sheets.Plan plan = Sheets.of(panels.stream().map(p -> new Sheets.Piece(p.width(), p.height(), true)).toList(),
                List.of(new Sheets.Sheet("sheet", sheetLong, sheetWide, price, Sheets.ENDLESS)), kerf, 0,
                new Sheets.Effort(1, FILLINGS, () -> false));
        Study.Notebook book = new Study.Notebook("mat-sheet-" + n, Stage.MATERIALS,
                "Sheets of " + of.substance().label(), "");
        Sentence numbers = Sentence.of("{0} panels", panels.size());
        double area = panels.stream().mapToDouble(p -> p.width() * p.height()).sum();
        String id = "cut.sheets." + n;
        book.figure(id + ".thick", "Thick", of.thick(), Quantity.LENGTH, "as Air says", numbers, SOURCE);
        book.figure(id + ".count", "Sheets to buy", plan.cuts().size(), Quantity.COUNT, "cut edge to edge", numbers,
                SOURCE);
        book.figure(id + ".cost", "for about", plan.cost(), Quantity.MONEY, "sheets × price",
                Sentence.of("{0} a sheet", Amount.money(price)), "assumed price of a cubic metre");
        book.figure(id + ".yield", "Becomes panels",
                plan.cuts().isEmpty() ? 0 : area / (plan.cuts().size() * sheetLong * sheetWide), Quantity.SHARE,
                "panels / sheets", numbers, SOURCE);
        List<String> sizes = panels.stream().map(CutStudies::size).distinct().toList();
        Listing.Maker table = new Listing.Maker("Panels").words("Mark", "Where").numbers("long", "wide", "how many");
        for (String size : sizes) {
            List<ShellSheets.Panel> same = panels.stream().filter(p -> size(p).equals(size)).toList();
            ShellSheets.Panel p = same.getFirst();
            table.row(mark(sizes.indexOf(size)),
                    String.join(", ", same.stream().map(ShellSheets.Panel::side).distinct().toList()),
                    Amount.m(Math.max(p.width(), p.height())), Amount.m(Math.min(p.width(), p.height())), same.size());
        }
        table.row("all", Sentence.of("{0}, sheets of {1} by {2}", of.substance().label(), Amount.m(sheetLong),
                Amount.m(sheetWide)), "–", "–", panels.size());
        book.listing(table.done());
        book.sketch(drawn(plan, panels, sizes));
        if (!plan.left().isEmpty()) {
            book.note("{0} panels are larger than a sheet.", plan.left().size());
        }
        return book.note(plan.proven()
                ? "Proven: fewer sheets do not hold all panels."
                : "The best that was found; openings are cut from the panels, and what falls out is kept.").done();
    }

    private static String size(ShellSheets.Panel p) {
        return Math.round(1000 * Math.max(p.width(), p.height())) + " "
                + Math.round(1000 * Math.min(p.width(), p.height()));
    }

    /// A, B, … Z, A2, B2, …
    private static String mark(int n) {
        return (char) ('A' + n % LETTERS) + (n < LETTERS ? "" : String.valueOf(n / LETTERS + 1));
    }

    private static Sketch drawn(Sheets.Plan plan, List<ShellSheets.Panel> panels, List<String> sizes) {
        Sketch.Board board = new Sketch.Board("How they are cut");
        int columns = plan.cuts().size() > 6 ? 4 : 3;
        for (int i = 0; i < plan.cuts().size(); i++) {
            Sheets.Cut c = plan.cuts().get(i);
            double x = i % columns * (c.sheet().width() + 0.15);
            double y = -(i / columns) * (c.sheet().height() + 0.15);
            board.box(Sketch.Pen.THIN, x, y, x + c.sheet().width(), y + c.sheet().height());
            for (Sheets.Placed p : c.pieces()) {
                board.box(Sketch.Pen.AREA, x + p.x(), y + p.y(), x + p.x() + p.width(), y + p.y() + p.height());
                board.name(x + p.x() + p.width() / 2, y + p.y() + p.height() / 2,
                        Sentence.of("{0}", mark(sizes.indexOf(size(panels.get(p.piece()))))));
            }
        }
        return board.done();
    }

    private static Stream<Remedy> remedies(Known known, CutRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case LONG -> DoubleStream.of(3.6, 4.2, 4.8, 6.0, 7.3).boxed().flatMap(l -> Stream.of(Assumption.CUT_LONG,
                    Assumption.CUT_BAR).filter(a -> l > Assumed.value(d, a)).map(
                            a -> Mend.assumed(a, l, Sentence.of(
                                    a == Assumption.CUT_BAR ? "Bars of {0}" : "Timber of {0}", Amount.m(l)))));
            case PROVEN -> Stream.empty();
        };
    }
}
