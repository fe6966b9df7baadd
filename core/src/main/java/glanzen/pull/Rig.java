package glanzen.pull;

import glanzen.measure.Checks;

/**
 * One way a person's press, platform and films might really be, against their labels.
 *
 * @param setPointErrorK how much hotter the platform gets than its label says, K
 * @param openingErrorMm how much wider the opening is, mm
 * @param lnStiffness ln of the factor on the frame's stiffness
 * @param lnContact ln of the factor on every contact conductance
 * @param lnGive ln of the factor on how much its rollers give in the middle
 * @param lnNeed ln of the factor on the dose that what is pressed needs: a film where there is one, else a stock
 * @param lnNeedDeviation how far that may be off, ln; {@link #AS_ITS_KIND} where nothing is known of it
 * @param weight how plausible it is; the weights of an ensemble sum to 1
 */
public record Rig(
        double setPointErrorK,
        double openingErrorMm,
        double lnStiffness,
        double lnContact,
        double lnGive,
        double lnNeed,
        double lnNeedDeviation,
        double weight) {

    /** The deviation of a need of which nothing is known: it strays as far as such needs do. */
    public static final double AS_ITS_KIND = Double.NaN;

    /** No rig is further off than this: 60 K, 3 mm, and factors of e⁵. */
    private static final double FAR_OFF_K = 60;

    private static final double FAR_OFF_MM = 3;
    private static final double FAR_OFF_LN = 5;
    /** A pull that came out otherwise than any rig explains is drawn with a need that does. */
    private static final double FURTHEST_NEED_LN = 10;

    public Rig {
        new Checks()
                .figure("setPointErrorK", setPointErrorK, -FAR_OFF_K, FAR_OFF_K, "K")
                .figure("openingErrorMm", openingErrorMm, -FAR_OFF_MM, FAR_OFF_MM, "mm")
                .figure("lnStiffness", lnStiffness, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("lnContact", lnContact, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("lnGive", lnGive, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("weight", weight, 0, 1, "")
                .figure("lnNeed", lnNeed, -FURTHEST_NEED_LN, FURTHEST_NEED_LN, "")
                .figure("lnNeedDeviation", Double.isNaN(lnNeedDeviation) ? 0 : lnNeedDeviation, 0, FAR_OFF_LN, "")
                .done();
    }

    /** A rig that is just as its labels say. */
    public static final Rig AS_LABELLED = new Rig(0, 0, 0, 0, 0, 0, AS_ITS_KIND, 1);

    /**
     * How far the need may be off, ln.
     *
     * @param ofItsKind how far such needs stray before anything is known
     */
    public double lnNeedDeviation(double ofItsKind) {
        return Double.isNaN(lnNeedDeviation) ? ofItsKind : lnNeedDeviation;
    }

    /** The factor on how much its rollers give in the middle. */
    public double give() {
        return Math.exp(lnGive);
    }

    /** The same rig with rollers that give otherwise. */
    public Rig giving(double lnChanged) {
        return new Rig(
                setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnChanged, lnNeed, lnNeedDeviation, weight);
    }

    /** The same rig with another weight. */
    public Rig weighing(double changed) {
        return new Rig(
                setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnGive, lnNeed, lnNeedDeviation, changed);
    }

    /** The same rig where what is pressed needs just so much, ln. */
    public Rig needing(double lnChanged) {
        return needing(lnChanged, 0);
    }

    /** The same rig where what is pressed needs so much, give or take, ln. */
    public Rig needing(double lnChanged, double lnDeviation) {
        return new Rig(setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnGive, lnChanged, lnDeviation, weight);
    }
}
