package glanzen.card;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.locationtech.jts.geom.Geometry;

/**
 * How high a card stands, cell by cell. Pieces are stiff: each lies on the highest that is under it, on its foam if it has any. What
 * lies in an opening lies on what is seen through it.
 */
public final class Heights {

    private static final double CELL_MM = 0.5;
    /** Two leaves further apart than this show that something is between them, mm. */
    private static final double GAPES_MM = 3;

    private static final double SAME_MM = 0.02;

    private final Assembly assembly;
    private final Raster raster;
    private final float[] front;
    private final float[] inside;
    private final Map<String, Double> bottoms = new HashMap<>();
    private final Map<String, boolean[]> places = new HashMap<>();

    public Heights(Assembly assembly) {
        this.assembly = assembly;
        this.raster = Raster.over(assembly.box(), CELL_MM);
        this.front = new float[raster.count()];
        this.inside = new float[raster.count()];
        for (Laid piece : assembly.pieces()) {
            places.put(piece.key(), raster.filled(piece.shape()));
            if (!taped(piece)) {
                lay(piece, under(piece) + piece.mounted().foamMm());
                tape(piece.key());
            }
        }
    }

    /** What is taped to the back of a piece, and to the back of that. */
    private void tape(String host) {
        assembly.pieces().stream()
                .filter(p -> taped(p) && p.mounted().on().equals(host))
                .forEach(p -> {
                    bottoms.put(p.key(), bottomMm(host) - caliperMm(p));
                    tape(p.key());
                });
    }

    /** Whether it is taped to the back of something raised: it takes room from the foam, and adds nothing to the height. */
    private boolean taped(Laid piece) {
        return piece.mounted().way() == Way.BEHIND
                && assembly.host(piece).filter(h -> h.mounted().foamMm() > 0).isPresent();
    }

    private static double caliperMm(Laid piece) {
        return piece.sheet().stock().thicknessMm();
    }

    private double under(Laid piece) {
        boolean[] place = place(piece.key());
        float[] height = piece.inside() ? inside : front;
        float under = 0;
        for (int i = 0; i < place.length; i++) {
            under = place[i] ? Math.max(under, height[i]) : under;
        }
        return under;
    }

    private void lay(Laid piece, double bottomMm) {
        boolean[] place = place(piece.key());
        float[] height = piece.inside() ? inside : front;
        float top = (float) (bottomMm + caliperMm(piece));
        for (int i = 0; i < place.length; i++) {
            height[i] = place[i] ? top : height[i];
        }
        bottoms.put(piece.key(), bottomMm);
    }

    /** The cells. */
    public Raster raster() {
        return raster;
    }

    /** Where a piece begins, over the leaf it lies on, mm. */
    public double bottomMm(String key) {
        return Objects.requireNonNull(bottoms.get(key));
    }

    /** Where a piece ends, over the leaf it lies on, mm. */
    public double topMm(String key) {
        return bottomMm(key) + caliperMm(assembly.piece(key));
    }

    /** The cells a piece covers. */
    boolean[] place(String key) {
        return Objects.requireNonNull(places.get(key));
    }

    /** How thick a closed card is in a cell, mm. */
    public double closedMm(int cell) {
        return leavesMm() + inside[cell] + front[cell];
    }

    private double leavesMm() {
        return assembly.plan().base().fold().leaves() * assembly.baseStock().thicknessMm();
    }

    /** The thickest place of the closed card, mm. */
    public double thickestMm() {
        double most = 0;
        for (int i = 0; i < front.length; i++) {
            most = Math.max(most, inside[i] + front[i]);
        }
        return leavesMm() + most;
    }

    /** How far what lies inside holds the leaves apart, mm. */
    public double apartMm() {
        double most = 0;
        for (float mm : inside) {
            most = Math.max(most, mm);
        }
        return most;
    }

    /** Whether it lies closed by itself. */
    public boolean closes() {
        return apartMm() <= GAPES_MM;
    }

    /** Keys of what touches the inside of the front when it is closed. */
    public List<String> touching() {
        double most = apartMm();
        return assembly.pieces().stream()
                .filter(p -> p.inside() && topMm(p.key()) > most - SAME_MM)
                .map(Laid::key)
                .toList();
    }

    /** How thick it is in squares of several cells, row by row from the foot, mm. */
    public double[] coarse(int cells) {
        int columns = (raster.columns() + cells - 1) / cells;
        int rows = (raster.rows() + cells - 1) / cells;
        double[] most = new double[columns * rows];
        for (int i = 0; i < front.length; i++) {
            int at = i / raster.columns() / cells * columns + i % raster.columns() / cells;
            most[at] = Math.max(most[at], closedMm(i));
        }
        return Arrays.stream(most).map(mm -> Math.round(mm * 100) / 100.0).toArray();
    }

    /**
     * A stretch of something that is cut through.
     *
     * @param key of the piece; empty for the base and for foam
     * @param what it is: base, piece or foam
     * @param fromMm along the cut, mm
     * @param toMm along the cut, mm
     * @param bottomMm over the table, mm
     * @param topMm over the table, mm
     */
    public record Stretch(String key, What what, double fromMm, double toMm, double bottomMm, double topMm) {

        /** What is cut through. */
        public enum What {
            BASE,
            PIECE,
            FOAM
        }
    }

    /**
     * The closed card cut through.
     *
     * @param line where
     * @param foam shapes of foam by the piece it carries
     */
    public List<Stretch> cutThrough(CutLine line, Map<String, Geometry> foam) {
        double leaf = assembly.baseStock().thicknessMm();
        int leaves = assembly.plan().base().fold().leaves();
        double frontAt = leaves * leaf + apartMm();
        List<Stretch> all = new ArrayList<>();
        for (int n = 0; n < leaves; n++) {
            boolean front = n == leaves - 1;
            double bottom = front ? frontAt - leaf : n * leaf;
            Geometry shape = front ? assembly.baseShape() : assembly.leafShape();
            add(all, line, shape, "", Stretch.What.BASE, bottom, bottom + leaf);
        }
        for (Laid piece : assembly.pieces()) {
            String key = piece.key();
            double from = piece.inside() ? (leaves - 1) * leaf : frontAt;
            double bottom = from + bottomMm(key);
            if (foam.containsKey(key)) {
                double foot = bottom - piece.mounted().foamMm();
                add(all, line, foam.get(key), key, Stretch.What.FOAM, foot, bottom);
            }
            add(all, line, piece.shape(), key, Stretch.What.PIECE, bottom, from + topMm(key));
        }
        return all;
    }

    private static void add(
            List<Stretch> all,
            CutLine line,
            Geometry shape,
            String key,
            Stretch.What what,
            double bottomMm,
            double topMm) {
        line.through(shape).forEach(s -> all.add(new Stretch(key, what, s[0], s[1], bottomMm, topMm)));
    }
}
