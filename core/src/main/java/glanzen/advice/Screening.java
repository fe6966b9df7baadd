package glanzen.advice;

import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Pace;
import glanzen.pull.PullModel;
import glanzen.pull.PullOutcome;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.route.Heating;
import glanzen.route.Mechanism;
import glanzen.route.Peel;
import glanzen.rules.Rules;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Judges thousands of candidates roughly, on the middle rig of an ensemble. */
final class Screening {

    /**
     * A candidate.
     *
     * @param merit how likely it seems clean, tilted by bias
     */
    record Judged(SetUp setUp, double merit) {}

    private static final double[] SOAK_FACTORS = {0.5, 1, 1.5, 2};
    private static final double SOLID_GROUND = 0.2;
    /** Doses beyond these are not worth a closer look. */
    private static final double FAR_UNDER = 0.7;

    private static final double FAR_OVER = 20;

    private final Forecaster forecaster;
    private final RigEnsemble ensemble;
    private final ErrorBias bias;
    private final double spread;
    private final List<Judged> judged = new ArrayList<>();

    /** @param spread how far ln dose scatters around the middle rig's */
    Screening(Forecaster forecaster, RigEnsemble ensemble, ErrorBias bias, double spread) {
        this.forecaster = forecaster;
        this.ensemble = ensemble;
        this.bias = bias;
        this.spread = spread;
    }

    /**
     * Judges what can be made of a set-up with other stacks, heats and feeds.
     *
     * @param bearable whether the press takes it
     */
    List<Judged> of(SetUp present, List<Stack> stacks, Predicate<SetUp> bearable) {
        Rig middle = ensemble.middle(present.needKey());
        List<Stack> borne = stacks.stream()
                .filter(stack -> bearable.test(present.withStack(stack)))
                .toList();
        if (present.route().mechanism() == Mechanism.TRANSFER) {
            transfers(present, borne, middle);
        } else {
            borne.forEach(stack -> passes(present.withStack(stack), middle));
        }
        return judged;
    }

    /** Presses every stack, heats every soak, and judges each pressing with each heat at each feed. */
    private void transfers(SetUp present, List<Stack> stacks, Rig middle) {
        boolean solid = forecaster.artwork(present).solidShare() > SOLID_GROUND;
        SetUp slow = present.withPeel(solid ? Peel.COLD : present.peel()).withFeed(Pace.SLOW, 2);
        List<SetUp> heats = heats(slow);
        List<TransferModel> heated = heats.stream().map(s -> one(s, middle)).toList();
        for (Stack stack : stacks) {
            TransferModel pressed = one(slow.withStack(stack), middle);
            for (int i = 0; i < heats.size(); i++) {
                feeds(heats.get(i).withStack(stack), pressed.heatedLike(heated.get(i)), middle);
            }
        }
    }

    private TransferModel one(SetUp setUp, Rig rig) {
        return TransferModel.forOne(setUp, forecaster.artwork(setUp), rig);
    }

    /** The heats worth trying, each at every level. */
    private static List<SetUp> heats(SetUp present) {
        List<SetUp> heats = new ArrayList<>();
        for (Heat heat : warmed(present)) {
            heats.add(present.withHeat(heat.at(0)));
            for (int level = 1; level < heat.levels().size(); level++) {
                heats.add(present.withHeat(heat.at(level)));
            }
        }
        return heats;
    }

    /** On a platform, by cover and soak; rollers are warm or they are not. */
    private static List<Heat> warmed(SetUp present) {
        if (present.heat() instanceof Heat.HotRollers hot) {
            return List.of(hot.on(Math.max(hot.onSeconds(), hot.rollers().warmUpSeconds())));
        }
        if (!(present.heat() instanceof Heat.OnPlatform on)) {
            return List.of(present.heat());
        }
        List<Heating> heatings =
                present.route().taped() ? List.of(Heating.TOGETHER) : List.of(Heating.COVERED, Heating.ALONE);
        List<Heat> heats = new ArrayList<>();
        for (Heating heating : heatings) {
            for (double factor : SOAK_FACTORS) {
                double soak = SingleChanges.rounded(factor * present.route().soakSeconds());
                heats.add(on.soaking(heating, soak));
            }
        }
        return heats;
    }

    private void feeds(SetUp heated, TransferModel model, Rig middle) {
        for (Pace pace : Pace.values()) {
            for (int passes = 1; passes <= 2; passes++) {
                judge(
                        heated.withFeed(pace, passes),
                        model.doses(middle, heated.machine().speedMmPerS(pace), passes));
            }
        }
    }

    /** Blades and relief know no pace: only how often, and turned or not. */
    private void passes(SetUp setUp, Rig middle) {
        for (int passes = 1; passes <= 2; passes++) {
            SetUp fed = setUp.withFeed(setUp.pace(), passes)
                    .withTurned(passes > 1 && setUp.route().mechanism().cuts() && Rules.turnable(setUp));
            PullModel model = forecaster.model(fed);
            judge(fed, model.doses(middle));
        }
    }

    private void judge(SetUp setUp, PullResponse doses) {
        judged.add(new Judged(setUp, roughMerit(doses) - Advisor.effort(setUp)));
    }

    /** Chance of clean if ln dose scatters normally around the middle rig's: fifths of the scatter, by their middles. */
    private double roughMerit(PullResponse doses) {
        double dose = doses.pull(1).dose();
        if (dose < FAR_UNDER || dose > FAR_OVER) {
            return 0;
        }
        double merit = 0;
        for (double z : new double[] {-1.28, -0.52, 0, 0.52, 1.28}) {
            PullOutcome pull = doses.pull(Math.exp(spread * z));
            boolean forgiven = pull.under() ? bias == ErrorBias.UNDER : bias == ErrorBias.OVER;
            merit += pull.clean() ? 1 : forgiven ? 0.15 : 0;
        }
        return merit / 5;
    }
}
