package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.cutting.Sticks;
import lectulum.kernel.joinery.Cabinet;
import lectulum.kernel.takeoff.Profile;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.framing.Yard;
import lectulum.materials.joinery.Furniture;
import lectulum.materials.skins.ShellSheets;

/// Everything that is cut, ware by ware, from what is there and what is bought at least cost.
///
/// What was laid by hand stays as it was laid; only what is left over is planned. Small pieces of sheets first go into the waste of
/// shaped ones.
final class CutPlanner {
    /// Fillings of sheets that are tried, fewer of many pieces: each looks at all that are left.
    private static final long FILLINGS = 600;
    private static final long LEAST_FILLINGS = 40;
    private static final long LOOKS = 24_000;
    private static final long DROP_FILLINGS = 60;
    private static final double LEAST_DROP = 0.06;
    private static final double SAME = 0.0006;
    private static final double CENT = 1e-6;
    /// With its settings and its stock.
    private final Design d;
    private final Runnable stillWanted;
    private final Yard yard;
    private final double effort;

    private CutPlanner(Design d, Runnable stillWanted) {
        this.d = d;
        this.stillWanted = stillWanted;
        this.yard = Yard.of(d);
        this.effort = Assumed.value(d, Assumption.CUT_EFFORT);
    }

    /// All pieces of one ware.
    record Wanted(Ware ware, List<CutPiece> pieces) {
        Wanted {
            pieces = List.copyOf(pieces);
        }
    }

    /// @param d           with its settings and its stock
    /// @param stillWanted is asked between wares and throws where nobody waits any more
    static List<Lot> of(List<Wanted> wanted, Design d, Runnable stillWanted) {
        return new CutPlanner(d, stillWanted).all(wanted);
    }

    /// What is cut, ware by ware: sticks of the frame, slats, panels of the shell, boards of furniture. Where a thing stands that is not
    /// furniture says nothing of it.
    static List<Wanted> wanted(Design d) {
        return pieces(d).entrySet().stream().map(e -> new Wanted(e.getKey(), e.getValue())).toList();
    }

    private static Map<Ware, List<CutPiece>> pieces(Design d) {
        Map<Ware, List<CutPiece>> by = new LinkedHashMap<>();
        ShellFrame frame = ShellFrame.of(d);
        for (ShellFrame.Piece p : frame.pieces()) {
            Ware ware = Ware.of(Stock.Form.STICK, p.bar().metal() ? Substance.STEEL : Substance.SOFTWOOD,
                    p.bar().width(), p.bar().depth());
            by.computeIfAbsent(ware, k -> new ArrayList<>())
                    .add(CutPiece.stick(p.face().label() + ", " + p.what(), p.length()));
        }
        List<Furniture> furniture = Furniture.of(d);
        for (Furniture f : furniture) {
            f.slats().forEach(s -> {
                Ware ware = Ware.of(Stock.Form.STICK, Substance.SOFTWOOD, s.wide(), s.thick());
                for (int i = 0; i < s.count(); i++) {
                    by.computeIfAbsent(ware, k -> new ArrayList<>())
                            .add(CutPiece.stick(f.thing().name() + ", " + s.what(), s.length()));
                }
            });
        }
        Ware strut = Ware.of(Stock.Form.STICK, Substance.STEEL, Cabinet.STRUT, Cabinet.STRUT);
        furniture.forEach(f -> f.cabinet().bars().forEach(x -> by.computeIfAbsent(strut, k -> new ArrayList<>())
                .add(CutPiece.stick(f.thing().name() + ", " + x.what(), x.length()))));
        double sheetLong = Assumed.value(d, Assumption.CUT_SHEET_LONG);
        double sheetWide = Assumed.value(d, Assumption.CUT_SHEET_WIDE);
        ShellSheets.of(d, Math.max(sheetLong, sheetWide), Math.min(sheetLong, sheetWide)).panels()
                .forEach(p -> by.computeIfAbsent(Ware.of(Stock.Form.SHEET, p.substance(), 0, p.thick()),
                        k -> new ArrayList<>())
                        .add(new CutPiece(p.side(), p.width(), p.height(), true, p.outline(), p.holes())));
        boolean turns = Assumed.value(d, Assumption.CUT_GRAIN) < 0.5;
        frame.ribs().forEach(r -> by.computeIfAbsent(Ware.of(Stock.Form.SHEET, Substance.PLYWOOD, 0, r.thick()),
                k -> new ArrayList<>())
                .add(new CutPiece("rib of the hatch", reach(r.blank(), 0), reach(r.blank(), 1), true, r.blank(),
                        List.of())));
        for (Furniture f : furniture) {
            if (f.built().board() != Substance.NONE) {
                f.cabinet().boards().forEach(b -> by
                        .computeIfAbsent(Ware.of(Stock.Form.SHEET, f.built().board(), 0, b.thick()),
                                k -> new ArrayList<>())
                        .add(piece(f, b, turns)));
            }
        }
        return by;
    }

