package glanzen.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Crafts;
import glanzen.forecast.Forecaster;
import glanzen.kit.Pace;
import glanzen.pull.BladeAndReliefModel;
import glanzen.pull.PullModel;
import glanzen.pull.Rig;
import glanzen.route.Medium;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Cuts and relief on one rig, and how they would look. */
class PressedTest {

    private static final Forecaster FORECASTER = new Forecaster(Crafts.ARTWORKS);
    private static final Rig RIG = Rig.AS_LABELLED;

    private static SetUp thinned(SetUp s, int boards) {
        SetUp thin = s;
        for (int i = 0; i < boards; i++) {
            thin = thin.withStack(thin.stack().without(0));
        }
        return thin;
    }

    private static SetUp thickened(SetUp s) {
        return s.withStack(s.stack().with(0, new Layer(Crafts.SHELF.get(1), Facing.UP)));
    }

    private static double least(SetUp s) {
        return FORECASTER.model(s).strips(RIG).stream()
                .mapToDouble(PullModel.StripDose::dose)
                .min()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(
            value = Route.class,
            names = {"THIN_CUT", "INTRICATE_CUT", "THICK_CUT", "FLAT_FOLDER", "DEEP_FOLDER", "CUTTING_FOLDER"})
    void stripsRunFromLeftToRightWithoutAGapAndTheMiddleIsWeakest(Route route) {
        SetUp s = Crafts.started(route);
        List<PullModel.StripDose> strips = FORECASTER.model(s).strips(RIG);
        for (int i = 1; i < strips.size(); i++) {
            assertTrue(strips.get(i).fromMm() >= strips.get(i - 1).toMm() - 1e-9);
        }
        double middle = strips.get(strips.size() / 2).dose();
        double sides =
                Math.max(strips.get(0).dose(), strips.get(strips.size() - 1).dose());
        assertTrue(middle <= sides + 1e-9, middle + " and " + sides);
    }

    @ParameterizedTest
    @EnumSource(
            value = Route.class,
            names = {"THIN_CUT", "THICK_CUT", "FLAT_FOLDER", "CUTTING_FOLDER", "STENCIL_EMBOSS"})
    void moreSqueezeOrAnotherPassNeverGivesLess(Route route) {
        SetUp s = Crafts.started(route);
        double dose = FORECASTER.model(s).pull(RIG).dose();
        assertTrue(FORECASTER.model(thickened(s)).pull(RIG).dose() > dose);
        assertTrue(FORECASTER.model(s.withFeed(Pace.SLOW, 2)).pull(RIG).dose() > dose);
        assertTrue(FORECASTER.model(thickened(s)).pull(RIG).forceN()
                > FORECASTER.model(s).pull(RIG).forceN());
    }

    @Test
    void paceMattersToFoilButNotToABlade() {
        SetUp cut = Crafts.started(Route.THIN_CUT);
        assertEquals(
                FORECASTER.model(cut.withFeed(Pace.SLOW, 1)).pull(RIG).dose(),
                FORECASTER.model(cut.withFeed(Pace.BRISK, 1)).pull(RIG).dose(),
                1e-12);
        SetUp toner = Crafts.started(Route.TONER);
        assertTrue(FORECASTER.model(toner.withFeed(Pace.SLOW, 1)).pull(RIG).dose()
                > FORECASTER.model(toner.withFeed(Pace.BRISK, 1)).pull(RIG).dose());
    }

    @Test
    void aQuarterTurnGivesTheMiddleWhatTheSidesHad() {
        SetUp twice = Crafts.started(Route.INTRICATE_CUT).withFeed(Pace.SLOW, 2);
        assertTrue(least(twice.withTurned(true)) >= least(twice));
        assertTrue(least(twice) > least(twice.withFeed(Pace.SLOW, 1)));
    }

    @Test
    void foldersThatCutAreOnlyAsGoodAsTheirWorseHalf() {
        SetUp both = Crafts.started(Route.CUTTING_FOLDER);
        BladeAndReliefModel model = (BladeAndReliefModel) FORECASTER.model(both);
        double together = model.pull(RIG).coverage();
        assertTrue(together <= model.blade().pull(RIG).coverage() + 1e-9);
        assertTrue(together <= model.relief().pull(RIG).coverage() + 1e-9);
    }

    private static BufferedImage drawn(SetUp s) {
        return Picture.of(s, FORECASTER.model(s), RIG, 5).draw(240, 160);
    }

    private static long darkerThan(BufferedImage image, int sum) {
        long count = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                Color c = new Color(image.getRGB(x, y));
                count += c.getRed() + c.getGreen() + c.getBlue() < sum ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void aCutIsDrawnDarkWhereItIsThrough() {
        SetUp cut = Crafts.started(Route.THIN_CUT);
        long through = darkerThan(drawn(thickened(cut)), 420);
        assertTrue(through > 300, through + " pixels of an oval");
        SetUp slack = thinned(cut, 1);
        assertTrue(slack.overfillMm() < 0);
        assertEquals(0, darkerThan(drawn(slack), 420), "what is not gripped is a dent at most");
    }

    @Test
    void reliefIsShadedAndAnInkedPlatePrints() {
        SetUp blind = Crafts.started(Route.COLD_PLATE);
        BufferedImage bare = drawn(blind);
        assertTrue(darkerThan(bare, 3 * 0xe0) > 20, "slopes throw a shade");
        assertEquals(0, darkerThan(bare, 200));
        assertTrue(darkerThan(drawn(blind.withMedium(Medium.ON_PLATE)), 250) > 300);
    }

    @Test
    void theSameQuestionHasTheSamePicture() {
        SetUp s = Crafts.started(Route.CUTTING_FOLDER);
        int[] first = drawn(s).getRGB(0, 0, 240, 160, null, 0, 240);
        assertArrayEquals(first, drawn(s).getRGB(0, 0, 240, 160, null, 0, 240));
    }
}
