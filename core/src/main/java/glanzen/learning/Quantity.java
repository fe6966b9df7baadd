package glanzen.learning;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.pull.Doubt;
import glanzen.pull.RigPriors;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Properties that may be off about a thing: each has its own unit, and a figure it strays by before anything is known of it. */
public enum Quantity {
    /** How much hotter what heats gets than its label says, K. */
    SET_POINT(RigPriors.SET_POINT_K),
    /** How much wider a press opens, mm. */
    OPENING(RigPriors.OPENING_MM),
    /** ln of the factor on a frame's stiffness. */
    STIFFNESS(RigPriors.LN_STIFFNESS),
    /** ln of the factor on contact conductance, on what heats. */
    CONTACT(RigPriors.LN_CONTACT),
    /** ln of the factor on what a film or a stock needs. */
    NEED(RigPriors.LN_NEED),
    /** ln of the factor on how much rollers give in the middle. */
    GIVE(RigPriors.LN_GIVE);

    private final double strays;

    Quantity(double strays) {
        this.strays = strays;
    }

    /** How far it strays where only a label is known: a standard deviation in its own unit. */
    public double strays() {
        return strays;
    }

    /** The figure that the kit has for it, or nothing where it has none. */
    public @Nullable Object figure(Record thing) {
        return switch (this) {
            case SET_POINT ->
                thing instanceof Platform platform
                        ? celsius(platform.levels())
                        : thing instanceof HeatedRollers rollers ? celsius(rollers.settings()) : null;
            case OPENING -> thing instanceof Press press ? press.openingMm() : null;
            case STIFFNESS -> thing instanceof Press press ? press.stiffnessNPerMm() : null;
            case GIVE -> thing instanceof Press press ? press.crown() : null;
            case CONTACT, NEED -> null;
        };
    }

    /** Renaming a level is no new figure. */
    private static List<Double> celsius(List<Platform.Level> levels) {
        return levels.stream().map(Platform.Level::celsius).toList();
    }

    /** How far it strays where a doubt says more; a standard deviation in its own unit. */
    double strays(Doubt doubt) {
        return switch (this) {
            case SET_POINT -> doubt.setPointK();
            case OPENING -> doubt.openingMm();
            case STIFFNESS -> doubt.lnStiffness();
            case CONTACT -> doubt.lnContact();
            case NEED, GIVE -> strays;
        };
    }
}
