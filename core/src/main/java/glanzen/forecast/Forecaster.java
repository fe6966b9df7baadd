package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast.Window;
import glanzen.pull.OnceARig;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.route.Standard;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Pulls a set-up on a whole ensemble of rigs. Safe for many threads. */
public final class Forecaster {

    private static final double WIDEST_FACTOR = 1e4;
    /** Where there is no too much, the clean zone is drawn so many times as high as it is low. */
    private static final double WIDEST_WINDOW = 60;

    private static final int MOST_KEPT = 64;
    private static final int MOST_READY = 16;

    /** What is believed is told apart by which it is: it has thousands of figures, and is handed on as it is. */
    private record Asked(SetUp setUp, RigEnsemble ensemble) {

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Asked asked && asked.ensemble == ensemble && asked.setUp.equals(setUp);
        }

        @Override
        public int hashCode() {
            return 31 * setUp.hashCode() + System.identityHashCode(ensemble);
        }
    }

    private final ArtworkShelf artworks;
    private final Latest<Asked, Forecast> recent = new Latest<>(MOST_KEPT);
    private final Latest<SetUp, OnceARig> ready = new Latest<>(MOST_READY);

    /** @param artworks drawn plates */
    public Forecaster(ArtworkShelf artworks) {
        this.artworks = artworks;
    }

    /** Where artwork is drawn. */
    public ArtworkShelf shelf() {
        return artworks;
    }

    /** What a set-up presses. */
    public Artwork artwork(SetUp setUp) {
        return PressedArtwork.of(setUp, artworks);
    }

    /** The set-up made ready to be pulled on any rig, as what it is. */
    public PullModel model(SetUp setUp) {
        return onceARig(setUp).model();
    }

    /** The same, pulled once on each rig; what is forecast is learned from or drawn next, so a few are kept. */
    public OnceARig onceARig(SetUp setUp) {
        return ready.get(setUp, () -> new OnceARig(PullModels.of(setUp, artworks)));
    }

    /** The set-up made ready where foil or flock is transferred. */
    public TransferModel transfer(SetUp setUp) {
        return TransferModel.of(setUp, artwork(setUp));
    }

    /**
     * Forecasts a set-up that has all its route asks for; the same question always has the same answer. Forecast, advice
     * and schools ask of the same set-up in turn, so recent answers are kept.
     *
     * @param ensemble what is known of the rig
     */
    public Forecast forecast(SetUp setUp, RigEnsemble ensemble) {
        return recent.get(new Asked(setUp, ensemble), () -> forecast(setUp, onceARig(setUp), ensemble));
    }

    /**
     * How much the outcome of a pull, in a word, would tell of the rig: mutual information of the two, in bits.
     *
     * @param model the set-up made ready
     * @param ensemble what is known of the rig
     */
    public double tells(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        Tally all = new Tally(setUp, model.lnNeedPrior(), ensemble);
        double doubt = 0;
        for (Rig rig : ensemble.rigs()) {
            Tally one = new Tally(setUp, model.lnNeedPrior(), new RigEnsemble(List.of(rig.weighing(1))));
            PullResponse doses = model.doses(rig);
            one.add(rig, doses);
            all.add(rig, doses);
            doubt += rig.weight() * one.doubtBits();
        }
        return all.doubtBits() - doubt;
    }

    /** Share of clean pulls, and nothing else, of a set-up that has been made ready already. */
    public double clean(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        return tally(setUp, model, ensemble).clean();
    }

    private static Tally tally(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        Tally tally = new Tally(setUp, model.lnNeedPrior(), ensemble);
        for (Rig rig : ensemble.rigs()) {
            tally.add(rig, model.doses(rig));
        }
        return tally;
    }

    /** Forecasts a set-up that has been made ready already. */
    public Forecast forecast(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        Tally tally = tally(setUp, model, ensemble);
        Rig middle = ensemble.middle();
        return tally.forecast(
                window(setUp, model.doses(middle)), NipRange.of(model, ensemble), model.strips(middle), model.heat());
    }

    /** By which factor on dose the pull would just be complete, and by which too much would just show. */
    static Window window(SetUp setUp, PullResponse doses) {
        Standard standard = doses.standard();
        double dose = doses.pull(1).dose();
        if (dose < 1e-6) {
            double least = Math.exp(doses.scale().lnFor(Math.min(0.999, standard.enough())));
            return new Window(
                    least,
                    least * WIDEST_WINDOW,
                    setUp.overfillMm() > -1 && doses.spoiled().isEmpty());
        }
        double least = within(doses.lnForKept(standard.enough()));
        double most =
                doses.spoiled().isPresent() ? 1 / WIDEST_FACTOR : within(doses.lnForExcess(standard.mostExcessMm()));
        return new Window(dose * least, dose * Math.min(most, least * WIDEST_WINDOW), least < most);
    }

    private static double within(double ln) {
        return Math.max(1 / WIDEST_FACTOR, Math.min(WIDEST_FACTOR, Math.exp(ln)));
    }
}
