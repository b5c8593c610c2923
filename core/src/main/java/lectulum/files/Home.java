package lectulum.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.units.UnitSystem;

/// The folder where the program keeps what belongs to the user and not to one project: own things, recent files,
/// journals, locks. `lectulum.home` names another one. No project needs anything of it to be opened or saved.
public record Home(Path folder) {
    private static final int RECENT = 8;
    private static final long MOST_BYTES = 1 << 20;

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

    public Path lessons() {
        return folder.resolve("lessons.csv");
    }

    public Path ownThings() {
        return folder.resolve("own-things.csv");
    }

    /// Files opened or saved last, newest first, those that are gone left out. A list that is damaged counts as far as it
    /// can be read; one that cannot be read at all is empty.
    public List<Path> recent() {
        Path list = recentList();
        try {
            if (!Files.isRegularFile(list) || Files.size(list) > MOST_BYTES) {
                return List.of();
            }
            return new String(Files.readAllBytes(list), StandardCharsets.UTF_8).lines().flatMap(Home::path)
                    .filter(Files::isRegularFile).distinct().limit(RECENT).toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /// Puts a file on top of the list of recent files.
    ///
    /// @throws IOException where the list cannot be written; the file itself has nothing to do with it
    public void remember(Path file) throws IOException {
        List<Path> files = new ArrayList<>(recent());
        Path absolute = file.toAbsolutePath().normalize();
        files.remove(absolute);
        files.addFirst(absolute);
        List<String> lines = files.stream().limit(RECENT).map(Path::toString).toList();
        AtomicFile.write(recentList(), String.join("\n", lines) + "\n");
    }

    /// The unit system that was chosen last; empty where none was, or it cannot be read.
    public Optional<UnitSystem> units() {
        Path chosen = unitsChosen();
        try {
            return Files.isRegularFile(chosen) && Files.size(chosen) < MOST_BYTES
                    ? Stream.of(UnitSystem.values())
                            .filter(u -> u.name().equals(read(chosen).strip())).findFirst()
                    : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /// Keeps the unit system for what is begun new.
    ///
    /// @throws IOException where it cannot be written
    public void keepUnits(UnitSystem units) throws IOException {
        AtomicFile.write(unitsChosen(), units.name() + "\n");
    }

    /// Whether the next steps are shown on each stage; they are until somebody hides them.
    public boolean guided() {
        return !Files.isRegularFile(folder.resolve("unguided.txt"));
    }

    /// @throws IOException where it cannot be written
    public void guide(boolean shown) throws IOException {
        Path hidden = folder.resolve("unguided.txt");
        if (shown) {
            Files.deleteIfExists(hidden);
        } else {
            AtomicFile.write(hidden, "The next steps are hidden.\n");
        }
    }

    private static String read(Path file) {
        try {
            return new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
        } catch (IOException e) {
            return "";
        }
    }

    private Path unitsChosen() {
        return folder.resolve("units.txt");
    }

    private static Stream<Path> path(String line) {
        try {
            return line.isBlank() ? Stream.empty() : Optional.of(Path.of(line)).stream();
        } catch (InvalidPathException damaged) {
            return Stream.empty();
        }
    }

    private Path recentList() {
        return folder.resolve("recent.txt");
    }
}
