package lectulum.app;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;

/// The project a command works on: a file, or a demonstration by its name.
///
/// @param notes what had to be changed to open it
record Input(Project project, List<String> notes) {

    /// @throws IOException with a sentence where it cannot be opened
    static Input of(String name) throws IOException {
        if (name.startsWith(Desk.DEMO)) {
            String key = name.substring(Desk.DEMO.length());
            return new Input(
                    Campers.demo(key).orElseThrow(() -> new UnreadableFile("There is no demonstration " + name + ".")),
                    List.of());
        }
        try {
            ProjectJson.Read read = ProjectFile.open(Path.of(name));
            System.getLogger("lectulum").log(System.Logger.Level.DEBUG, "opened {0}", name);
            return new Input(read.project(), read.notes());
        } catch (InvalidPathException e) {
            throw new UnreadableFile("“" + name + "” cannot be the name of a file.");
        }
    }
}
