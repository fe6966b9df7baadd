package glanzen.app.layout;

import glanzen.layout.Measures.Drawing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something done to a layout.
 *
 * @param kind what
 * @param keys the plates it is done to
 * @param rightMm how far to the right in that drawing, mm
 * @param upMm how far up, mm
 * @param drawing in which drawing it was moved
 * @param snapMm how near a plate must come to be drawn to something, mm; 0 for not at all
 * @param text placement in words
 * @param plateId the plate or die to add
 */
public record LayoutStep(
        Kind kind,
        List<String> keys,
        @Nullable Double rightMm,
        @Nullable Double upMm,
        @Nullable Drawing drawing,
        @Nullable Double snapMm,
        @Nullable String text,
        @Nullable String plateId) {

    /** What can be done. */
    public enum Kind {
        MOVE,
        PLACE,
        TURN,
        ADD,
        ADD_CUT,
        REMOVE,
        ONE_AXIS,
        SAME_GAPS
    }
}
