package glanzen.steps;

import glanzen.heat.Cooling;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Fixing;
import glanzen.layout.Placed;
import glanzen.leftover.FoilPiece;
import glanzen.measure.Figures;
import glanzen.route.Mechanism;
import glanzen.route.Medium;
import glanzen.route.Wait;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;

/** A set-up as instructions, one at a time. */
public final class RunSheet {

    static final String ROLLERS = "Fingers, hair and ribbons clear of the rollers. Never force a stack.";

    private RunSheet() {}

    /** What must lie ready before the heat starts, or the press turns. */
    public static List<String> preflight(SetUp s) {
        List<String> list = new ArrayList<>();
        if (s.route().film().isPresent()) {
            film(s, list);
        }
        list.add(stock(s));
        list.add((s.route().heated() ? "Shims ready: " : "Boards ready: ") + shims(s));
        if (s.heated()) {
            list.add("Tweezers, heat-safe tape and cooling mat at hand");
        }
        if (s.route().mechanism() == Mechanism.TRANSFER) {
            list.add("Both faces brushed with a dry soft brush: every speck is a bare spot");
            list.add("One sheet of film, not two: it clings");
        }
        if (s.stock().protectiveFilm()) {
            list.add("Protective film off the foil side");
        }
        if (s.route().taped() || s.layout().method() == Fixing.TAPED) {
            list.add("Plate, foil and stock taped as one, tape clear of the foil");
        }
        if (s.layout().method() == Fixing.HINGED) {
            list.add("Heat-safe tape for the hinge along the sheet's far edge");
        }
        if (s.medium() == Medium.DRY) {
            list.add("Ink or paint dry to the touch, front and back");
        }
        if (s.gel() != null && s.gel().sprayed()) {
            list.add("Spray used outdoors, or with the window wide open, and tacked for 40 s");
        }
        if (s.gel() != null) {
            list.add("Gel clear all over, not white anywhere, and no dust on it");
        }
        if (s.route().mechanism().cuts()) {
            list.add("No tape over foil; low-tack tape on stock, its tack loosened on cloth first");
        }
        return list;
    }

    private static String stock(SetUp s) {
        Stock stock = s.stock();
        double throat = s.machine().throatMm();
        boolean fits = Math.min(stock.widthMm(), stock.heightMm()) <= throat;
        return fits
                ? "Stock cut to " + Figures.length(stock.widthMm()) + " × " + Figures.length(stock.heightMm()) + ": "
                        + stock.name()
                : "Stock cut for the design, no wider than " + Figures.length(throat) + ": " + stock.name();
    }

    private static void film(SetUp s, List<String> list) {
        if (s.route().waits().contains(Wait.INK_KEY)) {
            list.add("Scraps of " + s.film().name() + " gathered, enough to cover the stamp");
            list.add("Ink pad tried on scrap, and recharged if it prints pale");
            return;
        }
        if (!s.layout().laid()) {
            list.add(
                    s.film().kind() == Film.Kind.FLOCK
                            ? "Flock sheet cut a little larger than the design: "
                                    + s.film().name()
                            : "Foil cut a little larger than the " + s.route().toolWord() + ": "
                                    + s.film().name());
            return;
        }
        for (Placed placed : s.layout().plates()) {
            Plate plate = placed.plate();
            FoilPiece piece = new FoilPiece(plate);
            list.add(
                    placed.foil() != null
                            ? "Leftover of " + s.film().name() + " for " + plate.name() + ", laid as the layout shows"
                            : "Foil cut a little larger than the plate for " + plate.name() + ", "
                                    + Figures.length(piece.widthMm()) + " × "
                                    + Figures.length(piece.heightMm()) + ": "
                                    + s.film().name());
        }
    }

    /** The steps from a cold bench to a pull in the hand. */
    public static List<Step> steps(SetUp s) {
        if (s.route().heated()) {
            return PlatformSteps.of(s);
        }
        return s.machine() instanceof HeatedRollers rollers ? RollerSteps.of(s, rollers) : PressSteps.of(s);
    }

    static String pass(SetUp s, int pass) {
        String pace = s.pace().label();
        if (s.stock().kind() == Stock.Kind.RIBBON) {
            return pass % 2 == 1
                    ? "In, " + pace + ", as far as the plate reaches; never thread the roll through"
                    : "And back out the way it came, just as " + pace;
        }
        return pass % 2 == 1
                ? "One " + pace + " pass through "
                        + (s.route().heated() ? "the press" : s.machine().name())
                : "And back again, just as " + pace;
    }

    static String cool(SetUp s) {
        String where = s.peel().cooling() == Cooling.ON_MAT
                ? "on the cool mat"
                : s.peel().cooling() == Cooling.IN_AIR ? "in the air" : "in the stack";
        return "Take the stack apart; let the pull cool " + where;
    }

    static String shims(SetUp s) {
        List<String> names = s.stack().layers().stream()
                .map(Layer::item)
                .filter(item -> item instanceof Board b && b.kind() != Board.Kind.SPACER)
                .map(item -> item.name())
                .toList();
        return names.isEmpty() ? "none" : String.join(", ", names);
    }
}
