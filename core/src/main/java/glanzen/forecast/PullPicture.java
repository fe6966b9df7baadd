package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.DistanceField;
import glanzen.route.SetUp;
import glanzen.transfer.Transfer;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/**
 * How a pull would look: inside the design foil where dose·field ≥ 1; outside where the distance to the design is at
 * most λ·ln(dose·field/1.6). The field is log-normal (σ 0.35) with a grain of about 0.6 mm, seeded, for the stock.
 */
public final class PullPicture {

    /** Largest side of a picture, px. */
    public static final int MOST_PX = 2000;

    private static final double GRAIN_MM = 0.6;
    private static final double EDGE_SHARE = 0.94;
    private static final double SPILL_ONSET = 1.6;
    private static final double SOLID_DEPTH_MM = 3;
    private static final double FURTHEST_SPILL_MM = 2;

    private final SetUp setUp;
    private final PullModel model;
    private final Rig rig;
    private final long seed;

    /**
     * @param rig which rig pulls
     * @param seed for the stock's own texture
     */
    public PullPicture(SetUp setUp, PullModel model, Rig rig, long seed) {
        this.setUp = setUp;
        this.model = model;
        this.rig = rig;
        this.seed = seed;
    }

    /**
     * Draws the pull.
     *
     * @param widthPx width, 1…{@value #MOST_PX}
     * @param heightPx height, 1…{@value #MOST_PX}
     */
    public BufferedImage draw(int widthPx, int heightPx) {
        Artwork artwork = model.artwork();
        double scale = EDGE_SHARE * Math.min(widthPx / artwork.widthMm(), heightPx / artwork.heightMm());
        boolean[] design = artwork.raster(widthPx, heightPx, scale);
        float[] distance = DistanceField.of(design, widthPx);
        boolean[] foiled = foiled(design, distance, widthPx, heightPx, scale);
        double lift = Transfer.lift(1, model.peelC(rig));
        if (lift > 0.005 && artwork.solidShare() > 0) {
            liftOff(foiled, design, widthPx, scale, lift);
        }
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        new Sheen(setUp.film().colour(), setUp.stock().colour(), seed).paint(pixels, foiled, design, widthPx);
        return image;
    }

    private boolean[] foiled(boolean[] design, float[] distance, int widthPx, int heightPx, double scale) {
        GrainField field = new GrainField(seed, GRAIN_MM * scale);
        double[][] bands = model.bandDoses(rig);
        double lnOnset = Math.log(SPILL_ONSET);
        double xiPerPx = 2 / (scale * setUp.press().throatMm());
        boolean[] foiled = new boolean[design.length];
        for (int y = 0; y < heightPx; y++) {
            double yMm = model.artwork().heightMm() / 2 + (heightPx / 2.0 - y) / scale;
            double[] row = row(bands, model.artwork().raisedWidthAtMm(yMm));
            for (int x = 0; x < widthPx; x++) {
                int i = y * widthPx + x;
                double nearMm = distance[i] / scale;
                if (nearMm > FURTHEST_SPILL_MM) {
                    continue;
                }
                double across = model.frame().across(row[1], (x - widthPx / 2.0) * xiPerPx);
                double lnDose = row[0] + (across - 1) + Transfer.SHEET_SIGMA * field.at(x, y);
                foiled[i] = design[i] ? lnDose >= 0 : nearMm <= model.softnessMm() * (lnDose - lnOnset);
            }
        }
        return foiled;
    }

    /** A hot peel takes patches out of solid ground, away from its edges. */
    private void liftOff(boolean[] foiled, boolean[] design, int widthPx, double scale, double lift) {
        boolean[] bare = new boolean[design.length];
        for (int i = 0; i < bare.length; i++) {
            bare[i] = !design[i];
        }
        float[] depth = DistanceField.of(bare, widthPx);
        GrainField patches = new GrainField(seed + 1, 6 * GRAIN_MM * scale);
        for (int i = 0; i < foiled.length; i++) {
            foiled[i] &= depth[i] < SOLID_DEPTH_MM * scale || patches.share(i % widthPx, i / widthPx) >= lift;
        }
    }

    /** ln of dose, and force, where the raised width is b: straight between the bands on ln b. */
    private static double[] row(double[][] bands, double b) {
        int i = 0;
        while (i < bands.length - 2 && bands[i + 1][0] < b) {
            i++;
        }
        double[] from = bands[i];
        double[] to = bands[Math.min(i + 1, bands.length - 1)];
        double span = Math.log(to[0] / from[0]);
        double s = span == 0 ? 0 : Math.max(0, Math.min(1, Math.log(Math.max(b, 0.05) / from[0]) / span));
        double lnFrom = Math.log(Math.max(from[1], 1e-9));
        double lnTo = Math.log(Math.max(to[1], 1e-9));
        return new double[] {lnFrom + s * (lnTo - lnFrom), from[2] + s * (to[2] - from[2])};
    }
}
