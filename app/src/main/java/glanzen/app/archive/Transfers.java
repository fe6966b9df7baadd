package glanzen.app.archive;

import glanzen.app.web.Conflict;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whole workshops on their way out or in: how far the latest is, and whether it is still wanted. */
@Component
public class Transfers {

    private final AtomicReference<@Nullable Transfer> latest = new AtomicReference<>();

    /**
     * How far a workshop is on its way.
     *
     * @param stage what is being done; empty if nothing is on its way
     * @param done how many of them
     * @param of how many there are; 0 while that is not known
     */
    record Stage(String stage, int done, int of) {}

    /** One workshop on its way. */
    public final class Transfer implements AutoCloseable {
        private volatile Stage stage = new Stage("Beginning", 0, 0);
        private volatile boolean unwanted;

        /** The next stage begins. */
        void stage(String label, int of) {
            stage = new Stage(label, 0, of);
            done(0);
        }

        /** So many are done; whoever no longer wants it is rid of it here. */
        void done(int count) {
            if (unwanted) {
                throw new Conflict("It was cancelled. Nothing was changed.");
            }
            stage = new Stage(stage.stage, count, stage.of);
        }

        @Override
        public void close() {
            latest.compareAndSet(this, null);
        }
    }

    /** Begins one; to be closed when it has come or failed. */
    public Transfer begin() {
        Transfer transfer = new Transfer();
        latest.set(transfer);
        return transfer;
    }

    Stage now() {
        Transfer transfer = latest.get();
        return transfer == null ? new Stage("", 0, 0) : transfer.stage;
    }

    void cancel() {
        Transfer transfer = latest.get();
        if (transfer != null) {
            transfer.unwanted = true;
        }
    }
}
