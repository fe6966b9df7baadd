package glanzen.pull;

import glanzen.measure.Checks;
import java.util.HashMap;
import java.util.Map;

/**
 * One way a person's press, platform and films might really be, against their labels.
 *
 * @param setPointErrorK how much hotter the platform gets than its label says, K
 * @param openingErrorMm how much wider the opening is, mm
 * @param lnStiffness ln of the factor on the frame's stiffness
 * @param lnContact ln of the factor on every contact conductance
 * @param lnGive ln of the factor on how much its rollers give in the middle
 * @param lnNeeds by film: ln of the factor on the dose it needs
 * @param weight how plausible it is; the weights of an ensemble sum to 1
 */
public record Rig(
        double setPointErrorK,
        double openingErrorMm,
        double lnStiffness,
        double lnContact,
        double lnGive,
        Map<String, Double> lnNeeds,
        double weight) {

    /** No rig is further off than this: 60 K, 3 mm, and factors of e⁵. */
    private static final double FAR_OFF_K = 60;

    private static final double FAR_OFF_MM = 3;
    private static final double FAR_OFF_LN = 5;

    public Rig {
        new Checks()
                .figure("setPointErrorK", setPointErrorK, -FAR_OFF_K, FAR_OFF_K, "K")
                .figure("openingErrorMm", openingErrorMm, -FAR_OFF_MM, FAR_OFF_MM, "mm")
                .figure("lnStiffness", lnStiffness, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("lnContact", lnContact, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("lnGive", lnGive, -FAR_OFF_LN, FAR_OFF_LN, "")
                .figure("weight", weight, 0, 1, "")
                .present("lnNeeds", lnNeeds, "needs by film, perhaps none")
                .done();
        lnNeeds = Map.copyOf(lnNeeds);
    }

    /** A rig that is just as its labels say. */
    public static final Rig AS_LABELLED = new Rig(0, 0, 0, 0, 0, Map.of(), 1);

    /** ln of the factor on the dose a film needs; 0 where nothing is said of it. */
    public double lnNeed(String filmId) {
        return lnNeeds.getOrDefault(filmId, 0.0);
    }

    /** The factor on how much its rollers give in the middle. */
    public double give() {
        return Math.exp(lnGive);
    }

    /** The same rig with rollers that give otherwise. */
    public Rig giving(double lnChanged) {
        return new Rig(setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnChanged, lnNeeds, weight);
    }

    /** The same rig with another weight. */
    public Rig weighing(double changed) {
        return new Rig(setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnGive, lnNeeds, changed);
    }

    /** The same rig with something said of a film. */
    public Rig needing(String filmId, double lnNeed) {
        Map<String, Double> needs = new HashMap<>(lnNeeds);
        needs.put(filmId, lnNeed);
        return new Rig(setPointErrorK, openingErrorMm, lnStiffness, lnContact, lnGive, needs, weight);
    }
}
