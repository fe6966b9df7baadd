package glanzen.training;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * How far a person has come, skill by skill, as it is.
 *
 * @param skills one after the other
 * @param calibration what was guessed against what came, in five classes
 * @param brier mean of Brier's score over all guesses; not a number while there are none
 * @param brierLately the same of the last ten
 * @param overTime the same of ten at a time, from the fifth guess on
 */
public record Progress(
        List<Of> skills, List<Calibrated> calibration, double brier, double brierLately, List<Then> overTime) {

    private static final int CLASSES = 5;
    private static final int LATELY = 10;
    /** A mean of fewer says nothing. */
    private static final int FEWEST = 5;

    private static final double DAY_SECONDS = 86_400;

    /**
     * One skill.
     *
     * @param seen drills answered
     * @param right of them right
     * @param sure of them sure
     * @param sureRight of those right
     * @param tomorrow share of its topics so far that would be right tomorrow
     */
    public record Of(Skill skill, int seen, int right, int sure, int sureRight, double tomorrow) {}

    /**
     * Guesses that lay near each other.
     *
     * @param said mean of what was guessed, 0…1
     * @param came mean of what came, 0…1
     */
    public record Calibrated(double said, double came, int guesses) {}

    /**
     * How well was guessed up to a moment.
     *
     * @param guesses how many had been made
     * @param brier mean score of the last of them
     */
    public record Then(Instant at, int guesses, double brier) {}

    /** The progress of somebody who answered so. */
    public static Progress of(List<Answered> answers, Instant now) {
        Repetition repetition = new Repetition(answers);
        Instant tomorrow = now.plusSeconds((long) DAY_SECONDS);
        List<Of> skills = new ArrayList<>();
        for (Skill skill : Skill.values()) {
            List<Answered> of =
                    answers.stream().filter(a -> a.topic().skill() == skill).toList();
            List<Answered> sure = of.stream().filter(Answered::sure).toList();
            double likely = of.stream()
                    .map(Answered::topic)
                    .distinct()
                    .mapToDouble(t -> repetition.likely(t, tomorrow))
                    .average()
                    .orElse(0);
            skills.add(new Of(skill, of.size(), right(of), sure.size(), right(sure), likely));
        }
        List<Answered> guesses = answers.stream().filter(a -> a.guess() != null).toList();
        List<Answered> lately = guesses.subList(Math.max(0, guesses.size() - LATELY), guesses.size());
        return new Progress(skills, calibration(guesses), brier(guesses), brier(lately), overTime(guesses));
    }

    private static List<Then> overTime(List<Answered> guesses) {
        List<Then> all = new ArrayList<>();
        for (int n = FEWEST; n <= guesses.size(); n++) {
            double then = brier(guesses.subList(Math.max(0, n - LATELY), n));
            all.add(new Then(guesses.get(n - 1).at(), n, then));
        }
        return all;
    }

    private static double brier(List<Answered> guesses) {
        return guesses.stream()
                .mapToDouble(
                        a -> GuessDrills.brier(Objects.requireNonNull(a.guess()), Objects.requireNonNull(a.came())))
                .average()
                .orElse(Double.NaN);
    }

    private static int right(List<Answered> answers) {
        return (int) answers.stream().filter(Answered::right).count();
    }

    private static List<Calibrated> calibration(List<Answered> guesses) {
        List<Calibrated> classes = new ArrayList<>();
        for (int c = 0; c < CLASSES; c++) {
            double from = c / (double) CLASSES;
            double to = c == CLASSES - 1 ? 1.01 : from + 1.0 / CLASSES;
            List<Answered> in = guesses.stream()
                    .filter(a -> Objects.requireNonNull(a.guess()) >= from && Objects.requireNonNull(a.guess()) < to)
                    .toList();
            if (!in.isEmpty()) {
                classes.add(new Calibrated(mean(in, true), mean(in, false), in.size()));
            }
        }
        return classes;
    }

    private static double mean(List<Answered> in, boolean said) {
        return in.stream()
                .mapToDouble(a -> Objects.requireNonNull(said ? a.guess() : a.came()))
                .average()
                .orElse(0);
    }
}
