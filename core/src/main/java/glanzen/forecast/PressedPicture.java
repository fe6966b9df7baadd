package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.artwork.BladeLine;
import glanzen.artwork.DistanceField;
import glanzen.press.Relief;
import glanzen.route.SetUp;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;

/** How a cut or a relief would look: gaps where the blade is not through, light and shade as deep as the sheet is formed. */
final class PressedPicture implements Picture {

    private static final double EDGE_SHARE = 0.9;
    private static final double SLOPE_MM = 1.2;
    private static final int MOST_SHADE = 70;

    private final SetUp setUp;
    private final PullModel model;
    private final Rig rig;
    private final long seed;

    PressedPicture(SetUp setUp, PullModel model, Rig rig, long seed) {
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
        if (model instanceof ReliefModel relief) {
            relief(image, relief, scale, paper);
        } else if (model instanceof BladeAndReliefModel both) {
            relief(image, both.relief(), scale, paper);
            cut(g, both.blade(), scale, widthPx, heightPx, paper);
        } else if (model instanceof BladeModel blade) {
            cut(g, blade, scale, widthPx, heightPx, paper);
        }
        g.dispose();
        return image;
    }

    /** Each point of the blade as a short dark stroke if it is through, as a faint dent if not. */
    private void cut(Graphics2D g, BladeModel blade, double scale, int widthPx, int heightPx, Color paper) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        Doses doses = blade.doses(rig);
        GrainField sharpness = new GrainField(seed, 6);
        float stroke = (float) Math.max(1.5, 0.6 * scale);
        for (int i = 0; i < doses.dose().length; i++) {
            BladeLine.Point p = blade.line().points().get(i);
            double x = widthPx / 2.0 + p.xMm() * scale;
            double y = heightPx / 2.0 - p.yMm() * scale;
            double lnDose = Math.log(Math.max(1e-9, doses.dose()[i])) + 0.12 * sharpness.at((int) x, (int) y);
            g.setColor(lnDose >= 0 ? shaded(paper, -150) : shaded(paper, -28));
            g.setStroke(new BasicStroke(stroke, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(new Line2D.Double(x, y, x, y));
        }
    }

    /** Slopes lit from the upper left, as high as the sheet is formed. */
    private void relief(BufferedImage image, ReliefModel relief, double scale, Color paper) {
        int w = image.getWidth();
        int h = image.getHeight();
        boolean[] design = relief.artwork().raster(w, h, scale);
        boolean[] ground = new boolean[design.length];
        for (int i = 0; i < ground.length; i++) {
            ground[i] = !design[i];
        }
        float[] depth = DistanceField.of(ground, w);
        double slopePx = SLOPE_MM * scale;
        for (int y = 1; y < h - 1; y++) {
            for (int x = 1; x < w - 1; x++) {
                double formed = Relief.formed(relief.leastAt(rig, (x - w / 2.0) / scale));
                double across = height(depth[y * w + x + 1], slopePx) - height(depth[y * w + x - 1], slopePx);
                double along = height(depth[(y + 1) * w + x], slopePx) - height(depth[(y - 1) * w + x], slopePx);
                int light = (int) Math.round(MOST_SHADE * formed * (across + along) * slopePx / 4);
                image.setRGB(
                        x,
                        y,
                        shaded(paper, light + (design[y * w + x] ? (int) (6 * formed) : 0))
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
