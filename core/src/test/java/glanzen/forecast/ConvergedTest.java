package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.anchor.Anchor;
import glanzen.anchor.AnchorBench;
import glanzen.setup.SetUp;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ConvergedTest {

    private static final Forecaster FORECASTER = new Forecaster(AnchorBench.SHOP.artworks());

    @ParameterizedTest
    @ValueSource(strings = {"large bee, 30 s, one slow pass", "thin die as plate, full card"})
    void theForecastIsNearWhatTheLongWayGives(String name) {
        SetUp setUp = named(name);
        Forecast f = FORECASTER.forecast(setUp, RigEnsemble.fresh());
        double[] shares = new Converged(setUp, FORECASTER).shares(500, 99);
        // 500 random rigs are themselves sure to two points only.
        assertEquals(shares[0], f.under(), 0.05);
        assertEquals(shares[1], f.clean(), 0.05);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lace, metal shim", "thick die on leather", "rectangle A6, an edge along the rollers"})
    void aCutIsNearWhatTheLongWayGives(String name) {
        SetUp setUp = named(name);
        double forecast = FORECASTER.forecast(setUp, RigEnsemble.fresh()).clean();
        assertEquals(new ConvergedCut(setUp, FORECASTER).clean(300, 99), forecast, 0.07);
    }

    private static SetUp named(String name) {
        return Anchor.all().stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow()
                .setUp();
    }
}
