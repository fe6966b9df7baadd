package glanzen.plan;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.card.Sheet;
import glanzen.card.Sheet.Decor;
import glanzen.card.Sheet.Look;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.PositionedPlate;
import glanzen.material.BondingLayer;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Pieces of a job as they come from the press: cut to their outline or with their openings, with what their set-ups lay on them. */
public final class JobSheets {

    /** A die that takes less of a piece than this cuts an opening, not an outline; as a share of its box. */
    private static final double OUTLINE = 0.45;

    private final Map<String, SetUp> setUps;
    private final ArtworkShelf shelf;

    private JobSheets(Map<String, SetUp> setUps, ArtworkShelf shelf) {
        this.setUps = setUps;
        this.shelf = shelf;
    }

    /**
     * By the names of the pieces.
     *
     * @param setUps that operations name; those that are missing lay nothing
     */
    public static Map<String, Sheet> of(Job job, Map<String, SetUp> setUps, Kit kit, ArtworkShelf shelf) {
        JobSheets sheets = new JobSheets(setUps, shelf);
        Map<String, Sheet> all = new HashMap<>();
        for (JobPiece piece : job.pieces()) {
            kit.stock(piece.stockId()).ifPresent(stock -> all.put(piece.name(), sheets.sheet(piece, stock)));
        }
        return all;
    }

    private Sheet sheet(JobPiece piece, Stock stock) {
        Sheet plain = Sheet.plain(piece.name(), stock, piece.widthMm(), piece.heightMm());
        Geometry shape = plain.shape();
        List<Decor> decor = new ArrayList<>();
        for (Operation operation : piece.operations()) {
            SetUp setUp = operation.setUpId() == null ? null : setUps.get(operation.setUpId());
            if (setUp == null) {
                continue;
            }
            if (operation.kind().cuts()) {
                shape = cut(shape, plain, setUp, operation.kind() == Operation.Kind.CUT);
            } else {
                decor.addAll(decor(plain, setUp));
            }
        }
        Geometry left = shape;
        List<Decor> kept = decor.stream().map(d -> d.within(left)).toList();
        return new Sheet(plain.name(), stock, plain.widthMm(), plain.heightMm(), left, kept);
    }

    /**
     * What a die leaves of a piece.
     *
     * @param outlines whether a large die cuts the outline, not an opening
     */
    private Geometry cut(Geometry shape, Sheet plain, SetUp setUp, boolean outlines) {
        Geometry left = shape;
        for (Tool tool : tools(plain, setUp)) {
            Geometry blade = Artwork.silhouette(tool.shape);
            Envelope box = blade.getEnvelopeInternal();
            boolean outline = outlines && box.getArea() >= OUTLINE * plain.widthMm() * plain.heightMm();
            Geometry cut = outline ? left.intersection(blade) : left.difference(blade);
            left = cut.isEmpty() ? left : cut;
        }
        return left;
    }

    private List<Decor> decor(Sheet plain, SetUp setUp) {
        boolean flock =
                setUp.route().bonding().filter(b -> b == BondingLayer.GEL_FLOCK).isPresent();
        String colour = setUp.route().film().isPresent() ? setUp.film().colour() : "";
        List<Tool> tools = tools(plain, setUp);
        return tools.stream()
                .map(t -> new Decor(
                        t.plate.name(),
                        t.shape,
                        colour,
                        look(t, plain),
                        flock,
                        colour.isEmpty() ? 0 : 100 * Supplies.foilCm2(setUp) / tools.size(),
                        setUp.totalSeconds() / tools.size(),
                        0))
                .toList();
    }

    /** Outlines of unknown meaning are grounds where they take most of a piece. */
    private static Look look(Tool tool, Sheet on) {
        Motif.Kind kind = tool.plate.motif().kind();
        if (kind != Motif.Kind.OUTLINE) {
            return kind == Motif.Kind.WORDS ? Look.WORDS : kind == Motif.Kind.BEE ? Look.FIGURE : Look.GROUND;
        }
        double share = tool.shape.getEnvelopeInternal().getArea() / (on.widthMm() * on.heightMm());
        return share < OUTLINE ? Look.FIGURE : Look.GROUND;
    }

    private record Tool(Plate plate, Geometry shape) {}

    /** Where its tools work on a piece: as they are laid out, or in its middle. */
    private List<Tool> tools(Sheet plain, SetUp setUp) {
        Layout layout = setUp.layout();
        if (!layout.laid()) {
            Plate tool = setUp.plate();
            Artwork artwork = shelf.of(tool.motif(), tool.widthMm(), tool.heightMm());
            return List.of(new Tool(tool, centred(artwork.shape(), tool.widthMm(), tool.heightMm(), plain)));
        }
        List<PositionedPlate> laid = new Arrangement(layout, shelf).plates();
        return laid.stream()
                .map(p -> new Tool(
                        p.placed().plate(),
                        centred(
                                p.shape(),
                                layout.piece().widthMm(),
                                layout.piece().heightMm(),
                                plain)))
                .toList();
    }

    private static Geometry centred(Geometry shape, double widthMm, double heightMm, Sheet on) {
        return AffineTransformation.translationInstance((on.widthMm() - widthMm) / 2, (on.heightMm() - heightMm) / 2)
                .transform(shape);
    }
}
