package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.keeping.TriedAgain;
import glanzen.app.setup.Snapshot;
import glanzen.app.web.NotFound;
import glanzen.app.web.Pictures;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigFit;
import glanzen.learning.Observation;
import glanzen.picture.Picture;
import glanzen.pull.PullModel;
import glanzen.setup.SetUp;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What pulls look like: as they were photographed, or drawn from what was said of them. */
@Service
@Transactional
class PullPictures {

    private final PullRepository pulls;
    private final PictureRepository pictures;
    private final Forecaster forecaster;
    private final Json json;

    PullPictures(PullRepository pulls, PictureRepository pictures, Forecaster forecaster, Json json) {
        this.pulls = pulls;
        this.pictures = pictures;
        this.forecaster = forecaster;
        this.json = json;
    }

    /** What a pull looks like: a photograph as JPEG, or a drawing as PNG. */
    record Look(byte[] bytes, boolean photographed) {}

    /** Keeps a photograph with a pull. */
    @TriedAgain
    void photograph(String id, byte[] file) {
        PullEntity pull = find(id);
        pictures.save(PictureEntity.of(id, Pictures.taken(file)));
        pull.pictured = true;
        pulls.saveAndFlush(pull);
    }

    /** The photograph; if there is none, a drawing of the pull as it was seen. */
    @Transactional(readOnly = true)
    Look of(String id, int width, int height) {
        return pictures.findById(id)
                .map(kept -> new Look(kept.read(), true))
                .orElseGet(() -> new Look(drawn(find(id), width, height), false));
    }

    private byte[] drawn(PullEntity pull, int width, int height) {
        SetUp setUp = json.read(pull.snapshot, Snapshot.class).setUp();
        PullModel model = forecaster.model(setUp);
        Observation seen =
                Observation.roughly(pull.outcome, pull.amount, setUp.route().standard());
        double coverage = pull.coverage != null ? pull.coverage : seen.likelyCoverage();
        double spill = pull.spillMm != null ? pull.spillMm : seen.likelySpillMm();
        return Pictures.png(Picture.of(setUp, model, RigFit.of(model, coverage, spill), pull.number)
                .draw(width, height));
    }

    private PullEntity find(String id) {
        return pulls.findById(id).orElseThrow(() -> new NotFound("This pull"));
    }
}
