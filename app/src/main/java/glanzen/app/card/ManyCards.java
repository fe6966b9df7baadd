package glanzen.app.card;

import java.util.List;
import java.util.Queue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ForkJoinPool;
import java.util.stream.IntStream;

/** Many cards that are worked out while something else is done. */
public final class ManyCards implements AutoCloseable {

    private final Queue<Runnable> left;
    private final CompletableFuture<?> others;

    ManyCards(List<Runnable> cards) {
        left = new ConcurrentLinkedQueue<>(cards);
        others = CompletableFuture.allOf(IntStream.range(0, ForkJoinPool.getCommonPoolParallelism())
                .mapToObj(hand -> CompletableFuture.runAsync(this::work))
                .toArray(CompletableFuture[]::new));
    }

    private void work() {
        for (Runnable card = left.poll(); card != null; card = left.poll()) {
            card.run();
        }
    }

    /** Helps until all are worked out. Fails as the page of the first that cannot be would. */
    public void finish() {
        work();
        try {
            others.join();
        } catch (CompletionException failed) {
            throw failed.getCause() instanceof RuntimeException said ? said : failed;
        }
    }

    /** Those that are left are no longer wanted. */
    @Override
    public void close() {
        left.clear();
    }
}
