package lectulum.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// The folder where the program keeps what belongs to the user and not to one project: own things, recent files,
/// journals, locks. `lectulum.home` names another one.
public record Home(Path folder) {
    private static final int RECENT = 8;

    public static Home ofUser() {
        String set = System.getProperty("lectulum.home", "");
        return new Home(set.isEmpty() ? Path.of(System.getProperty("user.home"), ".lectulum") : Path.of(set));
    }

    public Path journals() {
        return folder.resolve("journal");
    }

    public Path locks() {
        return folder.resolve("locks");
    }

    public Path ownThings() {
        return folder.resolve("own-things.csv");
    }

    /// Files opened or saved last, newest first, those that are gone left out.
    public List<Path> recent() throws IOException {
        Path list = recentList();
        if (!Files.exists(list)) {
            return List.of();
        }
        return Files.readAllLines(list).stream().filter(l -> !l.isBlank()).map(Path::of).filter(Files::exists).toList();
    }

    public void remember(Path file) throws IOException {
        List<Path> files = new ArrayList<>(recent());
        Path absolute = file.toAbsolutePath().normalize();
        files.remove(absolute);
        files.addFirst(absolute);
        List<String> lines = files.stream().limit(RECENT).map(Path::toString).toList();
        AtomicFile.write(recentList(), String.join("\n", lines) + "\n");
    }

    private Path recentList() {
        return folder.resolve("recent.txt");
    }
}
