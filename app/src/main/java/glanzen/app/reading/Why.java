package glanzen.app.reading;

import glanzen.advice.Advisor;
import glanzen.advice.Proposal;
import glanzen.app.preferences.PreferencesService;
import glanzen.app.reading.WhyView.CauseView;
import glanzen.app.reading.WhyView.NextView;
import glanzen.app.reading.WhyView.QuestionView;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.ForecastService;
import glanzen.diagnosis.Asking;
import glanzen.diagnosis.Diagnosis;
import glanzen.diagnosis.Diagnosis.Evidence;
import glanzen.diagnosis.NextChange;
import glanzen.diagnosis.Signs;
import glanzen.diagnosis.Ticked;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
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

    private final ForecastService forecasts;
    private final Forecaster forecaster;
    private final PreferencesService preferences;

    Why(ForecastService forecasts, Forecaster forecaster, PreferencesService preferences) {
        this.preferences = preferences;
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
        RigEnsemble learned = seen == null ? ensemble : forecasts.after(setUp, model, seen);
        NextChange.Bench bench = new NextChange.Bench(
                setUp,
                ensemble,
                learned,
                forecaster,
                new Advisor(forecaster, forecasts.inventory()),
                preferences.get().bias());
        return new WhyView(
                found.ofTwenty().stream()
                        .map(t -> new CauseView(
                                t.cause(), t.cause().label(route), t.cause().shows(), t.pulls()))
                        .toList(),
                found.shares(),
                found.asking() == null
                        ? null
                        : new QuestionView(found.asking(), found.asking().question()),
                view(NextChange.best(found, bench), route),
                NextChange.telling(found, bench).map(c -> view(c, route)).orElse(null));
    }

    /** From signs that were read off a picture before, with what was answered since. */
    WhyView again(SetUp setUp, Signs signs, Map<Asking, Boolean> answers, boolean kept) {
        Observation seen =
                Observation.WENT_THROUGH.withCoverage(signs.coverage()).withSpill(signs.spillMm());
        return of(setUp, new Evidence(signs, answers, null, kept), seen);
    }

    /** From what a person ticked, without a picture. */
    WhyView ticked(SetUp setUp, Outcome outcome, Amount amount, Set<Fault> faults, Map<Asking, Boolean> answers) {
        Observation seen = Observation.roughly(outcome, amount, setUp.route().standard());
        return of(setUp, new Evidence(new Ticked(seen, faults), answers), seen);
    }

    private static NextView view(NextChange change, Route route) {
        Proposal proposal = change.proposal();
        Diagnosis.Next next = change.next();
        return new NextView(
                next.remedy(),
                next.remedy().label(route),
                next.remedy().minutes(),
                proposal == null
                        ? ""
                        : proposal.changes().stream().map(Difference::change).collect(Collectors.joining("; ")),
                proposal == null ? null : Drafts.draft(proposal.setUp()),
                change.good(),
                next.ifGood().label(route),
                next.ifBad().label(route));
    }
}
