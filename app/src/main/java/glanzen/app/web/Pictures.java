package glanzen.app.web;

import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** Pictures in and out. What comes from outside is decoded with limits, turned upright and written anew. */
public final class Pictures {

    /** Largest file taken, bytes. */
    public static final int MOST_BYTES = 20 * 1024 * 1024;

    private static final String ACCEPTED = "a JPEG, PNG, WebP, GIF or BMP of up to 20 MB and 60 megapixels";
    private static final long MOST_PIXELS = 60_000_000;
    private static final int KEPT_SIDE = 1600;
    private static final int KEPT_BYTES = 3 * 1024 * 1024;
    private static final int MEASURED_SIDE = 4200;

    private static final Semaphore AT_ONCE = new Semaphore(2);

    static {
        // What is read lies in memory anyway: a file beside it for each picture only takes time.
        ImageIO.setUseCache(false);
    }

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
     * What was sent as a picture; it is not unpacked yet.
     *
     * @throws BadInput if it is too large
     */
    public static byte[] bytes(MultipartFile file) throws IOException {
        if (file.getSize() > MOST_BYTES) {
            throw new BadInput("picture", "is too large", ACCEPTED);
        }
        return file.getBytes();
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
        // A small file may hold a large picture: only so many are unpacked at once.
        AT_ONCE.acquireUninterruptibly();
        try {
            BufferedImage read = read(file, mostSide);
            double scale = Math.min(1, (double) mostSide / Math.max(read.getWidth(), read.getHeight()));
            return onPaper(scale < 1 ? Thumbnails.of(read).scale(scale).asBufferedImage() : read);
        } catch (BadInput refused) {
            throw refused;
        } catch (IOException | RuntimeException damaged) {
            // Readers of pictures throw whatever comes to hand on a damaged file.
            throw new BadInput("picture", "is damaged", ACCEPTED);
        } finally {
            AT_ONCE.release();
        }
    }

    /** Looks at the size before anything is unpacked, and unpacks no more points than are kept; upright as its EXIF says. */
    private static BufferedImage read(byte[] file, int mostSide) throws IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new BadInput("picture", "is no picture", ACCEPTED);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS) {
                    throw new BadInput("picture", "has too many pixels", ACCEPTED);
                }
                int every = Math.max(1, Math.max(width, height) / mostSide);
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(every, every, 0, 0);
                BufferedImage read = reader.read(0, param);
                Orientation held = held(file);
                return held == null
                        ? read
                        : ExifFilterUtils.getFilterForOrientation(held).apply(read);
            } finally {
                reader.dispose();
            }
        }
    }

    /** How a camera was held: of a JPEG its first block of EXIF says so, wherever among its blocks that stands. */
    private static @Nullable Orientation held(byte[] file) {
        int at = 2;
        while (at + 10 < file.length && (file[at] & 0xff) == 0xff && (file[at + 1] & 0xff) != 0xda) {
            int length = (file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff;
            boolean exif = (file[at + 1] & 0xff) == 0xe1 && file[at + 4] == 'E' && file[at + 5] == 'x';
            if (exif && at + 2 + length <= file.length) {
                return ExifUtils.getOrientationFromExif(Arrays.copyOfRange(file, at + 4, at + 2 + length));
            }
            at += 2 + Math.max(2, length);
        }
        return null;
    }

    /** What is see-through lies on white, as the page would show it. */
    private static BufferedImage onPaper(BufferedImage image) {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(image, 0, 0, Color.WHITE, null);
        return opaque;
    }

    /**
     * A picture that was written here before: kept as it is, byte for byte; anything else is taken as from outside.
     *
     * @throws BadInput if it is no picture or too large
     */
    public static byte[] kept(byte[] file) {
        return writtenHere(file) ? file : taken(file);
    }

    /** A whole JPEG no larger than is kept; what is in it need not be unpacked to know that. */
    private static boolean writtenHere(byte[] file) {
        int n = file.length;
        boolean whole = n > 4
                && n < KEPT_BYTES
                && (file[0] & 0xff) == 0xff
                && (file[1] & 0xff) == 0xd8
                && (file[n - 2] & 0xff) == 0xff
                && (file[n - 1] & 0xff) == 0xd9;
        if (!whole) {
            return false;
        }
        ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(stream);
            return Math.max(reader.getWidth(0), reader.getHeight(0)) <= KEPT_SIDE;
        } catch (IOException | RuntimeException damaged) {
            return false;
        } finally {
            reader.dispose();
        }
    }

    /** Encodes a photograph. */
    public static byte[] jpeg(BufferedImage image) {
        return encoded(image, "jpg");
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
