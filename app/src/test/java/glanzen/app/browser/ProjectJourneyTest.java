package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/**
 * Projects of a person's own, each from an empty workshop through all places: what two of them show is compared, and each page says
 * the same once it is read again.
 */
class ProjectJourneyTest extends OwnJourney {

    private void choose(String label, String option) {
        new Select(browser.see("label", label).findElement(org.openqa.selenium.By.xpath("following::select[1]")))
                .selectByVisibleText(option);
    }

    /** Puts kinds on the shelves, as one who ticks them would. */
    private void own(String... kinds) {
        String all = String.join("\", \"", kinds);
        bench.caller().post("/api/beginnings?keep=true", "{\"kinds\": [\"%s\"]}".formatted(all));
    }

    /** A plate or die of one's own, from a drawing. */
    private void draws(String add, String name, String kind, String svg) throws IOException {
        Path file = Files.createTempFile("own", ".svg");
        Files.writeString(file, svg);
        browser.open("/kit/plates");
        browser.press("button", add);
        browser.present("dialog[open] input[type=file]").sendKeys(file.toString());
        browser.see("p", "Read:");
        browser.fill("dialog[open] input[name=name]", name);
        new Select(browser.see("dialog[open] select[name=kind]")).selectByValue(kind);
        browser.press("button", "Save");
        browser.see("strong", name);
    }

    private void paper(String name, String weight) {
        browser.open("/kit/stocks");
        browser.press("button", "Add a stock");
        browser.fill("dialog[open] input[name=name]", name);
        browser.fill("dialog[open] input[name=gsm]", weight + Keys.TAB);
        browser.press("button", "Save");
        browser.see("strong", name);
    }

    private String job(String name, int cards) {
        browser.open("/job");
        press("New job");
        String id = key("/job");
        browser.fill("input[name=cards]", cards + "" + Keys.TAB);
        WebElement title = browser.see("[aria-label='Name of this job']");
        title.sendKeys(Keys.chord(Keys.CONTROL, "a"), name, Keys.TAB);
        browser.until(() -> kept(id).path("name").asString().equals(name));
        browser.until(() -> browser.text("#main").contains(name));
        return id;
    }

    private JsonNode kept(String job) {
        for (JsonNode saved : bench.caller().get("/api/jobs").json()) {
            if (saved.path("id").asString().equals(job)) {
                return saved.path("job");
            }
        }
        throw new AssertionError(job);
    }

    private void piece(String job, String stock, String width, String height, String... operations) {
        int at = kept(job).path("pieces").size();
        press("Add a piece on top");
        choose("From", stock);
        browser.fill("input[name=jobWidth]", width + Keys.TAB);
        browser.fill("input[name=jobHeight]", height + Keys.TAB);
        for (String operation : operations) {
            new Select(browser.see("#add-operation")).selectByValue(operation);
        }
        browser.until(() -> {
            JsonNode piece = kept(job).path("pieces").path(at);
            return piece.path("operations").size() == operations.length
                    && piece.path("heightMm").asDouble() > 0;
        });
    }

    /** Builds the stack of an operation from the job; it is attached to it, once. */
    private String setUp(String job, int piece, int operation, String... picks) {
        int before = bench.caller().get("/api/set-ups").json().size();
        press("New set-up…");
        for (String pick : picks) {
            browser.press("dialog//fieldset//label", pick);
        }
        press("Build the stack");
        browser.gone("dialog[open]");
        browser.until(() -> operation(job, piece, operation).has("setUpId"));
        assertEquals(before + 1, bench.caller().get("/api/set-ups").json().size(), "it is made once");
        return operation(job, piece, operation).path("setUpId").asString();
    }

    private JsonNode operation(String job, int piece, int operation) {
        return kept(job).path("pieces").path(piece).path("operations").path(operation);
    }

    private static int clean(String sentence) {
        return Integer.parseInt(sentence.replaceAll("(?s).*?(\\d+) of 20.*", "$1"));
    }

    /** Runs one by hand, each step as long as it wants, and logs it as good; answers the key of the pull. */
    private String pulled(String setUp) {
        browser.open("/stack/" + setUp);
        browser.see("[data-testid=twenty]");
        press("Run it");
        while (!step().path("kind").asString().equals("LOOK")) {
            onward();
        }
        steady();
        press("Log the pull");
        logged();
        return key("/pulls");
    }

