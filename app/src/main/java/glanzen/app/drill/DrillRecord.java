package glanzen.app.drill;

import glanzen.measure.Checks;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** An answer to a drill as it is written down; {@link glanzen.training.Answered} says what is in it. */
public record DrillRecord(
        String topic,
        long seed,
        Instant answeredAt,
        boolean good,
        boolean sure,
        @Nullable Double guess,
        @Nullable Double came) {

    private static final int LONGEST = 64;

    public DrillRecord {
        new Checks()
                .present("drills.topic", topic, "a topic")
                .moment("drills.answeredAt", answeredAt)
                .figure("drills.guess", guess == null ? 0 : guess, 0, 1, "")
                .figure("drills.came", came == null ? 0 : came, 0, 1, "")
                .done();
        new Checks()
                .holds(topic.length() <= LONGEST, "drills.topic", "is too long", "up to " + LONGEST + " letters")
                .done();
    }
}
