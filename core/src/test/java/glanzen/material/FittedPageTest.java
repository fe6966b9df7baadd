package glanzen.material;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FittedPageTest {

    @ParameterizedTest
    @EnumSource(Fitted.class)
    void thePageNamesEveryConstantWithItsValue(Fitted constant) throws IOException {
        String name = "| " + constant.name().toLowerCase(Locale.ROOT).replace('_', ' ') + " | ";
        String row = Files.readAllLines(Path.of("../docs/how-it-computes.md")).stream()
                .filter(l -> l.startsWith(name))
                .reduce((earlier, later) -> later)
                .orElseThrow();
        String value = row.substring(name.length()).split(" \\|")[0].replace(" ", "");
        assertTrue(Math.abs(Double.parseDouble(value) - constant.value()) < 1e-9, row);
        assertTrue(constant.low() <= constant.value() && constant.value() <= constant.high(), row);
    }
}