    /** The evening with all jobs; each stretch of a set-up takes as long a pull as its job says. */
    private void evening(String job) {
        browser.open("/bench");
        clicks = 0;
        press("Plan an evening");
        browser.see("dialog[open] input[type=time]");
        press("Make the plan");
        browser.gone("dialog[open]");
        assertTrue(clicks <= 3, clicks + " clicks to an evening");
        browser.see("section[aria-label='The evening as planned']");
        String id = bench.caller().get("/api/bench").json().path("eveningId").asString();
        JsonNode plan = bench.caller().get("/api/evenings/" + id).json();
        JsonNode works = bench.caller().post("/api/jobs/look", kept(job)).json().path("works");
        int compared = 0;
        for (JsonNode work : works) {
            for (String list : new String[] {"blocks", "left"}) {
                for (JsonNode block : plan.path(list)) {
                    boolean same = block.path("setUpId")
                            .asString()
                            .equals(work.path("setUpId").asString());
                    if (same && block.has("eachSeconds") && block.path("count").asInt() > 1) {
                        assertEquals(
                                work.path("seconds").asDouble(),
                                block.path("eachSeconds").asDouble(),
                                1e-6,
                                block + "");
                        compared++;
                    }
                }
            }
        }
        boolean dries = !plan.path("left").isEmpty();
        assertTrue(compared > 0 || dries, "nothing to compare in " + plan);
        steady();
    }

    private void card(String job) {
        browser.open("/card/" + job);
        browser.see("button", "Arrange the pieces");
        clicks = 0;
        press("Arrange the pieces");
        browser.see("h2", "From the bottom up");
        assertTrue(clicks <= 8, clicks + " clicks to a card");
        String title = browser.see("p", "at its thickest").getText();
        String cut = browser.text("svg[aria-label^='Cut through']");
        String thickest = title.replaceAll("(?s).*?([\\d.]+) mm at its thickest.*", "$1");
        assertTrue(cut.contains(thickest), "title and cut: " + title + " / " + cut);
        steady();
        String paper =
                String.valueOf(browser.see("a[href*='paper.pdf?kind=ASSEMBLY']").getDomAttribute("href"));
        assertTrue(bench.caller().get(paper).bytes().length > 1000);
    }

    private void drill() {
        browser.open("/drills");
        clicks = 0;
        browser.see("button", "Answer");
        steady();
        browser.see("button", "Answer");
        browser.keys("1");
        browser.keys(Keys.ENTER);
        clicks += 2;
        browser.see("button", "Next");
        assertTrue(clicks <= 3, clicks + " clicks to a drill");
    }

    @Test
    void thirtyAnnouncementsWithAWordByHotFoilOnAMat() throws IOException {
        browser.open("/");
        browser.see("p", "would come out clean, untried");
        int begun = clean(browser.text("[data-testid=first-pull]"));
        assertEquals(0, clicks, "clicks to a forecast");
        press("See the first pull");
        String first = key("/stack");
        assertEquals(begun, clean(browser.text("[data-testid=twenty]")), "the beginning and the stack");
        steady();

        draws("Add a tool", "Save the day", "PLATE", """
                <svg xmlns="http://www.w3.org/2000/svg" width="50mm" height="14mm" viewBox="0 0 50 14">
                  <path d="M2 2h8v10h-8z M14 2h8v10h-8z M26 2h8v10h-8z M38 2h8v10h-8z"/></svg>""");
        paper("Grey felt", "80 lb cover");
        String job = job("Announcements", 30);
        piece(job, "Grey felt", "110 mm", "80 mm");
        piece(job, "Smooth white card", "90 mm", "60 mm", "HOT_FOIL");
        String setUp = setUp(job, 1, 0, "Save the day", "Gold foil");
        steady();
        browser.see("p", "each");
        int inJob = clean(browser.see("p", "of 20 clean").getText());
        browser.open("/layout/" + setUp);
        browser.see("[data-plate]");
        JsonNode piece = bench.caller()
                .get("/api/set-ups/" + setUp)
                .json()
                .path("draft")
                .path("layout")
                .path("piece");
        assertEquals(90, piece.path("widthMm").asDouble(), "the piece's size travels with it");
        steady();
        browser.open("/stack/" + setUp);
        assertEquals(inJob, clean(browser.text("[data-testid=twenty]")), "job and stack");
        steady();

        String pull = pulled(setUp);
        steady();
        reads(setUp, pull);
        card(job);
        evening(job);
        drill();
        browser.open("/kit");
        browser.see("h1", "Kit");
        steady();
        assertTrue(first.startsWith("setup-"));
    }

