package glanzen.heat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.pull.HeatPlans;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The heat solver against what can be solved by hand (Carslaw and Jaeger; Incropera), and its energy balance. */
class ClosedFormsTest {

    private static final double PERFECT = 1e9;

    @Test
    void twoHalfSpacesMeetAtTheTemperatureTheirEffusivitiesGive() {
        // Many slabs of one material make a body thick enough to be taken as endless for a short while.
        Slab brass = new Slab(0.0016, 110, 8500 * 380.0);
        Slab laminate = new Slab(0.0016, 0.30, 1400 * 1400.0);
        int each = 12;
        List<Slab> slabs = Stream.concat(
                        Stream.generate(() -> brass).limit(each),
                        Stream.generate(() -> laminate).limit(each))
                .toList();
        double[] contacts = new double[2 * each];
        Arrays.fill(contacts, PERFECT);
        Column column = new Column(slabs, contacts, null, 1, 0, 0);
        for (int i = 0; i < each; i++) {
            double[] hot = new double[brass.cells()];
            Arrays.fill(hot, 100);
            column.slabTemperatures(i, hot);
        }
        for (int i = 0; i < 400; i++) {
            column.step(0.0025);
        }
        double hotEffusivity = Math.sqrt(110 * 8500 * 380.0);
        double coldEffusivity = Math.sqrt(0.30 * 1400 * 1400.0);
        double expected = 100 * hotEffusivity / (hotEffusivity + coldEffusivity);
        assertEquals(expected, column.contactTemperature(each), 0.5);
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 60, 200})
    void aSlabWithConvectionFollowsItsSeries(double seconds) {
        double thickness = 0.0016;
        double k = 0.3;
        double rc = 1400 * 1400.0;
        double h = 200;
        Column column = new Column(List.of(new Slab(thickness, k, rc)), new double[1], null, 1, 0, h);
        double[] hot = new double[column.slabTemperatures(0).length];
        Arrays.fill(hot, 80);
        column.slabTemperatures(0, hot);
        int steps = 400;
        for (int i = 0; i < steps; i++) {
            column.step(seconds / steps);
        }
        double biot = h * thickness / k;
        double fourier = k / rc * seconds / (thickness * thickness);
        double dx = thickness / hot.length;
        // The insulated face is the middle of a slab twice as thick; compare the lowest cell's centre.
        assertEquals(series(80, biot, fourier, dx / 2 / thickness), column.slabTemperatures(0)[0], 0.3);
    }

    /** Σ Cₙ·exp(−ζₙ²·Fo)·cos(ζₙ·x), with ζₙ·tan ζₙ = Bi. */
    private static double series(double start, double biot, double fourier, double x) {
        double sum = 0;
        for (int n = 0; n < 30; n++) {
            double low = n * Math.PI;
            double high = n * Math.PI + Math.PI / 2 - 1e-12;
            for (int i = 0; i < 100; i++) {
                double middle = (low + high) / 2;
                if (middle * Math.tan(middle) < biot) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            double c = 4 * Math.sin(low) / (2 * low + Math.sin(2 * low));
            sum += c * Math.exp(-low * low * fourier) * Math.cos(low * x);
        }
        return start * sum;
    }

    @Test
    void aLumpOutOfItsDockCoolsExponentially() {
        Lump lump = new Lump(900, 0.6, 150, 90);
        Column column = new Column(List.of(new Slab(0.0004, 0.1, 1000)), new double[] {1e-9}, lump, 0.002, 0, 0);
        column.dock(false);
        column.lumpTemperature(90);
        for (int i = 0; i < 600; i++) {
            column.step(1);
        }
        assertEquals(90 * Math.exp(-0.6 / 900 * 600), column.lumpTemperature(), 0.01);
    }

    static Stream<Arguments> columns() {
        Random random = new Random(11);
        return Stream.generate(() -> Arguments.of(random.nextLong(), random.nextBoolean(), 30 + random.nextInt(200)))
                .limit(12);
    }

    @ParameterizedTest(name = "seed {0}, docked {1}")
    @MethodSource("columns")
    void energyBalancesWithinAThousandth(long seed, boolean docked, int seconds) {
        Random random = new Random(seed);
        List<Slab> slabs = Stream.of(Bench.WORDS, Bench.SMOOTH, Bench.PLASTIC, Bench.SPACER)
                .map(Slab::of)
                .toList();
        double[] contacts = random.doubles(4, 100, 4000).toArray();
        Column column =
                new Column(slabs, contacts, Lump.of(Bench.PLATFORM, 91), 0.0005 + 0.015 * random.nextDouble(), 0, 10);
        column.dock(docked);
        column.lumpTemperature(91);
        double before = column.storedJ();
        double step = 0.02;
        for (double done = 0; done < seconds; done += step) {
            column.step(step);
            step = Math.min(3, step * 1.2);
        }
        double in = column.heaterJ();
        double imbalance = before + in - column.lostJ() - column.storedJ();
        assertEquals(0, imbalance, 0.001 * (before + in));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 7, 42, 99})
    void longerSoakIsNeverCooler(int seed) {
        Random random = new Random(seed);
        SetUp setUp =
                Bench.setUp(Route.HOT_PLATE, random.nextBoolean() ? Bench.WORDS : Bench.SOLID, random.nextInt(3), 10);
        double before = 0;
        for (double soak = 10; soak < 400; soak *= 1.5) {
            HeatRun run = HeatSolver.solve(HeatPlans.platform(setUp.withSoak(soak), 1));
            double now = run.nips().get(0).celsius()[0];
            assertTrue(now >= before - 0.02, soak + " s gave " + now + " after " + before);
            before = now;
        }
    }

    @Test
    void halvingTheStepsHardlyMovesTheAnswer() {
        List<Slab> slabs = Stream.of(Bench.WORDS, Bench.SPACER).map(Slab::of).toList();
        double[] ends = new double[2];
        for (int refined = 0; refined < 2; refined++) {
            Column column = new Column(slabs, new double[] {500, 300}, Lump.of(Bench.PLATFORM, 91), 0.002, 0, 10);
            column.dock(true);
            column.lumpTemperature(91);
            double step = refined == 0 ? 1 : 0.05;
            for (int i = 0; i < Math.round(45 / step); i++) {
                column.step(step);
            }
            ends[refined] = column.slabTemperatures(0)[0];
        }
        assertEquals(ends[1], ends[0], 0.1);
    }

    @Test
    void aSmallHeaterMeetsItsLimitUnderALargeColdPlate() {
        HeatRun solid = HeatSolver.solve(HeatPlans.platform(Bench.setUp(Route.SOLID_PLATE, Bench.SOLID, 2, 240), 1));
        HeatRun words = HeatSolver.solve(HeatPlans.platform(Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30), 1));
        assertTrue(solid.limited());
        assertTrue(solid.platformC() < 112.5 && words.platformC() < 112.5);
    }

    @Test
    void aMatCoolsFasterThanAir() {
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
        double air = HeatSolver.solve(HeatPlans.platform(setUp.withPeel(new Peel(Cooling.IN_AIR, 20)), 1))
                .peelC();
        double mat = HeatSolver.solve(HeatPlans.platform(setUp.withPeel(new Peel(Cooling.ON_MAT, 20)), 1))
                .peelC();
        double stack = HeatSolver.solve(HeatPlans.platform(setUp.withPeel(new Peel(Cooling.IN_STACK, 20)), 1))
                .peelC();
        assertTrue(mat < air - 10, mat + " on the mat, " + air + " in air");
        assertTrue(air < stack, air + " in air, " + stack + " in the stack");
    }
}
