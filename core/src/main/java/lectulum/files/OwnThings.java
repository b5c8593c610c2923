package lectulum.files;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lectulum.catalogue.Catalogue;
import lectulum.design.thing.Thing;

/// The user's own things, kept in one CSV file with the columns of the shipped catalogue.
public final class OwnThings {
    private final Path file;

    public OwnThings(Path file) {
        this.file = file;
    }

    /// What is kept; nothing where there is no file yet.
    ///
    /// @throws IOException where the file is there but cannot be read or understood
    public List<Thing> all() throws IOException {
        if (!Files.exists(file)) {
            return List.of();
        }
        try (Reader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            return Catalogue.read(reader);
        } catch (IllegalArgumentException | java.io.UncheckedIOException e) {
            throw new IOException(file + ", " + e.getMessage(), e);
        }
    }

    /// Keeps a thing; one of the same name is replaced.
    public void keep(Thing thing) throws IOException {
        List<Thing> things = new ArrayList<>(all());
        things.removeIf(t -> t.name().equals(thing.name()));
        String id = "own-" + thing.name().toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        things.addFirst(thing.withId(id));
        var text = new StringWriter();
        ThingsCsv.catalogue(things, text);
        AtomicFile.write(file, text.toString());
    }
}
