package glanzen.anchor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.finding.Weight;
import glanzen.forecast.Forecast;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AnchorTest {

    static List<Anchor> rows() {
        return Anchor.all();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void whatWorksAtTheBenchWorksInTheForecast(Anchor row) {
        Forecast f = row.forecast();
        assertEquals(
                0,
                row.miss(f, 0),
                () -> String.format(
                        Locale.ROOT,
                        "of twenty: under %.1f, good %.1f, over %.1f; %s",
                        20 * f.under(),
                        20 * f.clean(),
                        20 * f.over(),
                        f.troubles()));
    }

    /** Over-foil in small text comes of too thick a shim, seldom of too long a soak. */
    @Test
    void aLongSoakFillsNoFewerAndAShimFloods() {
        Forecast usual = smallText("soak=20");
        Forecast longer = smallText("soak=180");
        assertTrue(longer.under() <= usual.under());
        assertTrue(smallText("soak=20", "+paper").over() > 2 * longer.over());
    }

    private static Forecast smallText(String... more) {
        List<String> doing = new ArrayList<>(List.of("HOT_PLATE", "small"));
        doing.addAll(List.of(more));
        return new Anchor("small text", doing, List.of()).forecast();
    }

    /** What a route begins with, on every machine that can do it, is what hands know: no rule stops it. */
    @ParameterizedTest
    @MethodSource("starts")
    void noRuleStopsAStart(Anchor row) {
        SetUp start = row.setUp();
        assertEquals(
                List.of(),
                Rules.check(start, AnchorBench.SHOP).stream()
                        .filter(f -> f.weight() == Weight.STOP || f.weight() == Weight.WARN)
                        .map(f -> f.rule().key() + ": " + f.what())
                        .toList());
    }

    static List<Anchor> starts() {
        return rows().stream().filter(r -> r.name().startsWith("start")).toList();
    }
}
