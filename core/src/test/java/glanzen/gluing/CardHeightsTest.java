package glanzen.gluing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.card.Fold;
import glanzen.card.Heights;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.card.Raster;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.finding.RuleId;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** Heights and what is seen, against counting every place by hand. */
class CardHeightsTest {

    private static final double CARD = Cards.STOCK.thicknessMm();

    /** Where a piece begins if every half millimetre under it is looked at. */
    private static double bottom(CardLook look, Laid piece, List<Laid> below, double[] tops) {
        Raster raster = look.heights().raster();
        double under = 0;
        for (int i = 0; i < raster.count(); i++) {
            Geometry here = Cards.GEOMETRY.createPoint(new Coordinate(raster.xMm(i), raster.yMm(i)));
            if (!piece.shape().covers(here)) {
                continue;
            }
            double top = 0;
            for (int n = 0; n < below.size(); n++) {
                top = below.get(n).shape().covers(here) ? tops[n] : top;
            }
            under = Math.max(under, top);
        }
        return under + piece.mounted().foamMm();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void heightsAreThoseOfPiecesLaidOnWhatIsHighestUnderThem(long seed) {
        CardLook look = Cards.any(6, seed);
        for (boolean inside : new boolean[] {true, false}) {
            List<Laid> face = look.assembly().pieces().stream()
                    .filter(p -> p.inside() == inside)
                    .toList();
            double[] tops = new double[face.size()];
            for (int n = 0; n < face.size(); n++) {
                Laid piece = face.get(n);
                double bottom = bottom(look, piece, face.subList(0, n), tops);
                tops[n] = bottom + CARD;
                assertEquals(bottom, look.heights().bottomMm(piece.key()), 1e-4, piece.key() + " of " + seed);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void coveredAndSeenTogetherAreTheWholePiece(long seed) {
        CardLook look = Cards.any(7, seed);
        List<Laid> pieces = look.assembly().pieces();
        for (int n = 0; n < pieces.size(); n++) {
            Laid piece = pieces.get(n);
            Geometry open = piece.shape();
            for (Laid over : pieces.subList(n + 1, pieces.size())) {
                open = over.inside() == piece.inside() ? open.difference(over.shape()) : open;
            }
            assertEquals(
                    open.getArea() / piece.shape().getArea(),
                    look.sight().seen(piece.key()),
                    0.02,
                    piece.key() + " of " + seed);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24})
    void heightsNeverFallWhenAPieceIsAdded(long seed) {
        CardLook fewer = Cards.any(5, seed);
        CardLook more = Cards.any(6, seed);
        assertTrue(more.heights().thickestMm() >= fewer.heights().thickestMm() - 1e-9);
        fewer.assembly()
                .pieces()
                .forEach(p -> assertTrue(
                        more.heights().bottomMm(p.key()) >= fewer.heights().bottomMm(p.key()) - 1e-9));
    }

    @Test
    void whatLiesInAnOpeningLiesFlushAndAClearSheetBehindFoamAddsNothing() {
        Sheet frame = Cards.windowed("frame", 90, 70, 40);
        Sheet inlay = Cards.plain("inlay", 40, 40);
        CardLook flush = Cards.look(
                new CardPlan(
                        Cards.base(Fold.NONE),
                        null,
                        List.of(
                                Mounted.centred("frame", Mounted.FRONT, Way.FLAT, 0),
                                Mounted.centred("inlay", "frame", Way.INTO_OPENING, 0))),
                frame,
                inlay);
        assertEquals(2 * CARD, flush.heights().thickestMm(), 1e-6);
        assertEquals(flush.heights().bottomMm("frame"), flush.heights().bottomMm("inlay"), 1e-6);
        assertEquals(1, flush.sight().seen("inlay"), 1e-9);
        Sheet pane = Sheet.plain("pane", Cards.CLEAR, 48, 48);
        CardLook shaker = Cards.look(
                new CardPlan(
                        Cards.base(Fold.NONE),
                        null,
                        List.of(
                                Mounted.centred("frame", Mounted.FRONT, Way.RAISED, 3)
                                        .shaking(1),
                                Mounted.centred("pane", "frame", Way.BEHIND, 0))),
                frame,
                pane);
        assertEquals(3 + 2 * CARD, shaker.heights().thickestMm(), 1e-6);
        assertEquals(3, shaker.heights().topMm("pane"), 1e-6);
        assertTrue(shaker.joined().shakers().get("frame").closed());
        assertEquals(List.of(), shaker.findings());
    }

    @Test
    void insideAndOutsideAddUpWhereTheyLieOverEachOther() {
        CardPlan plan = new CardPlan(
                Cards.base(Fold.LEFT),
                null,
                List.of(
                        Cards.at("a", Mounted.INSIDE, 1, 10, 10),
                        Cards.at("b", Mounted.FRONT, 2, 20, 20),
                        Cards.at("c", Mounted.FRONT, 1, 100, 20)));
        CardLook look = Cards.look(plan, Cards.plain("a", 60, 60), Cards.plain("b", 60, 60), Cards.plain("c", 30, 30));
        assertEquals(2 * CARD + (1 + CARD) + (2 + CARD), look.heights().thickestMm(), 1e-6);
        assertEquals(List.of("a"), look.heights().touching());
        double thickest = look.cutThrough(new CutLine(0, 40, 148, 40)).stream()
                .mapToDouble(Heights.Stretch::topMm)
                .max()
                .orElseThrow();
        assertEquals(look.heights().thickestMm(), thickest, 1e-5);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void cutThroughAnywhereItShowsWhatLiesThereAsHighAsItStands(long seed) {
        CardLook look = Cards.any(9, seed);
        Random luck = new Random(seed);
        CutLine line = new CutLine(
                148 * luck.nextDouble(), 105 * luck.nextDouble(), 148 * luck.nextDouble(), 105 * luck.nextDouble());
        for (double at = 0.25; at < line.lengthMm(); at += 0.5) {
            double share = at / line.lengthMm();
            Geometry place = Cards.GEOMETRY.createPoint(new Coordinate(
                    line.fromXMm() + share * (line.toXMm() - line.fromXMm()),
                    line.fromYMm() + share * (line.toYMm() - line.fromYMm())));
            double along = at;
            Set<String> cut = look.cutThrough(line).stream()
                    .filter(s -> s.what() == Heights.Stretch.What.PIECE && s.fromMm() < along && along < s.toMm())
                    .map(Heights.Stretch::key)
                    .collect(Collectors.toSet());
            Set<String> there = look.assembly().pieces().stream()
                    .filter(p -> p.shape().contains(place))
                    .map(Laid::key)
                    .collect(Collectors.toSet());
            assertEquals(there, cut);
        }
    }

    @Test
    void halfAFigureIsToldAndHalfAGroundIsNot() {
        for (Sheet.Look kind : List.of(Sheet.Look.FIGURE, Sheet.Look.GROUND)) {
            Sheet plain = Cards.plain("panel", 80, 60);
            Sheet.Decor bee = new Sheet.Decor("Bee", Cards.box(20, 20, 20, 20), "#b87333", kind, false, 9, 60, 0);
            Sheet panel = new Sheet("panel", plain.stock(), 80, 60, plain.shape(), List.of(bee));
            CardPlan plan = new CardPlan(
                    Cards.base(Fold.NONE),
                    null,
                    List.of(Cards.at("panel", Mounted.FRONT, 0, 10, 10), Cards.at("leaf", "panel", 0, 30, 10)));
            boolean told = Cards.look(plan, panel, Cards.plain("leaf", 30, 40)).findings().stream()
                    .anyMatch(f -> f.rule() == RuleId.FIGURE_HIDDEN);
            assertEquals(kind == Sheet.Look.FIGURE, told);
        }
    }

    @Test
    void turnedOverTwiceItIsAsItWas() {
        Geometry shape = Cards.any(1, 3).assembly().pieces().get(0).shape();
        assertTrue(Cards.turnedOver(Cards.turnedOver(shape)).equalsExact(shape, 1e-9));
    }
}
