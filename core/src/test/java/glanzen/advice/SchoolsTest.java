package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.advice.Schools.School;
import glanzen.advice.Schools.Way;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SchoolsTest {

    private final Forecaster forecaster = new Forecaster(new ArtworkShelf());

    private School school(SetUp setUp, String key) {
        return Schools.of(setUp, forecaster, RigEnsemble.fresh(), Crafts.SHOP).stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static SetUp setUp(Route route, Plate plate, int cards, double soak) {
        return Bench.setUp(route, plate, cards, soak);
    }

    @Test
    void eachQuestionHasOnePresentWayAndEveryWayCanBeTaken() {
        SetUp words = setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        List<School> schools = Schools.of(words, forecaster, RigEnsemble.fresh(), Crafts.SHOP);
        assertEquals(
                List.of("sheet", "cover", "passes", "peel", "foil-piece", "ink-when", "error-bias"),
                schools.stream().map(School::key).toList());
        for (School s : schools) {
            assertEquals(1, s.ways().stream().filter(Way::present).count(), s.key());
            // How large the foil is cut changes what it takes, not the pull.
            for (Way way : s.key().equals("foil-piece") ? List.<Way>of() : s.ways()) {
                School there = school(way.setUp(), s.key());
                assertEquals(
                        way.name(),
                        there.ways().stream()
                                .filter(Way::present)
                                .findFirst()
                                .orElseThrow()
                                .name());
            }
        }
    }

    @Test
    void aStackThatHeatsAsOneTakesLonger() {
        School sheet = school(setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30), "sheet");
        assertTrue(sheet.ways().get(1).setUp().totalSeconds()
                > sheet.ways().get(0).setUp().totalSeconds() + 30);
        assertEquals(Heating.TOGETHER, sheet.ways().get(1).setUp().onPlatform().heating());
    }

    @Test
    void aSecondPassAddsDose() {
        School passes = school(setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30), "passes");
        assertTrue(passes.ways().get(1).forecast().dose().middle()
                > 1.5 * passes.ways().get(0).forecast().dose().middle());
    }

    @Test
    void aSolidIsBetterPeeledCold() {
        SetUp solid = setUp(Route.SOLID_PLATE, Bench.SOLID, 2, 240).withPeel(Peel.WARM);
        School peel = school(solid, "peel");
        assertTrue(peel.ways().get(1).forecast().clean()
                > peel.ways().get(0).forecast().clean());
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void everyQuestionOfEveryRouteShowsAtLeastTwoWaysAndOneIsPresent(Route route) {
        for (School s : Schools.of(Crafts.started(route), forecaster, RigEnsemble.fresh(), Crafts.SHOP)) {
            assertTrue(s.ways().size() > 1, s.key());
            assertEquals(1, s.ways().stream().filter(Way::present).count(), s.key());
            assertTrue(s.ways().stream().allMatch(w -> Rules.computable(w.setUp())), s.key());
        }
    }

    @Test
    void oneMayLeanTowardsOverOrUnderFoilWithOneChange() {
        SetUp s = Crafts.started(Route.HOT_PLATE);
        School bias = school(s, "error-bias");
        Way over = bias.ways().get(0);
        Way under = bias.ways().get(1);
        assertTrue(over.forecast().dose().middle() > under.forecast().dose().middle());
        assertTrue(over.forecast().under() < under.forecast().under());
        assertEquals(1, bias.ways().stream().filter(w -> w.setUp().equals(s)).count(), "one of them is what is done");
    }

    @Test
    void hotAndColdGelAreComparedOnTheSamePanel() {
        School heat = school(Crafts.started(Route.GEL_HEATED), "gel-heat");
        assertEquals(Route.GEL_COLD, heat.ways().get(1).setUp().route());
        assertEquals(
                heat.ways().get(0).setUp().gel(), heat.ways().get(1).setUp().gel());
        assertTrue(heat.ways().get(0).setUp().totalSeconds()
                > heat.ways().get(1).setUp().totalSeconds());
    }

    @Test
    void cutThenFoilLeavesABareRimAlongTheCut() {
        School dies = school(Crafts.started(Route.TONER), "toner-dies");
        assertTrue(
                dies.ways().get(1).says().contains("bare rim of about {mm:0.1}"),
                dies.ways().get(1).says());
        assertTrue(dies.ways().get(1).says().matches(".*, [1-9][0-9]* % of this design.*"));
    }

    @Test
    void aDeepFolderIsShownBothWaysWithWhatThePressMakesOfThem() {
        School deep = school(Crafts.started(Route.DEEP_FOLDER), "deep-stack");
        assertTrue(deep.ways().get(0).forecast().clean() > 0.5);
        assertTrue(deep.ways().get(1).setUp().overfillMm() > 0.2, "each way is filled up to this press");
    }

    @Test
    void theDieTurnsOverWhenItIsToBeSeen() {
        School direction = school(Crafts.started(Route.THIN_CUT), "die-direction");
        SetUp down = direction.ways().get(1).setUp();
        assertTrue(Rules.pullable(Rules.check(down, Crafts.SHOP)));
        assertTrue(down.stack().indexOf(Plate.class) > down.stack().indexOf(Stock.class));
    }
}
