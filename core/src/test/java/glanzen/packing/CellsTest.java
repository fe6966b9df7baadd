package glanzen.packing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class CellsTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Geometry box(Random random) {
        int x = random.nextInt(300) - 150;
        int y = random.nextInt(300) - 150;
        return GEOMETRY.toGeometry(new Envelope(x, x + 1 + random.nextInt(200), y, y + 1 + random.nextInt(200)));
    }

    @RepeatedTest(50)
    void whatIsCommonToTwoIsWhereBothLie(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Geometry one = box(random).union(box(random));
        Geometry other = box(random).union(box(random));
        int right = random.nextInt(400) - 200;
        int up = random.nextInt(400) - 200;
        Geometry moved = AffineTransformation.translationInstance(right, up).transform(other);
        assertEquals(
                Math.round(one.intersection(moved).getArea()),
                Cells.touched(one, 1).common(Cells.touched(other, 1), right, up));
    }
}
