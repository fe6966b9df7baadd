package glanzen.training;

import glanzen.diagnosis.Asking;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Diagnosis;
import glanzen.diagnosis.Diagnosis.Case;
import glanzen.diagnosis.Diagnosis.Evidence;
import glanzen.diagnosis.Diagnosis.Likely;
import glanzen.diagnosis.Remedy;
import glanzen.diagnosis.Ticked;
import glanzen.forecast.RigEnsemble;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullModel;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.training.Grade.After;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Option;
import glanzen.training.Workshop.Named;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** What happened here: a simulated pull with one thing wrong; name the cause, then the one change. */
final class ReadingDrills {

    private static final int TRIES = 14;
    private static final int OPTIONS = 4;
    private static final int MOST_ASKED = 3;

    private final Workshop workshop;

    ReadingDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    /** A drill on a cause, if the workshop has anything on which it can be told from the others. */
    Optional<Drill> of(Topic topic, long seed) {
        Cause cause = Cause.valueOf(topic.key());
        List<Named> fit = new ArrayList<>(workshop.setUps().stream()
                .filter(n -> Cause.on(n.setUp().route()).contains(cause) && Rules.computable(n.setUp()))
                .toList());
        Collections.shuffle(fit, new Random(seed));
        for (int n = 0; n < TRIES && !fit.isEmpty(); n++) {
            SetUp setUp = fit.get(n % fit.size()).setUp();
            PullModel model = workshop.forecaster().model(setUp);
            Spoilt spoilt = new Spoilt(setUp, model, cause, seed * 31 + n);
            Optional<List<Cause>> causes = spoilt.asMeant() ? told(setUp, model, cause) : Optional.empty();
            if (causes.isPresent()) {
                return Optional.of(drill(topic, spoilt, causes.get(), new Random(seed * 17 + 1)));
            }
        }
        return Optional.empty();
    }

    /** Causes by how likely they are to whoever sees the pull and knows what was done; nothing where the true one is not first. */
    private Optional<List<Cause>> told(SetUp setUp, PullModel model, Cause cause) {
        RigEnsemble ensemble = RigEnsemble.fresh();
        Case put = new Case(setUp, model, ensemble, workshop.forecaster().forecast(setUp, model, ensemble));
        Map<Asking, Boolean> answers = new EnumMap<>(Asking.class);
        Diagnosis diagnosis = Diagnosis.of(put, new Evidence(seen(cause, setUp.route()), answers));
        while (diagnosis.causes().get(0).cause() != cause
                && diagnosis.asking() != null
                && answers.size() < MOST_ASKED) {
            Asking asking = Objects.requireNonNull(diagnosis.asking());
            answers.put(asking, asking.truly(cause));
            diagnosis = Diagnosis.of(put, new Evidence(seen(cause, setUp.route()), answers));
        }
        List<Cause> causes = diagnosis.causes().stream().map(Likely::cause).toList();
        return causes.get(0) == cause ? Optional.of(causes) : Optional.empty();
    }

    /** What a person would say who sees it. */
    private static Ticked seen(Cause cause, Route route) {
        Set<Fault> faults = cause.sign()
                .filter(sign -> sign.routes().contains(route))
                .map(Set::of)
                .orElse(Set.of());
        Outcome outcome = switch (cause) {
            case AS_SET, MEDIUM_OVER, FILM_ON, BOARD_WORN -> Outcome.CLEAN;
            case TOO_MUCH, STIFF, NOT_DRY, MOVED -> Outcome.OVER;
            default -> Outcome.UNDER;
        };
        boolean plain = cause == Cause.REVERSED || cause == Cause.TOO_MUCH || cause == Cause.TOO_LITTLE;
        Amount amount = plain ? Amount.A_LOT : Amount.A_LITTLE;
        return new Ticked(Observation.roughly(outcome, amount, route.standard()), faults);
    }

    private Drill drill(Topic topic, Spoilt spoilt, List<Cause> causes, Random luck) {
        Route route = spoilt.setUp().route();
        Cause cause = spoilt.cause();
        Question why = Question.choice(
                "What happened here?",
                Told.shuffled(
                        causes.stream()
                                .limit(OPTIONS)
                                .map(c -> new Option(c.name(), c.label(route)))
                                .toList(),
                        luck),
                cause.name(),
                sentence(cause.label(route)) + ": " + cause.shows());
        List<Remedy> cures = remedies(route, cause, true);
        List<Remedy> others = remedies(route, cause, false);
        Collections.shuffle(others, luck);
        List<Remedy> offered = new ArrayList<>(cures.subList(0, 1));
        offered.addAll(others.subList(0, Math.min(OPTIONS - 1, others.size())));
        Question next = Question.choice(
                "Which one change do you make?",
                Told.shuffled(
                        offered.stream()
                                .map(r -> new Option(r.name(), r.label(route)))
                                .toList(),
                        luck),
                cures.get(0).name(),
                "Against that helps: " + cures.get(0).label(route));
        return new Drill(
                topic,
                spoilt.says(),
                Told.setUp(spoilt.setUp()),
                List.of(spoilt.picture()),
                List.of(why, next),
                answers -> grade(spoilt, why, next, answers),
                key -> Arrays.stream(Remedy.values())
                        .filter(r -> r.name().equals(key))
                        .findFirst()
                        .map(spoilt::after));
    }

    private static List<Remedy> remedies(Route route, Cause cause, boolean curing) {
        return new ArrayList<>(Arrays.stream(Remedy.values())
                .filter(r -> r.fits(route) && r.cures(cause) == curing)
                .toList());
    }

    private static Grade grade(Spoilt spoilt, Question why, Question next, List<List<String>> answers) {
        Remedy chosen = Remedy.valueOf(answers.get(1).get(0));
        Remedy best = Remedy.valueOf(next.right().get(0));
        Route route = spoilt.setUp().route();
        List<After> afters = new ArrayList<>();
        afters.add(new After("After “" + best.label(route) + "”", best.name(), null));
        if (chosen != best) {
            afters.add(new After("After “" + chosen.label(route) + "”", chosen.name(), null));
        }
        Part first = Drill.part(why, answers.get(0));
        Part second = Drill.part(next, answers.get(1));
        return Grade.of(List.of(first, new Part(second.right(), second.best(), second.says(), afters)));
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
