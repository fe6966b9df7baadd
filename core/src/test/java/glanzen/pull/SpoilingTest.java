package glanzen.pull;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class SpoilingTest {

    @Test
    void noLimitIsExact() {
        assertEquals(0.5, Spoiling.byForce(1800, 1800).refused(), 1e-9);
        assertEquals(0, Spoiling.byForce(1400, 1800).refused(), 0.01);
        assertEquals(1, Spoiling.byForce(2200, 1800).refused(), 0.01);
        assertEquals(0.16, Spoiling.NONE.withHeat(132, 135).bareSheet(), 0.01);
        double before = 0;
        for (double force = 1400; force < 2300; force += 10) {
            double refused = Spoiling.byForce(force, 1800).refused();
            assertTrue(refused >= before && refused - before < 0.05, "at " + force + " N");
            before = refused;
        }
    }

    @Test
    void whatIsLikelySpoilsMoreThanHalf() {
        assertEquals(
                Optional.empty(),
                Spoiling.byForce(1750, 1800).withHeat(130, 135).likely());
        assertEquals(
                Optional.of(Trouble.REFUSED),
                Spoiling.byForce(1850, 1800).withHeat(140, 135).likely());
        assertEquals(
                Optional.of(Trouble.BARE_SHEET),
                Spoiling.NONE.withHeat(136, 135).likely());
        assertEquals(Spoiling.NONE, Spoiling.byForce(0, 1800));
    }
}
