package lectulum.files;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.CRC32C;

/// Says which window may write a file: the first that opened it. The system frees the lock when the program dies.
public final class ProjectLock implements AutoCloseable {
    /// Lock files that windows of this program hold. They must not be opened again here: closing any channel of a file
    /// frees every lock that the program has on it.
    private static final Set<Path> HERE = ConcurrentHashMap.newKeySet();

    private final Path file;
    private final FileChannel channel;
    private final FileLock lock;

    private ProjectLock(Path file, FileChannel channel, FileLock lock) {
        this.file = file;
        this.channel = channel;
        this.lock = lock;
    }

    /// Takes the lock of a project file; empty where another window has it.
    ///
    /// @param folder where lock files are kept
    /// @param file   the project file
    /// @throws IOException where no lock can be kept there: then nobody can tell whether another window has it
    public static Optional<ProjectLock> take(Path folder, Path file) throws IOException {
        Files.createDirectories(folder);
        var checksum = new CRC32C();
        checksum.update(file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
        return take(folder.resolve(HexFormat.of().toHexDigits(checksum.getValue()) + ".lock"));
    }

    /// Takes the lock that a file stands for; empty where somebody has it.
    static Optional<ProjectLock> take(Path lockFile) throws IOException {
        Path path = lockFile.toAbsolutePath().normalize();
        if (!HERE.add(path)) {
            return Optional.empty();
        }
        Optional<ProjectLock> taken = Optional.empty();
        try {
            taken = lock(path);
        } finally {
            if (taken.isEmpty()) {
                HERE.remove(path);
            }
        }
        return taken;
    }

    private static Optional<ProjectLock> lock(Path path) throws IOException {
        FileChannel channel = FileChannel.open(path, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException heldByThisProgram) {
            return Optional.empty();
        } finally {
            if (lock == null) {
                channel.close();
            }
        }
        return Optional.ofNullable(lock).map(l -> new ProjectLock(path, channel, l));
    }

    @Override
    public void close() throws IOException {
        HERE.remove(file);
        lock.release();
        channel.close();
    }
}
