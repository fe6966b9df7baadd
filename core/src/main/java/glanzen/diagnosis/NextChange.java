package glanzen.diagnosis;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Proposal;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.setup.SetUp;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The change for the next pull, with its forecast. The likeliest cause decides what is done; what of heat and pressure is
 * changed is what the advisor proposes, and how many come out is the forecast of that very set-up.
 *
 * @param next the change
 * @param proposal the set-up so changed; nothing where the change is in how it is done
 * @param good how many of twenty pulls after it are good
 */
public record NextChange(Diagnosis.Next next, @Nullable Proposal proposal, int good) {

    private static final int TWENTY = 20;

    /**
     * Everything a change is chosen from.
     *
     * @param setUp what was pulled
     * @param known what was known of the rig before this pull
     * @param learned what is known with it, as far as it tells of heat and pressure
     * @param bias which fault the person would rather have
     */
    public record Bench(
            SetUp setUp,
            RigEnsemble known,
            RigEnsemble learned,
            Forecaster forecaster,
            Advisor advisor,
            ErrorBias bias) {}

    /** The change that most helps against the likeliest cause. */
    public static NextChange best(Diagnosis found, Bench bench) {
        return of(found.best(), found, bench);
    }

    /** The change that tells most of the cause; nothing where it is the best anyway, or none of the likeliest cause asks for it. */
    public static Optional<NextChange> telling(Diagnosis found, Bench bench) {
        Diagnosis.Next telling = found.telling();
        boolean askedFor = !telling.remedy().doses() || telling.remedy().cures(found.likeliest());
        return telling.remedy() == found.best().remedy() || !askedFor
                ? Optional.empty()
                : Optional.of(of(telling, found, bench)).filter(c -> c.next.remedy() == telling.remedy());
    }

    private static NextChange of(Diagnosis.Next next, Diagnosis found, Bench bench) {
        // What dust or a wrong side spoiled tells nothing of the rig.
        RigEnsemble rig = found.likeliest().doses() ? bench.learned : bench.known;
        Forecast now = bench.forecaster.forecast(bench.setUp, rig);
        if (next.remedy().doses()) {
            Optional<Proposal> proposal = proposal(next.remedy() == Remedy.MORE, now, rig, bench);
            // Where nothing on the shelf betters it, it was this pull's luck.
            return proposal.map(
                            p -> new NextChange(next, p, p.forecast().twenty().clean()))
                    .orElseGet(() -> new NextChange(
                            found.next(Remedy.SAME_AGAIN), null, now.twenty().clean()));
        }
        int atMost = now.twenty().clean();
        return new NextChange(next, null, Math.min(atMost, (int) Math.round(TWENTY * next.good())));
    }

    /** The first that is proposed on the Stack, too, which gives more, or less, than now. */
    private static Optional<Proposal> proposal(boolean more, Forecast now, RigEnsemble rig, Bench bench) {
        Advice advice = bench.advisor.advise(bench.setUp, rig, bench.bias);
        double clean = Math.sqrt(now.window().least() * now.window().most());
        return Stream.concat(
                        advice.proposals().stream(),
                        // Towards the middle of what is clean, where a person minds neither fault more than the other.
                        Stream.of(clean)
                                .flatMap(to -> bench.advisor.toward(bench.setUp, rig, to).stream())
                                .filter(p -> p.forecast().twenty().clean()
                                        > now.twenty().clean()))
                .filter(p -> p.forecast().dose().middle() > now.dose().middle() == more)
                .findFirst();
    }
}
