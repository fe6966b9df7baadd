package glanzen.evening;

import glanzen.schedule.Heater;
import glanzen.schedule.Task;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Jobs as tasks: every operation of every piece, for as many cards as there are, in stretches of about twenty minutes; each after the
 * operation before it for the same cards. What has no set-up that can be pressed is left out, with what waits for it. What goes through a machine at once is one task for all whose pieces it is.
 *
 * @param tasks what is to be done
 * @param blocks the same in words, by the keys of tasks
 * @param heaters what is hot meanwhile
 */
public record EveningWork(List<Task> tasks, Map<String, Block> blocks, List<Heater> heaters) {

    /** All of some jobs, everything by itself. */
    public static EveningWork of(List<Wanted> jobs, Times times) {
        return of(jobs, times, Together.NONE);
    }

    /**
     * All of some jobs.
     *
     * @param together what of them goes through at once
     */
    public static EveningWork of(List<Wanted> jobs, Times times, Together together) {
        Stretches stretches = new Stretches(times);
        List<PieceInHand> pieces = new ArrayList<>();
        for (int job = 0; job < jobs.size(); job++) {
            for (int piece = 0; piece < jobs.get(job).job().pieces().size(); piece++) {
                pieces.add(new PieceInHand(jobs.get(job), job, piece, stretches, together));
            }
        }
        new AllInHand(pieces, stretches).done(together);
        for (int job = 0; job < jobs.size(); job++) {
            int of = job;
            // Cards are put together once all their pieces are there.
            if (pieces.stream().anyMatch(p -> p.job() == of && p.stuck())) {
                continue;
            }
            Assembling.add(
                    stretches,
                    jobs.get(job),
                    pieces.stream()
                            .filter(p -> p.job() == of)
                            .flatMap(p -> p.atItsEnd().stream())
                            .toList());
        }
        return new EveningWork(
                stretches.tasks(), stretches.blocks(), times.heaters().of(stretches.heating()));
    }
}
