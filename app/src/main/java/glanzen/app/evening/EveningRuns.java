package glanzen.app.evening;

import glanzen.app.evening.Kept.Running;
import glanzen.app.run.RunTold;
import glanzen.evening.Block;
import glanzen.schedule.Task;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Hears what runs say: a stretch of the evening is begun, or over, without anybody saying it twice. */
@Component
class EveningRuns {

    private static final Logger LOG = LoggerFactory.getLogger(EveningRuns.class);

    private final EveningService evenings;
    private final EveningSearch search;

    EveningRuns(EveningService evenings, EveningSearch search) {
        this.evenings = evenings;
        this.search = search;
    }

    /** A run that is over is over, whatever becomes of the plan; a better plan that comes at the same moment gives way. */
    @TransactionalEventListener
    void hear(RunTold said) {
        try {
            evenings.told(kept -> heard(kept, said, kept.seconds(evenings.now())))
                    .ifPresent(search::begin);
        } catch (RuntimeException unheard) {
            LOG.warn("an evening did not hear of {}: {}", said.run(), unheard.toString());
        }
    }

    /** @param at now, s */
    static Kept heard(Kept kept, RunTold said, int at) {
        Running on = kept.runs().get(said.run());
        return switch (said.what()) {
            case BEGUN -> next(kept, said, said.setUp(), at).orElse(kept);
            case PULLED -> on == null ? kept : pulled(kept, on, said, at);
            case OVER -> on == null ? kept : kept.done(on.task(), at).over(said.run());
            case LEFT -> kept.over(said.run());
        };
    }

    /** A run of many goes through one stretch after another. */
    private static Kept pulled(Kept before, Running on, RunTold said, int at) {
        Block block = block(before, on.task());
        Kept kept = on.before() == 0 && said.good() <= 1 ? atWork(before, on.task(), block, at) : before;
        if (said.good() - on.before() < block.count()) {
            return kept;
        }
        Kept done = kept.done(on.task(), at);
        return next(done, said, Objects.toString(block.setUpId(), ""), at).orElse(done);
    }

    /** A run is begun before anything is hot: its first stretch counts from the work on the first pull. */
    private static Kept atWork(Kept kept, String task, Block block, int at) {
        int one = block.round() == null
                ? block.seconds()
                : (int) Math.ceil(block.round().seconds(1));
        return kept.begun(task, Math.max(at - one, kept.begun().getOrDefault(task, at)));
    }

    private static Block block(Kept kept, String task) {
        return Objects.requireNonNull(kept.work().blocks().get(task));
    }

    /** The first stretch that is done with its set-up and is not begun. */
    private static Optional<Kept> next(Kept kept, RunTold said, String setUp, int at) {
        return kept.work().tasks().stream()
                .filter(t -> setUp.equals(block(kept, t.id()).setUpId())
                        && t.risky() == said.scrap()
                        && kept.starts().containsKey(t.id())
                        && !kept.begun().containsKey(t.id())
                        && !kept.done().containsKey(t.id()))
                .min(Comparator.comparingInt(
                        t -> Objects.requireNonNull(kept.starts().get(t.id()))))
                .map(Task::id)
                .map(task -> kept.begun(task, at).running(said.run(), new Running(task, said.good())));
    }
}
