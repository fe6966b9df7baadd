package glanzen.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.Artwork;
import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.finding.Finding;
import glanzen.kit.Envelope;
import glanzen.kit.Kit;
import glanzen.kit.Offcut;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.Surface;
import glanzen.measure.BadInput;
import glanzen.plan.Operation.Kind;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Pieces of a job as a card is put together from them. */
class JobCardTest {

    private static final Kit KIT =
            new Kit(List.of(), List.of(), List.of(), List.of(), List.of(Bench.SMOOTH), List.of(Bench.COPPER));
    private static final Envelope KEPT = new Envelope("kept", "Kept", 162, 114, 3);
    private static final SetUp FOIL = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
    private static final SetUp DIE = Crafts.started(Route.THIN_CUT);

    private static JobPiece piece(String name, double widthMm, double heightMm, Operation... operations) {
        return new JobPiece(name, Bench.SMOOTH.id(), 1, widthMm, heightMm, Arrays.asList(operations));
    }

    private static Sheet sheet(JobPiece piece) {
        Job job = new Job("Card", 1, List.of(piece));
        return JobSheets.of(job, Map.of("foil", FOIL, "die", DIE), KIT, Crafts.ARTWORKS)
                .get(piece.name());
    }

    private static Operation by(Kind kind, String setUp) {
        return new Operation(kind, "", setUp);
    }

    @Test
    void foilLiesInTheMiddleOfItsPieceInItsColourAndWordsAreKnownAsSuch() {
        Sheet panel = sheet(piece("Panel", 90, 60, by(Kind.HOT_FOIL, "foil")));
        Sheet.Decor words = panel.decor().get(0);
        assertEquals(45, words.shape().getEnvelopeInternal().centre().x, 1.5);
        assertEquals(Bench.COPPER.colour(), words.colour());
        assertTrue(words.look() == Sheet.Look.WORDS && !words.flock());
        assertTrue(words.foilMm2() > 0 && words.seconds() > 0);
        assertTrue(
                sheet(piece("Plain", 90, 60, by(Kind.HOT_FOIL, "gone"))).decor().isEmpty());
    }

    @Test
    void aDieThatTakesMostOfAPieceCutsItsOutlineAndASmallOneAWindow() {
        Plate die = DIE.plate();
        Artwork line = Crafts.ARTWORKS.of(die.motif(), die.widthMm(), die.heightMm());
        double area = line.silhouette().getArea();
        Sheet outline = sheet(piece("Outline", die.widthMm() + 4, die.heightMm() + 4, by(Kind.CUT, "die")));
        assertEquals(area, outline.shape().getArea(), 0.02 * area);
        double w = 3 * die.widthMm();
        double h = 3 * die.heightMm();
        Sheet window = sheet(piece("Window", w, h, by(Kind.CUT, "die")));
        assertEquals(w * h - area, window.shape().getArea(), 0.02 * area);
        assertFalse(window.windows().isEmpty());
    }

    @Test
    void wordsThatADieCutsAwayAreToldBySoMuch() {
        JobPiece both = piece(
                "Both",
                3 * DIE.plate().widthMm(),
                3 * DIE.plate().heightMm(),
                by(Kind.HOT_FOIL, "foil"),
                by(Kind.CUT, "die"));
        assertTrue(sheet(both).decor().get(0).cutAway() > 0.2);
    }

    @Test
    void whatIsFoldedIsTheBaseAndTheRestLiesOnItAsItStands() {
        Job job = new Job(
                "Card",
                4,
                List.of(
                        piece("Base", 148, 105, Operation.of(Kind.FOLD)),
                        piece("Panel", 120, 80),
                        new JobPiece("Leaf", Bench.SMOOTH.id(), 3, 20, 20, List.of())));
        CardPlan first = FirstCard.of(job, "other", List.of());
        assertEquals("Base", first.base().piece());
        assertEquals("C6", first.envelope().name());
        assertEquals(
                List.of("Panel", "Leaf", "Leaf 2", "Leaf 3"),
                first.mounted().stream().map(Mounted::key).toList());
        CardPlan loose = FirstCard.of(new Job("Loose", 1, List.of(piece("Panel", 120, 80))), "other", List.of(KEPT));
        assertEquals("other", loose.base().stockId());
        assertEquals(120, loose.base().widthMm());
        assertEquals(KEPT, loose.envelope(), "the person's own comes first");
    }

    @Test
    void aPanelInsideShowsItsBaseAllRoundAndWantsACardThatOpens() {
        Base base = new Base(148, 105, Fold.LEFT, Bench.SMOOTH.id(), Grain.UPRIGHT, "");
        Job job = new Job("Card", 1, List.of(), new CardPlan(base, null, List.of()));
        Job written = FirstCard.insidePanel(FirstCard.insidePanel(job, Bench.SMOOTH.id()), Bench.SMOOTH.id());
        assertEquals(2, written.pieces().size());
        assertEquals(136, written.pieces().get(1).widthMm());
        assertEquals(93, written.pieces().get(1).heightMm());
        Base flat = new Base(148, 105, Fold.NONE, Bench.SMOOTH.id(), Grain.UPRIGHT, "");
        assertThrows(
                BadInput.class,
                () -> FirstCard.insidePanel(job.mounting(new CardPlan(flat, null, List.of())), Bench.SMOOTH.id()));
    }

