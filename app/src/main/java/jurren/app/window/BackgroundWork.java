package jurren.app.window;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Work beside the window's thread; what comes of it arrives on the window's thread. */
final class BackgroundWork {
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("background work").factory());

    /** @return the running work, to be stopped by cancelling it: then nothing arrives */
    <T> Future<?> run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        return worker.submit(() -> {
            try {
                T result = work.call();
                if (!Thread.currentThread().isInterrupted()) {
                    Platform.runLater(() -> done.accept(result));
                }
            } catch (InterruptedException | CancellationException _) {
                Thread.currentThread().interrupt();
            } catch (Exception e) {
                Platform.runLater(() -> failed.accept(e));
            }
        });
    }

    void close() {
        worker.shutdownNow();
    }
}
