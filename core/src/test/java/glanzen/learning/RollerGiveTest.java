package glanzen.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.artwork.Artwork;
import glanzen.artwork.Motif;
import glanzen.forecast.RigEnsemble;
import glanzen.inspect.Cells;
import glanzen.inspect.Figure;
import glanzen.picture.FoilMask;
import glanzen.picture.PullPicture;
import glanzen.pull.Rig;
import glanzen.pull.RigPriors;
import glanzen.pull.TransferModel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Learning how far rollers give, from drawn pulls whose rollers are known. */
class RollerGiveTest {

    private static final SetUp SET_UP = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, Bench.SMOOTH, 1, 30);
    private static final TransferModel MODEL =
            TransferModel.of(SET_UP, Artwork.of(new Motif(Motif.Kind.SOLID, "", ""), 130, 60));
    private static final double PX_PER_MM = 4;

    /** What a drawn pull looks like in cells. */
    private static Cells.Pattern pulled(Rig truth, double lnDose, long seed) {
        double usual = Math.log(MODEL.doses(truth).pull(1).dose());
        Rig rig = truth.needing(usual - lnDose);
        FoilMask mask = new PullPicture(SET_UP, MODEL, rig, seed).mask(PX_PER_MM);
        Cells cells = Cells.of(MODEL.artwork(), MODEL.artwork().middleXMm());
        double[] covered = IntStream.range(0, cells.count())
                .mapToDouble(i -> IntStream.range(0, 64)
                                .filter(k ->
                                        mask.foil(cells.xMm(i) + (k % 8 - 3.5) / 4, cells.yMm(i) + (k / 8 - 3.5) / 4))
                                .count()
                        / 64.0)
                .toArray();
        return cells.pattern(covered);
    }

    private static final Trait GIVE = Rigged.of(SET_UP).give();

    private static Belief taught(double lnGive, int pulls) {
        Random luck = new Random(7);
        Belief known = Belief.NOTHING;
        for (int n = 0; n < pulls; n++) {
            Cells.Pattern seen = pulled(Rig.AS_LABELLED.giving(lnGive), 0.25 * luck.nextDouble() - 0.05, n);
            known = RollerGive.learn(known, SET_UP, MODEL, seen.coverage(), new Figure(seen.inMiddle(), 0.01));
        }
        return known;
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.5, 0, 0.5})
    void aFewWeakPullsTellHowFarTheRollersGive(double lnGive) {
        Belief known = taught(lnGive, 6);
        double spread = known.deviation(GIVE);
        assertEquals(lnGive, known.mean(GIVE), Math.max(0.15, 2 * spread));
        assertTrue(spread < 0.25, "±" + spread);
    }

    @Test
    void aFullPullTellsLittle() {
        Belief known = RollerGive.learn(Belief.NOTHING, SET_UP, MODEL, 0.9999, new Figure(0, 0.01));
        assertTrue(known.deviation(GIVE) > 0.4, "±" + known.deviation(GIVE));
    }

    @Test
    void oneStrangePullDoesNotUndoWhatMoreHaveTold() {
        Belief known = taught(0.3, 6);
        Belief after = RollerGive.learn(known, SET_UP, MODEL, 0.7, new Figure(-0.4, 0.02));
        assertEquals(known.mean(GIVE), after.mean(GIVE), 0.1);
    }

    @Test
    void whatElseIsBelievedStaysAsItWas() {
        Belief known = taught(0.5, 2);
        RigEnsemble rigs = known.rigs(Rigged.of(SET_UP));
        assertEquals(0, rigs.mean(Rig::openingErrorMm), 1e-12);
        assertEquals(RigPriors.SET_POINT_K, rigs.deviation(Rig::setPointErrorK), 1e-6);
        assertEquals(0.5, rigs.mean(Rig::lnGive), 0.2);
        assertTrue(RigReport.of(taught(0.5, 6), Bench.CRANK, Bench.PLATFORM, java.util.List.of()).stream()
                .anyMatch(r -> r.text().contains("more in the middle")));
    }
}
