package lectulum.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import lectulum.analysis.Analysis;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.papers.Report;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// Prints every figure and every finding of a project.
@Command(name = "check", description = {"Prints every figure and every finding of a project.",
        "Exit code 0: nothing that must not be towed; 1: a stop is open; 2: the file cannot be opened."})
final class CheckCommand implements Callable<Integer> {
    enum Format {
        TEXT, JSON
    }

    @Mixin
    private Chosen chosen;

    @Option(names = "--format", description = "text or json (SI values). Default: ${DEFAULT-VALUE}.")
    private Format format = Format.TEXT;

    @Option(names = "--units", description = "metric or us, for the sentences. Default: those of the project.")
    private UnitSystem units;

    @Option(names = "--remedies", description = "Brings with each finding what would mend it. Takes some seconds.")
    private boolean remedies;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Input input = chosen.read();
        Analysis analysis = Analysis.of(input.project().design());
        Style own = input.project().design().brief().style();
        Style style = units == null ? own : new Style(units, own.currency());
        PrintWriter out = spec.commandLine().getOut();
        out.println(switch (format) {
            case JSON -> Report.json(input.project().name(), analysis, input.notes(), style, remedies);
            case TEXT -> Report.text(input.project().name(), analysis, input.notes(), style, remedies);
        });
        out.flush();
        return analysis.findings().stream().filter(Finding::open).anyMatch(f -> f.severity() == Severity.STOP) ? 1 : 0;
    }
}
