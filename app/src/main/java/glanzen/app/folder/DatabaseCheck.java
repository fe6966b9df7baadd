package glanzen.app.folder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;

/**
 * Whether a database's file is whole. A file that was cut short opens as an older state of itself, or empty, and would be written
 * over: so how far it had come is marked beside it, every second while it is open, and exactly once it is closed.
 */
final class DatabaseCheck {

    private static final String MARK = "glanzen.mark";
    private static final String NOTE = "set-aside.txt";
    private static final String CLOSED = " closed";
    /** Its last versions may not have been written when the machine lost its power. */
    private static final long SLACK = 2;

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    private DatabaseCheck() {}

    /** Moves a damaged file aside, so that it is not written over; a note beside it says so. */
    static void look(Path folder) {
        Path file = folder.resolve(DataFolder.DATABASE);
        if (!Files.exists(file)) {
            return;
        }
        String damage = damage(file, leastVersion(folder));
        if (!damage.isEmpty()) {
            setAside(folder, file, damage);
        }
    }

    private static String damage(Path file, long least) {
        if (file.toFile().length() == 0) {
            // A file that was never written becomes a database when it is opened.
            return least > 0 ? "it is empty" : "";
        }
        try (MVStore store =
                new MVStore.Builder().fileName(file.toString()).readOnly().open()) {
            return store.getCurrentVersion() < least ? "it was cut short and would open as it was some time ago" : "";
        } catch (MVStoreException broken) {
            if (broken.getErrorCode() == DataUtils.ERROR_FILE_LOCKED) {
                throw new StartTrouble(
                        "Another program has the database " + file + " open.", "Close it and start again.");
            }
            if (broken.getErrorCode() == DataUtils.ERROR_UNSUPPORTED_FORMAT) {
                throw new StartTrouble(
                        "The database " + file + " was written by another version of its engine.",
                        "Start the Glanzen that wrote it and take its workshop file along.");
            }
            return "it cannot be read";
        } catch (RuntimeException odd) {
            return "it cannot be read";
        }
    }

    private static long leastVersion(Path folder) {
        try {
            Path mark = folder.resolve(MARK);
            String marked = Files.exists(mark) ? Files.readString(mark).trim() : "0";
            return marked.endsWith(CLOSED)
                    ? Long.parseLong(marked.substring(0, marked.length() - CLOSED.length()))
                    : Long.parseLong(marked) - SLACK;
        } catch (IOException | NumberFormatException unread) {
            return 0;
        }
    }

    private static void setAside(Path folder, Path file, String damage) {
        String name = "damaged-" + STAMP.format(Instant.now()) + ".mv.db";
        try {
            Files.move(file, folder.resolve(name));
            Files.deleteIfExists(folder.resolve(MARK));
            Files.writeString(
                    folder.resolve(NOTE),
                    "The database was damaged: " + damage + ". It was set aside as " + name
                            + ", and nothing of it was changed.");
        } catch (IOException refused) {
            throw new StartTrouble(
                    "The database " + file + " is damaged: " + damage + ", and cannot be moved aside.",
                    "Move it away by hand and start again.");
        }
    }

    /** What was set aside and is not yet made good; empty if nothing. */
    static String note(Path folder) {
        try {
            Path note = folder.resolve(NOTE);
            return Files.exists(note) ? Files.readString(note) : "";
        } catch (IOException unread) {
            return "";
        }
    }

    static void forgetNote(Path folder) throws IOException {
        Files.deleteIfExists(folder.resolve(NOTE));
    }

    /** Marks how far a database has come that is open. */
    static void mark(Path folder, long version) throws IOException {
        write(folder, Long.toString(version));
    }

    /** Marks how far a database came that is closed now. */
    static void markClosed(Path folder) {
        Path file = folder.resolve(DataFolder.DATABASE);
        try (MVStore store =
                new MVStore.Builder().fileName(file.toString()).readOnly().open()) {
            write(folder, store.getCurrentVersion() + CLOSED);
        } catch (MVStoreException | IOException unmarked) {
            // The mark from when it was open will do.
        }
    }

    private static void write(Path folder, String mark) throws IOException {
        Path fresh = folder.resolve(MARK + ".new");
        Files.writeString(fresh, mark);
        DataFolder.keepToOneself(fresh);
        Files.move(fresh, folder.resolve(MARK), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }
}
