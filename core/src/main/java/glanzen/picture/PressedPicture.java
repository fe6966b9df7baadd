package glanzen.picture;

import glanzen.artwork.Artwork;
import glanzen.artwork.DistanceField;
import glanzen.press.Relief;
import glanzen.pull.BladeAndReliefModel;
import glanzen.pull.BladeModel;
import glanzen.pull.DoseScale;
import glanzen.pull.PullModel;
import glanzen.pull.ReliefModel;
import glanzen.pull.Rig;
import glanzen.route.Medium;
import glanzen.setup.SetUp;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;

/** How a cut or a relief would look: gaps where the blade is not through, light and shade as deep as the sheet is formed. */
final class PressedPicture implements Picture {

    private static final double EDGE_SHARE = 0.9;
    private static final double SLOPE_MM = 1.2;
    private static final int MOST_SHADE = 70;
    /** Ink takes long before a relief is formed. */
    private static final double INK_TAKES = 0.3;

    private static final Color INK = new Color(0x2f2d3a);

    private final SetUp setUp;
    private final PullModel model;
    private final Rig rig;
    private final long seed;

    private final Spoiling spoiling;

    PressedPicture(SetUp setUp, PullModel model, Rig rig, long seed, Spoiling spoiling) {
        this.spoiling = spoiling;
        this.setUp = setUp;
        this.model = model;
        this.rig = rig;
        this.seed = seed;
    }

    @Override
    public BufferedImage draw(int widthPx, int heightPx) {
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
        Artwork artwork = model.artwork();
        double scale = EDGE_SHARE * Math.min(widthPx / artwork.widthMm(), heightPx / artwork.heightMm());
        Color paper = Color.decode(setUp.stock().colour());
        Graphics2D g = image.createGraphics();
        g.setColor(paper);
        g.fillRect(0, 0, widthPx, heightPx);
        g.dispose();
        if (model instanceof ReliefModel relief) {
            relief(image, relief, scale, paper);
        } else if (model instanceof BladeAndReliefModel both) {
            relief(image, both.relief(), scale, paper);
            cut(image, both.blade(), scale, paper);
        } else if (model instanceof BladeModel blade) {
            cut(image, blade, scale, paper);
        }
        return image;
    }

    /** The blade's line, dark where it is through, a faint dent where not: as the nearest point reckoned says. */
    private void cut(BufferedImage image, BladeModel blade, double scale, Color paper) {
        int w = image.getWidth();
        int h = image.getHeight();
        double[] dose = blade.pointDoses(rig);
        GrainField sharpness = new GrainField(seed, 6);
        int through = shaded(paper, -150).getRGB();
        int dented = shaded(paper, -28).getRGB();
        boolean[] line = blade.artwork().raster(w, h, scale);
        boolean[] cuts = new boolean[line.length];
        for (int i = 0; i < line.length; i++) {
            int x = i % w;
            int y = i / w;
            double xMm = (x + 0.5 - w / 2.0) / scale;
            double yMm = (h / 2.0 - y - 0.5) / scale;
            if (line[i]) {
                double ln = Math.log(Math.max(1e-9, dose[blade.line().nearest(xMm, yMm)])) + spoiling.ln(xMm, yMm);
                cuts[i] = ln + DoseScale.Cutting.SHARPNESS_SIGMA * sharpness.at(x, y) >= 0;
            }
        }
        boolean[] left = spoiling.left(cuts, line, w, scale);
        for (int i = 0; i < line.length; i++) {
            if (line[i]) {
                image.setRGB(i % w, i / w, left[i] ? through : dented);
            }
        }
    }

    /** Slopes lit from the upper left, as high as the sheet is formed. */
    private void relief(BufferedImage image, ReliefModel relief, double scale, Color paper) {
        int w = image.getWidth();
        int h = image.getHeight();
        boolean[] design = relief.artwork().raster(w, h, scale);
        boolean[] bare = new boolean[design.length];
        for (int i = 0; i < bare.length; i++) {
            bare[i] = !design[i];
        }
        float[] depth = DistanceField.of(bare, w, SLOPE_MM * scale);
        double slopePx = SLOPE_MM * scale;
        boolean inked = setUp.medium() == Medium.ON_PLATE;
        for (int y = 1; y < h - 1; y++) {
            for (int x = 1; x < w - 1; x++) {
                double xMm = (x - w / 2.0) / scale;
                double dose = relief.leastAt(rig, xMm) * Math.exp(spoiling.ln(xMm, (h / 2.0 - y) / scale));
                double formed = Relief.formed(dose);
                Color ground = inked && design[y * w + x] && dose >= INK_TAKES ? INK : paper;
                double across = height(depth[y * w + x + 1], slopePx) - height(depth[y * w + x - 1], slopePx);
                double along = height(depth[(y + 1) * w + x], slopePx) - height(depth[(y - 1) * w + x], slopePx);
                int light = (int) Math.round(MOST_SHADE * formed * (across + along) * slopePx / 4);
                image.setRGB(
                        x,
                        y,
                        shaded(ground, light + (design[y * w + x] ? (int) (6 * formed) : 0))
                                .getRGB());
            }
        }
    }

    private static double height(double depthPx, double slopePx) {
        return Math.min(1, depthPx / slopePx);
    }

    private static Color shaded(Color c, int by) {
        return new Color(clamped(c.getRed() + by), clamped(c.getGreen() + by), clamped(c.getBlue() + by));
    }

    private static int clamped(int value) {
        return Math.max(0, Math.min(255, value));
    }
}
