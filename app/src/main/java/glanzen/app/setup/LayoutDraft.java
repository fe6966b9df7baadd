package glanzen.app.setup;

import glanzen.layout.Fixing;
import glanzen.layout.HangingEnd;
import glanzen.layout.Piece;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlatformPose;
import glanzen.leftover.FoilFrom;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A layout as it travels and is saved: the core's {@link glanzen.layout.Layout} with things named by key.
 *
 * @param piece the piece
 * @param bed how it lies on the platform
 * @param method how plates are kept in place
 * @param hangs which end of a ribbon hangs
 * @param plates what is pressed
 * @param cuts dies that cut later
 * @param patches make-ready
 */
public record LayoutDraft(
        Piece piece,
        PlatformPose bed,
        Fixing method,
        HangingEnd hangs,
        List<PlacedDraft> plates,
        List<PlacedDraft> cuts,
        List<PatchDraft> patches) {

    /** A plate or die by its key in the kit. */
    public record PlacedDraft(
            String key,
            String plateId,
            int quarterTurns,
            PlacementConstraint across,
            PlacementConstraint along,
            @Nullable FoilFrom foil) {}

    /** A patch by the key of what it is cut from. */
    public record PatchDraft(String boardId, String outline) {}
}
