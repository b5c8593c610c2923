package lectulum.parts;

import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.function.Consumer;
import javafx.application.Platform;

/// Work beside the interface thread: one thing after another, and no reason for the program to stay.
///
/// What fails is written to the log with its trace, handed over as a sentence to show, and counts as ended: nothing waits
/// for it for ever. A file that cannot be read or written is no fault of the program: what it says of itself is the sentence. All methods are for the interface thread.
public final class Background implements AutoCloseable {
    private final ExecutorService worker;
    private int running;

    /// @param name of the thread, for whoever looks at it
    public Background(String name) {
        this.worker = Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /// Computes something and shows it.
    ///
    /// @param work   run by the worker
    /// @param done   takes its result, on the interface thread
    /// @param failed takes a sentence instead where the work failed, on the interface thread
    public <T> void run(Callable<T> work, Consumer<T> done, Consumer<String> failed) {
        running++;
        try {
            worker.submit(() -> attempt(work, done, failed));
        } catch (RejectedExecutionException closed) {
            running--;
        }
    }

    /// Whether nothing is under way.
    public boolean settled() {
        return running == 0;
    }

    /// Gives up what is under way; its result is not shown.
    @Override
    public void close() {
        worker.shutdownNow();
    }

    private <T> void attempt(Callable<T> work, Consumer<T> done, Consumer<String> failed) {
        try {
            T result = work.call();
            Platform.runLater(() -> {
                running--;
                done.accept(result);
            });
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            Platform.runLater(() -> {
                running--;
                failed.accept("It was stopped.");
            });
        } catch (IOException e) {
            Platform.runLater(() -> {
                running--;
                failed.accept(e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage());
            });
        } catch (Exception | StackOverflowError | OutOfMemoryError e) {
            String sentence = Trouble.note(e);
            Platform.runLater(() -> {
                running--;
                failed.accept(sentence);
            });
        }
    }
}
