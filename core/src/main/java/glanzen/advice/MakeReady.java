package glanzen.advice;

import glanzen.artwork.Artwork;
import glanzen.artwork.PathText;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.MakeReadyPatch;
import glanzen.layout.OnPlatform;
import glanzen.pull.Rig;
import glanzen.setup.SetUp;
import glanzen.transfer.Transfer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Patches behind weak places: where they belong, and what each kind of paper on the shelf would do there. */
public final class MakeReady {

    /** Where a pull came out weak: as forecast, or as seen on a logged pull, as read. */
    public enum Where {
        AS_FORECAST,
        MIDDLE,
        LEFT,
        RIGHT,
        UPPER,
        LOWER
    }

    /**
     * A patch to try.
     *
     * @param board what to cut it from
     * @param outline its shape on the piece as read, mm
     * @param setUp the set-up with it
     * @param forecast what to expect then
     */
    public record Proposal(Board board, String outline, SetUp setUp, Forecast forecast) {}

    private static final double CELL_MM = 2;
    private static final double OVERLAP_MM = 1.5;
    private static final double LEAST_MM2 = 30;
    /** A place is weak by more than this against the strongest if a patch is to help it and not the whole. */
    private static final double WEAKER = 0.85;

    private static final double SHARE = 0.34;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Forecaster forecaster;

    /** @param forecaster what forecasts */
    public MakeReady(Forecaster forecaster) {
        this.forecaster = forecaster;
    }

    /**
     * Patches worth trying, best first; none if nothing is weaker than the rest.
     *
     * @param present a set-up that is laid out
     * @param ensemble what is known of the rig
     * @param shelf boards the person owns; tissue and card are used
     */
    public List<Proposal> propose(SetUp present, RigEnsemble ensemble, List<Board> shelf, Where where) {
        Layout bare = present.layout().withPatches(List.of());
        SetUp unpatched = present.withLayout(bare);
        Geometry weak = where == Where.AS_FORECAST
                ? forecastWeak(unpatched, ensemble)
                : designs(bare).intersection(part(bare, where));
        Geometry patch = patch(weak);
        if (patch.isEmpty()) {
            return List.of();
        }
        String outline = PathText.write(patch);
        return shelf.stream()
                .filter(b -> b.kind() == Board.Kind.TISSUE_SHIM || b.kind() == Board.Kind.CARD_SHIM)
                .map(b -> {
                    SetUp patched = unpatched.withLayout(bare.withPatches(List.of(new MakeReadyPatch(b, outline))));
                    return new Proposal(b, outline, patched, forecaster.forecast(patched, ensemble));
                })
                .sorted(Comparator.comparingDouble(p -> -p.forecast().clean()))
                .toList();
    }

    private Geometry designs(Layout layout) {
        List<Geometry> shapes = new ArrayList<>();
        new Arrangement(layout, forecaster.shelf()).plates().forEach(l -> shapes.add(l.shape()));
        return UnaryUnionOp.union(shapes);
    }

    /** A third of what the designs fill, on the side that was seen to be weak. */
    private Geometry part(Layout layout, Where where) {
        Envelope box = designs(layout).getEnvelopeInternal();
        double w = box.getWidth() * SHARE;
        double h = box.getHeight() * SHARE;
        Envelope part = switch (where) {
            case LEFT -> new Envelope(box.getMinX(), box.getMinX() + w, box.getMinY(), box.getMaxY());
            case RIGHT -> new Envelope(box.getMaxX() - w, box.getMaxX(), box.getMinY(), box.getMaxY());
            case LOWER -> new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMinY() + h);
            case UPPER -> new Envelope(box.getMinX(), box.getMaxX(), box.getMaxY() - h, box.getMaxY());
            default -> new Envelope(box.getMinX() + w, box.getMaxX() - w, box.getMinY(), box.getMaxY());
        };
        return GEOMETRY.toGeometry(part);
    }

    /** Places that get too little while others get enough, on the middle rig; on the piece as read. */
    private Geometry forecastWeak(SetUp setUp, RigEnsemble ensemble) {
        Rig middle = ensemble.middle();
        DoubleBinaryOperator doses = forecaster.transfer(setUp).doseMap(middle);
        Artwork artwork = forecaster.artwork(setUp);
        int columns = (int) Math.ceil(artwork.widthMm() / CELL_MM);
        int rows = (int) Math.ceil(artwork.heightMm() / CELL_MM);
        boolean[] raised = artwork.raster(columns, rows, 1 / CELL_MM);
        double[] dose = new double[raised.length];
        double strongest = 0;
        for (int i = 0; i < raised.length; i++) {
            if (raised[i]) {
                dose[i] = doses.applyAsDouble(x(i % columns, columns, artwork), y(i / columns, rows, artwork));
                strongest = Math.max(strongest, dose[i]);
            }
        }
        List<Geometry> cells = new ArrayList<>();
        for (int i = 0; i < raised.length; i++) {
            boolean weak = raised[i] && dose[i] < Transfer.LEAST_CLEAN_DOSE && dose[i] < WEAKER * strongest;
            if (weak) {
                double x = x(i % columns, columns, artwork);
                double y = y(i / columns, rows, artwork);
                cells.add(GEOMETRY.toGeometry(
                        new Envelope(x - CELL_MM / 2, x + CELL_MM / 2, y - CELL_MM / 2, y + CELL_MM / 2)));
            }
        }
        Geometry weak = cells.isEmpty() ? GEOMETRY.createPolygon() : UnaryUnionOp.union(cells);
        AffineTransformation back = new OnPlatform(setUp.layout()).fromFeedFrame();
        return back.transform(weak);
    }

    private static double x(int column, int columns, Artwork artwork) {
        return artwork.widthMm() / 2 + (column + 0.5 - columns / 2.0) * CELL_MM;
    }

    private static double y(int row, int rows, Artwork artwork) {
        return artwork.heightMm() / 2 + (rows / 2.0 - row - 0.5) * CELL_MM;
    }

    /** Shapes that scissors can follow: closed up, a little larger than what is weak, specks left out. */
    private static Geometry patch(Geometry weak) {
        Geometry closed = weak.buffer(4, 2).buffer(-4 + OVERLAP_MM, 2);
        List<Geometry> parts = new ArrayList<>();
        for (int i = 0; i < closed.getNumGeometries(); i++) {
            Geometry hull = closed.getGeometryN(i).convexHull();
            if (hull.getArea() >= LEAST_MM2) {
                parts.add(hull);
            }
        }
        return parts.isEmpty() ? GEOMETRY.createPolygon() : UnaryUnionOp.union(parts);
    }
}
