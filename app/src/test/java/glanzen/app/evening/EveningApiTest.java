package glanzen.app.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class EveningApiTest {

    private final Caller caller;

    EveningApiTest(Caller caller) {
        this.caller = caller;
    }

    private static String text(Reply reply) {
        return new String(reply.bytes(), StandardCharsets.UTF_8);
    }

    private Instant now() {
        return Instant.parse(caller.get("/api/bench").json().path("now").asString());
    }

    private ObjectNode asked(int hours, String... jobs) {
        ObjectNode asked = JsonNodeFactory.instance.objectNode().put("people", 1);
        ArrayNode ids = asked.putArray("jobIds");
        for (JsonNode job : caller.get("/api/jobs").json()) {
            if (jobs.length == 0
                    || List.of(jobs).contains(job.path("job").path("name").asString())) {
                ids.add(job.path("id").asString());
            }
        }
        Instant from = now().plusSeconds(600);
        asked.putArray("hours")
                .addObject()
                .put("from", from.toString())
                .put("to", from.plus(Duration.ofHours(hours)).toString());
        asked.putArray("due");
        asked.putArray("quiet");
        return asked;
    }

    private JsonNode planned(ObjectNode asked) {
        Reply reply = caller.post("/api/evenings", asked);
        assertEquals(201, reply.status(), text(reply));
        JsonNode view = reply.json();
        return caller.post("/api/evenings/" + view.path("id").asString() + "/stop", "")
                .json();
    }

    private static Instant at(JsonNode block, String when) {
        return Instant.parse(block.path(when).asString());
    }

    @Test
    void jobsAreLaidIntoTheHoursOneAfterAnother() {
        JsonNode evening = planned(asked(12, "Prize cards"));
        assertEquals(0, evening.path("left").size(), evening.path("left").toString());
        Instant free = Instant.MIN;
        for (JsonNode block : evening.path("blocks")) {
            assertFalse(at(block, "from").isBefore(free), "one pair of hands");
            free = at(block, "to");
        }
        assertEquals(free, at(evening, "endAt"));
        for (JsonNode spell : evening.path("spells")) {
            assertTrue(at(spell, "from").isBefore(at(spell, "hotFrom")));
        }
        assertTrue(evening.path("heatUps").asInt() >= 1);
        assertEquals(
                evening.path("id").asString(),
                caller.get("/api/bench").json().path("eveningId").asString());
    }

    @Test
    void whatDoesNotFitIsSaidWithAWayOut() {
        JsonNode evening = planned(asked(2, "Prize cards"));
        assertTrue(evening.path("left").size() > 0);
        assertTrue(evening.path("ways").size() > 0);
        Set<String> kinds = new HashSet<>();
        evening.path("ways").forEach(w -> kinds.add(w.path("kind").asString()));
        assertTrue(kinds.contains("FEWER"), kinds.toString());
    }

    @Test
    void nonsenseIsRefusedWithItsPlace() {
        ObjectNode none = asked(3, "No such job");
        assertTrue(text(caller.post("/api/evenings", none)).contains("jobIds"));
        ObjectNode over = asked(3, "Prize cards");
        ((ObjectNode) over.path("hours").get(0))
                .put("to", now().minusSeconds(60).toString());
        ((ObjectNode) over.path("hours").get(0))
                .put("from", now().minusSeconds(6000).toString());
        Reply past = caller.post("/api/evenings", over);
        assertEquals(422, past.status());
        assertTrue(text(past).contains("hours"), text(past));
        ObjectNode twice = asked(3, "Prize cards");
        ((ArrayNode) twice.path("hours")).add(twice.path("hours").get(0));
        assertEquals(422, caller.post("/api/evenings", twice).status());
        assertEquals(404, caller.get("/api/evenings/none").status());
    }

    @Test
    void aJobSaysWhenItWillBeDone() {
        JsonNode evening = planned(asked(12, "Prize cards"));
        String prize = evening.path("blocks").get(0).path("jobId").asString();
        JsonNode of = caller.get("/api/evenings/outlook?jobId=" + prize).json();
        assertTrue(of.path("planned").asBoolean());
        assertEquals(evening.path("endAt"), of.path("doneAt"));
        assertEquals(evening.path("blocks").get(0).path("from"), of.path("beginsAt"));
        String other = asked(1, "Stall signs").path("jobIds").get(0).asString();
        JsonNode beside = caller.get("/api/evenings/outlook?jobId=" + other).json();
        assertFalse(beside.path("planned").asBoolean());
        assertTrue(at(beside, "doneAt").isAfter(at(evening, "endAt").minusSeconds(3600)), "hands are taken till then");
    }

    @Test
    void twoStretchesAreBegunAtOnceOnlyOnPurpose() {
        JsonNode evening = planned(asked(9, "Stall signs"));
        String begin = "/api/evenings/" + evening.path("id").asString() + "/happened?over=false&task=";
        String first = evening.path("blocks").get(0).path("task").asString().replace("/", "%2F");
        String second = evening.path("blocks").get(1).path("task").asString().replace("/", "%2F");
        JsonNode begun = caller.post(begin + first + version(evening), "").json();
        assertEquals(evening.path("blocks").get(0).path("task"), begun.path("handsTakenBy"));
        assertEquals(422, caller.post(begin + second + version(begun), "").status());
        JsonNode both = caller.post(begin + second + "&beside=true" + version(begun), "")
                .json();
        long on = StreamSupport.stream(both.path("blocks").spliterator(), false)
                .filter(b -> b.path("begunAt").isString())
                .count();
        assertEquals(2, on);
    }

    @Test
    void whatHappensLateMovesWhatFollows() {
        JsonNode evening = planned(asked(9, "Steward’s badges", "Stall signs"));
        String at = "/api/evenings/" + evening.path("id").asString();
        String first = evening.path("blocks").get(0).path("task").asString().replace("/", "%2F");
        caller.post("/api/bench/skip?seconds=3600", "");
        JsonNode begun = caller.post(at + "/happened?over=false&task=" + first + version(evening), "")
                .json();
        assertEquals(0, begun.path("behindSeconds").asInt(), "the rest gave way");
        caller.post("/api/bench/skip?seconds=3600", "");
        assertTrue(caller.get(at).json().path("behindSeconds").asInt() > 0);
        JsonNode done = caller.post(at + "/happened?over=true&task=" + first + version(begun), "")
                .json();
        assertEquals(0, done.path("behindSeconds").asInt());
        assertEquals(409, caller.post(at + "/again?x=1" + version(evening), "").status(), "somebody changed it");
        JsonNode again = caller.post(at + "/again?x=1" + version(done), "").json();
        assertEquals(0, again.path("behindSeconds").asInt());
        Instant now = now();
        for (JsonNode block : again.path("blocks")) {
            boolean over = block.path("doneAt").isString();
            assertTrue(over || !at(block, "from").isBefore(now.minusSeconds(5)), block.toString());
        }
        assertEquals(
                evening.path("blocks").size() + evening.path("left").size(),
                again.path("blocks").size() + again.path("left").size());
    }

    @Test
    void aRunSaysByItselfThatItsStretchIsBegun() {
        JsonNode evening = planned(asked(9, "Jar ribbons"));
        String at = "/api/evenings/" + evening.path("id").asString();
        JsonNode foil = evening.path("blocks").get(0);
        for (JsonNode block : evening.path("blocks")) {
            foil = block.path("setUpId").isString() ? block : foil;
        }
        boolean scrap = foil.path("title").asString().startsWith("Test");
        Reply run = caller.post(
                "/api/runs?setUpId=" + foil.path("setUpId").asString() + "&wanted="
                        + foil.path("count").asInt() + "&scrap=" + scrap,
                "");
        assertEquals(201, run.status(), text(run));
        JsonNode after = caller.get(at).json();
        assertTrue(after.path("blocks").toString().contains("\"begunAt\":\"2"), after.toString());
        assertEquals(
                evening.path("sequence").asInt() + 1, after.path("sequence").asInt());
        caller.post(
                "/api/runs/" + run.json().path("id").asString() + "/actions?action=LEAVE&version="
                        + run.json().path("version").asLong(),
                "");
    }

    @Test
    void whatGoesThroughAtOnceSaysWhereItLies() {
        JsonNode evening = planned(asked(24));
        JsonNode lay = null;
        for (JsonNode block : evening.path("blocks")) {
            lay = block.path("lay").isObject() ? block.path("lay") : lay;
        }
        assertTrue(
                lay != null && lay.path("things").size() > 1,
                evening.path("blocks").toString());
        for (JsonNode thing : lay.path("things")) {
            assertTrue(thing.path("outline").asString().startsWith("M"));
        }
    }

    private static String version(JsonNode evening) {
        return "&sequence=" + evening.path("sequence").asLong();
    }

    @Test
    void aBlockThatWasPutSomewhereStaysThereAndTheRestGivesWay() {
        JsonNode evening = planned(asked(9, "Jar ribbons"));
        String at = "/api/evenings/" + evening.path("id").asString();
        JsonNode first = evening.path("blocks").get(0);
        String task = first.path("task").asString();
        Instant later = at(first, "from").plusSeconds(1800);
        JsonNode moved = caller.put(at + "/fixed?task=" + task + "&at=" + later + version(evening), "")
                .json();
        boolean there = false;
        for (JsonNode block : moved.path("blocks")) {
            if (block.path("task").asString().equals(task)) {
                there = at(block, "from").equals(later) && block.path("fixed").asBoolean();
            }
        }
        assertTrue(there, moved.path("blocks").toString());
        Reply night =
                caller.put(at + "/fixed?task=" + task + "&at=" + later.plus(Duration.ofDays(2)) + version(moved), "");
        assertEquals(422, night.status(), "nobody is there");
        JsonNode free =
                caller.put(at + "/fixed?task=" + task + version(moved), "").json();
        free.path("blocks").forEach(b -> assertFalse(b.path("fixed").asBoolean()));
    }

    @Test
    void whatIsLeftOutByHandIsLeftWithAllThatWaitsForIt() {
        JsonNode evening = planned(asked(9, "Jar ribbons"));
        String at = "/api/evenings/" + evening.path("id").asString();
        String first = evening.path("blocks").get(0).path("task").asString();
        JsonNode less = caller.put(at + "/left-out?out=true&task=" + first + version(evening), "")
                .json();
        assertTrue(less.path("blocks").size() < evening.path("blocks").size());
        assertTrue(less.path("left").toString().contains("BY_HAND"));
        JsonNode again = caller.put(at + "/left-out?out=false&task=" + first + version(less), "")
                .json();
        assertEquals(evening.path("blocks").size(), again.path("blocks").size());
    }

    private static int sequence(Calendar calendar) {
        return calendar.<VEvent>getComponents(Component.VEVENT)
                .get(0)
                .getSequence()
                .getSequenceNo();
    }

    @Test
    void theCalendarIsReadByTwoReaders() throws IOException, ParserException {
        JsonNode evening = planned(asked(9, "Drip cards, positive and negative"));
        String at = "/api/evenings/" + evening.path("id").asString();
        byte[] ics = caller.get(at + ".ics").bytes();
        Calendar calendar = new CalendarBuilder().build(new ByteArrayInputStream(ics));
        List<VEvent> events = calendar.getComponents(Component.VEVENT);
        int wanted = evening.path("blocks").size()
                + evening.path("spells").size()
                + evening.path("waits").size();
        assertEquals(wanted, events.size());
        Set<String> uids = new HashSet<>();
        events.forEach(e -> uids.add(e.getUid().orElseThrow().getValue()));
        assertEquals(wanted, uids.size(), "each has a UID of its own");
        // Line by line, as RFC 5545 folds them.
        String plain = new String(ics, StandardCharsets.UTF_8);
        assertTrue(plain.lines().allMatch(l -> l.getBytes(StandardCharsets.UTF_8).length <= 75), "lines are folded");
        String unfolded = plain.replaceAll("\r\n[ \t]", "");
        Matcher starts = Pattern.compile("(?m)^DTSTART:(\\d{8}T\\d{6}Z)\r?$").matcher(unfolded);
        assertEquals(wanted, starts.results().count());
        long alarms =
                Pattern.compile("BEGIN:VALARM").matcher(unfolded).results().count();
        assertTrue(alarms > 0 && alarms < wanted, "hands are called where they are not at work: " + alarms);
        long sequenceNow = caller.get(at).json().path("sequence").asLong();
        caller.post(at + "/again?sequence=" + sequenceNow, "");
        caller.post(at + "/stop", "");
        Calendar later = new CalendarBuilder()
                .build(new ByteArrayInputStream(caller.get(at + ".ics").bytes()));
        assertTrue(sequence(later) >= sequence(calendar), "a later plan counts as newer");
        Set<String> again = new HashSet<>();
        later.<VEvent>getComponents(Component.VEVENT)
                .forEach(e -> again.add(e.getUid().orElseThrow().getValue()));
        assertTrue(again.containsAll(uids) || uids.containsAll(again), "what is planned anew is no other entry");
        byte[] pdf = caller.get(at + ".pdf?paper=A4&zone=Europe/Berlin").bytes();
        try (PDDocument sheet = Loader.loadPDF(pdf)) {
            assertTrue(new PDFTextStripper().getText(sheet).contains("Get ready"));
        }
    }
}
