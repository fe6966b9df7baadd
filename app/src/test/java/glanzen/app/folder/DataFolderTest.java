package glanzen.app.folder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The folder where everything is kept: made ready or refused in a sentence, and a database that is not whole is never written over. */
class DataFolderTest {

    @TempDir
    private Path outside;

    private Path folder() {
        return outside.resolve("workshop");
    }

    private Path database() {
        return folder().resolve(DataFolder.DATABASE);
    }

    private static List<String> inside(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void itIsMadeForItsOwnerAndHeldByOne() throws IOException {
        Path ready = DataFolder.ready(folder().toString());
        try {
            assertEquals("rwx------", PosixFilePermissions.toString(Files.getPosixFilePermissions(ready)));
            StartTrouble twice = assertThrows(StartTrouble.class, () -> DataFolder.ready(folder().toString()));
            assertTrue(twice.getMessage().contains("already running"), twice.getMessage());
        } finally {
            DataFolder.letGo(ready);
        }
        DataFolder.letGo(DataFolder.ready(folder().toString()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"a;INIT=RUNSCRIPT", "a\nb", "\u0000"})
    void aNameTheDatabaseWouldReadOtherwiseIsRefusedAndNothingIsMade(String name) throws IOException {
        StartTrouble refused = assertThrows(StartTrouble.class, () -> DataFolder.ready(outside.resolve("x") + name));
        assertFalse(refused.getMessage().contains("\n"));
        assertFalse(refused.doThis().isBlank());
        assertEquals(List.of(), inside(outside));
    }

    @Test
    void aFileIsNoFolder() throws IOException {
        Files.writeString(folder(), "notes");
        StartTrouble refused = assertThrows(StartTrouble.class, () -> DataFolder.ready(folder().toString()));
        assertTrue(refused.getMessage().contains("is a file"));
        assertEquals("notes", Files.readString(folder()));
    }

    @Test
    void whatWasPassingThroughWhenItWasCutShortIsGoneAtTheNextStart() throws IOException {
        Path ready = DataFolder.ready(folder().toString());
        Path passing = DataFolder.passing(ready, ".pictures");
        Files.writeString(passing, "half of a picture");
        Files.writeString(ready.resolve("glanzen.log"), "a line");
        DataFolder.letGo(ready);
        DataFolder.letGo(DataFolder.ready(folder().toString()));
        assertFalse(Files.exists(passing));
        assertTrue(Files.exists(ready.resolve("glanzen.log")));
    }

    /** A database with some versions; marked as far as it came. */
    private void kept(boolean closed) throws IOException {
        Files.createDirectories(folder());
        try (MVStore store =
                new MVStore.Builder().fileName(database().toString()).open()) {
            MVMap<Integer, String> map = store.openMap("pulls");
            for (int n = 0; n < 20; n++) {
                map.put(n, "pull ".repeat(400) + n);
                store.commit();
            }
            DatabaseCheck.mark(folder(), store.getCurrentVersion());
        }
        if (closed) {
            DatabaseCheck.markClosed(folder());
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aWholeDatabaseStaysWhereItIs(boolean closed) throws IOException {
        kept(closed);
        DatabaseCheck.look(folder());
        assertTrue(Files.exists(database()));
        assertEquals("", DatabaseCheck.note(folder()));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3, 0.6})
    void oneThatWasCutShortIsSetAsideAndSaid(double share) throws IOException {
        kept(true);
        byte[] whole = Files.readAllBytes(database());
        byte[] cut = Arrays.copyOf(whole, (int) (whole.length * share));
        Files.write(database(), cut);
        setAside(cut);
    }

    @Test
    void oneThatWasNeverWrittenIsNoDamage() throws IOException {
        Files.createDirectories(folder());
        Files.createFile(database());
        DatabaseCheck.look(folder());
        assertTrue(Files.exists(database()));
        assertEquals("", DatabaseCheck.note(folder()));
    }

    @Test
    void oneOfRandomBytesIsSetAsideToo() throws IOException {
        Files.createDirectories(folder());
        byte[] noise = new byte[50_000];
        new Random(7).nextBytes(noise);
        Files.write(database(), noise);
        setAside(noise);
    }

    private void setAside(byte[] what) throws IOException {
        DatabaseCheck.look(folder());
        assertFalse(Files.exists(database()));
        String note = DatabaseCheck.note(folder());
        assertTrue(note.startsWith("The database was damaged"), note);
        String name = inside(folder()).stream()
                .filter(n -> n.startsWith("damaged-"))
                .findFirst()
                .orElseThrow();
        assertTrue(note.contains(name));
        assertEquals(-1, Arrays.mismatch(what, Files.readAllBytes(folder().resolve(name))));
        DatabaseCheck.forgetNote(folder());
        assertEquals("", DatabaseCheck.note(folder()));
        DatabaseCheck.look(folder());
    }
}
