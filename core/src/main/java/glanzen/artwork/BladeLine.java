package glanzen.artwork;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Where a blade runs, as points a fraction of a millimetre apart, and how much of it lies in the nip with each of them:
 * millimetres of blade per millimetre of feed, over the length of a nip, gathered into a few levels.
 */
public final class BladeLine {

    /** Width at which a cutting line is drawn, mm. */
    public static final double DRAWN_MM = 0.6;

    private static final double PX_PER_MM = 4;
    private static final double NIP_MM = 3.5;
    private static final int LEVELS = 8;
    private static final int MOST_POINTS = 320;

    /**
     * A point of the blade.
     *
     * @param xMm from the middle of the throat, mm
     * @param yMm from the middle of the die along the feed, mm
     * @param alongLevel level of the blade in the nip with it when fed as it lies
     * @param acrossLevel the same when turned a quarter
     */
    public record Point(double xMm, double yMm, int alongLevel, int acrossLevel) {}

    /**
     * Points that are pressed alike: as far from the middle, with as much blade in the nip.
     *
     * @param awayMm from the middle of the throat, when fed as it lies, mm
     * @param turnedAwayMm the same when turned a quarter, mm
     * @param alongLevel level of the blade in the nip with it when fed as it lies
     * @param acrossLevel the same when turned a quarter
     * @param share of the whole blade, 0…1
     */
    public record Stretch(double awayMm, double turnedAwayMm, int alongLevel, int acrossLevel, double share) {}

    private static final double ALIKE_MM = 4;

    private final List<Point> points;
    private final double[] along;
    private final double[] across;
    private final List<Stretch> lying;
    private final List<Stretch> turned;

    private BladeLine(List<Point> points, double[] along, double[] across) {
        this.points = points;
        this.along = along;
        this.across = across;
        this.lying = gathered(points, p -> List.of(p.alongLevel(), away(p.xMm())));
        this.turned = gathered(points, p -> List.of(p.alongLevel(), away(p.xMm()), p.acrossLevel(), away(p.yMm())));
    }

    private static int away(double mm) {
        return (int) (Math.abs(mm) / ALIKE_MM);
    }

    private static List<Stretch> gathered(List<Point> points, Function<Point, List<Integer>> alike) {
        return points.stream()
                .collect(Collectors.groupingBy(alike, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(group -> new Stretch(
                        group.stream()
                                .mapToDouble(p -> Math.abs(p.xMm()))
                                .average()
                                .orElse(0),
                        group.stream()
                                .mapToDouble(p -> Math.abs(p.yMm()))
                                .average()
                                .orElse(0),
                        group.get(0).alongLevel(),
                        group.get(0).acrossLevel(),
                        group.size() / (double) points.size()))
                .toList();
    }

    /** @param blade a cutting line, drawn {@value #DRAWN_MM} mm wide */
    static BladeLine of(Artwork blade) {
        int columns = (int) Math.max(8, Math.ceil(blade.widthMm() * PX_PER_MM));
        int rows = (int) Math.max(8, Math.ceil(blade.heightMm() * PX_PER_MM));
        boolean[] mask = blade.raster(columns, rows, PX_PER_MM);
        double[] byRow = new double[rows];
        double[] byColumn = new double[columns];
        int all = 0;
        for (int i = 0; i < mask.length; i++) {
            if (mask[i]) {
                byRow[i / columns]++;
                byColumn[i % columns]++;
                all++;
            }
        }
        double[] rowDensity = density(byRow);
        double[] columnDensity = density(byColumn);
        Levels alongLevels = new Levels(rowDensity);
        Levels acrossLevels = new Levels(columnDensity);
        List<Point> points = new ArrayList<>();
        int step = Math.max(1, all / MOST_POINTS);
        int n = 0;
        for (int i = 0; i < mask.length; i++) {
            if (mask[i] && n++ % step == 0) {
                points.add(new Point(
                        (i % columns + 0.5 - columns / 2.0) / PX_PER_MM,
                        (rows / 2.0 - i / columns - 0.5) / PX_PER_MM,
                        alongLevels.of(rowDensity[i / columns]),
                        acrossLevels.of(columnDensity[i % columns])));
            }
        }
        return new BladeLine(List.copyOf(points), alongLevels.values, acrossLevels.values);
    }

    /** Blade per millimetre, averaged over the length of a nip. */
    private static double[] density(double[] pixels) {
        int half = (int) Math.round(NIP_MM * PX_PER_MM / 2);
        double[] density = new double[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            double sum = 0;
            for (int j = Math.max(0, i - half); j <= Math.min(pixels.length - 1, i + half); j++) {
                sum += pixels[j];
            }
            density[i] = sum / (2 * half + 1) / PX_PER_MM / DRAWN_MM;
        }
        return density;
    }

    /** Values spaced evenly on a logarithmic scale. */
    private static final class Levels {
        private final double[] values = new double[LEVELS];
        private final double low;
        private final double span;

        Levels(double[] densities) {
            double least = Double.MAX_VALUE;
            double most = 0.1;
            for (double d : densities) {
                least = d > 0.1 ? Math.min(least, d) : least;
                most = Math.max(most, d);
            }
            low = Math.log(Math.min(least, most));
            span = Math.max(1e-9, Math.log(most) - low);
            for (int i = 0; i < LEVELS; i++) {
                values[i] = Math.exp(low + span * i / (LEVELS - 1));
            }
        }

        int of(double density) {
            double at = (Math.log(Math.max(0.1, density)) - low) / span * (LEVELS - 1);
            return (int) Math.max(0, Math.min(LEVELS - 1, Math.round(at)));
        }
    }

    /** What is pressed alike when it is fed as it lies. */
    public List<Stretch> lying() {
        return lying;
    }

    /** What is pressed alike both as it lies and turned a quarter. */
    public List<Stretch> turned() {
        return turned;
    }

    /** The points, far edge first. */
    public List<Point> points() {
        return points;
    }

    /**
     * Which of the points is nearest.
     *
     * @param xMm from the middle of the throat, mm
     * @param yMm from the middle of the die, mm
     */
    public int nearest(double xMm, double yMm) {
        int nearest = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < points.size(); i++) {
            double dx = points.get(i).xMm() - xMm;
            double dy = points.get(i).yMm() - yMm;
            double square = dx * dx + dy * dy;
            if (square < least) {
                least = square;
                nearest = i;
            }
        }
        return nearest;
    }

    /** Millimetres of blade per millimetre of feed at each level, fed as it lies. */
    public double[] alongLevels() {
        return along.clone();
    }

    /** The same when turned a quarter. */
    public double[] acrossLevels() {
        return across.clone();
    }
}
