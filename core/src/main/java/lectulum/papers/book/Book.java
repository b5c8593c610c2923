package lectulum.papers.book;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.figures.drawing.Surface;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.papers.Paper;
import lectulum.papers.SketchPaper;
import lectulum.units.Style;

/// A book as pages: a cover, contents, chapters, an index of all things, and page numbers.
///
/// Laid out once, from above downwards; what does not fit goes on the next page, heads of tables are repeated there, and a heading never
/// stands alone at the foot of a page.
public final class Book {
    private static final double LINE = 13;
    private static final double SIZE = 9.5;
    private static final double SMALL = 8.5;
    private static final double GAP = 6;
    private static final double CELL = 5;
    private static final double KEEP = 70;
    private static final double TALLEST = 330;
    private static final double DRAWN = 760;
    private static final Ink INK = new Ink(0.12, 0.18, 0.22, 1);
    private static final Ink FAINT = new Ink(0.36, 0.41, 0.44, 1);
    private static final Ink RULE = new Ink(0.78, 0.74, 0.67, 1);
    private static final Ink ACCENT = new Ink(0.71, 0.27, 0.18, 1);
    private static final Ink WHITE = new Ink(1, 1, 1, 1);
    private static final Ink GROUND = new Ink(0xF4 / 255.0, 0xF1 / 255.0, 0xEA / 255.0, 1);

    /// How the cover looks.
    public enum Cover {
        PLAIN("plain"), DRAWN("with the camper on it"), NONE("none");

        private final String label;

