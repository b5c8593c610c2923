package lectulum.parts;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.AppenderBase;
import ch.qos.logback.core.ConsoleAppender;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.util.FileSize;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import lectulum.files.Home;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Faults of the program itself: each goes into a log file of the user's with its trace, and into one sentence.
public final class Trouble {
    private static final FileSize MOST = new FileSize(1 << 20);
    private static final String LINE = "%d{yyyy-MM-dd HH:mm:ss.SSS} %-5level [%thread] %logger: %msg%n";

    private Trouble() {
    }

    /// Sends what the program and its libraries log to a file in the user's folder, and what the program itself does to the
    /// error output too where somebody wants to follow it. The file is made when there is something to write; where it
    /// cannot be made, nothing is logged.
    ///
    /// @param followed whether every step of the program is told on the error output
    public static void logTo(Home home, boolean followed) {
        LoggerContext context = (LoggerContext) LoggerFactory.getILoggerFactory();
        context.reset();
        ch.qos.logback.classic.Logger root = context.getLogger(Logger.ROOT_LOGGER_NAME);
        root.setLevel(Level.WARN);
        LogFile file = new LogFile(file(home));
        file.setContext(context);
        file.start();
        root.addAppender(file);
        // It calls it an error that memory of a file is given back by the collector only.
        context.getLogger("org.apache.pdfbox.io.IOUtils").setLevel(Level.OFF);
        if (followed) {
            ch.qos.logback.classic.Logger ours = context.getLogger("lectulum");
            ours.setLevel(Level.DEBUG);
            ConsoleAppender<ILoggingEvent> errors = new ConsoleAppender<>();
            errors.setContext(context);
            errors.setTarget("System.err");
            errors.setEncoder(lines(context));
            errors.start();
            ours.addAppender(errors);
        }
    }

    private static Path file(Home home) {
        return home.folder().resolve("lectulum.log");
    }

    private static PatternLayoutEncoder lines(LoggerContext context) {
        PatternLayoutEncoder lines = new PatternLayoutEncoder();
        lines.setContext(context);
        lines.setPattern(LINE);
        lines.start();
        return lines;
    }

    /// Writes a fault to the log and says so.
    public static String note(Throwable fault) {
        LoggerFactory.getLogger("lectulum").error("fault on thread {}", Thread.currentThread().getName(), fault);
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

    /// Makes its file when the first line comes; one older file is kept.
    private static final class LogFile extends AppenderBase<ILoggingEvent> {
        private final Path path;
        private RollingFileAppender<ILoggingEvent> file;
        private boolean failed;

        LogFile(Path path) {
            this.path = path;
        }

        @Override
        protected void append(ILoggingEvent line) {
            if (failed || line.getLevel().toInt() < Level.WARN_INT) {
                return;
            }
            if (file == null) {
                open();
            }
            if (!failed) {
                file.doAppend(line);
            }
        }

        private void open() {
            try {
                Files.createDirectories(path.getParent());
            } catch (IOException noLog) {
                failed = true;
                return;
            }
            LoggerContext context = (LoggerContext) getContext();
            file = new RollingFileAppender<>();
            file.setContext(context);
            file.setFile(path.toString());
            file.setEncoder(lines(context));
            FixedWindowRollingPolicy older = new FixedWindowRollingPolicy();
            older.setContext(context);
            older.setParent(file);
            older.setFileNamePattern(path + ".%i");
            older.setMinIndex(1);
            older.setMaxIndex(1);
            older.start();
            SizeBasedTriggeringPolicy<ILoggingEvent> full = new SizeBasedTriggeringPolicy<>();
            full.setContext(context);
            full.setMaxFileSize(MOST);
            full.start();
            file.setRollingPolicy(older);
            file.setTriggeringPolicy(full);
            file.start();
            failed = !file.isStarted();
        }

        @Override
        public void stop() {
            if (file != null) {
                file.stop();
            }
            super.stop();
        }
    }
}
