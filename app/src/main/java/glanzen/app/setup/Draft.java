package glanzen.app.setup;

import glanzen.kit.Pace;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Gel;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A set-up as it travels and is saved: the core's {@link SetUp} with things named by key. What is kept is of format 2;
 * {@link OldDrafts} reads what was kept before.
 *
 * @param route how it is done
 * @param machineId a press, or a machine with heated rollers
 * @param onPlatform the heat of a platform; absent where none is used
 * @param hotRollers the heat of rollers that are hot by themselves; absent where it goes through a press
 * @param designId the stencil, stamp or print that laid the design; absent where a tool lies in the stack
 * @param layers bottom to top
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
        String machineId,
        @Nullable PlatformHeat onPlatform,
        @Nullable RollerHeat hotRollers,
        @Nullable String designId,
        List<DraftLayer> layers,
        Pace pace,
        int passes,
        @Nullable Boolean turned,
        Peel peel,
        Medium medium,
        boolean filmPeeled,
        @Nullable Gel gel,
        double roomC,
        @Nullable LayoutDraft layout) {

    /**
     * Heat from a platform.
     *
     * @param platformId which
     * @param level which of its levels, from 0
     * @param heating what lies on it during the soak
     * @param soakSeconds s
     * @param holdSeconds s
     */
    public record PlatformHeat(String platformId, int level, Heating heating, double soakSeconds, double holdSeconds) {}

    /**
     * Heat from rollers.
     *
     * @param setting which of their settings, from 0
     * @param onSeconds since they were switched on, s
     */
    public record RollerHeat(int setting, double onSeconds) {}

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

    /** The same laid out in another way. */
    public Draft layout(LayoutDraft changed) {
        return new Draft(
                route,
                machineId,
                onPlatform,
                hotRollers,
                designId,
                layers,
                pace,
                passes,
                turned,
                peel,
                medium,
                filmPeeled,
                gel,
                roomC,
                changed);
    }
}
