package glanzen.layout;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where something new is laid first. */
public final class Additions {

    private Additions() {}

    /** Below what lies lowest, on its axis, with room for tape between the metal of both. */
    public static Layout plate(Layout layout, Plate plate, ArtworkShelf shelf) {
        new Checks()
                .holds(
                        plate.kind() != Plate.Kind.STENCIL,
                        "plateId",
                        "is a stencil, never pressed hot",
                        "a plate or die")
                .done();
        Arrangement now = new Arrangement(layout, shelf);
        PositionedPlate lowest = now.plates().stream()
                .min(Comparator.comparingDouble(l -> l.designBox().getMinY()))
                .orElse(null);
        String key = freeKey(layout, plate);
        Placed placed = lowest == null
                ? new Placed(key, plate, 0, PlacementConstraint.CENTRED, PlacementConstraint.CENTRED, null)
                : new Placed(
                        key,
                        plate,
                        0,
                        PlacementConstraint.by(
                                PlacementConstraint.Kind.IN_LINE,
                                0,
                                lowest.placed().key()),
                        PlacementConstraint.by(
                                PlacementConstraint.Kind.BEFORE,
                                gap(lowest, plate, shelf),
                                lowest.placed().key()),
                        null);
        List<Placed> plates = new ArrayList<>(layout.plates());
        plates.add(placed);
        return layout.withPlates(plates);
    }

    private static double gap(PositionedPlate lowest, Plate plate, ArtworkShelf shelf) {
        Artwork artwork = shelf.of(plate.motif(), plate.widthMm(), plate.heightMm());
        double above = plate.heightMm() - artwork.designBox().getMaxY();
        double below = lowest.designBox().getMinY() - lowest.plateBox().getMinY();
        return Math.ceil(LayoutRules.TAPE_MM + above + below);
    }

    /** Round the chosen design, or in the middle; a piece is cut out by one die at a time. */
    public static Layout cut(Layout layout, Plate die, List<String> keys) {
        List<Placed> cuts = new ArrayList<>();
        boolean round = !keys.isEmpty() && layout.find(keys.get(0)).isPresent();
        PlacementConstraint hold = round
                ? PlacementConstraint.by(PlacementConstraint.Kind.IN_LINE, 0, keys.get(0))
                : PlacementConstraint.CENTRED;
        cuts.add(new Placed(freeKey(layout.withCuts(List.of()), die), die, 0, hold, hold, null));
        return layout.withCuts(cuts);
    }

    private static String freeKey(Layout layout, Plate plate) {
        String key = plate.id();
        for (int n = 2; layout.find(key).isPresent(); n++) {
            key = plate.id() + "-" + n;
        }
        return key;
    }
}
