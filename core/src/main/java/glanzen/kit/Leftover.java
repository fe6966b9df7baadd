package glanzen.kit;

import glanzen.artwork.Motif;
import glanzen.artwork.PathText;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A cut piece of film: a sheet, a roll end or an offcut, with the places where it has given its foil. It is seen from
 * its colour face, so designs lie on it as they will be read.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param filmId the film it is of
 * @param widthMm width, mm
 * @param heightMm height, mm
 * @param outline its shape if it is no rectangle, mm, as {@link PathText} writes it; else empty
 * @param spent where it is used up
 */
public record Leftover(
        String id, String name, String filmId, double widthMm, double heightMm, String outline, List<Spent> spent) {

    /**
     * A place where a design took the foil.
     *
     * @param what the plate's name
     * @param motif the design
     * @param plateWidthMm width of its plate, mm
     * @param plateHeightMm height of its plate, mm
     * @param xMm middle of the plate from the piece's left, mm
     * @param yMm middle of the plate from the piece's lower edge, mm
     * @param degrees how it lay turned, anticlockwise
     * @param pullId the pull it was used in; empty if entered by hand
     */
    public record Spent(
            String what,
            Motif motif,
            double plateWidthMm,
            double plateHeightMm,
            double xMm,
            double yMm,
            double degrees,
            String pullId) {

        public Spent {
            new Checks()
                    .name("spent.what", what)
                    .present("spent.motif", motif, "the design that took the foil")
                    .lengthMm("spent.plateWidthMm", plateWidthMm, 5, 400)
                    .lengthMm("spent.plateHeightMm", plateHeightMm, 5, 400)
                    .lengthMm("spent.xMm", xMm, -400, 2000)
                    .lengthMm("spent.yMm", yMm, -400, 2000)
                    .figure("spent.degrees", degrees, -360, 360, "degrees")
                    .done();
        }
    }

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Leftover {
        new Checks()
                .name("name", name)
                .name("filmId", filmId)
                .lengthMm("widthMm", widthMm, 5, 1000)
                .lengthMm("heightMm", heightMm, 5, 1000)
                .done();
        outline = outline == null ? "" : outline;
        spent = spent == null ? List.of() : List.copyOf(spent);
        if (!outline.isEmpty()) {
            Envelope box = PathText.read("outline", outline).getEnvelopeInternal();
            new Checks()
                    .holds(
                            new Envelope(-0.1, widthMm + 0.1, -0.1, heightMm + 0.1).contains(box),
                            "outline",
                            "reaches beyond the piece",
                            "a shape within its width and height")
                    .done();
        }
    }

    /** Its shape, mm. */
    public Geometry shape() {
        return outline.isEmpty()
                ? GEOMETRY.toGeometry(new Envelope(0, widthMm, 0, heightMm))
                : PathText.read("outline", outline);
    }

    /** About how much foil it still has, mm²: less the plates that were on it. */
    public double freeMm2() {
        double taken = spent.stream()
                .mapToDouble(p -> p.plateWidthMm() * p.plateHeightMm())
                .sum();
        return Math.max(0, shape().getArea() - taken);
    }

    /** The same with one more place used up. */
    public Leftover using(Spent place) {
        List<Spent> more = new ArrayList<>(spent);
        more.add(place);
        return new Leftover(id, name, filmId, widthMm, heightMm, outline, more);
    }

    /** The same without what a pull used. */
    public Leftover without(String pullId) {
        return new Leftover(
                id,
                name,
                filmId,
                widthMm,
                heightMm,
                outline,
                spent.stream().filter(s -> !s.pullId().equals(pullId)).toList());
    }
}
