package lectulum.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import lectulum.files.Home;
import lectulum.parts.Trouble;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// The command line. Without a command it opens the window.
@Command(name = "lectulum", mixinStandardHelpOptions = true, version = "Lectulum 0.1.0", description = "Plans, weighs and prices a small camper while it is drawn.", subcommands = {
        Main.Open.class, CheckCommand.class, ExportCommand.class, ImportCommand.class, MergeCommand.class,
        RenderCommand.class,
        SchemaCommand.class,
        FiguresCommand.class,
        ProposeCommand.class,
        StandinCommand.class})
public final class Main implements Callable<Integer> {

    @Option(names = "--verbose", scope = CommandLine.ScopeType.INHERIT, description = "Tells every step on the error"
            + " output.")
    private boolean verbose;

    @Parameters(arity = "0..1", paramLabel = "FILE", description = "Opens the window on a project file or a demonstration"
            + " (demo:nightjar, demo:dunlin, demo:chamois).")
    private String file;

    @Spec
    private CommandSpec spec;

    public static void main(String[] args) {
        Trouble.logTo(Home.ofUser(), List.of(args).contains("--verbose"));
        if (Opening.asked(args)) {
            Opening.window(args);
            System.exit(0);
        }
        System.exit(commandLine().execute(args));
    }

    static CommandLine commandLine() {
        return new CommandLine(new Main()).setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler(Main::explain);
    }

    @Override
    public Integer call() {
        if (file == null) {
            Opening.window();
        } else if (file.startsWith(Desk.DEMO) || Files.exists(Path.of(file))) {
            Opening.window(file);
        } else {
            throw new CommandLine.ParameterException(spec.commandLine(),
                    "There is no command and no file " + file + ".");
        }
        return 0;
    }

    /// A file that cannot be opened or written is a sentence and exit code 2, not a stack trace.
    private static int explain(Exception e, CommandLine command, CommandLine.ParseResult result) {
        if (e instanceof java.io.IOException) {
            String said = String.valueOf(e.getMessage());
            command.getErr().println(said.endsWith(".") ? said : said + ".");
            return 2;
        }
        command.getErr().println(Trouble.note(e));
        return 2;
    }

    /// Opens the window on a project.
    @Command(name = "open", description = "Opens the window on a file or a demonstration.")
    static final class Open implements Callable<Integer> {
        @Parameters(paramLabel = "FILE", description = "Project file, or demo:nightjar, demo:dunlin, demo:chamois.")
        private String file;

        @Override
        public Integer call() {
            Opening.window(file);
            return 0;
        }
    }
}
