package glanzen.rules;

import static glanzen.rules.Statements.clean;
import static glanzen.rules.Statements.finding;
import static glanzen.rules.Statements.flipped;
import static glanzen.rules.Statements.mended;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Pace;
import glanzen.kit.Press;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Gel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What people at the bench say of toner, gel, ink and machines, held against what is computed. */
class CraftStatementsTest {

    // Toner

    @Test
    void aHouseholdLaminatorWantsItsHalfHour() {
        SetUp warm = Crafts.started(Route.TONER, Crafts.LAMINATOR, Crafts.tool(Route.TONER), Crafts.stock(Route.TONER));
        SetUp atReadyLight = Crafts.on(warm, 360);
        assertEquals(1800, warm.heat().seconds());
        assertTrue(clean(warm) > 0.5, "warm " + clean(warm));
        assertTrue(Crafts.forecast(atReadyLight).under() > 0.9);
        assertEquals(1800, mended(atReadyLight, "warm-up").heat().seconds());
    }

    @Test
    void aSecondPassGivesTonerMore() {
        SetUp once = Crafts.started(Route.TONER);
        double dose = Crafts.forecast(once).dose().middle();
        assertEquals(
                2 * dose, Crafts.forecast(once.withFeed(once.pace(), 2)).dose().middle(), 0.5 * dose);
    }

    @Test
    void tonerIsPeeledCold() {
        SetUp warm = Crafts.started(Route.TONER).withPeel(Peel.WARM);
        assertEquals(Peel.COLD, mended(warm, "toner-peel").peel());
    }

    @Test
    void hotFoilIsNoFoilForToner() {
        SetUp s = Crafts.started(Route.TONER);
        int film = s.stack().indexOf(Film.class);
        SetUp wrong = s.withStack(s.stack().replaced(film, new Layer(Bench.COPPER, Facing.UP)));
        assertEquals(Weight.STOP, finding(wrong, "film-kind").orElseThrow().weight());
    }

    // Gel

    @Test
    void coldGelFailsInRollersWithoutPressureAndWorksInAPress() {
        SetUp hot = Crafts.started(Route.GEL_HEATED);
        SetUp coldRollers = Crafts.on(hot, 0);
        assertTrue(Crafts.forecast(hot).under() < 0.05);
        assertTrue(Crafts.forecast(coldRollers).under() > 0.95);
        assertTrue(Crafts.forecast(Crafts.started(Route.GEL_COLD)).under() < 0.4);
    }

    @Test
    void wetGelIsSquashedToABlob() {
        SetUp dry = Crafts.started(Route.GEL_COLD);
        Gel gel = Objects.requireNonNull(dry.gel());
        SetUp wet = dry.withGel(gel.dried(3600));
        assertTrue(Crafts.forecast(wet).over() + Crafts.forecast(wet).both() > 0.95);
        assertEquals(Weight.STOP, finding(wet, "gel-wet").orElseThrow().weight());
        SetUp waited = mended(wet, "gel-wet");
        assertTrue(finding(waited, "gel-wet").isEmpty());
        assertTrue(Objects.requireNonNull(waited.gel()).driedSeconds() < 5 * 3600, "thin coats take hours");
    }

    @Test
    void thickGelNeedsADay() {
        SetUp s = Crafts.started(Route.GEL_COLD);
        SetUp thick = s.withGel(new Gel(0.5, 4 * 3600, 0.5, false));
        assertTrue(Objects.requireNonNull(mended(thick, "gel-wet").gel()).driedSeconds() > 20 * 3600);
    }

    @Test
    void sprayLeavesAHaloForFoilAndHardlyForFlock() {
        SetUp foil = Crafts.started(Route.GEL_HEATED).withFeed(Pace.STEADY, 1);
        SetUp flock = Crafts.started(Route.FLOCK);
        assertTrue(clean(foil) > 0.5, "" + clean(foil));
        assertTrue(clean(spray(foil)) < 0.05);
        assertTrue(clean(spray(flock)) > 0.75 * clean(flock), clean(spray(flock)) + " of " + clean(flock));
        assertFalse(
                Objects.requireNonNull(mended(spray(foil), "spray-foil").gel()).sprayed());
    }

    private static SetUp spray(SetUp s) {
        return s.withGel(Objects.requireNonNull(s.gel()).spraying(true));
    }

