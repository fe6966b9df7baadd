package glanzen.app.setup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import glanzen.app.keeping.Json;
import glanzen.app.setup.Draft.DraftLayer;
import glanzen.app.setup.Draft.LayerKind;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.Layout;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.measure.BadInput;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.json.JsonMapper;

class DraftsTest {

    private static final Press PRESS =
            new Press("iron", "Iron", Press.Kind.CRANK, 14, 2200, 15, 155, 2600, 0.1, 4, 8, 14);
    private static final Platform PLATFORM =
            new Platform("a5", "A5", 9, 150, 210, 900, 0.6, 150, List.of(new Platform.Level("low", 112)), 20);
    private static final Board SPACER =
            new Board("spacer", "Spacer", Board.Kind.SPACER, Material.LAMINATE, 3, 150, 210, 1, 0, 0, 100);
    private static final Board SHIM =
            new Board("shim", "Shim", Board.Kind.PLASTIC_SHIM, Material.POLYCARBONATE, 0.5, 150, 210, 1, 0, 0, 100);
    private static final Plate PLATE =
            new Plate("bee", "Bee", Plate.Kind.PLATE, Material.BRASS, 1.6, 46, 40, Motif.of(Motif.Kind.BEE));
    private static final Stock STOCK = new Stock(
            "ivory", "Ivory", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 108, 140, 9, true, false, "#f6efdd");
    private static final Film FILM =
            new Film("copper", "Copper", Film.Kind.HOT_FOIL, 0.012, 100, 5000, 3000, "#b8683a");
    private static final Kit KIT = new Kit(
            List.of(PRESS),
            List.of(PLATFORM),
            List.of(SPACER, SHIM),
            List.of(PLATE),
            List.of(STOCK),
            List.of(FILM),
            List.of(rollers(Machine.Kind.ROLLER_MACHINE), rollers(Machine.Kind.HEATED_PRESS)));

    private static HeatedRollers rollers(Machine.Kind kind) {
        List<Platform.Level> settings = List.of(new Platform.Level("low", 112));
        return new HeatedRollers(kind.name(), kind.name(), kind, 230, 1, 0.2, 8, settings, 300, 0.1, 5, 9, 15);
    }

