package lectulum.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import lectulum.design.Project;
import lectulum.files.Attachments;
import lectulum.files.ProjectFile;
import lectulum.files.merge.Merge;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;

/// Brings two copies of a project together that were changed apart.
@Command(name = "merge", description = "Brings two copies of a project together that were changed apart: what one changed"
        + " is taken, what both changed is asked. Exit code 1 where something is left to decide; then nothing is written.")
final class MergeCommand implements Callable<Integer> {
    /// Whose word counts where both changed something.
    enum Side {
        MINE, THEIRS
    }

    @Parameters(index = "0", paramLabel = "MINE", description = "The first copy.")
    private Path mine;

    @Parameters(index = "1", paramLabel = "THEIRS", description = "The other copy.")
    private Path theirs;

    @Option(names = "--base", paramLabel = "FILE", description = "A file of the state from which both were changed."
            + " Default: what the files tell of their savings.")
    private Path base;

    @Option(names = {"-o",
            "--out"}, paramLabel = "FILE", description = "The merged project. Without it, it is only told"
                    + " what would be merged.")
    private Path out;

    @Option(names = "--take", description = "${COMPLETION-CANDIDATES}: whose word counts where both changed something.")
    private Side take;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        JsonNode first = ProjectFile.open(mine).tree();
        JsonNode second = ProjectFile.open(theirs).tree();
        Merge merge = base == null ? Merge.of(first, second) : Merge.of(first, second, ProjectFile.open(base).tree());
        var told = spec.commandLine().getOut();
        merge.taken().forEach(w -> told.println("taken: " + w));
        merge.questions().forEach(q -> told.println("both: " + q.label() + ": " + q.mine().orElse("taken out") + " | "
                + q.theirs().orElse("taken out") + (take == null ? "" : "  -> " + side())));
        if (!merge.questions().isEmpty() && take == null) {
            told.println(
                    merge.questions().size() + " to decide: say --take mine or --take theirs, or merge in the window.");
            return 1;
        }
        if (out != null) {
            write(merge);
        }
        return 0;
    }

    private String side() {
        return take == Side.MINE ? "the first" : "the other";
    }

    private void write(Merge merge) throws IOException {
        if (Files.exists(out) && !Files.isRegularFile(out)) {
            throw new CommandLine.ParameterException(spec.commandLine(), out + " is not a file.");
        }
        Set<String> decided = take == Side.THEIRS
                ? merge.questions().stream().map(Merge.Question::path).collect(Collectors.toSet())
                : Set.of();
        Project project = merge.project(decided);
        for (Path copy : new Path[]{mine, theirs}) {
            Attachments.of(copy).copyTo(Attachments.of(out), project);
        }
        ProjectFile.save(out, project, merge.joined());
    }
}
