package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.press.Blade;
import glanzen.pull.AsLabelled;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What cutting asks for. */
final class CutRules {

    static final List<Rule> ALL = Rules.whereComputable(
            List.of(CutRules::edge, CutRules::through, CutRules::magnet, CutRules::under, CutRules::small));

    static final List<Rule> PARTIAL = Rules.whereComputable(List.of(CutRules::partial));

    private CutRules() {}

    private static Plate die(SetUp s) {
        return s.plate();
    }

    private static Stream<Finding<SetUp>> edge(SetUp s, Inventory shop) {
        int at = s.stack().indexOf(Plate.class);
        Facing towards = s.stack().indexOf(Stock.class) > at ? Facing.UP : Facing.DOWN;
        Layer layer = s.stack().layers().get(at);
        return die(s).kind().folder() || layer.facing() == towards
                ? Stream.empty()
                : Stream.of(Finding.at(
                        at,
                        RuleId.EDGE_FACE,
                        "The die's edge looks away from the stock",
                        "It would cut the plate, and the stock not at all",
                        new Mend<>("Turn it over", s.withStack(s.stack().replaced(at, layer.flipped())))));
    }

    /** Whether all of the die gets through, as the labels say. */
    private static Stream<Finding<SetUp>> through(SetUp s, Inventory shop) {
        double margin = leastMargin(s, shop);
        if (margin >= 1) {
            return Stream.empty();
        }
        int sheets = s.stack().all(Stock.class).size();
        double squeeze = Blade.squeezeMm(s.stack(), s.press().openingMm());
        String what = squeeze <= 0
                ? "There is no squeeze left for the blade: it does not cut"
                : String.format(
                        Locale.ROOT,
                        "At its weakest place the die has %.0f %% of what %s",
                        100 * margin,
                        sheets > 1 ? sheets + " sheets need" : "the stock needs");
        return Stream.of(Finding.at(
                s.stack().indexOf(Plate.class),
                RuleId.NOT_THROUGH,
                what,
                sheets > 1
                        ? "Each extra heavy sheet needs the metal shim, or goes through by itself"
                        : "Much blade in the nip at once shares the force: the metal shim helps, or a second pass turned "
                                + "a quarter",
                better(s, shop, margin)));
    }

    private static double leastMargin(SetUp s, Inventory shop) {
        return new AsLabelled(s, shop.artworks()).cutMargin();
    }

    /** The thinnest owned shim that is enough; metal before plastic, as it does not give. */
    private static @Nullable Mend<SetUp> better(SetUp s, Inventory shop, double margin) {
        return shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.METAL_SHIM || b.kind() == Board.Kind.PLASTIC_SHIM)
                .filter(Board::sound)
                .map(b -> new Mend<>(
                        "Add " + b.name(), s.withStack(s.stack().with(s.shimPlace(), new Layer(b, Facing.UP)))))
                .filter(m -> leastMargin(m.mended(), shop) > Math.max(margin, 0.95))
                .min(Comparator.comparing((Mend<SetUp> m) -> m.mended().stack().thicknessMm()))
                .orElse(null);
    }

    private static Stream<Finding<SetUp>> magnet(SetUp s, Inventory shop) {
        int magnet = s.stack().indexWhere(item -> BoardRules.is(item, Board.Kind.MAGNETIC_SHIM));
        boolean thick = die(s).kind() == Plate.Kind.THICK_DIE || die(s).kind() == Plate.Kind.STEEL_RULE;
        return magnet < 0 || !thick
                ? Stream.empty()
                : Stream.of(Finding.at(
                        magnet,
                        RuleId.MAGNET_THICK,
                        "A magnetic shim lies under a thick die",
                        "A thick die keeps its place by itself, and the shim makes the stack too thick",
                        new Mend<>(
                                "Take the magnetic shim out",
                                s.withStack(s.stack().without(magnet)))));
    }

    /** Soft material wants something hard right under it. */
    private static Stream<Finding<SetUp>> under(SetUp s, Inventory shop) {
        Stock.Kind kind = s.stock().kind();
        boolean soft = kind == Stock.Kind.LEATHER || kind == Stock.Kind.FELT || kind == Stock.Kind.FABRIC;
        boolean metal = s.stack().indexWhere(item -> BoardRules.is(item, Board.Kind.METAL_SHIM)) >= 0;
        if (!soft || metal || die(s).kind() == Plate.Kind.STEEL_RULE) {
            return Stream.empty();
        }
        Mend<SetUp> mend = shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.METAL_SHIM)
                .findFirst()
                .map(b -> new Mend<>(
                        "Add " + b.name(), s.withStack(s.stack().with(s.shimPlace(), new Layer(b, Facing.UP)))))
                .orElse(null);
        return Stream.of(Finding.at(
                s.stack().indexOf(Stock.class),
                RuleId.METAL_UNDER,
                "A metal shim under " + kind.label() + " gives the blade something to cut on",
                "Leather, denim and felt dodge the blade on a plate that gives; it may creak as it goes through",
                mend));
    }

    private static Stream<Finding<SetUp>> small(SetUp s, Inventory shop) {
        if (s.route().partial()) {
            return Stream.empty();
        }
        return s.stack().layers().stream()
                .filter(l -> l.item() instanceof Board b && b.kind() == Board.Kind.OUTER_PLATE)
                .filter(l -> l.item().heightMm() < die(s).heightMm() && l.item().widthMm() < die(s).heightMm())
                .limit(1)
                .map(l -> Finding.at(
                        s.stack().layers().indexOf(l),
                        RuleId.DIE_OVERHANG,
                        die(s).name() + " is longer than " + l.item().name() + " by "
                                + Figures.length(die(s).heightMm() - l.item().heightMm()),
                        "What lies outside the plates is not cut: move them along and pass again, or cut it as a partial cut",
                        new Mend<>("Plan it as a partial cut", s.withRoute(Route.partialCut()))));
    }

    private static Stream<Finding<SetUp>> partial(SetUp s, Inventory shop) {
        return Stream.of(Finding.at(
                s.stack().layers().size() - 1,
                RuleId.PARTIAL_EDGE,
                "Shift the top plate back to where the cut is to end",
                "Its edge leaves a faint line: mark it outside the fold",
                null));
    }
}
