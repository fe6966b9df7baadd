package glanzen.forecast;

import glanzen.pull.NipFigures;
import glanzen.pull.PullModel;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What lies under the rollers, over an ensemble of rigs; each figure by itself.
 *
 * @param low one rig in ten has less
 * @param middle of the rig in the middle of the ensemble
 * @param high one rig in ten has more
 */
public record NipRange(NipFigures low, NipFigures middle, NipFigures high) {

    /** One rig in so many is enough to tell a range by. */
    private static final int OF = 8;

    static NipRange of(PullModel model, RigEnsemble ensemble) {
        int members = Math.max(1, ensemble.rigs().size() / OF);
        List<NipFigures> rigs =
                ensemble.thinned(members).rigs().stream().map(model::figures).toList();
        return new NipRange(at(rigs, 0.1), model.figures(ensemble.middle()), at(rigs, 0.9));
    }

    private static NipFigures at(List<NipFigures> rigs, double share) {
        return new NipFigures(
                at(rigs, share, NipFigures::overfillMm),
                at(rigs, share, NipFigures::forceN),
                at(rigs, share, NipFigures::pressureMpa),
                at(rigs, share, NipFigures::dwellSeconds),
                at(rigs, share, NipFigures::bondC),
                at(rigs, share, NipFigures::peelC),
                at(rigs, share, NipFigures::debossMm),
                at(rigs, share, NipFigures::lineNPerMm));
    }

    private static double at(List<NipFigures> rigs, double share, ToDoubleFunction<NipFigures> figure) {
        return rigs.stream()
                .mapToDouble(figure)
                .sorted()
                .skip(Math.round(share * (rigs.size() - 1)))
                .findFirst()
                .orElseThrow();
    }
}
