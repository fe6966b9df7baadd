package glanzen.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.layout.Moves.Snapped;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.measure.LengthUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;

/** Moving, drawing to, spacing and taking off, on layouts thrown at random. */
class MovesTest {

    private static final List<String> KEYS = List.of("first", "second", "third");
    private static final double NEAR_MM = 2;

    /** Three words anywhere on the piece, some of them hanging on another. */
    private static Layout thrown(Random random) {
        Layout layout = ArrangementTest.layout(
                new Piece(150, 210, 0),
                ArrangementTest.words("First"),
                ArrangementTest.words("Second"),
                ArrangementTest.words("Third"));
        layout = layout.each(p -> p.held(
                PlacementConstraint.at(Kind.FROM_LOW, PlacementConstraint.rounded(random.nextDouble() * 80)),
                PlacementConstraint.at(Kind.FROM_LOW, PlacementConstraint.rounded(random.nextDouble() * 180))));
        if (random.nextBoolean()) {
            layout = Wording.place(layout, List.of("third"), "9 mm below First", LengthUnit.MM);
        }
        return layout;
    }

    private static Coordinate middle(Layout layout, String key) {
        return new Arrangement(layout, ArrangementTest.SHELF)
                .of(key)
                .designBox()
                .centre();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatIsMovedGoesSoFarAndWhatHangsOnItGoesAlong(long seed) {
        Random random = new Random(seed);
        Layout before = thrown(random);
        double right = PlacementConstraint.rounded(random.nextDouble() * 20 - 10);
        double up = PlacementConstraint.rounded(random.nextDouble() * 20 - 10);
        Layout after = Moves.moved(before, Set.of("first"), right, up, ArrangementTest.SHELF);
        for (String key : KEYS) {
            Placed placed = before.find(key).orElseThrow();
            boolean with = key.equals("first");
            double dx = with || placed.across().looksTo("first") ? right : 0;
            double dy = with || placed.along().looksTo("first") ? up : 0;
            assertEquals(middle(before, key).x + dx, middle(after, key).x, 0.02, key);
            assertEquals(middle(before, key).y + dy, middle(after, key).y, 0.02, key);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void movedTogetherTheyKeepTheirDistance(long seed) {
        Layout before = thrown(new Random(seed));
        Layout after = Moves.moved(before, Set.copyOf(KEYS), 7, -4, ArrangementTest.SHELF);
        for (String key : KEYS) {
            assertEquals(middle(before, key).x + 7, middle(after, key).x, 0.02);
            assertEquals(middle(before, key).y - 4, middle(after, key).y, 0.02);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void aPlateIsDrawnNoFurtherThanItIsNear(long seed) {
        Layout before = thrown(new Random(seed));
        for (String key : KEYS) {
            Snapped after = Moves.snapped(before, key, NEAR_MM, ArrangementTest.SHELF);
            Coordinate from = middle(before, key);
            Coordinate to = middle(after.layout(), key);
            assertTrue(Math.abs(to.x - from.x) <= NEAR_MM + 0.02, key + " across");
            assertTrue(Math.abs(to.y - from.y) <= NEAR_MM + 0.02, key + " along");
            boolean across = after.guides().stream().anyMatch(Moves.Guide::across);
            boolean along = after.guides().stream().anyMatch(g -> !g.across());
            assertTrue(across || to.x == from.x, "moved across without a guide to show for it");
            assertTrue(along || to.y == from.y, "moved along without a guide to show for it");
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void drawingToNeverClosesARing(long seed) {
        Layout layout = thrown(new Random(seed));
        // Every plate to every other, over and over: an arrangement of a ring would be refused.
        for (int round = 0; round < 3; round++) {
            for (String key : KEYS) {
                layout = Moves.snapped(layout, key, 40, ArrangementTest.SHELF).layout();
                assertEquals(
                        KEYS.size(),
                        new Arrangement(layout, ArrangementTest.SHELF).all().size());
            }
        }
    }

    @Test
    void nothingNearDrawsNothing() {
        Layout layout = ArrangementTest.layout(new Piece(150, 210, 0), ArrangementTest.words("First"))
                .each(p ->
                        p.held(PlacementConstraint.at(Kind.FROM_LOW, 11), PlacementConstraint.at(Kind.FROM_LOW, 23)));
        Snapped after = Moves.snapped(layout, "first", 0.5, ArrangementTest.SHELF);
        assertEquals(layout, after.layout());
        assertEquals(List.of(), after.guides());
        assertEquals(
                layout,
                Moves.snapped(layout, "nobody", 5, ArrangementTest.SHELF).layout());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void sameGapsAreTheSameAndTheEndsStay(long seed) {
        Layout before = thrown(new Random(seed));
        Layout after = Moves.sameGaps(before, KEYS, ArrangementTest.SHELF);
        List<PositionedPlate> was = upwards(before);
        List<PositionedPlate> row = upwards(after);
        assertEquals(gap(row, 0), gap(row, 1), 0.02);
        assertEquals(was.get(0).designBox(), row.get(0).designBox());
        assertEquals(was.get(2).designBox().getMinY(), row.get(2).designBox().getMinY(), 0.02);
    }

    private static List<PositionedPlate> upwards(Layout layout) {
        return new Arrangement(layout, ArrangementTest.SHELF)
                .all().stream()
                        .sorted(Comparator.comparingDouble(l -> l.designBox().getMinY()))
                        .toList();
    }

    private static double gap(List<PositionedPlate> row, int above) {
        return row.get(above + 1).designBox().getMinY()
                - row.get(above).designBox().getMaxY();
    }

    @Test
    void onOneAxisTheirMiddlesAgree() {
        Layout layout = Moves.onOneAxis(thrown(new Random(3)), KEYS);
        double x = middle(layout, "first").x;
        KEYS.forEach(k -> assertEquals(x, middle(layout, k).x, 0.02));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void whatHungOnAPlateTakenOffStaysWhereItIs(long seed) {
        Layout before = thrown(new Random(seed));
        Layout after = Moves.without(before, "first", ArrangementTest.SHELF);
        assertEquals(2, after.plates().size());
        for (String key : List.of("second", "third")) {
            assertEquals(middle(before, key).x, middle(after, key).x, 0.02);
            assertEquals(middle(before, key).y, middle(after, key).y, 0.02);
        }
    }
}
