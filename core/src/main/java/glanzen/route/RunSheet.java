package glanzen.route;

import glanzen.heat.Cooling;
import glanzen.kit.Board;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.CutList;
import glanzen.layout.Method;
import glanzen.layout.Placed;
import glanzen.measure.Figures;
import glanzen.route.Step.Kind;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.List;

/** A set-up as instructions, one at a time. */
public final class RunSheet {

    private static final String BURN =
            "Hot: platform and plate burn. Tweezers for the plate, the platform only by its handle.";
    private static final String ALONE = "Never leave the platform heating alone; keep children and pets away.";
    private static final String ROLLERS = "Fingers, hair and ribbons clear of the rollers. Never force a stack.";

    private RunSheet() {}

    /** What must lie ready before the heat starts. */
    public static List<String> preflight(SetUp s) {
        List<String> list = new ArrayList<>();
        foil(s, list);
        list.add("Stock cut to " + Figures.length(s.stock().widthMm()) + " × "
                + Figures.length(s.stock().heightMm()) + ": " + s.stock().name());
        list.add("Shims ready: " + shims(s));
        list.add("Tweezers, heat-safe tape and cooling mat at hand");
        list.add("Both faces brushed with a dry soft brush: every speck is a bare spot");
        if (s.stock().protectiveFilm()) {
            list.add("Protective film off the foil side");
        }
        if (s.route().taped() || s.layout().method() == Method.TAPED) {
            list.add("Plate, foil and stock taped as one, tape clear of the foil");
        }
        if (s.layout().method() == Method.HINGED) {
            list.add("Heat-safe tape for the hinge along the sheet's far edge");
        }
        if (s.medium() == Medium.DRY) {
            list.add("Ink or paint dry to the touch, front and back");
        }
        return list;
    }

    private static void foil(SetUp s, List<String> list) {
        if (!s.layout().laid()) {
            list.add("Foil cut a little larger than the plate: " + s.film().name());
            return;
        }
        for (Placed placed : s.layout().plates()) {
            Plate plate = placed.plate();
            double margin = 2 * CutList.FOIL_MARGIN_MM;
            list.add(
                    placed.foil() != null
                            ? "Leftover of " + s.film().name() + " for " + plate.name() + ", laid as the layout shows"
                            : "Foil cut a little larger than the plate for " + plate.name() + ", "
                                    + Figures.length(plate.widthMm() + margin) + " × "
                                    + Figures.length(plate.heightMm() + margin) + ": "
                                    + s.film().name());
        }
    }

    /** The steps from a cold bench to a pull in the hand. */
    public static List<Step> steps(SetUp s) {
        List<Step> steps = new ArrayList<>();
        steps.add(step(
                Kind.PREPARE,
                "Lay everything ready",
                "Tick off the list; once the plate is hot there is no time for it.",
                0));
        steps.add(new Step(
                Kind.HEAT_UP,
                "Switch the platform on at " + level(s) + " and wait for its ready light",
                "It goes to " + Figures.temperature(s.setPointC()) + ".",
                0,
                List.of("Cut foil and stock for the next pulls", "Die-cut or trim an earlier pull"),
                List.of(BURN, ALONE)));
        steps.add(new Step(
                Kind.PLACE,
                place(s),
                s.layout().laid()
                        ? "As the drawing shows; start the soak at once."
                        : "Along the grid lines; start the soak at once.",
                0,
                List.of(),
                List.of(BURN)));
        steps.add(new Step(
                Kind.SOAK,
                soak(s),
                "Soak " + Figures.duration(s.soakSeconds()) + ".",
                s.soakSeconds(),
                List.of("Brush foil and stock once more", "Clean an earlier pull"),
                List.of(BURN)));
        steps.add(new Step(Kind.LAY, lay(s), shims(s) + ", spacer on top.", 0, List.of(), List.of(BURN)));
        steps.add(new Step(
                Kind.HOLD,
                "Lift the platform out of its dock and bring it to the press",
                "Hold the stack with both thumbs. About " + Figures.duration(s.holdSeconds()) + " to the rollers.",
                s.holdSeconds(),
                List.of(),
                List.of(BURN)));
        for (int pass = 1; pass <= s.passes(); pass++) {
            steps.add(new Step(
                    Kind.PASS,
                    pass(s, pass),
                    "About " + Figures.duration(Math.ceil(s.plate().heightMm() / s.feedMmPerS()))
                            + " for the plate's length.",
                    s.plate().heightMm() / s.feedMmPerS(),
                    List.of(),
                    List.of(ROLLERS)));
        }
        steps.add(new Step(
                Kind.REDOCK,
                "Put the platform back in its dock",
                "It stays hot for the next pull, and it is the safe place for it.",
                0,
                List.of(),
                List.of(BURN)));
        steps.add(new Step(
                Kind.COOL,
                cool(s),
                "Then peel.",
                s.peel().seconds(),
                List.of("Put the plate back on the platform for the next pull"),
                List.of()));
        steps.add(step(Kind.PEEL, "Peel the film off slowly", "If foil lifts, lay it back, wait and peel again.", 0));
        steps.add(step(Kind.LOOK, "Look at the pull and log it", "Hold it to the light: edges, counters, middle.", 0));
        return steps;
    }

    private static Step step(Kind kind, String say, String detail, double seconds) {
        return new Step(kind, say, detail, seconds, List.of(), List.of());
    }

    private static String level(SetUp s) {
        return s.platform().levels().get(s.level()).name();
    }

    private static String place(SetUp s) {
        String plates = s.plates().size() == 1 ? "Plate" : s.plates().size() + " plates";
        return switch (s.heating()) {
            case ALONE -> plates + " on the platform, design up";
            case COVERED ->
                plates + " on the platform, design up, spacer over "
                        + (s.plates().size() == 1 ? "it" : "them") + " as a cover";
            case TOGETHER ->
                s.route().taped()
                        ? "Turn plate, foil and stock over as one, plate down on the platform, the rest on top"
                        : "Lay the whole stack on the platform: plate design up, foil colour down, stock good side down";
        };
    }

    private static String soak(SetUp s) {
        return s.heating() == Heating.TOGETHER
                ? "Let the stack soak"
                : "Let the plate soak; lay out foil and stock now";
    }

    private static String lay(SetUp s) {
        if (s.heating() == Heating.TOGETHER) {
            return "Check that nothing has moved";
        }
        if (s.layout().method() == Method.HINGED) {
            return "Foil colour down on the plate, then let the sheet down on its hinge";
        }
        String stock = s.stock().kind() == Stock.Kind.ACETATE ? "smooth the sheet down" : "stock good side down";
        return "Foil colour down on the plate, " + stock + ", dull face meets it";
    }

    private static String pass(SetUp s, int pass) {
        String pace = s.pace() == Pace.SLOW ? "slow" : s.pace() == Pace.STEADY ? "steady" : "brisk";
        return pass % 2 == 1 ? "One " + pace + " pass through the press" : "And back again, just as " + pace;
    }

    private static String cool(SetUp s) {
        String where = s.peel().cooling() == Cooling.ON_MAT
                ? "on the cool mat"
                : s.peel().cooling() == Cooling.IN_AIR ? "in the air" : "in the stack";
        return "Take the stack apart; let the pull cool " + where;
    }

    private static String shims(SetUp s) {
        List<String> names = s.stack().layers().stream()
                .map(Layer::item)
                .filter(item -> item instanceof Board b && b.kind() != Board.Kind.SPACER)
                .map(item -> item.name())
                .toList();
        return names.isEmpty() ? "none" : String.join(", ", names);
    }
}
