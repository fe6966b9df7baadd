package glanzen.diagnosis;

import java.util.EnumMap;
import java.util.Map;

/** What a person may be asked about a pull, one at a time. */
public enum Asking {
    USED_BEFORE("Was this piece of foil used before?", Cause.SPENT, 0.92, 0.12),
    SAME_SIDE("Was it the same side last time?", Cause.ONE_SIDE, 0.85, 0.15),
    PEELED_WARM("Did you peel it while it was still warm?", Cause.HOT_PEEL, 0.90, 0.20),
    WENT_LOOSE("Did the plate go back loose, or was it knocked?", Cause.MOVED, 0.88, 0.08),
    BRUSHED("Did you skip brushing both faces?", Cause.DUST, 0.75, 0.30),
    READY("Was the ready light still off when you laid it?", Cause.TOO_LITTLE, 0.35, 0.04),
    WRONG_WAY("Are you unsure whether the foil lay the right way up?", Cause.REVERSED, 0.85, 0.08),
    FEELS_ROUGH("Does the stock feel rough?", Cause.TEXTURE, 0.90, 0.12);

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
