package glanzen.app.archive;

import glanzen.app.archive.Transfers.Transfer;
import glanzen.app.card.CardService;
import glanzen.app.card.ManyCards;
import glanzen.app.drill.DrillLog;
import glanzen.app.drying.DryingService;
import glanzen.app.evening.EveningService;
import glanzen.app.folder.FolderKeeper;
import glanzen.app.job.JobService;
import glanzen.app.job.SavedJob;
import glanzen.app.keeping.Json;
import glanzen.app.keeping.Numbers;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.pull.PullArchive;
import glanzen.app.pull.PullRecord;
import glanzen.app.pull.PullService;
import glanzen.app.rig.RigService;
import glanzen.app.run.RunArchive;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Conflict;
import glanzen.measure.BadInput;
import jakarta.persistence.EntityManager;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.hibernate.Session;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** The whole workshop out to one ZIP and back in. Taking one in replaces everything, or on any fault nothing. */
@Service
public class WorkshopArchive {

    private static final LocalDateTime NO_TIME = LocalDateTime.of(2000, 1, 1, 0, 0);

    private static final int TOGETHER = 1 << 16;
    private static final int IN_ONE_GO = 200;

    private final KitService kit;
    private final EveningService evenings;
    private final DrillLog drills;
    private final SetUpService setUps;
    private final PullService pulls;
    private final PullArchive logbook;
    private final RigService rigs;
    private final RunArchive runs;
    private final DryingService dryings;
    private final JobService jobs;
    private final CardService cards;
    private final PreferencesService preferences;
    private final Numbers numbers;
    private final Json json;
    private final FolderKeeper keeper;
    private final EntityManager entities;

    WorkshopArchive(
            KitService kit,
            EveningService evenings,
            DrillLog drills,
            SetUpService setUps,
            PullService pulls,
            PullArchive logbook,
            RigService rigs,
            RunArchive runs,
            DryingService dryings,
            JobService jobs,
            CardService cards,
            PreferencesService preferences,
            Numbers numbers,
            Json json,
            FolderKeeper keeper,
            EntityManager entities) {
        this.kit = kit;
        this.evenings = evenings;
        this.drills = drills;
        this.setUps = setUps;
        this.pulls = pulls;
        this.logbook = logbook;
        this.rigs = rigs;
        this.runs = runs;
        this.dryings = dryings;
        this.jobs = jobs;
        this.cards = cards;
        this.preferences = preferences;
        this.numbers = numbers;
        this.json = json;
        this.keeper = keeper;
        this.entities = entities;
    }

    /** What is in a workshop file, for the person who took it in. */
    public record Contents(int setUps, int pulls, int pictures) {}

    /** Whether nothing is in the workshop: everything is made with something of the kit. */
    public boolean empty() {
        return kit.kit().all().findAny().isEmpty();
    }

    /** Writes the whole workshop, as it is at one moment; what is the same writes the same bytes. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream out, Transfer transfer) throws IOException {
        int count = logbook.count();
        transfer.stage("Packing pulls and pictures", count);
        try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(out, TOGETHER));
                JsonAside aside = new JsonAside(keeper.passing(".json"), count, this::file, json)) {
            zip.setLevel(Deflater.BEST_SPEED);
            logbook.goThrough(aside::next, (pull, picture) -> pack(zip, pull, picture), transfer::done);
            transfer.stage("Writing the rest", 0);
            zip.putNextEntry(entry(Unpacked.JSON_NAME));
            aside.into(zip);
            zip.closeEntry();
        }
    }

    private WorkshopFile file(List<PullRecord> records) {
        return new WorkshopFile(
                WorkshopFile.FORMAT,
                WorkshopFile.VERSION,
                kit.view().unnumbered(),
                setUps.all().stream().map(SavedSetUp::unnumbered).toList(),
                records,
                rigs.all(),
                dryings.records(),
                jobs.all().stream().map(SavedJob::unnumbered).toList(),
                runs.records(),
                evenings.records(),
                drills.records(),
                preferences.get().unnumbered());
    }

    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        return entry;
    }

    /** Pictures are packed already: each goes in as it is. */
    private static void pack(ZipOutputStream zip, String pull, byte[] content) {
        CRC32 sum = new CRC32();
        sum.update(content);
        ZipEntry entry = entry("pictures/" + pull + ".jpg");
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(content.length);
        entry.setCrc(sum.getValue());
        try {
            zip.putNextEntry(entry);
            zip.write(content);
            zip.closeEntry();
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /**
     * Reads a workshop file; nothing is changed. It is to be closed.
     *
     * @throws BadInput if it is not as it should be
     */
    public Unpacked unpack(InputStream in, Transfer transfer) throws IOException {
        try {
            return Unpacked.of(in, keeper.passing(".pictures"), json, transfer);
        } catch (RuntimeException odd) {
            throw said(odd);
        }
    }

    /**
     * Takes a workshop in.
     *
     * @throws BadInput if something in it does not go together; nothing is changed then
     */
    @Transactional
    public Contents take(Unpacked unpacked, Transfer transfer) throws IOException {
        try {
            return taken(unpacked, transfer);
        } catch (RuntimeException odd) {
            throw said(odd);
        }
    }

    /** Written by nobody's Glanzen: whatever in it is beyond what was thought of, none of it is taken. */
    private static RuntimeException said(RuntimeException odd) {
        return odd instanceof BadInput
                        || odd instanceof Conflict
                        || odd instanceof DataAccessException
                        || odd instanceof UncheckedIOException
                ? odd
                : new BadInput(
                        "file", "has something in it that cannot be worked with", "a workshop as it was written");
    }

    private static Contents contents(Unpacked unpacked) {
        WorkshopFile file = unpacked.file();
        return new Contents(
                file.setUps().size(), file.pulls().size(), unpacked.pictures().size());
    }

    private Contents taken(Unpacked unpacked, Transfer transfer) throws IOException {
        WorkshopFile file = unpacked.file();
        long version = numbers.versionTakenIn();
        transfer.stage("Keeping the kit, set-ups and jobs", 0);
        // Many are written in one go; elsewhere each is by itself, so that it fails by itself.
        entities.unwrap(Session.class).setJdbcBatchSize(IN_ONE_GO);
        kit.replace(file.kit(), version);
        setUps.replace(file.setUps(), version);
        jobs.replace(file.jobs(), version);
        // What is written need not be held: each question would go through all of it.
        entities.flush();
        entities.clear();
        // What cannot be shown is not taken: a page that breaks for good helps nobody.
        try (ManyCards tried =
                cards.workOut(file.jobs().stream().map(SavedJob::job).toList())) {
            keepTheRest(file, unpacked, version, transfer);
            transfer.stage("Trying every card", 0);
            tried.finish();
        }
        // Too late to be cancelled from here on.
        transfer.stage("Finishing", 0);
        return contents(unpacked);
    }

    private void keepTheRest(WorkshopFile file, Unpacked unpacked, long version, Transfer transfer) throws IOException {
        transfer.stage("Keeping pulls", file.pulls().size());
        logbook.replace(file.pulls(), unpacked.reading(), version, transfer::done);
        transfer.stage("Keeping the rest", 0);
        rigs.replace(file.belief());
        dryings.replace(file.dryings(), version);
        runs.replace(file.runs(), version);
        evenings.replace(file.evenings());
        drills.replace(file.drills());
        if (file.preferences() != null) {
            preferences.replace(file.preferences());
        }
        dryings.all();
    }
}
