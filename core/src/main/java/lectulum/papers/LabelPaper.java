package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.materials.cutting.CutPiece;
import lectulum.materials.cutting.CutStudies;
import lectulum.materials.cutting.Lot;
import lectulum.units.Style;

/// A label for every piece that is cut, in the order of the cuts, to stick on: its mark, where it goes, its size, from which stick or
/// sheet, and which way its grain runs.
record LabelPaper(List<Lot> lots, Style style, Paper paper) {
    private static final Ink INK = new Ink(0, 0, 0, 1);
    private static final double MILLIMETRE = 72 / 25.4;
    private static final double WIDE = 66 * MILLIMETRE;
    private static final double HIGH = 34 * MILLIMETRE;
    private static final double EDGE = 8 * MILLIMETRE;
    private static final double INNER = 3 * MILLIMETRE;

    /// What stands on one.
    private record Label(String mark, String where, String size, String from, boolean sheet) {
    }

    Document document() {
        List<Label> all = labels();
        List<Letters.Drawn> pages = pages(all);
        return new Document("mat-labels", Document.Kind.LIST, "Labels of all pieces",
                all.size() + " labels of 66 by 34 mm, to print on stickers or to glue on: " + pages.size()
                        + (pages.size() == 1 ? " page." : " pages."),
                List.of(new Document.Form("PDF", ".pdf", () -> Letters.sheets(paper, "Labels of all pieces", pages))));
    }

    private List<Label> labels() {
        List<Label> all = new ArrayList<>();
        for (Lot lot : lots) {
            for (int i = 0; i < lot.laid().size(); i++) {
                List<Lot.Put> puts = lot.laid().get(i).puts();
                for (int k = 0; k < puts.size(); k++) {
                    all.add(label(lot, i, k, puts.get(k)));
                }
            }
        }
        return all;
    }

    private Label label(Lot lot, int laid, int put, Lot.Put p) {
        CutPiece piece = lot.pieces().get(p.piece());
        boolean sheet = lot.ware().sheet();
        Sentence size = sheet
                ? Sentence.of("{0} × {1} × {2}", Amount.m(piece.length()), Amount.m(piece.width()),
                        Amount.sag(lot.ware().thick()))
                : Sentence.of("{0}", Amount.m(piece.length()));
        String from = (sheet ? "sheet " : "stick ") + (laid + 1) + ", piece " + (put + 1) + ", "
                + lot.ware().label().text(style);
        return new Label(sheet ? CutStudies.mark(lot, p.piece()) : (laid + 1) + "." + (put + 1), piece.where(),
                size.text(style), from, sheet);
    }

    private List<Letters.Drawn> pages(List<Label> all) {
        double[] sheet = paper.points();
        int columns = (int) Math.max(1, Math.floor((sheet[0] - EDGE) / WIDE));
        int rows = (int) Math.max(1, Math.floor((sheet[1] - 2 * EDGE) / HIGH));
        List<Letters.Drawn> pages = new ArrayList<>();
        for (int from = 0; from < all.size(); from += columns * rows) {
            List<Label> here = all.subList(from, Math.min(all.size(), from + columns * rows));
            double left = (sheet[0] - columns * WIDE) / 2;
            pages.add(s -> {
                for (int i = 0; i < here.size(); i++) {
                    paint(s, here.get(i), left + i % columns * WIDE, EDGE + i / columns * HIGH);
                }
            });
        }
        return pages;
    }

    private static void paint(Surface s, Label l, double x, double y) {
        s.stroke(new double[][]{{x, y}, {x + WIDE, y}, {x + WIDE, y + HIGH}, {x, y + HIGH}}, true,
                new Surface.Line(INK, 0.4, 3, 3));
        double in = x + INNER;
        s.text(l.mark, in, y + 18, Surface.Anchor.START, 22, true, INK);
        s.text(fitting(s, l.size, WIDE - 2 * INNER - 34, 10.5), x + WIDE - INNER, y + 16, Surface.Anchor.END, 10.5,
                true, INK);
        if (l.sheet) {
            arrow(s, x + WIDE - INNER - 34, y + 30);
        }
        s.text(fitting(s, l.where, WIDE - 2 * INNER, 9), in, y + 52, Surface.Anchor.START, 9, false, INK);
        s.text(fitting(s, l.from, WIDE - 2 * INNER, 7.5), in, y + 70, Surface.Anchor.START, 7.5, false, INK);
    }

    /// Along the first of the two sizes.
    private static void arrow(Surface s, double x, double y) {
        s.stroke(new double[][]{{x, y}, {x + 34, y}}, false, new Surface.Line(INK, 0.8));
        s.stroke(new double[][]{{x + 28, y - 3}, {x + 34, y}, {x + 28, y + 3}}, false, new Surface.Line(INK, 0.8));
        s.text("grain", x - 3, y, Surface.Anchor.END, 7, false, INK);
    }

    /// Shortened to the room there is.
    private static String fitting(Surface s, String text, double room, double size) {
        String cut = text;
        while (cut.length() > 1 && s.width(cut, size, true) > room) {
            cut = cut.substring(0, cut.offsetByCodePoints(cut.length(), -1));
        }
        return cut.equals(text) ? text : cut.substring(0, Math.max(0, cut.length() - 1)) + "…";
    }
}