        Cover(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private final Sheets sheets;
    private final Plates plates;
    private final Style style;
    private final Map<String, String> names;
    private final Map<String, Set<Integer>> index = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
    private final List<Entry> contents = new ArrayList<>();
    private double y;

    /// A line of the contents.
    private record Entry(String text, int page, boolean chapter) {
    }

    private Book(Sheets sheets, Plates plates, Style style, List<Thing> things) {
        this.sheets = sheets;
        this.plates = plates;
        this.style = style;
        this.names = things.stream().map(Thing::name).filter(n -> n.length() > 2)
                .collect(Collectors.toMap(n -> n, n -> n, (a, b) -> a, LinkedHashMap::new));
    }

    /// A book as a PDF.
    ///
    /// @param project what the camper is called
    /// @param date    that stands on the cover, as ISO; empty for none
    public static byte[] pdf(String project, Analysis analysis, Edition edition, Cover cover, Paper paper, Style style,
            Plates plates, String date) throws IOException {
        List<Chapter> chapters = Chapters.of(analysis.whole(), edition, plates);
        try (Sheets sheets = new Sheets(paper, project + ", " + edition.label())) {
            Book book = new Book(sheets, plates, style, analysis.design().things());
            book.write(project, edition, edition.leaflet() ? Cover.NONE : cover, chapters, date);
            return sheets.bytes();
        }
    }

    private void write(String project, Edition edition, Cover cover, List<Chapter> chapters, String date)
            throws IOException {
        if (cover != Cover.NONE) {
            sheets.turn();
            cover(project, edition, cover == Cover.DRAWN, date);
        }
        int lines = chapters.stream().mapToInt(c -> 1 + headings(c)).sum();
        int first = sheets.count();
        if (!edition.leaflet()) {
            for (int i = 0; i < Math.ceilDiv(lines + 4, perPage()); i++) {
                sheets.turn();
            }
        }
        for (Chapter c : chapters) {
            chapter(c, edition.leaflet());
        }
        if (chapters.isEmpty()) {
            turn();
            text("Nothing is drawn, listed or written of this yet.", sheets.left(), SIZE, false, FAINT);
        }
        if (!edition.leaflet() && !index.isEmpty()) {
            index();
        }
        if (!edition.leaflet()) {
            contents(first);
        }
        for (int p = cover == Cover.NONE ? 0 : 1; p < sheets.count(); p++) {
            foot(sheets.on(p), project + " · " + edition.label(), p + 1);
        }
    }

    private static int headings(Chapter c) {
        return (int) c.blocks().stream().filter(Chapter.Heading.class::isInstance).count();
    }

    private int perPage() {
        return (int) ((sheets.bottom() - sheets.top()) / LINE);
    }

    private void cover(String project, Edition edition, boolean drawn, String date) throws IOException {
        Surface s = sheets.surface();
        double w = sheets.width();
        double h = sheets.height();
        Plates.Plate portrait = plates.portrait();
        Ink on = INK;
        if (drawn) {
            s.fill(box(0, 0, w, h), INK);
            s.fill(box(0, 0.30 * h, w, 0.42 * h), GROUND);
            on = WHITE;
            double k = Math.min((w - 80) / portrait.width(), 0.36 * h / portrait.height());
            sheets.drawn(portrait, (w - k * portrait.width()) / 2, 0.51 * h - k * portrait.height() / 2, k);
            s.fill(box(40, 0.30 * h - 6, 90, 6), ACCENT);
        } else {
            s.stroke(new double[][]{{40, 96}, {w - 40, 96}}, false, new Surface.Line(RULE, 1));
        }
        s.text(fitted(s, project, w - 80, 34, true), 40, drawn ? 0.17 * h : 66, Anchor.START, 34, true, on);
        s.text(edition.label(), 40, drawn ? 0.22 * h : 118, Anchor.START, 15, false, on);
        String foot = date.isBlank()
                ? "Masses and money are estimates; ratings of axle, tyres and hitch always win."
                : date
                        + " · masses and money are estimates; ratings of axle, tyres and hitch always win.";
        s.text(foot, 40, h - 48, Anchor.START, SMALL, false, drawn ? WHITE : FAINT);
    }

    private static double[][] box(double x, double y, double w, double h) {
        return new double[][]{{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}};
    }

    private void turn() throws IOException {
        sheets.turn();
        y = sheets.top();
    }

    /// Begins a new page where there is no room.
    private void room(double wanted) throws IOException {
        if (y + wanted > sheets.bottom()) {
            turn();
        }
    }

    private void chapter(Chapter c, boolean leaflet) throws IOException {
        turn();
        contents.add(new Entry(c.title(), sheets.count(), true));
        sheets.surface().text(c.title(), sheets.left(), y + 6, Anchor.START, leaflet ? 16 : 20, true, INK);
        y += 24;
        rule(sheets.left(), sheets.right(), ACCENT);
        y += 14;
        for (int i = 0; i < c.blocks().size(); i++) {
            if (i + 1 < c.blocks().size()) {
                room(together(c.blocks().get(i), c.blocks().get(i + 1)));
            }
            block(c.blocks().get(i));
        }
    }

    /// Room for a block that must not stand alone at the foot of a page, with the beginning of the next.
    private double together(Chapter.Block b, Chapter.Block next) {
        if (b instanceof Chapter.Words && next instanceof Chapter.Box) {
            return 3 * LINE;
        }
        if (!(b instanceof Chapter.Heading)) {
            return 0;
        }
        return switch (next) {
            case Chapter.Picture(var sketch) -> KEEP + scaled(plate(sketch));
            case Chapter.Drawn(Plates.Plate plate) -> KEEP + scaled(plate);
            default -> KEEP;
        };
    }

    private Plates.Plate plate(Sketch sketch) {
        SketchPaper drawn = new SketchPaper(sketch, style, DRAWN);
        return new Plates.Plate(sketch.title(), DRAWN, drawn.height(), drawn::paint);
    }

    private double scale(Plates.Plate p) {
        return Math.min((sheets.right() - sheets.left()) / p.width(), TALLEST / p.height());
    }

    private double scaled(Plates.Plate p) {
        return scale(p) * p.height();
    }

    private void block(Chapter.Block b) throws IOException {
        switch (b) {
            case Chapter.Heading(String text) -> {
                room(KEEP);
                y += GAP;
                contents.add(new Entry(text, sheets.count(), false));
                text(text, sheets.left(), 12, true, INK);
                y += 4;
            }
            case Chapter.Words(Sentence text, boolean faint) -> words(text.text(style), faint);
            case Chapter.Caution(String text) -> caution(text);
            case Chapter.Values(List<Figure> figures, boolean working) -> values(figures, working);
            case Chapter.Table(Listing listing) -> table(listing);
            case Chapter.Picture(var sketch) -> picture(plate(sketch));
            case Chapter.Drawn(Plates.Plate plate) -> picture(plate);
            case Chapter.Photograph(String file, String caption) -> photograph(file, caption);
            case Chapter.Box(String text, boolean ticked, boolean second, boolean looked) ->
                tick(text, ticked, second, looked);
        }
    }

    private void text(String text, double x, double size, boolean bold, Ink ink) throws IOException {
        for (String line : wrapped(text, sheets.right() - x, size, bold)) {
            room(LINE);
            sheets.surface().text(line, x, y, Anchor.START, size, bold, ink);
            note(line);
            y += Math.max(LINE, size * 1.25);
        }
    }

    private void words(String text, boolean faint) throws IOException {
        text(text, sheets.left(), faint ? SMALL : SIZE, false, faint ? FAINT : INK);
        y += 2;
    }

    private void caution(String text) throws IOException {
        y += 2;
        text(text, sheets.left() + 8, SMALL, true, ACCENT);
        y += GAP;
    }

    private void values(List<Figure> figures, boolean working) throws IOException {
        double value = sheets.right() - (working ? 250 : 4);
        for (Figure f : figures) {
            List<String> label = wrapped(f.label() + (f.loadCase().isEmpty() ? "" : ", " + f.loadCase()),
                    value - sheets.left() - 90, SIZE, false);
            room(LINE * label.size());
            Surface s = sheets.surface();
            s.text(f.value().isPresent() ? f.text(style) : "–", value, y, Anchor.END, SIZE, true, INK);
            if (working) {
                s.text(fitted(s, f.working().formula(), 240, SMALL, false), value + 10, y, Anchor.START, SMALL, false,
                        FAINT);
            }
            for (String line : label) {
                s.text(line, sheets.left(), y, Anchor.START, SIZE, false, INK);
                y += LINE;
            }
        }
        y += GAP;
    }

    private void table(Listing l) throws IOException {
        if (l.columns().isEmpty()) {
            return;
        }
        if (!l.title().isEmpty()) {
            room(KEEP);
            text(l.title(), sheets.left(), SIZE, true, INK);
        }
        List<List<String>> rows = l.text(style);
        double[] wide = columns(l, rows);
        room(3 * LINE);
        head(l, wide);
        for (List<String> row : rows.subList(1, rows.size())) {
            List<List<String>> cells = new ArrayList<>();
            for (int i = 0; i < wide.length; i++) {
                cells.add(wrapped(i < row.size() ? row.get(i) : "", wide[i] - CELL, SMALL, false));
            }
            int high = cells.stream().mapToInt(List::size).max().orElse(1);
            if (y + high * (LINE - 2) > sheets.bottom()) {
                turn();
                head(l, wide);
            }
            double x = sheets.left();
            for (int i = 0; i < wide.length; i++) {
                boolean number = l.columns().get(i).number();
                for (int k = 0; k < cells.get(i).size(); k++) {
                    sheets.surface().text(cells.get(i).get(k), number ? x + wide[i] - CELL : x, y + k * (LINE - 2),
                            number ? Anchor.END : Anchor.START, SMALL, false, INK);
                }
                x += wide[i];
            }
            row.forEach(this::note);
            y += high * (LINE - 2);
        }
        y += GAP + 2;
    }

    private void head(Listing l, double[] wide) {
        double x = sheets.left();
        for (int i = 0; i < wide.length; i++) {
            boolean number = l.columns().get(i).number();
            Surface s = sheets.surface();
            s.text(fitted(s, l.columns().get(i).head(), wide[i] - CELL, SMALL - 1, false),
                    number ? x + wide[i] - CELL : x, y, number ? Anchor.END : Anchor.START, SMALL - 1, false, FAINT);
            x += wide[i];
        }
        y += LINE - 4;
        rule(sheets.left(), sheets.right(), RULE);
        y += LINE - 5;
    }

    /// As wide as they want to be; where that is too much, the widest give way.
    private double[] columns(Listing l, List<List<String>> rows) {
        int n = l.columns().size();
        double[] want = new double[n];
        for (List<String> row : rows) {
            for (int i = 0; i < Math.min(n, row.size()); i++) {
                want[i] = Math.max(want[i], sheets.wide(row.get(i), SMALL, false) + CELL + 4);
            }
        }
        double all = sheets.right() - sheets.left();
        double low = 0;
        double high = all;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double sum = 0;
            for (double w : want) {
                sum += Math.min(w, middle);
            }
            if (sum > all) {
                high = middle;
            } else {
                low = middle;
            }
        }
        double sum = 0;
        for (int i = 0; i < n; i++) {
            want[i] = Math.max(12, Math.min(want[i], low));
            sum += want[i];
        }
        double spare = Math.max(0, all - sum);
        for (int i = 0; i < n && spare > 0; i++) {
            if (!l.columns().get(i).number()) {
                want[i] += Math.min(spare, 160);
                break;
            }
        }
        return want;
    }

