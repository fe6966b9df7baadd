package glanzen.app.rig;

import glanzen.app.keeping.Json;
import glanzen.app.kit.KitService;
import glanzen.app.kit.Retyped;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.inspect.Figure;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.learning.Belief;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.learning.Quantity;
import glanzen.learning.RigReport;
import glanzen.learning.Rigged;
import glanzen.learning.RollerGive;
import glanzen.learning.Trait;
import glanzen.measure.BadInput;
import glanzen.pull.Doubt;
import glanzen.pull.PullModel;
import glanzen.setup.SetUp;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is believed of presses, platforms, films and stocks. */
@Service
@Transactional
public class RigService {

    private final BeliefRepository beliefs;
    private final KitService kit;
    private final Forecaster forecaster;
    private final Json json;
    private volatile Read last = new Read("", Belief.NOTHING);

    RigService(BeliefRepository beliefs, KitService kit, Forecaster forecaster, Json json) {
        this.beliefs = beliefs;
        this.kit = kit;
        this.forecaster = forecaster;
        this.json = json;
    }

    /** Who asks for rigs: things that work together, and by how much the press opened wider by its label when they were put together, mm. */
    private record Asked(Rigged rigged, double labelledWiderMm) {}

    /** A belief as it was read, with the rigs that were drawn by it: what is asked for again is the same. */
    private record Read(String stamp, Belief belief, Map<Asked, RigEnsemble> drawn) {
        Read(String stamp, Belief belief) {
            this(stamp, belief, new ConcurrentHashMap<>());
        }
    }

    private Read read() {
        BeliefEntity kept = beliefs.findById(BeliefEntity.ID).orElse(null);
        Read known = last;
        String stamp = kept == null ? "" : kept.stamp;
        if (!known.stamp.equals(stamp)) {
            known = new Read(stamp, kept == null ? Belief.NOTHING : json.read(kept.believed, Belief.class));
            last = known;
        }
        return known;
    }

    private void keep(Belief belief) {
        BeliefEntity kept = beliefs.findById(BeliefEntity.ID).orElseGet(BeliefEntity::new);
        kept.stamp = UUID.randomUUID().toString();
        kept.believed = json.write(belief);
        beliefs.saveAndFlush(kept);
        last = new Read(kept.stamp, belief);
    }

    /** Plausible rigs under a set-up. */
    @Transactional(readOnly = true)
    public RigEnsemble ensemble(SetUp setUp) {
        Read read = read();
        return read.drawn.computeIfAbsent(
                asked(setUp), a -> seen(read.belief, a).rigs(a.rigged));
    }

    /** Plausible rigs under a set-up, as they were thought of before its press and platform were pulled. */
    @Transactional(readOnly = true)
    public RigEnsemble first(SetUp setUp) {
        Asked asked = asked(setUp);
        Belief forgotten = read().belief.forgetting(List.of(asked.rigged.machineId(), asked.rigged.heaterId()));
        return seen(forgotten, asked).rigs(asked.rigged);
    }

    private Asked asked(SetUp setUp) {
        double now = setUp.machine() instanceof Press press
                ? kit.kit()
                        .machine(press.id())
                        .map(m -> m instanceof Press p ? p.openingMm() : press.openingMm())
                        .orElse(press.openingMm())
                : 0;
        return new Asked(Rigged.of(setUp), setUp.machine() instanceof Press press ? press.openingMm() - now : 0);
    }

    /** The belief, as against the label that a press had when a set-up was made. */
    private static Belief seen(Belief belief, Asked asked) {
        return belief.shifted(new Trait(asked.rigged.machineId(), Quantity.OPENING), -asked.labelledWiderMm);
    }

    private static Belief unseen(Belief belief, Asked asked) {
        return belief.shifted(new Trait(asked.rigged.machineId(), Quantity.OPENING), asked.labelledWiderMm);
    }

    /**
     * How many pulls a set-up was learned from.
     *
     * @param here with its machine and what heats it
     * @param elsewhere with one of the two and another
     */
    public record PullsLearned(int here, int elsewhere) {}

    /** How many pulls a set-up was learned from. */
    @Transactional(readOnly = true)
    public PullsLearned learnedFrom(String machineId, String platformId) {
        Rigged rigged = Rigged.of(machineId, platformId, "");
        Belief belief = read().belief;
        return new PullsLearned(belief.pulls(rigged), belief.pullsElsewhere(rigged));
    }

