package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeout;

import glanzen.measure.BadInput;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Whatever a file says, it is read or refused, soon, and in our own words. */
class HostileDrawingsTest {

    private static final Duration SOON = Duration.ofSeconds(30);

    private static String svg(String inside) {
        return "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>" + inside
                + "</svg>";
    }

    private static final List<String> WHOLE = List.of(
            svg("<path d='M10 10L90 10L50 80Z' fill='black'/><circle cx='50' cy='50' r='9' fill='white'/>"),
            svg(
                    "<g transform='rotate(30)'><rect x='9' y='9' width='40' height='20' stroke='#000' stroke-width='2'/></g>"),
            svg("<defs><clipPath id='c'><circle cx='40' cy='40' r='30'/></clipPath>"
                    + "<linearGradient id='g'><stop offset='0' stop-color='red'/></linearGradient></defs>"
                    + "<path clip-path='url(#c)' fill='url(#g)' d='M0 0C20 90 80 90 90 0S10 10 0 0'/>"),
            svg("<mask id='m'><rect width='50' height='100' fill='white'/></mask><use href='#a' mask='url(#m)'/>"
                    + "<path id='a' fill-rule='evenodd' d='M10,10h50v50h-50zm10,10h9v9h-9z'/>"));

    private static String tangle(int lines) {
        Random random = new Random(lines);
        return svg("<path fill-rule='evenodd' d='"
                + IntStream.range(0, lines)
                        .mapToObj(n -> (n == 0 ? "M" : "L") + random.nextInt(100) + "," + random.nextInt(100))
                        .collect(Collectors.joining())
                + "Z'/>");
    }

    @Test
    void tanglesAreRefusedBeforeTheyAreWorkedOut() {
        for (int lines : List.of(1000, 5000, 60_000)) {
            String drawing = tangle(lines);
            assertTimeout(SOON, () -> assertThrows(BadInput.class, () -> SvgReader.read(drawing)));
        }
        assertTimeout(SOON, () -> SvgReader.read(tangle(150)));
    }

    @Test
    void manyTeethAreReadSoonOrRefused() {
        String teeth = svg("<path d='M"
                + IntStream.range(0, 40_000)
                        .mapToObj(n -> {
                            double turn = 2 * Math.PI * n / 40_000;
                            double r = n % 2 == 0 ? 40 : 44;
                            return (50 + r * Math.cos(turn)) + "," + (50 + r * Math.sin(turn));
                        })
                        .collect(Collectors.joining("L"))
                + "Z'/>");
        assertTimeout(SOON, () -> readOrRefused(teeth.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aPathThatGoesOnAfterItWasClosedIsRefused() {
        for (String path : List.of("M0 0h9v9z5", "M0 0h9v9Z -5", "M0 0h9v9z,.5L9 9")) {
            String drawing = svg("<path d='" + path + "'/>");
            assertTimeout(SOON, () -> assertThrows(BadInput.class, () -> SvgReader.read(drawing)));
        }
        SvgReader.read(svg("<path d='M0 0h9v9z m20 20h9v9z'/>"));
    }

    private static void readOrRefused(byte[] file) {
        try {
            SvgReader.read(file, SvgReader.USUAL_DPI);
        } catch (BadInput refused) {
            // In our own words: that is all that is asked.
        }
    }

    /** A minute of it runs in a script; here some hundreds. */
    @Test
    void whateverIsChangedInADrawingItIsReadOrRefused() {
        int rounds = Integer.getInteger("fuzz.rounds", 400);
        for (int n = 0; n < rounds; n++) {
            Random random = new Random(n);
            byte[] file = changed(WHOLE.get(random.nextInt(WHOLE.size())), random);
            assertTimeout(SOON, () -> readOrRefused(file), "seed " + n);
        }
    }

    private static final List<String> ODD = List.of(
            "-",
            "e",
            "1e308",
            "NaN",
            "99999999999",
            "0",
            "M",
            "A",
            "Z",
            "%",
            "<",
            "</g>",
            "url(#a)",
            "'",
            "&#0;",
            " ",
            ",");

    private static byte[] changed(String whole, Random random) {
        StringBuilder text = new StringBuilder(whole);
        for (int times = 1 + random.nextInt(6); times > 0; times--) {
            int at = random.nextInt(text.length());
            int to = Math.min(text.length(), at + random.nextInt(12));
            switch (random.nextInt(4)) {
                case 0 -> text.delete(at, to);
                case 1 -> text.insert(at, ODD.get(random.nextInt(ODD.size())));
                case 2 -> text.insert(at, text.substring(at, to).repeat(1 + random.nextInt(30)));
                default -> text.setCharAt(at, (char) (32 + random.nextInt(96)));
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}
