package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.pull.NipFigures;
import glanzen.pull.PullOutcome;
import glanzen.pull.Rig;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantilesTest {
    private static PullOutcome dosed(double dose) {
        return new PullOutcome(dose, 1, 0, 0, false, false);
    }

    @Test
    void hundredEvenPullsHaveTheirDeciles() {
        PullOutcome[] pulls =
                IntStream.rangeClosed(1, 100).mapToObj(i -> dosed(i)).toArray(PullOutcome[]::new);
        double[] weights = new double[100];
        Arrays.fill(weights, 0.01);
        assertEquals(new Quantiles(10, 50, 90), Quantiles.of(pulls, weights, PullOutcome::dose));
    }

    @Test
    void weightCountsNotNumber() {
        PullOutcome[] pulls = {dosed(1), dosed(2), dosed(3)};
        assertEquals(new Quantiles(3, 3, 3), Quantiles.of(pulls, new double[] {0.03, 0.03, 0.94}, PullOutcome::dose));
        assertEquals(new Quantiles(1, 2, 3), Quantiles.of(pulls, new double[] {0.3, 0.4, 0.3}, PullOutcome::dose));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void orderDoesNotMatter(long seed) {
        Random random = new Random(seed);
        List<PullOutcome> pulls = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            pulls.add(dosed(random.nextDouble()));
        }
        double[] weights = new double[40];
        Arrays.fill(weights, 1 / 40.0);
        Quantiles once = Quantiles.of(pulls.toArray(PullOutcome[]::new), weights, PullOutcome::dose);
        Collections.shuffle(pulls, random);
        assertEquals(once, Quantiles.of(pulls.toArray(PullOutcome[]::new), weights, PullOutcome::dose));
        assertTrue(once.low() <= once.middle() && once.middle() <= once.high());
    }

    @ParameterizedTest
    @CsvSource({
        "0.333, 0.333, 0.334",
        "0.02, 0.97, 0.01",
        "0, 1, 0",
        "1, 0, 0",
        "0.049, 0.902, 0.049",
        "0.025, 0.95, 0.025"
    })
    void twentyIsAlwaysTwenty(double under, double clean, double over) {
        NipFigures nip = new NipFigures(0, 0, 0, 0, 0, 0, 0, 0);
        Forecast f = new Forecast(
                under,
                clean,
                over,
                0,
                0,
                Map.of(),
                new Quantiles(1, 2, 3),
                new Quantiles(1, 1, 1),
                new Quantiles(0, 0, 0),
                new Forecast.Window(1.9, 6, true),
                new NipRange(nip, nip, nip),
                List.of(),
                List.of());
        Twenty twenty = f.twenty();
        assertEquals(20, twenty.under() + twenty.clean() + twenty.over() + twenty.refused());
        assertEquals(clean * 20, twenty.clean(), 1.0);
        assertEquals(under * 20, twenty.under(), 1.0);
    }

    @Test
    void rigsAreValues() {
        Rig rig = Rig.AS_LABELLED.needing(0.2);
        assertEquals(0.2, rig.lnNeed());
        assertEquals(0, Rig.AS_LABELLED.lnNeed(), "the original is untouched");
        assertEquals(0.5, rig.weighing(0.5).weight());
        RigEnsemble two = new RigEnsemble(
                List.of(rig.weighing(0.75), Rig.AS_LABELLED.needing(-0.2).weighing(0.25)));
        assertEquals(0.1, two.mean(Rig::lnNeed), 1e-12);
        assertEquals(0.1, two.middle().lnNeed(), 1e-12);
        assertEquals(2, two.thinned(2).rigs().size());
    }
}
