package glanzen.gluing;

import glanzen.kit.FoamSheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * The foam there is, and what can be bought everywhere: which heights it makes, and what they are stuck together from.
 *
 * @param own sheets and offcuts of the kit
 */
public record FoamShelf(List<FoamSheet> own) {

    /** A shelf with nothing on it. */
    public static final FoamShelf EMPTY = new FoamShelf(List.of());

    private static final double SAME_MM = 0.05;
    /** More is not stuck on each other. */
    private static final int MOST_LAYERS = 5;

    /** Heights that somebody mounts a piece on, mm. */
    private static final double MOST_MM = 6;

    public FoamShelf {
        own = own.stream().filter(s -> s.left() > 0).toList();
    }

    private Stream<FoamSheet> all() {
        return Stream.concat(own.stream(), FoamSheet.USUAL.stream());
    }

    private List<Double> thicknessesMm() {
        return all().map(FoamSheet::thicknessMm)
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** Sheets of one thickness: the person's own, smallest first. */
    List<FoamSheet> own(double thicknessMm) {
        return own.stream()
                .filter(s -> Math.abs(s.thicknessMm() - thicknessMm) < SAME_MM)
                .sorted(Comparator.comparingDouble(FoamSheet::areaMm2))
                .toList();
    }

    /** What a new sheet of a thickness is: a usual one, or one like the largest there is. */
    FoamSheet another(double thicknessMm) {
        return FoamSheet.USUAL.stream()
                .filter(s -> Math.abs(s.thicknessMm() - thicknessMm) < SAME_MM)
                .findFirst()
                .orElseGet(() -> {
                    List<FoamSheet> known = own(thicknessMm);
                    return known.get(known.size() - 1);
                });
    }

    /** Heights that can be made, lowest first, mm. */
    public List<Double> heightsMm() {
        List<Double> sums = new ArrayList<>();
        List<Double> single = thicknessesMm();
        for (double a : single) {
            sums.add(a);
            single.forEach(b -> sums.add(a + b));
        }
        return sums.stream()
                .filter(mm -> mm <= MOST_MM)
                .map(mm -> Math.round(20 * mm) / 20.0)
                .distinct()
                .sorted()
                .toList();
    }

    /** The next lower height that can be made; 0 where there is none, mm. */
    double below(double heightMm) {
        return heightsMm().stream().filter(mm -> mm < heightMm - SAME_MM).reduce(0.0, (a, b) -> b);
    }

    /** The lowest height that can be made and is no less, mm. */
    double atLeast(double heightMm) {
        return heightsMm().stream()
                .filter(mm -> mm >= heightMm - 1e-9)
                .findFirst()
                .orElse(Math.ceil(heightMm));
    }

    /** The sheets that are stuck on each other to a height, thickest first: nearest to it, then from what is there, then the fewest. */
    public List<Double> layersMm(double heightMm) {
        List<List<Double>> ways = new ArrayList<>();
        stack(heightMm, thicknessesMm(), 0, new ArrayList<>(), ways);
        return ways.stream()
                .min(Comparator.comparingDouble((List<Double> w) -> Math.round(Math.abs(sum(w) - heightMm) / SAME_MM))
                        .thenComparingLong(
                                w -> w.stream().filter(mm -> own(mm).isEmpty()).count())
                        .thenComparingInt(List::size))
                .orElse(List.of());
    }

    private static void stack(
            double heightMm, List<Double> thicknesses, int from, List<Double> so, List<List<Double>> ways) {
        if (!so.isEmpty()) {
            ways.add(List.copyOf(so));
        }
        for (int n = from; n < thicknesses.size() && so.size() < MOST_LAYERS; n++) {
            if (sum(so) + thicknesses.get(n) <= heightMm + SAME_MM) {
                so.add(thicknesses.get(n));
                stack(heightMm, thicknesses, n, so, ways);
                so.remove(so.size() - 1);
            }
        }
    }

    private static double sum(List<Double> layers) {
        return layers.stream().mapToDouble(mm -> mm).sum();
    }
}
