package glanzen.app.web;

import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Pictures in and out. What comes from outside is decoded with limits and written anew. */
public final class Pictures {

    /** Largest file taken, bytes. */
    public static final int MOST_BYTES = 20 * 1024 * 1024;

    private static final String ACCEPTED = "a JPEG, PNG, GIF or BMP of up to 20 MB and 60 megapixels";
    private static final long MOST_PIXELS = 60_000_000;
    private static final int KEPT_SIDE = 1600;

    private Pictures() {}

    /** Checks the size asked of a drawn picture. */
    public static void checkSize(int width, int height) {
        new Checks()
                .figure("width", width, 16, 2000, "px")
                .figure("height", height, 16, 2000, "px")
                .done();
    }

    /** Encodes a picture. */
    public static byte[] png(BufferedImage image) {
        return encoded(image, "png");
    }

    /**
     * Takes a picture from outside.
     *
     * @return a JPEG of at most 1600 px a side, without whatever else the file carried
     * @throws BadInput if it is no picture or too large
     */
    public static byte[] taken(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new BadInput("picture", "is too large", ACCEPTED);
        }
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new BadInput("picture", "is no picture", ACCEPTED);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw new BadInput("picture", "has too many pixels", ACCEPTED);
                }
                return encoded(shrunk(reader.read(0)), "jpg");
            } finally {
                reader.dispose();
            }
        } catch (IIOException | IllegalArgumentException damaged) {
            if (damaged instanceof BadInput bad) {
                throw bad;
            }
            throw new BadInput("picture", "is damaged", ACCEPTED);
        } catch (IOException e) {
            throw new BadInput("picture", "cannot be read", ACCEPTED);
        }
    }

    private static BufferedImage shrunk(BufferedImage image) {
        double scale = Math.min(1, (double) KEPT_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = (int) Math.max(1, image.getWidth() * scale);
        int height = (int) Math.max(1, image.getHeight() * scale);
        BufferedImage kept = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = kept.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        graphics.dispose();
        return kept;
    }

    private static byte[] encoded(BufferedImage image, String format) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, format, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
