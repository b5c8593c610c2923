package lectulum.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import lectulum.design.Project;
import tools.jackson.databind.JsonNode;

/// Opens and saves project files (`NAME.lectulum.json`).
public final class ProjectFile {
    /// What a project file's name ends with.
    public static final String ENDING = ".lectulum.json";
    private static final long MOST_BYTES = 256L << 20;

    private ProjectFile() {
    }

    /// @throws UnreadableFile with a sentence that says what is wrong and where; the file is left as it was
    /// @throws IOException    where the disk fails
    public static ProjectJson.Read open(Path file) throws IOException {
        try {
            if (Files.isDirectory(file)) {
                throw new UnreadableFile(file + " is a folder.");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new UnreadableFile(file.getFileName() + " is larger than 256 MB and is not opened.");
            }
            byte[] bytes = Files.readAllBytes(file);
            String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
            return ProjectJson.read(text.startsWith("\ufeff") ? text.substring(1) : text);
        } catch (NoSuchFileException e) {
            throw new UnreadableFile("There is no file " + file + ".");
        } catch (CharacterCodingException e) {
            throw new UnreadableFile(file.getFileName() + " is not a text file in UTF-8.");
        }
    }

    /// Saves, keeping the version before as `NAME.lectulum.json.previous`.
    ///
    /// @param before tree of the file the project was opened from, or null
    public static void save(Path file, Project project, JsonNode before) throws IOException {
        String text = ProjectJson.write(project, before);
        if (Files.exists(file)) {
            Files.copy(file, file.resolveSibling(file.getFileName() + ".previous"),
                    StandardCopyOption.REPLACE_EXISTING);
        }
        AtomicFile.write(file, text);
    }

    /// The file name a project of this name gets.
    public static String nameFor(String project) {
        String stem = project.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return (stem.isEmpty() ? "camper" : stem) + ENDING;
    }
}
