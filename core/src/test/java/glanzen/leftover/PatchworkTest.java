package glanzen.leftover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.cutting.SheetPlan;
import glanzen.cutting.SheetPlan.Want;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class PatchworkTest {

    private static Geometry box(double w, double h) {
        return new GeometryFactory().toGeometry(new Envelope(0, w, 0, h));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void coverageAndGapsAddUpWhateverTheScraps(long seed) {
        Random random = new Random(seed);
        Geometry stamp = box(30 + random.nextInt(50), 20 + random.nextInt(40));
        List<Patchwork.Choice> scraps = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            scraps.add(new Patchwork.Choice("s" + i, box(8 + random.nextInt(40), 8 + random.nextInt(30))));
        }
        Patchwork work = Patchwork.lay(stamp, scraps);
        assertEquals(1, work.coverage() + work.gaps().getArea() / stamp.getArea(), 1e-9);
        assertTrue(work.scraps().size() <= scraps.size());
        for (Patchwork.Scrap scrap : work.scraps()) {
            assertTrue(scrap.area().intersects(stamp), "no scrap lies beside the stamp");
        }
        List<Patchwork.Choice> more = new ArrayList<>(scraps);
        more.add(new Patchwork.Choice("more", box(20, 20)));
        assertTrue(Patchwork.lay(stamp, more).coverage() >= work.coverage() - 1e-9);
    }

    @Test
    void theFirstScrapIsUsedUpFirst() {
        Patchwork work = Patchwork.lay(
                box(20, 20),
                List.of(new Patchwork.Choice("small", box(10, 20)), new Patchwork.Choice("large", box(40, 40))));
        assertEquals("small", work.scraps().get(0).leftoverId());
        assertEquals(1, work.coverage(), 1e-9);
    }

    /** A hundred panels: how near the plan comes to what area alone would allow. */
    @ParameterizedTest
    @CsvSource({
        "74, 105, 305, 305, 10, 9",
        "105, 148, 210, 297, 25, 25",
        "100, 148, 305, 305, 17, 16",
        "54, 85, 210, 297, 10, 8",
        "127, 178, 305, 305, 34, 25"
    })
    void aHundredPanels(double w, double h, double sheetW, double sheetH, int sheets, int bound) {
        List<Want> wants = List.of(new Want("panel", w, h, 100));
        SheetPlan plan = SheetPlan.of(wants, sheetW, sheetH, true);
        assertEquals(bound, SheetPlan.areaBound(wants, sheetW, sheetH));
        assertEquals(sheets, plan.sheets().size());
        assertEquals(100 * w * h / (sheets * sheetW * sheetH), plan.fill(), 1e-9);
    }

    @Test
    void sheetsThatAreCutAlikeFollowEachOther() {
        SheetPlan plan =
                SheetPlan.of(List.of(new Want("large", 180, 200, 6), new Want("small", 60, 80, 12)), 210, 297, true);
        for (int i = 1; i < plan.sheets().size() - 1; i++) {
            boolean sameAsBefore = plan.sheets().get(i).equals(plan.sheets().get(i - 1));
            boolean seenEarlier =
                    plan.sheets().subList(0, i).contains(plan.sheets().get(i));
            assertEquals(seenEarlier, sameAsBefore, "no pattern comes back after another");
        }
        assertTrue(plan.sheets().size() <= 7);
    }
}
