package glanzen.beginning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.material.Material;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a kit that was just chosen is good for. */
class FirstPullTest {

    private static final SetUp WORDS = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);

    private static final Board OUTER = Bench.board("outer", Board.Kind.OUTER_PLATE, Material.POLYCARBONATE, 3.05);

    private static FirstPull of(Kit kit) {
        return FirstPull.of(kit, new Inventory(kit.boards(), new ArtworkShelf(), kit.machines()), 21);
    }

    private static Kit kit(boolean platform, boolean film) {
        return new Kit(
                List.of(WORDS.press()),
                platform ? List.of(WORDS.onPlatform().platform()) : List.of(),
                List.of(Bench.SPACER, Bench.PLASTIC, Bench.CARD_SHIM, OUTER),
                List.of(WORDS.plate()),
                List.of(WORDS.stock()),
                film ? List.of(WORDS.film()) : List.of());
    }

    @Test
    void theFirstRouteThatEverythingIsThereForIsTaken() {
        FirstPull first = of(kit(true, true));
        assertEquals(Route.HOT_PLATE, first.setUp().route());
        assertTrue(first.missing().isEmpty());
    }

    @Test
    void withoutAPlatformItIsPressedCold() {
        assertEquals(Route.COLD_PLATE, of(kit(false, false)).setUp().route());
    }

    @Test
    void whatIsMissingForTheNearestRouteIsNamed() {
        Kit bare = new Kit(List.of(WORDS.press()), List.of(), List.of(), List.of(WORDS.plate()), List.of(), List.of());
        FirstPull first = of(bare);
        assertNull(first.setUp());
        assertTrue(first.missing().size() <= 2, first.missing().toString());
        assertTrue(
                first.missing().toString().contains("card or paper"),
                first.missing().toString());
    }

    @Test
    void aPlateOfWordsIsAsWideAsItsWords() {
        Plate plate = WORDS.plate();
        Plate longer = Worded.plate(plate, "with all our thanks");
        Plate shorter = Worded.plate(plate, "thanks");
        assertTrue(longer.widthMm() / longer.heightMm() > 1.5 * shorter.widthMm() / shorter.heightMm());
        assertEquals("thanks", shorter.name());
        assertSame(plate, Worded.plate(plate, " "), "nothing said leaves it as it is");
        Plate border =
                new Plate("b", "Border", Plate.Kind.PLATE, Material.BRASS, 1.6, 80, 60, Motif.of(Motif.Kind.BORDER));
        assertSame(border, Worded.plate(border, "words"));
    }
}
