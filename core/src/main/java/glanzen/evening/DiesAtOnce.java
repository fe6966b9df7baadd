package glanzen.evening;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Motif;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.packing.Laid;
import glanzen.packing.Packer;
import glanzen.packing.Packer.Shape;
import glanzen.route.Mechanism;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Dies on the same boards, each with its own piece of stock. */
record DiesAtOnce(ArtworkShelf shelf) implements AtOnce.Way {

    /** Each piece of stock reaches a little past its die. */
    private static final double GAP_MM = 8;
    /** Boards hold badly along their edges. */
    private static final double EDGE_MM = 4;
    /** A thinner die beside a thicker one is not pressed. */
    private static final double LEVEL_MM = 0.06;

    @Override
    public List<Object> alike(SetUp s) {
        boolean die = s.route().mechanism() == Mechanism.CUT
                && s.machine() instanceof Press
                && s.stack().first(Plate.class).isPresent()
                && s.stack().first(Stock.class).isPresent()
                && !s.layout().laid()
                && !s.plate().kind().folder();
        return die
                ? List.of(
                        s.machine().id(),
                        s.route(),
                        s.pace(),
                        s.passes(),
                        s.turned(),
                        s.plate().kind(),
                        s.stack().all(Board.class).stream().map(Board::id).toList())
                : List.of();
    }

    @Override
    public Stream<AtOnce> of(List<SetUp> some) {
        long dies = some.stream().map(s -> s.plate().id()).distinct().count();
        if (dies < some.size() || !level(some)) {
            return Stream.empty();
        }
        double width = some.get(0).press().throatMm();
        double height = Double.MAX_VALUE;
        for (Board b : some.get(0).stack().all(Board.class)) {
            if (b.kind() == Board.Kind.OUTER_PLATE) {
                width = Math.min(width, b.widthMm());
                height = Math.min(height, b.heightMm());
            }
        }
        List<Geometry> cuts = some.stream().map(this::cut).toList();
        List<Shape> shapes = IntStream.range(0, cuts.size())
                .mapToObj(n -> new Shape("" + n, Artwork.silhouette(cuts.get(n))))
                .toList();
        double w = width;
        double h = Math.min(height, 2 * width);
        return AtOnce.strips(shapes, w - 2 * EDGE_MM)
                .mapToObj(strip -> new Packer(strip, h - 2 * EDGE_MM, GAP_MM).any(shapes))
                .flatMap(Optional::stream)
                .map(packed -> laid(some, cuts, AtOnce.inTheMiddle(packed, cuts, w, h), w, h));
    }

    private static boolean level(List<SetUp> some) {
        double[] thickness = some.stream()
                .mapToDouble(s -> s.plate().thicknessMm() + s.stock().thicknessMm())
                .sorted()
                .toArray();
        return thickness[thickness.length - 1] - thickness[0] <= LEVEL_MM;
    }

    /** What the die cuts out, openings and all. */
    private Geometry cut(SetUp s) {
        Plate die = s.plate();
        Artwork drawn = shelf.of(die.motif(), die.widthMm(), die.heightMm());
        return die.motif().kind().blade() ? drawn.silhouette() : drawn.shape();
    }

    private AtOnce laid(List<SetUp> some, List<Geometry> cuts, List<Laid> laid, double widthMm, double heightMm) {
        List<Geometry> there = new ArrayList<>();
        for (int n = 0; n < laid.size(); n++) {
            there.add(laid.get(n).of(cuts.get(n)));
        }
        Geometry all = UnaryUnionOp.union(there);
        Envelope box = all.getEnvelopeInternal();
        Motif motif = Motif.outlined(AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .transform(all));
        List<SetUp> judged = some.stream().map(s -> with(s, motif, box)).toList();
        return new AtOnce(judged.get(0), judged, widthMm, heightMm, laid, there);
    }

    /** A set-up as it is with all blades in the press. */
    private static SetUp with(SetUp s, Motif motif, Envelope box) {
        Plate die = s.plate();
        Plate all = new Plate(
                die.id(),
                die.name(),
                die.kind(),
                die.material(),
                die.thicknessMm(),
                box.getWidth(),
                box.getHeight(),
                motif,
                die.set());
        int at = s.stack().indexOf(Plate.class);
        int sheet = s.stack().indexOf(Stock.class);
        Stock stock = s.stock();
        return s.withStack(s.stack()
                .replaced(at, new Layer(all, s.stack().layers().get(at).facing()))
                .replaced(
                        sheet,
                        new Layer(
                                stock.cut(box.getWidth(), box.getHeight()),
                                s.stack().layers().get(sheet).facing())));
    }
}
