package glanzen.app.pull;

import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Remedy;
import glanzen.diagnosis.Verdict;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.route.Route;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A pull as the logbook shows it.
 *
 * @param number its number in the logbook, from 1
 * @param title what was pulled
 * @param route how it was done
 * @param plate tool, stock, film and machine by name, as they were; no film where none was taken
 * @param coverage share covered, if read off
 * @param spillMm spill, if read off
 * @param cut what was cut short in its run, in sentences
 * @param expectedClean chance of clean that was forecast before it was pulled
 * @param proven its set-up was made the proven recipe
 * @param read what was read off its picture; nothing where it was not
 * @param pictured it has a photograph; otherwise its picture is drawn
 */
public record PullView(
        String id,
        int number,
        Instant loggedAt,
        String title,
        Route route,
        String plate,
        String stock,
        String film,
        String press,
        Outcome outcome,
        Amount amount,
        @Nullable Double coverage,
        @Nullable Double spillMm,
        List<Fault> faults,
        String note,
        List<String> cut,
        double expectedUnder,
        double expectedClean,
        double expectedOver,
        boolean proven,
        boolean pictured,
        @Nullable ReadSummary read,
        long version) {

    /**
     * What a reading of its picture left, in words.
     *
     * @param lesson what it told of a change that was made for it
     * @param next the change that was made for the pull after it
     */
    public record ReadSummary(
            Verdict.@Nullable Action verdict,
            @Nullable String verdictLabel,
            @Nullable Cause cause,
            @Nullable String causeLabel,
            @Nullable String lesson,
            @Nullable String next) {

        /**
         * @param read what was read off it; nothing where it was not
         * @param tried the change that was made for the pull after it
         */
        static @Nullable ReadSummary of(@Nullable LogRead read, @Nullable Remedy tried, Route route) {
            String next = tried == null ? null : tried.label(route);
            if (read == null) {
                return next == null ? null : new ReadSummary(null, null, null, null, null, next);
            }
            Verdict.Action verdict = read.verdict();
            return new ReadSummary(
                    verdict,
                    verdict == null ? null : verdict.label(),
                    read.cause(),
                    read.cause().label(route),
                    read.lesson(),
                    next);
        }
    }
}
