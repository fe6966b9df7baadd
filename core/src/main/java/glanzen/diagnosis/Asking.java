package glanzen.diagnosis;

import glanzen.route.Route;
import java.util.EnumMap;
import java.util.Map;

/** What a person may be asked about a pull, one at a time. */
public enum Asking {
    USED_BEFORE("Was this piece of foil used before?", Cause.SPENT, 0.92, 0.12),
    SAME_SIDE("Was it the same side last time?", Cause.ONE_SIDE, 0.85, 0.15),
    PEELED_WARM("Did you peel it while it was still warm?", Cause.HOT_PEEL, 0.90, 0.20),
    WENT_LOOSE("Did the plate go back loose, or was it knocked?", Cause.MOVED, 0.88, 0.08),
    BRUSHED("Did you skip brushing both faces?", Cause.DUST, 0.75, 0.30),
    READY("Was it laid in before the machine was hot?", Cause.TOO_LITTLE, 0.35, 0.04),
    WRONG_WAY("Are you unsure whether the foil lay the right way up?", Cause.REVERSED, 0.85, 0.08),
    FEELS_ROUGH("Does the stock feel rough?", Cause.TEXTURE, 0.90, 0.12),
    STILL_WHITE("Was the gel still white anywhere?", Cause.NOT_DRY, 0.90, 0.08),
    OVER_A_WEEK("Did the gel lie for more than a week, or was it spread thin?", Cause.GEL_OLD, 0.85, 0.12),
    CUT_ALREADY("Was it cut to shape before it was foiled?", Cause.CUT_FIRST, 0.97, 0.05),
    PAINTED_AFTER("Did anything go over the foil afterwards?", Cause.MEDIUM_OVER, 0.95, 0.04),
    FILM_PEELED("Is there still a film to peel off the clear sheet?", Cause.FILM_ON, 0.95, 0.04),
    WASTE_STUCK("Is there waste stuck in the die, or is it an old one?", Cause.BLADE, 0.80, 0.15),
    MORE_SHEETS("Did more than one sheet lie in the stack?", Cause.SHEETS, 0.97, 0.12),
    DEEP_CUTS("Is the bottom plate cut deep on that side?", Cause.BOARD_WORN, 0.90, 0.20),
    DRY_CARD("Is the card heavy, dry, or laid across its grain?", Cause.STIFF, 0.85, 0.25);

    private final String question;
    private final Cause about;
    private final double yesIfSo;
    private final double yesElse;

    Asking(String question, Cause about, double yesIfSo, double yesElse) {
        this.question = question;
        this.about = about;
        this.yesIfSo = yesIfSo;
        this.yesElse = yesElse;
    }

    /** To be answered with yes or no. */
    public String question() {
        return question;
    }

    /** Whether somebody says yes to it who knows what the cause was. */
    public boolean truly(Cause cause) {
        return cause == about;
    }

    /** Whether what it asks after is there on a route. */
    boolean fits(Route route) {
        return Cause.on(route).contains(about);
    }

    double yes(Cause cause) {
        return cause == about ? yesIfSo : yesElse;
    }

    /** Causes with an answer taken in. */
    Map<Cause, Double> answered(Map<Cause, Double> shares, boolean yes) {
        Map<Cause, Double> told = new EnumMap<>(Cause.class);
        shares.forEach((cause, share) -> told.put(cause, share * (yes ? yes(cause) : 1 - yes(cause))));
        return Shares.summingToOne(told);
    }

    /** How much an answer would tell of the cause, bits. */
    double tells(Map<Cause, Double> shares) {
        return Shares.told(shares, this::yes);
    }
}
