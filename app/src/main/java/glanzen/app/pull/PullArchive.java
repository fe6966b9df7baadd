package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.Numbers;
import glanzen.app.setup.KeptSnapshot;
import glanzen.app.setup.Snapshot;
import glanzen.learning.Fault;
import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The whole logbook at once, for a workshop file. */
@Service
@Transactional
public class PullArchive {

    private static final int TOGETHER = 200;
    private static final int READ_TOGETHER = 50;

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

    /** How many pulls there are. */
    @Transactional(readOnly = true)
    public int count() {
        return (int) pulls.count();
    }

    /**
     * The whole logbook, oldest first, so many pulls at a time and each time their pictures after them; none of it is held.
     *
     * @param done told how many are gone through, now and then
     */
    @Transactional(readOnly = true)
    public void goThrough(Consumer<List<PullRecord>> some, BiConsumer<String, byte[]> picture, IntConsumer done) {
        int gone = 0;
        List<PullEntity> next = after(0);
        while (!next.isEmpty()) {
            entities.clear();
            some.accept(next.stream().map(this::record).toList());
            int last = next.get(next.size() - 1).number;
            try (Stream<PictureEntity> theirs = pictures.between(next.get(0).number, last)) {
                theirs.forEach(p -> {
                    picture.accept(p.pullId, p.read());
                    entities.detach(p);
                });
            }
            gone += next.size();
            done.accept(gone);
            next = after(last);
        }
    }

    private List<PullEntity> after(int number) {
        return pulls.findByNumberGreaterThanOrderByNumber(number, Limit.of(READ_TOGETHER));
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
                Arrays.asList(json.read(p.cut, String[].class)),
                p.position,
                p.expectedUnder,
                p.expectedClean,
                p.expectedOver,
                p.proven,
                p.pictured,
                p.readOff == null ? null : json.read(p.readOff, LogRead.class),
                p.next,
                p.runId,
                new KeptSnapshot.Written(p.snapshot));
    }

    /**
     * Replaces the whole logbook, photographs included.
     *
     * @param version the version everything gets
     * @param done told how many are kept, now and then
     */
    public void replace(
            List<PullRecord> records, Function<String, byte[]> photographs, long version, IntConsumer done) {
        pictures.deleteAllInBatch();
        pulls.deleteAllInBatch();
        int written = 0;
        for (PullRecord record : records) {
            Snapshot snapshot = record.snapshot().read(json);
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
            pull.cut = json.write(record.cut());
            pull.freeze(snapshot.setUp(), json.write(snapshot));
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
                entities.persist(PictureEntity.of(record.id(), photographs.apply(record.id())));
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
