package glanzen.app.layout;

import glanzen.app.kit.KitService;
import glanzen.app.layout.LayoutView.Ground;
import glanzen.app.layout.LayoutView.LayoutMend;
import glanzen.app.layout.LayoutView.PlacedFinding;
import glanzen.app.layout.LayoutView.PlateView;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.artwork.ArtworkShelf;
import glanzen.cutting.CutList;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Stock;
import glanzen.layout.Additions;
import glanzen.layout.Arrangement;
import glanzen.layout.FirstLayout;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.layout.LayoutRules;
import glanzen.layout.Measures;
import glanzen.layout.Measures.Drawing;
import glanzen.layout.Moves;
import glanzen.layout.Moves.Guide;
import glanzen.layout.OnPlatform;
import glanzen.layout.Placed;
import glanzen.layout.PositionedPlate;
import glanzen.layout.RibbonReading;
import glanzen.layout.Wording;
import glanzen.measure.BadInput;
import glanzen.measure.LengthUnit;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Works layouts out for their two drawings, and does to them what hands and words ask. */
@Service
public class LayoutService {

    private final KitService kit;
    private final ArtworkShelf shelf;
    private final PreferencesService preferences;

    LayoutService(KitService kit, ArtworkShelf shelf, PreferencesService preferences) {
        this.kit = kit;
        this.shelf = shelf;
        this.preferences = preferences;
    }

    /** The set-up of a draft, laid out; a draft without layout begins with its plate in the middle. */
    public SetUp laidOut(Draft draft) {
        return laidOut(draft, kit.kit());
    }

    /** The same with a film to cut. */
    public SetUp laidOutWithFilm(Draft draft) {
        SetUp setUp = laidOut(draft);
        if (setUp.stack().first(Film.class).isEmpty()) {
            throw new BadInput("layers", "have no film", "foil or flock to cut");
        }
        return setUp;
    }

    private static SetUp laidOut(Draft draft, Kit things) {
        SetUp setUp = Drafts.setUp(draft, things);
        if (!setUp.route().heated() || setUp.platform().isEmpty()) {
            throw new BadInput(
                    "route", "has nothing to lay out on a platform", "a route that is done on a heated platform");
        }
        Plate plate = setUp.stack()
                .first(Plate.class)
                .orElseThrow(() -> new BadInput("layers", "have no plate", "a plate to lay out"));
        Stock stock = setUp.stack()
                .first(Stock.class)
                .orElseThrow(() -> new BadInput("layers", "have no stock", "stock to lay it out on"));
        if (setUp.layout().laid()) {
            return setUp;
        }
        Fixing method = setUp.route().taped() ? Fixing.TAPED : Fixing.LOOSE;
        return setUp.withLayout(FirstLayout.of(plate, stock, setUp.onPlatform().platform(), setUp.press(), method));
    }

    /** Does the steps and works out what comes of them. */
    LayoutView look(Draft draft, List<LayoutStep> steps) {
        Kit things = kit.kit();
        SetUp setUp = laidOut(draft, things);
        LengthUnit unit = preferences.get().length();
        Layout layout = setUp.layout();
        List<Guide> guides = new ArrayList<>();
        for (LayoutStep step : steps) {
            layout = done(layout, step, things, unit, guides);
        }
        return view(setUp, layout, guides);
    }

    private Layout done(Layout layout, LayoutStep step, Kit things, LengthUnit unit, List<Guide> guides) {
        List<String> keys = step.keys();
        return switch (step.kind()) {
            case MOVE -> moved(layout, step, guides);
            case PLACE -> Wording.place(layout, keys, Objects.requireNonNullElse(step.text(), ""), unit);
            case TURN ->
                layout.each(p -> keys.contains(p.key())
                        ? new Placed(p.key(), p.plate(), (p.quarterTurns() + 1) % 4, p.across(), p.along(), p.foil())
                        : p);
            case ADD -> Additions.plate(layout, plate(step, things), shelf);
            case ADD_CUT -> Additions.cut(layout, plate(step, things), keys);
            case REMOVE -> {
                Layout less = layout;
                for (String key : keys) {
                    less = Moves.without(less, key, shelf);
                }
                yield less;
            }
            case ONE_AXIS -> Moves.onOneAxis(layout, keys);
            case SAME_GAPS -> Moves.sameGaps(layout, keys, shelf);
        };
    }

    private Layout moved(Layout layout, LayoutStep step, List<Guide> guides) {
        double right = Objects.requireNonNullElse(step.rightMm(), 0.0);
        double up = Objects.requireNonNullElse(step.upMm(), 0.0);
        if (step.drawing() == Drawing.PLATFORM) {
            double[] onPiece = new OnPlatform(layout).movementOnPiece(right, up);
            right = onPiece[0];
            up = onPiece[1];
        }
        Layout moved = Moves.moved(layout, new HashSet<>(step.keys()), right, up, shelf);
        double snapMm = Objects.requireNonNullElse(step.snapMm(), 0.0);
        if (snapMm <= 0 || step.keys().size() != 1) {
            return moved;
        }
        Moves.Snapped snapped = Moves.snapped(moved, step.keys().get(0), snapMm, shelf);
        guides.addAll(snapped.guides());
        return snapped.layout();
    }

    private static Plate plate(LayoutStep step, Kit things) {
        return Optional.ofNullable(step.plateId())
                .flatMap(things::plate)
                .orElseThrow(() -> new BadInput("plateId", "is not in your kit", "a plate or die of your kit"));
    }

    private LayoutView view(SetUp setUp, Layout layout, List<Guide> guides) {
        Arrangement a = new Arrangement(layout, shelf);
        Stock.Kind stock = setUp.stock().kind();
        Platform platform = setUp.onPlatform().platform();
        Ground ground = new Ground(
                platform.name(),
                platform.widthMm(),
                platform.heightMm(),
                setUp.press().throatMm(),
                LayoutRules.weakWithinMm(setUp.press()));
        return new LayoutView(
                Objects.requireNonNull(Drafts.draft(layout)),
                LayoutView.matrix(new OnPlatform(layout).toPlatform()),
                ground,
                a.plates().stream().map(l -> plateView(l, layout, stock)).toList(),
                a.cuts().stream().map(l -> plateView(l, layout, stock)).toList(),
                Measures.of(a, platform),
                LayoutRules.check(a, platform, setUp.press(), stock).stream()
                        .map(LayoutService::view)
                        .toList(),
                guides,
                stock == Stock.Kind.RIBBON ? RibbonReading.of(a) : null);
    }

    private static PlateView plateView(PositionedPlate lying, Layout layout, Stock.Kind stock) {
        return PlateView.of(lying, CutList.foil(lying, stock, layout.method()), Wording.said(layout, lying.placed()));
    }

    private static PlacedFinding view(Finding<Layout> r) {
        return new PlacedFinding(r.rule().key(), r.weight(), r.concern().keys(), r.what(), r.why(), view(r.mend()));
    }

    private static @Nullable LayoutMend view(@Nullable Mend<Layout> mend) {
        return mend == null ? null : new LayoutMend(mend.label(), Objects.requireNonNull(Drafts.draft(mend.mended())));
    }
}
