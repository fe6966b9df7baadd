package glanzen.layout;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Material;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Plates laid anywhere, by somebody who has not looked: what is found can be mended as is offered, without something worse. */
class AnyLayoutTest {

    private static final Set<Weight> WRONG = Set.of(Weight.STOP, Weight.WARN);

    private static Layout any(Random random) {
        Piece piece = new Piece(60 + random.nextInt(150), 60 + random.nextInt(200), random.nextInt(3));
        Plate[] plates = IntStream.range(0, 1 + random.nextInt(3))
                .mapToObj(n -> new Plate(
                        "p" + n,
                        "Plate " + n,
                        Plate.Kind.PLATE,
                        Material.BRASS,
                        1.6,
                        15 + random.nextInt(90),
                        10 + random.nextInt(60),
                        Motif.words("Honey")))
                .toArray(Plate[]::new);
        Layout layout = ArrangementTest.layout(piece, plates);
        Layout laid = layout.each(
                p -> new Placed(p.key(), p.plate(), random.nextInt(4), place(random), place(random), p.foil()));
        return random.nextBoolean()
                ? laid
                : laid.withBed(new PlatformPose(
                        random.nextInt(121) - 60, random.nextInt(121) - 60, random.nextInt(4), FlipAxis.SIDEWAYS));
    }

    private static PlacementConstraint place(Random random) {
        return random.nextInt(3) == 0
                ? PlacementConstraint.CENTRED
                : PlacementConstraint.at(
                        random.nextBoolean() ? Kind.FROM_LOW : Kind.FROM_HIGH, random.nextInt(200) - 20);
    }

    private static List<Finding<Layout>> check(Layout layout) {
        return LayoutRules.check(
                new Arrangement(layout, ArrangementTest.SHELF), Bench.PLATFORM, Bench.CRANK, Stock.Kind.CARD);
    }

    private static long count(Layout layout, Finding<Layout> like) {
        return check(layout).stream().filter(f -> f.rule() == like.rule()).count();
    }

    private static long stops(Layout layout) {
        return check(layout).stream().filter(f -> f.weight() == Weight.STOP).count();
    }

    @RepeatedTest(100)
    void whatIsOfferedMends(RepetitionInfo run) {
        Layout layout = any(new Random(7000 + run.getCurrentRepetition()));
        for (Finding<Layout> found : check(layout)) {
            assertFalse(
                    found.what().isBlank() || found.why().isBlank(),
                    found.rule().key());
            if (found.mend() != null && WRONG.contains(found.weight())) {
                String said = found.rule().key() + ": " + found.what() + " → "
                        + found.mend().label();
                Layout mended = found.mend().mended();
                assertTrue(count(mended, found) < count(layout, found), said);
                assertTrue(stops(mended) <= stops(layout), said + " makes it worse");
            }
        }
    }
}
