package glanzen.finding;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** docs/rules.md names every rule once, with its weight, and none besides. */
class RulesPageTest {

    private static final Pattern NAME = Pattern.compile("`([a-z-]+)`");

    @Test
    void thePageNamesEveryRuleWithItsWeight() throws IOException {
        TreeMap<String, String> written = new TreeMap<>();
        for (String line : Files.readAllLines(Path.of("..", "docs", "rules.md"))) {
            String[] cells = line.split("\\|");
            if (cells.length < 3 || !cells[1].contains("`")) {
                continue;
            }
            String[] weights = cells[2].trim().split(", ");
            Matcher names = NAME.matcher(cells[1]);
            for (int i = 0; names.find(); i++) {
                written.put(names.group(1), weights[Math.min(i, weights.length - 1)]);
            }
        }
        TreeMap<String, String> known = new TreeMap<>();
        Arrays.stream(RuleId.values())
                .forEach(rule -> known.put(rule.key(), rule.weight().name().toLowerCase(java.util.Locale.ROOT)));
        assertEquals(known, written);
    }
}
