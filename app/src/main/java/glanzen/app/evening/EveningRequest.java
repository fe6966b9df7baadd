package glanzen.app.evening;

import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is wanted of an evening, or of several.
 *
 * @param jobIds jobs that are to be done
 * @param hours when somebody is at the bench
 * @param people pairs of hands
 * @param quiet when nothing loud may be done: no motor, no beep; none for never
 * @param due by when jobs must be done; none for any time
 */
public record EveningRequest(
        List<String> jobIds, List<BenchHours> hours, int people, List<BenchHours> quiet, List<Due> due) {

    private static final int MOST_JOBS = 40;
    static final int MOST_HOURS = 20;
    private static final int MOST_PEOPLE = 4;

    /** A stretch of time at the bench. */
    public record BenchHours(Instant from, Instant to) {

        public BenchHours {
            new Checks()
                    .present("hours.from", from, "a moment")
                    .present("hours.to", to, "a moment")
                    .done();
            if (!from.isBefore(to)) {
                throw new BadInput("hours.to", "is not after its beginning", "a later moment");
            }
        }
    }

    /** By when a job must be done. */
    public record Due(String jobId, Instant at) {

        public Due {
            new Checks()
                    .name("due.jobId", jobId)
                    .present("due.at", at, "a moment")
                    .done();
        }
    }

    public EveningRequest {
        new Checks()
                .filled("jobIds", jobIds, "at least one job")
                .filled("hours", hours, "at least one stretch of hours")
                .present("due", due, "by when jobs must be done, perhaps none")
                .present("quiet", quiet, "quiet hours, perhaps none")
                .figure("people", people, 1, MOST_PEOPLE, "pairs of hands")
                .done();
        new Checks()
                .figure("jobIds", jobIds.size(), 1, MOST_JOBS, "jobs")
                .figure("hours", hours.size(), 1, MOST_HOURS, "stretches")
                .done();
        jobIds = jobIds.stream().distinct().toList();
        hours = hours.stream().sorted(Comparator.comparing(BenchHours::from)).toList();
        quiet = List.copyOf(quiet);
        due = List.copyOf(due);
        for (int n = 1; n < hours.size(); n++) {
            if (hours.get(n).from().isBefore(hours.get(n - 1).to())) {
                throw new BadInput("hours", "overlap", "stretches one after the other");
            }
        }
    }

    /** Its jobs, the soonest due first. */
    List<String> soonestDueFirst() {
        Map<String, Instant> by = due.stream().collect(Collectors.toMap(Due::jobId, Due::at, (a, b) -> a));
        return jobIds.stream()
                .sorted(Comparator.comparing(id -> by.getOrDefault(id, Instant.MAX)))
                .toList();
    }
}
