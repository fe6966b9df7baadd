package glanzen.layout;

import glanzen.kit.Plate;
import glanzen.leftover.FoilFrom;
import glanzen.measure.Checks;
import org.jspecify.annotations.Nullable;

/**
 * A plate or die as it is placed on the piece.
 *
 * @param key names it within the layout
 * @param plate the plate or die
 * @param quarterTurns how often it is turned anticlockwise by a quarter, as read, 0…3
 * @param across what holds it across
 * @param along what holds it up and down
 * @param foil where its foil comes from, if from a leftover
 */
public record Placed(
        String key,
        Plate plate,
        int quarterTurns,
        PlacementConstraint across,
        PlacementConstraint along,
        @Nullable FoilFrom foil) {

    public Placed {
        new Checks()
                .name("key", key)
                .present("across", across, "what holds it across")
                .present("along", along, "what holds it up and down")
                .figure("quarterTurns", quarterTurns, 0, 3, "quarter turns")
                .done();
    }

    /** In the middle of the piece. */
    public static Placed centred(Plate plate) {
        return new Placed(plate.id(), plate, 0, PlacementConstraint.CENTRED, PlacementConstraint.CENTRED, null);
    }

    /** The same held otherwise. */
    public Placed held(PlacementConstraint changedAcross, PlacementConstraint changedAlong) {
        return new Placed(key, plate, quarterTurns, changedAcross, changedAlong, foil);
    }
}
