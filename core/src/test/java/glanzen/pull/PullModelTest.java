package glanzen.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import glanzen.Crafts;
import glanzen.route.Mechanism;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What holds of a pull on any route: more need asks for more, more press and more passes give no less. */
class PullModelTest {

    private static PullModel model(SetUp setUp) {
        return PullModels.of(setUp, Crafts.ARTWORKS);
    }

    private static SetUp fed(SetUp setUp, int passes) {
        return setUp.withFeed(setUp.pace(), passes);
    }

    private static double enough(PullModel model, Rig rig) {
        PullResponse doses = model.doses(rig);
        return doses.lnForKept(doses.standard().enough());
    }

    private static Rig rig(double setPointErrorK, double openingErrorMm, double lnStiffness) {
        return new Rig(setPointErrorK, openingErrorMm, lnStiffness, 0, 0, 0, 0, 1);
    }

    /** A film or stock that needs a third more needs just that third more, wherever the edges lie. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void needIsAFactorOnDose(Route route) {
        SetUp setUp = Crafts.started(route);
        PullModel model = model(setUp);
        double more = Math.log(4.0 / 3);
        double usual = enough(model, Rig.AS_LABELLED);
        double needy = enough(model, Rig.AS_LABELLED.needing(more));
        assumeTrue(
                Double.isFinite(usual) && model.doses(Rig.AS_LABELLED).spoiled().isEmpty());
        assertEquals(usual + more, needy, 0.02);
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void moreDoseNeverLeavesLessNorSpreadsLess(Route route) {
        PullResponse doses = model(Crafts.started(route)).doses(Rig.AS_LABELLED);
        double coverage = -1;
        double excess = -1;
        for (double ln = -3; ln <= 3; ln += 0.25) {
            PullOutcome pull = doses.pull(Math.exp(ln));
            assertTrue(pull.coverage() >= coverage - 1e-9, "coverage at " + ln);
            assertTrue(pull.spillMm() >= excess - 1e-9, "excess at " + ln);
            coverage = pull.coverage();
            excess = pull.spillMm();
        }
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void aNarrowerPressGivesNoLess(Route route) {
        SetUp setUp = Crafts.started(route);
        PullModel model = model(setUp);
        double usual = enough(model, Rig.AS_LABELLED);
        double narrower = enough(model, rig(0, -0.05, 0));
        double wider = enough(model, rig(0, 0.15, 0));
        assertTrue(narrower <= usual + 0.05 || spoiled(model, rig(0, -0.05, 0)), usual + " then " + narrower);
        assertTrue(wider >= usual - 0.05, usual + " then " + wider);
    }

    private static boolean spoiled(PullModel model, Rig rig) {
        return model.doses(rig).spoiled().isPresent();
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void anotherPassGivesNoLess(Route route) {
        SetUp once = fed(Crafts.started(route), 1);
        SetUp thrice = fed(once, 3);
        assertTrue(enough(model(thrice), Rig.AS_LABELLED) <= enough(model(once), Rig.AS_LABELLED) + 1e-6);
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void whereHeatBondsAHotterPlatformGivesMore(Route route) {
        SetUp setUp = Crafts.started(route);
        assumeTrue(setUp.platform().isPresent() && route.mechanism() == Mechanism.TRANSFER);
        PullModel model = model(setUp);
        assertTrue(enough(model, rig(6, 0, 0)) < enough(model, rig(-6, 0, 0)));
    }

    /** For one rig alone the same comes out as for any. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void madeReadyForOneRigItSaysTheSame(Route route) {
        SetUp setUp = Crafts.started(route);
        Rig rig = rig(3, 0.05, 0.1);
        PullOutcome any = model(setUp).pull(rig);
        PullOutcome one = PullModels.forOne(setUp, Crafts.ARTWORKS, rig).pull(rig);
        assertEquals(any.coverage(), one.coverage(), 0.02);
        assertEquals(any.dose(), one.dose(), 0.05 * any.dose() + 1e-9);
        assertSame(any.clean(), one.clean());
    }
}
