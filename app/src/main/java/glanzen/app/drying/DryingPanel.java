package glanzen.app.drying;

import glanzen.setup.GelPanel;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A gel panel as it is now.
 *
 * @param stockId what it lies on, if that is in the kit
 * @param stencilId what it was spread through, if that is in the kit
 * @param humidity of the room, 0…1
 * @param driedSeconds how long it has dried
 * @param dryness 0…1
 * @param clear whether it looks clear
 * @param clearAt when it looks clear
 * @param soundAt when it takes foil or flock
 * @param useBy until when it stays tacky
 * @param dryAt when the person found it dry
 * @param state where it stands
 * @param says what to know of it, worst first
 */
public record DryingPanel(
        String id,
        String name,
        @Nullable String stockId,
        @Nullable String stencilId,
        double coatMm,
        double humidity,
        double driedSeconds,
        double dryness,
        boolean clear,
        Instant spreadAt,
        Instant clearAt,
        Instant soundAt,
        Instant useBy,
        @Nullable Instant dryAt,
        GelPanel.State state,
        List<String> says,
        long version) {}
