package glanzen.benchmarks;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Whether a new set-up is there at once, and whether cuts and relief are advised on as quickly as foil. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class RouteBenchmark {

    @Param({"HOT_PLATE", "TONER", "GEL_COLD", "FLOCK", "THIN_CUT", "INTRICATE_CUT", "FLAT_FOLDER", "CUTTING_FOLDER"})
    public Route route;

    private final RigEnsemble ensemble = RigEnsemble.fresh();
    private StartingStack.Pick pick;
    private SetUp started;

    /** What is asked about. */
    @Setup
    public void start() {
        pick = DemoBench.pick(route);
        started = StartingStack.of(pick, DemoBench.SHOP);
    }

    /** The stack a route begins with, out of all boards of the demo. */
    @Benchmark
    public SetUp startingStack() {
        return StartingStack.of(pick, DemoBench.SHOP);
    }

    /** Its forecast, 256 rigs. */
    @Benchmark
    public Forecast forecast() {
        return forecaster().forecast(started, ensemble);
    }

    /** Advice on it. */
    @Benchmark
    public Advice advice() {
        return new Advisor(forecaster(), DemoBench.SHOP).advise(started, ensemble, ErrorBias.OVER);
    }

    /** A new one each time: one that is kept remembers what it was asked last. */
    private static Forecaster forecaster() {
        return new Forecaster(DemoBench.SHOP.artworks());
    }
}
