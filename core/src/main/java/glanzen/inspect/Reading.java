package glanzen.inspect;

import glanzen.measure.Figures;
import glanzen.photograph.Placing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.util.AffineTransformation;

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
        private static final double SEEN_SHIFT_MM = 0.3;
        /** A turn that is worth a word. */
        private static final double SEEN_TURN_DEGREES = 0.3;

        /** The same in another frame that is not scaled, with right and up as they are there. */
        public Place in(AffineTransformation frame) {
            Coordinate none = frame.transform(new Coordinate(0, 0), new Coordinate());
            Coordinate moved = frame.transform(new Coordinate(rightMm.value(), upMm.value()), new Coordinate());
            return new Place(
                    known,
                    new Figure(moved.x - none.x, rightMm.give()),
                    new Figure(moved.y - none.y, upMm.give()),
                    turnDegrees,
                    agreement);
        }

        /** Whether it is known to lie so far from where it was laid out that it is worth a word. */
        public boolean astray() {
            return known && (shifted(rightMm) || shifted(upMm) || turned());
        }

        private static boolean shifted(Figure mm) {
            return Math.abs(mm.value()) > SEEN_SHIFT_MM;
        }

        private boolean turned() {
            return Math.abs(turnDegrees.value()) > SEEN_TURN_DEGREES;
        }

        /** Where it lies, in words. */
        public String says() {
            if (!known) {
                return "found by its design: its place on the sheet is not known";
            }
            List<String> parts = new ArrayList<>();
            if (shifted(rightMm)) {
                parts.add(Figures.length(Math.abs(rightMm.value()))
                        + (rightMm.value() > 0 ? " too far right" : " too far left"));
            }
            if (shifted(upMm)) {
                parts.add(Figures.length(Math.abs(upMm.value())) + (upMm.value() > 0 ? " too high" : " too low"));
            }
            String shift = parts.isEmpty() ? "in the right place" : String.join(", ", parts);
            return turned() ? shift + String.format(Locale.ROOT, ", turned %.1f°", turnDegrees.value()) : shift;
        }
    }

    /**
     * One picture.
     *
     * @param design from the design's millimetres to pixels
     * @param corners of the sheet, eight numbers, px; nothing where they were not found
     */
    public record View(Placing design, double @Nullable [] corners) {}
}