    private static CutPiece piece(Furniture f, Cabinet.Board b, boolean turns) {
        String where = f.thing().name() + ", " + b.what();
        if (b.outline().isEmpty()) {
            return new CutPiece(where, b.length(), b.wide(), turns, List.of(), List.of());
        }
        double x = b.outline().stream().mapToDouble(p -> p[0]).min().orElse(0);
        double y = b.outline().stream().mapToDouble(p -> p[1]).min().orElse(0);
        List<double[]> outline = b.outline().stream().map(p -> new double[]{p[0] - x, p[1] - y}).toList();
        return new CutPiece(where, reach(outline, 0), reach(outline, 1), turns, outline, List.of());
    }

    private static double reach(List<double[]> outline, int along) {
        return outline.stream().mapToDouble(p -> p[along]).max().orElse(0);
    }

    private List<Lot> all(List<Wanted> wanted) {
        List<Lot> lots = new ArrayList<>();
        Map<String, Integer> named = new LinkedHashMap<>();
        int sheets = 0;
        for (Wanted w : wanted) {
            stillWanted.run();
            Ware ware = w.ware;
            String kind = ware.of() == Substance.STEEL ? "cut.bars" : "cut.timber";
            String id = ware.sheet() ? "cut.sheets." + sheets++ : kind;
            if (!ware.sheet() && named.merge(kind, 1, Integer::sum) > 1) {
                id = kind + "." + (named.values().stream().mapToInt(x -> x).sum() - 1);
            }
            lots.add(lot(id, ware, w.pieces));
        }
        return lots;
    }

    private boolean given(Ware ware) {
        return d.workshop().stock().stream().anyMatch(s -> !s.own() && ware.is(s));
    }

    /// What can be had of a ware: the user's own list where it has some, otherwise the usual sizes.
    private List<Lot.Source> sources(Ware ware) {
        List<Lot.Source> all = new ArrayList<>();
        d.workshop().stock().stream().filter(ware::is).forEach(s -> all.add(new Lot.Source(s.id(),
                ware.sheet() ? Math.max(s.length(), s.width()) : s.length(),
                ware.sheet() ? Math.min(s.length(), s.width()) : 0, s.own() ? 0 : s.price(), s.available(), s.own(),
                s.place())));
        if (!given(ware)) {
            usual(ware).forEach(all::add);
        }
        return all;
    }

    private List<Lot.Source> usual(Ware ware) {
        if (ware.sheet()) {
            double a = Assumed.value(d, Assumption.CUT_SHEET_LONG);
            double b = Assumed.value(d, Assumption.CUT_SHEET_WIDE);
            return List.of(
                    new Lot.Source("", Math.max(a, b), Math.min(a, b), price(ware, a * b), Sheets.ENDLESS, false, ""));
        }
        List<Double> lengths = ware.of() == Substance.STEEL ? List.of(yard.bar()) : yard.timber();
        return lengths.stream().map(l -> new Lot.Source("", l, 0, price(ware, l), Sticks.ENDLESS, false, "")).toList();
    }

    /// To the cent.
    private double price(Ware ware, double size) {
        double exact;
        if (ware.sheet()) {
            exact = size * ware.thick() * Substances.of(ware.of()).price();
        } else if (ware.strut()) {
            exact = size * Assumed.value(d, Assumption.JOINT_STRUT_PRICE);
        } else if (ware.of() == Substance.STEEL) {
            double wall = Math.min(Assumed.value(d, Assumption.STUD_WALL), 0.49 * Math.min(ware.width(), ware.thick()));
            exact = size * Profile.tube(ware.width(), ware.thick(), wall) * Profile.STEEL
                    * Assumed.value(d, Assumption.STUD_METAL);
        } else {
            exact = size * ware.width() * ware.thick() * Assumed.value(d, Assumption.STUD_TIMBER);
        }
        return Math.round(100 * exact) / 100.0;
    }

