package glanzen.kit;

import glanzen.artwork.PathText;
import glanzen.measure.Checks;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A piece of stock that was left over or fell out of a window, kept for another card.
 *
 * @param id key within the kit; empty while it is not on the shelf
 * @param name what the person calls it
 * @param stockId the stock it is of
 * @param widthMm width, mm
 * @param heightMm height, mm
 * @param outline its shape if it is no rectangle, mm, as {@link PathText} writes it; else empty
 * @param left how many there are
 */
public record Offcut(
        String id, String name, String stockId, double widthMm, double heightMm, String outline, int left) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Cut by hand, a piece may be so much larger than what it comes from before anybody sees it, mm. */
    private static final double TOLERANCE_MM = 0.2;
    /** In what is no rectangle so many places are tried each way. */
    private static final int PLACES = 7;

    public Offcut {
        id = id == null ? "" : id;
        outline = outline == null ? "" : outline;
        new Checks()
                .name("name", name)
                .name("stockId", stockId)
                .lengthMm("widthMm", widthMm, 2, 1000)
                .lengthMm("heightMm", heightMm, 2, 1000)
                .figure("left", left, 0, 10_000, "pieces")
                .done();
        if (!outline.isEmpty()) {
            PathText.read("outline", outline);
        }
    }

    /**
     * What falls out of an opening.
     *
     * @param opening its shape, mm
     */
    public static Offcut fallen(String name, String stockId, Geometry opening, int left) {
        Envelope box = opening.getEnvelopeInternal();
        boolean rectangle = opening.getArea() > 0.999 * box.getArea();
        Geometry shape = AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .transform(opening);
        return new Offcut(
                "", name, stockId, box.getWidth(), box.getHeight(), rectangle ? "" : PathText.write(shape), left);
    }

    /** Its shape, mm. */
    public Geometry shape() {
        return outline.isEmpty()
                ? GEOMETRY.toGeometry(new Envelope(0, widthMm, 0, heightMm))
                : PathText.read("outline", outline);
    }

    /** Whether a piece can be cut from it, upright or turned by quarters. */
    public boolean holds(Geometry piece) {
        Geometry room = shape().buffer(TOLERANCE_MM);
        return holds(room, piece)
                || holds(
                        room, AffineTransformation.rotationInstance(Math.PI / 2).transform(piece));
    }

    private static boolean holds(Geometry room, Geometry piece) {
        Envelope in = room.getEnvelopeInternal();
        Envelope box = piece.getEnvelopeInternal();
        double right = in.getWidth() - box.getWidth();
        double up = in.getHeight() - box.getHeight();
        if (right < 0 || up < 0) {
            return false;
        }
        for (int n = 0; n < PLACES * PLACES; n++) {
            double x = in.getMinX() - box.getMinX() + right * (n % PLACES) / (PLACES - 1);
            double y = in.getMinY() - box.getMinY() + up * (n / PLACES) / (PLACES - 1);
            if (room.covers(AffineTransformation.translationInstance(x, y).transform(piece))) {
                return true;
            }
        }
        return false;
    }
}
