package glanzen.training;

import glanzen.diagnosis.Cause;
import glanzen.picture.Picture;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import glanzen.training.Grade.After;
import glanzen.training.Grade.Part;
import glanzen.training.Question.Option;
import glanzen.training.Workshop.Named;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** What happened here, where the pull itself was good: it lay askew, was glued the wrong way up, or was pressed flat afterwards. */
final class SlipDrills {

    private static final int TRIES = 14;

    private final Workshop workshop;

    SlipDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    /** A drill on a slip, if the workshop has anything it can be seen on. */
    Optional<Drill> of(Topic topic, Slip slip, long seed) {
        List<Named> fit = new ArrayList<>(workshop.setUps().stream()
                .filter(n -> slip.shows(n.setUp().route()) && Rules.computable(n.setUp()))
                .toList());
        Collections.shuffle(fit, new Random(seed));
        for (int n = 0; n < TRIES && !fit.isEmpty(); n++) {
            SetUp setUp = fit.get(n % fit.size()).setUp();
            Spoilt good = new Spoilt(setUp, workshop.forecaster().model(setUp), Cause.AS_SET, seed * 31 + n);
            if (good.asMeant()
                    && (slip == Slip.FLATTENED
                            || Outline.tellsItsTop(good.model().artwork().shape()))) {
                return Optional.of(drill(topic, slip, good, new Random(seed * 17 + 1)));
            }
        }
        return Optional.empty();
    }

    private static Drill drill(Topic topic, Slip slip, Spoilt good, Random luck) {
        List<Slip> others = Arrays.stream(Slip.values()).filter(s -> s != slip).toList();
        List<Option> causes = new ArrayList<>(List.of(new Option(slip.name(), slip.cause())));
        others.forEach(s -> causes.add(new Option(s.name(), s.cause())));
        causes.add(new Option(
                Cause.TOO_LITTLE.name(), Cause.TOO_LITTLE.label(good.setUp().route())));
        Question why = Question.choice(
                "What happened here?",
                Told.shuffled(causes, luck),
                slip.name(),
                "What came out is whole; look at how it lies and shines: " + slip.cause());
        List<Option> changes = new ArrayList<>(List.of(new Option(slip.name(), slip.next())));
        others.forEach(s -> changes.add(new Option(s.name(), s.next())));
        Question next = Question.choice(
                "Which one change do you make?",
                Told.shuffled(changes, luck),
                slip.name(),
                "Against that helps: " + slip.next());
        return new Drill(
                topic,
                slip.says(),
                Told.setUp(good.setUp()),
                List.of(slip.seen(good.picture(), good.seed())),
                List.of(why, next),
                answers -> grade(slip, why, next, answers),
                key -> Slip.named(key).map(s -> after(slip, s, good)));
    }

    /** The next one after a change: what is not mended goes wrong again, by other luck. */
    private static Picture after(Slip slip, Slip changed, Spoilt good) {
        return changed == slip ? slip.good(good.picture()) : slip.seen(good.picture(), good.seed() + 1);
    }

    private static Grade grade(Slip slip, Question why, Question next, List<List<String>> answers) {
        Slip chosen = Slip.valueOf(answers.get(1).get(0));
        List<After> afters = new ArrayList<>(List.of(new After("After “" + slip.next() + "”", slip.name(), null)));
        if (chosen != slip) {
            afters.add(new After("After “" + chosen.next() + "”", chosen.name(), null));
        }
        Part second = Drill.part(next, answers.get(1));
        return Grade.of(List.of(
                Drill.part(why, answers.get(0)), new Part(second.right(), second.best(), second.says(), afters)));
    }
}
