package glanzen.diagnosis;

import glanzen.learning.Fault;
import glanzen.route.Standard;
import java.util.Optional;
import java.util.Set;

/** How a pull looks: measured off a picture, or as a person says. */
public sealed interface Look permits Signs, Ticked {

    /** How likely this is seen where those are true; up to a factor. */
    double likely(Signs truth);

    /** Whether all is as it should be. */
    boolean good(Standard standard);

    /** Whether it shows too little. */
    boolean lacks(Standard standard);

    /** Whether it shows too much. */
    boolean exceeds(Standard standard);

    /** Faults that a person ticked; nothing where a person was not asked. */
    default Optional<Set<Fault>> ticked() {
        return Optional.empty();
    }
}