    private Lot lot(String id, Ware ware, List<CutPiece> pieces) {
        double kerf = ware.sheet() ? Assumed.value(d, Assumption.CUT_SAW) : yard.kerf();
        double trim = ware.sheet() ? Assumed.value(d, Assumption.CUT_EDGE) : yard.trim();
        List<Lot.Source> sources = sources(ware);
        List<Integer> open = new ArrayList<>(IntStream.range(0, pieces.size()).boxed().toList());
        List<Lot.Laid> laid = new ArrayList<>();
        int[] used = new int[sources.size()];
        int gone = 0;
        for (HandPlan h : d.workshop().kept()) {
            if (ware.is(h)) {
                int from = open.size();
                Lot.Laid l = kept(ware, h, pieces, open, sources, used, trim, kerf);
                gone += h.pieces().size() - (from - open.size());
                laid.add(l);
            }
        }
        List<Lot.Source> rest = new ArrayList<>();
        for (int i = 0; i < sources.size(); i++) {
            Lot.Source s = sources.get(i);
            rest.add(new Lot.Source(s.stock(), s.length(), s.width(), s.price(), Math.max(0, s.available() - used[i]),
                    s.own(),
                    s.place()));
        }
        Planned planned = planned(ware, pieces, open, rest, kerf, trim);
        double before = laid.stream().mapToDouble(l -> l.source().price()).sum();
        OptionalDouble free = laid.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(planned(ware, pieces, IntStream.range(0, pieces.size()).boxed().toList(), sources,
                        kerf, trim).cost);
        laid.addAll(planned.laid);
        double cost = before + planned.cost;
        OptionalDouble saved = OptionalDouble.empty();
        if (laid.stream().anyMatch(l -> l.source().own())) {
            Planned without = planned(ware, pieces, IntStream.range(0, pieces.size()).boxed().toList(),
                    sources.stream().filter(s -> !s.own()).toList(), kerf, trim);
            saved = without.left.size() > planned.left.size()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(without.cost - cost);
        }
        return new Lot(id, ware, pieces, laid, planned.left, gone, cost, before + planned.bound, planned.proven, free,
                saved, kerf, trim);
    }

    /// What was laid by hand, as far as the design still wants it.
    private Lot.Laid kept(Ware ware, HandPlan h, List<CutPiece> pieces, List<Integer> open, List<Lot.Source> sources,
            int[] used, double trim, double kerf) {
        double length = ware.sheet() ? Math.max(h.length(), h.width()) : h.length();
        double width = ware.sheet() ? Math.min(h.length(), h.width()) : 0;
        int which = IntStream.range(0, sources.size()).filter(i -> sources.get(i).own() == h.own()
                && Math.abs(sources.get(i).length() - length) < SAME && Math.abs(sources.get(i).width() - width) < SAME
                && used[i] < sources.get(i).available()).findFirst().orElse(-1);
        if (which >= 0) {
            used[which]++;
        }
        Lot.Source source = which >= 0
                ? sources.get(which)
                : new Lot.Source("", length, width, h.own() ? 0 : price(ware, ware.sheet() ? length * width : length),
                        1,
                        h.own(), "");
        List<Lot.Put> puts = new ArrayList<>();
        double x = trim;
        for (HandPlan.Laid l : h.pieces()) {
            int found = open.stream().filter(i -> same(ware, pieces.get(i), l)).findFirst().orElse(-1);
            if (found >= 0) {
                open.remove(Integer.valueOf(found));
                puts.add(new Lot.Put(found, ware.sheet() ? l.x() : x, l.y(), l.along(), ware.sheet() ? l.across() : 0,
                        -1));
                x += l.along() + kerf;
            }
        }
        return new Lot.Laid(source, true, h.cut(), puts.stream().map(p -> inside(p, puts, pieces)).toList());
    }

