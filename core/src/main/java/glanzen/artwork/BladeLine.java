package glanzen.artwork;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * Where a blade runs, as points a fraction of a millimetre apart, and how many millimetres of it lie in the nip with each of them,
 * however long the nip is: a straight edge along the rollers lies in it whole. Points with about as much blade beside them are
 * gathered into a few levels.
 */
public final class BladeLine {

    /** Width at which a cutting line is drawn, mm. */
    public static final double DRAWN_MM = 0.6;

    /** A blade is followed in steps of this length, and looked for along the feed in steps of this length, mm. */
    private static final double STEP_MM = 0.1;

    /** How long nips are that are tabulated, in steps: up to 8 mm. */
    private static final int LONGEST = 80;

    private static final int EACH = 4;
    /** A nip of this length tells points apart, in steps. */
    private static final int USUAL = 24;

    private static final int LEVELS = 10;
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
    private final List<InNip> along;
    private final List<InNip> across;
    private final List<Stretch> lying;
    private final List<Stretch> turned;

    private BladeLine(List<Point> points, List<InNip> along, List<InNip> across) {
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

    /** @param blade a cutting line, drawn {@value #DRAWN_MM} mm wide, or the edges of a design */
    static BladeLine of(Artwork blade) {
        List<double[]> edge = edge(blade);
        double eachMm = STEP_MM / blade.timesAlong();
        Feed along = new Feed(edge, 1, blade.heightMm(), eachMm);
        Feed across = new Feed(edge, 0, blade.widthMm(), eachMm);
        int every = Math.max(1, edge.size() / MOST_POINTS);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < edge.size(); i += every) {
            double x = edge.get(i)[0];
            double y = edge.get(i)[1];
            points.add(new Point(x - blade.widthMm() / 2, y - blade.heightMm() / 2, along.level(y), across.level(x)));
        }
        points.sort(Comparator.comparingDouble(p -> -p.yMm()));
        return new BladeLine(List.copyOf(points), along.levels(), across.levels());
    }

    /** Points along the edges, a step apart. */
    private static List<double[]> edge(Artwork blade) {
        List<double[]> edge = new ArrayList<>();
        Geometry boundary = blade.bladeEdges();
        for (int n = 0; n < boundary.getNumGeometries(); n++) {
            Coordinate[] corners = boundary.getGeometryN(n).getCoordinates();
            double left = STEP_MM / 2;
            for (int i = 1; i < corners.length; i++) {
                double length = corners[i].distance(corners[i - 1]);
                for (; left < length; left += STEP_MM) {
                    double t = left / length;
                    edge.add(new double[] {
                        corners[i - 1].x + t * (corners[i].x - corners[i - 1].x),
                        corners[i - 1].y + t * (corners[i].y - corners[i - 1].y)
                    });
                }
                left -= length;
            }
        }
        return edge;
    }

    /** How much blade lies in a nip, by its length. */
    public static final class InNip {

        private final double[] byContact;

        private InNip(double[] byContact) {
            this.byContact = byContact;
        }

        /**
         * Blade in the nip, mm.
         *
         * @param contactMm length of the nip, mm
         */
        public double lengthMm(double contactMm) {
            double at = Math.max(0, Math.min(byContact.length - 1, contactMm / (EACH * STEP_MM)));
            int i = Math.min(byContact.length - 2, (int) at);
            return byContact[i] + (at - i) * (byContact[i + 1] - byContact[i]);
        }

        /** Whether no point of the blade is on this level. */
        public boolean empty() {
            return byContact[byContact.length - 1] == 0;
        }
    }

    /** Blade along one direction of feed. */
    private static final class Feed {

        /** Blade up to a place, in steps, mm. */
        private final double[] upTo;

        private final double low;
        private final double span;
        private final double[][] sums = new double[LEVELS][LONGEST / EACH + 1];
        private final int[] counts = new int[LEVELS];

        Feed(List<double[]> edge, int axis, double lengthMm, double eachMm) {
            upTo = new double[(int) Math.ceil(lengthMm / STEP_MM) + 2];
            for (double[] point : edge) {
                upTo[step(point[axis]) + 1] += eachMm;
            }
            for (int i = 1; i < upTo.length; i++) {
                upTo[i] += upTo[i - 1];
            }
            double least = Double.MAX_VALUE;
            double most = STEP_MM;
            for (double[] point : edge) {
                double usual = within(step(point[axis]), USUAL);
                least = Math.min(least, usual);
                most = Math.max(most, usual);
            }
            low = Math.log(Math.max(STEP_MM, Math.min(least, most)));
            span = Math.max(1e-9, Math.log(most) - low);
            for (double[] point : edge) {
                int at = step(point[axis]);
                int level = level(point[axis]);
                counts[level]++;
                for (int k = 0; k < sums[level].length; k++) {
                    sums[level][k] += within(at, k * EACH);
                }
            }
        }

        private int step(double mm) {
            return (int) Math.max(0, Math.min(upTo.length - 2, mm / STEP_MM));
        }

        /** Blade around a place, over so many steps, mm. */
        private double within(int at, int steps) {
            int from = Math.max(0, at - steps / 2);
            int to = Math.min(upTo.length - 1, at + 1 + steps / 2);
            return upTo[to] - upTo[from];
        }

        int level(double mm) {
            double at = (Math.log(Math.max(STEP_MM, within(step(mm), USUAL))) - low) / span * (LEVELS - 1);
            return (int) Math.max(0, Math.min(LEVELS - 1, Math.round(at)));
        }

        List<InNip> levels() {
            List<InNip> levels = new ArrayList<>();
            for (int level = 0; level < LEVELS; level++) {
                double[] mean = new double[sums[level].length];
                for (int k = 0; k < mean.length; k++) {
                    mean[k] = sums[level][k] / Math.max(1, counts[level]);
                }
                levels.add(new InNip(mean));
            }
            return levels;
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

    /** How much blade lies in the nip at each level, fed as it lies; nothing at a level that no point is on. */
    public List<InNip> along() {
        return along;
    }

    /** The same when turned a quarter. */
    public List<InNip> across() {
        return across;
    }
}