    @Test
    void anOpeningIsAnOpeningHoweverLargeItsDie() {
        double w = DIE.plate().widthMm() + 4;
        double h = DIE.plate().heightMm() + 4;
        Sheet frame = sheet(piece("Frame", w, h, by(Kind.WINDOW, "die")));
        assertFalse(frame.windows().isEmpty());
        assertTrue(frame.shape().getArea() < 0.5 * w * h);
    }

    @Test
    void aWindowThroughTwoSheetsIsHeldAgainstTheStackThatCutsOne() {
        JobPiece panel =
                piece("Panel", 3 * DIE.plate().widthMm(), 3 * DIE.plate().heightMm(), by(Kind.WINDOW, "die"));
        CardPlan card = new CardPlan(
                new Base(panel.widthMm() + 10, panel.heightMm() + 10, Fold.NONE, "thick", Grain.UPRIGHT, ""),
                null,
                List.of(Mounted.centred("Panel", Mounted.FRONT, Way.FLAT, 0).cutThrough()));
        Job job = new Job("Card", 1, List.of(panel), card);
        Map<String, SetUp> setUps = Map.of("die", DIE);
        Inventory shop = new Inventory(List.of(), Crafts.ARTWORKS, List.of());
        List<String> thick = said(job, setUps, base(1.2), shop);
        assertTrue(
                thick.stream().anyMatch(what -> what.startsWith("The window of Panel and the base at once")),
                thick::toString);
        List<String> thin = said(job, setUps, base(0.05), shop);
        assertTrue(thin.size() < thick.size(), "thin paper makes less of it");
    }

    private static Stock base(double mm) {
        return new Stock(
                "thick", "Base", Stock.Kind.CARD, Surface.SMOOTH, mm, 300, 300, 300, 9, true, false, "#ffffff");
    }

    private static List<String> said(Job job, Map<String, SetUp> setUps, Stock base, Inventory shop) {
        Assembly card = new Assembly(job.card(), base, JobSheets.of(job, setUps, KIT, Crafts.ARTWORKS));
        return ThroughBoth.check(job, card, setUps, shop).stream()
                .map(Finding::what)
                .toList();
    }

    @Test
    void piecesAreFoundAmongWhatWasKept() {
        Map<String, Sheet> sheets = Map.of("Panel", Sheet.plain("Panel", Bench.SMOOTH, 60, 40));
        Offcut small = new Offcut("a", "small", Bench.SMOOTH.id(), 59, 39, "", 1);
        Offcut turned = new Offcut("b", "turned", Bench.SMOOTH.id(), 41, 62, "", 3);
        Offcut large = new Offcut("c", "large", Bench.SMOOTH.id(), 100, 100, "", 1);
        Offcut other = new Offcut("d", "other stock", "another", 60, 40, "", 1);
        List<OffcutFit> found = OffcutFit.of(sheets, List.of(small, large, other, turned));
        assertEquals(List.of(new OffcutFit("Panel", turned)), found);
        Sheet round = new Sheet(
                "Round",
                Bench.SMOOTH,
                50,
                50,
                new GeometryFactory().createPoint(new Coordinate(25, 25)).buffer(25),
                List.of());
        Offcut hole = Offcut.fallen("hole", Bench.SMOOTH.id(), round.shape().buffer(1), 1);
        assertEquals(1, OffcutFit.of(Map.of("Round", round), List.of(hole)).size());
        assertTrue(OffcutFit.of(Map.of("Square", Sheet.plain("Square", Bench.SMOOTH, 50, 50)), List.of(hole))
                .isEmpty());
    }

    @Test
    void piecesTakeTheSizesTheirCardGivesThem() {
        CardPlan card = new CardPlan(
                new Base(160, 120, Fold.LEFT, Bench.SMOOTH.id(), Grain.UPRIGHT, "Base"),
                null,
                List.of(Mounted.centred("Panel", Mounted.FRONT, Way.FLAT, 0).showing(5)));
        Job job = new Job("Card", 1, List.of(piece("Base", 10, 10), piece("Panel", 10, 10)), card);
        assertEquals(160, job.piece("Base").orElseThrow().widthMm());
        assertEquals(110, job.piece("Panel").orElseThrow().heightMm());
        CardPlan ring = new CardPlan(card.base(), null, List.of(Mounted.centred("Panel", "Panel", Way.FLAT, 0)));
        assertEquals(110, job.mounting(ring).piece("Panel").orElseThrow().heightMm(), "a ring changes nothing");
    }

    @Test
    void whatAJobHasNoMoreIsNotMountedAndWhatLayOnItLiesLower() {
        CardPlan card = new CardPlan(
                new Base(160, 120, Fold.LEFT, Bench.SMOOTH.id(), Grain.UPRIGHT, ""),
                null,
                List.of(
                        Mounted.centred("Gone", Mounted.FRONT, Way.FLAT, 0),
                        Mounted.centred("Panel", "Gone", Way.RAISED, 1)));
        CardPlan left = new Job("Card", 1, List.of(piece("Panel", 60, 40)), card).card();
        assertEquals(1, left.mounted().size());
        assertEquals(Mounted.FRONT, left.mounted().get(0).on());
    }
}
