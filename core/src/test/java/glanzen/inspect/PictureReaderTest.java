package glanzen.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.inspect.SimulatedPulls.Colours;
import glanzen.inspect.SimulatedPulls.Pull;
import glanzen.photograph.Photograph;
import glanzen.simulate.Camera;
import glanzen.simulate.Camera.Conditions;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Known pictures to known figures. */
class PictureReaderTest {

    private static final int WIDTH = 1350;
    private static final int HEIGHT = 1800;

    private static Conditions phone(long seed) {
        return Conditions.phone(WIDTH, HEIGHT, new Random(seed));
    }

    private static Reading read(Pull pull, BufferedImage... images) {
        return new PictureReader(pull.expected())
                .read(List.of(images).stream().map(Photograph::of).toList(), null);
    }

    private static Unreadable.Reason refused(Pull pull, BufferedImage image) {
        return assertThrows(Unreadable.class, () -> read(pull, image)).reason();
    }

    @ParameterizedTest
    @CsvSource({"0, 1.6, 61", "1, 0.7, 62", "4, 2.0, 65", "7, 1.0, 68", "9, 1.4, 70", "10, 2.1, 73"})
    void aPhonePictureSaysWhatIsCoveredAndHowFarPastTheEdge(int design, double lnDose, long seed) {
        Pull pull = SimulatedPulls.pull(design, lnDose, 0, seed);
        Camera camera = SimulatedPulls.camera(pull);
        Reading read = read(pull, camera.shoot(phone(seed), seed));
        assertEquals(pull.truth().coverage().value(), read.all().coverage().value(), 0.03);
        assertEquals(pull.truth().spillMm().value(), read.all().spillMm().value(), 0.10);
        double stray = SimulatedPulls.strayMm(pull, read.views().get(0).design(), camera.corners(phone(seed), seed));
        assertTrue(stray < 0.2, "laid " + stray + " mm off");
        assertTrue(read.place().known());
        assertEquals(0, read.place().turnDegrees().value(), 0.5);
    }

    @Test
    void turningThePictureTurnsNothingAndMoreLightChangesNothing() {
        Pull pull = SimulatedPulls.pull(0, 1.2, 0, 5);
        Camera camera = SimulatedPulls.camera(pull);
        Conditions dim = new Conditions(WIDTH, HEIGHT, 0.8, 0.03, 3, 0.45, 0.1, 0.6, 0.006, 0.7, 0x403830);
        Conditions bright = new Conditions(WIDTH, HEIGHT, 0.8, 0.03, 3, 0.85, 0.1, 0.6, 0.006, 0.7, 0x403830);
        BufferedImage taken = camera.shoot(dim, 5);
        Measures upright = read(pull, taken).all();
        Measures turned = read(pull, quarterTurn(taken)).all();
        Measures brighter = read(pull, camera.shoot(bright, 5)).all();
        assertEquals(upright.coverage().value(), turned.coverage().value(), 0.006);
        assertEquals(upright.spillMm().value(), turned.spillMm().value(), 0.02);
        assertEquals(upright.coverage().value(), brighter.coverage().value(), 0.015);
        assertEquals(upright.spillMm().value(), brighter.spillMm().value(), 0.03);
    }

