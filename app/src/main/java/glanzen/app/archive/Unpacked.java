package glanzen.app.archive;

import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.folder.FolderKeeper;
import glanzen.app.keeping.Json;
import glanzen.app.kit.KitView;
import glanzen.app.pull.PullRecord;
import glanzen.app.web.Pictures;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.io.BufferedOutputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.jspecify.annotations.Nullable;

/** A workshop file unpacked: its JSON read, its pictures laid one after the other in a file of their own until it is closed. */
public final class Unpacked implements AutoCloseable {

    static final String JSON_NAME = "workshop.json";

    private static final Pattern PICTURE = Pattern.compile("pictures/([A-Za-z0-9-]{1,64})\\.jpg");
    private static final int MOST_ENTRIES = 20_000;
    private static final int MOST_JSON_BYTES = 400 * 1024 * 1024;
    private static final long MOST_BYTES = 2048L * 1024 * 1024;
    private static final String ACCEPTED = "a ZIP written by Glanzen, with " + JSON_NAME + " and its pictures";

    private final WorkshopFile file;
    private final Path laidOut;
    private final Map<String, Place> pictures;
    private @Nullable RandomAccessFile opened;

    /** Where a picture lies, bytes from the beginning; so many of them. */
    private record Place(long from, int length) {}

    private Unpacked(WorkshopFile file, Path laidOut, Map<String, Place> pictures) {
        this.file = file;
        this.laidOut = laidOut;
        this.pictures = pictures;
    }

    /**
     * Unpacks one; nothing of the workshop is touched.
     *
     * @param laidOut where its pictures are kept meanwhile; gone when this is closed
     * @throws BadInput if it is not as it should be
     */
    static Unpacked of(InputStream in, Path laidOut, Json json, Transfer transfer) throws IOException {
        try (OutputStream out = new BufferedOutputStream(FolderKeeper.into(laidOut))) {
            Reading reading = new Reading(out, json, transfer);
            WorkshopFile file = reading.read(in);
            checkGaps(file);
            checkPictures(file, reading.pictures.keySet());
            checkKeys(file);
            return new Unpacked(file, laidOut, reading.pictures);
        } catch (IOException | RuntimeException refused) {
            Files.deleteIfExists(laidOut);
            throw refused;
        }
    }

    private static void checkGaps(WorkshopFile file) {
        Map<String, List<?>> lists = Map.of(
                "setUps", file.setUps(),
                "pulls", file.pulls(),
                "dryings", file.dryings(),
                "jobs", file.jobs(),
                "runs", file.runs(),
                "evenings", file.evenings(),
                "drills", file.drills());
        Checks checks = new Checks();
        lists.forEach((name, all) ->
                checks.holds(all.stream().allMatch(Objects::nonNull), name, "has a gap", "no null in a list"));
        checks.done();
    }

    private static void checkPictures(WorkshopFile file, Set<String> pictures) {
        for (PullRecord pull : file.pulls()) {
            if (pull.pictured() && !pictures.contains(pull.id())) {
                throw new BadInput(
                        "pictures/" + pull.id() + ".jpg", "is missing", "the picture of pull " + pull.number());
            }
        }
    }

    private static void checkKeys(WorkshopFile file) {
        Set<String> keys = new HashSet<>();
        Set<Integer> numbers = new HashSet<>();
        file.setUps().forEach(s -> unique(keys, "setUps.id", s.id()));
        file.runs().forEach(r -> unique(keys, "runs.id", r.id()));
        file.evenings().forEach(e -> unique(keys, "evenings.id", e.id()));
        file.jobs().forEach(j -> unique(keys, "jobs.id", j.id()));
        file.dryings().forEach(d -> unique(keys, "dryings.id", d.id()));
        file.pulls().forEach(p -> {
            unique(keys, "pulls.id", p.id());
            if (!numbers.add(p.number())) {
                throw new BadInput("pulls.number", p.number() + " stands there twice", "each number once");
            }
        });
        KitView kit = file.kit();
        kit.presses().forEach(k -> unique(keys, "kit.presses.id", k.item().id()));
        kit.platforms().forEach(k -> unique(keys, "kit.platforms.id", k.item().id()));
        kit.rollers().forEach(k -> unique(keys, "kit.rollers.id", k.item().id()));
        kit.boards().forEach(k -> unique(keys, "kit.boards.id", k.item().id()));
        kit.plates().forEach(k -> unique(keys, "kit.plates.id", k.item().id()));
        kit.stocks().forEach(k -> unique(keys, "kit.stocks.id", k.item().id()));
        kit.films().forEach(k -> unique(keys, "kit.films.id", k.item().id()));
        kit.leftovers().forEach(k -> unique(keys, "kit.leftovers.id", k.item().id()));
        kit.offcuts().forEach(k -> unique(keys, "kit.offcuts.id", k.item().id()));
        kit.foams().forEach(k -> unique(keys, "kit.foams.id", k.item().id()));
        kit.envelopes().forEach(k -> unique(keys, "kit.envelopes.id", k.item().id()));
    }

