package glanzen.benchmarks;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.gluing.CardLook;
import glanzen.gluing.FoamShelf;
import glanzen.kit.Stock;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.locationtech.jts.util.GeometricShapeFactory;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Whether a card of thirty pieces is worked out while a hand moves one of them. docs/benchmarks.md keeps the figures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class CardBenchmark {

    private static final int PIECES = 30;

    private final Stock stock = new Stock(
            "ivory", "Ivory card", Stock.Kind.CARD, Surface.SMOOTH, 0.34, 300, 320, 450, 40, true, false, "#f6efdd");
    private final Map<String, Sheet> sheets = new HashMap<>();
    private final CardPlan plan = plan();

    private CardPlan plan() {
        Random luck = new Random(5);
        List<Mounted> mounted = new ArrayList<>();
        for (int n = 0; n < PIECES; n++) {
            String name = "piece " + n;
            double size = 15 + 40 * luck.nextDouble();
            sheets.put(name, n % 3 == 0 ? Sheet.plain(name, stock, size, 0.7 * size) : round(name, size));
            int foam = luck.nextInt(3);
            mounted.add(Mounted.centred(name, Mounted.FRONT, foam > 0 ? Way.RAISED : Way.FLAT, foam)
                    .held(
                            PlacementConstraint.at(Kind.FROM_LOW, 90 * luck.nextDouble()),
                            PlacementConstraint.at(Kind.FROM_LOW, 60 * luck.nextDouble())));
        }
        return new CardPlan(new Base(148, 105, Fold.LEFT, "ivory", Grain.UPRIGHT, ""), null, mounted);
    }

    private Sheet round(String name, double size) {
        GeometricShapeFactory shapes = new GeometricShapeFactory();
        shapes.setSize(size);
        shapes.setNumPoints(72);
        return new Sheet(name, stock, size, size, shapes.createCircle(), List.of());
    }

    /** Arranged, heights, what is seen, foam, joints, steps and findings. */
    @Benchmark
    public int look() {
        CardLook look = new CardLook(new Assembly(plan, stock, sheets), FoamShelf.EMPTY, List.of());
        return look.steps().size() + look.findings().size();
    }
}
