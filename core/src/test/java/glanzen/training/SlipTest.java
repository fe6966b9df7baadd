package glanzen.training;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.picture.Picture;
import glanzen.route.Route;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

/** A good pull that lies askew, upside down or flat looks so, and a shape that looks the same either way is not asked about. */
class SlipTest {

    /** Dark in the upper left only. */
    private static final Picture CORNER = (w, h) -> {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                boolean dark = x > w / 5 && x < w / 2 && y > h / 5 && y < h / 2;
                image.setRGB(x, y, dark ? 0x203040 : 0xF0F0F0);
            }
        }
        return image;
    };

    private static boolean dark(BufferedImage image, double x, double y) {
        return (image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())) & 0xFF) < 0x90;
    }

    @Test
    void upsideDownIsTurnedByHalfUnderItsFold() {
        BufferedImage seen = Slip.UPSIDE_DOWN.seen(CORNER, 1).draw(200, 120);
        assertTrue(dark(seen, 0.65, 0.65) && !dark(seen, 0.35, 0.35));
        BufferedImage good = Slip.UPSIDE_DOWN.good(CORNER).draw(200, 120);
        assertTrue(dark(good, 0.35, 0.35) && !dark(good, 0.65, 0.65));
        assertNotEquals(good.getRGB(100, 60), good.getRGB(100, 3), "the fold is drawn");
    }

    @Test
    void askewIsALittleAndEachTimeOtherwise() {
        BufferedImage straight = CORNER.draw(200, 120);
        BufferedImage one = Slip.ASKEW.seen(CORNER, 1).draw(200, 120);
        BufferedImage two = Slip.ASKEW.seen(CORNER, 2).draw(200, 120);
        assertTrue(dark(one, 0.35, 0.35), "it is still about where it was");
        assertTrue(differing(straight, one) > 50);
        assertTrue(differing(one, two) > 50);
        assertEquals(0, differing(one, Slip.ASKEW.seen(CORNER, 1).draw(200, 120)));
    }

    /** How many points of two pictures are not alike. */
    static int differing(BufferedImage a, BufferedImage b) {
        int count = 0;
        for (int x = 0; x < a.getWidth(); x++) {
            for (int y = 0; y < a.getHeight(); y++) {
                count += a.getRGB(x, y) != b.getRGB(x, y) ? 1 : 0;
            }
        }
        return count;
    }

    @ParameterizedTest
    @EnumSource(Slip.class)
    void eachIsShownOnFoilAndNamedByItself(Slip slip) {
        assertTrue(slip.shows(Route.HOT_PLATE));
        assertFalse(slip.shows(Route.THIN_CUT));
        assertEquals(slip, Slip.named(slip.name()).orElseThrow());
        assertFalse(
                slip.says().isBlank() || slip.cause().isBlank() || slip.next().isBlank());
    }

    @Test
    void aSquareDoesNotTellItsTopAndATriangleDoes() throws ParseException {
        WKTReader wkt = new WKTReader();
        assertFalse(Outline.tellsItsTop(wkt.read("POLYGON ((0 0, 10 0, 10 10, 0 10, 0 0))")));
        assertTrue(Outline.tellsItsTop(wkt.read("POLYGON ((0 0, 10 0, 5 10, 0 0))")));
    }

    @Test
    void twoPicturesLieSideBySide() {
        BufferedImage both =
                Outline.beside(CORNER, Slip.UPSIDE_DOWN.seen(CORNER, 1)).draw(400, 120);
        assertTrue(dark(both, 0.17, 0.35) && !dark(both, 0.33, 0.65));
        assertTrue(dark(both, 0.83, 0.65) && !dark(both, 0.67, 0.35));
    }
}
