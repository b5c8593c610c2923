package lectulum.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import lectulum.analysis.Concepts;
import lectulum.analysis.Concepts.Drawn;
import lectulum.analysis.Proposals;
import lectulum.brief.Measure;
import lectulum.brief.draft.Taste;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.files.AtomicFile;
import lectulum.files.ProjectJson;
import lectulum.units.Style;
import lectulum.units.Units;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Draws campers for the brief of a project: every concept, or the best answer of a taste.
@Command(name = "propose", description = {"Draws campers for the brief of a project and prints what each measures.",
        "Exit code 0: what is drawn meets the brief; 1: something is left unmet; 2: the file cannot be opened."})
final class ProposeCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "Project file or demo:NAME, whose brief counts.")
    private String file;

    @Option(names = "--taste", description = "light, cheap or comfortable: searches the best answer. Without it every"
            + " concept is drawn.")
    private Taste taste;

    @Option(names = "--seed", description = "Of the search. Default: ${DEFAULT-VALUE}.")
    private long seed = 1;

    @Option(names = "--out", description = "Writes the answer as a project of its own; concepts become its variants.")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Project project = Input.of(file).project();
        Design brief = project.design();
        Style style = brief.brief().style();
        PrintWriter print = spec.commandLine().getOut();
        List<Drawn> all = new ArrayList<>();
        if (taste == null) {
            Concepts.of(brief, () -> false, all::add).forEach(d -> say(print, d, style));
        } else {
            Proposals.Proposal p = Proposals.of(brief, seed, () -> false, x -> {
            }).get(Proposals.TASTES.indexOf(taste == Taste.USUAL ? Taste.COMFORTABLE : taste));
            all.add(p.drawn());
            say(print, p.drawn(), style);
            p.mended().forEach(m -> print.println("  mended: " + m.text(style)));
            p.lacks().forEach(l -> print.println("  left: " + l.text(style)));
        }
        print.flush();
        if (out != null) {
            write(project.name(), all);
        }
        return all.stream().allMatch(d -> d.sound() && d.unmet().isEmpty()) ? 0 : 1;
    }

    private static void say(PrintWriter print, Drawn d, Style style) {
        print.println(d.concept().label());
        for (Measure m : Measure.values()) {
            double v = d.of(m);
            print.printf(Locale.ROOT, "  %-22s %s%n", m.label(),
                    Double.isNaN(v) ? "-" : Units.text(v, m.quantity(), style));
        }
        d.stops().forEach(f -> print.println("  forbids it: " + f.title().text(style)));
        d.unmet().forEach(u -> print.println("  unmet: " + u.line() + ": " + u.says().text(style)));
    }

    private void write(String name, List<Drawn> all) throws IOException {
        Project written = Project.of(name, all.getFirst().design());
        for (Drawn d : all.subList(1, all.size())) {
            written = written.copyingVariant(d.concept().label()).with(d.design());
        }
        AtomicFile.write(out, ProjectJson.write(written, null));
    }
}
