package glanzen.benchmarks;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.heat.HeatPlan;
import glanzen.heat.HeatRun;
import glanzen.heat.HeatSolver;
import glanzen.learning.Belief;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.picture.PullPicture;
import glanzen.pull.HeatPlans;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.route.Heating;
import java.awt.image.BufferedImage;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The figures that decide whether the Stack answers while a hand moves. docs/benchmarks.md keeps them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class PullBenchmark {

    private final RigEnsemble ensemble = RigEnsemble.fresh();
    private final HeatPlan soaked = HeatPlans.platform(DemoBench.SOLID.withSoak(Heating.COVERED, 240), 1);
    private final TransferModel bee = forecaster().transfer(DemoBench.BEE);

    /** One heat solve: covered soak of 240 s, hold, nip, cool. */
    @Benchmark
    public HeatRun heatSolve() {
        return HeatSolver.solve(soaked);
    }

    /** Forecast of a bee, 256 rigs. */
    @Benchmark
    public Forecast forecastBee() {
        return forecaster().forecast(DemoBench.BEE, ensemble);
    }

    /** Forecast of a solid, 256 rigs; its heater meets its limit, which takes nine heat solves. */
    @Benchmark
    public Forecast forecastSolid() {
        return forecaster().forecast(DemoBench.SOLID, ensemble);
    }

    /** Advice over all stacks from the demo kit; how many set-ups it considers is in docs/benchmarks.md. */
    @Benchmark
    public Advice adviceBee() {
        return new Advisor(forecaster(), DemoBench.SHOP).advise(DemoBench.BEE, ensemble, ErrorBias.OVER);
    }

    /** The same for a solid. */
    @Benchmark
    public Advice adviceSolid() {
        return new Advisor(forecaster(), DemoBench.SHOP).advise(DemoBench.SOLID, ensemble, ErrorBias.OVER);
    }

    /** Forecast picture, 600×400. */
    @Benchmark
    public BufferedImage picture() {
        return new PullPicture(DemoBench.BEE, bee, Rig.AS_LABELLED, 7).draw(600, 400);
    }

    /** Learning from one pull. */
    @Benchmark
    public Belief learn() {
        return Learner.learn(
                Belief.NOTHING,
                DemoBench.BEE,
                bee,
                Observation.roughly(
                        Observation.Outcome.OVER,
                        Observation.Amount.A_LITTLE,
                        DemoBench.BEE.route().standard()));
    }

    /** A new one each time: one that is kept remembers what it was asked last. */
    private static Forecaster forecaster() {
        return new Forecaster(DemoBench.SHOP.artworks());
    }
}
