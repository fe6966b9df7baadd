package glanzen.gluing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Showing;
import glanzen.card.Way;
import glanzen.finding.Finding;
import glanzen.kit.Envelope;
import glanzen.measure.BadInput;
import glanzen.measure.LengthUnit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What will not work about a card is said at the piece, with a way out that takes it away. */
class CardRulesTest {

    private static final Envelope C6 = Envelope.USUAL.get(0);

    private static List<String> rules(CardLook look) {
        return look.findings().stream().map(f -> f.rule().key()).toList();
    }

    private static CardPlan on(Fold fold, Mounted... mounted) {
        return new CardPlan(Cards.base(fold), C6, List.of(mounted));
    }

    /** Applies the mend of the first finding. */
    private static CardPlan mended(CardLook look) {
        Finding<CardPlan> first = look.findings().get(0);
        assertTrue(first.mend() != null, first.what());
        return first.mend().mended();
    }

    @Test
    void anEnvelopeRefusesWhatIsTooThickUntilFoamIsThinner() {
        Sheet[] sheets = {Cards.plain("panel", 100, 80), Cards.round("seal", 40)};
        CardPlan plan = on(
                Fold.LEFT,
                Mounted.centred("panel", Mounted.FRONT, Way.RAISED, 2),
                Mounted.centred("seal", "panel", Way.RAISED, 2));
        CardLook thick = Cards.look(plan, sheets);
        assertEquals(List.of("envelope-thick"), rules(thick));
        assertEquals(List.of("seal", "panel"), thick.findings().get(0).concern().keys());
        CardLook thinner = Cards.look(mended(thick), sheets);
        assertEquals(List.of(), rules(thinner));
        assertTrue(thinner.heights().thickestMm() <= C6.takesMm());
    }

    @Test
    void anEnvelopeThatIsTooSmallIsExchangedForTheSmallestThatHoldsIt() {
        Base large = new Base(160, 120, Fold.LEFT, "smooth", Grain.UPRIGHT, "");
        CardLook look = Cards.look(new CardPlan(large, C6, List.of()));
        assertEquals(List.of("envelope-small"), rules(look));
        assertEquals("square 170", mended(look).envelope().name());
    }

    @Test
    void aRingAndAPieceOnNothingAreLaidOnTheFront() {
        CardPlan ring = on(Fold.LEFT, Mounted.centred("a", "b", Way.FLAT, 0), Mounted.centred("b", "a", Way.FLAT, 0));
        Finding<CardPlan> found = CardRules.ring(ring).orElseThrow();
        assertEquals("lies-in-ring", found.rule().key());
        assertTrue(CardRules.ring(found.mend().mended()).isEmpty());
        CardPlan lost = on(Fold.LEFT, Mounted.centred("a", "gone", Way.FLAT, 0));
        assertTrue(CardRules.ring(lost).isPresent());
        assertThrows(BadInput.class, () -> Cards.look(ring, Cards.plain("a", 20, 20), Cards.plain("b", 20, 20)));
    }

    @Test
    void whatIsLargerThanItsGroundIsAskedAbout() {
        CardPlan plan = on(Fold.LEFT, Cards.at("wide", Mounted.FRONT, 0, 120, 10));
        CardLook look = Cards.look(plan, Cards.plain("wide", 60, 40));
        assertEquals(List.of("beyond-edge"), rules(look));
        assertEquals(List.of(), rules(Cards.look(mended(look), Cards.plain("wide", 60, 40))));
    }

    @Test
    void wordsUnderAnotherPieceAndFoilThatNobodySeesAreNamed() {
        Sheet ground = Cards.worded(Cards.plain("ground", 140, 97), Cards.box(40, 40, 60, 12));
        CardPlan half = on(
                Fold.LEFT,
                Mounted.centred("ground", Mounted.FRONT, Way.FLAT, 0),
                Cards.at("over", Mounted.FRONT, 1, 80, 20));
        assertEquals(List.of("words-cut-off"), rules(Cards.look(half, ground, Cards.plain("over", 50, 60))));
        CardPlan whole = on(
                Fold.LEFT,
                Mounted.centred("ground", Mounted.FRONT, Way.FLAT, 0),
                Mounted.centred("over", Mounted.FRONT, Way.RAISED, 1));
        CardLook hidden = Cards.look(whole, ground, Cards.plain("over", 100, 70));
        assertEquals(List.of("never-seen"), rules(hidden));
        assertTrue(
                hidden.findings().get(0).why().contains("9 cm² of foil"),
                hidden.findings().get(0).why());
    }

