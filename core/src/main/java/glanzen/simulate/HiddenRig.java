package glanzen.simulate;

import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Platform;
import glanzen.picture.Picture;
import glanzen.picture.PullPicture;
import glanzen.pull.Handling;
import glanzen.pull.PullModels;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.setup.SetUp;
import glanzen.transfer.Ghost;
import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * How a simulated bench really is: off its labels, always in the same way, and known to nobody who learns. Its pulls can
 * be read off and looked at.
 */
public final class HiddenRig {

    private final ArtworkShelf artworks;

    /** @param artworks where artwork is drawn */
    public HiddenRig(ArtworkShelf artworks) {
        this.artworks = artworks;
    }

    /** The true rig under a set-up, with the small luck of one pull. */
    public Rig truth(SetUp s, long luck) {
        Random press = new Random(31L * s.machine().id().hashCode() + 7);
        Random platform = new Random(31L * heater(s).hashCode() + 3);
        Random film = new Random(31L * s.needKey().hashCode() + 1);
        double pull = new Random(luck).nextGaussian() * RigPriors.LN_LUCK;
        return new Rig(
                away(platform) * RigPriors.SET_POINT_K,
                -away(press) * RigPriors.OPENING_MM,
                0.5 * press.nextGaussian() * RigPriors.LN_STIFFNESS,
                0.5 * platform.nextGaussian() * RigPriors.LN_CONTACT,
                0,
                0.7 * film.nextGaussian() * RigPriors.LN_NEED + pull,
                0,
                1);
    }

    private static String heater(SetUp s) {
        return s.platform().map(Platform::id).orElse(s.machine().id());
    }

    /** About one standard deviation off, either way. */
    private static double away(Random random) {
        return (random.nextDouble() < 0.75 ? 1 : -1) * (0.7 + 0.6 * random.nextDouble());
    }

    /** How far a loose plate ends up from where it began, by the luck of one pull, mm; 0 where nothing is loose. */
    public double ghostMm(SetUp setUp, long luck) {
        Random plate = new Random(luck * 7919 + 11);
        double furthest = 0;
        for (int n = 0; n < Handling.looseReversals(setUp); n++) {
            double shift = Ghost.LOOSE_MM * plate.nextGaussian();
            furthest = Math.abs(shift) > Math.abs(furthest) ? shift : furthest;
        }
        return furthest;
    }

    /** Whether that leaves a ghost edge to be seen. */
    public boolean ghosted(SetUp setUp, long luck) {
        return Math.abs(ghostMm(setUp, luck)) > Ghost.VISIBLE_MM;
    }

    /** What the simulated pull comes to. */
    public PullOutcome pull(SetUp setUp, long luck) {
        return PullModels.of(setUp, artworks).pull(truth(setUp, luck));
    }

    /** What the simulated pull looks like. */
    public BufferedImage picture(SetUp setUp, long luck, int width, int height) {
        Picture picture = Picture.of(setUp, PullModels.of(setUp, artworks), truth(setUp, luck), luck);
        return (picture instanceof PullPicture pull ? pull.ghosted(ghostMm(setUp, luck)) : picture).draw(width, height);
    }
}
