package glanzen.app.device;

import glanzen.app.web.Conflict;
import glanzen.measure.Checks;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Time at the bench. It runs with the wall clock unless it is sped up for a demonstration; it is kept, so that a run and
 * its devices go on where they were after a restart.
 */
@Service
@Transactional
public class BenchClock {

    private static final double FASTEST = 240;
    private static final double LONGEST_SKIP = 14 * 24 * 3600;

    private final BenchClockRepository repository;
    private final Clock clock;
    private final boolean demo;

    BenchClock(BenchClockRepository repository, Clock clock, @Value("${glanzen.demo}") boolean demo) {
        this.repository = repository;
        this.clock = clock;
        this.demo = demo;
    }

    /** Now, for what really dries and was really pulled: on a person's own bench that is the clock on the wall. */
    @Transactional(readOnly = true)
    public Instant lived() {
        return demo ? now() : clock.instant();
    }

    /** Now, at the bench. */
    @Transactional(readOnly = true)
    public Instant now() {
        return repository.findById(BenchClockEntity.ONLY).map(this::at).orElseGet(clock::instant);
    }

    /** How many bench seconds pass in one. */
    @Transactional(readOnly = true)
    public double speed() {
        return repository.findById(BenchClockEntity.ONLY).map(e -> e.speed).orElse(1.0);
    }

    /** Goes on at another speed. */
    public void speed(double speed) {
        new Checks().figure("speed", speed, 1, FASTEST, "times").done();
        BenchClockEntity entity = repository.findById(BenchClockEntity.ONLY).orElseGet(BenchClockEntity::new);
        Instant bench = entity.speed == 0 ? clock.instant() : at(entity);
        entity.benchAt = bench;
        entity.realAt = clock.instant();
        entity.speed = speed;
        repository.save(entity);
    }

    /** Lets bench time jump ahead, to try out what takes hours. */
    public void skip(double seconds) {
        if (!demo) {
            throw new Conflict("Your own bench keeps its own time.");
        }
        new Checks().figure("seconds", seconds, 1, LONGEST_SKIP, "s").done();
        speed(speed());
        BenchClockEntity entity = repository.findById(BenchClockEntity.ONLY).orElseThrow();
        entity.benchAt = entity.benchAt.plusMillis((long) (1000 * seconds));
        repository.save(entity);
    }

    private Instant at(BenchClockEntity e) {
        double seconds = Duration.between(e.realAt, clock.instant()).toNanos() / 1e9;
        return e.benchAt.plusNanos((long) (seconds * e.speed * 1e9));
    }
}