    /// A piece that lies in the box about a shaped one is cut from its waste.
    private static Lot.Put inside(Lot.Put p, List<Lot.Put> puts, List<CutPiece> pieces) {
        return puts.stream().filter(h -> h != p && (!pieces.get(h.piece()).outline().isEmpty()
                || !pieces.get(h.piece()).holes().isEmpty()) && p.x() >= h.x() - CENT && p.y() >= h.y() - CENT
                && p.x() + p.along() <= h.x() + h.along() + CENT && p.y() + p.across() <= h.y() + h.across() + CENT)
                .findFirst().map(h -> new Lot.Put(p.piece(), p.x(), p.y(), p.along(), p.across(), h.piece()))
                .orElse(p);
    }

    private static boolean same(Ware ware, CutPiece p, HandPlan.Laid l) {
        boolean straight = Math.abs(p.length() - l.along()) < SAME;
        if (!ware.sheet()) {
            return straight;
        }
        return straight && Math.abs(p.width() - l.across()) < SAME || p.turns()
                && Math.abs(p.length() - l.across()) < SAME && Math.abs(p.width() - l.along()) < SAME;
    }

    /// What was found for the pieces that are not laid yet.
    private record Planned(List<Lot.Laid> laid, List<Integer> left, double cost, double bound, boolean proven) {
    }

    private Planned planned(Ware ware, List<CutPiece> pieces, List<Integer> open, List<Lot.Source> sources,
            double kerf, double trim) {
        return ware.sheet() ? sheets(pieces, open, sources, kerf, trim) : sticks(pieces, open, sources, kerf, trim);
    }

    private Planned sticks(List<CutPiece> pieces, List<Integer> open, List<Lot.Source> sources, double kerf,
            double trim) {
        List<Sticks.Stock> stocks = IntStream.range(0, sources.size()).mapToObj(i -> new Sticks.Stock(String.valueOf(i),
                sources.get(i).length(), sources.get(i).price(), sources.get(i).available())).toList();
        Sticks.Plan plan = Sticks.of(open.stream().map(i -> pieces.get(i).length()).toList(), stocks, kerf, trim,
                Math.round(Yard.SEARCHED * effort), () -> false);
        List<Lot.Laid> laid = new ArrayList<>();
        for (Sticks.Cut c : plan.cuts()) {
            List<Lot.Put> puts = new ArrayList<>();
            double x = trim;
            for (int i : c.pieces()) {
                int piece = open.get(i);
                puts.add(new Lot.Put(piece, x, 0, pieces.get(piece).length(), 0, -1));
                x += pieces.get(piece).length() + kerf;
            }
            laid.add(new Lot.Laid(sources.get(Integer.parseInt(c.stock().id())), false, false, puts));
        }
        return new Planned(laid, plan.left().stream().map(open::get).toList(), plan.cost(), plan.bound(),
                plan.proven());
    }

    private Planned sheets(List<CutPiece> pieces, List<Integer> open, List<Lot.Source> sources, double kerf,
            double trim) {
        BooleanSupplier stop = () -> {
            stillWanted.run();
            return false;
        };
        Map<Integer, List<Lot.Put>> inside = nested(pieces, open, kerf, stop);
        List<Integer> small = inside.values().stream().flatMap(l -> l.stream().map(Lot.Put::piece)).toList();
        List<Integer> rest = open.stream().filter(i -> !small.contains(i)).toList();
        List<Sheets.Sheet> kinds = IntStream.range(0, sources.size()).mapToObj(i -> new Sheets.Sheet(String.valueOf(i),
                sources.get(i).length(), sources.get(i).width(), sources.get(i).price(), sources.get(i).available()))
                .toList();
        Sheets.Plan plan = Sheets.of(rest.stream().map(i -> rectangle(pieces.get(i))).toList(), kinds, kerf, trim,
                new Sheets.Effort(1, Math.round(effort
                        * Math.clamp(LOOKS / Math.max(1, rest.size()), LEAST_FILLINGS, FILLINGS)), stop));
        List<Lot.Laid> laid = new ArrayList<>();
        for (Sheets.Cut c : plan.cuts()) {
            List<Lot.Put> puts = new ArrayList<>();
            for (Sheets.Placed p : c.pieces()) {
                int host = rest.get(p.piece());
                CutPiece piece = pieces.get(host);
                boolean turned = Math.abs(p.width() - piece.length()) > CENT;
                puts.add(new Lot.Put(host, p.x(), p.y(), p.width(), p.height(), -1));
                inside.getOrDefault(host, List.of()).forEach(q -> puts.add(turned
                        ? new Lot.Put(q.piece(), p.x() + piece.width() - q.y() - q.across(), p.y() + q.x(), q.across(),
                                q.along(), host)
                        : new Lot.Put(q.piece(), p.x() + q.x(), p.y() + q.y(), q.along(), q.across(), host)));
            }
            laid.add(new Lot.Laid(sources.get(Integer.parseInt(c.sheet().id())), false, false, puts));
        }
        List<Integer> left = new ArrayList<>(plan.left().stream().map(rest::get).toList());
        left.stream().toList().forEach(host -> inside.getOrDefault(host, List.of()).forEach(q -> left.add(q.piece())));
        List<Integer> cut = open.stream().filter(i -> !left.contains(i)).toList();
        boolean shaped = cut.stream().anyMatch(i -> !pieces.get(i).outline().isEmpty()
                || !pieces.get(i).holes().isEmpty());
        double bound = shaped ? bound(pieces, cut, sources, trim) : plan.bound();
        return new Planned(laid, left, plan.cost(), Math.min(bound, plan.cost()),
                shaped ? plan.cost() <= bound + CENT : plan.proven());
    }

