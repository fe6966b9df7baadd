package glanzen.training;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A drill that was answered.
 *
 * @param topic what it trained
 * @param seed which of its drills
 * @param right whether the answer would do
 * @param sure whether the person was sure of it
 * @param guess of how many of twenty: what was guessed, as a share; nothing elsewhere
 * @param came of how many of twenty: how many came, as a share; nothing elsewhere
 */
public record Answered(
        Topic topic,
        long seed,
        Instant at,
        boolean right,
        boolean sure,
        @Nullable Double guess,
        @Nullable Double came) {}
