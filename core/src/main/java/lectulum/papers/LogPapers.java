package lectulum.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.design.Design;
import lectulum.design.logbook.LogEntry;
import lectulum.figures.drawing.Listing;
import lectulum.files.SafeCell;
import lectulum.layout.storage.Storage;
import lectulum.log.Diary;
import lectulum.log.Journeys;
import lectulum.log.Packing;
import lectulum.log.Trials;
import lectulum.log.Upkeeps;
import lectulum.units.Style;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// Tables of plan and log for other programs: tasks and entries with plain numbers, the others as they read.
final class LogPapers {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();
    private static final double HOUR = 3600;

    private LogPapers() {
    }

    static List<Document> of(Analysis analysis, Style style) {
        Design d = analysis.design();
        List<Document> all = new ArrayList<>();
        all.add(table("tasks", "Tasks", "Every task with its hours, what must be done before, and how far it is.",
                out -> tasks(d, out)));
        if (!d.logbook().entries().isEmpty()) {
            all.add(table("log-entries", "Entries of the log", "What was done, decided, found and learnt.",
                    out -> entries(d, out)));
        }
        List<Packing.Line> lines = Packing.lines(d, analysis.of(Storage.DISCIPLINE).keeping());
        if (!lines.isEmpty()) {
            all.add(list("log-packing", "Packing list", "In the order of places, who packs what.", Packing.table(lines),
                    style));
        }
        all.add(list("log-tests", "Tests", "Those that the camper wants, and how they went.", Trials.table(d), style));
        all.add(list("log-upkeep", "Upkeep", "What is due when, and by what.", Upkeeps.table(Upkeeps.items(d)),
                style));
        if (!d.logbook().journeys().isEmpty()) {
            all.add(list("log-trips", "Trips made", "Nights, people, distance and water.",
                    Journeys.table(Journeys.ordered(d)), style));
        }
        return all;
    }

    private interface Rows {
        void on(CSVPrinter out) throws IOException;
    }

    private static Document table(String id, String name, String about, Rows rows) {
        return new Document(id, Document.Kind.LIST, name, about, List.of(new Document.Form("CSV", ".csv", () -> {
            StringBuilder text = new StringBuilder();
            rows.on(new CSVPrinter(text, FORMAT));
            return text.toString().getBytes(StandardCharsets.UTF_8);
        })));
    }

    private static Document list(String id, String name, String about, Listing listing, Style style) {
        return new Document(id, Document.Kind.LIST, name, about, List.of(Drawn.csv(listing, style)));
    }

    private static void tasks(Design d, CSVPrinter out) throws IOException {
        out.printRecord("id", "name", "least_h", "likely_h", "most_h", "after", "crew", "dries_h", "one_go", "done",
                "logged_h");
        for (Task t : Tasks.of(d)) {
            out.printRecord(t.id(), SafeCell.write(t.name()), t.least(), t.hours(), t.most(),
                    String.join(" ", t.after()), t.two() ? 2 : 1, t.drying(), t.session() ? "yes" : "no", t.done(),
                    t.logged().isPresent() ? t.logged().getAsDouble() : "");
        }
    }

    private static void entries(Design d, CSVPrinter out) throws IOException {
        out.printRecord("date", "kind", "text", "why", "task", "thing", "hours", "cost", "mass_kg", "due", "state");
        for (LogEntry e : Diary.found(d, "").reversed()) {
            out.printRecord(e.date(), e.kind().label(), SafeCell.write(e.text()), SafeCell.write(e.why()), e.task(),
                    e.thing(), e.hours().isPresent() ? e.hours().getAsDouble() / HOUR : "", known(e.cost()),
                    known(e.mass()), e.due(), !e.kind().open() ? "" : e.done() ? "mended" : "open");
        }
    }

    private static Object known(OptionalDouble number) {
        return number.isPresent() ? number.getAsDouble() : "";
    }
}
