package glanzen.gluing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Envelope;

/**
 * How foam is cut from sheets: pads in rows, longest first, each where it first fits (Coffman, Garey, Johnson and Tarjan 1980), turned
 * lengthways.
 *
 * @param thicknessMm of the sheets, mm
 * @param widthMm of a sheet as it lies, mm
 * @param heightMm of a sheet as it lies, mm
 * @param sheets how many are begun
 * @param placed where each pad is cut
 * @param waste share of the begun part that is left over, 0…1
 */
public record FoamCut(
        double thicknessMm, double widthMm, double heightMm, int sheets, List<Placed> placed, double waste) {

    /** A usual sheet, mm. */
    private static final double SHEET_WIDTH_MM = 150;

    private static final double SHEET_HEIGHT_MM = 200;

    public FoamCut {
        placed = List.copyOf(placed);
    }

    /** A pad on a sheet, its box lying with the longer side across. */
    public record Placed(int sheet, double xMm, double yMm, double widthMm, double heightMm) {}

    /**
     * Everything a job needs, by thickness.
     *
     * @param foams what carries the pieces of one card
     * @param cards how many cards
     */
    public static List<FoamCut> of(List<Foam> foams, int cards) {
        Map<Double, List<double[]>> boxes = new TreeMap<>();
        for (Foam foam : foams) {
            for (double layer : foam.layers()) {
                foam.pads().forEach(pad -> {
                    Envelope box = pad.getEnvelopeInternal();
                    double[] lying = {
                        Math.max(box.getWidth(), box.getHeight()), Math.min(box.getWidth(), box.getHeight())
                    };
                    for (int n = 0; n < cards; n++) {
                        boxes.computeIfAbsent(layer, mm -> new ArrayList<>()).add(lying);
                    }
                });
            }
        }
        return boxes.entrySet().stream()
                .map(e -> packed(e.getKey(), e.getValue()))
                .toList();
    }

    private static FoamCut packed(double thicknessMm, List<double[]> boxes) {
        FoamCut upright = new Rows(SHEET_WIDTH_MM, SHEET_HEIGHT_MM).packed(thicknessMm, boxes);
        FoamCut across = new Rows(SHEET_HEIGHT_MM, SHEET_WIDTH_MM).packed(thicknessMm, boxes);
        boolean fewer = across.sheets != upright.sheets ? across.sheets < upright.sheets : across.waste < upright.waste;
        return fewer ? across : upright;
    }

    private static final class Row {
        final int sheet;
        final double yMm;
        final double heightMm;
        double usedMm;

        Row(int sheet, double yMm, double heightMm) {
            this.sheet = sheet;
            this.yMm = yMm;
            this.heightMm = heightMm;
        }
    }

    /** Sheets of one size, filled row by row. */
    private static final class Rows {
        private final double widthMm;
        private final double heightMm;
        private final List<Row> rows = new ArrayList<>();

        Rows(double widthMm, double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        FoamCut packed(double thicknessMm, List<double[]> boxes) {
            List<double[]> order = new ArrayList<>(boxes);
            order.sort(Comparator.comparingDouble((double[] b) -> -b[1]).thenComparingDouble(b -> -b[0]));
            List<Placed> placed = new ArrayList<>();
            double area = 0;
            for (double[] box : order) {
                // What is longer than a sheet is pieced together, and has a row to itself.
                double room = Math.max(widthMm, box[0]);
                Row row = rows.stream()
                        .filter(r -> r.heightMm >= box[1] && r.usedMm + box[0] <= room + 1e-9)
                        .findFirst()
                        .orElseGet(() -> next(box[1]));
                placed.add(new Placed(row.sheet, row.usedMm, row.yMm, box[0], box[1]));
                row.usedMm += box[0];
                area += box[0] * box[1];
            }
            Row last = rows.get(rows.size() - 1);
            double begun = widthMm * (last.sheet * heightMm + last.yMm + last.heightMm);
            return new FoamCut(thicknessMm, widthMm, heightMm, last.sheet + 1, placed, Math.max(0, 1 - area / begun));
        }

        private Row next(double rowMm) {
            Row last = rows.isEmpty() ? null : rows.get(rows.size() - 1);
            double y = last == null ? 0 : last.yMm + last.heightMm;
            boolean fits = last == null || y + rowMm <= heightMm + 1e-9;
            int sheet = last == null ? 0 : fits ? last.sheet : last.sheet + 1;
            Row row = new Row(sheet, fits ? y : 0, rowMm);
            rows.add(row);
            return row;
        }
    }
}
