package glanzen.app.reading;

import glanzen.app.setup.Draft;
import glanzen.diagnosis.Asking;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Remedy;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Why a pull came out so.
 *
 * @param causes likeliest first, as shares of twenty; those with none left out
 * @param shares of all causes, 0…1
 * @param question what to ask; nothing where no answer would tell much
 * @param best what most raises the chance of a good pull
 * @param telling what tells most of the cause; absent where that is the best anyway
 */
record WhyView(
        List<CauseView> causes,
        Map<Cause, Double> shares,
        @Nullable QuestionView question,
        NextView best,
        @Nullable NextView telling) {

    /** A cause with its words. */
    record CauseView(Cause cause, String label, String shows, int ofTwenty) {}

    /** A question to be answered with yes or no. */
    record QuestionView(Asking asking, String text) {}

    /**
     * A change for the next pull.
     *
     * @param change what of the set-up changes, in words; empty where nothing does
     * @param draft the set-up so changed; nothing where the change is in how it is done
     * @param goodOfTwenty how many of twenty pulls after it are good
     * @param ifGood what to believe if the next pull is good
     * @param ifBad what to believe if it is not
     */
    record NextView(
            Remedy remedy,
            String label,
            double minutes,
            String change,
            @Nullable Draft draft,
            int goodOfTwenty,
            String ifGood,
            String ifBad) {}
}
