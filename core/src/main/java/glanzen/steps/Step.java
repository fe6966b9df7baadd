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
        PREPARE("Everything is ready"),
        HEAT_UP("The ready light is on"),
        KEY("It is keyed"),
        PLACE("The plate is on: start the soak"),
        SOAK("It has soaked"),
        LAY("It is laid"),
        HOLD("The stack is at the rollers"),
        PASS("It is through"),
        TURN("It is turned"),
        REDOCK("The platform is back in its dock"),
        COOL("It is cool"),
        PEEL("It is peeled"),
        LOOK("Log it");

        private final String answer;

        Kind(String answer) {
            this.answer = answer;
        }

        /** What a person says who has done it. */
        public String answer() {
            return answer;
        }
    }

    /** A step without more to say, as long as the person likes. */
    static Step of(Kind kind, String say, String detail, double seconds) {
        return new Step(kind, say, detail, seconds, List.of(), List.of());
    }

    /** The same with something else to do while it lasts. */
    Step meanwhile(List<String> things) {
        return new Step(kind, say, detail, seconds, things, cautions);
    }

    public Step {
        meanwhile = List.copyOf(meanwhile);
        cautions = List.copyOf(cautions);
    }
}
