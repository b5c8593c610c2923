package lectulum.app;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import lectulum.files.Schema;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/// Prints the description of project files that this version writes.
@Command(name = "schema", description = "Prints the JSON Schema of project files, for programs that read or write them.")
final class SchemaCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.print(Schema.text());
        out.flush();
        return 0;
    }
}
