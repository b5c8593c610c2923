package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.files.ThingsCsv;
import lectulum.kernel.electric.CutOut;
import lectulum.kernel.profile.Piece;
import lectulum.papers.Template.Contour;
import lectulum.papers.Template.Use;
import lectulum.power.wiring.Diagram;
import lectulum.power.wiring.DiagramSheets;
import lectulum.power.wiring.OneLine;
import lectulum.power.wiring.SwitchPanel;
import lectulum.power.wiring.TakeOff;
import lectulum.power.wiring.Wired;
import lectulum.power.wiring.WiringStudies;
import lectulum.units.Style;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// What of the wiring goes on paper: the one-line diagram, the panel schedule, labels of switches, the switch panel to saw,
/// and the shopping list.
public final class WiringPapers {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();
    private static final String CAUTION = "Disconnect the negative lead first. Fit fuses last. Mains belongs to a licensed"
            + " electrician. An aid, not an approval.";
    private static final double LABEL_WIDE = 120;
    private static final double LABEL_HIGH = 34;
    private static final int LABELS = 4;

    private WiringPapers() {
    }

    static List<Document> of(Analysis analysis, Style style, Paper paper) {
        Design d = analysis.design();
        Wired w = analysis.of(Wired.DISCIPLINE);
        List<Document> all = new ArrayList<>();
        for (DiagramSheets.Level level : DiagramSheets.Level.values()) {
            OneLine one = w.sheets().at(level);
            if (!one.symbols().isEmpty()) {
                all.add(Drawn.document(level.id(), switch (level) {
                    case OVERVIEW -> "One-line diagram, overview";
                    case WHOLE -> "One-line diagram";
                    case PANEL -> "Fuse panel with its terminals";
                    case ROAD -> "Lamps of the road and their plug";
                }, switch (level) {
                    case OVERVIEW -> "Sources, battery and what they feed.";
                    case WHOLE -> "What feeds the battery and what it feeds, with sizes and fuses.";
                    case PANEL -> "Each device with its terminals, wire and length.";
                    case ROAD -> "Contacts with their lamps, wire and length. Check by test lamp.";
                }, Diagram.width(one), Diagram.height(one), s -> Diagram.PAPER.paint(s, one, style, 1), paper,
                        CAUTION));
            }
        }
        if (w.harness().start().isEmpty()) {
            return all;
        }
        all.add(new Document("panel-schedule", Document.Kind.LIST, "Panel schedule",
                "Every circuit with its devices, wire, fuse and the volts that arrive.",
                List.of(Drawn.csv(WiringStudies.schedule(d, w, true), style))));
        SwitchPanel panel = SwitchPanel.of(d, w.harness());
        if (!panel.labels().isEmpty()) {
            int rows = (panel.labels().size() + LABELS - 1) / LABELS;
            all.add(Drawn.document("switch-labels", "Labels of switches", "To print, cut and stick.",
                    LABELS * LABEL_WIDE,
                    rows * LABEL_HIGH, s -> labels(s, panel.labels()), paper));
        }
        all.add(new Document("wiring-list", Document.Kind.LIST, "Wiring shopping list",
                "Wire by size and colour, ends, fuses with spares and small parts, with mass and price.",
                List.of(Drawn.csv(WiringStudies.list(w.takeOff()), style))));
        return all;
    }

    /// The switch panel at full size, where it has parts that fit.
    static Optional<Panels.Panel> panel(Design d, Wired w) {
        SwitchPanel s = SwitchPanel.of(d, w.harness());
        return s.cut().filter(c -> !c.placed().isEmpty())
                .map(c -> new Panels.Panel("switch-panel", "Switch panel", template(s, c)));
    }

    private static Template template(SwitchPanel s, CutOut c) {
        double h = c.height() / 1000;
        List<Contour> contours = new ArrayList<>();
        contours.add(new Contour(Use.CUT, "Switch panel, from the front", Panels.box(0, 0, s.width() / 1000, h)));
        for (CutOut.Placed p : c.placed()) {
            double x = p.x() / 1000;
            double y = h - p.y() / 1000;
            double bw = p.bezel().width() / 2000;
            double bh = p.bezel().height() / 2000;
            contours.add(new Contour(Use.GUIDE, p.bezel().name(), Panels.box(x - bw, y - bh, x + bw, y + bh)));
            SwitchPanel.Hole hole = SwitchPanel.hole(p.bezel());
            contours.add(new Contour(Use.HOLE, "", hole.bore() > 0
                    ? List.of(new Piece.Arc(x, y, hole.bore() / 2000, 0, 2 * Math.PI))
                    : Panels.box(x - hole.width() / 2000, y - hole.height() / 2000, x + hole.width() / 2000,
                            y + hole.height() / 2000)));
        }
        return new Template("Switch panel, from the front", "", contours,
                List.of("Free depth behind it: " + Math.round(s.depth()) + " mm. Measure each part before sawing.",
                        "Hinge it, so that it opens from behind."));
    }

    private static void labels(Surface s, List<String> labels) {
        Ink ink = new Ink(0, 0, 0, 1);
        for (int i = 0; i < labels.size(); i++) {
            double x = i % LABELS * LABEL_WIDE;
            double y = i / LABELS * LABEL_HIGH;
            s.stroke(new double[][]{{x, y}, {x + LABEL_WIDE, y}, {x + LABEL_WIDE, y + LABEL_HIGH}, {x, y + LABEL_HIGH}},
                    true, new Surface.Line(ink, 0.6, 3, 3));
            double size = 12;
            while (size > 6 && s.width(labels.get(i), size, true) > LABEL_WIDE - 10) {
                size--;
            }
            s.text(labels.get(i), x + LABEL_WIDE / 2, y + LABEL_HIGH / 2, Surface.Anchor.MIDDLE, size, true, ink);
        }
    }

    /// The shopping list with numbers in SI units, for other programs.
    public static void takeOff(TakeOff t, Appendable out) throws java.io.IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        printer.printRecord("group", "part", "quantity", "unit", "buy", "mass_kg", "cost", "use");
        for (TakeOff.Item i : t.items()) {
            printer.printRecord(i.group().label(), ThingsCsv.safe(i.name()), round(i.count()),
                    i.length() ? "m" : "pieces", ThingsCsv.safe(i.buy()), round(i.mass()), round(i.cost()), i.use());
        }
    }

    private static String round(double value) {
        return String.format(java.util.Locale.ROOT, "%.4f", value).replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
