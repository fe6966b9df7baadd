package glanzen.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.Press;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Advice on what is not done on a platform. */
class EveryRouteAdviceTest {

    private static final Forecaster FORECASTER = new Forecaster(Crafts.ARTWORKS);
    private static final Advisor ADVISOR = new Advisor(FORECASTER, Crafts.SHOP);

    private static Advice advice(SetUp s) {
        return ADVISOR.advise(s, RigEnsemble.fresh(), ErrorBias.OVER);
    }

    /** A start with every shim and every second filler gone. */
    private static SetUp slack(Route route) {
        SetUp s = Crafts.started(route);
        for (int i = s.stack().layers().size() - 1; i >= 0; i--) {
            if (s.stack().layers().get(i).item() instanceof Board b && b.kind().shim()) {
                s = s.withStack(s.stack().without(i));
            }
        }
        return s;
    }

    @ParameterizedTest
    @EnumSource(
            value = Route.class,
            names = {"GEL_COLD", "FLOCK", "THIN_CUT", "INTRICATE_CUT", "FLAT_FOLDER", "STENCIL_EMBOSS", "CUTTING_FOLDER"
            })
    void whatIsProposedIsBetterCanBePulledAndIsWithinThePressesForce(Route route) {
        SetUp poor = slack(route);
        double now = Crafts.forecast(poor).clean();
        Advice advice = advice(poor);
        for (Proposal p : advice.proposals()) {
            assertTrue(p.forecast().clean() > now, route + ": " + p.forecast().clean() + " after " + now);
            assertTrue(Rules.pullable(Rules.check(p.setUp(), Crafts.SHOP)), route + "");
            assertTrue(Rules.greatestForceN(p.setUp(), Crafts.SHOP)
                    <= ((Press) p.setUp().machine()).maxForceN());
            assertFalse(p.changes().isEmpty());
            assertFalse(p.why().isBlank());
        }
        assertFalse(advice.proposals().isEmpty() && now < 0.2, route + " is helped if it is hopeless");
    }

    @ParameterizedTest
    @EnumSource(
            value = Route.class,
            names = {"TONER", "GEL_HEATED", "REACTIVE_INK"})
    void rollersAreAdvisedOnSettingPaceAndPassesOnly(Route route) {
        SetUp poor = Crafts.started(route).withLevel(0).withFeed(glanzen.kit.Pace.BRISK, 1);
        Advice advice = advice(poor);
        assertFalse(advice.proposals().isEmpty());
        for (Proposal p : advice.proposals()) {
            assertEquals(poor.stack(), p.setUp().stack(), "springs press as they press");
            assertTrue(List.of("heat", "pace", "passes")
                    .containsAll(p.changes().stream().map(Difference::what).toList()));
        }
    }

    @Test
    void aBladeIsBroughtTowardsAWishWithOneChange() {
        SetUp cut = Crafts.started(Route.THIN_CUT);
        double dose = Crafts.forecast(cut).dose().middle();
        SetUp more =
                ADVISOR.toward(cut, RigEnsemble.fresh(), 2 * dose).orElseThrow().setUp();
        SetUp less = ADVISOR.toward(cut, RigEnsemble.fresh(), 0.5 * dose)
                .orElseThrow()
                .setUp();
        assertTrue(Crafts.forecast(more).dose().middle() > dose);
        assertTrue(Crafts.forecast(less).dose().middle() < dose);
        assertEquals(1, Difference.between(cut, more).size(), Difference.between(cut, more) + "");
    }

    @Test
    void noMachineWithoutSettingsIsToldToChangeThem() {
        for (SingleChanges.Change change : SingleChanges.of(Crafts.started(Route.THIN_CUT), Crafts.SHELF)) {
            List<String> what = Difference.between(Crafts.started(Route.THIN_CUT), change.setUp()).stream()
                    .map(Difference::what)
                    .toList();
            assertFalse(what.contains("heat") || what.contains("soak") || what.contains("peel"), what + "");
        }
    }
}