    private void picture(Plates.Plate p) throws IOException {
        if (p.width() < 2 || p.height() < 2) {
            return;
        }
        double k = scale(p);
        room(k * p.height() + LINE + GAP);
        sheets.drawn(p, sheets.left(), y, k);
        y += k * p.height() + 4;
        if (!p.title().isEmpty()) {
            y += 6;
            text(p.title(), sheets.left(), SMALL, false, FAINT);
        }
        y += GAP;
    }

    private void photograph(String file, String caption) throws IOException {
        var picture = plates.photograph(file);
        if (picture.isEmpty()) {
            words("Photograph " + file + " is gone: " + caption, true);
            return;
        }
        room(TALLEST + 2 * LINE);
        double high = sheets.photograph(picture.get(), y, TALLEST);
        if (high <= 0) {
            words("Photograph " + file + " cannot be read: " + caption, true);
            return;
        }
        y += high + 10;
        words(caption, true);
    }

    private void tick(String text, boolean ticked, boolean second, boolean looked) throws IOException {
        List<String> lines = wrapped(text, sheets.right() - sheets.left() - (second ? 140 : 20), SIZE, false);
        room(lines.size() * LINE + 2);
        square(sheets.left(), ticked);
        if (second) {
            square(sheets.right() - 110, looked);
            sheets.surface().text("second look", sheets.right() - 96, y, Anchor.START, SMALL, false, FAINT);
        }
        for (String line : lines) {
            sheets.surface().text(line, sheets.left() + 16, y, Anchor.START, SIZE, false, INK);
            note(line);
            y += LINE;
        }
        y += 2;
    }

