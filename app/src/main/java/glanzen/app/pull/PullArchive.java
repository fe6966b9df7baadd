package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.Numbers;
import glanzen.app.keeping.Pages;
import glanzen.app.setup.Snapshot;
import glanzen.learning.Fault;
import glanzen.setup.SetUp;
import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntConsumer;
import org.hibernate.Session;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The whole logbook at once, for a workshop file. */
@Service
@Transactional
public class PullArchive {

    private static final int TOGETHER = 200;

    private final PullRepository pulls;
    private final PictureRepository pictures;
    private final Json json;
    private final Numbers numbers;
    private final EntityManager entities;

    PullArchive(PullRepository pulls, PictureRepository pictures, Json json, Numbers numbers, EntityManager entities) {
        this.pulls = pulls;
        this.pictures = pictures;
        this.json = json;
        this.numbers = numbers;
        this.entities = entities;
    }

    /** The whole logbook, oldest first; read as it is gone through. */
    @Transactional(readOnly = true)
    public List<PullRecord> records() {
        return new Pages<>((int) pulls.count(), TOGETHER, page -> {
            List<PullRecord> read =
                    pulls.findAll(PageRequest.of(page, TOGETHER, Sort.by("number"))).getContent().parallelStream()
                            .map(this::record)
                            .toList();
            // What was written down need not be held.
            entities.clear();
            return read;
        });
    }

    /** Keys of pulls with a picture, oldest first. */
    @Transactional(readOnly = true)
    public List<String> pictured() {
        return pulls.pictured();
    }

    private PullRecord record(PullEntity p) {
        return new PullRecord(
                p.id,
                p.number,
                p.loggedAt,
                p.title,
                p.outcome,
                p.amount,
                p.coverage,
                p.spillMm,
                Arrays.asList(json.read(p.faults, Fault[].class)),
                p.note,
                p.position,
                p.expectedUnder,
                p.expectedClean,
                p.expectedOver,
                p.proven,
                p.pictured,
                p.readOff == null ? null : json.read(p.readOff, LogRead.class),
                p.next,
                p.runId,
                json.read(p.snapshot, Snapshot.class));
    }

    /**
     * Replaces the whole logbook, photographs included.
     *
     * @param version the version everything gets
     * @param done told how many are kept, now and then
     */
    public void replace(
            List<PullRecord> records, Function<String, byte[]> photographs, long version, IntConsumer done) {
        // Many are written in one go; elsewhere each is by itself, so that it fails by itself.
        entities.unwrap(Session.class).setJdbcBatchSize(TOGETHER);
        pictures.deleteAllInBatch();
        pulls.deleteAllInBatch();
        int written = 0;
        for (PullRecord record : records) {
            SetUp setUp = record.snapshot().setUp();
            PullEntity pull = new PullEntity();
            pull.id = record.id();
            pull.number = record.number();
            pull.loggedAt = record.loggedAt();
            pull.title = record.title();
            pull.outcome = record.outcome();
            pull.amount = record.amount();
            pull.coverage = record.coverage();
            pull.spillMm = record.spillMm();
            pull.faults = json.write(record.faults());
            pull.note = record.note();
            pull.freeze(setUp, json.write(record.snapshot()));
            pull.position = record.position();
            pull.expectedUnder = record.expectedUnder();
            pull.expectedClean = record.expectedClean();
            pull.expectedOver = record.expectedOver();
            pull.proven = record.proven();
            pull.pictured = record.pictured();
            pull.take(record.read(), json);
            pull.next = record.next();
            pull.runId = record.runId();
            pull.version = version;
            entities.persist(pull);
            if (record.pictured()) {
                PictureEntity picture = new PictureEntity();
                picture.pullId = record.id();
                picture.bytes = photographs.apply(record.id());
                entities.persist(picture);
            }
            if (++written % TOGETHER == 0) {
                // What is written need not be held.
                entities.flush();
                entities.clear();
                done.accept(written);
            }
        }
        records.stream().mapToInt(PullRecord::number).max().ifPresent(numbers::passPull);
        pulls.flush();
    }
}
