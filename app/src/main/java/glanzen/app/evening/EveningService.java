package glanzen.app.evening;

import glanzen.app.card.CardService;
import glanzen.app.device.BenchClock;
import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.run.ToldService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.evening.Block;
import glanzen.evening.EveningWork;
import glanzen.evening.OwnPace;
import glanzen.evening.OwnPace.Took;
import glanzen.evening.Wanted;
import glanzen.evening.WarmUps;
import glanzen.measure.BadInput;
import glanzen.schedule.Bound;
import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Schedule;
import glanzen.schedule.Workload;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps evenings and plans them at once; who looks for better plans comes back with them. */
@Service
@Transactional
public class EveningService {

    private final EveningRepository evenings;
    private final JobService jobs;
    private final SetUpService setUps;
    private final CardService cards;
    private final KitService kit;
    private final ToldService told;
    private final BenchClock clock;
    private final Json json;

    EveningService(
            EveningRepository evenings,
            JobService jobs,
            SetUpService setUps,
            CardService cards,
            KitService kit,
            ToldService told,
            BenchClock clock,
            Json json) {
        this.evenings = evenings;
        this.jobs = jobs;
        this.setUps = setUps;
        this.cards = cards;
        this.kit = kit;
        this.told = told;
        this.clock = clock;
        this.json = json;
    }

    /** Plans some jobs into some hours; the quick plan is there at once. */
    public String plan(EveningRequest asked) {
        EveningWork work = EveningWork.of(
                asked.jobIds().stream().map(this::wanted).toList(),
                new WarmUps(heater ->
                        told.fromColdSeconds(heater).map(OptionalDouble::of).orElse(OptionalDouble.empty())),
                pace());
        if (work.tasks().isEmpty()) {
            throw new BadInput("jobIds", "have nothing that is to be done", "jobs with operations");
        }
        EveningEntity entity = new EveningEntity();
        entity.id = "evening-" + UUID.randomUUID().toString().substring(0, 8);
        entity.plannedAt = clock.lived();
        Kept kept = Kept.of(now(), asked, work);
        if (kept.hours(0).isEmpty()) {
            throw new BadInput("hours", "are all over", "hours that are still to come");
        }
        write(entity, quick(kept));
        return entity.id;
    }

    /** What the person took before, for whatever they said that it was begun and over. */
    private OwnPace pace() {
        return OwnPace.of(evenings.findAll().stream()
                .map(this::read)
                .flatMap(kept -> kept.done().entrySet().stream()
                        .filter(d -> kept.begun().containsKey(d.getKey()))
                        .map(d -> {
                            Block block = kept.work().blocks().get(d.getKey());
                            int took = d.getValue() - kept.begun().get(d.getKey());
                            return new Took(block.pace(), block.usualSeconds(), took);
                        }))
                .toList());
    }

    private Instant now() {
        return clock.lived().truncatedTo(ChronoUnit.SECONDS);
    }

    private Wanted wanted(String jobId) {
        SavedJob saved = jobs.get(jobId);
        Map<String, SavedSetUp> named = setUps
                .those(saved.job().pieces().stream()
                        .flatMap(p -> p.operations().stream())
                        .flatMap(o -> Optional.ofNullable(o.setUpId()).stream())
                        .collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(SavedSetUp::id, s -> s));
        return new Wanted(
                jobId,
                saved.job(),
                jobs.named(saved.job()),
                named.values().stream()
                        .filter(SavedSetUp::proven)
                        .map(SavedSetUp::id)
                        .collect(Collectors.toSet()),
                cards.steps(saved.job()));
    }

    /** The quick plan from now on. */
    private Kept quick(Kept kept) {
        int from = Math.max(0, kept.seconds(now()));
        Workload work = kept.workload(from);
        Schedule plan = Greedy.plan(work);
        return kept.planned(plan, from, Bound.endSeconds(work, plan), false);
    }

    /** The last that was planned; nothing if none was. */
    @Transactional(readOnly = true)
    public Optional<String> latest() {
        return evenings.findFirstByOrderByPlannedAtDesc().map(e -> e.id);
    }

