package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.kit.Board;
import glanzen.learning.StripGauge.Measured;
import glanzen.learning.StripGauge.Pulled;
import glanzen.learning.StripGauge.Trial;
import glanzen.material.Material;
import glanzen.measure.BadInput;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StripGaugeTest {

    private static final List<Board> BOARDS =
            List.of(Bench.board("a", Board.Kind.OUTER_PLATE, Material.POLYCARBONATE, 13.6));

    /** What a true press does to strips, worked out from first principles beside the code under test. */
    private static Pulled pulled(double opening, double crown, double strip, double xi) {
        Frame frame = new Frame(opening, Bench.CRANK.stiffnessNPerMm(), Bench.CRANK.rollerRadiusMm(), crown);
        Nip nip = Nip.solve(frame, LoadPath.through(strip, Material.CARD), 13.6 + strip - opening, 45);
        double newton = 2 * 0.3 * nip.pressureMpa() * frame.pressureShare(1, nip.forceN(), xi) * 15 * nip.contactMm();
        return newton < 4 ? Pulled.SLIPS : newton > 70 ? Pulled.TEARS : Pulled.DRAGS;
    }

    private static List<Trial> guided(double opening, double crown, int trials) {
        List<Trial> seen = new ArrayList<>();
        for (int i = 0; i < trials; i++) {
            double strip = StripGauge.of(Bench.CRANK, BOARDS, seen).nextMm() + 0.06 * (i % 3 - 1);
            Pulled side = pulled(opening, crown, strip, StripGauge.OUT);
            seen.add(new Trial(strip, side, pulled(opening, crown, strip, 0), side));
        }
        return seen;
    }

    @ParameterizedTest
    @CsvSource({"13.88, 0.10", "13.95, 0.18", "14.05, 0.10", "14.12, 0.06"})
    void aFewStripsTellTheOpening(double opening, double crown) {
        Measured before = StripGauge.of(Bench.CRANK, BOARDS, List.of());
        Measured after = StripGauge.of(Bench.CRANK, BOARDS, guided(opening, crown, 6));
        assertEquals(14.0, before.openingMm(), 0.01);
        assertTrue(after.openingSdMm() < 0.4 * before.openingSdMm(), after + "");
        assertEquals(opening, after.openingMm(), 0.05);
    }

    @Test
    void sidesThatTearWhileTheMiddleSlipsTellOfRollersThatGive() {
        Measured giving =
                StripGauge.of(Bench.CRANK, BOARDS, List.of(new Trial(0.5, Pulled.TEARS, Pulled.DRAGS, Pulled.TEARS)));
        Measured stiff =
                StripGauge.of(Bench.CRANK, BOARDS, List.of(new Trial(0.5, Pulled.TEARS, Pulled.TEARS, Pulled.TEARS)));
        assertTrue(giving.crown() > stiff.crown());
        assertNull(giving.holdsHarder());
        assertEquals(
                StripGauge.Side.RIGHT,
                StripGauge.of(Bench.CRANK, BOARDS, List.of(new Trial(0.5, Pulled.SLIPS, Pulled.DRAGS, Pulled.TEARS)))
                        .holdsHarder());
    }

    @Test
    void boardsThatCannotTestThePressAreRefused() {
        List<Board> thin = List.of(Bench.board("a", Board.Kind.OUTER_PLATE, Material.POLYCARBONATE, 3));
        assertThrows(BadInput.class, () -> StripGauge.of(Bench.CRANK, thin, List.of()));
        assertThrows(BadInput.class, () -> StripGauge.of(Bench.CRANK, List.of(), List.of()));
        assertThrows(BadInput.class, () -> new Trial(-1, Pulled.SLIPS, Pulled.SLIPS, Pulled.SLIPS));
    }
}
