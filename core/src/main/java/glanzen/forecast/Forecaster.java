package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast.Window;
import glanzen.kit.Press;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
import glanzen.pull.PullOutcome;
import glanzen.pull.PullResponse;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.TransferModel;
import glanzen.setup.PressedArtwork;
import glanzen.setup.SetUp;
import glanzen.transfer.Normal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoublePredicate;

/** Pulls a set-up on a whole ensemble of rigs. Safe for many threads. */
public final class Forecaster {

    private static final double WIDEST_FACTOR = 1e4;

    private static final int MOST_KEPT = 64;

    private record Asked(SetUp setUp, RigEnsemble ensemble) {}

    private final ArtworkShelf artworks;
    private final Map<Asked, Forecast> recent = new ConcurrentHashMap<>();

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

    /** The set-up made ready to be pulled on any rig. */
    public PullModel model(SetUp setUp) {
        return PullModels.of(setUp, artworks);
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
        Asked asked = new Asked(setUp, ensemble.knowing(setUp.needKey()));
        Forecast found = recent.get(asked);
        if (found == null) {
            if (recent.size() >= MOST_KEPT) {
                recent.clear();
            }
            found = forecast(setUp, model(setUp), asked.ensemble());
            recent.put(asked, found);
        }
        return found;
    }

    private static Forecast forecast(SetUp setUp, PullModel model, RigEnsemble ensemble) {
        List<Rig> rigs = ensemble.rigs();
        List<PullOutcome> pulls = new ArrayList<>(rigs.size());
        for (int i = 0; i < rigs.size(); i++) {
            pulls.add(model.doses(rigs.get(i)).pull(Math.exp(RigPriors.LN_LUCK * luck(i))));
        }
        double most = setUp.machine() instanceof Press press ? press.maxForceN() : Double.MAX_VALUE;
        double[] weights = rigs.stream().mapToDouble(Rig::weight).toArray();
        double under = 0;
        double over = 0;
        double both = 0;
        double refused = 0;
        for (int i = 0; i < weights.length; i++) {
            PullOutcome pull = pulls.get(i);
            under += pull.under() ? weights[i] : 0;
            over += pull.over() && !pull.under() ? weights[i] : 0;
            both += pull.over() && pull.under() ? weights[i] : 0;
            refused += pull.forceN() > most ? weights[i] : 0;
        }
        Rig middle = ensemble.middle(setUp.needKey());
        return new Forecast(
                under,
                Math.max(0, 1 - under - over),
                over,
                both,
                refused,
                Quantiles.of(pulls, weights, PullOutcome::dose),
                Quantiles.of(pulls, weights, PullOutcome::coverage),
                Quantiles.of(pulls, weights, PullOutcome::spillMm),
                window(setUp, model, middle),
                model.figures(middle),
                model.strips(middle),
                model.heat());
    }

    /** Evenly spread standard normal luck, one to a rig (golden-ratio recurrence). */
    private static double luck(int i) {
        double x = 0.5 + (i + 1) * 0.6180339887498949;
        return Normal.inverse(x - Math.floor(x));
    }

    /** Finds by which factor on dose the pull would just be complete, and by which it would just spill. */
    static Window window(SetUp setUp, PullModel model, Rig middle) {
        PullResponse doses = model.doses(middle);
        double dose = doses.pull(1).dose();
        if (dose < 1e-6) {
            return new Window(doses.scale().leastClean(), doses.scale().mostClean(), setUp.overfillMm() > -1);
        }
        double least = dose * edge(f -> !doses.pull(f).under());
        double most = dose * edge(f -> doses.pull(f).over());
        return new Window(least, most, least < most);
    }

    private static double edge(DoublePredicate reached) {
        double low = Math.log(1 / WIDEST_FACTOR);
        double high = Math.log(WIDEST_FACTOR);
        for (int i = 0; i < 14; i++) {
            double middle = (low + high) / 2;
            if (reached.test(Math.exp(middle))) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Math.exp((low + high) / 2);
    }
}
