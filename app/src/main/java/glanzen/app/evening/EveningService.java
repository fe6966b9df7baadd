package glanzen.app.evening;

import glanzen.app.device.BenchClock;
import glanzen.app.evening.EveningView.Way;
import glanzen.app.evening.Kept.Lack;
import glanzen.app.keeping.Json;
import glanzen.app.keeping.TriedAgain;
import glanzen.app.kit.KitService;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.evening.Block;
import glanzen.evening.EveningWork;
import glanzen.evening.OwnPace;
import glanzen.evening.OwnPace.Took;
import glanzen.measure.BadInput;
import glanzen.schedule.Check;
import glanzen.schedule.Hours;
import glanzen.schedule.Planner.Found;
import glanzen.schedule.Workload;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps evenings and plans them at once; who looks for better plans comes back with them. */
@Service
@Transactional
public class EveningService {

    private final EveningRepository evenings;
    private final WorkAtHand atHand;
    private final KitService kit;
    private final BenchClock clock;
    private final Json json;
    private volatile Ways ways = new Ways("", 0, List.of());

    EveningService(EveningRepository evenings, WorkAtHand atHand, KitService kit, BenchClock clock, Json json) {
        this.evenings = evenings;
        this.atHand = atHand;
        this.kit = kit;
        this.clock = clock;
        this.json = json;
    }

