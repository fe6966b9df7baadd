package glanzen.app.archive;

import glanzen.app.folder.FolderKeeper;
import glanzen.app.keeping.Json;
import glanzen.app.pull.PullRecord;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;

/**
 * The JSON of a workshop file, written into a file of its own by a thread of its own: pulls are handed over a few at a time, and whoever
 * hands them over packs their pictures meanwhile.
 */
final class JsonAside implements AutoCloseable {

    /** Handed over before they are written, pages; with two there is always one to go on with. */
    private static final int AHEAD = 2;

    private static final long LOOKED_AFTER_MS = 100;

    private final Path aside;
    private final BlockingQueue<List<PullRecord>> pages = new ArrayBlockingQueue<>(AHEAD);
    private final FutureTask<Void> writing;
    private final Thread writer;

    /**
     * @param aside where it is written; gone when this is closed
     * @param pulls how many pulls will be handed over
     * @param file the file with these pulls in it
     */
    JsonAside(Path aside, int pulls, Function<List<PullRecord>, WorkshopFile> file, Json json) {
        this.aside = aside;
        WorkshopFile workshop = file.apply(new Handed(pulls));
        this.writing = new FutureTask<>(() -> {
            try (OutputStream out = new BufferedOutputStream(FolderKeeper.into(aside))) {
                json.writeFile(out, workshop);
            }
            return null;
        });
        this.writer = new Thread(writing, "workshop file");
        writer.setDaemon(true);
        writer.start();
    }

    /** Hands over the pulls that come next. */
    void next(List<PullRecord> page) {
        try {
            while (!pages.offer(page, LOOKED_AFTER_MS, TimeUnit.MILLISECONDS)) {
                if (writing.isDone()) {
                    whole();
                }
            }
        } catch (InterruptedException ended) {
            throw ended(ended);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Copies it when it is whole. */
    void into(OutputStream out) throws IOException {
        whole();
        Files.copy(aside, out);
    }

    private void whole() throws IOException {
        try {
            writing.get();
        } catch (InterruptedException ended) {
            throw ended(ended);
        } catch (ExecutionException broken) {
            if (broken.getCause() instanceof IOException full) {
                throw full;
            }
            throw broken.getCause() instanceof RuntimeException odd ? odd : new IllegalStateException(broken);
        }
    }

    private static CancellationException ended(InterruptedException why) {
        Thread.currentThread().interrupt();
        CancellationException ended = new CancellationException("ended while a workshop file was written");
        ended.initCause(why);
        return ended;
    }

    @Override
    public void close() throws IOException {
        writing.cancel(true);
        try {
            // Until it has let go of the file: it might be about to make it.
            writer.join();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
        Files.deleteIfExists(aside);
    }

    /** The pulls, of which only those just handed over are there; gone through once, from the first. */
    private final class Handed extends AbstractList<PullRecord> implements RandomAccess {
        private final int size;
        private int before;
        private List<PullRecord> page = List.of();

        Handed(int size) {
            this.size = size;
        }

        @Override
        public PullRecord get(int index) {
            while (index - before >= page.size()) {
                before += page.size();
                try {
                    page = pages.take();
                } catch (InterruptedException given) {
                    throw ended(given);
                }
            }
            return page.get(index - before);
        }

        @Override
        public int size() {
            return size;
        }
    }
}
