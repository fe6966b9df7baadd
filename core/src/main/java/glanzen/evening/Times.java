package glanzen.evening;

import glanzen.steps.Round;

/**
 * How long things take.
 *
 * @param heaters how long what heats takes
 * @param pace how much longer the person takes than usual
 * @param people pairs of hands: what is done by hand alone is shared between them
 * @param known what the round of a batch depends on besides its set-up
 */
public record Times(Heaters heaters, OwnPace pace, Round.Known known, int people) {

    /** For one pair of hands. */
    public Times(Heaters heaters, OwnPace pace, Round.Known known) {
        this(heaters, pace, known, 1);
    }
}
