package glanzen.app.run;

import glanzen.measure.Checks;
import glanzen.steps.RunState;
import org.jspecify.annotations.Nullable;

/**
 * What is begun.
 *
 * @param setUpId a saved set-up
 * @param wanted how many good pulls it is to make
 * @param scrap whether it is tried on scrap
 * @param seed the luck of its stand-ins: the same seed, the same pulls; by the run itself if nothing is said
 * @param trial whether stand-ins do it, to try things out; then nothing of it is logged outside the demo
 */
public record Beginning(
        String setUpId,
        int wanted,
        boolean scrap,
        boolean trial,
        @Nullable Long seed) {
    public Beginning {
        new Checks().figure("wanted", wanted, 1, RunState.MOST, "pulls").done();
    }
}
