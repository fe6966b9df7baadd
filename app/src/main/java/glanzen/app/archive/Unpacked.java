package glanzen.app.archive;

import glanzen.app.keeping.Json;
import glanzen.app.web.Pictures;
import glanzen.measure.BadInput;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/**
 * A workshop file unpacked: its JSON read, its pictures laid out in a folder of their own until it is closed.
 *
 * @param file what is in it
 * @param pictures keys of pulls with a picture
 * @param folder where those lie
 */
record Unpacked(WorkshopFile file, Set<String> pictures, Path folder) implements AutoCloseable {

    static final String JSON_NAME = "workshop.json";

    private static final Pattern PICTURE = Pattern.compile("pictures/([A-Za-z0-9-]{1,64})\\.jpg");
    private static final int MOST_ENTRIES = 20_000;
    private static final int MOST_JSON_BYTES = 96 * 1024 * 1024;
    private static final long MOST_BYTES = 2048L * 1024 * 1024;
    private static final String ACCEPTED = "a ZIP written by Glanzen, with " + JSON_NAME + " and its pictures";

    /**
     * Unpacks one; nothing of the workshop is touched.
     *
     * @throws BadInput if it is not as it should be
     */
    static Unpacked of(InputStream in, Json json) throws IOException {
        Path folder = Files.createTempDirectory("glanzen-workshop");
        try {
            return new Reading(folder, json).read(in);
        } catch (IOException | RuntimeException refused) {
            delete(folder);
            throw refused;
        }
    }

    /** The picture of a pull. */
    byte[] picture(String pull) {
        try {
            return Files.readAllBytes(folder.resolve(pull));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    @Override
    public void close() {
        delete(folder);
    }

    private static void delete(Path folder) {
        try (Stream<Path> all = Files.list(folder)) {
            for (Path one : (Iterable<Path>) all::iterator) {
                Files.deleteIfExists(one);
            }
            Files.deleteIfExists(folder);
        } catch (IOException left) {
            // The system clears its own folder for such things.
        }
    }

    private static final class Reading {
        private final Path folder;
        private final Json json;
        private final Set<String> pictures = new HashSet<>();
        private long bytes;

        Reading(Path folder, Json json) {
            this.folder = folder;
            this.json = json;
        }

        Unpacked read(InputStream in) throws IOException {
            WorkshopFile file = null;
            int entries = 0;
            try (ZipInputStream zip = new ZipInputStream(in)) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    if (++entries > MOST_ENTRIES) {
                        throw new BadInput("file", "has too many entries", "up to " + MOST_ENTRIES);
                    }
                    Matcher picture = PICTURE.matcher(entry.getName());
                    if (entry.getName().equals(JSON_NAME) && file == null) {
                        file = json.file(
                                JSON_NAME,
                                content(zip, MOST_JSON_BYTES),
                                WorkshopFile.class,
                                "JSON as docs/workshop-file.md says");
                    } else if (picture.matches() && pictures.add(picture.group(1))) {
                        byte[] kept = Pictures.kept(content(zip, Pictures.MOST_BYTES));
                        Files.write(folder.resolve(picture.group(1)), kept);
                    } else {
                        throw new BadInput("file", "has an entry not known here, or twice: " + shown(entry), ACCEPTED);
                    }
                }
            } catch (ZipException | IllegalArgumentException damaged) {
                throw damaged instanceof BadInput bad ? bad : new BadInput("file", "is a damaged ZIP", ACCEPTED);
            }
            if (file == null) {
                throw new BadInput("file", "is not a workshop", ACCEPTED);
            }
            return new Unpacked(file, pictures, folder);
        }

        private static String shown(ZipEntry entry) {
            String name = entry.getName().replaceAll("\\p{Cntrl}", "?");
            return name.length() > 60 ? name.substring(0, 60) + "…" : name;
        }

        private byte[] content(InputStream zip, int most) throws IOException {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] buffer = new byte[16384];
            for (int n = zip.read(buffer); n > 0; n = zip.read(buffer)) {
                out.write(buffer, 0, n);
                bytes += n;
                if (out.size() > most || bytes > MOST_BYTES) {
                    throw new BadInput(
                            "file", "unpacks to too much", "up to 96 MB of JSON, 20 MB a picture, 2 GB in all");
                }
            }
            return out.toByteArray();
        }
    }
}
