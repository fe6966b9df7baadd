package glanzen.advice;

import glanzen.advice.Schools.Way;
import glanzen.advice.Schools.WayMaker;
import glanzen.kit.Board;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.route.Question;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.start.Filling;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Where people differ on what a press does cold. */
final class PressSchools {

    private static final double NOTICED_MM = 0.05;

    private final SetUp now;
    private final Inventory shop;
    private final WayMaker make;

    PressSchools(SetUp now, Inventory shop, WayMaker make) {
        this.now = now;
        this.shop = shop;
        this.make = make;
    }

    List<Way> ways(Question question) {
        return switch (question) {
            case DIE_DIRECTION -> direction();
            case SECOND_PASS -> second();
            case DEEP_STACK -> deep();
            default -> plates();
        };
    }

    private List<Way> direction() {
        boolean up = now.stack().indexOf(Plate.class) < now.stack().indexOf(Stock.class);
        SetUp turned = dieTurned();
        return List.of(
                make.way("edge up, stock over it", "nothing slips under the die", up ? now : turned, up),
                make.way("edge down, visible", "you see where it cuts; it may creep", up ? turned : now, !up));
    }

    /** Die and sheets change places, and the die turns over. */
    private SetUp dieTurned() {
        Stack stack = now.stack();
        int die = stack.indexOf(Plate.class);
        int sheets = stack.all(Stock.class).size();
        int to = die < stack.indexOf(Stock.class) ? die + sheets : die - sheets;
        Stack moved = stack.moved(die, to);
        return now.withStack(moved.replaced(to, moved.layers().get(to).flipped()));
    }

    private List<Way> second() {
        int twice = Math.max(2, now.passes());
        List<Way> ways = new ArrayList<>(List.of(
                make.way(
                        "one pass", "nothing slips", now.withFeed(now.pace(), 1).withTurned(false), now.passes() == 1),
                make.way(
                        "again as it lies",
                        "more everywhere; the middle stays behind",
                        now.withFeed(now.pace(), twice).withTurned(false),
                        now.passes() > 1 && !now.turned())));
        if (Rules.turnable(now)) {
            ways.add(make.way(
                    "again, turned a quarter",
                    "the strong sides come where the ends were; it must not slip",
                    now.withFeed(now.pace(), twice).withTurned(true),
                    now.passes() > 1 && now.turned()));
        }
        return ways;
    }

    private List<Way> deep() {
        Stack stack = now.stack();
        int top = stack.layers().size() - 1;
        boolean onOne = isBoard(stack.layers().get(top), Board.Kind.PLASTIC_SHIM);
        if (onOne) {
            return List.of();
        }
        Optional<Board> plastic = owned(Board.Kind.PLASTIC_SHIM);
        Optional<Board> magnetic = owned(Board.Kind.MAGNETIC_SHIM);
        if (plastic.isEmpty() || magnetic.isEmpty()) {
            return List.of();
        }
        SetUp one = now.withStack(stack.replaced(top, new Layer(plastic.get(), Facing.UP))
                .with(stack.indexOf(Plate.class), new Layer(magnetic.get(), Facing.UP)));
        one = filled(one, now.overfillMm() - one.overfillMm());
        return List.of(
                make.way("between two outer plates", squeeze(now), now, true),
                make.way("on one, with magnetic and plastic shim", squeeze(one), one, false));
    }

    /** What it is slacker than the way at hand is filled up from below, as whoever works so does. */
    private SetUp filled(SetUp s, double wantedMm) {
        List<Board> fillers = Filling.shelf(shop.boards(), s.stack()::left);
        return s.withStack(new Stack(Filling.under(s.stack().layers(), Filling.below(fillers, wantedMm))));
    }

    private static String squeeze(SetUp s) {
        return s.overfillMm() <= 0
                ? "too slack on this press by " + Figures.length(-s.overfillMm())
                : Figures.length(s.overfillMm()) + " of squeeze on this press";
    }

    private Optional<Board> owned(Board.Kind kind) {
        return shop.boards().stream().filter(b -> b.kind() == kind).findFirst();
    }

    /** The same stack on cheaper plates of another maker, with the card that makes up for what they are thinner. */
    private List<Way> plates() {
        List<Board> outer = now.stack().all(Board.class).stream()
                .filter(b -> b.kind() == Board.Kind.OUTER_PLATE)
                .toList();
        if (outer.isEmpty()) {
            return List.of();
        }
        Board own = outer.get(0);
        Optional<Board> cheaper = shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.OUTER_PLATE
                        && b.price() > 0
                        && b.costPerPass() < own.costPerPass() - 1e-9
                        && b.owned() >= outer.size())
                .min(Comparator.comparingDouble(Board::costPerPass));
        if (cheaper.isEmpty()) {
            return List.of();
        }
        SetUp other = with(cheaper.get(), outer);
        if (!Rules.computable(other)) {
            return List.of();
        }
        List<Way> ways = new ArrayList<>();
        ways.add(make.way("these plates", cost(own, outer.size()), now, true));
        ways.add(make.way(
                "cheaper ones, made up with card",
                cost(cheaper.get(), outer.size()) + "; no maker vouches for it, the sum says whether it fits",
                other,
                false));
        return ways;
    }

    private SetUp with(Board cheaper, List<Board> outer) {
        Stack stack = now.stack();
        double thinner = 0;
        for (int i = 0; i < stack.layers().size(); i++) {
            Layer layer = stack.layers().get(i);
            if (isBoard(layer, Board.Kind.OUTER_PLATE)) {
                thinner += layer.item().thicknessMm() - cheaper.thicknessMm();
                stack = stack.replaced(i, new Layer(cheaper, layer.facing()));
            }
        }
        double wanted = thinner;
        Stack bare = stack;
        return shop.boards().stream()
                .filter(b -> b.kind() == Board.Kind.CARD_SHIM || b.kind() == Board.Kind.PLASTIC_SHIM)
                .filter(b -> wanted > NOTICED_MM)
                .min(Comparator.comparingDouble(b -> Math.abs(b.thicknessMm() - wanted)))
                .map(b -> now.withStack(bare.with(now.withStack(bare).shimPlace(), new Layer(b, Facing.UP))))
                .orElse(now.withStack(bare));
    }

    private static String cost(Board board, int count) {
        return board.price() == 0
                ? "price not known"
                : String.format(Locale.ROOT, "%.3f a pass for the pair", board.costPerPass() * count);
    }

    private static boolean isBoard(Layer layer, Board.Kind kind) {
        return layer.item() instanceof Board b && b.kind() == kind;
    }
}
