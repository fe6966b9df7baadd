package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** Tonight is planned, runs late, is planned anew, and goes to the calendar. */
class EveningJourneyTest extends BrowserTest {

    EveningJourneyTest(Caller caller) {
        super(caller);
    }

    private JsonNode evening() {
        String id = caller.get("/api/bench").json().path("eveningId").asString();
        return caller.get("/api/evenings/" + id).json();
    }

    /** Whatever time it is, and however far other tests have moved the clock: there are hours enough left of the day. */
    private void nextMorning() {
        ZonedDateTime now = Instant.parse(
                        caller.get("/api/bench").json().path("now").asString())
                .atZone(ZoneId.systemDefault());
        ZonedDateTime nine = now.toLocalDate().plusDays(1).atTime(9, 0).atZone(now.getZone());
        caller.post("/api/bench/skip?seconds=" + Duration.between(now, nine).toSeconds(), "");
    }

    private long begun() {
        return StreamSupport.stream(evening().path("blocks").spliterator(), false)
                .filter(b -> b.path("begunAt").isString())
                .count();
    }

    @Test
    void tonightIsPlannedRunsLateAndIsPlannedAnew() {
        nextMorning();
        browser.open("/bench");
        // The show's own plan goes first.
        browser.press("button", "Delete plan");
        browser.press("button", "Plan an evening");
        browser.see("legend", "When you are at the bench");
        // Only the badges tonight.
        List<WebElement> jobs = browser.all("fieldset input[type=checkbox]");
        for (int n = 0; n < jobs.size(); n++) {
            if (n != 2) {
                jobs.get(n).click();
            }
        }
        browser.press("button", "Make the plan");
        browser.see("svg[aria-label^='The plan of']");
        browser.until(() -> !evening().path("searching").asBoolean());
        assertEquals(List.of(), browser.serious());
        JsonNode first = evening().path("blocks").get(0);
        WebElement block =
                browser.see("g[role=button][aria-label*='" + first.path("title").asString() + "']");
        block.sendKeys(Keys.ARROW_RIGHT);
        browser.until(() -> evening().path("blocks").toString().contains("\"fixed\":true"));
        browser.press("button", "Unpin");
        browser.until(() -> !evening().path("blocks").toString().contains("\"fixed\":true"));
        browser.until(() -> !evening().path("searching").asBoolean());
        caller.post("/api/bench/skip?seconds=5400", "");
        browser.open("/kit/boards");
        browser.see("h1", "Kit");
        browser.open("/bench");
        browser.see("p", "behind the plan");
        browser.press("button", "Plan the rest again");
        browser.until(() -> evening().path("behindSeconds").asInt() == 0);
        String link = browser.see("a[href$='.ics']").getDomAttribute("href");
        String calendar = new String(caller.get(String.valueOf(link)).bytes(), StandardCharsets.UTF_8);
        assertTrue(calendar.contains("BEGIN:VEVENT"), calendar);
        browser.press("button", "Start");
        browser.until(() -> begun() == 1);
        // Whoever begins something else meanwhile is asked what became of the first.
        List<WebElement> items = browser.all("ol[aria-label='What to do'] button[aria-expanded]");
        items.get(items.size() - 1).click();
        browser.see("button[aria-label^='Start: ']").click();
        browser.see("div", "is not over");
        assertEquals(1, begun());
        browser.press("button", "Both go on");
        browser.until(() -> begun() == 2);
        assertEquals(List.of(), browser.serious());
        browser.press("button", "Done");
        browser.until(() -> evening().path("blocks").toString().contains("\"doneAt\":\"2"));
        browser.press("button", "Delete plan");
        browser.see("button", "Plan an evening");
    }
}
