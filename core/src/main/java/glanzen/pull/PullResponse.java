package glanzen.pull;

import glanzen.route.Standard;
import java.util.Optional;

/**
 * What one rig gives a design, and what comes of it as all doses grow by a factor: film and luck are such a factor, so that
 * both can be integrated instead of drawn. Factors are natural logarithms; infinite ones are never or always reached.
 */
public interface PullResponse {

    /** The pull, with every dose multiplied by a factor. */
    PullOutcome pull(double factor);

    /** How doses are read. */
    DoseScale scale();

    /** What counts as good. */
    Standard standard();

    /** ln of the factor from which so much comes out, 0…1, before peeling; +∞ if never. */
    double lnFor(double coverage);

    /** ln of the factor from which so much is left after peeling, 0…1; +∞ if never. */
    double lnForKept(double coverage);

    /** ln of the factor from which more than this shows of too much, mm; −∞ if always. */
    double lnForExcess(double mm);

    /** The shares of pulls that are spoiled whatever their dose. */
    Spoiling spoiling();

    /** The trouble that spoils most pulls whatever their dose; nothing if none does. */
    default Optional<Trouble> spoiled() {
        return spoiling().likely();
    }
}
