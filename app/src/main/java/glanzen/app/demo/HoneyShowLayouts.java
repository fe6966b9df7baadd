package glanzen.app.demo;

import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.layout.Fixing;
import glanzen.layout.FlipAxis;
import glanzen.layout.HangingEnd;
import glanzen.layout.Layout;
import glanzen.layout.Piece;
import glanzen.layout.Placed;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.layout.PlatformPose;
import java.util.List;

/** Where things lie on the pieces of the show. */
final class HoneyShowLayouts {

    private HoneyShowLayouts() {}

    /** The bee over the word, on one axis. */
    static Layout prizeCard(Layout first, Kit things) {
        Plate word = first.plates().get(0).plate();
        Plate bee = things.plate("bee").orElseThrow();
        return new Layout(
                new Piece(105, 148, 0),
                PlatformPose.MIDDLE,
                Fixing.LOOSE,
                HangingEnd.NEITHER,
                List.of(
                        new Placed(
                                word.id(),
                                word,
                                0,
                                PlacementConstraint.CENTRED,
                                PlacementConstraint.at(Kind.BASELINE, 32),
                                null),
                        new Placed(
                                bee.id(),
                                bee,
                                0,
                                PlacementConstraint.by(Kind.IN_LINE, 0, word.id()),
                                PlacementConstraint.by(Kind.AFTER, 14, word.id()),
                                null)),
                List.of(),
                List.of());
    }

    /** The village's name along a ribbon whose right end hangs. */
    static Layout ribbon(Layout first) {
        Plate name = first.plates().get(0).plate();
        return new Layout(
                new Piece(260, 25, 0),
                first.bed(),
                Fixing.TAPED,
                HangingEnd.RIGHT_END,
                List.of(new Placed(
                        name.id(),
                        name,
                        0,
                        PlacementConstraint.at(Kind.FROM_HIGH, 70),
                        PlacementConstraint.CENTRED,
                        null)),
                List.of(),
                List.of());
    }

    /** A long sign, folded: the words on its lower half. */
    static Layout sign(Layout first) {
        Plate words = first.plates().get(0).plate();
        return new Layout(
                new Piece(148, 105, 2),
                new PlatformPose(0, 0, 0, FlipAxis.SIDEWAYS),
                Fixing.TAPED,
                HangingEnd.NEITHER,
                List.of(new Placed(
                        words.id(),
                        words,
                        0,
                        PlacementConstraint.CENTRED,
                        PlacementConstraint.at(Kind.BASELINE, 38),
                        null)),
                List.of(),
                List.of());
    }
}
