package glanzen.kit;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.Motif;
import glanzen.measure.BadInput;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What may stand in the kit, and what changes when something of it is used. */
class KitItemsTest {

    private static final Leftover PIECE = new Leftover("l", "Offcut", "copper", 80, 60, "", List.of());
    private static final Leftover.Spent PLACE =
            new Leftover.Spent("First", Motif.words("First"), 48, 20, 30, 20, 0, "pull-1");
    private static final Map<String, Record> KIT = Map.of(
            "press", Bench.CRANK,
            "platform", Bench.PLATFORM,
            "plate", Bench.WORDS,
            "stock", Bench.SMOOTH,
            "film", Bench.COPPER,
            "board", Bench.PLASTIC,
            "rollers", Crafts.ROLLERS,
            "leftover", PIECE,
            "spent", PLACE);

    /** Both ends are taken; the smallest step past either is refused and says where. */
    @ParameterizedTest
    @CsvSource({
        "press,openingMm,3,40",
        "press,stiffnessNPerMm,200,20000",
        "press,rollerRadiusMm,5,60",
        "press,throatMm,50,700",
        "press,maxForceN,200,20000",
        "press,crown,0,0.6",
        "press,slowMmPerS,0.5,8",
        "press,briskMmPerS,8,100",
        "platform,thicknessMm,1,30",
        "platform,widthMm,40,600",
        "platform,heightMm,40,600",
        "platform,heatCapacityJPerK,50,10000",
        "platform,lossWPerK,0.05,20",
        "platform,maxPowerW,20,3000",
        "platform,offAfterMinutes,1,240",
        "plate,thicknessMm,0.4,25",
        "plate,widthMm,5,400",
        "plate,heightMm,5,400",
        "stock,thicknessMm,0.03,8",
        "stock,gsm,0,1200",
        "stock,widthMm,5,1000",
        "stock,heightMm,5,100000",
        "stock,left,0,100000",
        "stock,price,0,100000",
        "film,thicknessMm,0.005,1",
        "film,price,0,100000",
        "board,thicknessMm,0.01,25",
        "board,widthMm,10,700",
        "board,heightMm,10,700",
        "board,bowMm,-20,20",
        "board,price,0,100000",
        "rollers,throatMm,50,700",
        "rollers,gapMm,0.3,20",
        "rollers,pressureMpa,0.02,3",
        "rollers,nipMm,1,40",
        "rollers,warmUpSeconds,10,3600",
        "rollers,unevenness,0,0.8",
        "rollers,slowMmPerS,0.5,9",
        "rollers,briskMmPerS,9,100",
        "leftover,widthMm,5,1000",
        "leftover,heightMm,5,1000",
        "spent,plateWidthMm,5,400",
        "spent,xMm,-400,2000",
        "spent,degrees,-360,360"
    })
    void lengthsAndFiguresHaveTwoEnds(String kind, String field, double least, double most) {
        Record item = KIT.get(kind);
        assertDoesNotThrow(() -> Remade.with(item, field, least));
        assertDoesNotThrow(() -> Remade.with(item, field, most));
        for (double past : new double[] {Math.nextDown(least), Math.nextUp(most), Double.NaN}) {
            BadInput bad = assertThrows(BadInput.class, () -> Remade.with(item, field, past), field + " " + past);
            assertTrue(
                    bad.problems().stream().anyMatch(p -> named(p.field(), kind, field)),
                    bad.problems().toString());
        }
    }

    /** Speeds out of their order are told at the quicker one. */
    private static boolean named(String said, String kind, String field) {
        String wanted = kind.equals("spent") ? "spent." + field : field;
        return said.equals(wanted) || field.endsWith("PerS") && said.endsWith("PerS");
    }