    @Test
    void shakersClearSheetsFoldsAndGrainAreLookedAt() {
        Sheet frame = Cards.windowed("frame", 90, 80, 40);
        CardPlan low = on(
                Fold.LEFT,
                Mounted.centred("frame", Mounted.FRONT, Way.RAISED, 1).shaking(1.5));
        CardLook stuck = Cards.look(low, frame);
        assertEquals(List.of("shaker-wall"), rules(stuck));
        assertEquals(2, mended(stuck).mounted().get(0).foamMm());
        CardPlan atFold = on(Fold.LEFT, Cards.at("frame", Mounted.FRONT, 0, -22, 10));
        assertTrue(rules(Cards.look(atFold.changing("frame", Mounted::cutThrough), frame))
                .contains("window-at-fold"));
        assertFalse(rules(Cards.look(atFold, frame)).contains("window-at-fold"), "the base is whole behind it");
        CardPlan pane = on(
                Fold.LEFT,
                Mounted.centred("frame", Mounted.FRONT, Way.FLAT, 0),
                Mounted.centred("pane", "frame", Way.BEHIND, 0));
        assertEquals(List.of("clear-small"), rules(Cards.look(pane, frame, Sheet.plain("pane", Cards.CLEAR, 42, 42))));
        assertEquals(List.of(), rules(Cards.look(pane, frame, Sheet.plain("pane", Cards.CLEAR, 48, 48))));
        Base across = new Base(148, 105, Fold.LEFT, "smooth", Grain.ACROSS, "");
        assertEquals(List.of("fold-grain"), rules(Cards.look(new CardPlan(across, null, List.of()))));
    }

    @Test
    void sizesFollowTheBaseThroughMatsThatStepDown() {
        CardPlan mats = on(
                Fold.LEFT,
                Mounted.centred("outer", Mounted.FRONT, Way.FLAT, 0).showing(6),
                Mounted.centred("inner", "outer", Way.FLAT, 0).showing(2));
        Map<String, Base.Size> sizes =
                Showing.sizes(mats, Map.of("outer", new Base.Size(10, 10), "inner", new Base.Size(10, 10)));
        assertEquals(new Base.Size(136, 93), sizes.get("outer"));
        assertEquals(new Base.Size(132, 89), sizes.get("inner"));
    }

    @Test
    void frontsCoverBacksAndLeavesOfAGateMeet() {
        Base left = Cards.base(Fold.LEFT);
        assertEquals(List.of(147.8), left.scores(0.4));
        assertEquals(296, left.open(0.4).widthMm());
        assertEquals(List.of(105.2), Cards.base(Fold.TOP).scores(0.4));
        Base gate = Cards.base(Fold.GATE);
        List<Double> scores = gate.scores(0.4);
        assertEquals(148, scores.get(1) - scores.get(0), 1e-9);
        assertEquals(scores.get(0), gate.open(0.4).widthMm() - scores.get(1), 1e-9);
        assertTrue(2 * scores.get(0) < 148, "leaves do not push each other up");
    }

    @Test
    void wordsPlaceAPieceAndHandsMoveIt() {
        CardPlan plan = on(
                Fold.LEFT,
                Mounted.centred("bee", Mounted.FRONT, Way.FLAT, 0),
                Mounted.centred("seal", Mounted.FRONT, Way.FLAT, 0));
        CardPlan placed = plan.placed("seal", "4 mm right of bee, level with bee", LengthUnit.MM);
        Laid seal = Cards.look(placed, Cards.plain("bee", 40, 30), Cards.round("seal", 20))
                .assembly()
                .piece("seal");
        assertEquals(74 + 20 + 4, seal.shape().getEnvelopeInternal().getMinX(), 1e-6);
        assertEquals(
                List.of("4 right of bee"),
                List.of(placed.said(placed.find("seal").orElseThrow()).get(0).replace("{mm:4}", "4")));
        Laid moved = Cards.look(placed.moved("bee", 5, -3), Cards.plain("bee", 40, 30), Cards.round("seal", 20))
                .assembly()
                .piece("seal");
        assertEquals(
                seal.shape().getEnvelopeInternal().getMinX() + 5,
                moved.shape().getEnvelopeInternal().getMinX(),
                1e-6);
        assertThrows(BadInput.class, () -> plan.placed("seal", "somewhere nice", LengthUnit.MM));
    }

    @Test
    void ideasAreTriedByOnePressAndNeverByThemselves() {
        Sheet[] sheets = {Cards.plain("panel", 100, 80), Cards.round("leaf", 20)};
        CardPlan plan = on(
                Fold.LEFT,
                Mounted.centred("panel", Mounted.FRONT, Way.FLAT, 0),
                Cards.at("leaf", Mounted.FRONT, 1, 20, 60).called("leaf 1"),
                Cards.at("leaf", Mounted.FRONT, 1, 60, 60).called("leaf 2"));
        CardLook look = Cards.look(plan, sheets);
        Ideas.Idea odd = look.ideas().get(0);
        assertEquals("One leaf more", odd.label());
        CardLook three = Cards.look(odd.card(), sheets);
        assertEquals(4, three.assembly().pieces().size());
        Ideas.Idea gathered = three.ideas().stream()
                .filter(i -> i.label().startsWith("Gather"))
                .findFirst()
                .orElseThrow();
        for (Laid p : Cards.look(gathered.card(), sheets).assembly().pieces()) {
            assertTrue(three.assembly().baseShape().buffer(1).covers(p.shape()), p.key());
        }
        Ideas.Idea edge = look.ideas().stream()
                .filter(i -> i.label().startsWith("A copy"))
                .findFirst()
                .orElseThrow();
        List<Laid> pieces = Cards.look(edge.card(), sheets).assembly().pieces();
        assertEquals("leaf 2", pieces.get(pieces.size() - 1).key(), "the copy lies behind");
    }
}
