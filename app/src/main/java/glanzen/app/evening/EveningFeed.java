package glanzen.app.evening;

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

/** Tells pages of better plans; it ends when nothing is looked for any more. */
@Component
class EveningFeed {

    private static final long LONGEST_MS = 60_000L;

    private final EveningService evenings;
    private final EveningSearch search;
    private final Map<SseEmitter, String> watchers = new ConcurrentHashMap<>();
    private final Map<SseEmitter, EveningView> told = new ConcurrentHashMap<>();

    EveningFeed(EveningService evenings, EveningSearch search) {
        this.evenings = evenings;
        this.search = search;
    }

    SseEmitter watch(String id) {
        SseEmitter emitter = new SseEmitter(LONGEST_MS);
        watchers.put(emitter, id);
        emitter.onCompletion(() -> forget(emitter));
        emitter.onTimeout(() -> forget(emitter));
        emitter.onError(gone -> forget(emitter));
        return emitter;
    }

    private void forget(SseEmitter emitter) {
        watchers.remove(emitter);
        told.remove(emitter);
    }

    /** Pages that are open do not keep Glanzen from ending. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        Set.copyOf(watchers.keySet()).forEach(SseEmitter::complete);
    }

    @Scheduled(fixedRate = 400)
    void push() {
        Set.copyOf(watchers.keySet()).forEach(this::push);
    }

    private void push(SseEmitter emitter) {
        String id = watchers.get(emitter);
        if (id == null) {
            return;
        }
        try {
            boolean on = search.on(id);
            EveningView view = evenings.view(id, on, search.available());
            EveningView before = told.put(emitter, view);
            if (before == null || before.version() != view.version() || before.searching() != on) {
                emitter.send(SseEmitter.event().name("evening").data(view));
            }
            if (!on) {
                emitter.complete();
                forget(emitter);
            }
        } catch (NotFound gone) {
            emitter.complete();
            forget(emitter);
        } catch (IOException | IllegalStateException gone) {
            forget(emitter);
        }
    }
}
