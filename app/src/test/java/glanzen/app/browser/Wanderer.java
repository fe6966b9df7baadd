package glanzen.app.browser;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;

/**
 * Presses what can be pressed, at random but always the same for a seed, and writes down whatever a page should never do: an error in
 * the console, a server's fault, a sentence that is none, a page that scrolls sideways or says something else once it is read again.
 */
final class Wanderer {

    /** Read again and looked at narrow now and then: each costs as long as a step. */
    private static final int LOOK_EVERY = 5;

    private static final int TRAIL = 6;
    private static final List<Integer> WIDTHS = List.of(390, 1280);
    private static final List<String> TYPED =
            List.of("12", "3/8 in", "0", "-1", "rather thin", "Ägypten “blue” & <b>", "1.5 mm");

    /** Counts what is out, and keeps what the server got wrong, before anything of the page runs. */
    private static final String WATCH = """
            window.__out = 0; window.__faults = []; window.print = () => {};
            window.addEventListener('error', (e) => /ResizeObserver/.test(e.message) || window.__faults.push('error: ' + e.message));
            window.addEventListener('unhandledrejection', (e) => window.__faults.push('rejected: ' + (e.reason?.message ?? e.reason)));
            const error = console.error;
            console.error = (...all) => { window.__faults.push('console: ' + all.map(String).join(' ').slice(0, 300)); error(...all); };
            const fetched = window.fetch;
            window.fetch = async (...all) => {
              window.__out++;
              try {
                const answer = await fetched(...all);
                if (answer.status >= 500) window.__faults.push(answer.status + ' ' + (all[0]?.url ?? all[0]));
                return answer;
              } finally { window.__out--; }
            };
            """;

    /** Finds controls to press, type into or choose from, unless they leave the page, take a file or replace the workshop. */
    private static final String CONTROLS = """
            const never = /Export|Restore|Replace|Import|Bring|backup|as a file|Take in|calendar|table|template/i;
            const open = document.querySelector('dialog[open]') ?? document.body;
            return [...open.querySelectorAll('a[href^="#"], button, summary, select, input, textarea, [role=button]')]
              .filter((e) => !e.disabled && e.ariaDisabled !== 'true' && e.type !== 'file' && e.type !== 'color' && !e.closest('[inert]') && e.checkVisibility())
              .filter((e) => e.getBoundingClientRect().width > 0)
              .filter((e) => !never.test(e.textContent + (e.getAttribute('aria-label') ?? '')));""";

    /** Sentences and labels that are none. */
    private static final String SAID = """
            const odd = [[/\\{(mm|cm2|c|k|s|gsm):|\\{\\w+\\}/, 'raw placeholder'], [/\\bundefined\\b|\\bNaN\\b|\\[object |\\bnull\\b/, 'no value'],
              [/[^.]\\.\\.(?!\\.)/, 'two full stops'], [/[?!…]\\.(\\s|$)/, 'two endings'],
              [/(^|[^\\d.,/×])\\b1 (?!as |across |is |less |press |plus |minus |pass\\b|gloss|glass|class|s\\b|this |was |has |times\\b)[a-z]+s\\b/, 'plural'],
              [/\\b(0|[2-9]|\\d\\d+) (sheet|pull|card|piece|thing|minute|hour|day|heat-up|step|pass|setup|set-up|topic|board)\\b(?!-|s)/, 'plural']];
            const found = [];
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT);
            for (let e = walk.currentNode; e; e = walk.nextNode()) {
              if (['SCRIPT', 'STYLE', 'INPUT', 'TEXTAREA', 'SELECT', 'OPTION'].includes(e.tagName)) continue;
              const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim());
              const inline = e.parentElement && own && getComputedStyle(e).display.startsWith('inline') && e.tagName !== 'BUTTON' && e.tagName !== 'A';
              if (!own || inline) continue;
              const text = (e.innerText ?? e.textContent).replace(/\\s+/g, ' ');
              for (const [pattern, what] of odd) {
                const hit = pattern.exec(text);
                if (hit) found.push(what + ': ' + text.slice(Math.max(0, hit.index - 30), hit.index + 60));
              }
            }
            const named = (e) => (e.getAttribute('aria-label') ?? '') + (e.getAttribute('title') ?? '') + (e.textContent ?? '').trim()
              + (e.getAttribute('aria-labelledby') ?? '') + [...(e.labels ?? [])].map((l) => l.textContent).join('') + (e.placeholder ?? '');
            for (const e of document.querySelectorAll('a, button, input, select, textarea, [role=button]'))
              if (e.checkVisibility() && !named(e).trim()) found.push('no name: ' + e.outerHTML.slice(0, 90));
            return found;""";

    private final Browser browser;
    private final Random random;
    private final Deque<String> trail = new ArrayDeque<>();
    /** Every fault once, with how one came there. */
    private final Map<String, String> found = new TreeMap<>();

    Wanderer(Browser browser, long seed) {
        this.browser = browser;
        this.random = new Random(seed);
        browser.onEveryPage(WATCH);
    }

