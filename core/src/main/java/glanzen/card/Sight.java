package glanzen.card;

import glanzen.card.Sheet.Decor;
import glanzen.card.Sheet.Look;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What of each piece and of what is laid on it is still seen once the card is together. */
public final class Sight {

    /** Covered or cut away more than this, words look cut off, as a share. */
    private static final double CUT_OFF = 0.04;
    /** Covered more than this, a figure is not known by what is left of it. */
    private static final double HALF = 0.25;
    /** Covered more than this, nobody sees that it is there. */
    private static final double HIDDEN = 0.97;

    private final Map<String, Double> seen = new HashMap<>();
    private final List<Partly> decors = new ArrayList<>();

    /**
     * Something laid on a piece.
     *
     * @param key of the piece
     * @param covered how much of it is covered, 0…1
     * @param by key of what covers most of it; empty if nothing does
     */
    public record Partly(String key, Decor decor, double covered, String by) {

        /** Whether words are cut off by what lies over them. */
        public boolean cutOff() {
            return decor.look() == Look.WORDS && covered > CUT_OFF && covered < HIDDEN;
        }

        /** Whether a figure is half hidden. */
        public boolean halfHidden() {
            return decor.look() == Look.FIGURE && covered > HALF && covered < HIDDEN;
        }

        /** Whether part of its words was cut away with the piece. */
        public boolean cutInto() {
            return decor.look() == Look.WORDS && decor.cutAway() > CUT_OFF;
        }

        /** Whether nobody will see it. */
        public boolean hidden() {
            return covered >= HIDDEN;
        }
    }

    /** @param heights which pieces cover which cells */
    public Sight(Assembly assembly, Heights heights) {
        Raster raster = heights.raster();
        for (boolean inside : new boolean[] {true, false}) {
            List<Laid> face =
                    assembly.pieces().stream().filter(p -> p.inside() == inside).toList();
            int[] top = top(raster, heights, face);
            for (int n = 0; n < face.size(); n++) {
                look(raster, heights, face, n, top);
            }
        }
    }

    /** The uppermost piece in each cell that one does not see through. */
    private static int[] top(Raster raster, Heights heights, List<Laid> face) {
        int[] top = new int[raster.count()];
        for (int n = 0; n < face.size(); n++) {
            boolean[] place = heights.place(face.get(n).key());
            boolean clear = face.get(n).sheet().clear();
            for (int i = 0; i < top.length; i++) {
                top[i] = place[i] && !clear ? n + 1 : top[i];
            }
        }
        return top;
    }

    private void look(Raster raster, Heights heights, List<Laid> face, int n, int[] top) {
        Laid piece = face.get(n);
        boolean[] place = heights.place(piece.key());
        int all = 0;
        int open = 0;
        for (int i = 0; i < top.length; i++) {
            all += place[i] ? 1 : 0;
            open += place[i] && top[i] <= n + 1 ? 1 : 0;
        }
        seen.put(piece.key(), all == 0 ? 1 : (double) open / all);
        for (Decor decor : piece.sheet().decor()) {
            byte[] there = raster.covered(piece.placing().transform(decor.shape()));
            double sum = 0;
            double[] over = new double[face.size() + 1];
            for (int i = 0; i < top.length; i++) {
                int much = there[i] & 0xFF;
                sum += much;
                over[top[i] > n + 1 ? top[i] : 0] += much;
            }
            int by = 0;
            for (int k = 1; k < over.length; k++) {
                by = over[k] > (by == 0 ? 0 : over[by]) ? k : by;
            }
            decors.add(new Partly(
                    piece.key(),
                    decor,
                    sum == 0 ? 0 : 1 - over[0] / sum,
                    by == 0 ? "" : face.get(by - 1).key()));
        }
    }

    /** How much of a piece is seen, 0…1. */
    public double seen(String key) {
        return seen.get(key);
    }

    /** What is laid on the pieces. */
    public List<Partly> decors() {
        return List.copyOf(decors);
    }
}