    /** Plans some jobs into some hours; the quick plan is there at once. */
    public String plan(EveningRequest asked) {
        Instant now = now();
        List<EveningWork> ways = atHand.ways(asked, pace(), now);
        List<Lack> missing = atHand.missing(asked);
        if (ways.get(0).tasks().isEmpty()) {
            throw missing.isEmpty()
                    ? new BadInput("jobIds", "have nothing that is to be done", "jobs with operations")
                    : new BadInput(
                            "jobIds",
                            "have nothing that can be done yet: "
                                    + missing.stream().map(Lack::says).collect(Collectors.joining("; ")),
                            "a set-up that can be pressed for each operation");
        }
        EveningEntity entity = new EveningEntity();
        entity.id = "evening-" + UUID.randomUUID().toString().substring(0, 8);
        entity.plannedAt = clock.lived();
        List<Kept> kept =
                ways.stream().map(work -> Kept.of(now, asked, work, missing)).toList();
        if (kept.get(0).hours(0).isEmpty()) {
            throw new BadInput("hours", "are all over", "hours that are still to come");
        }
        write(
                entity,
                Planning.better(kept.stream().map(k -> Planning.anew(k, 0)).toList()));
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

    /** When a job will be done: as it is planned, or planned beside what is, in the usual hours. */
    @Transactional(readOnly = true)
    Outlook outlook(String jobId) {
        Optional<Kept> last = evenings.findFirstByOrderByPlannedAtDesc().map(this::read);
        if (last.isEmpty()) {
            return new Outlook(null, null, false, false, List.of());
        }
        Instant now = now();
        Kept before = last.get();
        Kept kept = before;
        EveningRequest asked = kept.asked();
        boolean planned = kept.hours(jobId).isPresent();
        if (!planned) {
            // Jobs that are over or gone take no hands any more.
            List<String> beside = asked.jobIds().stream()
                    .filter(id -> before.goesOn(id) && atHand.knows(id))
                    .toList();
            EveningRequest usual = Outlook.usual(asked, beside, jobId, now);
            kept = Planning.better(atHand.ways(usual, pace(), now).stream()
                    .map(work -> Planning.anew(Kept.of(now, usual, work, List.of()), 0))
                    .toList());
        }
        List<String> missing = atHand
                .missing(new EveningRequest(List.of(jobId), asked.hours(), asked.people(), List.of(), List.of()))
                .stream()
                .map(Lack::says)
                .toList();
        Optional<Hours> of = kept.hours(jobId);
        Kept in = kept;
        return new Outlook(
                of.map(h -> in.at(h.to())).orElse(null),
                of.map(h -> in.at(h.from())).orElse(null),
                planned,
                true,
                missing);
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

    /** The ways out that were found last, of an evening as it was then. */
    private record Ways(String id, long version, List<Way> all) {}

    @Transactional(readOnly = true)
    EveningView view(String id, boolean searching, boolean solver) {
        EveningEntity entity = find(id);
        EveningViews views = new EveningViews(read(entity), kit.kit(), now());
        Ways known = ways;
        if (!known.id.equals(id) || known.version != entity.version) {
            known = new Ways(id, entity.version, views.ways());
            ways = known;
        }
        return views.view(id, searching, solver, entity.version, known.all);
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
    @TriedAgain
    void fix(String id, String task, @Nullable Instant at, long sequence) {
        change(id, sequence, kept -> {
            Map<String, Integer> fixed = new HashMap<>(kept.fixed());
            if (at == null) {
                fixed.remove(known(kept, task));
            } else {
                fixed.put(known(kept, task), kept.seconds(at));
            }
            return Planning.byHand(kept.fixing(fixed), kept.seconds(now()));
        });
    }

    /** Leaves a stretch of work out by hand, with all that waits for it, or takes it in again; the rest follows. */
    @TriedAgain
    void leaveOut(String id, String task, boolean out, long sequence) {
        change(id, sequence, kept -> {
            Set<String> forbidden = new HashSet<>(kept.forbidden());
            if (out) {
                forbidden.add(known(kept, task));
            } else {
                forbidden.remove(known(kept, task));
            }
            return Planning.anew(kept.forbidding(forbidden), kept.seconds(now()));
        });
    }

    private static String known(Kept kept, String task) {
        if (!kept.work().blocks().containsKey(task)) {
            throw new BadInput("task", "is not of this evening: " + task, "a stretch of its work");
        }
        return task;
    }

    /**
     * A stretch of work is begun, or over, now; what follows moves.
     *
     * @param beside whether it is begun beside others that are not over, with more hands than were planned
     */
    @TriedAgain
    void happened(String id, String task, boolean over, boolean beside, long sequence) {
        change(id, sequence, kept -> {
            known(kept, task);
            if (!over && !beside) {
                handsFree(kept, task);
            }
            int at = kept.seconds(now());
            return Planning.following(over ? kept.done(task, at) : kept.begun(task, at), at);
        });
    }

    /** Refuses a beginning for which no hands are free: perhaps nobody said that something is over. */
    private static void handsFree(Kept kept, String task) {
        kept.handsTaken().filter(t -> !t.id().equals(task)).ifPresent(open -> {
            throw new BadInput(
                    "task",
                    "is not begun: “" + kept.work().blocks().get(open.id()).says() + "” is not over",
                    "say that it is over, or begin this beside it");
        });
    }

    /** Plans what is left anew, from now on. */
    @TriedAgain
    void again(String id, long sequence) {
        change(id, sequence, kept -> Planning.anew(kept.missing(atHand.missing(kept.asked())), kept.seconds(now())));
    }

    /** A change is made on what a person saw: better plans that came meanwhile are in nobody's way. */
    private void change(String id, long sequence, UnaryOperator<Kept> change) {
        EveningEntity entity = find(id);
        Kept kept = read(entity);
        Conflict.unlessSame(sequence, kept.sequence());
        write(entity, change.apply(kept).numbered(kept.sequence() + 1));
    }

    /** A run said something of the evening that was planned last: which one it is, if it says anything to it. */
    @TriedAgain
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    Optional<String> told(UnaryOperator<Kept> what) {
        Optional<EveningEntity> last = evenings.findFirstByOrderByPlannedAtDesc();
        if (last.isEmpty()) {
            return Optional.empty();
        }
        Kept before = read(last.get());
        Kept after = what.apply(before);
        if (after.equals(before)) {
            return Optional.empty();
        }
        write(last.get(), Planning.following(after, before.seconds(now())).numbered(before.sequence() + 1));
        return Optional.of(last.get().id);
    }

    Instant now() {
        return clock.lived().truncatedTo(ChronoUnit.SECONDS);
    }

    @TriedAgain
    void remove(String id, long sequence) {
        EveningEntity entity = find(id);
        Conflict.unlessSame(sequence, read(entity).sequence());
        evenings.delete(entity);
    }

    /** All of them, for a workshop file. */
    @Transactional(readOnly = true)
    public List<EveningRecord> records() {
        return evenings.findAll(Sort.by("plannedAt", "id")).stream()
                .map(e -> new EveningRecord(e.id, e.plannedAt, read(e)))
                .toList();
    }

    /** Replaces all of them; each must be one that can be shown and planned on. */
    public void replace(List<EveningRecord> all) {
        evenings.deleteAllInBatch();
        for (EveningRecord record : all) {
            try {
                Kept kept = record.plan();
                EveningViews views = new EveningViews(kept, kit.kit(), now());
                views.view(record.id(), false, false, 0, views.ways());
                Planning.anew(kept, kept.seconds(now()));
            } catch (RuntimeException broken) {
                throw new BadInput(
                        "evenings.plan", "cannot be worked with: " + record.id(), "an evening as it was sent");
            }
            EveningEntity entity = new EveningEntity();
            entity.id = record.id();
            entity.plannedAt = record.plannedAt();
            write(entity, record.plan());
        }
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
