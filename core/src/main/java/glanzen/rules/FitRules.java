package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Plate;
import glanzen.kit.Press;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.pull.AsLabelled;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Whether the stack fits the machine, and its things one another. */
final class FitRules {

    static final List<Rule> ALL =
            List.of(FitRules::kinds, FitRules::grip, FitRules::tooThick, FitRules::tooWide, FitRules::size);

    private FitRules() {}

    private static Stream<Finding<SetUp>> grip(SetUp s, Inventory shop) {
        double overfill = s.overfillMm();
        if (!Rules.computable(s) || s.machine() instanceof HeatedRollers || overfill > 0) {
            return Stream.empty();
        }
        return Stream.of(Finding.at(
                -1,
                RuleId.NOT_GRIPPED,
                "The rollers do not grip: the stack is " + Figures.length(-overfill) + " thinner than the opening",
                "Only what is thicker than " + Figures.length(s.press().openingMm()) + " is pressed",
                new Thickness(s, shop).thicker()));
    }

    private static Stream<Finding<SetUp>> tooThick(SetUp s, Inventory shop) {
        if (!Rules.computable(s)) {
            return Stream.empty();
        }
        if (s.machine() instanceof HeatedRollers rollers) {
            return gap(s, shop, rollers);
        }
        Press press = s.press();
        if (forceN(s, shop) <= press.maxForceN()) {
            return Stream.empty();
        }
        String why = press.kind() == Press.Kind.MOTOR
                ? press.name() + " would stop. Reverse the stack out and take a layer away"
                : "Never force a stack through " + press.name() + ": crank it back out and take a layer away";
        return Stream.of(Finding.at(
                -1,
                RuleId.TOO_THICK,
                "The stack is " + Figures.length(s.overfillMm()) + " too thick: the press won't take it",
                why,
                new Thickness(s, shop).thinner()));
    }

    /** The greatest force in the nip, as the labels say, N. */
    static double forceN(SetUp s, Inventory shop) {
        return new AsLabelled(s, shop.artworks()).forceN();
    }

    private static Stream<Finding<SetUp>> gap(SetUp s, Inventory shop, HeatedRollers rollers) {
        double over = s.stack().thicknessMm() - rollers.gapMm();
        return over <= 0
                ? Stream.empty()
                : Stream.of(Finding.at(
                        -1,
                        RuleId.TOO_THICK,
                        "The stack is " + Figures.length(over) + " too thick for " + rollers.name(),
                        "Its rollers open to " + Figures.length(rollers.gapMm()) + ": thinner stock, or a press",
                        new Thickness(s, shop).thinner()));
    }

    /** Tool, film and stock of the kinds the route works with. */
    private static Stream<Finding<SetUp>> kinds(SetUp s, Inventory shop) {
        if (!Rules.computable(s)) {
            return Stream.empty();
        }
        return Stream.concat(toolAndStock(s), film(s));
    }

    private static Stream<Finding<SetUp>> toolAndStock(SetUp s) {
        Route route = s.route();
        Plate plate = s.plate();
        Stock stock = s.stock();
        if (route.tools().contains(plate.kind()) && route.stocks().contains(stock.kind())) {
            return Stream.empty();
        }
        Mend<SetUp> mend = Arrays.stream(Route.values())
                .filter(r -> r.tools().contains(plate.kind()) && r.stocks().contains(stock.kind()))
                .filter(r -> r.mechanism() == route.mechanism() && r.heated() == route.heated())
                .filter(r -> Rules.computable(s.withRoute(r)))
                .findFirst()
                .map(r -> new Mend<>("Change to " + r.label(), s.withRoute(r)))
                .orElse(null);
        boolean tool = !route.tools().contains(plate.kind());
        return Stream.of(Finding.at(
                s.stack().indexOf(tool && route.toolInStack() ? Plate.class : Stock.class),
                RuleId.ROUTE_FIT,
                (tool ? "A " + plate.kind().label() : "This stock") + " does not go with " + route.label(),
                "Soak, shims and peel differ from route to route",
                mend));
    }

