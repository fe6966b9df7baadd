package glanzen.inspect;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was read from pictures of one pull.
 *
 * @param all measured over the whole design
 * @param stays the same for what is left after cutting; the whole where nothing is cut
 * @param place where the design lies on the sheet
 * @param views how the design lies in each picture
 * @param clearness how clearly foil stands out, in deviations of bare stock
 * @param softMm how wide an edge looks, mm
 */
public record Reading(Measures all, Measures stays, Place place, List<View> views, double clearness, double softMm) {

    public Reading {
        views = List.copyOf(views);
    }

    /**
     * Where the design came to lie.
     *
     * @param known whether the sheet's corners were found, so that shift and turn mean something
     * @param rightMm further right than laid out, in the frame of the feed, mm
     * @param upMm further up, mm
     * @param turnDegrees turned anticlockwise
     * @param agreement how well foil and design agree, −1…1
     */
    public record Place(boolean known, Figure rightMm, Figure upMm, Figure turnDegrees, double agreement) {

        /** A shift that is worth a word, mm. */
        public static final double SEEN_SHIFT_MM = 0.3;
        /** A turn that is worth a word. */
        public static final double SEEN_TURN_DEGREES = 0.3;
    }

    /**
     * One picture.
     *
     * @param design from the design's millimetres to pixels
     * @param corners of the sheet, eight numbers, px; nothing where they were not found
     */
    public record View(Placing design, double @Nullable [] corners) {}
}
