package glanzen.app.reading;

import glanzen.advice.Advisor;
import glanzen.advice.Proposal;
import glanzen.app.reading.WhyView.CauseView;
import glanzen.app.reading.WhyView.NextView;
import glanzen.app.reading.WhyView.QuestionView;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.ForecastService;
import glanzen.diagnosis.Asking;
import glanzen.diagnosis.Diagnosis;
import glanzen.diagnosis.Diagnosis.Evidence;
import glanzen.diagnosis.Remedy;
import glanzen.diagnosis.Ticked;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Says why, in words, and makes set-ups of changes. */
@Service
class Why {

    private static final int TWENTY = 20;

    private final ForecastService forecasts;
    private final Forecaster forecaster;

    Why(ForecastService forecasts, Forecaster forecaster) {
        this.forecasts = forecasts;
        this.forecaster = forecaster;
    }

    /**
     * @param seen what a picture says, for changes of heat and pressure to be reckoned with; nothing if there is none
     */
    WhyView of(SetUp setUp, Evidence evidence, @Nullable Observation seen) {
        PullModel model = forecaster.model(setUp);
        RigEnsemble ensemble = forecasts.ensemble(setUp);
        Forecast expected = forecaster.forecast(setUp, ensemble);
        Diagnosis found = Diagnosis.of(new Diagnosis.Case(setUp, model, ensemble, expected), evidence);
        Route route = setUp.route();
        RigEnsemble learned = seen == null ? ensemble : Learner.learn(ensemble, model, setUp.needKey(), seen, 1);
        return new WhyView(
                found.causes().stream()
                        .map(l -> new CauseView(
                                l.cause(), l.cause().label(route), l.cause().shows(), (int)
                                        Math.round(TWENTY * l.share())))
                        .filter(c -> c.ofTwenty() > 0)
                        .toList(),
                found.shares(),
                found.asking() == null
                        ? null
                        : new QuestionView(found.asking(), found.asking().question()),
                next(found.best(), setUp, learned),
                next(found.telling(), setUp, learned));
    }

    /** From what a person ticked, without a picture. */
    WhyView ticked(SetUp setUp, Outcome outcome, Amount amount, Set<Fault> faults, Map<Asking, Boolean> answers) {
        Observation seen = Observation.roughly(outcome, amount, setUp.route().standard());
        return of(setUp, new Evidence(new Ticked(seen, faults), answers), seen);
    }

    private NextView next(Diagnosis.Next next, SetUp setUp, RigEnsemble learned) {
        Proposal proposal = changed(next.remedy(), setUp, learned);
        return new NextView(
                next.remedy(),
                next.remedy().label(setUp.route()),
                next.remedy().minutes(),
                proposal == null
                        ? ""
                        : proposal.changes().stream().map(Why::words).collect(Collectors.joining(", ")),
                proposal == null ? null : Drafts.draft(proposal.setUp()),
                (int) Math.round(TWENTY * next.good()),
                next.ifGood().label(setUp.route()),
                next.ifBad().label(setUp.route()));
    }

    private static String words(Difference d) {
        return d.what() + ": " + d.after();
    }

    /**
     * Heat and pressure are changed by the cheapest single change that leads to the middle of what is clean, as far as the rig is now
     * known; nothing if that lies the other way.
     */
    private @Nullable Proposal changed(Remedy remedy, SetUp setUp, RigEnsemble learned) {
        if (remedy != Remedy.MORE && remedy != Remedy.LESS) {
            return null;
        }
        Forecast now = forecaster.forecast(setUp, learned);
        double clean = Math.sqrt(now.window().least() * now.window().most());
        boolean more = clean > now.dose().middle();
        return more != (remedy == Remedy.MORE)
                ? null
                : new Advisor(forecaster, forecasts.inventory())
                        .toward(setUp, learned, clean)
                        .orElse(null);
    }
}