    private static void unique(Set<String> keys, String field, String id) {
        if (!keys.add(id)) {
            throw new BadInput(field, id + " stands there twice", "each key once");
        }
    }

    /** What is in it. */
    WorkshopFile file() {
        return file;
    }

    /** Keys of pulls with a picture. */
    Set<String> pictures() {
        return pictures.keySet();
    }

    /** Pictures by the keys of their pulls, as long as it is open. */
    Function<String, byte[]> reading() throws IOException {
        RandomAccessFile open = new RandomAccessFile(laidOut.toFile(), "r");
        opened = open;
        return pull -> {
            Place place = Objects.requireNonNull(pictures.get(pull));
            byte[] picture = new byte[place.length];
            try {
                open.seek(place.from);
                open.readFully(picture);
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
            return picture;
        };
    }

    @Override
    public void close() throws IOException {
        if (opened != null) {
            opened.close();
        }
        Files.deleteIfExists(laidOut);
    }

    private static final class Reading {
        private static final String PICTURES = "Reading pictures";

        private final OutputStream out;
        private final Json json;
        private final Transfer transfer;
        private final Map<String, Place> pictures = new HashMap<>();
        private long laid;
        private long bytes;

        Reading(OutputStream out, Json json, Transfer transfer) {
            this.out = out;
            this.json = json;
            this.transfer = transfer;
        }

        WorkshopFile read(InputStream in) throws IOException {
            WorkshopFile file = null;
            int entries = 0;
            transfer.stage(PICTURES, 0);
            try (ZipInputStream zip = new ZipInputStream(in)) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    if (++entries > MOST_ENTRIES) {
                        throw new BadInput("file", "has too many entries", "up to " + MOST_ENTRIES);
                    }
                    Matcher picture = PICTURE.matcher(entry.getName());
                    if (entry.getName().equals(JSON_NAME) && file == null) {
                        transfer.stage("Reading the logbook", 0);
                        file = json.file(
                                JSON_NAME,
                                new Counted(zip, MOST_JSON_BYTES),
                                WorkshopFile.class,
                                "JSON as docs/workshop-file.md says");
                        transfer.stage(PICTURES, (int) file.pulls().stream()
                                .filter(pull -> pull != null && pull.pictured())
                                .count());
                        transfer.done(pictures.size());
                    } else if (picture.matches() && !pictures.containsKey(picture.group(1))) {
                        lay(picture.group(1), Pictures.kept(content(zip, Pictures.MOST_BYTES)));
                        transfer.done(pictures.size());
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
            return file;
        }

        private void lay(String pull, byte[] picture) throws IOException {
            out.write(picture);
            pictures.put(pull, new Place(laid, picture.length));
            laid += picture.length;
        }

        private static String shown(ZipEntry entry) {
            String name = entry.getName().replaceAll("\\p{Cntrl}", "?");
            return name.length() > 60 ? name.substring(0, 60) + "…" : name;
        }

        private byte[] content(InputStream zip, int most) throws IOException {
            return new Counted(zip, most).readAllBytes();
        }

        /** No more is unpacked than there may be. */
        private final class Counted extends FilterInputStream {
            private long left;

            Counted(InputStream zip, int most) {
                super(zip);
                left = most;
            }

            private int counted(int read) {
                left -= Math.max(0, read);
                bytes += Math.max(0, read);
                if (left < 0 || bytes > MOST_BYTES) {
                    throw new BadInput(
                            "file", "unpacks to too much", "up to 400 MB of JSON, 20 MB a picture, 2 GB in all");
                }
                return read;
            }

            @Override
            public int read() throws IOException {
                int read = super.read();
                counted(read < 0 ? 0 : 1);
                return read;
            }

            @Override
            public int read(byte[] into, int from, int length) throws IOException {
                return counted(super.read(into, from, length));
            }
        }
    }
}
