package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.advice.Schools.School;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.Placed;
import glanzen.layout.PlacementConstraint;
import glanzen.material.Material;
import glanzen.route.Heating;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Advice and schools on what is laid out. */
class LaidOutAdviceTest {

    private static final Forecaster FORECASTER = new Forecaster(new ArtworkShelf());
    private static final Inventory SHOP = new Inventory(
            List.of(Bench.SPACER, Bench.PLASTIC, Bench.CARD_SHIM, Bench.THIN_CARD, Bench.METAL), FORECASTER.shelf());

    private static SetUp laid(Fixing method) {
        SetUp bare = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 2, 60);
        return bare.withLayout(FirstLayout.of(Bench.WORDS, Bench.SMOOTH, Bench.PLATFORM, Bench.CRANK, method));
    }

    private static SetUp two() {
        Plate bee = new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));
        SetUp one = laid(Fixing.LOOSE);
        List<Placed> plates = new ArrayList<>(one.layout().plates());
        plates.add(new Placed(
                "bee",
                bee,
                0,
                PlacementConstraint.by(PlacementConstraint.Kind.IN_LINE, 0, Bench.WORDS.id()),
                PlacementConstraint.by(PlacementConstraint.Kind.AFTER, 16, Bench.WORDS.id()),
                null));
        return one.withLayout(one.layout().withPlates(plates));
    }

    @Test
    void adviceKeepsTheLayoutAndBettersThePull() {
        SetUp present = two().withFeed(Pace.BRISK, 1).withSoak(10);
        Advice advice = new Advisor(FORECASTER, SHOP).advise(present, RigEnsemble.fresh(), ErrorBias.EVEN);
        assertFalse(advice.proposals().isEmpty(), advice + " " + Rules.check(present, SHOP));
        double now = FORECASTER.forecast(present, RigEnsemble.fresh()).clean();
        for (Proposal p : advice.proposals()) {
            assertEquals(present.layout(), p.setUp().layout());
            assertTrue(p.forecast().clean() > now);
            assertTrue(p.changes().stream().noneMatch(c -> c.what().equals("placed")));
        }
    }

    @Test
    void twoPlatesAreForecastTogether() {
        double one = FORECASTER
                .forecast(laid(Fixing.LOOSE), RigEnsemble.fresh())
                .nip()
                .middle()
                .forceN();
        double both =
                FORECASTER.forecast(two(), RigEnsemble.fresh()).nip().middle().forceN();
        assertTrue(both > one, "a bee wants more force than a word: " + both + " after " + one);
    }

    @Test
    void tapingIsASchoolOfItsOwnWhereThingsAreLaidOut() {
        School sheet = sheet(laid(Fixing.LOOSE));
        assertEquals(
                List.of("plate first, sheet later", "all together", "taped to the sheet"),
                sheet.ways().stream().map(Schools.Way::name).toList());
        SetUp taped = sheet.ways().get(2).setUp();
        assertEquals(Fixing.TAPED, taped.layout().method());
        assertEquals(Heating.TOGETHER, taped.onPlatform().heating());
        SetUp back = sheet(taped).ways().get(0).setUp();
        assertEquals(Fixing.LOOSE, back.layout().method());
        assertEquals(60, back.onPlatform().soakSeconds(), 15);
    }

    private static School sheet(SetUp setUp) {
        return Schools.of(setUp, FORECASTER, RigEnsemble.fresh(), Crafts.SHOP).get(0);
    }

    @Test
    void onATapedRouteThereIsOneWayOnly() {
        SetUp bare = Bench.setUp(Route.TAPED_PLATE, Bench.WORDS, 0, 75).withSoak(Heating.TOGETHER, 75);
        assertTrue(Schools.of(bare, FORECASTER, RigEnsemble.fresh(), Crafts.SHOP).stream()
                .noneMatch(s -> s.key().equals("cover") || s.key().equals("sheet")));
    }
}
