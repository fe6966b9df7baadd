package glanzen.evening;

import glanzen.steps.Round;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of an evening's work, in words.
 *
 * @param task key of the task it is
 * @param jobId key of the job
 * @param job its name
 * @param title what is done
 * @param count how many of what
 * @param seconds how long it takes, s
 * @param pace what it counts as for a person's own pace: its set-up, or what hands do
 * @param usualSeconds how long hands usually take for it, s
 * @param setUpId the set-up it is done with; nothing where it is done by hand
 * @param round one pull among the others, where it is done with a set-up
 * @param ready what must lie ready for it
 * @param lay where things lie, if several go through at once
 * @param cards how many cards its job makes; nothing in an evening that was planned before this was kept
 * @param first the first that it is about, counted from 1; nothing like cards
 * @param of how many there are of these in all; 0 where nobody counts, nothing like cards
 */
public record Block(
        String task,
        String jobId,
        String job,
        String title,
        int count,
        int seconds,
        String pace,
        double usualSeconds,
        @Nullable String setUpId,
        @Nullable Round round,
        List<String> ready,
        Together.@Nullable Lay lay,
        @Nullable Integer cards,
        @Nullable Integer first,
        @Nullable Integer of) {

    public Block {
        ready = List.copyOf(ready);
    }

    /** Its title, and which ones of how many it is about. */
    public String says() {
        return says(this);
    }

    /**
     * The same of several stretches of one kind.
     *
     * @param upTo the last of them
     */
    public String says(Block upTo) {
        if (first == null || upTo.first == null || of == null || of < 2) {
            return title;
        }
        int last = upTo.first + upTo.count - 1;
        return title + (first == 1 && last == of ? ", all " + of : ", " + first + "–" + last + " of " + of);
    }
}
