package glanzen.photograph;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/** From millimetres to pixels and back, and a sheet seen straight from above. */
class FlatTest {

    private static final Envelope CARD = new Envelope(0, 100, 0, 140);

    /** A card as a camera that is not quite above it sees it. */
    private static Placing aslant(long seed) {
        Random random = new Random(seed);
        double[] px = {210, 700, 610, 690, 600, 130, 200, 140};
        for (int i = 0; i < px.length; i++) {
            px[i] += 40 * (random.nextDouble() - 0.5);
        }
        return Placing.between(new double[] {0, 0, 100, 0, 100, 140, 0, 140}, px);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void aPlaceComesBackFromThePicture(long seed) {
        Placing placing = aslant(seed);
        Random random = new Random(100 + seed);
        for (int n = 0; n < 50; n++) {
            double x = 100 * random.nextDouble();
            double y = 140 * random.nextDouble();
            double[] px = placing.px(x, y);
            assertArrayEquals(new double[] {x, y}, placing.inverse().px(px[0], px[1]), 1e-6);
            double[] again = Placing.onWidth(placing.onUnitWidth(800), 800).px(x, y);
            assertArrayEquals(px, again, 1e-9);
            double[] turned = placing.after(AffineTransformation.rotationInstance(0.3, 50, 70))
                    .px(x, y);
            double[] first = {
                50 + Math.cos(0.3) * (x - 50) - Math.sin(0.3) * (y - 70),
                70 + Math.sin(0.3) * (x - 50) + Math.cos(0.3) * (y - 70)
            };
            assertArrayEquals(placing.px(first[0], first[1]), turned, 1e-6);
        }
    }

    /** A ramp of light across the card is the same ramp once the card is straightened. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void lightIsThatOfItsPlace(long seed) {
        Placing placing = aslant(seed);
        Placing back = placing.inverse();
        BufferedImage image = new BufferedImage(800, 800, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 800; y++) {
            for (int x = 0; x < 800; x++) {
                double[] mm = back.px(x + 0.5, y + 0.5);
                int red = (int) Math.max(0, Math.min(255, 40 + 2 * mm[0]));
                int green = (int) Math.max(0, Math.min(255, 30 + 1.5 * mm[1]));
                image.setRGB(x, y, red << 16 | green << 8);
            }
        }
        Flat flat = Flat.of(Photograph.of(image), placing, Bend.NONE, CARD, 2);
        assertEquals(200, flat.grid().width());
        assertEquals(280, flat.grid().height());
        for (int row = 10; row < 270; row += 13) {
            for (int column = 10; column < 190; column += 11) {
                int i = row * flat.grid().width() + column;
                assertTrue(flat.seen()[i]);
                int red = (int) Math.round(40 + 2 * flat.grid().xMm(column));
                int green = (int) Math.round(30 + 1.5 * flat.grid().yMm(row));
                assertEquals(Photograph.linear(red), flat.light()[0][i], 0.02);
                assertEquals(Photograph.linear(green), flat.light()[1][i], 0.02);
                assertEquals(0, flat.light()[2][i], 1e-6);
            }
        }
    }

    @Test
    void whatThePictureDoesNotShowIsNotSeen() {
        Placing beyond = Placing.between(
                new double[] {0, 0, 100, 0, 100, 140, 0, 140}, new double[] {-200, 500, 200, 500, 200, -60, -200, -60});
        Flat flat = Flat.of(
                Photograph.of(new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB)), beyond, Bend.NONE, CARD, 1);
        assertFalse(flat.seen()[70 * flat.grid().width() + 20], "left of the picture");
        assertTrue(flat.seen()[70 * flat.grid().width() + 80]);
    }

    @Test
    void aBendMovesTheRimAndNotTheMiddle() {
        Bend bend = new Bend(50, 70, 70, new double[] {0, 1.2, 0, 0, 0, 0});
        assertArrayEquals(new double[] {50, 70}, bend.straight(50, 70), 1e-12);
        assertArrayEquals(new double[] {120, 70 - 1.2}, bend.straight(120, 70), 1e-9);
        assertArrayEquals(new double[] {33, 12}, Bend.NONE.straight(33, 12), 0);
    }

    @Test
    void aGridCountsFromTheMiddleOfItsPixels() {
        Grid grid = Grid.over(new Envelope(-10, 10, 5, 15), 4);
        assertEquals(80 * 40, grid.count());
        assertEquals(17, grid.column(grid.xMm(17)), 1e-9);
        assertEquals(23, grid.row(grid.yMm(23)), 1e-9);
        assertTrue(grid.yMm(0) > grid.yMm(1), "the first row is the far one");
        float[] slope = new float[grid.count()];
        for (int i = 0; i < slope.length; i++) {
            slope[i] = (float) (3 * grid.xMm(i % 80) - grid.yMm(i / 80));
        }
        assertEquals(3 * 2.3 - 9.1, grid.at(slope, 2.3, 9.1), 1e-4);
    }
}
