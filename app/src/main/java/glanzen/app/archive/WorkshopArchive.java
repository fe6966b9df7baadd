package glanzen.app.archive;

import glanzen.app.drying.DryingService;
import glanzen.app.evening.EveningService;
import glanzen.app.job.JobService;
import glanzen.app.keeping.Json;
import glanzen.app.keeping.Numbers;
import glanzen.app.kit.KitService;
import glanzen.app.kit.KitView;
import glanzen.app.pull.PullArchive;
import glanzen.app.pull.PullRecord;
import glanzen.app.pull.PullService;
import glanzen.app.rig.RigService;
import glanzen.app.run.RunService;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Pictures;
import glanzen.measure.BadInput;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;

/** The whole workshop out to one ZIP and back in. Taking one in replaces everything, or on any fault nothing. */
@Service
public class WorkshopArchive {

    private static final String JSON_NAME = "workshop.json";
    private static final Pattern PICTURE = Pattern.compile("pictures/([A-Za-z0-9-]{1,64})\\.jpg");
    private static final int MOST_ENTRIES = 20_000;
    private static final long MOST_BYTES = 512L * 1024 * 1024;
    private static final String ACCEPTED = "a ZIP written by Glanzen, with " + JSON_NAME + " and its pictures";

    private final KitService kit;
    private final EveningService evenings;
    private final SetUpService setUps;
    private final PullService pulls;
    private final PullArchive logbook;
    private final RigService rigs;
    private final RunService runs;
    private final DryingService dryings;
    private final JobService jobs;
    private final Numbers numbers;
    private final Json json;

    WorkshopArchive(
            KitService kit,
            EveningService evenings,
            SetUpService setUps,
            PullService pulls,
            PullArchive logbook,
            RigService rigs,
            RunService runs,
            DryingService dryings,
            JobService jobs,
            Numbers numbers,
            Json json) {
        this.kit = kit;
        this.evenings = evenings;
        this.setUps = setUps;
        this.pulls = pulls;
        this.logbook = logbook;
        this.rigs = rigs;
        this.runs = runs;
        this.dryings = dryings;
        this.jobs = jobs;
        this.numbers = numbers;
        this.json = json;
    }

    /** What is in a workshop file, for the person who took it in. */
    public record Contents(int setUps, int pulls, int pictures) {}

    /** Writes the whole workshop. */
    @Transactional(readOnly = true)
    public void write(OutputStream out) throws IOException {
        WorkshopFile file = new WorkshopFile(
                WorkshopFile.FORMAT,
                WorkshopFile.VERSION,
                kit.view(),
                setUps.all(),
                logbook.records(),
                rigs.all(),
                dryings.records(),
                jobs.all());
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(JSON_NAME));
            zip.write(json.writePretty(file));
            zip.closeEntry();
            for (PullRecord pull : file.pulls()) {
                if (pull.pictured()) {
                    zip.putNextEntry(new ZipEntry("pictures/" + pull.id() + ".jpg"));
                    zip.write(pulls.photographOf(pull.id()).orElseThrow());
                    zip.closeEntry();
                }
            }
        }
    }

    /**
     * Takes a workshop in.
     *
     * @throws BadInput if the file is not as it should be; nothing is changed then
     */
    @Transactional
    public Contents read(InputStream in) throws IOException {
        Map<String, byte[]> pictures = new HashMap<>();
        WorkshopFile file = parsed(in, pictures);
        for (PullRecord pull : file.pulls()) {
            if (pull.pictured() && !pictures.containsKey(pull.id())) {
                throw new BadInput(
                        "pictures/" + pull.id() + ".jpg", "is missing", "the picture of pull " + pull.number());
            }
        }
        checkKeys(file);
        runs.forgetAll();
        long version = numbers.versionTakenIn();
        kit.replace(file.kit(), version);
        setUps.replace(file.setUps(), version);
        logbook.replace(file.pulls(), pictures, version);
        rigs.replace(file.beliefs(), version);
        dryings.replace(file.dryings(), version);
        jobs.replace(file.jobs(), version);
        evenings.forgetAll();
        return new Contents(file.setUps().size(), file.pulls().size(), pictures.size());
    }

    private static void checkKeys(WorkshopFile file) {
        Set<String> keys = new HashSet<>();
        Set<Integer> numbers = new HashSet<>();
        file.setUps().forEach(s -> unique(keys, "setUps.id", s.id()));
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

    private WorkshopFile parsed(InputStream in, Map<String, byte[]> pictures) throws IOException {
        WorkshopFile file = null;
        long bytes = 0;
        int entries = 0;
        try (ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = content(zip, MOST_BYTES - bytes);
                bytes += content.length;
                if (++entries > MOST_ENTRIES) {
                    throw new BadInput("file", "has too many entries", "up to " + MOST_ENTRIES);
                }
                Matcher picture = PICTURE.matcher(entry.getName());
                if (entry.getName().equals(JSON_NAME)) {
                    file = json(content);
                } else if (picture.matches()) {
                    pictures.put(picture.group(1), Pictures.taken(content));
                } else {
                    throw new BadInput("file", "has an entry not known here: " + entry.getName(), ACCEPTED);
                }
            }
        } catch (ZipException damaged) {
            throw new BadInput("file", "is a damaged ZIP", ACCEPTED);
        }
        if (file == null) {
            throw new BadInput("file", "is not a workshop", ACCEPTED);
        }
        return file;
    }

    private static byte[] content(InputStream zip, long most) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] buffer = new byte[16384];
        for (int n = zip.read(buffer); n > 0; n = zip.read(buffer)) {
            out.write(buffer, 0, n);
            if (out.size() > most) {
                throw new BadInput("file", "unpacks to too much", "up to 512 MB");
            }
        }
        return out.toByteArray();
    }

    private WorkshopFile json(byte[] content) {
        try {
            return json.read(content, WorkshopFile.class);
        } catch (JacksonException unread) {
            for (Throwable cause = unread; cause != null; cause = cause.getCause()) {
                if (cause instanceof BadInput bad) {
                    throw bad;
                }
            }
            throw new BadInput(
                    JSON_NAME, "cannot be read: " + unread.getOriginalMessage(), "JSON as docs/workshop-file.md says");
        }
    }
}
