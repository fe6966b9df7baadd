package glanzen.app.evening;

import glanzen.app.evening.EveningRequest.BenchHours;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When a job will be done, in the hours of the evening that was planned last and the same hours of the weeks after it.
 *
 * @param doneAt when its last stretch is over; nothing where nobody knows any hours, or it does not fit into those of two months
 * @param beginsAt when its first stretch begins: by then what is missing must be there
 * @param planned whether it is part of the evening that is planned
 * @param hoursKnown whether an evening was ever planned
 * @param missing what it lacks, in words
 */
record Outlook(
        @Nullable Instant doneAt,
        @Nullable Instant beginsAt,
        boolean planned,
        boolean hoursKnown,
        List<String> missing) {

    private static final Duration WEEK = Duration.ofDays(7);
    private static final int WEEKS = 8;

    /**
     * One more job beside others, in hours to come: those that were asked for, and the same weekdays again.
     *
     * @param beside jobs that take hands, too
     */
    static EveningRequest usual(EveningRequest last, List<String> beside, String jobId, Instant now) {
        List<BenchHours> hours = new ArrayList<>();
        long since =
                Math.max(0, Duration.between(last.hours().get(0).from(), now).toDays() / 7);
        for (long week = since; week <= since + WEEKS; week++) {
            Duration later = WEEK.multipliedBy(week);
            for (BenchHours h : last.hours()) {
                BenchHours same = new BenchHours(h.from().plus(later), h.to().plus(later));
                boolean free = hours.stream()
                        .noneMatch(
                                o -> o.from().isBefore(same.to()) && same.from().isBefore(o.to()));
                if (free && same.to().isAfter(now) && hours.size() < EveningRequest.MOST_HOURS) {
                    hours.add(same);
                }
            }
        }
        List<String> jobs = new ArrayList<>(beside);
        jobs.add(jobId);
        return new EveningRequest(jobs, hours, last.people(), last.quiet(), last.due());
    }
}
