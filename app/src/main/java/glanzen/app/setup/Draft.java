package glanzen.app.setup;

import glanzen.kit.Pace;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Gel;
import glanzen.stack.Facing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set-up as it travels and is saved: the core's {@link glanzen.setup.SetUp} with things named by key.
 *
 * @param route how it is done
 * @param pressId what presses: a press, or a machine with heated rollers
 * @param platformId what heats; absent where the route needs no platform
 * @param designId the stencil, stamp or print that laid the design; absent where a tool lies in the stack
 * @param level heat level or setting, from 0
 * @param layers bottom to top
 * @param heating what lies on the platform during the soak
 * @param soakSeconds s
 * @param holdSeconds s
 * @param pace how fast it is fed
 * @param passes trips through the machine
 * @param turned whether it is turned a quarter before every further pass; no if nothing is said
 * @param peel how the film comes off
 * @param medium ink or paint under the foil
 * @param filmPeeled protective film off the foil side
 * @param gel the gel under the film; absent where there is none
 * @param roomC °C
 * @param layout where things lie; absent where nothing is laid out
 */
public record Draft(
        Route route,
        String pressId,
        @Nullable String platformId,
        @Nullable String designId,
        int level,
        List<DraftLayer> layers,
        Heating heating,
        double soakSeconds,
        double holdSeconds,
        Pace pace,
        int passes,
        @Nullable Boolean turned,
        Peel peel,
        Medium medium,
        boolean filmPeeled,
        @Nullable Gel gel,
        double roomC,
        @Nullable LayoutDraft layout) {

    /** Which shelf a layer comes from. */
    public enum LayerKind {
        PLATFORM,
        PLATE,
        FILM,
        STOCK,
        BOARD
    }

    /**
     * One layer.
     *
     * @param kind which shelf it comes from
     * @param id key of the thing
     * @param facing which way its telling face looks
     */
    public record DraftLayer(LayerKind kind, String id, Facing facing) {}
}