    /**
     * Remarks worth making on a machine, with a platform if it has one.
     *
     * @param pressed a film or a stock of which it is said what it needs; nothing for none
     */
    @Transactional(readOnly = true)
    public List<RigReport.Remark> remarks(Machine machine, @Nullable Platform platform, @Nullable StackItem pressed) {
        return RigReport.of(read().belief, machine, platform, pressed == null ? List.of() : List.of(pressed));
    }

    /**
     * Learns from a pull.
     *
     * @param model the set-up made ready
     */
    public void learn(SetUp setUp, PullModel model, Observation seen) {
        Asked asked = asked(setUp);
        keep(unseen(Learner.learn(seen(read().belief, asked), setUp, model, seen), asked));
    }

    /** Plausible rigs under a set-up once a pull of it was seen, without learning from it for good. */
    @Transactional(readOnly = true)
    public RigEnsemble after(SetUp setUp, PullModel model, Observation seen) {
        Asked asked = asked(setUp);
        return Learner.learn(seen(read().belief, asked), setUp, model, seen).rigs(asked.rigged);
    }

    /**
     * Learns from a pull that tells nothing but that it went through.
     *
     * @param model the set-up made ready
     */
    public void wentThrough(SetUp setUp, PullModel model) {
        Asked asked = asked(setUp);
        Belief before = seen(read().belief, asked);
        Belief after = Learner.wentThrough(before, setUp, model);
        if (!after.equals(before)) {
            keep(unseen(after, asked));
        }
    }

    /** Learns how far rollers give from a pull that was read off: how much less came out in the middle than at the sides. */
    public void learnGive(SetUp setUp, double coverage, Figure inMiddle) {
        Asked asked = asked(setUp);
        keep(unseen(
                RollerGive.learn(seen(read().belief, asked), setUp, forecaster.model(setUp), coverage, inMiddle),
                asked));
    }

    /**
     * Learns from strips: what they say replaces what the label said, and the kit has it as its figures now.
     *
     * @param restMm how much wider still than the figure the kit has, mm
     * @param sdMm give or take, mm
     * @param lnGiveSd of how much its rollers give, ln
     */
    void measured(String machineId, double restMm, double sdMm, double lnGiveSd) {
        keep(read().belief
                .measured(new Trait(machineId, Quantity.OPENING), restMm, sdMm)
                .giving(Rigged.of(machineId, "", ""), 0, lnGiveSd));
    }

    /** A figure that a person typed anew is as good as a label: it replaces what was believed of the old one. */
    @EventListener
    void retyped(Retyped retyped) {
        Belief before = read().belief;
        Belief after = before;
        for (Quantity quantity : Quantity.values()) {
            Trait trait = new Trait(retyped.thingId(), quantity);
            boolean typed = !Objects.equals(quantity.figure(retyped.before()), quantity.figure(retyped.after()));
            after = typed && after.knows(trait) ? after.measured(trait, 0, quantity.strays()) : after;
        }
        if (after != before) {
            keep(after);
        }
    }

    /** Doubts what nothing has been learned of yet as much as its figures deserve; by things. */
    public void doubt(Map<String, Doubt> doubts) {
        keep(read().belief.doubting(doubts));
    }

    /** Goes back to what was thought of a machine and what heats it before they were pulled. */
    public void forget(String machineId, String platformId) {
        Belief before = read().belief;
        Rigged rigged = Rigged.of(machineId, platformId, "");
        Belief after = before.forgetting(List.of(rigged.machineId(), rigged.heaterId()));
        if (!after.equals(before)) {
            keep(after);
        }
    }

    /** Everything believed. */
    @Transactional(readOnly = true)
    public Belief all() {
        return read().belief;
    }

    /**
     * Replaces everything believed; the kit must be there already.
     *
     * @throws BadInput if it says something of what is not in the kit
     */
    public void replace(Belief all) {
        Kit things = kit.kit();
        Set<String> keys = new HashSet<>();
        things.machines().forEach(m -> keys.add(m.id()));
        things.platforms().forEach(p -> keys.add(p.id()));
        things.films().forEach(f -> keys.add(f.id()));
        things.stocks().forEach(s -> keys.add(s.id()));
        Stream.concat(
                        all.known().stream().map(k -> k.trait().thingId()),
                        all.pulled().stream().flatMap(p -> Stream.of(p.machineId(), p.heaterId())))
                .filter(id -> !keys.contains(id))
                .findFirst()
                .ifPresent(gone -> {
                    throw new BadInput("belief.known", "is of what is not in the kit: " + gone, "things of the kit");
                });
        keep(all);
    }
}