    @Transactional(readOnly = true)
    Kept get(String id) {
        return read(find(id));
    }

    @Transactional(readOnly = true)
    Instant plannedAt(String id) {
        return find(id).plannedAt;
    }

    @Transactional(readOnly = true)
    EveningView view(String id, boolean searching, boolean solver) {
        EveningEntity entity = find(id);
        return new EveningViews(read(entity), kit.kit(), now()).view(id, searching, solver, entity.version);
    }

    /** A better plan was found, for an evening as it was; nothing is changed if it is another by now. */
    boolean better(String id, int sequence, Workload work, Found found) {
        EveningEntity entity = find(id);
        Kept kept = read(entity);
        if (kept.sequence() != sequence || !Check.of(work, found.schedule()).isEmpty()) {
            return false;
        }
        write(
                entity,
                kept.planned(found.schedule(), kept.plannedFrom(), found.endBound(), found.proven())
                        .numbered(sequence));
        return true;
    }

    /** Puts a stretch of work to a time by hand, or lets it go again; the rest follows. */
    void fix(String id, String task, @Nullable Instant at, long sequence) {
        change(id, sequence, kept -> {
            Map<String, Integer> fixed = new HashMap<>(kept.fixed());
            if (at == null) {
                fixed.remove(known(kept, task));
            } else {
                fixed.put(known(kept, task), kept.seconds(at));
            }
            Kept changed = kept.fixing(fixed);
            int from = Math.max(0, changed.seconds(now()));
            Workload work = changed.workload(from);
            Schedule plan = Greedy.plan(work);
            if (!Check.of(work, plan).isEmpty()) {
                throw new BadInput(
                        "at", "does not work: somebody must be there, and what it waits for be over", "another time");
            }
            return changed.planned(plan, from, Bound.endSeconds(work, plan), false);
        });
    }

    /** Leaves a stretch of work out by hand, with all that waits for it, or takes it in again; the rest follows. */
    void leaveOut(String id, String task, boolean out, long sequence) {
        change(id, sequence, kept -> {
            Set<String> forbidden = new HashSet<>(kept.forbidden());
            if (out) {
                forbidden.add(known(kept, task));
            } else {
                forbidden.remove(known(kept, task));
            }
            return quick(kept.forbidding(forbidden));
        });
    }

    private static String known(Kept kept, String task) {
        if (!kept.work().blocks().containsKey(task)) {
            throw new BadInput("task", "is not of this evening: " + task, "a stretch of its work");
        }
        return task;
    }

    /** A stretch of work is begun, or over, now. */
    void happened(String id, String task, boolean over, long sequence) {
        change(id, sequence, kept -> {
            known(kept, task);
            int at = kept.seconds(now());
            return over ? kept.done(task, at) : kept.begun(task, at);
        });
    }

    /** Plans what is left anew, from now on. */
    void again(String id, long sequence) {
        change(id, sequence, this::quick);
    }

    /** A change is made on what a person saw: better plans that came meanwhile are in nobody's way. */
    private void change(String id, long sequence, UnaryOperator<Kept> change) {
        EveningEntity entity = find(id);
        Kept kept = read(entity);
        Conflict.unlessSame(sequence, kept.sequence());
        write(entity, change.apply(kept).numbered(kept.sequence() + 1));
    }

    void remove(String id, long sequence) {
        EveningEntity entity = find(id);
        Conflict.unlessSame(sequence, read(entity).sequence());
        evenings.delete(entity);
    }

    /** Forgets all of them: they are of jobs that are no more. */
    public void forgetAll() {
        evenings.deleteAllInBatch();
    }

    private EveningEntity find(String id) {
        return evenings.findById(id).orElseThrow(() -> new NotFound("This evening"));
    }

    private Kept read(EveningEntity entity) {
        return json.read(entity.body, Kept.class);
    }

    private void write(EveningEntity entity, Kept kept) {
        entity.body = json.write(kept);
        evenings.saveAndFlush(entity);
    }
}
