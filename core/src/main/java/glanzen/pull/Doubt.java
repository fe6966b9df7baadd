package glanzen.pull;

import glanzen.measure.Checks;

/**
 * How far a machine may really be from its figures: standard deviations. Nothing is surer than a label, so what is smaller
 * than a label's doubt counts as that.
 *
 * @param setPointK of what heats, K
 * @param openingMm of a press, mm
 * @param lnStiffness ln of a frame's stiffness
 * @param lnContact ln of contact conductance
 */
public record Doubt(double setPointK, double openingMm, double lnStiffness, double lnContact) {

    /** Of figures that were measured, or stand on a label. */
    public static final Doubt OF_LABELS =
            new Doubt(RigPriors.SET_POINT_K, RigPriors.OPENING_MM, RigPriors.LN_STIFFNESS, RigPriors.LN_CONTACT);

    public Doubt {
        setPointK = Math.max(setPointK, RigPriors.SET_POINT_K);
        openingMm = Math.max(openingMm, RigPriors.OPENING_MM);
        lnStiffness = Math.max(lnStiffness, RigPriors.LN_STIFFNESS);
        lnContact = Math.max(lnContact, RigPriors.LN_CONTACT);
        new Checks()
                .figure("setPointK", setPointK, 0, 30, "K")
                .figure("openingMm", openingMm, 0, 1, "mm")
                .figure("lnStiffness", lnStiffness, 0, 2, "")
                .figure("lnContact", lnContact, 0, 2, "")
                .done();
    }
}
