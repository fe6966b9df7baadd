package glanzen.app.run;

import glanzen.app.web.NotFound;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pushes runs to the pages that watch them. */
@Component
class RunFeed {

    private static final long NO_TIMEOUT = 0L;

    private final RunService runs;
    private final Map<String, Set<SseEmitter>> watchers = new ConcurrentHashMap<>();

    RunFeed(RunService runs) {
        this.runs = runs;
    }

    SseEmitter watch(String id) {
        runs.get(id);
        SseEmitter emitter = new SseEmitter(NO_TIMEOUT);
        Set<SseEmitter> together = watchers.computeIfAbsent(id, key -> ConcurrentHashMap.newKeySet());
        together.add(emitter);
        emitter.onCompletion(() -> together.remove(emitter));
        emitter.onError(gone -> together.remove(emitter));
        return emitter;
    }

    @Scheduled(fixedRate = 400)
    void push() {
        watchers.forEach((id, emitters) -> {
            if (!emitters.isEmpty()) {
                push(id, emitters);
            }
        });
    }

    /** A run goes when a whole workshop is taken in; who watched it is told that there is no more to come. */
    private void push(String id, Set<SseEmitter> emitters) {
        try {
            RunView view = runs.get(id);
            emitters.forEach(emitter -> send(emitter, view));
        } catch (NotFound gone) {
            watchers.remove(id);
            emitters.forEach(SseEmitter::complete);
        }
    }

    private void send(SseEmitter emitter, RunView view) {
        try {
            emitter.send(SseEmitter.event().name("run").data(view));
        } catch (IOException | IllegalStateException gone) {
            watchers.values().forEach(set -> set.remove(emitter));
        }
    }
}
