package glanzen.app.backup;

import glanzen.app.archive.Transfers;
import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.archive.Unpacked;
import glanzen.app.archive.WorkshopArchive;
import glanzen.app.archive.WorkshopArchive.Contents;
import glanzen.app.backup.Backup.Kind;
import glanzen.app.folder.FolderKeeper;
import glanzen.app.web.NotFound;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Makes copies of the workshop in its folder, one a day and before a whole workshop is taken in, and brings them back. */
@Service
public class BackupService {

    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);
    private static final Pattern NAME = Pattern.compile("(\\d{8}-\\d{6}-\\d{3})-(daily|before|asked)\\.zip");
    private static final Duration A_DAY = Duration.ofHours(24);

    private final WorkshopArchive archive;
    private final Transfers transfers;
    private final FolderKeeper keeper;
    private final Clock clock;

    BackupService(WorkshopArchive archive, Transfers transfers, FolderKeeper keeper, Clock clock) {
        this.archive = archive;
        this.transfers = transfers;
        this.keeper = keeper;
        this.clock = clock;
    }

    private Path folder() {
        return keeper.folder().resolve("backups");
    }

    /** All copies, youngest first. */
    List<Backup> all() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.flatMap(f -> backup(f).stream())
                    .sorted(Comparator.comparing(Backup::at).reversed())
                    .toList();
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    private static Optional<Backup> backup(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        if (!name.matches()) {
            return Optional.empty();
        }
        try {
            String id = name.group(1) + "-" + name.group(2);
            Kind kind = Kind.valueOf(name.group(2).toUpperCase(Locale.ROOT));
            return Optional.of(new Backup(id, Instant.from(STAMP.parse(name.group(1))), kind, Files.size(file)));
        } catch (IOException | DateTimeParseException odd) {
            return Optional.empty();
        }
    }

    /** One a day, as long as Glanzen runs; looked for soon after the start and then now and then. */
    @Scheduled(initialDelay = 60_000, fixedDelay = 600_000)
    void daily() {
        Instant now = clock.instant();
        boolean due =
                all().stream().filter(b -> b.kind() == Kind.DAILY).noneMatch(b -> b.at().isAfter(now.minus(A_DAY)));
        if (due) {
            try {
                make(Kind.DAILY);
            } catch (RuntimeException full) {
                LOG.warn("no backup was made: {}", full.toString());
            }
        }
    }

    /** Makes a copy and reads it back; what is no longer kept goes. */
    Backup make(Kind kind) {
        try (Transfer transfer = transfers.begin()) {
            return make(kind, transfer);
        }
    }

    /** Whoever is told of a backup has it, whatever becomes of the power. */
    private static void toTheDisk(Path file) throws IOException {
        try (FileChannel written = FileChannel.open(file, StandardOpenOption.WRITE)) {
            written.force(true);
        }
    }

    private Backup make(Kind kind, Transfer transfer) {
        String id = STAMP.format(clock.instant().truncatedTo(ChronoUnit.MILLIS)) + "-"
                + kind.name().toLowerCase(Locale.ROOT);
        Path file = folder().resolve(id + ".zip");
        Path unread = folder().resolve(id + ".unread");
        try {
            Files.createDirectories(folder());
            try (OutputStream out = Files.newOutputStream(unread)) {
                archive.write(out, transfer);
            }
            toTheDisk(unread);
            try (InputStream in = new BufferedInputStream(Files.newInputStream(unread))) {
                archive.unpack(in, transfer).close();
            }
            Files.move(unread, file, StandardCopyOption.ATOMIC_MOVE);
            keeper.keepToOneself();
            for (Backup over : Keeping.over(all())) {
                Files.deleteIfExists(folder().resolve(over.id() + ".zip"));
            }
            return backup(file).orElseThrow();
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        } finally {
            unread.toFile().delete();
        }
    }

    /** Takes a whole workshop in. The one before is copied first, unless there is nothing in it, but not for a file that cannot be read. */
    Contents take(InputStream in) throws IOException {
        try (Transfer transfer = transfers.begin();
                Unpacked unpacked = archive.unpack(in, transfer)) {
            if (!archive.empty()) {
                make(Kind.BEFORE, transfer);
            }
            return archive.take(unpacked, transfer);
        }
    }

    /** Brings a copy back; what is there now is copied first. */
    Contents restore(String id) throws IOException {
        Path file = all().stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .map(b -> folder().resolve(b.id() + ".zip"))
                .orElseThrow(() -> new NotFound("This backup"));
        try (InputStream in = Files.newInputStream(file)) {
            Contents contents = take(in);
            keeper.madeGood();
            return contents;
        }
    }

    /** What was set aside at the start; empty if nothing. */
    String setAside() {
        return keeper.setAside();
    }

    /** What was set aside is not missed. */
    void letBe() throws IOException {
        keeper.madeGood();
    }
}