    private static Stream<Finding<SetUp>> film(SetUp s) {
        Film.Kind wanted = s.route().film().orElse(null);
        if (wanted == null || s.film().kind() == wanted) {
            return Stream.empty();
        }
        String why = switch (wanted) {
            case HOT_FOIL -> "Only hot foil has a glue of its own that heat wakes";
            case TRANSFER_FOIL ->
                "Toner, gel and ink hold foil that has no glue of its own; hot foil would stick beside them too";
            case FLOCK -> "Flock comes on a sheet of its own";
        };
        return Stream.of(Finding.at(
                s.stack().indexOf(Film.class),
                RuleId.FILM_KIND,
                s.film().name() + " is " + s.film().kind().label() + "; "
                        + s.route().label() + " takes " + wanted.label(),
                why,
                null));
    }

    private static Stream<Finding<SetUp>> tooWide(SetUp s, Inventory shop) {
        List<Layer> layers = s.stack().layers();
        return IntStream.range(0, layers.size())
                .filter(i -> !(layers.get(i).item() instanceof Film))
                .filter(i ->
                        acrossMm(layers.get(i).item(), turns(s)) > s.machine().throatMm())
                .filter(i -> !(s.layout().laid() && layers.get(i).item() instanceof Stock))
                .mapToObj(i -> wide(i, layers.get(i).item(), s));
    }

    private static boolean turns(SetUp s) {
        return s.turned() && s.passes() > 1;
    }

    /** How wide a throat a thing needs, mm: it lies lengthwise, unless it is to be turned on the way. */
    private static double acrossMm(StackItem item, boolean turned) {
        return turned ? Math.max(item.widthMm(), item.heightMm()) : Math.min(item.widthMm(), item.heightMm());
    }

    /** Whether every board and tool of a stack fits the throat both ways, so that it may be turned a quarter. */
    static boolean turnable(SetUp s) {
        return s.stack().layers().stream()
                .map(Layer::item)
                .filter(item -> !(item instanceof Film || item instanceof Stock))
                .allMatch(item -> acrossMm(item, true) <= s.machine().throatMm());
    }

    /** A sheet is cut smaller, a board is not; of what is laid out, the layout knows the piece. */
    private static Finding<SetUp> wide(int at, StackItem item, SetUp s) {
        double throatMm = s.machine().throatMm();
        boolean fitsAsItLies = acrossMm(item, false) <= throatMm;
        String what = item.name() + (fitsAsItLies ? ", turned a quarter, is" : " is") + " wider than the throat of "
                + s.machine().name();
        String throat = Figures.length(throatMm);
        if (item instanceof Stock) {
            return Finding.at(
                    at, RuleId.SHEET_WIDE, what, "Cut a piece from the sheet that is no wider than " + throat, null);
        }
        Mend<SetUp> mend = fitsAsItLies ? new Mend<>("Pass again as it lies", s.withTurned(false)) : null;
        return Finding.at(at, RuleId.TOO_WIDE, what, "The throat takes " + throat, mend);
    }

    /** For a plate by itself; where things are laid out, the layout's own rules are exact. */
    private static Stream<Finding<SetUp>> size(SetUp s, Inventory shop) {
        if (!Rules.computable(s) || !s.route().heated() || s.layout().laid()) {
            return Stream.empty();
        }
        Plate plate = s.plate();
        Stream<Finding<SetUp>> onPlatform = covers(s.onPlatform().platform(), plate)
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Plate.class),
                        RuleId.PLATE_OVERHANG,
                        "The plate is larger than the platform",
                        "What hangs over stays cold and is not foiled",
                        null));
        // Ribbon is narrower than a plate as a matter of course: words lie along it.
        boolean tooSmall = s.stock().kind() != Stock.Kind.RIBBON && !covers(s.stock(), plate);
        return Stream.concat(
                onPlatform,
                tooSmall
                        ? Stream.of(Finding.at(
                                s.stack().indexOf(Stock.class),
                                RuleId.STOCK_SMALL,
                                "The stock is smaller than the plate",
                                "Cut stock clearly larger than the design and trim it later",
                                null))
                        : Stream.empty());
    }

    private static boolean covers(StackItem large, StackItem small) {
        return large.widthMm() >= small.widthMm() && large.heightMm() >= small.heightMm()
                || large.widthMm() >= small.heightMm() && large.heightMm() >= small.widthMm();
    }
}
