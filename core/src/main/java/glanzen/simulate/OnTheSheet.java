package glanzen.simulate;

import glanzen.diagnosis.Cause;
import glanzen.picture.Picture;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.geom.QuadCurve2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** What of a mishap lies on the whole sheet and not where something came out: dull foil, a cloudy sheet, old cuts printed in, cracks. */
final class OnTheSheet implements Picture {

    /** Foil under a medium loses most of its streaks. */
    private static final double DULLED = 0.88;
    /** As far from the sheet its own grain strays, sum of three channels. */
    private static final int LIKE = 60;

    private static final double CLOUDED = 0.42;
    private static final int OLD_CUTS = 9;
    private static final int CRACKS = 160;
    /** Of the contrast of neighbours that makes an edge a crack can run along, 0…255. */
    private static final int EDGE = 14;

    private static final Color SCORED = new Color(0, 0, 0, 70);
    private static final Color LIT = new Color(255, 255, 255, 110);
    private static final Color TORN = new Color(70, 64, 58, 200);
    private static final Color BROKEN = new Color(255, 255, 255, 230);

    private final Picture pull;
    private final Cause cause;
    private final long seed;

    private OnTheSheet(Picture pull, Cause cause, long seed) {
        this.pull = pull;
        this.cause = cause;
        this.seed = seed;
    }

    /** A pull with what a cause leaves on its sheet; just the pull for the others. */
    static Picture of(Picture pull, Cause cause, long seed) {
        return switch (cause) {
            case MEDIUM_OVER, FILM_ON, BOARD_WORN, STIFF -> new OnTheSheet(pull, cause, seed);
            default -> pull;
        };
    }

    @Override
    public BufferedImage draw(int widthPx, int heightPx) {
        BufferedImage image = pull.draw(widthPx, heightPx);
        Random luck = new Random(seed * 131 + 7);
        switch (cause) {
            case MEDIUM_OVER -> dull(image);
            case FILM_ON -> cloud(image, luck);
            case BOARD_WORN -> oldCuts(image, luck);
            default -> cracks(image, luck);
        }
        return image;
    }

    /** Whatever is not like the sheet's corner goes towards its own mean: streaks are gone, what is covered still shows. */
    private static void dull(BufferedImage image) {
        int sheet = image.getRGB(0, 0);
        double[] sum = new double[4];
        each(image, (x, y, rgb) -> {
            if (unlike(rgb, sheet)) {
                for (int c = 0; c < 3; c++) {
                    sum[c] += channel(rgb, c);
                }
                sum[3]++;
            }
            return rgb;
        });
        int mean = 0;
        for (int c = 0; c < 3; c++) {
            mean = mean << 8 | (int) (sum[c] / Math.max(1, sum[3]));
        }
        int flat = mean;
        each(image, (x, y, rgb) -> unlike(rgb, sheet) ? mixed(rgb, flat, DULLED) : rgb);
    }

    private static boolean unlike(int rgb, int other) {
        int by = 0;
        for (int c = 0; c < 3; c++) {
            by += Math.abs(channel(rgb, c) - channel(other, c));
        }
        return by > LIKE;
    }

    /** A milky veil, thicker in places. */
    private static void cloud(BufferedImage image, Random luck) {
        double px = 2 * Math.PI / Math.max(image.getWidth(), image.getHeight());
        double a = 3 + 3 * luck.nextDouble();
        double b = 2 + 3 * luck.nextDouble();
        each(image, (x, y, rgb) -> {
            double thick = 1 + 0.45 * Math.sin(a * px * x + b) * Math.cos(b * px * y - a);
            return mixed(rgb, 0xEEF0F2, CLOUDED * thick);
        });
    }

    /** Curves pressed into the whole sheet, each with a lit and a dark side. */
    private static void oldCuts(BufferedImage image, Random luck) {
        Graphics2D g = drawing(image);
        double w = image.getWidth();
        double h = image.getHeight();
        g.setStroke(new BasicStroke((float) Math.max(1, w / 500)));
        for (int n = 0; n < OLD_CUTS; n++) {
            double x = w * luck.nextDouble();
            double y = h * luck.nextDouble();
            QuadCurve2D cut = new QuadCurve2D.Double(
                    x,
                    y,
                    x + w * (luck.nextDouble() - 0.5) / 2,
                    y + h * (luck.nextDouble() - 0.5) / 2,
                    x + w * (luck.nextDouble() - 0.5),
                    y + h * (luck.nextDouble() - 0.5));
            g.setColor(SCORED);
            g.draw(cut);
            g.translate(w / 400, w / 400);
            g.setColor(LIT);
            g.draw(cut);
            g.translate(-w / 400, -w / 400);
        }
        g.dispose();
    }

    /** Short breaks, lighter or darker than the sheet, where the sheet is bent most. */
    private static void cracks(BufferedImage image, Random luck) {
        BufferedImage bent = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        bent.setData(image.getData());
        Graphics2D g = drawing(image);
        g.setColor(channel(bent.getRGB(0, 0), 1) > 150 ? TORN : BROKEN);
        double unit = Math.max(1, image.getWidth() / 380.0);
        g.setStroke(new BasicStroke((float) unit));
        int made = 0;
        for (int tried = 0; tried < 400 * CRACKS && made < CRACKS; tried++) {
            int x = 1 + luck.nextInt(Math.max(1, image.getWidth() - 2));
            int y = 1 + luck.nextInt(Math.max(1, image.getHeight() - 2));
            int across = channel(bent.getRGB(x + 1, y), 1) - channel(bent.getRGB(x - 1, y), 1);
            int along = channel(bent.getRGB(x, y + 1), 1) - channel(bent.getRGB(x, y - 1), 1);
            double slope = Math.hypot(across, along);
            if (slope < EDGE) {
                continue;
            }
            made++;
            Path2D crack = new Path2D.Double();
            crack.moveTo(x, y);
            double at = 0;
            for (int n = 0; n < 3; n++) {
                at += unit * (1 + 2 * luck.nextDouble());
                double off = unit * (luck.nextDouble() - 0.5) * 2;
                crack.lineTo(x - along / slope * at + off, y + across / slope * at + off);
            }
            g.draw(crack);
        }
        g.dispose();
    }

    private static Graphics2D drawing(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        return g;
    }

    private interface Pixel {
        int of(int x, int y, int rgb);
    }

    private static void each(BufferedImage image, Pixel pixel) {
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                image.setRGB(x, y, pixel.of(x, y, image.getRGB(x, y) & 0xFFFFFF));
            }
        }
    }

    private static int channel(int rgb, int c) {
        return rgb >> 16 - 8 * c & 0xFF;
    }

    private static int mixed(int rgb, int other, double share) {
        int mixed = 0;
        for (int c = 0; c < 3; c++) {
            double value = channel(rgb, c) + (channel(other, c) - channel(rgb, c)) * share;
            mixed = mixed << 8 | (int) Math.max(0, Math.min(255, Math.round(value)));
        }
        return mixed;
    }
}
