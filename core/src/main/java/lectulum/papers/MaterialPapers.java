package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.base.gear.AxleOrder;
import lectulum.discipline.Study;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.CutStudies;
import lectulum.materials.cutting.Lot;
import lectulum.materials.framing.StickStudies;
import lectulum.materials.framing.WeldStudies;
import lectulum.materials.joinery.JoineryStudies;
import lectulum.materials.upholstery.CushionStudies;
import lectulum.materials.upholstery.OpeningStudies;
import lectulum.units.Style;

/// What goes to the yard and the saw: walls of the frame, cut lists, cutting plans.
final class MaterialPapers {
    private static final String CAUTION = "Measure what was delivered before the first cut. Guards, push sticks, dust extraction;"
            + " structural welds by a competent welder.";
    private static final double WIDTH = 900;

    private MaterialPapers() {
    }

    static List<Document> of(Analysis analysis, Style style, Paper paper) {
        List<Document> all = new ArrayList<>();
        for (Study s : analysis.of(StickStudies.DISCIPLINE).all()) {
            drawn(s, "Studs, plates and framed openings to scale.", style, paper, all);
            if (s.id().startsWith(StickStudies.LIST)) {
                list(s, "Every length, how many, and where it goes.", style, all);
            }
        }
        for (Study s : analysis.of(WeldStudies.DISCIPLINE).all()) {
            drawn(s, "The trailer frame from above, with the order of its welds.", style, paper, all);
            if (!s.listings().isEmpty()) {
                list(s, "For the welder: members, cuts and welds.", style, all);
            }
        }
        for (Study s : analysis.of(AxleOrder.DISCIPLINE).all()) {
            list(s, "For who makes the axle: load, faces, centres, drop, flange, and what is to be filled in.", style,
                    all);
        }
        for (Study s : analysis.of(JoineryStudies.DISCIPLINE).all()) {
            drawn(s, "A piece of furniture from its front, with the cups of its hinges.", style, paper, all);
            if (!s.listings().isEmpty()) {
                list(s, "Boards with their edges, or fittings.", style, all);
            }
        }
        for (Study s : analysis.of(CutStudies.DISCIPLINE).all()) {
            drawn(s, "What is cut from what, to scale.", style, paper, all);
            if (!s.listings().isEmpty()) {
                list(s, "What is bought, or the panels with their marks.", style, all);
            }
        }
        List<Lot> lots = analysis.of(CutPlans.DISCIPLINE).lots();
        if (lots.stream().anyMatch(l -> !l.laid().isEmpty())) {
            all.add(new LabelPaper(lots, style, paper).document());
        }
        for (Study s : analysis.of(CushionStudies.DISCIPLINE).all()) {
            drawn(s, "Covers on the roll, nap along it.", style, paper, all);
            if (!s.listings().isEmpty()) {
                list(s, "Sizes, foam, zips and pieces of the covers.", style, all);
            }
        }
        for (Study s : analysis.of(OpeningStudies.DISCIPLINE).all()) {
            if (!s.listings().isEmpty()) {
                list(s, "What is sewn for each window and door.", style, all);
            }
        }
        return all;
    }

    /// With the section of sticks and the thickness of sheets.
    private static String name(Study s, Style style) {
        return s.title().replace(" to buy and to cut", "")
                + s.figures().stream().filter(f -> f.id().endsWith(".wide") || f.id().endsWith(".thick"))
                        .map(f -> f.text(style)).collect(Collectors.joining(" × ", ", ", "")).replaceFirst("^, $", "");
    }

    private static void drawn(Study s, String about, Style style, Paper paper, List<Document> all) {
        if (!s.sketches().isEmpty() && !s.sketches().getFirst().marks().isEmpty()) {
            SketchPaper sheet = new SketchPaper(s.sketches().getFirst(), style, WIDTH);
            all.add(Drawn.document(s.id() + "-plan", name(s, style), about, WIDTH, sheet.height(), sheet::paint, paper,
                    CAUTION));
        }
    }

    private static void list(Study s, String about, Style style, List<Document> all) {
        all.add(new Document(s.id() + "-list", Document.Kind.LIST, name(s, style), about,
                List.of(Drawn.csv(s.listings().getFirst(), style))));
    }
}
