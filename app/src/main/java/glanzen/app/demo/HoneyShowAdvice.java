package glanzen.app.demo;

import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Proposal;
import glanzen.app.rig.RigService;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Kit;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.stream.IntStream;

/** By now the people of the show have taken some advice. */
final class HoneyShowAdvice {

    private final RigService rigs;
    private final Advisor advisor;

    HoneyShowAdvice(RigService rigs, Forecaster forecaster, Kit things) {
        this.rigs = rigs;
        this.advisor = new Advisor(forecaster, new Inventory(things.boards(), forecaster.shelf(), things.machines()));
    }

    /** The best that is advised for each, or else as it is; reckoned side by side once all that is stored has been read. */
    List<SetUp> taken(List<SetUp> setUps) {
        List<RigEnsemble> ensembles = setUps.stream().map(rigs::ensemble).toList();
        return IntStream.range(0, setUps.size())
                .parallel()
                .mapToObj(i -> advisor.advise(setUps.get(i), ensembles.get(i), ErrorBias.OVER)
                        .first()
                        .map(Proposal::setUp)
                        .orElse(setUps.get(i)))
                .toList();
    }
}