    static List<String> kinds() {
        return KIT.keySet().stream().filter(k -> !k.equals("spent")).sorted().toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everythingInTheKitHasAName(String kind) {
        for (String none : new String[] {"", "  ", "x".repeat(200)}) {
            BadInput bad = assertThrows(BadInput.class, () -> Remade.with(KIT.get(kind), "name", none));
            assertEquals("name", bad.problems().get(0).field());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "copper", "#12345", "#1234567", "#12345g", "123456", "url(x)"})
    void aColourIsSixDigitsAndNothingElse(String colour) {
        for (Record item : List.of(Bench.SMOOTH, Bench.COPPER)) {
            BadInput bad = assertThrows(BadInput.class, () -> Remade.with(item, "colour", colour));
            assertEquals("colour", bad.problems().get(0).field());
        }
    }

    @Test
    void aPassChangesABoardsCountAndNothingElse() {
        assertEquals(Set.of("passes"), changed(Bench.PLASTIC, Bench.PLASTIC.pressed(1)));
        assertEquals(
                Bench.PLASTIC.passes() + 3, Bench.PLASTIC.pressed(3).turned().passes());
    }

    @Test
    void turnedTwiceABoardLiesAsBefore() {
        Board bowed = Remade.with(Bench.PLASTIC, "bowMm", 2.5);
        assertEquals(Set.of("bowMm", "turns"), changed(bowed, bowed.turned()));
        assertEquals(bowed.bowMm(), bowed.turned().turned().bowMm());
        assertEquals(2, bowed.turned().turned().turns());
    }

    @Test
    void wearAndItsCostGoTogether() {
        Board dear = Remade.with(Bench.PLASTIC, "price", 12.5);
        assertEquals(12.5 * dear.wear(), dear.costPerPass() * dear.passes(), 1e-12);
        assertEquals(0, Bench.PLASTIC.costPerPass(), "of which no price is known");
    }

    @Test
    void nothingIsSpentBelowNothing() {
        assertEquals(Set.of("leftCm2"), changed(Bench.COPPER, Bench.COPPER.spending(100)));
        assertEquals(0, Bench.COPPER.spending(1e6).leftCm2());
        assertEquals(Set.of("left"), changed(Bench.SMOOTH, Bench.SMOOTH.leaving(3.25)));
        assertEquals(0, Bench.SMOOTH.leaving(-1).left());
    }

    @Test
    void aCutPieceIsTheSameStock() {
        Stock piece = Bench.SMOOTH.cut(70, 50);
        assertEquals(Set.of("widthMm", "heightMm"), changed(Bench.SMOOTH, piece));
        assertEquals(Bench.SMOOTH.material(), piece.material());
    }

    @Test
    void aWholeFilmCostsItsPrice() {
        Film priced = Remade.with(Bench.COPPER, "price", 9.0);
        assertEquals(9.0, priced.pricePerCm2() * priced.widthMm() * priced.heightMm() / 100, 1e-9);
    }

    @Test
    void aLeftoverForgetsOnlyWhatThePullUsed() {
        Leftover.Spent byHand = Remade.with(PLACE, "pullId", "");
        Leftover used = PIECE.using(byHand).using(PLACE);
        assertEquals(List.of(byHand, PLACE), used.spent());
        assertEquals(List.of(byHand), used.without("pull-1").spent());
        assertEquals(used, used.without("pull-2"));
    }

    @Test
    void aLeftoversShapeStaysWithinIt() {
        assertEquals(4800, PIECE.shape().getArea(), 1e-9);
        Leftover corner = Remade.with(PIECE, "outline", "M0 0 L80 0 L0 60 Z");
        assertEquals(2400, corner.shape().getArea(), 1e-9);
        BadInput bad = assertThrows(BadInput.class, () -> Remade.with(PIECE, "outline", "M0 0 L81 0 L0 60 Z"));
        assertEquals("outline", bad.problems().get(0).field());
    }

    @Test
    void aPressHasAPaceForEachWord() {
        assertEquals(4, Bench.CRANK.speedMmPerS(Pace.SLOW));
        assertEquals(8, Bench.CRANK.speedMmPerS(Pace.STEADY));
        assertEquals(14, Bench.CRANK.speedMmPerS(Pace.BRISK));
    }

    private static Set<String> changed(Record before, Record after) {
        return Arrays.stream(before.getClass().getRecordComponents())
                .map(c -> c.getName())
                .filter(n -> !Objects.equals(Remade.value(before, n), Remade.value(after, n)))
                .collect(Collectors.toSet());
    }
}
