package lectulum.app;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import lectulum.analysis.Analysis;
import lectulum.build.BuildStudies;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.files.AtomicFile;
import lectulum.files.Attachments;
import lectulum.files.CalendarFile;
import lectulum.files.ProjectFile;
import lectulum.files.ReceiptsCsv;
import lectulum.files.ThingsCsv;
import lectulum.papers.OffsetTable;
import lectulum.papers.Panels;
import lectulum.papers.Paper;
import lectulum.papers.Report;
import lectulum.papers.Template;
import lectulum.papers.TemplateDxf;
import lectulum.papers.TemplatePdf;
import lectulum.papers.TemplateSvg;
import lectulum.papers.WiringPapers;
import lectulum.papers.book.Book;
import lectulum.papers.book.Edition;
import lectulum.power.wiring.Wired;
import lectulum.sheet.BookPlates;
import lectulum.stage.Stages;
import lectulum.units.UnitSystem;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// Writes lists of a project for other programs.
@Command(name = "export", description = "Writes things, figures or the project itself to files.")
final class ExportCommand implements Callable<Integer> {
    @Mixin
    private Chosen chosen;

    @Option(names = "--things", paramLabel = "CSV", description = "All things with places, masses and prices.")
    private Path things;

    @Option(names = "--wiring", paramLabel = "CSV", description = "What is bought for the wiring.")
    private Path wiring;

    @Option(names = "--receipts", paramLabel = "CSV", description = "Receipts, offers and guesses, line by line.")
    private Path receipts;

    @Option(names = "--calendar", paramLabel = "ICS", description = "The sessions of the plan, for any calendar.")
    private Path calendar;

    @Option(names = "--figures", paramLabel = "CSV", description = "All figures in SI units.")
    private Path figures;

    @Option(names = "--report", paramLabel = "JSON", description = "Figures and findings, as check --format json.")
    private Path report;

    @Option(names = "--remedies", description = "The report brings with each finding what would mend it.")
    private boolean remedies;

    @Option(names = "--project", paramLabel = "JSON", description = "The project as a file, for instance of a demo.")
    private Path copy;

    @Option(names = "--template", paramLabel = "FILE", description = "A panel at full size, by the ending of the file:"
            + " .pdf, .svg, .dxf, or .csv for the offset table.")
    private Path template;

    @Option(names = "--panel", paramLabel = "KEY", description = "profile, profile-right, roof, floor, front, rear, or"
            + " thing.ID.side, .top, .end. Default: ${DEFAULT-VALUE}.")
    private String panel = "profile";

    @Option(names = "--paper", description = "${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
    private Paper paper = Paper.A4;

    @Option(names = "--book", paramLabel = "PDF", description = "The build book, or the part of it for somebody: see"
            + " --edition.")
    private Path book;

    @Option(names = "--edition", description = "${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
    private Edition edition = Edition.WHOLE;

    @Option(names = "--cover", description = "${COMPLETION-CANDIDATES}. Default: ${DEFAULT-VALUE}.")
    private Book.Cover cover = Book.Cover.DRAWN;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (things == null && wiring == null && receipts == null && calendar == null && figures == null
                && report == null && copy == null && template == null && book == null) {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    "Say what to export: --things, --wiring, --receipts, --calendar, --figures, --report,"
                            + " --book, --template or --project.");
        }
        Input input = chosen.read();
        Project project = input.project();
        Analysis analysis = Analysis.of(project.design());
        if (things != null) {
            var text = new StringWriter();
            ThingsCsv.things(project.design(), text);
            AtomicFile.write(things, text.toString());
        }
        if (wiring != null) {
            var text = new StringWriter();
            WiringPapers.takeOff(analysis.of(Wired.DISCIPLINE).takeOff(), text);
            AtomicFile.write(wiring, text.toString());
        }
        if (receipts != null) {
            var text = new StringWriter();
            ReceiptsCsv.write(project.design(), text);
            AtomicFile.write(receipts, text.toString());
        }
        if (calendar != null) {
            AtomicFile.write(calendar, CalendarFile.of(project.name(), BuildStudies.sessions(project.design())));
        }
        if (figures != null) {
            var text = new StringWriter();
            Report.figuresCsv(analysis, text);
            AtomicFile.write(figures, text.toString());
        }
        if (report != null) {
            AtomicFile.write(report,
                    Report.json(project.name(), analysis, input.notes(), project.design().brief().style(), remedies)
                            + "\n");
        }
        if (copy != null) {
            ProjectFile.save(copy, project, null);
        }
        if (template != null) {
            template(project.design());
        }
        if (book != null) {
            book(project);
        }
        return 0;
    }

    private void book(Project project) throws IOException {
        State state = new Workbench(project).state();
        Attachments beside = Attachments.of(Path.of(chosen.file()));
        AtomicFile.write(book, Book.pdf(project.name(), state.analysis(), edition, cover, paper, state.style(),
                new BookPlates(state, Stages::look, beside::find), project.design().purse().today()));
    }

    private void template(Design design) throws IOException {
        Template drawn = Panels.find(design, panel).map(Panels.Panel::template).orElseThrow(
                () -> new CommandLine.ParameterException(spec.commandLine(), "There is no panel " + panel + "."));
        String name = template.getFileName().toString();
        if (name.endsWith(".pdf")) {
            AtomicFile.write(template, new TemplatePdf(drawn, paper).bytes());
        } else if (name.endsWith(".svg")) {
            AtomicFile.write(template, TemplateSvg.write(drawn));
        } else if (name.endsWith(".dxf")) {
            AtomicFile.write(template, TemplateDxf.write(drawn));
        } else if (name.endsWith(".csv")) {
            AtomicFile.write(template, OffsetTable.write(design.base(), design.brief().units() == UnitSystem.US));
        } else {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    "A template ends with .pdf, .svg, .dxf or .csv.");
        }
    }
}
