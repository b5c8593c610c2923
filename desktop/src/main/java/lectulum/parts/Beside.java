package lectulum.parts;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/// Work beside the interface thread: one thing after another, and no reason for the program to stay.
public final class Beside {
    private Beside() {
    }

    /// @param name of the thread, for whoever looks at it
    public static ExecutorService worker(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }
}
