package glanzen.app.archive;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import glanzen.app.keeping.Json;
import glanzen.app.kit.KitView;
import glanzen.learning.Belief;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import tools.jackson.databind.json.JsonMapper;

/** Whoever hands pulls over never waits for a writer that has broken off, and nothing is left lying. */
class JsonAsideTest {

    private final Json json = new Json(JsonMapper.builder().build(), List.of());

    private JsonAside aside(Path file) {
        return new JsonAside(
                file,
                1_000,
                pulls -> new WorkshopFile(
                        WorkshopFile.FORMAT,
                        WorkshopFile.VERSION,
                        Mockito.mock(KitView.class),
                        List.of(),
                        pulls,
                        Belief.NOTHING,
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(),
                        null),
                json);
    }

    @Test
    void aDiskThatCannotBeWrittenIsSaidToWhoeverHandsOver(@TempDir Path folder) {
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> {
            try (JsonAside aside = aside(folder.resolve("nowhere").resolve("file.json"))) {
                assertThrows(UncheckedIOException.class, () -> {
                    for (int page = 0; page < 10; page++) {
                        aside.next(List.of());
                    }
                });
                assertThrows(IOException.class, () -> aside.into(Files.newOutputStream(folder.resolve("zip"))));
            }
        });
    }

    @Test
    void givenUpHalfwayNothingIsLeft(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("file.json");
        try (JsonAside aside = aside(file)) {
            aside.next(List.of());
        }
        assertFalse(Files.exists(file));
    }
}
