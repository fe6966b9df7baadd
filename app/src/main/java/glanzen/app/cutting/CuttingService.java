package glanzen.app.cutting;

import glanzen.app.kit.KitService;
import glanzen.app.layout.LayoutService;
import glanzen.app.setup.Draft;
import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.cutting.CutList;
import glanzen.cutting.CutList.Kind;
import glanzen.cutting.DieChoice;
import glanzen.cutting.DieChoice.Bleed;
import glanzen.cutting.PanelYield;
import glanzen.cutting.PartialCut;
import glanzen.cutting.SheetPlan;
import glanzen.cutting.StockCut;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Arrangement;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.springframework.stereotype.Service;

/** What is cut: sheets into pieces, pieces by dies. */
@Service
class CuttingService {

    private final LayoutService layouts;
    private final KitService kit;
    private final ArtworkShelf shelf;

    CuttingService(LayoutService layouts, KitService kit, ArtworkShelf shelf) {
        this.layouts = layouts;
        this.kit = kit;
        this.shelf = shelf;
    }

    /**
     * What is to be cut for a number of cards.
     *
     * @param lines the cut list
     * @param stock how stock is cut
     * @param foil how foil is cut from the roll
     */
    record CutView(
            List<CutList.Line> lines,
            PlanView stock,
            @Nullable PlanView foil) {}

    /**
     * A sheet plan.
     *
     * @param patterns sheets that are cut alike stand once
     * @param sheets how many sheets
     * @param bound fewest there can be by area alone
     * @param fill share of the sheets that becomes pieces
     * @param owned sheets there are; absent for foil
     */
    record PlanView(
            String name,
            double widthMm,
            double heightMm,
            List<Pattern> patterns,
            int sheets,
            int bound,
            double fill,
            @Nullable Double owned) {}

    /** A way a sheet is cut, and how many are cut so. */
    record Pattern(List<SheetPlan.Cut> cuts, int times) {}

    /** Plans it all. */
    CutView plan(Draft draft, int cards, boolean turnable) {
        new Checks().figure("cards", cards, 1, 1000, "cards").done();
        SetUp setUp = layouts.laidOutWithFilm(draft);
        Arrangement a = new Arrangement(setUp.layout(), shelf);
        List<CutList.Line> lines = CutList.of(a, setUp.stock().kind(), cards);
        Stock sheet = kit.kit().stock(setUp.stock().id()).orElse(setUp.stock());
        PlanView stock =
                plan(sheet.name(), CutList.wants(lines, Kind.STOCK), StockCut.of(sheet, turnable), sheet.left());
        Film film = setUp.film();
        PlanView foil = plan(film.name(), CutList.wants(lines, Kind.FOIL), StockCut.of(film), null);
        return new CutView(lines, stock, foil);
    }

