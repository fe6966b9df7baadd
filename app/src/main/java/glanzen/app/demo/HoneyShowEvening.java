package glanzen.app.demo;

import glanzen.app.evening.EveningRequest;
import glanzen.app.evening.EveningRequest.BenchHours;
import glanzen.app.evening.EveningRequest.Due;
import glanzen.app.evening.EveningService;
import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;

/** The whole show over three evenings and a Saturday. */
final class HoneyShowEvening {

    private static final int EVENING_MINUTES = 225;
    private static final int SATURDAY_HOURS = 9;

    private final EveningService evenings;
    private final JobService jobs;

    HoneyShowEvening(EveningService evenings, JobService jobs) {
        this.evenings = evenings;
        this.jobs = jobs;
    }

    /** @param now the first evening begins at the next full hour */
    void plan(ZonedDateTime now) {
        ZonedDateTime begins = now.truncatedTo(ChronoUnit.HOURS).plusHours(1);
        List<BenchHours> hours = new ArrayList<>();
        for (int day = 0; day < 3; day++) {
            ZonedDateTime from = begins.plusDays(day);
            hours.add(new BenchHours(
                    from.toInstant(), from.plusMinutes(EVENING_MINUTES).toInstant()));
        }
        ZonedDateTime saturday = begins.plusDays(3)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY))
                .with(LocalTime.of(9, 0));
        hours.add(new BenchHours(
                saturday.toInstant(), saturday.plusHours(SATURDAY_HOURS).toInstant()));
        List<SavedJob> all = jobs.all();
        evenings.plan(new EveningRequest(
                all.stream().map(SavedJob::id).toList(),
                hours,
                1,
                List.of(),
                List.of(new Due(all.get(0).id(), saturday.plusHours(3).toInstant()))));
    }
}
