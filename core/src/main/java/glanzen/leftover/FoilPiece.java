package glanzen.leftover;

import glanzen.kit.Film;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Plate;
import java.util.List;
import java.util.Optional;

/**
 * The piece of film that is cut for a plate, and what is left of it afterwards.
 *
 * @param plate what it is cut for
 */
public record FoilPiece(Plate plate) {

    /** Film reaches this far past its plate on every side, mm. */
    public static final double MARGIN_MM = 4;

    /** An offcut is worth keeping from this much film on, cm². */
    private static final double WORTH_KEEPING_CM2 = 15;

    /** Its width, mm. */
    public double widthMm() {
        return plate.widthMm() + 2 * MARGIN_MM;
    }

    /** Its length, mm. */
    public double heightMm() {
        return plate.heightMm() + 2 * MARGIN_MM;
    }

    /** Its area, cm². */
    public double areaCm2() {
        return widthMm() * heightMm() / 100;
    }

    /** What the design did not take, the negative of it, if that is worth keeping; a solid leaves nothing. */
    public Optional<Leftover> rest(Film film, String pullId) {
        if (plate.kind() == Plate.Kind.SOLID_PLATE || areaCm2() < WORTH_KEEPING_CM2) {
            return Optional.empty();
        }
        Spent spent = spent(plate, widthMm() / 2, heightMm() / 2, 0, pullId);
        String name = film.name() + ", " + plate.name() + " taken";
        return Optional.of(new Leftover("", name, film.id(), widthMm(), heightMm(), "", List.of(spent)));
    }

    /**
     * A place where a plate's design took the film.
     *
     * @param xMm middle of the plate from the piece's left, mm
     * @param yMm middle of the plate from the piece's lower edge, mm
     * @param degrees how it lay turned, anticlockwise
     */
    public static Spent spent(Plate plate, double xMm, double yMm, double degrees, String pullId) {
        return new Spent(plate.name(), plate.motif(), plate.widthMm(), plate.heightMm(), xMm, yMm, degrees, pullId);
    }
}
