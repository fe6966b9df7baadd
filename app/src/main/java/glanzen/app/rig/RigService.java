package glanzen.app.rig;

import glanzen.app.kit.KitService;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.inspect.Figure;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Platform;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.learning.RigReport;
import glanzen.learning.RollerGive;
import glanzen.measure.Checks;
import glanzen.pull.Doubt;
import glanzen.pull.PullModel;
import glanzen.setup.SetUp;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what has been learned of each press with each platform. */
@Service
@Transactional
public class RigService {

    private final BeliefRepository beliefs;
    private final KitService kit;
    private final Forecaster forecaster;
    private final Crowds crowds;
    private final EntityManager entities;
    private final RigEnsemble fresh = RigEnsemble.fresh();

    RigService(BeliefRepository beliefs, KitService kit, Forecaster forecaster, Crowds crowds, EntityManager entities) {
        this.beliefs = beliefs;
        this.kit = kit;
        this.forecaster = forecaster;
        this.crowds = crowds;
        this.entities = entities;
    }

    /** A belief as it is handed out. */
    public record Belief(String machineId, String platformId, int pulls, RigEnsemble crowd) {
        public Belief {
            new Checks()
                    .name("beliefs.machineId", machineId)
                    .present("beliefs.platformId", platformId, "a platform, or an empty text")
                    .figure("beliefs.pulls", pulls, 0, 1_000_000, "pulls")
                    .present("beliefs.crowd", crowd, "what is believed")
                    .done();
        }
    }

    /** What is known of a rig. */
    @Transactional(readOnly = true)
    public RigEnsemble ensemble(String machineId, String platformId) {
        Optional<BeliefEntity> belief = beliefs.findById(key(machineId, platformId));
        if (belief.isEmpty() && platformId.isEmpty()) {
            // A press pressed cold has the opening it has with a platform.
            belief = beliefs.findFirstByMachineIdOrderByPullsDesc(machineId);
        }
        return belief.map(crowds::of).orElse(fresh);
    }

    /** How many pulls it was learned from. */
    @Transactional(readOnly = true)
    public int pulls(String machineId, String platformId) {
        return beliefs.findById(key(machineId, platformId)).map(b -> b.pulls).orElse(0);
    }

    /** What is worth saying of it. */
    @Transactional(readOnly = true)
    public List<RigReport.Remark> remarks(SetUp setUp) {
        return remarks(setUp.machine(), setUp.platform().orElse(null));
    }

    /** What is worth saying of a machine, with a platform if it has one. */
    @Transactional(readOnly = true)
    public List<RigReport.Remark> remarks(Machine machine, @Nullable Platform platform) {
        Kit things = kit.kit();
        return RigReport.of(
                ensemble(machine.id(), platform == null ? "" : platform.id()),
                machine,
                platform,
                Stream.concat(things.films().stream(), things.stocks().stream()).toList());
    }

    /**
     * Learns from a pull.
     *
     * @param model the set-up made ready
     */
    public void learn(SetUp setUp, PullModel model, Observation seen) {
        BeliefEntity belief = belief(setUp.machine().id(), setUp.platformId());
        RigEnsemble before = ensemble(setUp.machine().id(), setUp.platformId());
        belief.pulls++;
        keep(belief, Learner.learn(before, model, setUp.needKey(), seen, belief.pulls));
    }

    /**
     * Learns from a pull that tells nothing but that it went through.
     *
     * @param model the set-up made ready
     */
    public void wentThrough(SetUp setUp, PullModel model) {
        RigEnsemble before = ensemble(setUp.machine().id(), setUp.platformId());
        BeliefEntity belief = belief(setUp.machine().id(), setUp.platformId());
        RigEnsemble after = Learner.learn(before, model, setUp.needKey(), Observation.WENT_THROUGH, belief.pulls);
        if (!after.equals(before)) {
            keep(belief, after);
        }
    }

    /** Learns how far rollers give from a pull that was read off: how much less came out in the middle than at the sides. */
    public void learnGive(SetUp setUp, double coverage, Figure inMiddle) {
        BeliefEntity belief = belief(setUp.machine().id(), setUp.platformId());
        RigEnsemble before = ensemble(setUp.machine().id(), setUp.platformId());
        keep(belief, RollerGive.learn(before, forecaster.model(setUp), setUp.needKey(), coverage, inMiddle));
    }

    /** Learns from a measured opening, and from a measured give that the kit now has as its figure. */
    public void measured(String machineId, String platformId, double openingErrorMm, double sdMm, double lnGiveSd) {
        BeliefEntity belief = belief(machineId, platformId);
        RigEnsemble giving = ensemble(machineId, platformId).giving(0, lnGiveSd);
        keep(belief, Learner.measured(giving, openingErrorMm, sdMm, belief.pulls + 7L));
    }

    /** Doubts what nothing has been learned of yet as much as its figures deserve. */
    public void doubt(String machineId, String platformId, Doubt doubt) {
        if (beliefs.existsById(key(machineId, platformId))) {
            return;
        }
        keep(belief(machineId, platformId), RigEnsemble.around(doubt));
    }

    private BeliefEntity belief(String machineId, String platformId) {
        return beliefs.findById(key(machineId, platformId)).orElseGet(() -> {
            BeliefEntity fresh = new BeliefEntity();
            fresh.id = key(machineId, platformId);
            fresh.machineId = machineId;
            fresh.platformId = platformId;
            return fresh;
        });
    }

    private void keep(BeliefEntity belief, RigEnsemble learned) {
        crowds.write(belief, learned);
        beliefs.saveAndFlush(belief);
    }

    /** Goes back to the labels. */
    public void forget(String machineId, String platformId) {
        beliefs.findById(key(machineId, platformId)).ifPresent(belief -> {
            beliefs.delete(belief);
            crowds.forget(belief.crowdId);
        });
    }

    /** Everything believed. */
    @Transactional(readOnly = true)
    public List<Belief> all() {
        return beliefs.findAll().stream()
                .map(b -> new Belief(b.machineId, b.platformId, b.pulls, crowds.of(b)))
                .toList();
    }

    /**
     * Replaces everything believed; the kit must be there already.
     *
     * @param version the version everything gets
     */
    public void replace(List<Belief> all, long version) {
        Kit things = kit.kit();
        beliefs.deleteAllInBatch();
        crowds.forgetAll();
        for (Belief belief : all) {
            new Checks()
                    .holds(
                            things.machine(belief.machineId).isPresent(),
                            "beliefs.machineId",
                            "is not in the kit: " + belief.machineId,
                            "a press or machine of the kit")
                    .holds(
                            belief.platformId.isEmpty()
                                    || things.platform(belief.platformId).isPresent(),
                            "beliefs.platformId",
                            "is not in the kit: " + belief.platformId,
                            "a platform of the kit, or an empty text")
                    .done();
            BeliefEntity entity = new BeliefEntity();
            entity.id = key(belief.machineId, belief.platformId);
            entity.machineId = belief.machineId;
            entity.platformId = belief.platformId;
            entity.pulls = belief.pulls;
            crowds.write(entity, belief.crowd);
            entity.version = version;
            entities.persist(entity);
        }
    }

    private static String key(String machineId, String platformId) {
        return machineId + "+" + platformId;
    }
}
