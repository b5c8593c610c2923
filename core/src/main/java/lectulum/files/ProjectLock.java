package lectulum.files;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HexFormat;
import java.util.Optional;
import java.util.zip.CRC32C;

/// Says which window may write a file: the first that opened it. The system frees the lock when the program dies.
public final class ProjectLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private ProjectLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /// Takes the lock; empty where another window has it.
    ///
    /// @param folder where lock files are kept
    /// @param file   the project file
    public static Optional<ProjectLock> take(Path folder, Path file) throws IOException {
        Files.createDirectories(folder);
        var checksum = new CRC32C();
        checksum.update(file.toAbsolutePath().normalize().toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
        Path lockFile = folder.resolve(HexFormat.of().toHexDigits(checksum.getValue()) + ".lock");
        FileChannel channel = FileChannel.open(lockFile, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new ProjectLock(channel, lock));
            }
        } catch (OverlappingFileLockException heldByAnotherWindowOfThisProgram) {
            channel.close();
            return Optional.empty();
        }
        channel.close();
        return Optional.empty();
    }

    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
    }
}
