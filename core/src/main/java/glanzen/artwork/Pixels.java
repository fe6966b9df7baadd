package glanzen.artwork;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/**
 * A shape as pixels, row by row from the top.
 *
 * @param shape what is drawn
 * @param placing from its own units to pixels
 * @param widthPx columns
 * @param heightPx rows
 */
record Pixels(Shape shape, AffineTransform placing, int widthPx, int heightPx) {

    /** Whether the middle of each pixel is in the shape. */
    boolean[] mask() {
        byte[] grey = drawn(false);
        boolean[] mask = new boolean[grey.length];
        for (int i = 0; i < grey.length; i++) {
            mask[i] = grey[i] != 0;
        }
        return mask;
    }

    /** Share of each pixel that is in the shape, 0…1. */
    float[] shares() {
        byte[] grey = drawn(true);
        float[] shares = new float[grey.length];
        for (int i = 0; i < grey.length; i++) {
            shares[i] = (grey[i] & 0xFF) / 255f;
        }
        return shares;
    }

    private byte[] drawn(boolean smooth) {
        BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = image.createGraphics();
        if (smooth) {
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        }
        graphics.transform(placing);
        graphics.setColor(Color.WHITE);
        graphics.fill(shape);
        graphics.dispose();
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }
}
