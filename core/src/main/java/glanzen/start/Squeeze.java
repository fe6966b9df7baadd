package glanzen.start;

import glanzen.kit.Press;
import glanzen.kit.Starts;
import glanzen.kit.Stock;
import glanzen.press.Frame;
import glanzen.press.LoadPath;
import glanzen.press.Nip;
import glanzen.route.Mechanism;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import glanzen.stack.Stack;

/** How much thicker than the opening of its press a first stack is to be, mm. */
final class Squeeze {

    /** Share of the greatest force that a starting stack may ask of a press whose label is not quite true. */
    private static final double EASE = 0.87;

    private Squeeze() {}

    /**
     * So that its design is pressed as hard as its film wants, or as hard as the squeeze that is usual on the route presses card on a usual
     * press: a stiff frame gives less than a weak one, leather more than card.
     */
    static double mm(SetUp s, Inventory shop) {
        Route route = s.route();
        if (route.mechanism() == Mechanism.CUT || !Rules.computable(s)) {
            return route.targetMm();
        }
        double broad = shop.artwork(s).meanWidthMm();
        double mpa = route.targetMpa() > 0
                ? route.targetMpa()
                : Nip.solve(Frame.of(Starts.PRESS), LoadPath.of(onCard(s)), route.targetMm(), broad)
                        .pressureMpa();
        return Nip.overfillFor(Frame.of(s.press()), LoadPath.of(s.stack()), mpa, broad);
    }

    /** The same, and no more than the press bears with ease. */
    static double easyMm(SetUp s, Inventory shop) {
        return Math.min(mm(s, shop), EASE * s.press().stallsMm());
    }

    private static Stack onCard(SetUp s) {
        if (!s.route().stocks().contains(Stock.Kind.CARD)) {
            return s.stack();
        }
        return new Stack(s.stack().layers().stream()
                .map(l -> l.item() instanceof Stock stock && stock.kind() != Stock.Kind.CARD
                        ? new Layer(Starts.STOCK, l.facing())
                        : l)
                .toList());
    }

    /**
     * What is wanting for a squeeze: it is gripped from nought on.
     *
     * @param squeezeMm the squeeze, mm
     * @param thereMm how much thicker than the opening it is already, mm
     */
    static Filling.Wanting wanting(double squeezeMm, double thereMm, Press press) {
        return new Filling.Wanting(squeezeMm - thereMm, squeezeMm, Math.max(0, press.stallsMm() - squeezeMm));
    }
}
