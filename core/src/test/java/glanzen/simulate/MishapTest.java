package glanzen.simulate;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.diagnosis.Cause;
import glanzen.picture.Picture;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** What goes wrong is by luck, the same for the same seed, and looks as its cause says. */
class MishapTest {

    private static final int WIDE = 240;
    private static final int HIGH = 160;
    private static final double PX_PER_MM = 4;
    private static final double WIDTH_MM = WIDE / PX_PER_MM;

    /** A bar across the middle. */
    private static boolean[] bar() {
        boolean[] bar = new boolean[WIDE * HIGH];
        for (int y = HIGH / 4; y < 3 * HIGH / 4; y++) {
            for (int x = WIDE / 8; x < 7 * WIDE / 8; x++) {
                bar[y * WIDE + x] = true;
            }
        }
        return bar;
    }

    private static int count(boolean[] some) {
        int count = 0;
        for (boolean b : some) {
            count += b ? 1 : 0;
        }
        return count;
    }

    private static boolean[] left(Cause cause, long seed) {
        return new Mishap(cause, WIDTH_MM, seed).left(bar(), bar(), WIDE, PX_PER_MM);
    }

    @ParameterizedTest
    @EnumSource(Cause.class)
    void theSameSeedSpoilsInTheSameWay(Cause cause) {
        for (long seed = 0; seed < 5; seed++) {
            assertArrayEquals(left(cause, seed), left(cause, seed));
            Mishap one = new Mishap(cause, WIDTH_MM, seed);
            Mishap two = new Mishap(cause, WIDTH_MM, seed);
            assertEquals(one.ln(7, 11), two.ln(7, 11));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Cause.class,
            names = {"DUST", "BLADE", "HOT_PEEL", "SPENT", "CUT_FIRST"})
    void somethingIsGoneButNotAll(Cause cause) {
        for (long seed = 0; seed < 10; seed++) {
            int gone = count(bar()) - count(left(cause, seed));
            assertTrue(gone > 0 && gone < count(bar()) / 2, cause + " " + gone);
        }
    }

    @Test
    void specksAreSmallerThanWhatLiftsAndAShapeThatWasUsedIsLargest() {
        double specks = 0;
        double lifted = 0;
        double spent = 0;
        for (long seed = 0; seed < 20; seed++) {
            specks += count(bar()) - count(left(Cause.DUST, seed));
            lifted += count(bar()) - count(left(Cause.HOT_PEEL, seed));
            spent += count(bar()) - count(left(Cause.SPENT, seed));
        }
        assertTrue(specks < lifted / 4, specks + " and " + lifted);
        assertTrue(specks < spent / 4, specks + " and " + spent);
    }

    @Test
    void reversedFilmLeavesNothingAndWetGelSpreads() {
        assertEquals(0, count(left(Cause.REVERSED, 3)));
        assertTrue(count(left(Cause.NOT_DRY, 3)) > count(bar()));
    }

    @Test
    void oneSideAndTheMiddleLackWhatTheyAreCalledBy() {
        for (long seed = 0; seed < 20; seed++) {
            Mishap side = new Mishap(Cause.ONE_SIDE, WIDTH_MM, seed);
            double left = side.ln(-WIDTH_MM / 2, 0);
            double right = side.ln(WIDTH_MM / 2, 0);
            assertTrue(Math.min(left, right) < -1 && Math.max(left, right) == 0);
            Mishap middle = new Mishap(Cause.MIDDLE_GIVES, WIDTH_MM, seed);
            assertTrue(middle.ln(0, 0) < -1);
            assertEquals(0, middle.ln(WIDTH_MM / 2, 0), 1e-9);
        }
    }

    @Test
    void whatIsGivenIsTooLittleTooMuchOrRight() {
        for (long seed = 0; seed < 50; seed++) {
            assertTrue(Mishap.given(Cause.TOO_LITTLE, new Random(seed)) < 0);
            assertTrue(Mishap.given(Cause.TOO_MUCH, new Random(seed)) > 1);
            double right = Mishap.given(Cause.DUST, new Random(seed));
            assertTrue(right > 0 && right < 1);
        }
    }

    /** Foil with a bright and a dark half on a pale sheet. */
    private static final Picture PULL = (w, h) -> {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                boolean foil = x > w / 4 && x < 3 * w / 4 && y > h / 4 && y < 3 * h / 4;
                image.setRGB(x, y, !foil ? 0xF0EEE8 : x < w / 2 ? 0xE8C880 : 0x806020);
            }
        }
        return image;
    };

    private static BufferedImage seen(Cause cause) {
        return new Mishap(cause, WIDTH_MM, 5).on(PULL).draw(WIDE, HIGH);
    }

    private static int green(BufferedImage image, double x, double y) {
        return image.getRGB((int) (x * WIDE), (int) (y * HIGH)) >> 8 & 0xFF;
    }

    @ParameterizedTest
    @EnumSource(
            value = Cause.class,
            mode = Mode.EXCLUDE,
            names = {"MEDIUM_OVER", "FILM_ON", "BOARD_WORN", "STIFF"})
    void whatIsNotOnTheSheetLeavesThePullAsItIs(Cause cause) {
        assertSame(PULL, new Mishap(cause, WIDTH_MM, 5).on(PULL));
    }

    @Test
    void aMediumTakesTheShineAndLeavesTheSheet() {
        BufferedImage dull = seen(Cause.MEDIUM_OVER);
        assertEquals(0xEE, green(dull, 0.1, 0.1));
        int contrast = green(dull, 0.4, 0.5) - green(dull, 0.6, 0.5);
        assertTrue(contrast >= 0 && contrast < 20, "of 104 before: " + contrast);
    }

    @Test
    void aFilmThatWasLeftOnVeilsEverything() {
        BufferedImage cloudy = seen(Cause.FILM_ON);
        assertTrue(green(cloudy, 0.6, 0.5) > 0x60 + 20);
        assertTrue(green(cloudy, 0.4, 0.5) > green(cloudy, 0.6, 0.5), "what is under it still shows");
    }

    @Test
    void oldCutsLieOnTheSheetToo() {
        BufferedImage worn = seen(Cause.BOARD_WORN);
        BufferedImage before = PULL.draw(WIDE, HIGH);
        int changed = 0;
        for (int x = 0; x < WIDE; x++) {
            for (int y = 0; y < HIGH / 4; y++) {
                changed += worn.getRGB(x, y) != before.getRGB(x, y) ? 1 : 0;
            }
        }
        assertTrue(changed > 20, changed + " points of the bare sheet");
    }

    @Test
    void cracksRunWhereTheSheetIsBent() {
        BufferedImage cracked = seen(Cause.STIFF);
        BufferedImage before = PULL.draw(WIDE, HIGH);
        assertEquals(before.getRGB(WIDE / 10, HIGH / 10), cracked.getRGB(WIDE / 10, HIGH / 10));
        int edge = 0;
        for (int y = HIGH / 4; y < 3 * HIGH / 4; y++) {
            for (int x = WIDE / 2 - 4; x < WIDE / 2 + 4; x++) {
                edge += cracked.getRGB(x, y) != before.getRGB(x, y) ? 1 : 0;
            }
        }
        assertNotEquals(0, edge);
    }
}
