package glanzen.steps;

import glanzen.measure.Figures;
import glanzen.route.Peel;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.BenchReading.HeaterReading;
import java.util.Optional;

/**
 * A step that is left before it is done. It is said at once, and kept with the pull as the reason for how it comes out.
 *
 * @param kept what was cut short
 * @param comesTo the set-up as it will have been pulled; as it was meant where nothing can be computed of it
 */
public record Shortcut(Cut kept, SetUp comesTo) {

    /** Nobody presses a key to the second: what is missing of a wait may be this much, s. */
    private static final double NOTICED_SECONDS = 3;
    /** A heater that takes less than this share of its usual time was warm before, or its light was not looked at. */
    private static final double HARDLY_WARMED = 0.25;
    /** A platform this far below its set-point is not ready whatever its light does, K. */
    private static final double NOT_READY_K = 5;

    /**
     * Whether the step that is on would be cut short.
     *
     * @param setUp what is pulled, as it is meant to be
     * @param bench what clock, devices and the list of what must lie ready say
     */
    static Optional<Shortcut> of(SetUp setUp, Step step, BenchReading bench) {
        // Sped-up time is for trying things out: nobody's hands are that quick.
        boolean waited = bench.sped() || step.seconds() - bench.elapsedSeconds() < NOTICED_SECONDS;
        return switch (step.kind()) {
            case PREPARE -> ready(setUp, bench.openLines());
            case HEAT_UP -> bench.sped() ? Optional.empty() : heated(setUp, bench);
            case SOAK -> waited ? Optional.empty() : soaked(setUp, step, bench.elapsedSeconds());
            case KEY -> waited ? Optional.empty() : keyed(setUp, step, bench.elapsedSeconds());
            case COOL -> waited ? Optional.empty() : cooled(setUp, step, bench.elapsedSeconds());
            case PLACE, LAY, HOLD, PASS, TURN, REDOCK, PEEL, LOOK -> Optional.empty();
        };
    }

    private static Optional<Shortcut> ready(SetUp setUp, int open) {
        if (open == 0) {
            return Optional.empty();
        }
        String says = open == 1 ? "1 thing on the list is not ticked" : open + " things on the list are not ticked";
        return of(Step.Kind.PREPARE, says, setUp);
    }

    private static Optional<Shortcut> heated(SetUp setUp, BenchReading bench) {
        HeaterReading heater = bench.heater();
        if (heater == null) {
            return Optional.empty();
        }
        if (heater.celsius() == null) {
            double usual = setUp.heat().warmUpSeconds(setUp.roomC());
            return heater.onSeconds() > HARDLY_WARMED * usual
                    ? Optional.empty()
                    : of(
                            Step.Kind.HEAT_UP,
                            "Switched on " + Figures.duration(Math.round(heater.onSeconds()))
                                    + " ago; it usually takes " + Figures.duration(Math.round(usual)),
                            setUp);
        }
        if (!(setUp.heat() instanceof Heat.OnPlatform on)) {
            return Optional.empty();
        }
        double behindK = setUp.setPointC() - heater.celsius();
        return behindK < NOT_READY_K
                ? Optional.empty()
                : Optional.of(new Shortcut(
                        new Cut(
                                Step.Kind.HEAT_UP,
                                "The platform was at " + Figures.temperature(heater.celsius()) + " of "
                                        + Figures.temperature(setUp.setPointC()),
                                behindK),
                        setUp.withHeat(on.behind(behindK))));
    }

    private static Optional<Shortcut> soaked(SetUp setUp, Step step, double seconds) {
        return of(
                Step.Kind.SOAK,
                "Soaked " + Figures.duration(Math.round(seconds)) + " of " + Figures.duration(step.seconds()),
                setUp.withSoak(Math.round(seconds)));
    }

    private static Optional<Shortcut> cooled(SetUp setUp, Step step, double seconds) {
        return of(
                Step.Kind.COOL,
                "Cooled " + Figures.duration(Math.round(seconds)) + " of " + Figures.duration(step.seconds()),
                setUp.withPeel(new Peel(setUp.peel().cooling(), Math.max(1, Math.round(seconds)))));
    }

    private static Optional<Shortcut> keyed(SetUp setUp, Step step, double seconds) {
        return of(
                Step.Kind.KEY,
                "The ink keyed for " + Figures.duration(Math.round(seconds)) + " of "
                        + Figures.duration(step.seconds()),
                setUp);
    }

    private static Optional<Shortcut> of(Step.Kind kind, String says, SetUp comesTo) {
        return Optional.of(new Shortcut(new Cut(kind, says, null), comesTo));
    }
}
