package glanzen.app.evening;

import glanzen.app.web.NotFound;
import glanzen.schedule.Planner;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Tidy;
import glanzen.schedule.Workload;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Component;

/** Looks for better plans in the background and tidies the best, one evening after another, until time is up or somebody stops it. */
@Component
class EveningSearch {

    private static final Logger LOG = LoggerFactory.getLogger(EveningSearch.class);
    private static final int LOOK_SECONDS = 10;

    private final EveningService evenings;
    private final Planner planner;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "better plans");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, AtomicBoolean> searching = new ConcurrentHashMap<>();

    EveningSearch(EveningService evenings, Planner planner) {
        this.evenings = evenings;
        this.planner = planner;
    }

    boolean available() {
        return planner.available();
    }

    boolean on(String id) {
        return searching.containsKey(id);
    }

    /** Looks for something better than what an evening is now. */
    void begin(String id) {
        stop(id);
        AtomicBoolean stopped = new AtomicBoolean();
        searching.put(id, stopped);
        worker.execute(() -> look(id, stopped));
    }

    private void look(String id, AtomicBoolean stopped) {
        try {
            Kept kept = evenings.get(id);
            Workload work = kept.workload(kept.plannedFrom());
            Schedule quick = kept.planOf(work);
            Found best = planner.available()
                    ? planner.improve(
                            work, quick, LOOK_SECONDS, stopped::get, found -> take(id, kept, work, found, stopped))
                    : new Found(quick, kept.endBound(), false);
            Schedule tidy = Tidy.of(work, best.schedule(), stopped::get);
            take(id, kept, work, new Found(tidy, best.endBound(), best.proven()), stopped);
        } catch (RuntimeException | LinkageError broken) {
            // The quick plan stays; a better one is no promise.
            LOG.warn("no better plan for {}: {}", id, broken.toString());
        } finally {
            searching.remove(id, stopped);
        }
    }

    private void take(String id, Kept kept, Workload work, Found found, AtomicBoolean stopped) {
        if (stopped.get()) {
            return;
        }
        try {
            if (!evenings.better(id, kept.sequence(), work, found)) {
                stopped.set(true);
            }
        } catch (ConcurrencyFailureException | NotFound changed) {
            // At this very moment somebody made another evening of it, or none.
            stopped.set(true);
        }
    }

    void stop(String id) {
        AtomicBoolean on = searching.remove(id);
        if (on != null) {
            on.set(true);
        }
    }

    @PreDestroy
    void close() {
        searching.values().forEach(s -> s.set(true));
        worker.shutdownNow();
    }
}
