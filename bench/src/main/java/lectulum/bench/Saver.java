package lectulum.bench;

import java.io.IOException;
import java.nio.file.Path;
import lectulum.demo.Campers;
import lectulum.design.Project;
import lectulum.files.ProjectFile;

/// Saves one project after another into one file until it is killed; each is named by its number.
final class Saver {
    private Saver() {
    }

    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]);
        Project p = Campers.demo("dunlin").orElseThrow();
        for (int i = Integer.parseInt(args[1]);; i++) {
            ProjectFile.save(file, new Project(String.valueOf(i), p.variants(), p.current(), p.pinned()), null);
            System.out.println(i);
        }
    }
}
