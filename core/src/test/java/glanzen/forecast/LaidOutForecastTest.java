package glanzen.forecast;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.advice.MakeReady;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.artwork.PathText;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.FlipAxis;
import glanzen.layout.Layout;
import glanzen.layout.MakeReadyPatch;
import glanzen.layout.PlatformPose;
import glanzen.material.Material;
import glanzen.picture.PullPicture;
import glanzen.pull.DoseField;
import glanzen.pull.HeatPlans;
import glanzen.pull.Rig;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Forecasts, pictures and make-ready of what is laid out. */
class LaidOutForecastTest {

    private static final ArtworkShelf SHELF = new ArtworkShelf();
    private static final Forecaster FORECASTER = new Forecaster(SHELF);
    private static final Board TISSUE =
            new Board("tissue", "Tissue", Board.Kind.TISSUE_SHIM, Material.TISSUE, 0.04, 150, 210, 9, 0, 0, 20);
    private static final Plate WIDE =
            new Plate("wide", "Wide", Plate.Kind.PLATE, Material.BRASS, 1.6, 130, 18, Motif.words("Honey Show Day"));

    private static SetUp laid(Plate plate) {
        SetUp bare = Bench.setUp(Route.HOT_PLATE, plate, 0, 30);
        return bare.withLayout(
                FirstLayout.of(plate, Bench.SMOOTH.cut(140, 200), Bench.PLATFORM, Bench.CRANK, Fixing.LOOSE));
    }

    private static SetUp on(SetUp setUp, PlatformPose bed) {
        return setUp.withLayout(setUp.layout().withBed(bed));
    }

    private static double dose(SetUp setUp) {
        return FORECASTER.forecast(setUp, RigEnsemble.fresh()).dose().middle();
    }

    @Test
    void inTheMiddleItIsForecastAsByItself() {
        SetUp alone = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        assertEquals(dose(alone), dose(laid(Bench.WORDS)), 0.08 * dose(alone));
    }

    @ParameterizedTest
    @CsvSource({"20, 1", "35, 2", "48, 3"})
    void theFurtherOutTheHarderItIsPressed(double right, int step) {
        SetUp middle = laid(Bench.WORDS);
        SetUp nearer = on(middle, new PlatformPose(right - 15, 0, 0, FlipAxis.SIDEWAYS));
        SetUp further = on(middle, new PlatformPose(right, 0, 0, FlipAxis.SIDEWAYS));
        assertTrue(dose(further) > dose(nearer), "step " + step);
        assertEquals(
                dose(further),
                dose(on(middle, new PlatformPose(-right, 0, 0, FlipAxis.SIDEWAYS))),
                0.02 * dose(further),
                "left is as good as right");
    }

    @Test
    void alongTheFeedItMakesNoDifference() {
        SetUp middle = laid(Bench.WORDS);
        assertEquals(dose(middle), dose(on(middle, new PlatformPose(0, 30, 0, FlipAxis.SIDEWAYS))), 1e-9);
    }

    @Test
    void wordsThatAreTurnedLieAlongTheFeedAndArePressedHarder() {
        SetUp across = laid(WIDE);
        SetUp along = on(across, new PlatformPose(0, 0, 1, FlipAxis.SIDEWAYS));
        assertFalse(Math.abs(dose(across) - dose(along)) < 0.02 * dose(across), "slices run the other way");
    }

    /** However the piece lies on the platform, the picture shows it as it is read. */
    @ParameterizedTest
    @CsvSource({"0, SIDEWAYS", "1, SIDEWAYS", "2, SIDEWAYS", "3, SIDEWAYS", "0, ENDWAYS", "1, ENDWAYS"})
    void thePictureIsAlwaysUpright(int turns, FlipAxis over) {
        SetUp plain = laid(Bench.WORDS);
        double alike = alike(picture(plain), picture(on(plain, new PlatformPose(0, 0, turns, over))));
        assertTrue(alike > 0.93, "alike by " + alike);
    }

    private static BufferedImage picture(SetUp setUp) {
        return new PullPicture(setUp, FORECASTER.transfer(setUp), Rig.AS_LABELLED, 7).draw(240, 160);
    }

    /** Share of pixels that are foil in both or in neither. */
    private static double alike(BufferedImage a, BufferedImage b) {
        int same = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                same += foil(a.getRGB(x, y)) == foil(b.getRGB(x, y)) ? 1 : 0;
            }
        }
        return (double) same / (a.getWidth() * a.getHeight());
    }

    private static boolean foil(int rgb) {
        return (rgb & 0xFF) < 150;
    }

    private static SetUp weak() {
        Press soft = new Press("soft", "Soft", Press.Kind.MOTOR, 14, 1700, 14, 155, 2600, 0.45, 4, 8, 14);
        SetUp wide = laid(WIDE);
        return new SetUp(
                wide.route(),
                soft,
                wide.onPlatform().soaking(wide.onPlatform().heating(), 14),
                null,
                wide.stack(),
                Pace.BRISK,
                1,
                false,
                wide.peel(),
                wide.medium(),
                false,
                null,
                21,
                wide.layout());
    }

    @Test
    void aPatchRaisesWhatItLiesBehindAndIsSeenInTheForecast() {
        SetUp bare = weak();
        String middle = "M40 60L100 60L100 140L40 140Z";
        SetUp patched = bare.withLayout(bare.layout().withPatches(List.of(new MakeReadyPatch(TISSUE, middle))));
        DoseField before = FORECASTER.transfer(bare).doses(Rig.AS_LABELLED);
        DoseField after = FORECASTER.transfer(patched).doses(Rig.AS_LABELLED);
        assertTrue(
                FORECASTER.transfer(patched).patched(Rig.AS_LABELLED, 30, TISSUE.thicknessMm()) > 1,
                "under the patch it presses harder");
        assertTrue(after.least() < before.least() * 1.05, "what it takes, it takes from beside it");
    }

    @ParameterizedTest
    @EnumSource(MakeReady.Where.class)
    void patchesAreProposedWhereItIsWeak(MakeReady.Where where) {
        SetUp weak = weak();
        List<MakeReady.Proposal> proposals =
                new MakeReady(FORECASTER).propose(weak, RigEnsemble.fresh(), List.of(TISSUE, Bench.THIN_CARD), where);
        assertFalse(proposals.isEmpty());
        Layout layout = proposals.get(0).setUp().layout();
        assertEquals(1, layout.patches().size());
        double area = PathText.read("outline", proposals.get(0).outline()).getArea();
        assertTrue(area > 30 && area < 140 * 200);
        for (int i = 1; i < proposals.size(); i++) {
            assertTrue(proposals.get(i - 1).forecast().clean()
                    >= proposals.get(i).forecast().clean());
        }
    }

    @Test
    void whatIsNowhereWeakIsLeftAlone() {
        SetUp strong = laid(Bench.WORDS);
        assertEquals(
                List.of(),
                new MakeReady(FORECASTER)
                        .propose(strong, RigEnsemble.fresh(), List.of(TISSUE), MakeReady.Where.AS_FORECAST));
    }

    @Test
    void severalPlatesTakeTheHeatOfSeveral() {
        SetUp one = laid(Bench.WORDS);
        assertEquals(20, HeatPlans.platform(one, 1).toolAreaCm2(), 1e-9);
        assertEquals(1, one.plates().size());
        assertEquals(200, one.pressedLengthMm(), 1e-9);
        assertEquals(40, Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30).pressedLengthMm(), 1e-9);
    }
}
