package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import glanzen.Crafts;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.OnceARig;
import glanzen.pull.PullModel;
import glanzen.pull.PullModels;
import glanzen.pull.Rig;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What each rig gave is known once it was asked, and it makes no difference to any figure. */
class OnceARigTest {

    private static final Forecaster FORECASTER = new Forecaster(Crafts.ARTWORKS);

    private static RigEnsemble learned(SetUp setUp, PullModel model) {
        Observation seen =
                Observation.roughly(Outcome.UNDER, Amount.A_LOT, setUp.route().standard());
        return Learner.learn(Belief.NOTHING, setUp, model, seen).rigs(Rigged.of(setUp));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void forecastsAndLearnsToTheLastBitAsTheSetUpItself(Route route) {
        SetUp setUp = Crafts.started(route);
        PullModel model = PullModels.of(setUp, Crafts.ARTWORKS);
        PullModel once = new OnceARig(model);
        RigEnsemble fresh = RigEnsemble.fresh();
        // Asked in between for other figures than the forecast asks for, and after rigs were exchanged.
        for (RigEnsemble known : new RigEnsemble[] {fresh, learned(setUp, model), fresh}) {
            assertEquals(learned(setUp, model), learned(setUp, once));
            assertEquals(
                    FORECASTER.forecast(setUp, model, known).dose(),
                    FORECASTER.forecast(setUp, once, known).dose());
            assertEquals(
                    FORECASTER.forecast(setUp, model, known).clean(),
                    FORECASTER.forecast(setUp, once, known).clean());
        }
    }

    @Test
    void aRigIsPulledOnceHoweverPlausibleItIsThen() {
        PullModel once = new OnceARig(PullModels.of(Crafts.started(Route.HOT_PLATE), Crafts.ARTWORKS));
        Rig rig = RigEnsemble.fresh().rigs().get(7);
        assertSame(once.doses(rig), once.doses(rig.weighing(0.25)));
    }

    @Test
    void manyMayAskAtOnce() {
        SetUp setUp = Crafts.started(Route.HOT_PLATE);
        PullModel once = new OnceARig(PullModels.of(setUp, Crafts.ARTWORKS));
        RigEnsemble fresh = RigEnsemble.fresh();
        RigEnsemble one = learned(setUp, once);
        double clean = FORECASTER.forecast(setUp, once, fresh).clean();
        IntStream.range(0, 200).parallel().forEach(i -> {
            assertEquals(one, learned(setUp, once));
            assertEquals(clean, FORECASTER.forecast(setUp, once, fresh).clean());
        });
    }
}
