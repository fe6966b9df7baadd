package glanzen.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Stock;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.material.Surface;
import glanzen.measure.BadInput;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanTest {

    private static JobPiece piece(String kinds) {
        List<Operation> operations = Stream.of(kinds.split(" "))
                .map(k -> Operation.of(Operation.Kind.valueOf(k)))
                .toList();
        return new JobPiece("Panel", "ivory", 1, 105, 148, operations);
    }

    private static String kinds(List<Operation> operations) {
        return String.join(" ", operations.stream().map(o -> o.kind().name()).toList());
    }

    @ParameterizedTest
    @CsvSource({
        "INK HOT_FOIL CUT, false, medium-dry, INK DRY HOT_FOIL CUT",
        "HOT_FOIL INK CUT, false, medium-first, INK HOT_FOIL CUT",
        "CUT TONER_FOIL TRIM, false, foil-then-cut, TONER_FOIL CUT TRIM",
        "TAPE HOT_FOIL ASSEMBLE, false, tape-stays, TAPE HOT_FOIL TAPE_OFF ASSEMBLE",
        "GEL FLOCK CUT, false, gel-dry, GEL GEL_DRY FLOCK CUT",
        "GEL_FOIL, false, gel-missing, GEL GEL_FOIL",
        "HOT_FOIL FILM_OFF_BACK, true, film-front, FILM_OFF_FRONT HOT_FOIL FILM_OFF_BACK",
        "FILM_OFF_FRONT HOT_FOIL, true, film-back, FILM_OFF_FRONT HOT_FOIL FILM_OFF_BACK",
        "HOT_FOIL EMBOSS, false, flattens-foil, EMBOSS HOT_FOIL",
        "EMBOSS HOT_FOIL CUT, false, foil-on-relief, HOT_FOIL EMBOSS CUT",
        "FOLD CUT, false, fold-last, CUT FOLD",
        "ASSEMBLE CUT, false, assemble-last, CUT ASSEMBLE"
    })
    void theCraftsOrderIsKnownAndMended(String kinds, boolean filmed, String rule, String mended) {
        List<Finding<List<Operation>>> findings = OrderCheck.of(piece(kinds), filmed);
        Finding<List<Operation>> finding = findings.stream()
                .filter(f -> f.rule().key().equals(rule))
                .findFirst()
                .orElseThrow();
        assertEquals(mended, kinds(finding.mend().mended()));
        assertTrue(finding.why().length() > 10);
    }

    @Test
    void aDieTapedClearOfTheFoilIsOnlyAFactAndNothingIsTakenAway() {
        Finding<List<Operation>> tape =
                OrderCheck.of(piece("HOT_FOIL TAPE CUT"), false).get(0);
        assertEquals(Weight.FACT, tape.weight());
        assertNull(tape.mend());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "INK DRY HOT_FOIL CUT ASSEMBLE",
                "TONER_FOIL CUT",
                "GEL GEL_DRY FLOCK CUT ASSEMBLE",
                "CUT EMBOSS",
                "TRIM"
            })
    void whatIsInOrderIsLeftAlone(String kinds) {
        assertEquals(List.of(), OrderCheck.of(piece(kinds), false));
    }

    /** Whatever the disorder, taking the first mend again and again comes to rest. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void mendsComeToRest(long seed) {
        Random random = new Random(seed);
        Operation.Kind[] kinds = Operation.Kind.values();
        List<Operation> operations = random.ints(1 + random.nextInt(7), 0, kinds.length)
                .distinct()
                .mapToObj(i -> Operation.of(kinds[i]))
                .toList();
        JobPiece piece = piece("TRIM").doing(operations);
        for (int i = 0; i < 30; i++) {
            // Notes say what either order costs; only what is wrong has to come to rest.
            List<Finding<List<Operation>>> findings = OrderCheck.of(piece, seed % 2 == 0).stream()
                    .filter(f -> f.weight() == Weight.WARN)
                    .toList();
            if (findings.isEmpty()) {
                return;
            }
            piece = piece.doing(findings.get(0).mend().mended());
        }
        throw new AssertionError(kinds(operations) + " ends as " + kinds(piece.operations()));
    }

    private static Stock sheet(String id, double left, double price) {
        return new Stock(
                id, id, Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 210, 297, left, true, false, "#f6efdd", price);
    }

    private static Film roll(String id, double price) {
        return new Film(id, id, Film.Kind.HOT_FOIL, 0.012, 100, 1000, 900, "#b8683a", price);
    }

    @Test
    void suppliesAreCountedPricedAndComparedWithWhatIsOwned() {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30)
                .withLayout(FirstLayout.of(Bench.WORDS, Bench.SMOOTH, Bench.PLATFORM, Bench.CRANK, Fixing.LOOSE));
        Job job = new Job(
                "Cards",
                36,
                List.of(new JobPiece(
                        "Panel", "dear", 1, 105, 148, List.of(new Operation(Operation.Kind.HOT_FOIL, "", "s")))));
        Kit kit = new Kit(
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Arrays.asList(sheet("dear", 6, 0.9), sheet("cheap", 50, 0.4)),
                List.of(roll("copper", 12), roll("tin", 5)));
        Supplies supplies = Supplies.of(job, Map.of("s", setUp), kit, List.of(), RulesOfThumb.USUAL);
        Supplies.Line card = supplies.lines().stream()
                .filter(l -> l.what().equals("stock"))
                .findFirst()
                .orElseThrow();
        assertEquals(9, card.needed());
        assertTrue(card.missing());
        assertEquals(8.1, card.cost(), 1e-9);
        assertEquals("cheap", card.cheaper());
        assertEquals(4.5, card.saving(), 1e-9);
        Supplies.Line foil = supplies.lines().stream()
                .filter(l -> l.what().equals("foil"))
                .findFirst()
                .orElseThrow();
        assertEquals(36 * 58 * 48 / 100.0, foil.needed(), 1e-6);
        assertEquals("", foil.cheaper(), "there is not enough of the cheaper one");
        assertEquals((card.cost() + foil.cost()) / 36, supplies.costPerCard(), 1e-9);
        assertEquals(List.of("Old Iron", "A5 platform"), supplies.machines());
    }

    @Test
    void absurdJobsAreRefused() {
        assertThrows(BadInput.class, () -> new Job("", 1, List.of()));
        assertThrows(BadInput.class, () -> new Job("Cards", 0, List.of()));
        assertThrows(BadInput.class, () -> new JobPiece("P", "s", 0, 10, 10, List.of()));
        assertThrows(BadInput.class, () -> new JobPiece("P", "s", 1, -10, 10, List.of()));
    }
}