    /** Goes so many steps; answers what was found, in a line each. */
    List<String> go(int steps) {
        browser.open("/bench");
        idle();
        for (int step = 0; step < steps; step++) {
            String before = browser.place();
            try {
                step();
                idle();
                look();
                if (!browser.place().equals(before) && step % 2 == 0) {
                    readAgain();
                }
                if (step % LOOK_EVERY == 0) {
                    leaveWindow();
                    widths();
                }
            } catch (WebDriverException gone) {
                // What was to be pressed was redrawn, or something lies over it: a person would press again.
            }
        }
        List<String> lines = new ArrayList<>();
        found.forEach((what, where) -> lines.add(what + "\n      by " + where));
        return lines;
    }

    @SuppressWarnings("unchecked")
    private void step() {
        List<WebElement> controls = (List<WebElement>) browser.script(CONTROLS);
        if (controls.isEmpty() || random.nextInt(40) == 0) {
            did("open the Bench");
            browser.open("/bench");
            return;
        }
        WebElement control = controls.get(random.nextInt(controls.size()));
        String tag = control.getTagName();
        String type = String.valueOf(control.getDomProperty("type"));
        String name = (tag + " " + control.getAccessibleName()).replaceAll("\\s+", " ");
        if (tag.equals("select")) {
            did(name + ", another choice");
            control.sendKeys(random.nextBoolean() ? Keys.ARROW_DOWN : Keys.ARROW_UP);
        } else if (tag.equals("textarea") || tag.equals("input") && (type.equals("text") || type.equals("number"))) {
            String typed = TYPED.get(random.nextInt(TYPED.size()));
            did(name + " = " + typed);
            control.sendKeys(Keys.chord(Keys.CONTROL, "a"), typed, Keys.TAB);
        } else {
            did(name);
            control.click();
        }
    }

    private void did(String what) {
        trail.addLast(browser.place() + " " + (what.length() > 60 ? what.substring(0, 60) : what));
        if (trail.size() > TRAIL) {
            trail.removeFirst();
        }
    }

    private void note(String what) {
        found.putIfAbsent(what.replaceAll("\\s+", " "), String.join(" → ", trail));
    }

    /** Until nothing is out any more and the page has drawn. */
    private void idle() {
        browser.until(
                () -> Boolean.TRUE.equals(
                        browser.script(
                                "return (window.__out ?? 0) === 0 && document.readyState === 'complete' && !!document.querySelector('#main')")));
        browser.frame();
        browser.until(() -> Boolean.TRUE.equals(browser.script("return (window.__out ?? 0) === 0")));
    }

    @SuppressWarnings("unchecked")
    private void look() {
        ((List<String>) browser.script("const f = window.__faults ?? []; window.__faults = []; return f;"))
                .forEach(this::note);
        ((List<String>) browser.script(SAID)).forEach(this::note);
    }

    /** Checks that a page says the same once it is read again. */
    private void readAgain() {
        String place = browser.place();
        if (place.matches("/(run|drills|pulls/read).*")
                || !browser.all("dialog[open]").isEmpty()) {
            return;
        }
        new Steadiness(browser)
                .goneOnceReadAgain().stream()
                        .limit(1)
                        .forEach(line -> note("said no more once it is read again, in " + plain(place) + ": " + line));
        idle();
    }

    /** A place without which thing of it is open. */
    private static String plain(String place) {
        return place.replaceAll("/[a-z]+-[0-9a-f]{8}.*", "");
    }

    /** Escape leaves whatever lies over the page, once one has said that what was typed may go. */
    private void leaveWindow() {
        if (browser.all("dialog[open]").isEmpty()) {
            return;
        }
        browser.keys(Keys.ESCAPE);
        browser.frame();
        browser.all("dialog[open] [role=alertdialog] button").stream()
                .filter(b -> b.getText().equals("Discard"))
                .findFirst()
                .ifPresent(WebElement::click);
        try {
            browser.gone("dialog[open]");
        } catch (WebDriverException stays) {
            note("a window that Escape does not leave: " + browser.text("dialog[open] h3"));
            browser.reload();
            idle();
        }
    }

    private void widths() {
        for (int width : WIDTHS) {
            browser.size(width, 800);
            browser.frame();
            Object wide = browser.script("""
                    const over = document.scrollingElement.scrollWidth - window.innerWidth;
                    if (over <= 1) return null;
                    const out = [...document.querySelectorAll('#main *, header *, nav *')].filter((e) => e.checkVisibility()
                      && e.getBoundingClientRect().right > window.innerWidth + 1 && !e.closest('.overflow-x-auto'));
                    return over + ' px by ' + (out.at(-1)?.outerHTML ?? 'the page').slice(0, 110);""");
            if (wide != null) {
                note("scrolls sideways at " + width + " px in "
                        + browser.place().replaceAll("/[a-z]+-[0-9a-f]+.*", "") + ": " + wide);
            }
        }
    }
}