    private void square(double x, boolean ticked) {
        Surface s = sheets.surface();
        s.stroke(box(x, y - 4, 8, 8), true, new Surface.Line(INK, 0.8));
        if (ticked) {
            s.stroke(new double[][]{{x + 1.5, y}, {x + 3.5, y + 2.5}, {x + 7, y - 2.5}}, false,
                    new Surface.Line(INK, 1.2));
        }
    }

    private void rule(double from, double to, Ink ink) {
        sheets.surface().stroke(new double[][]{{from, y}, {to, y}}, false, new Surface.Line(ink, 0.8));
    }

    /// Remembers on which page a thing is named.
    private void note(String line) {
        for (String name : names.keySet()) {
            if (line.contains(name)) {
                index.computeIfAbsent(name, n -> new TreeSet<>()).add(sheets.count());
            }
        }
    }

    private void index() throws IOException {
        turn();
        contents.add(new Entry("Index", sheets.count(), true));
        sheets.surface().text("Index", sheets.left(), y + 6, Anchor.START, 20, true, INK);
        y += 38;
        double half = (sheets.right() - sheets.left()) / 2;
        double begin = y;
        double x = sheets.left();
        for (Map.Entry<String, Set<Integer>> e : Map.copyOf(index).entrySet().stream()
                .sorted(Map.Entry.comparingByKey(String.CASE_INSENSITIVE_ORDER)).toList()) {
            String pages = ranges(List.copyOf(e.getValue()));
            for (String line : wrapped(e.getKey() + "  " + pages, half - 16, SMALL, false)) {
                if (y + LINE > sheets.bottom()) {
                    if (x > sheets.left()) {
                        turn();
                        begin = y;
                        x = sheets.left();
                    } else {
                        x = sheets.left() + half;
                        y = begin;
                    }
                }
                sheets.surface().text(line, x, y, Anchor.START, SMALL, false, INK);
                y += LINE - 1;
            }
        }
    }

