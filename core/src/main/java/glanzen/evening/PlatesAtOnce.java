package glanzen.evening;

import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.OnPlatform;
import glanzen.layout.Piece;
import glanzen.layout.Placed;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.layout.PlatformPose;
import glanzen.layout.PositionedPlate;
import glanzen.packing.Laid;
import glanzen.packing.Packer;
import glanzen.packing.Packer.Packed;
import glanzen.packing.Packer.Shape;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Plates on one platform under one larger sheet, which is cut apart later. */
record PlatesAtOnce(ArtworkShelf shelf) implements AtOnce.Way {

    /** Where a knife goes between two panels. */
    private static final double GAP_MM = 2;
    /** What is not laid out has so much stock around its plate. */
    private static final double AROUND_MM = 10;

    private static final List<Integer> QUARTERS = List.of(0, 90, 180, 270);

    @Override
    public List<Object> alike(SetUp s) {
        if (!(s.heat() instanceof Heat.OnPlatform on)
                || s.stack().first(Plate.class).isEmpty()
                || s.stack().first(Stock.class).isEmpty()
                || s.stock().kind() == Stock.Kind.RIBBON
                || s.stack().first(Film.class).isEmpty()
                || !s.layout().patches().isEmpty()) {
            return List.of();
        }
        return List.of(
                s.machine().id(),
                on.platform().id(),
                on.level(),
                on.heating(),
                s.route(),
                s.film().id(),
                s.stock().id(),
                s.pace(),
                s.passes(),
                s.turned(),
                s.peel(),
                s.medium(),
                s.layout().method(),
                s.stack().all(Board.class).stream().map(Board::id).toList());
    }

    @Override
    public Stream<AtOnce> of(List<SetUp> some) {
        List<String> plates =
                some.stream().flatMap(s -> s.plates().stream()).map(p -> p.id()).toList();
        if (plates.stream().distinct().count() < plates.size()) {
            return Stream.empty();
        }
        Platform platform = some.get(0).onPlatform().platform();
        double width = Math.min(platform.widthMm(), some.get(0).press().throatMm());
        List<Layout> layouts = some.stream().map(PlatesAtOnce::laidOut).toList();
        List<Geometry> panels = layouts.stream().map(PlatesAtOnce::panel).toList();
        List<Shape> shapes = IntStream.range(0, panels.size())
                .mapToObj(n -> new Shape("" + n, panels.get(n)))
                .toList();
        return AtOnce.strips(shapes, width)
                .mapToObj(strip -> new Packer(strip, platform.heightMm(), GAP_MM).any(shapes))
                .flatMap(Optional::stream)
                .filter(p -> p.shapes().stream().allMatch(l -> QUARTERS.contains(l.degrees())))
                .map(packed -> laid(some, layouts, panels, packed, width, platform.heightMm()));
    }

    /** A set-up's layout; one plate by itself lies in the middle of a panel a little larger. */
    private static Layout laidOut(SetUp s) {
        if (s.layout().laid()) {
            return s.layout();
        }
        Layout none = Layout.NONE;
        return new Layout(
                new Piece(s.plate().widthMm(), s.plate().heightMm(), AROUND_MM),
                none.bed(),
                none.method(),
                none.hangs(),
                List.of(Placed.centred(s.plate())),
                List.of(),
                List.of());
    }

    private static Geometry panel(Layout layout) {
        OnPlatform on = new OnPlatform(layout);
        double trim = 2 * layout.piece().trimMm();
        return Packer.rectangle(on.feedWidthMm() + trim, on.feedHeightMm() + trim);
    }

    private AtOnce laid(
            List<SetUp> some,
            List<Layout> layouts,
            List<Geometry> panels,
            Packed packed,
            double widthMm,
            double heightMm) {
        List<Laid> laid = AtOnce.inTheMiddle(packed, panels, widthMm, heightMm);
        List<Geometry> there = IntStream.range(0, laid.size())
                .mapToObj(n -> laid.get(n).of(panels.get(n)))
                .toList();
        Envelope sheet = new Envelope();
        there.forEach(panel -> sheet.expandToInclude(panel.getEnvelopeInternal()));
        List<Placed> placed = new ArrayList<>();
        for (int n = 0; n < laid.size(); n++) {
            Layout layout = layouts.get(n);
            AffineTransformation toFeed = new OnPlatform(layout)
                    .toFeedFrame()
                    .translate(layout.piece().trimMm(), layout.piece().trimMm())
                    .compose(laid.get(n).placing())
                    .translate(-sheet.getMinX(), -sheet.getMinY());
            int turns = new OnPlatform(layout).feedTurns() + laid.get(n).degrees() / 90;
            for (PositionedPlate p : new Arrangement(layout, shelf).plates()) {
                placed.add(moved(p, toFeed, turns));
            }
        }
        SetUp first = some.get(0);
        Layout all = new Layout(
                new Piece(sheet.getWidth(), sheet.getHeight(), 0),
                PlatformPose.MIDDLE,
                first.layout().method(),
                first.layout().hangs(),
                placed,
                List.of(),
                List.of());
        double soak = some.stream()
                .mapToDouble(s -> s.onPlatform().soakSeconds())
                .max()
                .orElseThrow();
        SetUp together = first.withLayout(all).withSoak(soak);
        return new AtOnce(together, List.of(together), widthMm, heightMm, laid, there);
    }

    /** A plate on the large sheet, held by where its design comes to lie. */
    private static Placed moved(PositionedPlate p, AffineTransformation toFeed, int turns) {
        Envelope box = toFeed.transform(p.shape()).getEnvelopeInternal();
        Placed placed = p.placed();
        return new Placed(
                placed.plate().id(),
                placed.plate(),
                (placed.quarterTurns() + turns) % 4,
                PlacementConstraint.at(Kind.FROM_LOW, box.getMinX()),
                PlacementConstraint.at(Kind.FROM_LOW, box.getMinY()),
                null);
    }
}
