package glanzen.app.drill;

import glanzen.training.Question;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A drill as it is put, without its answer.
 *
 * @param seed makes it again
 * @param basis what it was made from; to be handed back with the answer
 * @param skill what it trains, in words
 * @param says what the case is
 * @param setUp how it was set up; none where that is hidden
 * @param hidden whether it is hidden
 * @param pictures how many pictures there are, to be fetched by number
 * @param questions one after the other
 */
record DrillView(
        long seed,
        String basis,
        String skill,
        String says,
        List<String> setUp,
        boolean hidden,
        int pictures,
        List<DrillQuestion> questions) {

    /** A question without what is right. */
    record DrillQuestion(Question.Kind kind, String asks, List<DrillOption> options) {}

    /**
     * Something to choose.
     *
     * @param picture number of the picture that shows it; absent where words do
     */
    record DrillOption(
            String key,
            String label,
            @Nullable Integer picture,
            @Nullable Double thicknessMm) {}

    /**
     * What an answer was worth.
     *
     * @param right whether all of it will do
     * @param score 0…1
     * @param parts question by question
     * @param comesBackSeconds when such a thing is asked again, s from now
     */
    record DrillGrade(boolean right, double score, List<DrillPart> parts, long comesBackSeconds) {}

    /** A question that was answered; see the core's {@link glanzen.training.Grade.Part}. */
    record DrillPart(boolean right, List<String> best, String says, List<DrillAfter> after) {}

    /**
     * What would have come of something.
     *
     * @param picture key of its picture; empty where there is none
     * @param layers the stack, bottom to top; none where it is not about one
     */
    record DrillAfter(String label, String picture, List<DrillLayer> layers) {}

    /** A layer of a stack. */
    record DrillLayer(String name, double thicknessMm) {}

    /**
     * How far somebody has come.
     *
     * @param met topics met so far, of all there are
     * @param due of them due now
     * @param brier mean score of guesses of how many of twenty; absent while there are none
     * @param brierLately the same of the last ten
     * @param overTime the same as it was after each guess
     */
    record DrillProgress(
            List<DrillSkill> skills,
            List<DrillCalibrated> calibration,
            @Nullable Double brier,
            @Nullable Double brierLately,
            List<DrillScore> overTime,
            int met,
            int topics,
            long due) {}

    /** One skill; see the core's {@link glanzen.training.Progress.Of}. */
    record DrillSkill(String skill, int seen, int right, int sure, int sureRight, double tomorrow) {}

    /** How well was guessed up to a moment: mean score of the last ten. */
    record DrillScore(Instant at, int guesses, double brier) {}

    /** Guesses near each other: their mean, what came, and how many. */
    record DrillCalibrated(double said, double came, int guesses) {}
}
