package glanzen.setup;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Plate;
import glanzen.layout.Arrangement;
import glanzen.route.Mechanism;
import java.util.List;

/** What a set-up presses, drawn. */
public final class PressedArtwork {

    private PressedArtwork() {}

    /** The plate by itself, or all that is laid out as it lies under the rollers; of a die, its blade. */
    public static Artwork of(SetUp s, ArtworkShelf shelf) {
        if (s.layout().laid()) {
            Artwork together = shelf.of(s.layout(), () -> new Arrangement(s.layout(), shelf).together());
            // What lies beside the sheet altogether is pressed all the same; that nothing lands is for rules to say.
            return together.pressed() ? together : drawn(s.plate(), shelf);
        }
        return s.route().mechanism() == Mechanism.CUT ? blade(s, shelf) : drawn(s.plate(), shelf);
    }

    /** Where blades run: along the edges of a die's design, around that of a folder. */
    public static Artwork blade(SetUp s, ArtworkShelf shelf) {
        Plate die = s.plate();
        Artwork drawn = drawn(die, shelf);
        if (die.motif().kind().blade()) {
            return drawn;
        }
        return shelf.of(
                List.of("blade", die.kind().folder(), die.motif(), die.widthMm(), die.heightMm()),
                () -> die.kind().folder() ? drawn.outerEdge() : drawn.edge());
    }

    private static Artwork drawn(Plate plate, ArtworkShelf shelf) {
        return shelf.of(plate.motif(), plate.widthMm(), plate.heightMm());
    }
}
