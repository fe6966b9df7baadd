package glanzen.app.run;

import glanzen.app.run.ToldEntity.Kind;
import glanzen.learning.PlatformGauge;
import glanzen.setup.SetUp;
import glanzen.steps.Step;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Remembers what people say of their heaters: how long from switching on, cold, until the ready light. */
@Service
@Transactional
public class ToldService {

    /** What was on this long ago is cold by now. */
    private static final Duration COLD_AFTER = Duration.ofHours(2);

    private static final int ENOUGH = 5;

    private final ToldRepository told;
    private final Clock clock;

    ToldService(ToldRepository told, Clock clock) {
        this.told = told;
        this.clock = clock;
    }

    /** Key of what heats a set-up. */
    static String heater(SetUp setUp) {
        return setUp.platformId().isEmpty() ? setUp.machine().id() : setUp.platformId();
    }

    /** A step of warming up was said to be over. */
    void ready(Step step, SetUp setUp, double onSeconds) {
        String heater = heater(setUp);
        boolean lit = setUp.platform().isPresent();
        if (step.kind() != Step.Kind.HEAT_UP || onSeconds < PlatformGauge.SHORTEST_SECONDS || !lit) {
            return;
        }
        Instant now = clock.instant();
        boolean warm = told.findFirstByHeaterIdOrderByToldAtDesc(heater)
                .map(t -> t.toldAt.isAfter(now.minus(COLD_AFTER)))
                .orElse(false);
        if (warm) {
            return;
        }
        keep(heater, Kind.FROM_COLD, onSeconds);
    }

    /** A platform that was put back between two pulls was said to be ready again. */
    void again(SetUp setUp, double seconds) {
        keep(heater(setUp), Kind.AGAIN, seconds);
    }

    private void keep(String heater, Kind kind, double seconds) {
        ToldEntity entity = new ToldEntity();
        entity.id = "told-" + UUID.randomUUID().toString().substring(0, 8);
        entity.heaterId = heater;
        entity.kind = kind;
        entity.seconds = seconds;
        entity.toldAt = clock.instant();
        told.save(entity);
    }

    /** How long a heater usually takes from cold, by what was said of it, s: the median of the last few. */
    @Transactional(readOnly = true)
    public Optional<Double> fromColdSeconds(String heaterId) {
        return usual(heaterId, Kind.FROM_COLD);
    }

    /** How long it usually takes to be ready again between two pulls, s; as above. */
    @Transactional(readOnly = true)
    public Optional<Double> againSeconds(String heaterId) {
        return usual(heaterId, Kind.AGAIN);
    }

    private Optional<Double> usual(String heaterId, Kind kind) {
        List<Double> last = told.findAllByHeaterIdAndKindOrderByToldAtDesc(heaterId, kind).stream()
                .limit(ENOUGH)
                .map(t -> t.seconds)
                .sorted()
                .toList();
        return last.isEmpty() ? Optional.empty() : Optional.of(last.get(last.size() / 2));
    }
}
