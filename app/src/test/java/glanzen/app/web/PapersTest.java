package glanzen.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Asked;
import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** Tables, calendars and sheets are read back by readers that are not ours. */
@ExtendWith(Server.class)
class PapersTest {

    private static final String NAME = "Żółć “Łódź” – Ünïcorn, ½ ≤ ⅛, Мёд Ωμέγα ✓";

    private final Caller caller;

    PapersTest(Caller caller) {
        this.caller = caller;
    }

    private CSVParser table(String path, char separator) throws IOException {
        Reply reply = caller.get(path);
        assertEquals(200, reply.status());
        String text = new String(reply.bytes(), StandardCharsets.UTF_8);
        return CSVParser.parse(
                text.startsWith("\ufeff") ? text.substring(1) : text,
                CSVFormat.RFC4180.builder().setHeader().setDelimiter(separator).get());
    }

    @Test
    void theLogbookIsATableWithARowForEachPull() throws IOException {
        long pulls = caller.get("/api/pulls?size=1").json().path("total").asLong();
        try (CSVParser table = table("/api/pulls.csv", ',')) {
            assertEquals(pulls, table.getRecords().size());
        }
        assertTrue(new String(
                        caller.get("/api/pulls.csv?marked=true&separator=SEMICOLON")
                                .bytes(),
                        StandardCharsets.UTF_8)
                .startsWith("\ufeffNo.;"));
    }

    @Test
    void theCutListIsATable() throws IOException {
        String id = Asked.setUp(caller, "Prize card, First").path("id").asString();
        try (CSVParser table = table("/api/layouts/" + id + "/cuts.csv?cards=12", ',')) {
            var rows = table.getRecords();
            assertEquals("stock", rows.get(0).get("Kind"));
            assertTrue(rows.size() > 1
                    && rows.stream().allMatch(r -> r.get("Pieces").equals("12")));
        }
    }

    @Test
    void noCellOfTheKitIsRunByASpreadsheetAndEveryNameSurvives() throws IOException {
        ObjectNode board = (ObjectNode)
                caller.get("/api/kit").json().path("boards").get(0).path("item").deepCopy();
        for (String name : new String[] {"=1+2", "@x", NAME}) {
            board.put("name", name);
            assertEquals(201, caller.post("/api/kit/boards", board).status());
        }
        try (CSVParser table = table("/api/kit.csv?separator=TAB", '\t')) {
            var names = table.getRecords().stream().map(r -> r.get("Name")).toList();
            assertTrue(names.contains(NAME) && names.contains("'=1+2") && names.contains("'@x"), names.toString());
            assertFalse(names.stream().anyMatch(n -> n.startsWith("=")));
        }
    }

    @Test
    void aRunSheetCarriesItsLettersAndIsPrintedAsLargeAsItIs() throws IOException {
        ObjectNode setUp = (ObjectNode) Asked.setUp(caller, "Rosette, cut");
        String id = setUp.path("id").asString();
        setUp.put("name", NAME);
        String version = "?version=" + setUp.path("version").asLong();
        setUp.retain("name", "draft");
        assertEquals(200, caller.put("/api/set-ups/" + id + version, setUp).status());
        Reply run = caller.post("/api/runs?setUpId=" + id, "");
        Reply sheet = caller.get("/api/runs/" + run.json().path("id").asString() + "/sheet.pdf");
        assertTrue(
                sheet.headers().toString().contains("%C5%BC"), sheet.headers().toString());
        try (PDDocument pdf = Loader.loadPDF(sheet.bytes())) {
            String text = new PDFTextStripper().getText(pdf);
            assertTrue(text.contains("Get ready") && text.contains("Step by step"), text);
            assertEquals(NAME, pdf.getDocumentInformation().getTitle());
            assertEquals("None", pdf.getDocumentCatalog().getViewerPreferences().getPrintScaling());
            for (var name : pdf.getPage(0).getResources().getFontNames()) {
                PDFont font = pdf.getPage(0).getResources().getFont(name);
                assertTrue(font.isEmbedded());
            }
        }
    }

    @Test
    void gelOnTheBenchIsInTheCalendarUntilItMustBeUsed() throws IOException, ParserException {
        int panels = caller.get("/api/dryings").json().size();
        byte[] ics = caller.get("/api/dryings.ics").bytes();
        assertEquals(
                2 * panels,
                new CalendarBuilder()
                        .build(new ByteArrayInputStream(ics))
                        .getComponents(Component.VEVENT)
                        .size());
    }
}
