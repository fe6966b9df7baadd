package glanzen.advice;

import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Pace;
import glanzen.pull.DoseField;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
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
import glanzen.transfer.Normal;
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
        Rig middle = ensemble.middle();
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

    /**
     * Presses every stack at every feed once; another heat moves all its doses alike, so one window serves every soak, cover and
     * level.
     */
    private void transfers(SetUp present, List<Stack> stacks, Rig middle) {
        boolean solid = forecaster.artwork(present).solidShare() > SOLID_GROUND;
        SetUp slow = present.withPeel(solid ? Peel.COLD : present.peel()).withFeed(Pace.SLOW, 2);
        List<SetUp> heats = heats(slow);
        List<TransferModel> heated = heats.stream()
                .map(s -> TransferModel.forOne(s, forecaster.artwork(s), middle))
                .toList();
        for (Stack stack : stacks) {
            SetUp stacked = heats.get(0).withStack(stack);
            TransferModel pressed = TransferModel.heatedLike(stacked, forecaster.artwork(stacked), heated.get(0));
            for (Pace pace : Pace.values()) {
                for (int passes = 1; passes <= 2; passes++) {
                    fed(new Feed(stack, pace, passes), pressed, heats, heated, middle);
                }
            }
        }
    }

    private record Feed(Stack stack, Pace pace, int passes) {}

    private void fed(Feed feed, TransferModel pressed, List<SetUp> heats, List<TransferModel> heated, Rig middle) {
        double mmPerS = heats.get(0).machine().speedMmPerS(feed.pace);
        DoseField doses = pressed.doses(middle, mmPerS, feed.passes);
        Window window = Window.of(doses);
        double first = heated.get(0).lnHeat(pressed, middle, mmPerS, feed.passes);
        for (int i = 0; i < heats.size(); i++) {
            SetUp setUp = heats.get(i).withStack(feed.stack).withFeed(feed.pace, feed.passes);
            double more = i == 0 ? 0 : heated.get(i).lnHeat(pressed, middle, mmPerS, feed.passes) - first;
            judge(setUp, window, more);
        }
    }

    /** ln of the factors on dose from which a pull is complete, and from which it is too much. */
    private record Window(double lnLeast, double lnMost, boolean spoiled) {

        static Window of(PullResponse doses) {
            return new Window(
                    doses.lnForKept(doses.standard().enough()),
                    doses.lnForExcess(doses.standard().mostExcessMm()),
                    doses.spoiled().isPresent());
        }
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

    /** Blades and relief know no pace: only how often, and turned or not. */
    private void passes(SetUp setUp, Rig middle) {
        for (int passes = 1; passes <= 2; passes++) {
            SetUp fed = setUp.withFeed(setUp.pace(), passes)
                    .withTurned(passes > 1 && setUp.route().mechanism().cuts() && Rules.turnable(setUp));
            PullModel model = PullModels.of(fed, forecaster.shelf());
            judge(fed, model.doses(middle));
        }
    }

    private void judge(SetUp setUp, PullResponse doses) {
        judge(setUp, Window.of(doses), 0);
    }

    /** Chance of clean if ln dose scatters normally around the middle rig's, which is by so much more, ln. */
    private void judge(SetUp setUp, Window window, double more) {
        double least = Normal.quickCdf((window.lnLeast - more) / spread);
        double most = Normal.quickCdf((window.lnMost - more) / spread);
        double forgiven = bias == ErrorBias.UNDER ? least : bias == ErrorBias.OVER ? 1 - most : 0;
        double merit = window.spoiled ? 0 : Math.max(0, most - least) + Advisor.FORGIVEN * forgiven;
        judged.add(new Judged(setUp, merit - Advisor.effort(setUp)));
    }
}
