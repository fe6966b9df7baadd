package glanzen.app.browser;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** Tells whether a page says the same once it is read again. */
final class Steadiness {

    private static final Duration PATIENCE = Duration.ofSeconds(12);

    /** Headings, sentences, figures and what stands in fields; not what a clock or a device changes, or what a person has unfolded. */
    private static final String TEXT = """
            return [...document.querySelectorAll('#main h1, #main h2, #main p, #main li, #main dd, #main [data-testid], #main input, #main select')]
              .filter((e) => e.checkVisibility() && !e.closest('[data-changing], [role=timer], [role=status], dialog, [data-testid=batch], [data-unfolded]'))
              .map((e) => (e.tagName === 'INPUT' || e.tagName === 'SELECT' ? (/^c\\d/.test(e.name) ? '' : e.name || e.labels?.[0]?.textContent || '') + '=' + e.value : e.innerText).replace(/\\s+/g, ' '))
              .filter((t) => t.trim());""";

    private final Browser browser;

    Steadiness(Browser browser) {
        this.browser = browser;
    }

    /** Reads the page again; answers what it said before and says no more, a few lines at most. */
    List<String> goneOnceReadAgain() {
        browser.within(PATIENCE, () -> browser.all("[aria-busy=true]").isEmpty());
        List<String> first = said();
        browser.reload();
        List<String> gone = new ArrayList<>(first);
        // What is worked out comes a little later.
        browser.within(PATIENCE, () -> {
            gone.clear();
            gone.addAll(first);
            gone.removeAll(said());
            return gone.isEmpty();
        });
        return gone.stream().limit(2).toList();
    }

    /** Without what time changes. */
    @SuppressWarnings("unchecked")
    private List<String> said() {
        return ((List<String>) browser.script(TEXT))
                .stream()
                        .map(l -> l.replaceAll("\\d+:\\d\\d( [AP]M)?|\\d+ (min|s|h|days?)\\b|in \\d+|\\d+ ago", "·"))
                        .toList();
    }
}
