package lectulum.app;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.papers.FigureList;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/// Prints what every figure is.
@Command(name = "figures", description = "Prints every kind of figure with its unit, formula and source, as Markdown.")
final class FiguresCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.print(FigureList.markdown(Campers.all().stream().map(Analysis::of).toList()));
        out.flush();
        return 0;
    }
}
