package glanzen.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.Artwork;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.plan.Operation.Kind;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Pieces of a job as a card is put together from them. */
class JobCardTest {

    private static final Kit KIT =
            new Kit(List.of(), List.of(), List.of(), List.of(), List.of(Bench.SMOOTH), List.of(Bench.COPPER));
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
        assertTrue(words.words() && !words.flock());
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
        CardPlan first = FirstCard.of(job, "other");
        assertEquals("Base", first.base().piece());
        assertEquals("C6", first.envelope().name());
        assertEquals(
                List.of("Panel", "Leaf", "Leaf 2", "Leaf 3"),
                first.mounted().stream().map(Mounted::key).toList());
        CardPlan loose = FirstCard.of(new Job("Loose", 1, List.of(piece("Panel", 120, 80))), "other");
        assertEquals("other", loose.base().stockId());
        assertEquals(120, loose.base().widthMm());
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
