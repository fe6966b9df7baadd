package glanzen.diagnosis;

import glanzen.forecast.Forecast;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Stock;
import glanzen.pull.Handling;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import glanzen.transfer.Gelled;
import glanzen.transfer.Transfer;
import java.util.EnumMap;
import java.util.Map;

/** How often each cause happens on a set-up, before anything is seen. */
final class Usual {

    private static final double ELSE = 0.03;
    /** From here a rough stock is to be reckoned with. */
    private static final double ROUGH = 1.2;

    private Usual() {}

    static Map<Cause, Double> of(Diagnosis.Case of, RigEnsemble ensemble) {
        SetUp setUp = of.setUp();
        Forecast expected = of.expected();
        Map<Cause, Double> usual = new EnumMap<>(Cause.class);
        for (Cause cause : Cause.on(setUp.route())) {
            usual.put(
                    cause,
                    switch (cause) {
                        case AS_SET -> 0.3 * expected.clean() + 0.02;
                        case TOO_LITTLE -> 0.5 * expected.under() + 0.06;
                        case TOO_MUCH -> 0.5 * expected.over() + 0.05;
                        case MIDDLE_GIVES -> 0.06;
                        case ONE_SIDE -> 0.08;
                        case DUST -> 0.12;
                        case SPENT, MEDIUM_OVER, CUT_FIRST -> 0.06;
                        case HOT_PEEL -> 0.05 + 0.5 * Math.min(0.2, lifts(of, ensemble));
                        case MOVED -> Handling.looseReversals(setUp) > 0 ? 0.2 : ELSE;
                        case TEXTURE -> setUp.stock().surface().need() > ROUGH ? 0.5 : 0.01;
                        case NOT_DRY -> squashed(of) ? 0.4 : 0.04;
                        case GEL_OLD -> aged(setUp) ? 0.3 : 0.05;
                        case SHEETS -> setUp.stack().all(Stock.class).size() > 1 ? 0.2 : 0.01;
                        default -> ELSE;
                    });
        }
        return Shares.summingToOne(usual);
    }

    private static double lifts(Diagnosis.Case of, RigEnsemble ensemble) {
        return of.model() instanceof TransferModel model
                ? Transfer.lift(model.artwork().solidShare(), model.peelC(ensemble.middle()))
                : 0;
    }

    private static boolean squashed(Diagnosis.Case of) {
        return of.model() instanceof TransferModel model && model.alwaysMm() > 0;
    }

    private static boolean aged(SetUp setUp) {
        return setUp.gel() != null && Gelled.agedNeed(setUp.gel().driedSeconds()) > 1;
    }
}
