package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecast.NipFigures;
import glanzen.forecast.Forecast.Window;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.SetUp;
import glanzen.transfer.Normal;
import glanzen.transfer.Transfer;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoublePredicate;

/** Pulls a set-up on a whole crowd of rigs. Safe for many threads. */
public final class Forecaster {

    private static final double WIDEST_FACTOR = 1e4;

    private final ArtworkShelf artworks;

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
        return setUp.artwork(artworks);
    }

    /** The set-up made ready to be pulled on any rig. */
    public PullModel model(SetUp setUp) {
        return PullModel.of(setUp, artwork(setUp));
    }

    /**
     * Forecasts a set-up that has one plate, one film and one stock; the same question always has the same answer.
     *
     * @param crowd what is known of the rig
     */
    public Forecast forecast(SetUp setUp, Crowd crowd) {
        return forecast(setUp, model(setUp), crowd.knowing(setUp.film().id()));
    }

    private static Forecast forecast(SetUp setUp, PullModel model, Crowd crowd) {
        List<Rig> rigs = crowd.rigs();
        List<Pull> pulls = new ArrayList<>(rigs.size());
        for (int i = 0; i < rigs.size(); i++) {
            pulls.add(model.doses(rigs.get(i)).pull(Math.exp(Spread.LN_LUCK * luck(i))));
        }
        double[] weights = rigs.stream().mapToDouble(Rig::weight).toArray();
        double under = 0;
        double over = 0;
        double both = 0;
        double refused = 0;
        for (int i = 0; i < weights.length; i++) {
            Pull pull = pulls.get(i);
            under += pull.under() ? weights[i] : 0;
            over += pull.over() && !pull.under() ? weights[i] : 0;
            both += pull.over() && pull.under() ? weights[i] : 0;
            refused += pull.forceN() > setUp.press().maxForceN() ? weights[i] : 0;
        }
        Rig middle = crowd.middle(setUp.film().id());
        return new Forecast(
                under,
                Math.max(0, 1 - under - over),
                over,
                both,
                refused,
                Quantiles.of(pulls, weights, Pull::dose),
                Quantiles.of(pulls, weights, Pull::coverage),
                Quantiles.of(pulls, weights, Pull::spillMm),
                window(setUp, model, middle),
                figures(setUp, model, middle),
                model.nominalHeat().traces());
    }

    /** Evenly spread standard normal luck, one to a rig (golden-ratio recurrence). */
    private static double luck(int i) {
        double x = 0.5 + (i + 1) * 0.6180339887498949;
        return Normal.inverse(x - Math.floor(x));
    }

    /** Finds by which factor on dose the pull would just be complete, and by which it would just spill. */
    static Window window(SetUp setUp, PullModel model, Rig middle) {
        Doses doses = model.doses(middle);
        double dose = doses.pull(1).dose();
        if (dose < 1e-6) {
            return new Window(
                    Transfer.LEAST_CLEAN_DOSE, Transfer.mostCleanDose(model.softnessMm()), setUp.overfillMm() > -1);
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

    private static NipFigures figures(SetUp setUp, PullModel model, Rig middle) {
        Nip nip = model.mainNip(middle);
        List<Double> starts = model.nominalHeat().nips().stream()
                .map(n -> n.celsius()[n.celsius().length / 2])
                .toList();
        return new NipFigures(
                setUp.overfillMm(),
                nip.forceN(),
                nip.pressureMpa(),
                nip.dwellSeconds(setUp.feedMmPerS()),
                starts.get(starts.size() - 1),
                model.peelC(middle),
                LoadPath.of(setUp.stack()).debossMm(nip.pressureMpa()));
    }
}
