package glanzen.layout;

import glanzen.measure.Checks;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * Where everything lies for one pull of a piece.
 *
 * @param piece the piece
 * @param bed how it lies on the platform
 * @param method how the plates are kept in place
 * @param hangs which end of a ribbon hangs down
 * @param plates what is pressed
 * @param cuts dies that cut the piece later
 * @param patches make-ready behind the sheet
 */
public record Layout(
        Piece piece,
        PlatformPose bed,
        Fixing method,
        HangingEnd hangs,
        List<Placed> plates,
        List<Placed> cuts,
        List<MakeReadyPatch> patches) {

    /** Nothing is laid out: the plate lies by itself in the middle of the platform. */
    public static final Layout NONE = new Layout(
            new Piece(100, 100, 0),
            PlatformPose.MIDDLE,
            Fixing.LOOSE,
            HangingEnd.NEITHER,
            List.of(),
            List.of(),
            List.of());

    private static final int MOST_PLATES = 24;

    public Layout {
        new Checks()
                .present("piece", piece, "the size of the piece")
                .present("bed", bed, "how it lies on the platform")
                .present("method", method, "loose, taped or hinged")
                .present("hangs", hangs, "neither, left end or right end")
                .figure("plates", plates.size(), 0, MOST_PLATES, "plates")
                .figure("patches", patches.size(), 0, MOST_PLATES, "patches")
                .done();
        plates = List.copyOf(plates);
        cuts = List.copyOf(cuts);
        patches = List.copyOf(patches);
        Set<String> keys = new HashSet<>();
        for (Placed placed : all(plates, cuts)) {
            new Checks()
                    .holds(keys.add(placed.key()), "plates.key", placed.key() + " stands there twice", "each key once")
                    .done();
        }
    }

    private static List<Placed> all(List<Placed> plates, List<Placed> cuts) {
        List<Placed> all = new ArrayList<>(plates);
        all.addAll(cuts);
        return all;
    }

    /** Plates and dies. */
    public List<Placed> all() {
        return all(plates, cuts);
    }

    /** Returns a layout with no plates yet, for a piece of known size: the stock is cut to it. */
    public static Layout forPiece(Piece piece) {
        return new Layout(piece, NONE.bed, NONE.method, NONE.hangs, List.of(), List.of(), List.of());
    }

    /** Whether the piece is known, whether or not anything is laid out on it; of {@link #NONE} alone it is not. */
    public boolean sized() {
        return laid() || piece != NONE.piece;
    }

    /** Whether anything is laid out. */
    public boolean laid() {
        return !plates.isEmpty();
    }

    /** The plate or die of a key. */
    public Optional<Placed> find(String key) {
        return all().stream().filter(p -> p.key().equals(key)).findFirst();
    }

    /** The same with every plate and die changed. */
    public Layout each(UnaryOperator<Placed> change) {
        return new Layout(
                piece,
                bed,
                method,
                hangs,
                plates.stream().map(change).toList(),
                cuts.stream().map(change).toList(),
                patches);
    }

    /** The same with all foil cut from the roll, and none taken from leftovers. */
    public Layout fromTheRoll() {
        return withPlates(plates.stream()
                .map(p -> new Placed(p.key(), p.plate(), p.quarterTurns(), p.across(), p.along(), null))
                .toList());
    }

    /** The same with other plates. */
    public Layout withPlates(List<Placed> changed) {
        return new Layout(piece, bed, method, hangs, changed, cuts, patches);
    }

    /** The same with other dies. */
    public Layout withCuts(List<Placed> changed) {
        return new Layout(piece, bed, method, hangs, plates, changed, patches);
    }

    /** The same on another bed. */
    public Layout withBed(PlatformPose changed) {
        return new Layout(piece, changed, method, hangs, plates, cuts, patches);
    }

    /** The same with other make-ready. */
    public Layout withPatches(List<MakeReadyPatch> changed) {
        return new Layout(piece, bed, method, hangs, plates, cuts, changed);
    }

    /** The same with another end hanging. */
    public Layout withHangs(HangingEnd changed) {
        return new Layout(piece, bed, method, changed, plates, cuts, patches);
    }
}
