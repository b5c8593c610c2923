package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.discipline.Study;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import lectulum.water.PipeStudies;

/// What of the water goes on paper: how pipes join, what is bought, and the list for winter.
final class WaterPapers {
    private static final String CAUTION = "Potable parts only. Test before it is closed in. Grey water and toilets are emptied"
            + " where a site says.";
    private static final double WIDTH = 900;

    private WaterPapers() {
    }

    static List<Document> of(Analysis analysis, Style style, Paper paper) {
        PipeStudies pipes = analysis.of(PipeStudies.DISCIPLINE);
        List<Document> all = new ArrayList<>();
        for (Study s : pipes.flow().all()) {
            if (s.id().equals(PipeStudies.SCHEMATIC)) {
                SketchPaper sheet = new SketchPaper(s.sketches().getFirst(), style, WIDTH);
                all.add(Drawn.document("water-schematic", "Pipes as they join",
                        "Tank, pump, taps, heater and waste with their lengths.", WIDTH, sheet.height(), sheet::paint,
                        paper, CAUTION));
            }
            if (s.id().equals(PipeStudies.BOUGHT)) {
                all.add(new Document("plumbing-list", Document.Kind.LIST, "Plumbing shopping list",
                        "Pipe by bore, fittings, clips and traps, with mass and price.",
                        List.of(Drawn.csv(s.listings().getFirst(), style))));
            }
        }
        if (!pipes.plan().runs().isEmpty()) {
            all.add(new Document("hold-test", Document.Kind.LIST, "Hold test of the pipes",
                    "Every joint, to be ticked off at " + Units.text(PipeStudies.HELD, Quantity.PRESSURE, style) + ".",
                    List.of(Drawn.csv(PipeStudies.joints(pipes.plan()), style))));
        }
        for (Study s : pipes.winter().all()) {
            if (s.id().equals(PipeStudies.WINTER) && !s.listings().isEmpty()) {
                all.add(new Document("winter-list", Document.Kind.LIST, "Before the frost",
                        "What is opened, drained and filled, in this order.",
                        List.of(Drawn.csv(s.listings().getFirst(), style))));
            }
        }
        return all;
    }
}
