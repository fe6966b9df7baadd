package glanzen.card;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A piece where it has come to lie on the card.
 *
 * @param mounted how it is mounted
 * @param sheet the piece itself
 * @param placing from its own frame to that of the card
 * @param shape where it lies, mm
 * @param inside whether it lies inside the card
 */
public record Laid(Mounted mounted, Sheet sheet, AffineTransformation placing, Geometry shape, boolean inside) {

    /** Its key. */
    public String key() {
        return mounted.key();
    }

    /** Its name. */
    public String name() {
        return sheet.name();
    }

    /** Its windows, where they have come to lie. */
    public Geometry windows() {
        return placing.transform(sheet.windows());
    }
}