    private static SetUp setUp(Route route) {
        Machine machine = KIT.machines().stream()
                .filter(m -> route.machines().contains(m.machine()))
                .findFirst()
                .orElseThrow();
        Film film = route.film().isPresent() ? FILM : null;
        return StartingStack.of(
                new Pick(route, machine, PLATFORM, PLATE, film, STOCK, 21),
                new Inventory(KIT.boards(), new ArtworkShelf()));
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void aSetUpBecomesADraftAndIsItselfAgain(Route route) {
        assertEquals(setUp(route), Drafts.setUp(Drafts.draft(setUp(route)), KIT));
    }

    @Test
    void layersAreNamedByShelfAndKey() {
        Draft draft = Drafts.draft(setUp(Route.HOT_PLATE));
        assertEquals(
                new DraftLayer(LayerKind.PLATFORM, "a5", Facing.UP),
                draft.layers().get(0));
        assertEquals(
                new DraftLayer(LayerKind.FILM, "copper", Facing.DOWN),
                draft.layers().get(2));
        assertEquals(
                new DraftLayer(LayerKind.BOARD, "spacer", Facing.UP),
                draft.layers().get(5));
    }

    @Test
    void anExcerptHoldsEachThingOnce() {
        SetUp twice = setUp(Route.HOT_PLATE)
                .withStack(setUp(Route.HOT_PLATE)
                        .stack()
                        .with(4, setUp(Route.HOT_PLATE).stack().layers().get(4)));
        assertEquals(List.of(SHIM, SPACER), Drafts.excerpt(twice).boards());
        assertEquals(twice, Drafts.setUp(Drafts.draft(twice), Drafts.excerpt(twice)));
    }

    @Test
    void whatIsNotInTheKitIsNamed() {
        Kit without = new Kit(KIT.presses(), KIT.platforms(), List.of(SPACER), KIT.plates(), KIT.stocks(), KIT.films());
        Draft draft = Drafts.draft(setUp(Route.HOT_PLATE));
        BadInput bad = assertThrows(BadInput.class, () -> Drafts.setUp(draft, without));
        assertEquals("layers[4]", bad.problems().get(0).field());
    }

    @Test
    void snapshotsOfThisFormatStayReadable() {
        Json json = new Json(JsonMapper.builder().build(), List.of(new OldDrafts()));
        Snapshot snapshot = Snapshot.of(setUp(Route.HOT_PLATE));
        String written = json.write(snapshot);
        assertEquals(setUp(Route.HOT_PLATE), json.read(written, Snapshot.class).setUp());
        // As the first version wrote it; this text must never need to change.
        String first = """
                {"format": 1,
                 "draft": {"route": "HOT_PLATE", "pressId": "iron", "platformId": "a5", "level": 0,
                   "layers": [
                     {"kind": "PLATFORM", "id": "a5", "facing": "UP"},
                     {"kind": "PLATE", "id": "bee", "facing": "UP"},
                     {"kind": "FILM", "id": "copper", "facing": "DOWN"},
                     {"kind": "STOCK", "id": "ivory", "facing": "DOWN"},
                     {"kind": "BOARD", "id": "shim", "facing": "UP"},
                     {"kind": "BOARD", "id": "spacer", "facing": "UP"}],
                   "heating": "COVERED", "soakSeconds": 30.0, "holdSeconds": 12.0, "pace": "SLOW", "passes": 1,
                   "peel": {"cooling": "IN_AIR", "seconds": 5.0}, "medium": "NONE", "filmPeeled": false, "roomC": 21.0},
                 "kit": {
                   "presses": [{"id": "iron", "name": "Iron", "kind": "CRANK", "openingMm": 14.0, "stiffnessNPerMm": 2200.0,
                     "rollerRadiusMm": 15.0, "throatMm": 155.0, "maxForceN": 2600.0, "crown": 0.1, "slowMmPerS": 4.0,
                     "steadyMmPerS": 8.0, "briskMmPerS": 14.0}],
                   "platforms": [{"id": "a5", "name": "A5", "thicknessMm": 9.0, "widthMm": 150.0, "heightMm": 210.0,
                     "heatCapacityJPerK": 900.0, "lossWPerK": 0.6, "maxPowerW": 150.0,
                     "levels": [{"name": "low", "celsius": 112.0}], "offAfterMinutes": 20.0}],
                   "boards": [
                     {"id": "shim", "name": "Shim", "kind": "PLASTIC_SHIM", "material": "POLYCARBONATE", "thicknessMm": 0.5,
                      "widthMm": 150.0, "heightMm": 210.0, "owned": 1, "bowMm": 0.0, "passes": 0, "lifePasses": 100},
                     {"id": "spacer", "name": "Spacer", "kind": "SPACER", "material": "LAMINATE", "thicknessMm": 3.0,
                      "widthMm": 150.0, "heightMm": 210.0, "owned": 1, "bowMm": 0.0, "passes": 0, "lifePasses": 100}],
                   "plates": [{"id": "bee", "name": "Bee", "kind": "PLATE", "material": "BRASS", "thicknessMm": 1.6,
                     "widthMm": 46.0, "heightMm": 40.0, "motif": {"kind": "BEE", "text": ""}}],
                   "stocks": [{"id": "ivory", "name": "Ivory", "kind": "CARD", "surface": "SMOOTH", "thicknessMm": 0.34,
                     "gsm": 300.0, "widthMm": 108.0, "heightMm": 140.0, "left": 9, "heatProof": true,
                     "protectiveFilm": false, "colour": "#f6efdd"}],
                   "films": [{"id": "copper", "name": "Copper", "bonding": "HOT_FOIL", "thicknessMm": 0.012,
                     "widthMm": 100.0, "heightMm": 5000.0, "leftCm2": 3000.0, "colour": "#b8683a"}]}}""";
        assertEquals(
                setUp(Route.HOT_PLATE).withLayout(Layout.NONE),
                json.read(json.anew(first, Snapshot.class), Snapshot.class).setUp(),
                "nothing was laid out in those days");
    }

    @Test
    void aFormatFromTheFutureIsRefused() {
        assertThrows(BadInput.class, () -> new Snapshot(9, Drafts.draft(setUp(Route.HOT_PLATE)), KIT));
    }
}
