package glanzen.picture;

import glanzen.pull.PullModel;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import java.awt.image.BufferedImage;

/** How a pull would look. */
public interface Picture {

    /** Largest side of a picture, px. */
    int MOST_PX = 2000;

    /**
     * Draws the pull.
     *
     * @param widthPx width, 1…{@value #MOST_PX}
     * @param heightPx height, 1…{@value #MOST_PX}
     */
    BufferedImage draw(int widthPx, int heightPx);

    /**
     * The picture of a set-up on a rig: foil and flock with their edges, cuts with what is not through, relief with its
     * depth.
     *
     * @param seed for the stock's own texture
     */
    static Picture of(SetUp setUp, PullModel model, Rig rig, long seed) {
        return of(setUp, model, rig, seed, Spoiling.NONE);
    }

    /** The same spoilt. */
    static Picture of(SetUp setUp, PullModel model, Rig rig, long seed, Spoiling by) {
        return model instanceof TransferModel transfer
                ? new PullPicture(setUp, transfer, rig, seed).spoilt(by)
                : new PressedPicture(setUp, model, rig, seed, by);
    }
}