    /// Such as 3, 5–7, 12.
    static String ranges(List<Integer> pages) {
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            int from = pages.get(i);
            while (i + 1 < pages.size() && pages.get(i + 1) == pages.get(i) + 1) {
                i++;
            }
            parts.add(pages.get(i) == from ? String.valueOf(from) : from + "–" + pages.get(i));
        }
        return String.join(", ", parts);
    }

    /// On the pages that were left free for it.
    private void contents(int first) throws IOException {
        int page = first;
        double at = sheets.top();
        Surface s = sheets.on(page);
        s.text("Contents", sheets.left(), at + 6, Anchor.START, 20, true, INK);
        at += 38;
        for (Entry e : contents) {
            if (at > sheets.bottom()) {
                page++;
                if (page >= first + Math.ceilDiv(contents.size() + 4, perPage())) {
                    return;
                }
                s = sheets.on(page);
                at = sheets.top();
            }
            double x = sheets.left() + (e.chapter() ? 0 : 14);
            s.text(fitted(s, e.text(), sheets.right() - x - 40, SIZE, e.chapter()), x, at, Anchor.START, SIZE,
                    e.chapter(), INK);
            s.text(String.valueOf(e.page()), sheets.right(), at, Anchor.END, SIZE, e.chapter(), INK);
            sheets.link(page, at, e.page() - 1);
            if (e.chapter()) {
                sheets.outline(e.text(), e.page() - 1);
            }
            at += LINE;
        }
    }

    private void foot(Surface s, String text, int page) {
        s.text(text, sheets.left(), sheets.height() - 28, Anchor.START, SMALL - 1, false, FAINT);
        s.text(String.valueOf(page), sheets.right(), sheets.height() - 28, Anchor.END, SMALL, false, FAINT);
    }

    private static String fitted(Surface s, String text, double room, double size, boolean bold) {
        String cut = text;
        while (cut.length() > 1 && s.width(cut + "…", size, bold) > room && s.width(text, size, bold) > room) {
            cut = cut.substring(0, cut.offsetByCodePoints(cut.length(), -1));
        }
        return cut.equals(text) ? text : cut.strip() + "…";
    }

    /// In lines; a word longer than one is broken.
    List<String> wrapped(String text, double room, double size, boolean bold) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.replace('\u00a0', ' ').split("\n", -1)) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ")) {
                String rest = word;
                while (sheets.wide(rest, size, bold) > room && rest.length() > 1) {
                    int fits = rest.length() - 1;
                    while (fits > 1 && sheets.wide(rest.substring(0, fits), size, bold) > room) {
                        fits = rest.offsetByCodePoints(fits, -1);
                    }
                    if (!line.isEmpty()) {
                        lines.add(line.toString());
                        line.setLength(0);
                    }
                    lines.add(rest.substring(0, fits));
                    rest = rest.substring(fits);
                }
                if (!line.isEmpty() && sheets.wide(line + " " + rest, size, bold) > room) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                line.append(line.isEmpty() ? "" : " ").append(rest);
            }
            lines.add(line.toString());
        }
        return lines;
    }
}
