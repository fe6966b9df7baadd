package glanzen.app.drying;

import glanzen.app.device.BenchClock;
import glanzen.app.kit.KitService;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.kit.StackItem;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.setup.GelPanel;
import glanzen.transfer.Drying;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps gel panels and says how each is coming on. */
@Service
@Transactional
public class DryingService {

    private static final double CLOCKS_APART_SECONDS = 60;

    private final DryingRepository panels;
    private final KitService kit;
    private final PreferencesService preferences;
    private final BenchClock clock;
    private final EntityManager entities;

    DryingService(
            DryingRepository panels,
            KitService kit,
            PreferencesService preferences,
            BenchClock clock,
            EntityManager entities) {
        this.panels = panels;
        this.kit = kit;
        this.preferences = preferences;
        this.clock = clock;
        this.entities = entities;
    }

    /**
     * Gel that was spread.
     *
     * @param stockId what it was spread on, if that is in the kit
     * @param coatMm how thick
     * @param humidity relative humidity of the room, 0…1
     * @param stencilled whether through a stencil
     * @param stencilId which, if that is in the kit
     * @param spreadAt when; now if nothing is said
     */
    public record Spread(
            String name,
            @Nullable String stockId,
            double coatMm,
            double humidity,
            boolean stencilled,
            @Nullable String stencilId,
            @Nullable Instant spreadAt) {}

    /** All panels, longest drying first. */
    @Transactional(readOnly = true)
    public List<DryingPanel> all() {
        return panels.findAllByOrderBySpreadAt().stream().map(this::view).toList();
    }

    /** All panels as they are written down. */
    @Transactional(readOnly = true)
    public List<DryingRecord> records() {
        return panels.findAllByOrderBySpreadAt().stream()
                .map(p -> new DryingRecord(
                        p.id,
                        p.name,
                        p.stockId,
                        p.coatMm,
                        p.celsius,
                        p.humidity,
                        p.stencilled,
                        p.stencilId,
                        p.spreadAt,
                        p.dryAt))
                .toList();
    }

    /**
     * Replaces all of them.
     *
     * @param version the version everything gets
     */
    public void replace(List<DryingRecord> all, long version) {
        panels.deleteAllInBatch();
        for (DryingRecord r : all) {
            DryingEntity p = new DryingEntity();
            p.id = r.id();
            p.name = r.name();
            p.stockId = r.stockId();
            p.coatMm = r.coatMm();
            p.celsius = r.celsius();
            p.humidity = r.humidity();
            p.stencilled = r.stencilled();
            p.stencilId = r.stencilId();
            p.spreadAt = r.spreadAt();
            p.dryAt = r.dryAt();
            p.version = version;
            entities.persist(p);
        }
    }

    /** Lays gel on the bench; it begins to dry. */
    public DryingPanel spread(Spread spread) {
        new Checks().name("name", spread.name).done();
        double room = preferences.get().roomC();
        Drying drying = new Drying(spread.coatMm, room, spread.humidity);
        requireOwned(spread.stockId, kit.kit()::stock, "stockId", "stock");
        requireOwned(spread.stencilId, kit.kit()::plate, "stencilId", "a stencil");
        DryingEntity panel = new DryingEntity();
        panel.id = "gel-" + UUID.randomUUID().toString().substring(0, 8);
        panel.name = spread.name.trim();
        panel.stockId = spread.stockId;
        panel.coatMm = drying.coatMm();
        panel.celsius = room;
        panel.humidity = drying.humidity();
        panel.stencilled = spread.stencilled || spread.stencilId != null;
        panel.stencilId = spread.stencilId;
        Instant now = clock.lived();
        panel.spreadAt = spread.spreadAt == null ? now : spread.spreadAt;
        new Checks().moment("spreadAt", panel.spreadAt).done();
        if (panel.spreadAt.isAfter(now.plusSeconds((long) CLOCKS_APART_SECONDS))) {
            throw new BadInput("spreadAt", "lies ahead", "a time up to now");
        }
        return view(panels.saveAndFlush(panel));
    }

    /** The person found it dry; now if no time is said. */
    DryingPanel dry(String id, @Nullable Instant at, long version) {
        DryingEntity panel = find(id);
        Conflict.unlessSame(version, panel.version);
        Instant when = at == null ? clock.lived() : at;
        new Checks().moment("at", when).done();
        if (when.isBefore(panel.spreadAt)) {
            throw new BadInput("at", "is before the gel was spread", "a time after it was spread");
        }
        panel.dryAt = when;
        return view(panels.saveAndFlush(panel));
    }

    void remove(String id, long version) {
        DryingEntity panel = find(id);
        Conflict.unlessSame(version, panel.version);
        panels.delete(panel);
    }

    private static void requireOwned(
            @Nullable String id, Function<String, Optional<? extends StackItem>> owned, String field, String word) {
        if (id != null && owned.apply(id).isEmpty()) {
            throw new BadInput(field, "is not in your kit", word + " of your kit, or none");
        }
    }

    private DryingEntity find(String id) {
        return panels.findById(id).orElseThrow(() -> new NotFound("This panel"));
    }

    private DryingPanel view(DryingEntity p) {
        Drying drying = new Drying(p.coatMm, p.celsius, p.humidity);
        GelPanel panel = new GelPanel(
                drying,
                p.stencilled,
                p.stockId == null ? null : kit.kit().stock(p.stockId).orElse(null),
                Math.max(0, seconds(p.spreadAt, clock.lived())),
                p.dryAt == null ? null : seconds(p.spreadAt, p.dryAt));
        return new DryingPanel(
                p.id,
                p.name,
                p.stockId,
                p.stencilId,
                p.coatMm,
                p.humidity,
                panel.ageSeconds(),
                panel.dryness(),
                panel.clear(),
                p.spreadAt,
                after(p, drying.secondsTo(Drying.CLEAR)),
                after(p, drying.secondsTo(Drying.SOUND)),
                after(p, Drying.USE_WITHIN_SECONDS),
                p.dryAt,
                panel.state(),
                panel.says(),
                p.version);
    }

    private static double seconds(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 1000.0;
    }

    private static Instant after(DryingEntity p, double seconds) {
        return p.spreadAt.plusMillis((long) (1000 * seconds));
    }
}
