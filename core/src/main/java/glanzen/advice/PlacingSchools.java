package glanzen.advice;

import glanzen.advice.Schools.Way;
import glanzen.advice.Schools.WayMaker;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.leftover.FoilPiece;
import glanzen.measure.Figures;
import glanzen.route.Medium;
import glanzen.route.Question;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How plates, foil and ink come to where they belong. */
final class PlacingSchools {

    private final SetUp now;
    private final Inventory shop;
    private final WayMaker make;

    PlacingSchools(SetUp now, Inventory shop, WayMaker make) {
        this.now = now;
        this.shop = shop;
        this.make = make;
    }

    List<Way> ways(Question question) {
        return switch (question) {
            case PLACING -> placing();
            case PLATES_AT_ONCE -> together();
            case FOIL_PIECE -> foil();
            default -> ink();
        };
    }

    /** Taped plates have a question of their own: when the sheet goes on. */
    private List<Way> placing() {
        Fixing method = now.layout().method();
        if (!now.layout().laid() || method == Fixing.TAPED) {
            return List.of();
        }
        boolean traced = tracing(now.stack()) >= 0;
        List<Way> ways = new ArrayList<>();
        ways.add(make.way(
                "by grid and eye",
                "nothing in between; as exact as your eye",
                method(untraced(now), Fixing.LOOSE),
                !traced && method == Fixing.LOOSE));
        tracedSheet()
                .ifPresent(sheet -> ways.add(make.way(
                        "on a traced sheet",
                        "each plate on its drawing; the paper lets heat through slowly",
                        method(traced ? now : traced(sheet), Fixing.LOOSE),
                        traced)));
        ways.add(make.way(
                "hinged to the sheet",
                "lifted and let down again in the same place, foil slipped under; nothing moves between passes",
                method(untraced(now), Fixing.HINGED),
                method == Fixing.HINGED));
        return ways;
    }

    private Optional<Board> tracedSheet() {
        return shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.TRACING)
                .findFirst();
    }

    private static int tracing(Stack stack) {
        return stack.indexWhere(item -> item instanceof Board b && b.kind() == Board.Kind.TRACING);
    }

    private SetUp traced(Board sheet) {
        int on = now.stack().indexOf(Platform.class) + 1;
        return now.withStack(now.stack().with(on, new Layer(sheet, Facing.UP)));
    }

    private static SetUp untraced(SetUp s) {
        int at = tracing(s.stack());
        return at < 0 ? s : s.withStack(s.stack().without(at));
    }

    private static SetUp method(SetUp s, Fixing method) {
        Layout l = s.layout();
        return s.withLayout(new Layout(l.piece(), l.bed(), method, l.hangs(), l.plates(), l.cuts(), l.patches()));
    }

    private List<Way> together() {
        Layout l = now.layout();
        if (l.plates().size() < 2) {
            return List.of();
        }
        SetUp one = now.withLayout(l.withPlates(List.of(l.plates().get(0))));
        return List.of(
                make.way("all at once", "one soak for all; every loose plate more can move", now, true),
                make.way(
                        "only " + l.plates().get(0).plate().name() + " now",
                        "less to nudge; a pull for each",
                        one,
                        false));
    }

    /** Another piece of foil makes the same pull; what it takes differs. */
    private List<Way> foil() {
        Plate plate = now.plate();
        FoilPiece usual = new FoilPiece(plate);
        return List.of(
                make.way("a little larger", takes(usual.widthMm(), usual.heightMm()) + "; easy to lay", now, true),
                make.way(
                        "short, to leave room for tape",
                        takes(plate.widthMm(), plate.heightMm()) + "; tape never on foil",
                        now,
                        false),
                make.way(
                        "the whole sheet",
                        takes(now.stock().widthMm(), now.stock().heightMm())
                                + "; nothing to aim, most of it spent for nothing",
                        now,
                        false));
    }

    private static String takes(double widthMm, double heightMm) {
        return "takes " + Figures.length(widthMm) + " × " + Figures.length(heightMm) + " of foil";
    }

    private List<Way> ink() {
        boolean before = now.medium() == Medium.DRY;
        return List.of(
                make.way(
                        "ink first, fully dry",
                        "foil stays bright on top; it waits to dry",
                        before ? now : now.withMedium(Medium.DRY),
                        before),
                make.way(
                        "foil first, shade around it",
                        "no wait; medium over foil dulls it, so it is kept off",
                        before ? now.withMedium(Medium.NONE) : now,
                        !before));
    }
}
