package glanzen.pull;

import glanzen.heat.HeatRun;
import glanzen.heat.Lump;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;

/**
 * What pull after pull does to a platform: out of its dock it gets no power and warms what lies on it, so that it starts
 * the next soak a little behind.
 *
 * @param behindK how far below its set-point the platform is when the soak of each pull begins, first to last, K
 * @param waitSeconds how long it would have to stand in its dock before the next soak to be ready again, s; an hour at
 *     most, as where its heater is too weak
 */
public record Recovery(List<Double> behindK, double waitSeconds) {

    private static final double WORTH_SAYING_K = 1;
    private static final double LONGEST_WAIT_SECONDS = 3600;

    public Recovery {
        behindK = List.copyOf(behindK);
    }

    /**
     * Follows a platform through a batch.
     *
     * @param s a set-up on a heated platform
     * @param dockedSeconds from its coming back to the next soak, s
     * @param pulls how many
     */
    public static Recovery of(SetUp s, double dockedSeconds, int pulls) {
        Heat.OnPlatform on = s.onPlatform();
        double nip = s.passSeconds();
        double setPointK = s.setPointC() - s.roomC();
        Lump lump = Lump.of(on.platform(), setPointK);
        List<Double> behind = new ArrayList<>();
        double now = 0;
        double backK = setPointK;
        for (int pull = 0; pull < pulls; pull++) {
            behind.add(now);
            HeatRun run = HeatPlans.platform(s.withHeat(on.behind(now)), nip).solve(1, 0);
            backK = run.backC() - s.roomC();
            now = Math.max(0, setPointK - lump.docked(backK, dockedSeconds));
        }
        return new Recovery(behind, Math.min(LONGEST_WAIT_SECONDS, lump.secondsToReady(backK)));
    }

    /** Whether it falls behind so far that it is worth saying. */
    public boolean matters() {
        return matters(settledK());
    }

    /** Whether a platform so far behind, K, is worth a word. */
    public static boolean matters(double behindK) {
        return behindK >= WORTH_SAYING_K;
    }

    /** How far behind it is in the end, K. */
    public double settledK() {
        return behindK.get(behindK.size() - 1);
    }
}
