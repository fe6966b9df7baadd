package glanzen.app.run;

import glanzen.app.web.NotFound;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pushes runs to the pages that watch them. */
@Component
class RunFeed {

    private static final long NO_TIMEOUT = 0L;
    /** Without news a watcher hears this often that the server is still there, in rounds of looking. */
    private static final int QUIET_ROUNDS = 25;

    private final RunService runs;
    private final Map<String, Set<SseEmitter>> watchers = new ConcurrentHashMap<>();
    private final Map<String, RunView> told = new ConcurrentHashMap<>();
    private int round;

    RunFeed(RunService runs) {
        this.runs = runs;
    }

    SseEmitter watch(String id) {
        return watch(id, new SseEmitter(NO_TIMEOUT));
    }

    SseEmitter watch(String id, SseEmitter emitter) {
        runs.get(id);
        Set<SseEmitter> together = watchers.computeIfAbsent(id, key -> ConcurrentHashMap.newKeySet());
        together.add(emitter);
        // Whoever is new is told at the next round.
        told.remove(id);
        emitter.onCompletion(() -> together.remove(emitter));
        emitter.onError(gone -> together.remove(emitter));
        return emitter;
    }

    /** Pages that are open do not keep Glanzen from ending. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        watchers.values().forEach(set -> set.forEach(SseEmitter::complete));
    }

    @Scheduled(fixedRate = 400)
    void push() {
        round++;
        watchers.forEach((id, emitters) -> {
            if (emitters.isEmpty()) {
                watchers.remove(id, emitters);
                told.remove(id);
            } else {
                push(id, emitters);
            }
        });
    }

    /** A run goes when a whole workshop is taken in; who watched it is told that there is no more to come. */
    private void push(String id, Set<SseEmitter> emitters) {
        try {
            RunView view = runs.get(id);
            RunView shown = view.asShown();
            boolean news = !shown.equals(told.put(id, shown));
            if (news) {
                emitters.forEach(
                        emitter -> send(emitter, SseEmitter.event().name("run").data(view)));
            } else if (round % QUIET_ROUNDS == 0) {
                emitters.forEach(emitter -> send(emitter, SseEmitter.event().comment("still here")));
            }
        } catch (NotFound gone) {
            watchers.remove(id);
            told.remove(id);
            emitters.forEach(SseEmitter::complete);
        }
    }

    private void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            watchers.values().forEach(set -> set.remove(emitter));
        }
    }
}
