package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;

import glanzen.anchor.Anchor;
import glanzen.anchor.AnchorBench;
import glanzen.setup.SetUp;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ConvergedTest {

    @ParameterizedTest
    @ValueSource(strings = {"large bee, 30 s, one slow pass", "thin die as plate, full card"})
    void theForecastIsNearWhatTheLongWayGives(String name) {
        Forecaster forecaster = new Forecaster(AnchorBench.SHOP.artworks());
        SetUp setUp = Anchor.all().stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow()
                .setUp();
        Forecast f = forecaster.forecast(setUp, RigEnsemble.fresh());
        double[] shares = new Converged(setUp, forecaster).shares(500, 99);
        // 500 random rigs are themselves sure to two points only.
        assertEquals(shares[0], f.under(), 0.05);
        assertEquals(shares[1], f.clean(), 0.05);
    }
}
