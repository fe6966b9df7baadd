package glanzen.app.backup;

import java.time.Instant;

/**
 * A copy of the workshop.
 *
 * @param id its file's name without its ending
 * @param at when it was made
 * @param kind why it was made
 * @param bytes how large it is
 */
record Backup(String id, Instant at, Kind kind, long bytes) {

    /** Why a copy is made. */
    enum Kind {
        /** Once a day. */
        DAILY,
        /** Before a whole workshop is taken in. */
        BEFORE,
        /** Because somebody asked for it. */
        ASKED
    }
}
