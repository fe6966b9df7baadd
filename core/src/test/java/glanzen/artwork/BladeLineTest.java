package glanzen.artwork;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BladeLineTest {

    private static final ArtworkShelf SHELF = new ArtworkShelf();

    private static BladeLine line(Motif.Kind kind, double width, double height) {
        return SHELF.of(Motif.of(kind), width, height).bladeLine();
    }

    @Test
    void aFrameHasItsMostBladeWhereItRunsAcrossTheFeed() {
        BladeLine frame = line(Motif.Kind.FRAME, 80, 50);
        assertEquals(79, frame.along().get(9).lengthMm(2), 2, "the top edge lies in the nip all at once");
        assertEquals(79, frame.along().get(9).lengthMm(3.2), 4, "however long the nip is");
        assertEquals(5, frame.along().get(0).lengthMm(2.5), 0.5, "of both sides so much as the nip is long");
        BladeLine.Point top = frame.points().get(frame.nearest(0, 24.7));
        BladeLine.Point side = frame.points().get(frame.nearest(39.7, 0));
        assertTrue(top.alongLevel() > side.alongLevel());
        assertTrue(top.acrossLevel() < side.acrossLevel(), "turned a quarter it is the other way round");
    }

    @Test
    void pointsLieOnTheLineAndTheNearestIsTheNearest() {
        List<BladeLine.Point> points = line(Motif.Kind.OVAL, 80, 60).points();
        assertTrue(points.size() > 100);
        for (BladeLine.Point p : points) {
            double r = Math.hypot(p.xMm() / 39.2, p.yMm() / 29.2);
            assertEquals(1, r, 0.03, p + "");
        }
        BladeLine oval = line(Motif.Kind.OVAL, 80, 60);
        for (int i = 0; i < points.size(); i += 37) {
            assertEquals(i, oval.nearest(points.get(i).xMm(), points.get(i).yMm()));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Motif.Kind.class,
            names = {"WORDS", "OUTLINE"},
            mode = EnumSource.Mode.EXCLUDE)
    void everyMotifIsDrawnWithinItsPlateAndHasAnEdgeToCut(Motif.Kind kind) {
        Artwork drawn = SHELF.of(Motif.of(kind), 70, 90);
        assertTrue(drawn.designBox().getMinX() >= 0 && drawn.designBox().getMaxX() <= 70, drawn.designBox() + "");
        assertTrue(drawn.designBox().getMinY() >= 0 && drawn.designBox().getMaxY() <= 90, drawn.designBox() + "");
        assertTrue(drawn.shape().isValid());
        if (!kind.blade()) {
            assertTrue(drawn.edge().shape().getArea() <= drawn.shape().getArea() + 1e-6);
            assertTrue(drawn.edge().bladeLine().points().size() > 20);
        }
    }
}
