package glanzen.plan;

import glanzen.card.Sheet;
import glanzen.kit.Offcut;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;

/**
 * A piece of a job that need not be cut from a new sheet.
 *
 * @param piece its name
 * @param offcut the smallest that holds it
 */
public record OffcutFit(String piece, Offcut offcut) {

    /**
     * For every piece that fits one, by name.
     *
     * @param sheets pieces by their names
     * @param offcuts what is kept
     */
    public static List<OffcutFit> of(Map<String, Sheet> sheets, List<Offcut> offcuts) {
        return sheets.values().stream()
                .sorted(Comparator.comparing(Sheet::name))
                .flatMap(sheet -> offcuts.stream()
                        .filter(o ->
                                o.left() > 0 && o.stockId().equals(sheet.stock().id()))
                        .filter(o -> o.holds(whole(sheet)))
                        .min(Comparator.comparingDouble(o -> o.widthMm() * o.heightMm()))
                        .map(o -> new OffcutFit(sheet.name(), o))
                        .stream())
                .toList();
    }

    /** What is cut out of a piece later need not be there, but is cut from what is. */
    private static Geometry whole(Sheet sheet) {
        return sheet.shape().union(sheet.windows());
    }
}