    @Test
    void oldGelHoldsLess() {
        SetUp fresh = Crafts.started(Route.FLOCK);
        SetUp old = fresh.withGel(Objects.requireNonNull(fresh.gel()).dried(20 * 24 * 3600));
        assertTrue(finding(old, "gel-old").isPresent());
        assertTrue(Crafts.forecast(old).under() > Crafts.forecast(fresh).under() + 0.3);
    }

    @Test
    void shimsLieOutsideTheFoldedPaper() {
        SetUp flock = Crafts.started(Route.FLOCK);
        int folded = flock.shimPlace() - 1;
        assertTrue(flock.stack().layers().get(folded).item() instanceof Board b
                && b.kind().folded());
        SetUp cold = Crafts.started(Route.GEL_COLD);
        assertTrue(cold.stack().layers().get(cold.shimPlace() - 1).item() instanceof Film);
    }

    @Test
    void severalPassesDoFlockNoHarm() {
        SetUp twice = Crafts.started(Route.FLOCK);
        assertEquals(2, twice.passes());
        assertTrue(clean(twice) > clean(twice.withFeed(Pace.SLOW, 1)));
        assertEquals(
                "film-face",
                finding(flipped(twice, Film.class), "film-face")
                        .orElseThrow()
                        .rule()
                        .key());
    }

    @Test
    void scrapsWantParchmentOverThemAndASlowPass() {
        SetUp s = Crafts.started(Route.REACTIVE_INK);
        SetUp bare = s.withStack(s.stack().without(s.stack().layers().size() - 1));
        assertEquals(s.stack(), mended(bare, "missing-board").stack());
        assertEquals(Pace.SLOW, mended(s.withFeed(Pace.BRISK, 1), "ink-slow").pace());
        assertTrue(Crafts.forecast(s.withFeed(Pace.BRISK, 1)).under()
                > Crafts.forecast(s).under());
    }

    // Machines

    @ParameterizedTest
    @EnumSource(Route.class)
    void aMachineThatCannotDoARouteIsNamedAndAnotherOffered(Route route) {
        SetUp s = Crafts.started(route);
        SetUp wrong = s.withMachine(route.machines().contains(Crafts.ROLLERS.kind()) ? Crafts.MOTOR : Crafts.ROLLERS);
        if (route == Route.REACTIVE_INK) {
            wrong = s.withMachine(Crafts.LAMINATOR);
        }
        assertFalse(Rules.computable(wrong));
        Finding<SetUp> finding = finding(wrong, "machine-fit").orElseThrow();
        assertEquals(Weight.STOP, finding.weight());
        if (!route.heated()) {
            assertTrue(Rules.computable(Objects.requireNonNull(finding.mend()).mended()));
        }
    }

    @Test
    void aSensorWantsToSeeThePlates() {
        Press seeing = new Press("seeing", "Blink", Press.Kind.MOTOR, 14, 2000, 14, 230, 2400, 0.2, 5, 9, 13, true);
        SetUp s = Crafts.started(Route.THIN_CUT).withMachine(seeing);
        assertEquals(Weight.STOP, finding(s, "sensor").orElseThrow().weight());
    }

    @Test
    void rollersOpenOnlySoFar() {
        SetUp s = Crafts.started(Route.TONER);
        HeatedRollers narrow = new HeatedRollers(
                "n", "Narrow", Crafts.ROLLERS.kind(), 230, 0.3, 0.2, 8, Crafts.ROLLERS.settings(), 300, 0.1, 5, 9, 15);
        assertTrue(finding(s.withMachine(narrow), "too-thick").isPresent());
    }

    @Test
    void whatIsNotOwnedIsNamedWithWhatCouldStandIn() {
        SetUp s = Crafts.started(Route.TONER);
        SetUp bare = s.withStack(s.stack().without(0));
        Inventory poor = new Inventory(List.of(Crafts.PARCHMENT), Crafts.ARTWORKS);
        Finding<SetUp> finding = Rules.check(bare, poor).stream()
                .filter(f -> f.rule().key().equals("missing-board"))
                .findFirst()
                .orElseThrow();
        assertTrue(finding.what().contains("parchment can stand in"), finding.what());
        assertTrue(Rules.computable(Objects.requireNonNull(finding.mend()).mended()));
    }
}
