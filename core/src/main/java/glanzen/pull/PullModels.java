package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.route.Mechanism;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;

/** Set-ups made ready to be pulled, each by what pressing does to its sheet. */
public final class PullModels {

    private PullModels() {}

    /**
     * A set-up made ready for any rig.
     *
     * @param shelf where artwork is drawn
     */
    public static PullModel of(SetUp setUp, ArtworkShelf shelf) {
        Artwork artwork = PressedArtwork.of(setUp, shelf);
        return switch (setUp.route().mechanism()) {
            case TRANSFER -> TransferModel.of(setUp, artwork);
            case CUT -> new BladeModel(setUp, artwork);
            case EMBOSS -> new ReliefModel(setUp, artwork);
            case CUT_AND_EMBOSS ->
                new BladeAndReliefModel(
                        new BladeModel(setUp, PressedArtwork.blade(setUp, shelf)), new ReliefModel(setUp, artwork));
        };
    }

    /** A set-up made ready for one rig only, several times faster where heat is at work. */
    public static PullModel forOne(SetUp setUp, ArtworkShelf shelf, Rig rig) {
        return setUp.route().mechanism() == Mechanism.TRANSFER
                ? TransferModel.forOne(setUp, PressedArtwork.of(setUp, shelf), rig)
                : of(setUp, shelf);
    }
}
