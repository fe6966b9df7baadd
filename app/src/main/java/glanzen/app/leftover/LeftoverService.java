package glanzen.app.leftover;

import glanzen.app.kit.KitService;
import glanzen.app.layout.LayoutService;
import glanzen.app.layout.LayoutView;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.LayoutDraft;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.layout.Arrangement;
import glanzen.layout.Layout;
import glanzen.layout.Placed;
import glanzen.layout.PositionedPlate;
import glanzen.leftover.FoilFrom;
import glanzen.leftover.LeftoverFinder;
import glanzen.leftover.Patchwork;
import glanzen.leftover.SecondLife;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.setup.SetUp;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.locationtech.jts.geom.Geometry;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Which leftover still has foil for a design, and scraps as patchwork. */
@Service
class LeftoverService {

    private static final int MOST_DRAWN = 500;

    private final LayoutService layouts;
    private final KitService kit;
    private final ArtworkShelf shelf;
    private final LeftoverFinder finder;
    private final Map<Leftover, LeftoverView> drawn = new ConcurrentHashMap<>();

    LeftoverService(LayoutService layouts, KitService kit, ArtworkShelf shelf) {
        this.layouts = layouts;
        this.kit = kit;
        this.shelf = shelf;
        this.finder = new LeftoverFinder(shelf);
    }

    /** A leftover drawn: its shape and what is spent of it, as path text; and what its rest is good for as a whole. */
    record LeftoverView(
            String id,
            String name,
            String filmId,
            double widthMm,
            double heightMm,
            String shape,
            List<String> spent,
            double freeCm2,
            SecondLife secondLife) {}

    /**
     * A leftover that will do.
     *
     * @param placing the plate's own place on the leftover, as the numbers of an SVG matrix
     * @param restCm2 unspent foil afterwards
     * @param layout the layout with the plate's foil taken from there
     */
    record CoveringView(
            LeftoverView leftover, FoilFrom from, List<Double> placing, double restCm2, LayoutDraft layout) {}

    /** What was found, and among how many. */
    record FinderView(List<CoveringView> found, int searched) {}

    List<LeftoverView> all() {
        Kit things = kit.kit();
        return kit.leftovers().parallelStream().map(l -> view(l, things)).toList();
    }

    /** Soon after the start, before anybody asks: cutting what is spent out of hundreds of them takes seconds the first time. */
    @Scheduled(initialDelay = 15, fixedDelay = 24 * 3600, timeUnit = TimeUnit.SECONDS)
    void drawAhead() {
        if (kit.leftovers().size() <= MOST_DRAWN) {
            all();
        }
    }

    FinderView find(Draft draft, String key) {
        SetUp setUp = layouts.laidOutWithFilm(draft);
        PositionedPlate lying = new Arrangement(setUp.layout(), shelf).of(key);
        List<Leftover> ofFilm = kit.leftovers().stream()
                .filter(l -> l.filmId().equals(setUp.film().id()))
                .toList();
        Kit things = kit.kit();
        List<CoveringView> found = finder.find(lying.artwork(), ofFilm).stream()
                .map(f -> new CoveringView(
                        view(f.leftover(), things),
                        f.from(),
                        LayoutView.matrix(LeftoverFinder.laid(
                                lying.artwork(),
                                f.from().xMm(),
                                f.from().yMm(),
                                f.from().degrees())),
                        f.restCm2(),
                        Objects.requireNonNull(Drafts.draft(taking(setUp.layout(), key, f.from())))))
                .toList();
        return new FinderView(found, ofFilm.size());
    }

    private static Layout taking(Layout layout, String key, FoilFrom from) {
        return layout.each(p -> p.key().equals(key)
                ? new Placed(p.key(), p.plate(), p.quarterTurns(), p.across(), p.along(), from)
                : p);
    }

    private LeftoverView view(Leftover l, Kit things) {
        SecondLife second = NegativeService.of(l, things);
        LeftoverView known = drawn.get(l);
        if (known == null || known.secondLife != second) {
            known = drawn(l, second);
            if (drawn.size() >= MOST_DRAWN) {
                drawn.clear();
            }
            drawn.put(l, known);
        }
        return known;
    }

    private LeftoverView drawn(Leftover l, SecondLife second) {
        return new LeftoverView(
                l.id(),
                l.name(),
                l.filmId(),
                l.widthMm(),
                l.heightMm(),
                PathText.write(l.shape()),
                finder.spent(l).stream().map(PathText::write).toList(),
                finder.free(l).getArea() / 100,
                second);
    }

    /**
     * What is asked of scraps.
     *
     * @param plateId the stamp's design, if it is in the kit; else
     * @param widthMm its width
     * @param heightMm its height
     * @param leftoverIds scraps, in the order they should be used up; none for the smallest first
     */
    record PatchworkQuestion(String plateId, double widthMm, double heightMm, List<String> leftoverIds) {}

    /** A patchwork drawn. */
    record PatchworkView(String area, List<ScrapView> scraps, double coverage, String gaps) {}

    /** A scrap where it lies. */
    record ScrapView(String leftoverId, String name, String filmId, String path) {}

    PatchworkView patchwork(PatchworkQuestion q) {
        Geometry area = area(q);
        List<Leftover> all = kit.leftovers();
        List<Leftover> chosen = q.leftoverIds.isEmpty()
                ? all.stream()
                        .sorted(Comparator.comparingDouble(l -> finder.free(l).getArea()))
                        .toList()
                : q.leftoverIds.stream().map(id -> leftover(all, id)).toList();
        Patchwork work = Patchwork.lay(
                area,
                chosen.stream()
                        .map(l -> new Patchwork.Choice(l.id(), finder.free(l)))
                        .toList());
        List<ScrapView> scraps = work.scraps().stream()
                .map(s -> {
                    Leftover l = leftover(all, s.leftoverId());
                    return new ScrapView(l.id(), l.name(), l.filmId(), PathText.write(s.area()));
                })
                .toList();
        return new PatchworkView(PathText.write(area), scraps, work.coverage(), PathText.write(work.gaps()));
    }

    private Geometry area(PatchworkQuestion q) {
        if (q.plateId.isEmpty()) {
            new Checks()
                    .lengthMm("widthMm", q.widthMm, 5, 400)
                    .lengthMm("heightMm", q.heightMm, 5, 400)
                    .done();
            return Patchwork.rectangle(q.widthMm, q.heightMm);
        }
        return kit.kit()
                .plate(q.plateId)
                .map(p -> shelf.of(p.motif(), p.widthMm(), p.heightMm()).silhouette())
                .orElseThrow(() -> new BadInput("plateId", "is not in your kit", "a plate, or a width and a height"));
    }

    private static Leftover leftover(List<Leftover> all, String id) {
        return all.stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new BadInput("leftoverIds", id + " is not in your kit", "leftovers of your kit"));
    }
}
