package glanzen.learning;

import glanzen.inspect.Cells;
import glanzen.inspect.Figure;
import glanzen.pull.DoseScale;
import glanzen.pull.PullModel;
import glanzen.pull.Rig;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;

/**
 * What pulls tell of how far rollers give: a pull that is weaker in its middle than the model expects has rollers that give more. The
 * factor on the labelled give is weighed on a grid in its ln (Bayes, with the label as first guess), each time with as much dose as
 * makes the coverage that was measured. A pull that is full tells little, one that is half bare tells most.
 */
public final class RollerGive {

    private static final int GRID = 31;
    private static final double SPAN = 3;
    /** Share of pulls whose middle is weak for another reason: a bowed board, dust, a sheet that lay wavy. */
    private static final double OTHERWISE = 0.1;
    /** Such a middle may be anything up to so much off, as a share of the design. */
    private static final double WIDEST = 0.5;
    /** Room for grain and for what the cells leave out. */
    private static final double ROOM = 0.02;
    /** Nine of ten figures lie within twice their give: 1.645 deviations. */
    private static final double DEVIATIONS_PER_GIVE = 2 / 1.645;
    /** Nothing is ever surer than this, ln. */
    private static final double SUREST = 0.05;

    private static final double FURTHEST_LN = 12;
    private static final double EXACT_LN = 1e-3;

    private final PullModel model;
    private final double coverage;
    private final Cells cells;

    /**
     * @param model the set-up that was pulled
     * @param coverage share of the design that came out, 0…1
     */
    RollerGive(PullModel model, double coverage) {
        this.model = model;
        this.coverage = coverage;
        this.cells = Cells.of(model.artwork(), model.artwork().middleXMm());
    }

    /**
     * Learns from one pull that was read off.
     *
     * @param belief what was believed
     * @param model the set-up made ready
     * @param coverage share of the design that came out, 0…1
     * @param inMiddle how much less came out in the middle than at the sides, as a share
     * @return what is believed now
     */
    public static Belief learn(Belief belief, SetUp setUp, PullModel model, double coverage, Figure inMiddle) {
        Rigged rigged = Rigged.of(setUp);
        double mean = belief.mean(rigged.give());
        double deviation = belief.deviation(rigged.give());
        Rig middle = belief.rigs(rigged).middle();
        RollerGive pull = new RollerGive(model, coverage);
        double sd = Math.hypot(ROOM, inMiddle.give() * DEVIATIONS_PER_GIVE);
        double sum = 0;
        double first = 0;
        double second = 0;
        for (int i = 0; i < GRID; i++) {
            double z = SPAN * (2.0 * i / (GRID - 1) - 1);
            double ln = mean + deviation * z;
            double off = (inMiddle.value() - pull.inMiddle(middle.giving(ln))) / sd;
            double seen = Math.exp(-off * off / 2) / (sd * Math.sqrt(2 * Math.PI));
            double weight = Math.exp(-z * z / 2) * ((1 - OTHERWISE) * seen + OTHERWISE / WIDEST);
            sum += weight;
            first += weight * ln;
            second += weight * ln * ln;
        }
        double learned = first / sum;
        return belief.giving(
                rigged, learned, Math.max(SUREST, Math.sqrt(Math.max(0, second / sum - learned * learned))));
    }

    /** How much less comes out in the middle on a rig, with as much dose as makes the coverage that was measured. */
    double inMiddle(Rig rig) {
        DoseScale scale = model.doses(rig).scale();
        DoubleBinaryOperator map = model.doseMap(rig);
        double[] ln = new double[cells.count()];
        for (int i = 0; i < ln.length; i++) {
            ln[i] = Math.log(Math.max(1e-9, map.applyAsDouble(cells.xMm(i), cells.yMm(i))));
        }
        double low = -FURTHEST_LN;
        double high = FURTHEST_LN;
        while (high - low > EXACT_LN) {
            double more = (low + high) / 2;
            boolean enough = pattern(ln, more, scale).coverage() > coverage;
            low = enough ? low : more;
            high = enough ? more : high;
        }
        return pattern(ln, high, scale).inMiddle();
    }

    private Cells.Pattern pattern(double[] lnDose, double more, DoseScale scale) {
        return cells.pattern(
                Arrays.stream(lnDose).map(ln -> scale.coverage(ln + more)).toArray());
    }
}
