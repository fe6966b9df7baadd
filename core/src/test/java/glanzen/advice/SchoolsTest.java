package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.advice.Schools.School;
import glanzen.advice.Schools.Way;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Crowd;
import glanzen.forecast.Forecaster;
import glanzen.kit.Plate;
import glanzen.route.Heating;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.route.SetUp;
import java.util.List;
import org.junit.jupiter.api.Test;

class SchoolsTest {

    private final Forecaster forecaster = new Forecaster(new ArtworkShelf());

    private School school(SetUp setUp, String key) {
        return Schools.of(setUp, forecaster, Crowd.fresh()).stream()
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
        List<School> schools = Schools.of(words, forecaster, Crowd.fresh());
        assertEquals(
                List.of("sheet", "cover", "passes", "peel"),
                schools.stream().map(School::key).toList());
        for (School s : schools) {
            assertEquals(1, s.ways().stream().filter(Way::present).count(), s.key());
            for (Way way : s.ways()) {
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
        assertEquals(Heating.TOGETHER, sheet.ways().get(1).setUp().heating());
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
}
