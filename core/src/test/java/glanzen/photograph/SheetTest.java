package glanzen.photograph;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A sheet is found where it was drawn: light on dark and dark on light, however it lies before the camera. */
class SheetTest {

    private static final int WIDTH = 1000;
    private static final int HEIGHT = 750;

    private static BufferedImage bench(Color color) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(color);
        g.fillRect(0, 0, WIDTH, HEIGHT);
        g.dispose();
        return image;
    }

    /**
     * A sheet of four corners.
     *
     * @param px from the upper left on, clockwise as seen
     * @param bowPx how far each side bows outwards in its middle
     */
    private static Photograph sheet(double[] px, double bowPx, Color sheet, Color bench) {
        Path2D outline = new Path2D.Double();
        outline.moveTo(px[0], px[1]);
        for (int i = 0; i < 4; i++) {
            double toX = px[(2 * i + 2) % 8];
            double toY = px[(2 * i + 3) % 8];
            double alongX = toX - px[2 * i];
            double alongY = toY - px[2 * i + 1];
            double length = Math.hypot(alongX, alongY);
            // The middle of a curve lies half as far out as the point that pulls it.
            outline.quadTo(
                    (px[2 * i] + toX) / 2 + 2 * bowPx * alongY / length,
                    (px[2 * i + 1] + toY) / 2 - 2 * bowPx * alongX / length,
                    toX,
                    toY);
        }
        BufferedImage image = bench(bench);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(sheet);
        g.fill(outline);
        g.dispose();
        return Photograph.of(image);
    }

    private static double[] lying(Random random) {
        double[] px = {220, 130, 780, 130, 780, 620, 220, 620};
        for (int i = 0; i < px.length; i++) {
            px[i] += 90 * (random.nextDouble() - 0.5);
        }
        return px;
    }

    /** The furthest that any drawn corner lies from the nearest found one. */
    private static double off(double[] drawn, double[] found) {
        double most = 0;
        for (int i = 0; i < 4; i++) {
            double nearest = Double.MAX_VALUE;
            for (int k = 0; k < 4; k++) {
                // Rasters count from the corner of a pixel, drawings too.
                nearest =
                        Math.min(nearest, Math.hypot(drawn[2 * i] - found[2 * k], drawn[2 * i + 1] - found[2 * k + 1]));
            }
            most = Math.max(most, nearest);
        }
        return most;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void cornersAreFoundToAPixel(long seed) {
        Random random = new Random(seed);
        double[] drawn = lying(random);
        Color light = new Color(236, 228, 210);
        Color dark = new Color(70 + random.nextInt(30), 60, 55);
        boolean lightSheet = seed % 2 == 0;
        Photograph photograph = sheet(drawn, 0, lightSheet ? light : dark, lightSheet ? dark : light);
        double[] found = new SheetFinder(photograph).find().get(0);
        assertTrue(off(drawn, found) < 1, "off by " + off(drawn, found) + " px: " + Arrays.toString(found));
        assertTrue(new SheetEdges(photograph, found).seen());
        assertTrue(new SheetEdges(photograph, found).bowPx() < 0.6, "a straight sheet bows");
    }

    @ParameterizedTest
    @ValueSource(doubles = {3, -3, 6, -6})
    void sidesThatBowAreSeenToBow(double bowPx) {
        double[] drawn = {220, 130, 790, 140, 770, 620, 230, 600};
        Photograph photograph = sheet(drawn, bowPx, new Color(240, 236, 226), new Color(60, 50, 50));
        double seen =
                new SheetEdges(photograph, new SheetFinder(photograph).find().get(0)).bowPx();
        // Two thirds of it: ends count as the middle of their last sixth.
        assertEquals(0.63, seen / Math.abs(bowPx), 0.1);
    }

    @Test
    void anEmptyBenchHoldsNoSheet() {
        Photograph empty = Photograph.of(bench(new Color(90, 80, 70)));
        double[] anywhere = {220, 620, 780, 620, 780, 130, 220, 130};
        assertFalse(new SheetEdges(empty, anywhere).seen());
        List<double[]> found = new SheetFinder(empty).find();
        assertTrue(found.stream().noneMatch(corners -> new SheetEdges(empty, corners).seen()));
    }

    @Test
    void whatTouchesAtACornerIsOneRegion() {
        boolean[] marked = new boolean[5 * 4];
        for (int i : new int[] {0, 6, 12, 4, 19}) {
            marked[i] = true;
        }
        List<int[]> regions = Regions.of(marked, 5);
        assertEquals(3, regions.size());
        assertEquals(3, regions.stream().mapToInt(r -> r.length).max().orElseThrow());
    }
}
