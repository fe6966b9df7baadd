package glanzen.app.device;

import glanzen.app.device.Feeder.Fed;
import glanzen.pull.PullOutcome;
import java.awt.image.BufferedImage;

/** What looks at a finished pull, real or simulated. */
public interface Scanner {

    /** What it reads off a pull. */
    PullOutcome read(Fed pulled);

    /** What it sees. */
    BufferedImage picture(Fed pulled, int widthPx, int heightPx);
}
