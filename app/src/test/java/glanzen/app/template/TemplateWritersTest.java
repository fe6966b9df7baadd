package glanzen.app.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.template.Template;
import glanzen.template.Template.Area;
import glanzen.template.Template.Line;
import glanzen.template.Template.Style;
import glanzen.template.Template.Words;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.w3c.dom.Document;

class TemplateWritersTest {

    private static Template template(double width, double height, String title) {
        List<Template.Mark> marks = new ArrayList<>();
        for (Style style : Style.values()) {
            double at = style.ordinal() * 3;
            marks.add(new Area(new GeometryFactory().toGeometry(new Envelope(at, width - at, at, height - at)), style));
        }
        marks.add(new Line(0, 0, width, height, Style.CENTRE));
        marks.add(new Words(width / 2, height / 2, 3, "a < b & “c” 漢"));
        return new Template(title, width, height, marks);
    }

    private static PDDocument pdf(double width, double height, Paper paper) throws IOException {
        return Loader.loadPDF(new TemplatePdf(template(width, height, "Trial"), paper).write());
    }

    @ParameterizedTest
    @CsvSource({
        "100, 100, A4, 1",
        "190, 255, A4, 1",
        "255, 150, A4, 1",
        "300, 150, A4, 2",
        "190, 400, A4, 2",
        "400, 400, A4, 6",
        "195, 235, LETTER, 1",
        "236, 236, LETTER, 2"
    })
    void largeSheetsAreTiled(double width, double height, Paper paper, int pages) throws IOException {
        try (PDDocument document = pdf(width, height, paper)) {
            assertEquals(pages, document.getNumberOfPages());
        }
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void everyTileSaysWhichItIsAndHowToCheckIt(Paper paper) throws IOException {
        try (PDDocument document = pdf(400, 150, paper)) {
            PDFTextStripper text = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                text.setStartPage(page);
                text.setEndPage(page);
                String read = text.getText(document);
                assertTrue(read.contains("sheet " + page + " of " + document.getNumberOfPages()), read);
                assertTrue(read.contains("50 mm") && read.contains("2 in") && read.contains("100 %"));
            }
        }
    }

    @Test
    void aSingleSheetIsNotNumbered() throws IOException {
        try (PDDocument document = pdf(100, 100, Paper.A4)) {
            assertFalse(new PDFTextStripper().getText(document).contains("sheet 1 of 1"));
            assertEquals("Trial", document.getDocumentInformation().getTitle());
        }
    }

    @Test
    void theSvgIsWellFormedAtTrueScaleWhateverTheWords() throws Exception {
        String svg = TemplateSvg.write(template(120, 80, "For <you> & me"));
        Document document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertEquals("132.00mm", document.getDocumentElement().getAttribute("width"));
        assertTrue(document.getDocumentElement().getAttribute("viewBox").startsWith("0 0 132.00"));
        assertEquals(
                "For <you> & me", document.getElementsByTagName("title").item(0).getTextContent());
        assertTrue(svg.contains("d=\"M0 0L120 0L120 80L0 80Z\"") || svg.contains("M0 0L0 80"), svg.substring(0, 900));
    }

    @ParameterizedTest
    @CsvSource({"'Prize card, First', prize-card-first", "'  Ä & b ', ä-b", "TRACING, tracing"})
    void fileNamesArePlain(String name, String slug) {
        assertEquals(slug, Printed.slug(name));
    }
}
