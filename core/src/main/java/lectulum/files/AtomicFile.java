package lectulum.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Writes a file so that a reader, a crash or a power cut finds either the old text or the new one, never half.
public final class AtomicFile {
    private static final Pattern PART = Pattern.compile("(\\d{1,10})-\\d+\\.part");

    private AtomicFile() {
    }

    /// Writes beside the file, forces it to the disk, and renames it over the file.
    ///
    /// @throws IOException where it cannot be written; the old file is then still there
    public static void write(Path file, String text) throws IOException {
        write(file, text.getBytes(StandardCharsets.UTF_8));
    }

    /// Removes the half-written files that programs which were killed left beside a file. What cannot be removed stays.
    static void sweep(Path file) {
        Path folder = file.toAbsolutePath().getParent();
        String start = file.getFileName() + ".";
        if (folder == null || !Files.isDirectory(folder)) {
            return;
        }
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder,
                p -> p.getFileName().toString().startsWith(start))) {
            for (Path part : parts) {
                Matcher m = PART.matcher(part.getFileName().toString().substring(start.length()));
                if (m.matches() && ProcessHandle.of(Long.parseLong(m.group(1))).isEmpty()) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (IOException | DirectoryIteratorException | NumberFormatException stays) {
            // It takes room and does no harm.
        }
    }

    /// @throws IOException where it cannot be written, saying why; the old file is then still there
    public static void write(Path file, byte[] bytes) throws IOException {
        try {
            written(file, bytes);
        } catch (IOException fault) {
            throw Disk.written(file, fault);
        }
    }

    private static void written(Path file, byte[] bytes) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        sweep(file);
        Path temporary = folder
                .resolve(file.getFileName() + "." + ProcessHandle.current().pid() + "-" + System.nanoTime() + ".part");
        try {
            try (FileChannel channel = FileChannel.open(temporary, StandardOpenOption.WRITE,
                    StandardOpenOption.CREATE_NEW)) {
                ByteBuffer buffer = ByteBuffer.wrap(bytes);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            Files.move(temporary, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }
}
