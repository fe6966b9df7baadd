package glanzen.app.reading;

import glanzen.app.device.Feeder.Fed;
import glanzen.app.run.RunService;
import glanzen.app.web.Conflict;
import glanzen.artwork.Artwork;
import glanzen.forecast.Forecaster;
import glanzen.picture.FoilMask;
import glanzen.picture.PullPicture;
import glanzen.pull.TransferModel;
import glanzen.simulate.Camera;
import glanzen.simulate.Camera.Conditions;
import glanzen.simulate.HiddenRig;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.springframework.stereotype.Component;

/** A phone that stands in, for pulls that simulated machines made. */
@Component
class SimulatedCamera {

    private static final int MASK_PX_PER_MM = 20;
    private static final int LONG_PX = 2400;

    private final RunService runs;
    private final Forecaster forecaster;
    private final HiddenRig rig;

    SimulatedCamera(RunService runs, Forecaster forecaster, HiddenRig rig) {
        this.runs = runs;
        this.forecaster = forecaster;
        this.rig = rig;
    }

    BufferedImage of(String runId) {
        Fed fed = runs.fed(runId);
        if (!(forecaster.model(fed.setUp()) instanceof TransferModel model)) {
            throw new Conflict("The simulated camera shows foil and flock only.");
        }
        PullPicture picture = new PullPicture(fed.setUp(), model, rig.truth(fed.setUp(), fed.luck()), fed.luck())
                .ghosted(rig.ghostMm(fed.setUp(), fed.luck()));
        FoilMask mask = picture.mask(MASK_PX_PER_MM);
        Artwork pressed = model.artwork();
        boolean wide = pressed.widthMm() > pressed.heightMm();
        Conditions how = Conditions.phone(
                wide ? LONG_PX : LONG_PX * 3 / 4, wide ? LONG_PX * 3 / 4 : LONG_PX, new Random(fed.luck()));
        Camera camera = new Camera(
                mask, rgb(fed.setUp().film().colour()), rgb(fed.setUp().stock().colour()));
        return camera.shoot(how, fed.luck());
    }

    private static int rgb(String colour) {
        return Integer.parseInt(colour.substring(1), 16);
    }
}