    @Test
    void twelveBadgesWithFlockOnGelAndACutEdge() throws IOException {
        own(
                "crank-wide",
                "base",
                "outer-plates",
                "plastic-shim",
                "card-shims",
                "paper-shims",
                "metal-shim",
                "folded-paper",
                "flock",
                "card-white",
                "stencil");
        draws("Add a tool", "Badge edge", "THIN_DIE", """
                <svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="60mm" viewBox="0 0 60 60">
                  <circle cx="30" cy="30" r="27" fill="none" stroke="black" stroke-width="0.1"/></svg>""");
        String job = job("Badges", 12);
        piece(job, "Smooth white card", "70 mm", "70 mm", "GEL", "GEL_DRY", "FLOCK", "CUT");
        String flock = setUp(job, 0, 2, "Flock", "Smooth white card");
        String cut = setUp(job, 0, 3, "Badge edge");
        steady();
        for (String setUp : List.of(flock, cut)) {
            browser.open("/stack/" + setUp);
            assertTrue(
                    browser.within(
                            Duration.ofSeconds(9),
                            () -> !browser.all("[data-testid=twenty]").isEmpty()),
                    () -> browser.text("#main"));
            int inStack = clean(browser.text("[data-testid=twenty]"));
            JsonNode look = bench.caller().post("/api/jobs/look", kept(job)).json();
            for (JsonNode work : look.path("works")) {
                if (work.path("setUpId").asString().equals(setUp)) {
                    assertEquals(inStack, work.path("twenty").path("clean").asInt(), "job and stack");
                    assertEquals(70, work.path("pieceWidthMm").asDouble(), "the piece's size goes along");
                }
            }
            steady();
        }
        pulled(cut);
        steady();
        card(job);
        evening(job);
        drill();
    }

    @Test
    void aShakerWindowWithTonerLabelsInTwoSizes() throws IOException {
        own(
                "roller-foiler",
                "crank-narrow",
                "outer-plates",
                "plastic-shim",
                "card-shims",
                "carrier",
                "foil-transfer",
                "toner-sheet",
                "card-white",
                "acetate",
                "print");
        draws("Add a tool", "Window", "THIN_DIE", """
                <svg xmlns="http://www.w3.org/2000/svg" width="2in" height="2in" viewBox="0 0 192 192">
                  <rect x="8" y="8" width="176" height="176" rx="20" fill="none" stroke="black" stroke-width="0.3"/></svg>""");
        paper("Dove", "110 lb cover");
        String job = job("Shaker", 6);
        piece(job, "Dove", "105 mm", "148 mm", "WINDOW");
        piece(job, "Laser print", "60 mm", "20 mm", "TONER_FOIL", "TRIM");
        String large = setUp(job, 1, 0);
        piece(job, "Laser print", "40 mm", "14 mm", "TONER_FOIL", "TRIM");
        String small = setUp(job, 2, 0);
        steady();
        for (String[] label : new String[][] {{large, "60", "20"}, {small, "40", "14"}}) {
            JsonNode piece = bench.caller()
                    .get("/api/set-ups/" + label[0])
                    .json()
                    .path("draft")
                    .path("layout")
                    .path("piece");
            assertEquals(Double.parseDouble(label[1]), piece.path("widthMm").asDouble(), "cut to its own size");
            browser.open("/stack/" + label[0]);
            browser.see("[data-testid=twenty]");
            steady();
        }
        // The window has no set-up yet: the evening says so, and plans the labels.
        evening(job);
        browser.see("[data-testid=missing]");
        assertTrue(browser.text("[data-testid=missing]").contains("has no set-up yet"), "what is missing is said");
        String pull = pulled(large);
        String sheet =
                bench.caller().get("/api/pulls/" + pull).json().path("title").asString();
        assertTrue(!sheet.isEmpty());
        card(job);
        drill();
    }

    /** A picture of the pull, as a phone would take it, read off: what it comes to is kept with the pull. */
    private void reads(String setUp, String pull) throws IOException {
        JsonNode trial = bench.caller()
                .post("/api/runs?trial=true&seed=3&setUpId=" + setUp, "")
                .json();
        String run = trial.path("id").asString();
        byte[] picture =
                bench.caller().get("/api/readings/simulated?runId=" + run).bytes();
        bench.caller()
                .post(
                        "/api/runs/" + run + "/actions?action=LEAVE&version="
                                + trial.path("version").asLong(),
                        "");
        Path file = Files.createTempFile("pull", ".jpg");
        Files.write(file, picture);
        browser.open("/pulls/" + pull);
        clicks = 0;
        browser.press("a", "Read a picture of it");
        clicks++;
        browser.present("input[type=file]").sendKeys(file.toString());
        clicks++;
        browser.until(() -> browser.text("h1").contains("% of "));
        browser.see("h2", "Likely causes");
        int sum = browser.all("section li .text-title, ul li .text-title").stream()
                .mapToInt(e -> Integer.parseInt(e.getText()))
                .sum();
        assertEquals(20, sum, "causes in twenty");
        press("Keep the picture with the pull");
        browser.until(() -> browser.place().equals("/pulls/" + pull));
        assertTrue(clicks <= 4, clicks + " clicks to a picture read");
        steady();
    }
}
