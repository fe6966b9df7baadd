package glanzen.app.web;

import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/** Pictures in and out. What comes from outside is decoded with limits, turned upright and written anew. */
public final class Pictures {

    /** Largest file taken, bytes. */
    public static final int MOST_BYTES = 20 * 1024 * 1024;

    private static final String ACCEPTED = "a JPEG, PNG, WebP, GIF or BMP of up to 20 MB and 60 megapixels";
    private static final long MOST_PIXELS = 60_000_000;
    private static final int KEPT_SIDE = 1600;
    private static final int MEASURED_SIDE = 4200;

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
     * @return a JPEG of at most 1600 px a side, upright as its EXIF says, without whatever else the file carried
     * @throws BadInput if it is no picture or too large
     */
    public static byte[] taken(byte[] file) {
        return encoded(decoded(file, KEPT_SIDE), "jpg");
    }

    /**
     * A picture from outside to be measured: upright as its EXIF says, as sharp as it came up to about 13 megapixels.
     *
     * @throws BadInput if it is no picture or too large
     */
    public static BufferedImage measured(byte[] file) {
        return decoded(file, MEASURED_SIDE);
    }

    private static BufferedImage decoded(byte[] file, int mostSide) {
        if (file.length > MOST_BYTES) {
            throw new BadInput("picture", "is too large", ACCEPTED);
        }
        try {
            double scale = Math.min(1, (double) mostSide / longerSide(file));
            return onPaper(
                    Thumbnails.of(new ByteArrayInputStream(file)).scale(scale).asBufferedImage());
        } catch (BadInput refused) {
            throw refused;
        } catch (IOException | RuntimeException damaged) {
            // Readers of pictures throw whatever comes to hand on a damaged file.
            throw new BadInput("picture", "is damaged", ACCEPTED);
        }
    }

    /** Encodes a photograph. */
    public static byte[] jpeg(BufferedImage image) {
        return encoded(image, "jpg");
    }

    /** Looks at the size before anything is decoded. */
    private static int longerSide(byte[] file) throws IOException {
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
                return Math.max(reader.getWidth(0), reader.getHeight(0));
            } finally {
                reader.dispose();
            }
        }
    }

    /** What is see-through lies on white, as the page would show it. */
    private static BufferedImage onPaper(BufferedImage image) {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(image, 0, 0, Color.WHITE, null);
        return opaque;
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
