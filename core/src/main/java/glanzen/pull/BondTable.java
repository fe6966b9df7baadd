package glanzen.pull;

import glanzen.heat.HeatRun;
import glanzen.heat.HeatSource;
import glanzen.heat.HeatTrace;
import glanzen.material.BondingLayer;
import glanzen.transfer.Rates;
import glanzen.transfer.Transfer;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Bond temperatures of one set-up for any rig, from a few heat solves: quadratic between three contact factors; linear
 * in the set-point, which is exact, unless the heater met its limit, where it is quadratic between three set-points.
 */
final class BondTable {

    private static final double LN_STEP = 2 * RigPriors.LN_CONTACT;
    private static final double SET_POINT_STEP = 1.5 * RigPriors.SET_POINT_K;

    private final HeatSource plan;
    private final HeatRun nominal;
    private final HeatRun[][] runs;
    private final double[][] nipSeconds;
    private final double[][][] nipCelsius;
    private Exposure @Nullable [] only;
    private @Nullable Rates rates;

    private BondTable(HeatSource plan, HeatRun nominal, HeatRun[][] runs) {
        this.plan = plan;
        this.nominal = nominal;
        this.runs = runs;
        List<List<HeatTrace>> nips = runs.length == 0
                ? List.of(nominal.nips())
                : Arrays.stream(runs).flatMap(Arrays::stream).map(HeatRun::nips).toList();
        int passes = nominal.nips().size();
        nipSeconds = new double[passes][];
        nipCelsius = new double[passes][nips.size()][];
        for (int pass = 0; pass < passes; pass++) {
            nipSeconds[pass] = nominal.nips().get(pass).seconds();
            for (int k = 0; k < nips.size(); k++) {
                nipCelsius[pass][k] = nips.get(k).get(pass).celsius();
            }
        }
    }

    /** A table for a whole ensemble. */
    static BondTable full(HeatSource plan) {
        HeatRun nominal = plan.solve(1, 0);
        int setPoints = nominal.limited() ? 3 : 1;
        HeatRun[][] runs = new HeatRun[setPoints][3];
        for (int s = 0; s < setPoints; s++) {
            double error = setPoints == 1 ? 0 : (s - 1) * SET_POINT_STEP;
            for (int c = 0; c < 3; c++) {
                boolean isNominal = c == 1 && error == 0;
                runs[s][c] = isNominal ? nominal : plan.solve(Math.exp((c - 1) * LN_STEP), error);
            }
        }
        return new BondTable(plan, nominal, runs);
    }

    /** A table that knows one rig only; for searches that try thousands of set-ups. */
    static BondTable single(HeatSource plan, Rig rig) {
        HeatRun run = plan.solve(Math.exp(rig.lnContact()), rig.setPointErrorK());
        return new BondTable(plan, run, new HeatRun[0][]);
    }

    HeatRun nominal() {
        return nominal;
    }

    /** Temperature at peeling on a rig, °C. */
    double peelC(Rig rig) {
        return runs.length == 0 ? nominal.peelC() : blend(rig, HeatRun::peelC);
    }

    /** Mean bond temperature over one nip of a length, on a rig, °C. */
    double bondC(Rig rig, int pass, double dwellSeconds) {
        double[] weights = runs.length == 0 ? new double[] {1} : weights(rig);
        double[] seconds = nipSeconds[pass];
        double sum = 0;
        double before = celsius(weights, rig, pass, 0);
        double until = Math.max(1e-3, dwellSeconds);
        int i = 1;
        for (; i < seconds.length && seconds[i - 1] < until; i++) {
            double after = celsius(weights, rig, pass, i);
            double share = Math.min(1, (until - seconds[i - 1]) / (seconds[i] - seconds[i - 1]));
            sum += (before + share * (after - before) + before) / 2 * share * (seconds[i] - seconds[i - 1]);
            before = after;
        }
        double followed = Math.min(until, seconds[i - 1]);
        return (sum + before * (until - followed)) / until;
    }

    private double celsius(double[] weights, Rig rig, int pass, int i) {
        double celsius = 0;
        for (int k = 0; k < weights.length; k++) {
            celsius += weights[k] * nipCelsius[pass][k][i];
        }
        return runs.length == 0 ? celsius : scaled(celsius, rig);
    }

    /** Accumulated {@code ∫exp(−(E_a/R)(1/T − 1/T_ref))dt} through each nip, on a rig. */
    Exposure[] exposures(Rig rig, BondingLayer bonding) {
        if (runs.length > 0) {
            return accumulated(rig, bonding);
        }
        // One rig, one answer: a search asks for it tens of thousands of times.
        if (only == null) {
            only = accumulated(rig, bonding);
        }
        return only;
    }

    private Exposure[] accumulated(Rig rig, BondingLayer bonding) {
        double[] weights = runs.length == 0 ? new double[] {1} : weights(rig);
        DoubleUnaryOperator rates = runs.length == 0 ? t -> Transfer.rate(bonding, t) : tabulated(bonding);
        Exposure[] exposures = new Exposure[nipSeconds.length];
        for (int pass = 0; pass < exposures.length; pass++) {
            double[] seconds = nipSeconds[pass];
            double[] total = new double[seconds.length];
            double before = 0;
            for (int i = 0; i < seconds.length; i++) {
                double rate = rates.applyAsDouble(celsius(weights, rig, pass, i));
                total[i] = i == 0 ? 0 : total[i - 1] + (rate + before) / 2 * (seconds[i] - seconds[i - 1]);
                before = rate;
            }
            exposures[pass] = new Exposure(seconds, total);
        }
        return exposures;
    }

    /** Many rigs ask in turn; who comes at the same time as another makes the same table. */
    private DoubleUnaryOperator tabulated(BondingLayer bonding) {
        Rates found = rates;
        if (found == null || found.bonding() != bonding) {
            found = new Rates(bonding);
            rates = found;
        }
        return found::at;
    }

    private double blend(Rig rig, ToDoubleFunction<HeatRun> of) {
        double[] weights = weights(rig);
        double sum = 0;
        for (int k = 0; k < weights.length; k++) {
            sum += weights[k] * of.applyAsDouble(runs[k / 3][k % 3]);
        }
        return scaled(sum, rig);
    }

    private double scaled(double celsius, Rig rig) {
        if (runs.length > 1) {
            return celsius;
        }
        double span = plan.setPointC() - plan.roomC();
        if (span <= 0) {
            return celsius;
        }
        return plan.roomC() + (celsius - plan.roomC()) * (span + rig.setPointErrorK()) / span;
    }

    /** Lagrange weights of the runs, set-points outer, contacts inner. */
    private double[] weights(Rig rig) {
        double[] contact = lagrange(rig.lnContact() / LN_STEP);
        double[] setPoint = runs.length == 1 ? new double[] {1} : lagrange(rig.setPointErrorK() / SET_POINT_STEP);
        double[] weights = new double[runs.length * 3];
        for (int k = 0; k < weights.length; k++) {
            weights[k] = setPoint[k / 3] * contact[k % 3];
        }
        return weights;
    }

    private static double[] lagrange(double x) {
        return new double[] {x * (x - 1) / 2, 1 - x * x, x * (x + 1) / 2};
    }

    /** Accumulated exposure over one nip; read at any time within it, and straight on beyond. */
    record Exposure(double[] seconds, double[] total) {

        double at(double t) {
            int low = 0;
            int high = seconds.length - 1;
            while (high - low > 1) {
                int middle = (low + high) >>> 1;
                if (seconds[middle] < t) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return total[low] + (t - seconds[low]) / (seconds[high] - seconds[low]) * (total[high] - total[low]);
        }
    }
}
