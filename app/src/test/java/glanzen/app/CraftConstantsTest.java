package glanzen.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Thresholds and figures of the craft stand in the core. What the application needs of figures of its own is listed here, with
 * the reason; the demo's workshop is made of figures and is left out.
 */
class CraftConstantsTest {

    private static final Path SOURCES = Path.of("src/main/java/glanzen/app");

    /** A number with a fraction in code, or a constant that holds one. Seconds, milliseconds and roundings are not of the craft. */
    private static final Pattern FIGURE =
            Pattern.compile("(?<![\\w.])\\d+\\.\\d+(?!\\.)|static final (?:double|float) \\w+");

    private static final Pattern NOT_CODE =
            Pattern.compile("\"(?:\\\\.|[^\"\\\\])*\"|//[^\n]*|/\\*.*?\\*/", Pattern.DOTALL);
    private static final Set<String> PLAIN = Set.of("0.0", "1.0", "20.0", "100.0", "1000.0");

    /** Files that have figures of their own, and why. */
    private static final Set<String> ALLOWED = Set.of(
            // How the stand-ins for heaters and presses behave, and how fast their clock may run.
            "device/SimulatedPlatform.java",
            "device/SimulatedRollers.java",
            "device/SimulatedFeeder.java",
            "device/BenchClock.java",
            // How far two clocks may be apart before a time given is in the future.
            "drying/DryingService.java",
            // Line widths, margins and sizes of paper in print.
            "template/TemplatePdf.java",
            "template/TemplateSvg.java",
            "template/Paper.java",
            // How wide a window that is closed is drawn.
            "setup/WindowScale.java");

    @Test
    void figuresOfTheCraftStandInTheCore() throws IOException {
        Set<String> found = new TreeSet<>();
        List<String> where = new ArrayList<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String name = SOURCES.relativize(file).toString();
                if (!name.startsWith("demo/") && has(name, Files.readString(file), where)) {
                    found.add(name);
                }
            }
        }
        assertEquals(new TreeSet<>(ALLOWED), found, String.join("\n", where));
    }

    private static boolean has(String name, String source, List<String> where) {
        Matcher figures = FIGURE.matcher(NOT_CODE.matcher(source).replaceAll(""));
        boolean any = false;
        while (figures.find()) {
            if (!PLAIN.contains(figures.group())) {
                any = true;
                where.add(name + ": " + figures.group());
            }
        }
        return any;
    }
}
