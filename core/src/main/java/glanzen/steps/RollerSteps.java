package glanzen.steps;

import glanzen.kit.HeatedRollers;
import glanzen.kit.Plate;
import glanzen.measure.Figures;
import glanzen.route.Wait;
import glanzen.setup.SetUp;
import glanzen.steps.Step.Kind;
import java.util.ArrayList;
import java.util.List;

/** Instructions for what goes through heated rollers in a carrier. */
final class RollerSteps {

    private static final String BURN = "Hot: the rollers burn, and what comes out of them. Feed by the carrier's edge.";

    /** A stamp larger than a hand presses evenly only from above. */
    private static final double HAND_MM = 90;

    private RollerSteps() {}

    static List<Step> of(SetUp s, HeatedRollers rollers) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                Kind.PREPARE, "Get everything ready", "Tick off the list while there is nothing hot about.", 0));
        steps.add(new Step(
                Kind.HEAT_UP,
                "Switch " + rollers.name() + " on at "
                        + rollers.settings().get(s.heat().level()).name(),
                "Give it " + Figures.duration(rollers.warmUpSeconds()) + " from cold, whatever its light says before.",
                rollers.warmUpSeconds(),
                List.of("Cut film and stock for the next pulls", "Die-cut or trim an earlier pull"),
                List.of(BURN)));
        if (s.route().waits().contains(Wait.INK_KEY)) {
            steps.add(Step.of(
                    Kind.KEY,
                    stamp(s),
                    "A minute; then lay the scraps patchwork, colour up, overlapping.",
                    Wait.KEY_SECONDS));
        }
        steps.add(Step.of(Kind.LAY, lay(s), "Dull face down, smooth it out.", 0));
        for (int pass = 1; pass <= s.passes(); pass++) {
            double seconds = s.passSeconds();
            steps.add(new Step(
                    Kind.PASS,
                    pass == 1 ? RunSheet.pass(s, 1) + ", the folded edge first" : "Once more, the folded edge first",
                    "About " + Figures.duration(Math.ceil(seconds)) + " for the sheet's length.",
                    seconds,
                    List.of(),
                    List.of(BURN, RunSheet.ROLLERS)));
        }
        steps.add(Step.of(
                Kind.COOL,
                "Leave it in its carrier and let it cool",
                "On something flat; warm toner and gel let go of the foil again.",
                s.peel().seconds()));
        steps.add(Step.of(
                Kind.PEEL,
                "Open the carrier and peel the film off slowly",
                "What has not given its foil is good for another sheet: keep it.",
                0));
        steps.add(Step.of(Kind.LOOK, "Look at the pull and log it", "Hold it to the light: edges, middle, specks.", 0));
        return steps;
    }

    private static String stamp(SetUp s) {
        Plate stamp = s.plate();
        return Math.max(stamp.widthMm(), stamp.heightMm()) > HAND_MM
                ? "Lay the stamp design up, press the sheet down onto it, and let the ink key"
                : "Stamp the design and let the ink key";
    }

    private static String lay(SetUp s) {
        String carrier = s.stack().layers().get(0).item().name();
        return switch (s.route().bonding().orElseThrow()) {
            case TONER -> "Toner side up into " + carrier + ", foil on it colour up";
            case REACTIVE_INK -> "Cover the scraps with baking parchment";
            default -> "Gel side up into " + carrier + ", foil on it colour up";
        };
    }
}
