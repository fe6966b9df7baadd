package glanzen.forecast;

import glanzen.pull.PullModel;
import glanzen.pull.PullOutcome;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;

/** Finds a rig on which a set-up comes out as it was seen, so that a logged pull without a photograph can be drawn. */
public final class RigFit {

    private static final double WIDEST = 8;

    private RigFit() {}

    /**
     * Bisects the film's need until spill, or else coverage, is as seen.
     *
     * @param coverage share covered, 0…1
     * @param spillMm spill, mm
     */
    public static Rig of(PullModel model, double coverage, double spillMm) {
        PullResponse doses = model.doses(Rig.AS_LABELLED);
        double low = -WIDEST;
        double high = WIDEST;
        for (int i = 0; i < 30; i++) {
            double middle = (low + high) / 2;
            PullOutcome pull = doses.pull(Math.exp(middle));
            boolean more = spillMm > 0.01 ? pull.spillMm() < spillMm : pull.coverage() < Math.min(coverage, 0.9995);
            if (more) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Rig.AS_LABELLED.needing(-low);
    }
}
