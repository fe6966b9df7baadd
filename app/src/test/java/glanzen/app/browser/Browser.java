package glanzen.app.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.results.Results;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A headless Chromium of exactly 1280×800 that waits for what it is asked to touch. */
final class Browser implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(25);

    private static final int MOST_TABS = 250;

    /** Says whether the thing with the focus, or the label that stands for it, has a line round it; drawn things have their own. */
    private static final String FOCUSED = """
            const e = document.activeElement;
            const lined = (x) => x && getComputedStyle(x).outlineStyle !== 'none' && parseFloat(getComputedStyle(x).outlineWidth) > 0;
            return (e === document.body || e.closest('svg') || lined(e) || lined(e.closest('label')) ? 'seen ' : 'no focus is shown on ') + e.outerHTML.slice(0, 200);""";

    private static final String NAMES = "label-content-name-mismatch";

    /** Rules that axe leaves off by itself. */
    private static final AxeRunOptions AXE = new AxeRunOptions();

    static {
        AxeRuleOptions on = new AxeRuleOptions();
        on.setEnabled(true);
        AXE.setRules(Map.of("target-size", on, NAMES, on));
    }

    private final ChromeDriver driver;
    private final String base;

    Browser(String base) {
        this.base = base;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--hide-scrollbars",
                "--force-device-scale-factor=1",
                "--user-data-dir=" + freshProfile());
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build();
        driver = new ChromeDriver(service, options);
        size(1280, 800);
    }

    private static String freshProfile() {
        try {
            return Files.createTempDirectory("glanzen-browser").toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    void open(String place) {
        driver.get(base + "/#" + place);
    }

    /** Runs on every page before anything of it does. */
    void onEveryPage(String script) {
        driver.executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", script));
    }

    /** Until what was changed has been drawn. */
    void frame() {
        driver.executeAsyncScript(
                "requestAnimationFrame(() => requestAnimationFrame(arguments[arguments.length - 1]))");
    }

    void back() {
        driver.navigate().back();
    }

    /** Takes the network away from the page, or gives it back. */
    void offline(boolean away) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", away, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    void reload() {
        driver.navigate().refresh();
    }

    String place() {
        return driver.getCurrentUrl().replaceFirst(".*#", "");
    }

    WebElement see(String css) {
        return waiting().until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector(css)));
    }

    /** Waits until a thing is seen no more. */
    void gone(String css) {
        waiting().until(ExpectedConditions.invisibilityOfElementLocated(By.cssSelector(css)));
    }

    /** Something that is there, seen or not: files are given to inputs nobody sees. */
    WebElement present(String css) {
        return waiting().until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(css)));
    }

    /** The visible element of a kind whose text has this in it. */
    WebElement see(String tag, String text) {
        return waiting().until(ExpectedConditions.visibilityOfElementLocated(xpath(tag, text)));
    }

    private static By xpath(String tag, String text) {
        return By.xpath("//" + tag + "[contains(normalize-space(.), \"" + text + "\")]");
    }

    void press(String css) {
        touch(By.cssSelector(css));
    }

    void press(String tag, String text) {
        touch(xpath(tag, text));
    }

    /** Touches a thing, once more if it was redrawn at that moment; until then everything on the page was said properly. */
    private void touch(By thing) {
        assertEquals(List.of(), unsaid());
        try {
            pressable(thing).click();
        } catch (StaleElementReferenceException redrawn) {
            pressable(thing).click();
        }
    }

    /** The thing once it can be pressed: one that cannot for a reason keeps its focus, and is not disabled to the browser. */
    private WebElement pressable(By thing) {
        WebElement found = waiting().until(ExpectedConditions.elementToBeClickable(thing));
        waiting().until(d -> found.getDomAttribute("aria-disabled") == null);
        return found;
    }

    /** Goes on with Tab until it stands on what is wanted, and sees on each thing it passes that the focus is shown. */
    void reach(String css, String text) {
        for (int n = 0; n < MOST_TABS; n++) {
            keys(Keys.TAB);
            String at = String.valueOf(script(FOCUSED));
            assertTrue(at.startsWith("seen "), at);
            if (Boolean.TRUE.equals(script(
                    "return document.activeElement.matches(arguments[0])"
                            + " && document.activeElement.textContent.includes(arguments[1])",
                    css,
                    text))) {
                return;
            }
        }
        throw new AssertionError("Tab never comes to " + css + " " + text);
    }

    void reach(String css) {
        reach(css, "");
    }

    /** Does something that leads a run on; once more if it is said that something is cut short. */
    void onward(Runnable on) {
        String now = text("h1");
        on.run();
        until(() -> !text("h1").equals(now) || !all("[data-testid=warning]").isEmpty());
        if (text("h1").equals(now)) {
            on.run();
            until(() -> !text("h1").equals(now));
        }
    }

    /** Types into a field instead of what stands in it. */
    void fill(String css, String text) {
        WebElement field = see(css);
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    void keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
    }

    void chord(Keys modifier, CharSequence key) {
        new Actions(driver).keyDown(modifier).sendKeys(key).keyUp(modifier).perform();
    }

    /** Takes hold of a thing and moves it, a few pixels at a time, as a hand does. */
    void drag(WebElement thing, int right, int down) {
        Actions hand = new Actions(driver).moveToElement(thing).clickAndHold();
        for (int i = 1; i <= 5; i++) {
            hand = hand.moveByOffset(right / 5, down / 5);
        }
        hand.release().perform();
    }

    String text(String css) {
        return see(css).getText().replaceAll("\\s+", " ");
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    void until(Supplier<Boolean> holds) {
        waiting().ignoring(StaleElementReferenceException.class).until(d -> holds.get());
    }

    /** Whether something comes to hold within a while; for what may never do. */
    boolean within(Duration patience, Supplier<Boolean> holds) {
        try {
            new WebDriverWait(driver, patience)
                    .ignoring(StaleElementReferenceException.class)
                    .until(d -> holds.get());
            return true;
        } catch (TimeoutException never) {
            return false;
        }
    }

    Object script(String script, Object... with) {
        return driver.executeScript(script, with);
    }

    /**
     * The violations axe finds on the page, in a line each, sizes of targets and names that differ from what is read included; no frames,
     * so it needs no window of its own to look from.
     */
    @SuppressWarnings("deprecation")
    List<String> serious() {
        Results results = new AxeBuilder().setLegacyMode(true).withOptions(AXE).analyze(driver);
        return results.getViolations().stream()
                .filter(r -> !r.getId().equals(NAMES) || !drawn(r))
                .map(Browser::line)
                .toList();
    }

    /** Texts and labels on the page with a quantity that was not put into the person's units, or with a figure that is none. */
    @SuppressWarnings("unchecked")
    List<String> unsaid() {
        return (List<String>) script("""
                const odd = /\\{(mm|cm2|c|k|s|gsm):|\\bundefined\\b|\\bNaN\\b|\\[object /;
                return [...document.querySelectorAll('body *')].flatMap((e) => [
                  ...[...e.childNodes].filter((n) => n.nodeType === Node.TEXT_NODE).map((n) => n.textContent),
                  ...['aria-label', 'title', 'placeholder'].map((a) => e.getAttribute(a) ?? ''),
                ]).filter((text) => odd.test(text));""");
    }

    /** Targets that are lower than a finger needs, 44 px; a tick counts with its label, a word in a sentence does not. */
    @SuppressWarnings("unchecked")
    List<String> tooSmallForAFinger() {
        return (List<String>) script("""
                return [...document.querySelectorAll('button, a[href], select, summary, input')]
                  .filter((e) => e.checkVisibility() && e.getBoundingClientRect().width > 1)
                  .filter((e) => !e.closest('svg, p, .term') && e.getAttribute('href') !== '#main')
                  .map((e) => (/checkbox|radio/.test(e.type) && e.closest('label')) || e)
                  .filter((e) => e.getBoundingClientRect().height < 43.5)
                  .map((e) => e.tagName + ' ' + (e.getAttribute('aria-label') ?? e.textContent).trim());""");
    }

    /** Whether all of it is in drawings, whose figures are read one by one. */
    private static boolean drawn(Rule rule) {
        return rule.getNodes().stream().allMatch(n -> n.getHtml().startsWith("<g "));
    }

    private static String line(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().get(0).getTarget() + " "
                + rule.getNodes().get(0).getFailureSummary();
    }

    private WebDriverWait waiting() {
        return new WebDriverWait(driver, PATIENCE);
    }

    @Override
    public void close() {
        driver.quit();
    }
}
