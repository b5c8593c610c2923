package lectulum.app;

import java.io.IOException;
import java.util.stream.Collectors;
import lectulum.design.Project;
import lectulum.design.Variant;
import lectulum.files.UnreadableFile;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// What a command works on: a project and the variant that is meant.
final class Chosen {
    @Parameters(index = "0", paramLabel = "FILE", description = "Project file or demo:NAME.")
    private String file;

    @Option(names = "--variant", paramLabel = "ID", description = "Id or name of the variant. Default: the one worked on last.")
    private String variant;

    /// The name of the file as it was typed.
    String file() {
        return file;
    }

    /// @throws IOException with a sentence where the file cannot be opened or has no such variant
    Input read() throws IOException {
        Input input = Input.of(file);
        if (variant == null) {
            return input;
        }
        Project p = input.project();
        Variant found = p.variants().stream()
                .filter(v -> v.id().equals(variant) || v.name().equalsIgnoreCase(variant)).findFirst()
                .orElseThrow(() -> new UnreadableFile("There is no variant " + variant + "; there is "
                        + p.variants().stream().map(v -> v.id() + " (" + v.name() + ")")
                                .collect(Collectors.joining(", "))
                        + "."));
        return new Input(new Project(p.name(), p.variants(), found.id(), p.pinned()), input.notes());
    }
}
