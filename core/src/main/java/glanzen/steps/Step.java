package glanzen.steps;

import java.util.List;

/**
 * One instruction at the bench.
 *
 * @param kind what happens
 * @param say the instruction
 * @param detail what else to know
 * @param seconds how long it lasts, s; 0 where the person decides
 * @param meanwhile what can be done while it lasts
 * @param cautions hazards of this step
 */
public record Step(
        Kind kind, String say, String detail, double seconds, List<String> meanwhile, List<String> cautions) {

    /** What happens in a step. */
    public enum Kind {
        PREPARE,
        HEAT_UP,
        KEY,
        PLACE,
        SOAK,
        LAY,
        HOLD,
        PASS,
        TURN,
        REDOCK,
        COOL,
        PEEL,
        LOOK
    }

    /** A step without more to say, as long as the person likes. */
    static Step of(Kind kind, String say, String detail, double seconds) {
        return new Step(kind, say, detail, seconds, List.of(), List.of());
    }

    public Step {
        meanwhile = List.copyOf(meanwhile);
        cautions = List.copyOf(cautions);
    }
}
