package glanzen.benchmarks;

import glanzen.anchor.Anchor;
import glanzen.forecast.Forecast;
import glanzen.material.Fitted;
import java.util.List;
import java.util.Locale;
import org.apache.commons.math3.analysis.MultivariateFunction;
import org.apache.commons.math3.optim.InitialGuess;
import org.apache.commons.math3.optim.MaxEval;
import org.apache.commons.math3.optim.SimpleBounds;
import org.apache.commons.math3.optim.nonlinear.scalar.GoalType;
import org.apache.commons.math3.optim.nonlinear.scalar.ObjectiveFunction;
import org.apache.commons.math3.optim.nonlinear.scalar.noderiv.BOBYQAOptimizer;

/**
 * Fits the constants that no table gives to what every practised hand knows: least squares of how far each anchor is missed,
 * within the ranges that physics allows (BOBYQA, Powell 2009, in logarithms). Run by {@code scripts/fit}.
 */
public final class Fit {

    private static final int MOST_TRIES = 900;
    /** Rows should hold with so much to spare, in pulls of twenty. */
    private static final double SPARE = 0.6;
    /** What the rows leave open stays near where it was. */
    private static final double STAY = 0.15;

    private final List<Anchor> rows = Anchor.all();
    private final Fitted[] constants = Fitted.values();
    private final double[] start = new double[constants.length];

    private Fit() {
        for (int i = 0; i < constants.length; i++) {
            start[i] = at(constants[i], constants[i].value());
        }
    }

    /** A constant that may be nothing is fitted as it is, the others by their logarithm. */
    private static double at(Fitted constant, double value) {
        return constant.low() > 0 ? Math.log(value) : value;
    }

    private static double value(Fitted constant, double at) {
        double value = constant.low() > 0 ? Math.exp(at) : at;
        return Math.max(constant.low(), Math.min(constant.high(), value));
    }

    private double cost(double[] at) {
        double cost = 0;
        for (int i = 0; i < at.length; i++) {
            constants[i].tried(value(constants[i], at[i]));
            cost += STAY * (at[i] - start[i]) * (at[i] - start[i]);
        }
        return cost
                + rows.parallelStream()
                        .mapToDouble(row -> {
                            double miss = row.miss(row.forecast(), SPARE);
                            return miss * miss;
                        })
                        .sum();
    }

    private double[] fitted() {
        double[] low = new double[constants.length];
        double[] high = new double[constants.length];
        for (int i = 0; i < constants.length; i++) {
            low[i] = at(constants[i], constants[i].low());
            high[i] = at(constants[i], constants[i].high());
        }
        MultivariateFunction cost = this::cost;
        return new BOBYQAOptimizer(2 * constants.length + 1, 0.25, 1e-3)
                .optimize(
                        new MaxEval(MOST_TRIES),
                        new ObjectiveFunction(cost),
                        GoalType.MINIMIZE,
                        new InitialGuess(start),
                        new SimpleBounds(low, high))
                .getPoint();
    }

    private void print(String title) {
        System.out.println(title);
        double missed = 0;
        for (Anchor row : rows) {
            Forecast f = row.forecast();
            double miss = row.miss(f, 0);
            missed += miss;
            System.out.printf(
                    Locale.ROOT,
                    "  %-42s %-28s under %4.1f good %4.1f over %4.1f %s%n",
                    row.name(),
                    String.join(" ", row.expected()),
                    20 * f.under(),
                    20 * f.clean(),
                    20 * f.over(),
                    miss == 0 ? "" : String.format(Locale.ROOT, "MISSED by %.1f", miss));
        }
        System.out.printf(Locale.ROOT, "  missed in all: %.1f of twenty%n", missed);
    }

    /** Fits, and prints. */
    public static void main(String[] args) {
        Fit fit = new Fit();
        fit.print("Before:");
        double[] found = fit.fitted();
        fit.cost(found);
        fit.print("After:");
        for (int i = 0; i < found.length; i++) {
            Fitted c = fit.constants[i];
            System.out.printf(
                    Locale.ROOT,
                    "  %-15s %8.4f, was %8.4f, in %.3f to %.3f %s%n",
                    c,
                    c.value(),
                    value(c, fit.start[i]),
                    c.low(),
                    c.high(),
                    c.unit());
        }
    }
}
