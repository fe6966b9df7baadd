package glanzen.steps;

import glanzen.kit.Stock;
import glanzen.layout.Fixing;
import glanzen.measure.Figures;
import glanzen.route.Heating;
import glanzen.setup.SetUp;
import glanzen.steps.Step.Kind;
import java.util.ArrayList;
import java.util.List;

/** Instructions for what is foiled on a heated platform. */
final class PlatformSteps {

    private static final String BURN =
            "Hot: platform and plate burn. Tweezers for the plate, the platform only by its handle.";
    private static final String HANDBOOK =
            "The machine's handbook comes first. A scorch smell or a mains fault: unplug it, and ask "
                    + "somebody qualified.";
    private static final String BEEP = "It beeps loudly when ready: mind animals and sleepers.";
    private static final String FUMES =
            "Only sheets that are rated for heat: unknown plastic melts or gives off fumes.";
    private static final String ALONE = "Never leave the platform heating alone; keep children and pets away.";

    private PlatformSteps() {}

    static List<Step> of(SetUp s) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                Kind.PREPARE,
                "Get everything ready",
                "Tick off the list; once the plate is hot there is no time for it.",
                0));
        steps.add(new Step(
                Kind.HEAT_UP,
                "Switch the platform on at " + level(s) + " and wait for its ready light",
                "It goes to " + Figures.temperature(s.setPointC()) + ".",
                0,
                List.of("Cut foil and stock for the next pulls", "Die-cut or trim an earlier pull"),
                s.stock().kind() == Stock.Kind.ACETATE
                        ? List.of(BURN, ALONE, BEEP, FUMES, HANDBOOK)
                        : List.of(BURN, ALONE, BEEP, HANDBOOK)));
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
                "Soak " + Figures.duration(s.onPlatform().soakSeconds()) + ".",
                s.onPlatform().soakSeconds(),
                List.of("Brush foil and stock once more", "Clean an earlier pull"),
                List.of(BURN)));
        steps.add(new Step(Kind.LAY, lay(s), RunSheet.shims(s) + ", spacer on top.", 0, List.of(), List.of(BURN)));
        steps.add(new Step(
                Kind.HOLD,
                "Lift the platform out of its dock and bring it to the press",
                "Hold the stack with both thumbs. About "
                        + Figures.duration(s.onPlatform().holdSeconds()) + " to the rollers.",
                s.onPlatform().holdSeconds(),
                List.of(),
                List.of(BURN)));
        for (int pass = 1; pass <= s.passes(); pass++) {
            steps.add(new Step(
                    Kind.PASS,
                    RunSheet.pass(s, pass),
                    "About " + Figures.duration(Math.ceil(s.passSeconds())) + " for its length.",
                    s.passSeconds(),
                    List.of(),
                    List.of(RunSheet.ROLLERS)));
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
                RunSheet.cool(s),
                "Then peel.",
                s.peel().seconds(),
                taped(s) ? List.of("Put the plate back on the platform for the next pull") : List.of(),
                List.of()));
        steps.add(
                Step.of(Kind.PEEL, "Peel the film off slowly", "If foil lifts, lay it back, wait and peel again.", 0));
        steps.add(
                Step.of(Kind.LOOK, "Look at the pull and log it", "Hold it to the light: edges, counters, middle.", 0));
        return steps;
    }

    /** A plate that was taped or hinged left the platform with the sheet; a loose one never did. */
    static boolean taped(SetUp s) {
        return s.route().taped() || s.layout().method() == Fixing.TAPED;
    }

    /** A loose plate never left the platform: it is only looked at. */
    static Step placedAgain(SetUp s, Step place) {
        String plates = s.plates().size() == 1 ? "The plate lies" : "The plates lie";
        String cover = s.onPlatform().heating() == Heating.COVERED ? ", and lay the cover on" : "";
        return new Step(
                Kind.PLACE,
                plates + " there from before: see that nothing has moved" + cover,
                "Start the soak at once.",
                0,
                List.of(),
                place.cautions());
    }

    private static String level(SetUp s) {
        return s.heat().levels().get(s.heat().level()).name();
    }

    private static String place(SetUp s) {
        String plates = s.plates().size() == 1 ? "Plate" : s.plates().size() + " plates";
        return switch (s.onPlatform().heating()) {
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

    private static String cover(SetUp s) {
        return s.onPlatform().heating() == Heating.COVERED ? "Lift the cover off. " : "";
    }

    private static String soak(SetUp s) {
        return s.onPlatform().heating() == Heating.TOGETHER
                ? "Let the stack soak"
                : "Let the plate soak; lay out foil and stock now";
    }

    private static String lay(SetUp s) {
        if (s.onPlatform().heating() == Heating.TOGETHER) {
            return "Check that nothing has moved";
        }
        if (s.layout().method() == Fixing.HINGED) {
            return cover(s) + "Lift the sheet on its hinge, slip the foil under it colour down, and let it down again";
        }
        String stock = s.stock().kind() == Stock.Kind.ACETATE ? "smooth the sheet down" : "stock good side down";
        return cover(s) + "Foil coloured side down on the plate, " + stock + ", on the foil's dull side";
    }
}
