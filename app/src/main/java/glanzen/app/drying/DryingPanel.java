package glanzen.app.drying;

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
        State state,
        List<String> says,
        long version) {

    /** Where a panel stands. */
    public enum State {
        /** Pressed now it would be squashed to a blob. */
        WET,
        /** It holds its shape, and takes foil here and there. */
        SETTING,
        /** Ready for foil or flock. */
        SOUND,
        /** It has lost its tack. */
        TOO_LATE
    }
}
