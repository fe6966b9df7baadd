package glanzen.app.template;

import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Server;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Printed templates are measured with a reader that is not ours. */
@ExtendWith(Server.class)
class TemplateApiTest {

    private final Caller caller;

    TemplateApiTest(Caller caller) {
        this.caller = caller;
    }

    /** Lengths of straight lines on a page, mm. */
    private static final class Lines extends PDFGraphicsStreamEngine {
        private final List<Double> mm = new ArrayList<>();
        private Point2D at = new Point2D.Double();

        Lines(PDPage page) {
            super(page);
        }

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            mm.add(at.distance(x, y) * 25.4 / 72);
            at = new Point2D.Double(x, y);
        }

        boolean has(double wanted) {
            return mm.stream().anyMatch(length -> Math.abs(length - wanted) < 0.1);
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void curveTo(float a, float b, float c, float d, float e, float f) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    @ParameterizedTest
    @CsvSource({"A4, 2", "LETTER, 2"})
    void aPrintedTracingSheetIsTrueToATenthOfAMillimetre(String paper, int sheets) throws IOException {
        String id = Asked.setUp(caller, "Prize card, First").path("id").asString();
        byte[] pdf = caller.get("/api/set-ups/" + id + "/template.pdf?kind=TRACING&paper=" + paper)
                .bytes();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertTrue(document.getNumberOfPages() <= sheets, document.getNumberOfPages() + " sheets");
            Lines lines = new Lines(document.getPage(0));
            lines.processPage(document.getPage(0));
            assertTrue(lines.has(50) && lines.has(50.8), "check bars");
            assertTrue(lines.has(150) && lines.has(210), "platform");
            assertTrue(lines.has(48) && lines.has(20), "plate");
        }
    }

    @Test
    void largeTemplatesAreTiledAndEveryTileCarriesItsBars() throws IOException {
        String id = Asked.setUp(caller, "Jar ribbon").path("id").asString();
        byte[] pdf = caller.get("/api/set-ups/" + id + "/template.pdf?kind=STOCK&paper=LETTER")
                .bytes();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages()) {
                Lines lines = new Lines(page);
                lines.processPage(page);
                assertTrue(lines.has(50) && lines.has(50.8));
            }
        }
        String svg = new String(
                caller.get("/api/set-ups/" + id + "/template.svg?kind=FOIL").bytes(), StandardCharsets.UTF_8);
        assertTrue(svg.contains("id=\"check-50mm\" d=\"M6.00") && svg.contains("h50.8"));
        assertTrue(svg.contains("Alder Lane"));
    }
}
