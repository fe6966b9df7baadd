package glanzen.gluing;

import glanzen.artwork.DistanceField;
import glanzen.card.Laid;
import glanzen.card.Raster;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Foam that carries a piece: strips from its foot to its top, so close that it does not sag between them, far enough inside every edge
 * not to be seen; round the opening of a shaker a wall without a gap.
 *
 * @param pads one shape each, mm, as they lie under the piece
 * @param heightMm how high, mm
 * @param wall whether one of them is a closed wall
 */
public record Foam(List<Geometry> pads, double heightMm, boolean wall) {

    /** Further from foam to foam, a piece sags, mm. */
    public static final double MOST_SPAN_MM = 40;
    /** So far inside every edge it is not seen, mm. */
    public static final double INSIDE_MM = 3;

    private static final double STRIP_MM = 8;
    /** Strips lie nearer than that, since edges hang over. */
    private static final double BETWEEN_MM = 32;

    private static final double WALL_MM = 6;
    private static final double CELL_MM = 2;
    private static final int MOST_MORE = 40;
    /** Smaller than this a pad cannot be handled, mm². */
    private static final double LEAST_MM2 = 9;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Foam {
        pads = List.copyOf(pads);
    }

    /** Under a piece that is raised. */
    public static Foam under(Laid piece, Geometry carries) {
        Geometry windows = piece.windows();
        Geometry whole = piece.shape().union(windows);
        Geometry room = whole.buffer(-INSIDE_MM);
        List<Geometry> pads = new ArrayList<>();
        boolean wall = piece.mounted().fillingMm() > 0 && !windows.isEmpty();
        if (!windows.isEmpty()) {
            room = room.difference(windows.buffer(INSIDE_MM));
        }
        if (wall) {
            Geometry ring = windows.buffer(INSIDE_MM + WALL_MM).intersection(whole.buffer(-INSIDE_MM));
            pads.addAll(parts(ring.difference(windows.buffer(INSIDE_MM))));
            room = room.difference(ring.buffer(0.5));
        }
        Geometry stands = room.intersection(carries);
        strips(stands, pads);
        between(stands, pads);
        return new Foam(pads, piece.mounted().foamMm(), wall);
    }

    private static void strips(Geometry room, List<Geometry> pads) {
        for (Geometry part : parts(room)) {
            Envelope box = part.getEnvelopeInternal();
            double width = box.getWidth();
            int count = width <= 2 * STRIP_MM
                    ? 1
                    : 1 + (int) Math.ceil((width - STRIP_MM) / (STRIP_MM + BETWEEN_MM) - 1e-9);
            double wide = count == 1 ? Math.min(width, Math.max(STRIP_MM, width)) : STRIP_MM;
            for (int n = 0; n < count; n++) {
                double from = count == 1 ? box.getMinX() : box.getMinX() + n * (width - wide) / (count - 1);
                Envelope strip = new Envelope(from, from + wide, box.getMinY(), box.getMaxY());
                pads.addAll(parts(part.intersection(GEOMETRY.toGeometry(strip))));
            }
        }
    }

    /** Pads where a window parts the strips and what is between them is still too long. */
    private static void between(Geometry room, List<Geometry> pads) {
        Raster raster = Raster.over(room.getEnvelopeInternal(), CELL_MM);
        boolean[] in = raster.filled(room);
        for (int n = 0; n < MOST_MORE; n++) {
            boolean[] held = raster.filled(GEOMETRY.createGeometryCollection(pads.toArray(Geometry[]::new)));
            float[] away = DistanceField.of(held, raster.columns(), MOST_SPAN_MM / CELL_MM);
            int furthest = -1;
            for (int i = 0; i < in.length; i++) {
                furthest = in[i] && (furthest < 0 || away[i] > away[furthest]) ? i : furthest;
            }
            if (furthest < 0 || away[furthest] * CELL_MM <= BETWEEN_MM / 2 + CELL_MM) {
                return;
            }
            Envelope pad = new Envelope(new Coordinate(raster.xMm(furthest), raster.yMm(furthest)));
            pad.expandBy(STRIP_MM);
            List<Geometry> more = parts(room.intersection(GEOMETRY.toGeometry(pad)));
            if (more.isEmpty()) {
                return;
            }
            pads.addAll(more);
        }
    }

    private static List<Geometry> parts(Geometry area) {
        List<Geometry> parts = new ArrayList<>();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon p && p.getArea() >= LEAST_MM2) {
                parts.add(p);
            }
        }
        return parts;
    }

    /** All pads together, mm. */
    public Geometry shape() {
        return GEOMETRY.createGeometryCollection(pads.toArray(Geometry[]::new)).buffer(0);
    }

    /**
     * In words: how many of what.
     *
     * @param shelf the foam there is
     */
    public String says(FoamShelf shelf) {
        if (pads.isEmpty()) {
            return "no room for foam " + Figures.length(INSIDE_MM) + " inside the edge";
        }
        String sheets = String.join(
                " + ", shelf.layersMm(heightMm).stream().map(Figures::length).toList());
        String what = pads.size() == 1 ? "one pad" : pads.size() + (wall ? " pieces with a closed wall" : " strips");
        return what + ", foam " + sheets;
    }
}
