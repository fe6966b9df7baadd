package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Pace;
import glanzen.pull.OnceARig;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
import glanzen.pull.TransferModel;
import glanzen.route.Mechanism;
import glanzen.route.Peel;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.HashMap;
import java.util.Map;

/** Forecasts on a few rigs, for choosing among many: what is heated alike is solved once, whatever shims lie behind. */
final class Roughly {

    private record Heating(Heat heat, Pace pace, int passes, Peel peel) {}

    private final Forecaster forecaster;
    private final RigEnsemble few;
    private final Map<Heating, TransferModel> heated = new HashMap<>();
    private final Map<SetUp, Forecast> known = new HashMap<>();
    private final Map<SetUp, OnceARig> pulled = new HashMap<>();

    Roughly(Forecaster forecaster, RigEnsemble ensemble, int rigs) {
        this.forecaster = forecaster;
        this.few = ensemble.thinned(rigs);
    }

    Forecast forecast(SetUp setUp) {
        return known.computeIfAbsent(setUp, s -> forecaster.forecast(s, model(s), few));
    }

    /** The few rigs, each as likely as the other. */
    RigEnsemble rigs() {
        return few;
    }

    /** Share of good pulls on some of the rigs. */
    double clean(SetUp setUp, RigEnsemble some) {
        return forecaster.clean(setUp, model(setUp), some);
    }

    /** How much the outcome would tell of the rig, bits. */
    double tells(SetUp setUp) {
        return forecaster.tells(setUp, model(setUp), few);
    }

    private PullModel model(SetUp setUp) {
        return pulled.computeIfAbsent(setUp, s -> new OnceARig(made(s)));
    }

    private PullModel made(SetUp setUp) {
        if (setUp.route().mechanism() != Mechanism.TRANSFER) {
            return PullModels.of(setUp, forecaster.shelf());
        }
        Heating alike = new Heating(setUp.heat(), setUp.pace(), setUp.passes(), setUp.peel());
        TransferModel like = heated.computeIfAbsent(alike, h -> forecaster.transfer(setUp));
        return TransferModel.heatedLike(setUp, forecaster.artwork(setUp), like);
    }
}
