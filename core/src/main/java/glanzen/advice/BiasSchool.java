package glanzen.advice;

import glanzen.advice.Schools.Way;
import glanzen.advice.Schools.WayMaker;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecast.Window;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Which way to err: a quarter of the way into the clean window from below, or from above. */
final class BiasSchool {

    private static final double LEAN = 0.25;

    private final SetUp now;
    private final Advisor advisor;
    private final RigEnsemble ensemble;
    private final Forecast forecast;
    private final WayMaker make;

    BiasSchool(SetUp now, Forecaster forecaster, Inventory shop, RigEnsemble ensemble, WayMaker make) {
        this.now = now;
        this.advisor = new Advisor(forecaster, shop);
        this.ensemble = ensemble;
        this.forecast = forecaster.forecast(now, ensemble);
        this.make = make;
    }

    List<Way> ways() {
        Window window = forecast.window();
        if (!window.open() || forecast.dose().middle() <= 0) {
            return List.of();
        }
        boolean over = forecast.dose().middle() > at(window, 0.5);
        List<Way> ways = new ArrayList<>();
        leaning(over, at(window, 1 - LEAN))
                .ifPresent(s -> ways.add(make.way(
                        "rather over", "over-foil comes off with an eraser; fine counters may fill", s, over)));
        leaning(!over, at(window, LEAN))
                .ifPresent(s -> ways.add(
                        make.way("rather under", "cleaner on dark stock; a bare spot cannot be mended", s, !over)));
        return ways;
    }

    /** A dose so far into the window, on a logarithmic scale. */
    private static double at(Window window, double share) {
        return Math.exp((1 - share) * Math.log(window.least()) + share * Math.log(window.most()));
    }

    private Optional<SetUp> leaning(boolean present, double dose) {
        return present
                ? Optional.of(now)
                : advisor.toward(now, ensemble, dose).map(Proposal::setUp).filter(s -> !s.equals(now));
    }
}
