package glanzen.advice;

import glanzen.kit.Pace;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The way most hands work: the lowest heat, slowly. Leaving it should be worth it, and is said. */
final class Practised {

    private static final double PER_LEVEL = 0.02;
    private static final double PER_PACE = 0.015;
    /** It comes first unless leaving it gains more than this: half a pull of twenty. */
    private static final double WORTH_LEAVING = 0.025;

    private Practised() {}

    /** How far a set-up leaves it, in shares of a clean pull. */
    static double left(SetUp setUp) {
        int level = setUp.heat() instanceof Heat.OnPlatform on ? on.level() : 0;
        return PER_LEVEL * level + PER_PACE * (setUp.pace().ordinal() - Pace.SLOW.ordinal());
    }

    /** Best first, but the practised way before what is no better; what leaves it says what it gains. */
    static List<Proposal> first(List<Proposal> sorted, ErrorBias bias) {
        Optional<Proposal> practised =
                sorted.stream().filter(p -> left(p.setUp()) == 0).findFirst();
        if (practised.isEmpty()) {
            return sorted;
        }
        Proposal usual = practised.get();
        double merit = Advisor.merit(usual.forecast(), bias);
        List<Proposal> ordered = new ArrayList<>();
        for (Proposal p : sorted) {
            ordered.add(left(p.setUp()) == 0 ? p : saying(p, usual));
        }
        ordered.sort(Comparator.comparing(
                (Proposal p) -> left(p.setUp()) > 0 && Advisor.merit(p.forecast(), bias) < merit + WORTH_LEAVING));
        return ordered;
    }

    private static Proposal saying(Proposal p, Proposal usual) {
        String cost = "; low and slow, the best is " + usual.forecast().twenty().clean() + " of twenty";
        return new Proposal(p.setUp(), p.forecast(), p.seconds(), p.changes(), p.why() + cost);
    }
}