    private static PlanView plan(String name, List<SheetPlan.Want> wants, StockCut sheet, @Nullable Double owned) {
        SheetPlan plan = SheetPlan.of(wants, sheet.widthMm(), sheet.heightMm(), sheet.turnable());
        List<Pattern> patterns = plan.sheets().stream()
                .collect(Collectors.groupingBy(SheetPlan.Sheet::cuts, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> new Pattern(e.getKey(), e.getValue().intValue()))
                .toList();
        return new PlanView(
                name,
                sheet.widthMm(),
                sheet.heightMm(),
                patterns,
                plan.sheets().size(),
                SheetPlan.areaBound(wants, sheet.widthMm(), sheet.heightMm()),
                plan.fill(),
                owned);
    }

    /** A place on the piece, mm. */
    record Point(double x, double y) {
        static Point of(Coordinate c) {
            return new Point(c.x, c.y);
        }
    }

    /** A die tried round a design; see the core's {@link DieChoice.Tried}. The path is what it cuts, on the piece. */
    record DieView(
            String dieId,
            String name,
            int number,
            double widthMm,
            double heightMm,
            boolean clears,
            boolean fits,
            double leastMm,
            double mostMm,
            Point design,
            Point cut,
            String path,
            @Nullable BleedView bleed) {}

    /** How far the ground runs past a cut. */
    record BleedView(boolean past, double leastMm, Point at) {}

    /**
     * What is asked of a nested set.
     *
     * @param keys the designs it should go round
     * @param groundKeys the ground that should run past the cut; perhaps none
     * @param stencilId stencil of the ground, laid on the middle of the design; null if the ground is foiled
     * @param set the nested set
     * @param leastMm narrowest border wanted
     * @param mostMm widest wanted where it is narrowest
     */
    record DieQuestion(
            Draft draft,
            List<String> keys,
            List<String> groundKeys,
            @Nullable String stencilId,
            String set,
            double leastMm,
            double mostMm) {}

    List<DieView> dies(DieQuestion q) {
        new Checks()
                .filled("keys", q.keys, "the design to cut round")
                .lengthMm("leastMm", q.leastMm, 0, 200)
                .lengthMm("mostMm", q.mostMm, q.leastMm, 400)
                .done();
        Arrangement a = new Arrangement(layouts.laidOut(q.draft).layout(), shelf);
        Geometry design =
                UnaryUnionOp.union(q.keys.stream().map(k -> a.of(k).shape()).toList());
        List<Plate> set = kit.kit().plates().stream()
                .filter(p -> p.kind() == Plate.Kind.THIN_DIE && p.set().equals(q.set) && !q.set.isEmpty())
                .toList();
        new Checks().filled("set", set, "a nested set of your kit").done();
        Geometry ground = ground(q, a, design);
        return DieChoice.of(design, set, q.leastMm, q.mostMm, shelf).stream()
                .map(t -> view(t, design, ground))
                .toList();
    }

    private @Nullable Geometry ground(DieQuestion q, Arrangement a, Geometry design) {
        List<Geometry> parts = new ArrayList<>(
                q.groundKeys.stream().map(k -> DieChoice.cutLine(a.of(k))).toList());
        if (q.stencilId != null) {
            Plate stencil = kit.kit()
                    .plate(q.stencilId)
                    .filter(p -> p.kind() == Plate.Kind.STENCIL)
                    .orElseThrow(() -> new BadInput("stencilId", "is no stencil of your kit", "a stencil"));
            Artwork openings = shelf.of(stencil.motif(), stencil.widthMm(), stencil.heightMm());
            parts.add(DieChoice.cut(openings, design.getEnvelopeInternal().centre()));
        }
        return parts.isEmpty() ? null : UnaryUnionOp.union(parts);
    }

    private DieView view(DieChoice.Tried t, Geometry design, @Nullable Geometry ground) {
        Plate die = t.die();
        Geometry cut = DieChoice.cut(
                shelf.of(die.motif(), die.widthMm(), die.heightMm()),
                design.getEnvelopeInternal().centre());
        Bleed bleed = ground == null ? null : DieChoice.bleed(ground, cut);
        return new DieView(
                die.id(),
                die.name(),
                t.number(),
                die.widthMm(),
                die.heightMm(),
                t.clears(),
                t.fits(),
                t.leastMm(),
                t.mostMm(),
                Point.of(t.design()),
                Point.of(t.cut()),
                PathText.write(cut),
                bleed == null ? null : new BleedView(bleed.past(), bleed.leastMm(), Point.of(bleed.at())));
    }

    /** Where the top plate must end. */
    record PartialView(
            String path, double widthMm, double heightMm, String plateName, double plateMm, PartialCut cut) {}

    PartialView partial(String dieId, String boardId, double stopMm, double degrees) {
        Plate die = kit.kit()
                .plate(dieId)
                .filter(p -> p.kind() == Plate.Kind.THIN_DIE)
                .orElseThrow(() -> new BadInput("dieId", "is no die of your kit", "a thin die"));
        Board board = kit.kit()
                .board(boardId)
                .filter(b -> b.kind() == Board.Kind.OUTER_PLATE)
                .orElseThrow(() -> new BadInput("boardId", "is no outer plate of your kit", "an outer plate"));
        Artwork artwork = shelf.of(die.motif(), die.widthMm(), die.heightMm());
        double stop = Math.min(stopMm, PartialCut.mostMm(artwork, degrees));
        PartialCut cut = PartialCut.of(artwork, board.heightMm(), stop, degrees);
        return new PartialView(
                PathText.write(artwork.silhouette()),
                die.widthMm(),
                die.heightMm(),
                board.name(),
                board.heightMm(),
                cut);
    }

    /** Cuts out of one panel: each where it lies, mm. */
    record YieldView(double widthMm, double heightMm, List<String> cuts) {}

    YieldView panelYield(String dieId, double widthMm, double heightMm) {
        Plate die = kit.kit()
                .plate(dieId)
                .filter(p -> p.kind().cuts())
                .orElseThrow(() -> new BadInput("dieId", "is no die of your kit", "a die"));
        return new YieldView(
                widthMm,
                heightMm,
                PanelYield.of(die, shelf, widthMm, heightMm).stream()
                        .map(PathText::write)
                        .toList());
    }
}
