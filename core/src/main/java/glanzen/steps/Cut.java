package glanzen.steps;

import org.jspecify.annotations.Nullable;

/**
 * A step that was cut short for a pull, as it is kept with it.
 *
 * @param kind the step that was left before it was done
 * @param says what of it was done, as a statement without a full stop
 * @param behindK how far below its set-point the platform was when the plate was laid, K; nothing where that was not it, or nobody
 *     could read it
 */
public record Cut(Step.Kind kind, String says, @Nullable Double behindK) {

    /** Whether the set-up as it was pulled does not tell of it: then the pull teaches nothing of heat and pressure. */
    public boolean untold() {
        return switch (kind) {
            case HEAT_UP -> behindK == null;
            case KEY, COOL -> true;
            case PREPARE, PLACE, SOAK, LAY, HOLD, PASS, TURN, REDOCK, PEEL, LOOK -> false;
        };
    }
}
