package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import glanzen.measure.BadInput;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** SVG as drawing programs of many kinds write it. */
class SvgWritersTest {

    private static final int PX_PER_MM = 20;

    static Stream<Path> files() throws URISyntaxException, IOException {
        Path folder = Path.of(
                Objects.requireNonNull(SvgWritersTest.class.getResource("/svg")).toURI());
        return Files.list(folder).sorted();
    }

    /** What a rasteriser makes dark, mm². */
    private static double rasterised(byte[] file) {
        SVGDocument document = Objects.requireNonNull(
                new SVGLoader().load(new ByteArrayInputStream(file), null, LoaderContext.createDefault()));
        double mm = 25.4 / 96;
        int width = (int) Math.ceil(document.size().width * mm * PX_PER_MM);
        int height = (int) Math.ceil(document.size().height * mm * PX_PER_MM);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.scale(mm * PX_PER_MM, mm * PX_PER_MM);
        document.renderWithPlatform(NullPlatformSupport.INSTANCE, g, new ViewBox(document.size()));
        g.dispose();
        long dark = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int rgb = image.getRGB(x, y);
                int light = (rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255);
                dark += light < 3 * 242 ? 1 : 0;
            }
        }
        return dark / (double) (PX_PER_MM * PX_PER_MM);
    }

    @ParameterizedTest
    @MethodSource("files")
    void whatIsReadIsWhatIsDrawn(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        SvgReader.Outline outline = SvgReader.read(bytes, 96);
        // The rasteriser knows no switch: it is shown what is to be chosen.
        String text = new String(bytes, StandardCharsets.ISO_8859_1)
                .replaceAll("<switch>.*?</foreignObject>", "<g>")
                .replace("</switch>", "</g>");
        double drawn = rasterised(text.getBytes(StandardCharsets.ISO_8859_1));
        assertTrue(outline.shape().isValid());
        assertEquals(
                drawn,
                outline.shape().getArea(),
                0.01 * drawn,
                file.getFileName().toString());
    }

    private static SvgReader.Outline read(String inside) {
        return SvgReader.read("<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
                + inside + "</svg>");
    }

    @Test
    void unitsThatSayNothingAreAsked() throws IOException, URISyntaxException {
        byte[] file = Files.readAllBytes(
                files().filter(f -> f.endsWith("no-units.svg")).findFirst().orElseThrow());
        SvgReader.Outline guessed = SvgReader.read(file, 96);
        assertFalse(guessed.sized());
        assertEquals(guessed.widthMm() * 96 / 72, SvgReader.read(file, 72).widthMm(), 0.05);
        assertTrue(read("<rect width='9' height='9'/>").sized());
    }

    @Test
    void hairlinesAreLinesToCutAlong() {
        SvgReader.Outline cut = read("<path fill='none' stroke='red' stroke-width='0.01' d='M5 5h40v20h-40z'/>");
        assertTrue(cut.hairline());
        assertEquals(40, cut.widthMm(), 0.01);
        assertTrue(cut.shape().getArea() < 120, "a line, not a plate");
        assertFalse(read("<path fill='none' stroke='red' stroke-width='1' d='M5 5h40v20h-40z'/>")
                .hairline());
    }

    @Test
    void whatIsPassedOverIsNamed() {
        SvgReader.Outline odd = read("<image width='9' height='9' href='data:image/png;base64,AAAA'/>"
                + "<script>1</script><linearGradient id='g'><stop stop-color='red'/><stop offset='1' stop-color='blue'/></linearGradient>"
                + "<rect width='20' height='9' fill='url(#g)'/>");
        assertEquals(List.of("a picture", "a script", "a gradient or pattern, taken as full colour"), odd.skipped());
    }

    @Test
    void aDrawingInWhiteAloneIsADrawing() {
        assertEquals(
                200, read("<rect width='20' height='10' fill='white'/>").shape().getArea(), 0.1);
    }

    @Test
    void lettersAreDrawnOnlyIfTheyShip() {
        BadInput refused =
                assertThrows(BadInput.class, () -> read("<text x='0' y='20' font-family='Grand Hand'>First</text>"));
        assertTrue(refused.problems().get(0).message().contains("outlines"));
        SvgReader.Outline own =
                read("<text x='5' y='20' style=\"font-family:'Atkinson Hyperlegible Next';font-size:12px\">ll</text>");
        assertTrue(own.heightMm() > 6 && own.heightMm() < 12, "height " + own.heightMm());
    }

    @Test
    void nothingIsFetched() {
        byte[] bytes =
                "<svg xmlns='http://www.w3.org/2000/svg'><style>@import url('http://example.invalid/a.css');</style><rect width='99' height='99'/></svg>"
                        .getBytes(StandardCharsets.UTF_8);
        assertTrue(SvgReader.read(bytes, 96).shape().getArea() > 100);
    }
}
