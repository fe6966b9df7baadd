package glanzen.heat;

import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import java.util.List;

/**
 * What happens to a stack, as heat sees it: soak (docked) → hold (undocked, laid) → nip → between → nip … → cool → peel.
 *
 * @param platform what heats it
 * @param setPointC set-point, °C
 * @param behindK how far the platform is below it when the soak begins, K
 * @param roomC room temperature, °C
 * @param layers above the platform, bottom to top, without films
 * @param early for each layer, whether it lies there during the soak
 * @param tool place of the tool in {@code layers}; the sheet lies right above it
 * @param toolAreaCm2 area that takes heat, cm²
 * @param flatTool false for solid plates, which touch the platform less well
 * @param soakSeconds soak, s
 * @param holdSeconds from undocking to the nip, s
 * @param nipSeconds length of one nip, s
 * @param passes how many nips, at least 1
 * @param betweenSeconds from the end of one pass to the start of the next, s
 * @param cooling where it cools
 * @param coolSeconds how long before peeling, s
 */
public record HeatPlan(
        Platform platform,
        double setPointC,
        double behindK,
        double roomC,
        List<StackItem> layers,
        List<Boolean> early,
        int tool,
        double toolAreaCm2,
        boolean flatTool,
        double soakSeconds,
        double holdSeconds,
        double nipSeconds,
        int passes,
        double betweenSeconds,
        Cooling cooling,
        double coolSeconds)
        implements HeatSource {

    /** Time between the end of one pass and the start of the next where it goes there and back, s. */
    public static final double THERE_AND_BACK_SECONDS = 4;
    /** The same where it is taken out and fed again, s. */
    public static final double FED_AGAIN_SECONDS = 15;

    public HeatPlan {
        layers = List.copyOf(layers);
        early = List.copyOf(early);
    }

    @Override
    public HeatRun solve(double contactFactor, double setPointErrorK) {
        return HeatSolver.solve(this, contactFactor, setPointErrorK);
    }
}
