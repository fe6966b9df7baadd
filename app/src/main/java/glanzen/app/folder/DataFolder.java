package glanzen.app.folder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** The folder where everything is kept: the database, backups, the log. Nobody else reads it, and one program at a time writes it. */
public final class DataFolder {

    /** Name of the database's file. */
    public static final String DATABASE = "glanzen.mv.db";

    private static final String LOCK = "glanzen.lock";
    private static final String PASSING = "passing";
    /** With less than this nothing can be kept for long, bytes. */
    private static final long LEAST_ROOM = 20L * 1024 * 1024;

    private static final Set<PosixFilePermission> OWN_FOLDER = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OWN_FILE = PosixFilePermissions.fromString("rw-------");
    private static final String ELSEWHERE = "Start it with another folder: ./start PORT FOLDER.";

    /** Locks this program holds, by folder, until it ends. */
    private static final Map<Path, FileLock> HELD = new ConcurrentHashMap<>();

    private DataFolder() {}

    /**
     * Makes it ready, or says why it cannot be used; nothing of what is in it is touched.
     *
     * @throws StartTrouble if it cannot be used
     */
    static Path ready(String name) {
        Path folder = path(name);
        try {
            Files.createDirectories(folder);
        } catch (FileAlreadyExistsException file) {
            throw new StartTrouble(folder + " is a file, not a folder.", ELSEWHERE);
        } catch (IOException refused) {
            throw new StartTrouble("The folder " + folder + " cannot be made.", ELSEWHERE);
        }
        keepToOneself(folder);
        lock(folder);
        forgetPassing(folder);
        room(folder);
        return folder;
    }

    /** An empty file for what is only passing through. */
    static Path passing(Path folder, String ending) throws IOException {
        return Files.createTempFile(Files.createDirectories(folder.resolve(PASSING)), "passing", ending);
    }

    private static void forgetPassing(Path folder) {
        try (Stream<Path> files =
                Files.exists(folder.resolve(PASSING)) ? Files.list(folder.resolve(PASSING)) : Stream.of()) {
            for (Path file : files.toList()) {
                Files.deleteIfExists(file);
            }
        } catch (IOException | UncheckedIOException kept) {
            // It takes up room and does no harm; a folder that cannot be written is told of elsewhere.
            return;
        }
    }

    private static Path path(String name) {
        // The database's own settings follow a semicolon.
        if (name.indexOf(';') >= 0 || name.chars().anyMatch(Character::isISOControl)) {
            throw new StartTrouble(
                    "The folder's name has a sign that the database cannot take: " + name.replaceAll("\\p{Cntrl}", "?")
                            + ".",
                    "Give it a name without semicolons.");
        }
        try {
            return Path.of(name).toAbsolutePath().normalize();
        } catch (InvalidPathException odd) {
            throw new StartTrouble("This is no name of a folder: " + name + ".", ELSEWHERE);
        }
    }

    private static void lock(Path folder) {
        try {
            // Kept open on purpose: the system lets go of it however this program ends.
            FileChannel channel =
                    FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = channel.tryLock();
            if (lock == null) {
                channel.close();
                throw inUse(folder);
            }
            HELD.put(folder, lock);
        } catch (OverlappingFileLockException twice) {
            throw inUse(folder);
        } catch (IOException refused) {
            throw new StartTrouble(
                    "Nothing can be written to the folder " + folder + ".",
                    "Give yourself the right to write there, or start with another folder: ./start PORT FOLDER.");
        }
    }

    private static StartTrouble inUse(Path folder) {
        return new StartTrouble(
                "Glanzen is already running with the folder " + folder + ".",
                "Use the page that is open, or end the other one first.");
    }

    private static void room(Path folder) {
        try {
            if (Files.getFileStore(folder).getUsableSpace() < LEAST_ROOM) {
                throw new StartTrouble(
                        "The disk of " + folder + " is full.", "Make room, at least 20 MB, and start again.");
            }
        } catch (IOException unknown) {
            // How much room there is cannot be told: what is written will say.
        }
    }

    /** Lets the folder go again: it is closed, and may be opened anew. */
    static void letGo(Path folder) {
        FileLock lock = HELD.remove(folder);
        if (lock != null) {
            try {
                lock.acquiredBy().close();
            } catch (IOException gone) {
                // It goes with the program.
            }
        }
    }

    /** Only its owner reads the folder and what is in it, where the system knows of owners. */
    static void keepToOneself(Path folder) {
        if (!folder.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            return;
        }
        try (Stream<Path> inside = Files.walk(folder)) {
            for (Path path : (Iterable<Path>) inside::iterator) {
                Files.setPosixFilePermissions(path, Files.isDirectory(path) ? OWN_FOLDER : OWN_FILE);
            }
        } catch (IOException | RuntimeException refused) {
            // Somebody else's folder keeps its own rights.
        }
    }
}
