package lectulum.parts;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;
import lectulum.files.Home;

/// Faults of the program itself: each goes into a log file of the user's with its trace, and into one sentence.
public final class Trouble {
    private static final Logger LOG = Logger.getLogger("lectulum");
    private static final int MOST_BYTES = 1 << 20;

    private Trouble() {
    }

    /// Sends what the program and its libraries log to a file in the user's folder and nowhere else. The file is made when
    /// there is something to write; where it cannot be made, nothing is logged.
    public static void logTo(Home home) {
        LogManager.getLogManager().reset();
        Logger.getLogger("").addHandler(new LogFile(file(home)));
    }

    private static Path file(Home home) {
        return home.folder().resolve("lectulum.log");
    }

    /// Writes a fault to the log and says so.
    public static String note(Throwable fault) {
        LOG.log(Level.SEVERE, "fault on thread " + Thread.currentThread().getName(), fault);
        Path log = file(Home.ofUser());
        return "Something in the program failed (" + fault.getClass().getSimpleName() + "). Your work is not touched."
                + (Files.exists(log) ? " Details are in " + log + "." : "");
    }

    /// Takes every fault that nothing else took, on any thread.
    ///
    /// @param say shows the sentence, on whatever thread
    public static void watch(Consumer<String> say) {
        Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> say.accept(note(fault)));
    }

    /// Makes its file when the first line comes.
    private static final class LogFile extends Handler {
        private final Path path;
        private Handler file;
        private boolean failed;

        LogFile(Path path) {
            this.path = path;
        }

        @Override
        public synchronized void publish(LogRecord line) {
            if (line.getLevel().intValue() < Level.WARNING.intValue() || failed) {
                return;
            }
            try {
                if (file == null) {
                    Files.createDirectories(path.getParent());
                    file = new FileHandler(path.toString().replace("%", "%%"), MOST_BYTES, 1, true);
                    file.setFormatter(new SimpleFormatter());
                }
                file.publish(line);
            } catch (IOException noLog) {
                failed = true;
            }
        }

        @Override
        public synchronized void flush() {
            if (file != null) {
                file.flush();
            }
        }

        @Override
        public synchronized void close() {
            if (file != null) {
                file.close();
            }
        }
    }
}
