package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Five drills without a mouse. */
class DrillJourneyTest extends BrowserTest {

    private static final int DRILLS = 5;
    private static final int MOST_LAYERS = 5;

    DrillJourneyTest(Caller caller) {
        super(caller);
    }

    private int answered() {
        int seen = 0;
        for (var skill : caller.get("/api/drills/progress").json().path("skills")) {
            seen += skill.path("seen").asInt();
        }
        return seen;
    }

    @Test
    void fiveDrillsByKeyboardOnly() {
        int before = answered();
        String logbook = caller.get("/api/pulls").json().toString();
        browser.open("/bench");
        browser.see("h2", "Set-ups");
        browser.keys("9");
        for (int n = 1; n <= DRILLS; n++) {
            int done = before + n;
            browser.see("[data-digits] h2");
            while (browser.all("[role=status] h2").isEmpty()) {
                String asked = browser.text("[data-digits] section h2");
                answer();
                browser.keys(Keys.ENTER);
                browser.until(() -> !browser.all("[role=status] h2").isEmpty()
                        || !browser.text("[data-digits] section h2").equals(asked));
            }
            browser.until(() -> answered() == done);
            browser.see("p", "You’ll see this again");
            if (n == 1) {
                assertEquals(List.of(), browser.serious());
            }
            browser.keys(Keys.ENTER);
            browser.until(() -> browser.all("[role=status] h2").isEmpty());
        }
        assertEquals(List.of(), browser.serious());
        assertTrue(browser.text("aside").contains("due now"));
        assertEquals(logbook, caller.get("/api/pulls").json().toString());
    }

    private void answer() {
        if (!browser.all("input[name=guess]").isEmpty()) {
            browser.keys("12");
        } else if (!browser.all("ol[aria-live]").isEmpty()) {
            for (int n = 1; n <= MOST_LAYERS; n++) {
                browser.keys(Integer.toString(n));
            }
        } else {
            browser.keys("2");
        }
    }
}
