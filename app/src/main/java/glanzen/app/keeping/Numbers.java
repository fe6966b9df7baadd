package glanzen.app.keeping;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Numbers that only ever grow. They come from sequences, so two who ask at once never get the same. */
@Component
public class Numbers {

    /** More changes than this no thing sees between two workshops taken in. */
    private static final long CHANGES = 1_000_000;

    private final JdbcClient jdbc;

    Numbers(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The number of the next pull. */
    public int nextPull() {
        return (int) next("pull_number");
    }

    /** Passes over the numbers of pulls that were taken in, so that the next one lies beyond them. */
    public void passPull(int number) {
        long missing = number - next("pull_number");
        if (missing > 0) {
            jdbc.sql("select max(next value for pull_number) from system_range(1, :missing)")
                    .param("missing", missing)
                    .query(Long.class)
                    .single();
        }
    }

    /**
     * A version for all that a workshop brings along. It is greater than any that was handed out before, so a page that
     * was open meanwhile cannot save over it.
     */
    public long versionTakenIn() {
        return next("taken_in") * CHANGES;
    }

    private long next(String sequence) {
        return jdbc.sql("select next value for " + sequence).query(Long.class).single();
    }
}
