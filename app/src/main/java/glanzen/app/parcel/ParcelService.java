package glanzen.app.parcel;

import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.parcel.Parcel.Sent;
import glanzen.app.parcel.ParcelView.NeededView;
import glanzen.app.parcel.ParcelView.StandIn;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.LayoutDraft;
import glanzen.app.setup.LayoutDraft.PlacedDraft;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.kit.Kit;
import glanzen.kit.Likeness;
import glanzen.kit.Owned;
import glanzen.measure.BadInput;
import glanzen.plan.Job;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Packs a job or a recipe, and takes one in that somebody else has packed. */
@Service
@Transactional
class ParcelService {

    private final JobService jobs;
    private final SetUpService setUps;
    private final KitService kit;
    private final Json json;
    private final JsonMapper mapper;

    ParcelService(JobService jobs, SetUpService setUps, KitService kit, Json json, JsonMapper mapper) {
        this.jobs = jobs;
        this.setUps = setUps;
        this.kit = kit;
        this.json = json;
        this.mapper = mapper;
    }

    /** A job and all that it names. */
    @Transactional(readOnly = true)
    Parcel job(String id) {
        Job job = jobs.get(id).job();
        List<SavedSetUp> named = setUps.those(Named.in(mapper.valueToTree(job)));
        return parcel(job, named);
    }

    /** A set-up and all that it names. */
    @Transactional(readOnly = true)
    Parcel recipe(String id) {
        return parcel(null, List.of(setUps.get(id)));
    }

    private Parcel parcel(@Nullable Job job, List<SavedSetUp> saved) {
        List<Sent> sent = saved.stream()
                .map(s -> new Sent(s.id(), s.name(), ofNoLeftover(s.draft())))
                .toList();
        Set<String> named = named(job, sent);
        return new Parcel(
                Parcel.FORMAT, Parcel.VERSION, job, sent, kit.kit().only(thing -> named.contains(thing.id())));
    }

    private Set<String> named(@Nullable Job job, List<Sent> sent) {
        Set<String> named = new HashSet<>(job == null ? Set.of() : Named.in(mapper.valueToTree(job)));
        sent.forEach(s -> named.addAll(Named.in(mapper.valueToTree(s.draft()))));
        return named;
    }

    /** A piece of foil that is left over lies in one drawer only. */
    private static Draft ofNoLeftover(Draft draft) {
        LayoutDraft laid = draft.layout();
        if (laid == null) {
            return draft;
        }
        List<PlacedDraft> plates = laid.plates().stream()
                .map(p -> new PlacedDraft(p.key(), p.plateId(), p.quarterTurns(), p.across(), p.along(), null))
                .toList();
        return draft.layout(new LayoutDraft(
                laid.piece(), laid.bed(), laid.method(), laid.hangs(), plates, laid.cuts(), laid.patches()));
    }

    /** What came, and what is asked about it; nothing is changed. */
    @Transactional(readOnly = true)
    ParcelView look(Map<String, Object> sent) {
        Parcel parcel = read(sent);
        List<Owned> own = kit.inUse().all().toList();
        return new ParcelView(
                parcel.title(),
                parcel.job() != null,
                parcel.setUps().stream().map(Sent::name).toList(),
                parcel.things().all().map(thing -> needed(thing, own)).toList());
    }

    private NeededView needed(Owned thing, List<Owned> own) {
        List<StandIn> standIns = Likeness.standIns(thing, own).stream()
                .map(mine -> new StandIn(mine.id(), mine.name(), Likeness.same(mine, thing)))
                .toList();
        return new NeededView(
                thing.id(),
                thing.name(),
                KitService.word(thing.getClass()),
                standIns,
                Likeness.usual(thing, own).map(Owned::id).orElse(""));
    }

    /** Read as what is kept is read: a parcel may have been packed by an older Glanzen. */
    private Parcel read(Map<String, Object> sent) {
        return json.file("parcel", mapper.valueToTree(sent), Parcel.class, "a parcel as docs/workshop-file.md says");
    }

    /**
     * What was taken in.
     *
     * @param jobId the job's key; empty if it was a recipe
     * @param setUpIds keys of the set-ups, in the order in which they came
     */
    record Arrived(String jobId, List<String> setUpIds) {}

    /**
     * Takes a parcel in, whole or not at all.
     *
     * @param answers by the key of each thing in the parcel the key of the own one that stands in for it; whatever is not answered is
     *     taken over into the kit
     */
    Arrived take(Map<String, Object> sent, Map<String, String> answers) {
        Parcel parcel = read(sent);
        Map<String, String> others = new HashMap<>();
        Kit own = kit.kit();
        parcel.things()
                .all()
                .forEach(thing -> others.put(thing.id(), own(thing, answers.getOrDefault(thing.id(), ""), own)));
        checkWhole(parcel, others.keySet());
        List<String> ids = new ArrayList<>();
        for (Sent s : parcel.setUps()) {
            SavedSetUp kept = setUps.keep(s.name(), renamed(s.draft(), Draft.class, others), false);
            others.put(s.id(), kept.id());
            ids.add(kept.id());
        }
        if (parcel.job() == null) {
            return new Arrived("", ids);
        }
        SavedJob job = jobs.keep(renamed(parcel.job(), Job.class, others));
        return new Arrived(job.id(), ids);
    }

    /** What is named must come along: a key that happens to be in one's own kit is another thing. */
    private void checkWhole(Parcel parcel, Set<String> things) {
        for (Sent s : parcel.setUps()) {
            // Everything that a set-up names is found among what came, or this says what is missing.
            Drafts.setUp(s.draft(), parcel.things());
        }
        if (parcel.job() != null) {
            parcel.job().pieces().forEach(piece -> {
                if (!things.contains(piece.stockId())) {
                    throw new BadInput("pieces.stockId", "did not come along: " + piece.stockId(), "all that is named");
                }
            });
        }
    }

    private String own(Owned thing, String answer, Kit own) {
        if (answer.isEmpty()) {
            return kit.takeOver((Record) thing);
        }
        return Likeness.standIns(thing, own.all().toList()).stream()
                .map(Owned::id)
                .filter(answer::equals)
                .findFirst()
                .orElseThrow(() -> new BadInput(
                        "answers." + thing.id(),
                        "is nothing that can stand in for it",
                        "one of those offered, or nothing"));
    }

    private <T> T renamed(T named, Class<T> type, Map<String, String> others) {
        JsonNode tree = mapper.valueToTree(named);
        Named.replace(tree, others);
        return mapper.treeToValue(tree, type);
    }
}
