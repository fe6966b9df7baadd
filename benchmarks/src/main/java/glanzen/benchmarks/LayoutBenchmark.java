package glanzen.benchmarks;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.artwork.SvgReader;
import glanzen.cutting.SheetPlan;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.LayoutRules;
import glanzen.layout.Measures;
import glanzen.layout.Moves;
import glanzen.leftover.LeftoverFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
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

/** The figures that decide whether the Layout keeps up with a hand. docs/benchmarks.md keeps them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class LayoutBenchmark {

    private final ArtworkShelf shelf = DemoBench.SHOP.artworks();
    private final String svg = flower(2000);
    private final List<Leftover> leftovers = leftovers(60);
    private final Artwork rosette = shelf.of(Motif.of(Motif.Kind.ROSETTE), 64, 64);
    private final LeftoverFinder finder = new LeftoverFinder(shelf);
    private final Layout card = DemoBench.BEE.layout();

    /** A path of 2 000 curved segments, read and cleaned. */
    @Benchmark
    public SvgReader.Outline readSvg() {
        return SvgReader.read(svg);
    }

    /** Which of 60 leftovers, each with three to six designs taken, still covers a rosette. */
    @Benchmark
    public List<LeftoverFinder.Found> leftoverSearch() {
        return finder.find(rosette, leftovers);
    }

    /** 100 panels of 74 × 105 mm out of sheets of 305 × 305 mm. */
    @Benchmark
    public SheetPlan sheetPlan() {
        return SheetPlan.of(List.of(new SheetPlan.Want("panel", 74, 105, 100)), 305, 305, true);
    }

    /** What follows a hand: move, snap, arrange, measure, check. */
    @Benchmark
    public Object move() {
        Layout moved = Moves.moved(card, Set.of("bee"), 0.7, 1.3, shelf);
        Layout snapped = Moves.snapped(moved, "bee", 3, shelf).layout();
        Arrangement a = new Arrangement(snapped, shelf);
        return List.of(
                Measures.of(a, DemoBench.BEE.onPlatform().platform()),
                LayoutRules.check(a, DemoBench.BEE.onPlatform().platform(), DemoBench.BEE.press(), Stock.Kind.CARD));
    }

    private static String flower(int segments) {
        StringBuilder d = new StringBuilder("M");
        for (int i = 0; i <= segments; i++) {
            double angle = 2 * Math.PI * i / segments;
            double r = 40 + 8 * Math.sin(40 * angle);
            double x = 60 + r * Math.cos(angle);
            double y = 60 + r * Math.sin(angle);
            d.append(String.format(Locale.ROOT, i == 0 ? "%.3f %.3f" : "Q%.3f %.3f ", x + 0.05, y + 0.05));
            if (i > 0) {
                d.append(String.format(Locale.ROOT, "%.3f %.3f", x, y));
            }
        }
        return "<svg xmlns='http://www.w3.org/2000/svg' width='120mm' height='120mm' viewBox='0 0 120 120'><path d='"
                + d + "Z'/></svg>";
    }

    private static List<Leftover> leftovers(int count) {
        Random random = new Random(5);
        Motif.Kind[] designs = {Motif.Kind.BEE, Motif.Kind.ROSETTE, Motif.Kind.COMB, Motif.Kind.BORDER};
        List<Leftover> leftovers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double w = 90 + random.nextInt(90);
            double h = 90 + random.nextInt(110);
            List<Spent> spent = new ArrayList<>();
            for (int k = 0; k < 3 + random.nextInt(4); k++) {
                spent.add(new Spent(
                        "taken",
                        Motif.of(designs[random.nextInt(designs.length)]),
                        40,
                        36,
                        random.nextDouble() * w,
                        random.nextDouble() * h,
                        90 * random.nextInt(4),
                        ""));
            }
            leftovers.add(new Leftover("l" + i, "Leftover " + i, "copper", w, h, "", spent));
        }
        return leftovers;
    }
}
