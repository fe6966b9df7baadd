package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.measure.BadInput;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PicturesTest {

    private static byte[] file(String format, int width, int height) throws IOException {
        int type = format.equals("png") ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.ORANGE);
        graphics.fillRect(0, 0, width / 2, height);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, format, out));
        return out.toByteArray();
    }

    private static BufferedImage read(byte[] bytes) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(bytes));
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "gif", "bmp"})
    void commonFormatsAreTaken(String format) throws IOException {
        BufferedImage taken = read(Pictures.taken(file(format, 300, 200)));
        assertEquals(300, taken.getWidth());
        assertEquals(200, taken.getHeight());
    }

    @ParameterizedTest
    @CsvSource({"4000, 1000, 1600, 400", "100, 3200, 50, 1600", "1600, 1600, 1600, 1600"})
    void largeOnesAreMadeSmaller(int width, int height, int keptWidth, int keptHeight) throws IOException {
        BufferedImage taken = read(Pictures.taken(file("png", width, height)));
        assertEquals(keptWidth, taken.getWidth());
        assertEquals(keptHeight, taken.getHeight());
    }

    /** Taken upright on a phone: the picture lies on its side, and its EXIF says so. Red is to be above. */
    @Test
    void aPictureIsTurnedUprightAsItsExifSays() throws IOException {
        BufferedImage lying = new BufferedImage(200, 100, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = lying.createGraphics();
        graphics.setColor(Color.RED);
        graphics.fillRect(0, 0, 100, 100);
        graphics.dispose();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(lying, "jpg", jpeg);
        // Orientation 6: turn a quarter clockwise to see it upright.
        BufferedImage upright = read(Pictures.taken(oriented(jpeg.toByteArray(), 6)));
        assertEquals(100, upright.getWidth());
        assertEquals(200, upright.getHeight());
        assertTrue(new Color(upright.getRGB(50, 20)).getRed() > 200);
        assertTrue(new Color(upright.getRGB(50, 180)).getRed() < 60);
    }

    /** Puts an EXIF block with nothing but an orientation behind the start of a JPEG. */
    private static byte[] oriented(byte[] jpeg, int orientation) {
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] whole = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, whole, 0, 2);
        System.arraycopy(exif, 0, whole, 2, exif.length);
        System.arraycopy(jpeg, 2, whole, 2 + exif.length, jpeg.length - 2);
        return whole;
    }

    /** One pixel, lossy, as a phone writes it. */
    @Test
    void webpIsTaken() throws IOException {
        byte[] webp = Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
        assertEquals(1, read(Pictures.taken(webp)).getWidth());
    }

    @Test
    void transparencyBecomesPaper() throws IOException {
        BufferedImage taken = read(Pictures.taken(file("png", 200, 100)));
        assertTrue((taken.getRGB(190, 50) & 0xFF) > 245, "the empty half is white");
    }

    @Test
    void whatElseAFileCarriesIsLeftBehind() throws IOException {
        byte[] plain = file("png", 120, 80);
        byte[] trailing = Arrays.copyOf(plain, plain.length + 5000);
        assertTrue(Pictures.taken(trailing).length < 5000);
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        byte[] damaged = Arrays.copyOf(file("png", 120, 80), 40);
        for (byte[] bad : new byte[][] {{}, "<svg/>".getBytes(), damaged, new byte[Pictures.MOST_BYTES + 1]}) {
            BadInput refused = assertThrows(BadInput.class, () -> Pictures.taken(bad));
            assertEquals("picture", refused.problems().get(0).field());
        }
    }

    @Test
    void drawnPicturesHaveSensibleSizes() {
        assertThrows(BadInput.class, () -> Pictures.checkSize(8, 100));
        assertThrows(BadInput.class, () -> Pictures.checkSize(100, 5000));
        Pictures.checkSize(600, 400);
    }
}