    private static BufferedImage quarterTurn(BufferedImage image) {
        BufferedImage turned = new BufferedImage(image.getHeight(), image.getWidth(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = turned.createGraphics();
        g.translate(image.getHeight(), 0);
        g.rotate(Math.PI / 2);
        g.drawImage(image, 0, 0, null);
        g.dispose();
        return turned;
    }

    @Test
    void cornersSetByHandServeWhereNoneAreFound() {
        Pull pull = SimulatedPulls.pull(1, 1.4, 0, 8);
        Camera camera = SimulatedPulls.camera(pull);
        Conditions how = phone(8);
        double[] corners = camera.corners(how, 8);
        corners[0] += 4;
        corners[5] -= 5;
        Reading read = new PictureReader(pull.expected()).read(List.of(Photograph.of(camera.shoot(how, 8))), corners);
        assertEquals(pull.truth().coverage().value(), read.all().coverage().value(), 0.03);
    }

    @Test
    void cornersMayRunEitherWayRoundButMustEncloseSomething() {
        Pull pull = SimulatedPulls.pull(1, 1.4, 0, 8);
        Camera camera = SimulatedPulls.camera(pull);
        double[] c = camera.corners(phone(8), 8);
        List<Photograph> taken = List.of(Photograph.of(camera.shoot(phone(8), 8)));
        double[] clockwise = {c[6], c[7], c[4], c[5], c[2], c[3], c[0], c[1]};
        Reading read = new PictureReader(pull.expected()).read(taken, clockwise);
        assertEquals(pull.truth().coverage().value(), read.all().coverage().value(), 0.03);
        for (double[] none : new double[][] {new double[8], {1, 1, 2, 2, 3, 3, Double.NaN, 4}}) {
            Unreadable no = assertThrows(Unreadable.class, () -> new PictureReader(pull.expected()).read(taken, none));
            assertEquals(Unreadable.Reason.NOT_FOUND, no.reason());
        }
    }

    @Test
    void picturesWithLightFromTwoSidesJoin() {
        Pull pull = SimulatedPulls.pull(7, 1.5, 0, 9);
        Camera camera = SimulatedPulls.camera(pull);
        Reading both = read(pull, camera.shoot(phone(9), 9), camera.shoot(phone(10), 200));
        assertEquals(2, both.views().size());
        assertEquals(pull.truth().coverage().value(), both.all().coverage().value(), 0.03);
    }

    @Test
    void aSecondEdgeAlongTheFeedIsAGhost() {
        Pull pull = SimulatedPulls.pull(0, 1.3, 0.45, 21);
        Reading read = read(pull, SimulatedPulls.camera(pull).shoot(phone(21), 21));
        assertEquals(0.45, read.all().ghostMm().value(), 0.15);
    }

    @Test
    void whatNothingCanBeReadFromIsRefusedWithTheReason() {
        Pull pull = SimulatedPulls.pull(1, 1.4, 0, 6);
        Camera camera = SimulatedPulls.camera(pull);
        Conditions dark = new Conditions(WIDTH, HEIGHT, 0.8, 0.02, 2, 0.02, 0.1, 0.5, 0.01, 0.7, 0x202020);
        Conditions blurred = new Conditions(WIDTH, HEIGHT, 0.8, 0.02, 2, 0.7, 0.1, 0.5, 0.005, 9, 0x202020);
        assertEquals(Unreadable.Reason.DARK, refused(pull, camera.shoot(dark, 30)));
        assertEquals(Unreadable.Reason.BLURRED, refused(pull, camera.shoot(blurred, 30)));
        Pull other = SimulatedPulls.pull(10, 1.4, 0, 30);
        assertEquals(
                Unreadable.Reason.OTHER_DESIGN,
                refused(pull, SimulatedPulls.camera(other).shoot(phone(30), 30)));
        BufferedImage nothing = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        assertEquals(Unreadable.Reason.DARK, refused(pull, nothing));
    }

    @ParameterizedTest
    @CsvSource({"2, 0.4, 0xd4af37, 41", "1, 0.1, 0xb76e79, 42", "0, 0.6, 0xc8c8cc, 43"})
    void tonerThatTookNoFoilIsNotTakenForFoil(int design, double lnDose, String foil, long seed) {
        Pull p = SimulatedPulls.pull(design, lnDose, 0, seed);
        Colours colours = new Colours(Integer.decode(foil), 0xfafafa);
        Expected toner = new Expected(
                p.expected().artwork(),
                true,
                null,
                p.expected().middleXMm(),
                List.of(Expected.lightOf("#1c1c1e", "#fafafa")));
        Pull onToner = new Pull(p.setUp(), p.model(), toner, p.mask(), colours, p.truth());
        // Black is seldom as black as the next one.
        Camera camera = SimulatedPulls.camera(onToner).over(0x242426);
        // Foil that mirrors the dark looks like black toner; the lamp on another side tells them apart.
        Reading read = read(onToner, camera.shoot(phone(seed), seed), camera.shoot(phone(seed + 1), seed + 200));
        assertEquals(p.truth().coverage().value(), read.all().coverage().value(), 0.04);
        assertTrue(read.all().coverage().give() > 0.005, "a doubt remains");
    }
}