    private static Sheets.Piece rectangle(CutPiece p) {
        return new Sheets.Piece(p.length(), p.width(), p.turns());
    }

    /// What sheets cost at least whose area is that of the pieces, by their true shapes: they may lie in one another's waste.
    private static double bound(List<CutPiece> pieces, List<Integer> open, List<Lot.Source> sources, double trim) {
        double area = open.stream().mapToDouble(i -> pieces.get(i).area()).sum()
                - sources.stream().filter(s -> s.price() <= 0 && s.available() > 0)
                        .mapToDouble(s -> s.available() * clear(s, trim)).sum();
        List<Lot.Source> bought = sources.stream().filter(s -> s.price() > 0 && s.available() > 0).toList();
        if (area <= 0 || bought.isEmpty()) {
            return 0;
        }
        if (bought.size() == 1) {
            return Math.ceil(area / clear(bought.getFirst(), trim) - CENT) * bought.getFirst().price();
        }
        return bought.stream().mapToDouble(s -> area * s.price() / clear(s, trim)).min().orElse(0);
    }

    private static double clear(Lot.Source s, double trim) {
        return Math.max(CENT, (s.length() - 2 * trim) * (s.width() - 2 * trim));
    }

    /// Small pieces in the waste of shaped ones, largest waste first.
    private static Map<Integer, List<Lot.Put>> nested(List<CutPiece> pieces, List<Integer> open, double kerf,
            BooleanSupplier stop) {
        Map<Integer, List<Lot.Put>> inside = new LinkedHashMap<>();
        List<Integer> small = new ArrayList<>(open.stream().filter(i -> pieces.get(i).outline().isEmpty()
                && pieces.get(i).holes().isEmpty()).toList());
        for (int host : open) {
            for (double[] drop : pieces.get(host).drops(kerf, LEAST_DROP)) {
                List<Integer> fits = small.stream().filter(i -> fits(pieces.get(i), drop)).toList();
                if (fits.isEmpty()) {
                    continue;
                }
                Sheets.Plan plan = Sheets.of(fits.stream().map(i -> rectangle(pieces.get(i))).toList(),
                        List.of(new Sheets.Sheet("waste", drop[2], drop[3], 0, 1)), kerf, 0,
                        new Sheets.Effort(1, DROP_FILLINGS, stop));
                for (Sheets.Cut c : plan.cuts()) {
                    for (Sheets.Placed p : c.pieces()) {
                        int piece = fits.get(p.piece());
                        inside.computeIfAbsent(host, k -> new ArrayList<>()).add(new Lot.Put(piece, drop[0] + p.x(),
                                drop[1] + p.y(), p.width(), p.height(), host));
                        small.remove(Integer.valueOf(piece));
                    }
                }
            }
        }
        return inside;
    }

    private static boolean fits(CutPiece p, double[] drop) {
        return p.length() <= drop[2] && p.width() <= drop[3]
                || p.turns() && p.width() <= drop[2] && p.length() <= drop[3];
    }
}
