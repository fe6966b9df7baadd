package glanzen.route;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.kit.Machine;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table in docs/routes.md says what the code does. */
class RoutesTableTest {

    private static final Path TABLE = Path.of("..", "docs", "routes.md");
    private static final Path TESTS = Path.of("src", "test", "java");
    private static final Map<Machine.Kind, String> WORDS = Map.of(
            Machine.Kind.CRANK_PRESS, "crank",
            Machine.Kind.MOTOR_PRESS, "motor",
            Machine.Kind.ROLLER_MACHINE, "roller machine",
            Machine.Kind.LAMINATOR, "laminator",
            Machine.Kind.HEATED_PRESS, "heated press");

    private static List<String> cells(Route route) throws IOException {
        return Files.readAllLines(TABLE).stream()
                .filter(line -> line.startsWith("| " + route.label() + " |"))
                .findFirst()
                .map(line -> Arrays.stream(line.split("\\|")).map(String::trim).toList())
                .orElseThrow(() -> new AssertionError(route.label() + " has no row"));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void everyRouteHasItsRow(Route route) throws IOException {
        List<String> cells = cells(route);
        assertEquals(String.join(", ", route.machines().stream().map(WORDS::get).toList()), cells.get(2));
        String[] named = cells.get(5).replace("`", "").split("#");
        assertTrue(source(named[0]).contains("void " + named[1] + "("), cells.get(5));
    }

    @Test
    void thereIsNoRowWithoutARoute() throws IOException {
        long rows = Files.readAllLines(TABLE).stream()
                .filter(line -> line.startsWith("| ") && line.contains("#"))
                .count();
        assertEquals(Route.values().length, rows);
    }

    private static String source(String test) throws IOException {
        try (Stream<Path> files = Files.walk(TESTS)) {
            Path file =
                    files.filter(f -> f.endsWith(test + ".java")).findFirst().orElseThrow();
            return Files.readString(file);
        }
    }
}
