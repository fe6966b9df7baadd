package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.measure.Figures;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;

/** Puts into words why a proposal helps, from its figures; or why nothing does. */
final class Reasons {

    private static final double HOT_PEEL_C = 50;

    private Reasons() {}

    /** What is physically different, in the order in which it matters at the bench. */
    static String why(SetUp present, Forecast now, SetUp setUp, Forecast then) {
        List<String> reasons = new ArrayList<>();
        double squeeze = then.nip().middle().overfillMm() - now.nip().middle().overfillMm();
        if (Math.abs(squeeze) > 0.01) {
            reasons.add(Figures.length(Math.abs(squeeze)) + (squeeze > 0 ? " more squeeze" : " less squeeze"));
        }
        double soft = setUp.stack().softBackingMm() - present.stack().softBackingMm();
        if (Math.abs(soft) > 0.01) {
            reasons.add(soft < 0 ? "harder backing, wider clean window" : "softer backing, narrower clean window");
        }
        double bond = then.nip().middle().bondC() - now.nip().middle().bondC();
        if (Math.abs(bond) > 0.5) {
            reasons.add(Figures.degrees(Math.abs(bond))
                    + (bond > 0 ? " hotter under the rollers" : " cooler under the rollers"));
        }
        double dwell = setUp.passes()
                * then.nip().middle().dwellSeconds()
                / (present.passes() * now.nip().middle().dwellSeconds());
        if (dwell > 1.15 || dwell < 0.87) {
            reasons.add(dwell > 1 ? "longer under pressure" : "less time under pressure");
        }
        double cooler = now.nip().middle().peelC() - then.nip().middle().peelC();
        if (cooler > 5 && now.nip().middle().peelC() > HOT_PEEL_C) {
            reasons.add("peeled " + Figures.degrees(cooler) + " cooler");
        }
        return reasons.isEmpty() ? "much the same pull, more simply done" : String.join(", ", reasons);
    }

    /** Why even the best that was found is not worth proposing. */
    static List<String> hopeless(List<Proposal> finalists) {
        List<String> reasons = new ArrayList<>();
        if (finalists.isEmpty()) {
            reasons.add("No stack from your boards is gripped without stalling the press. "
                    + "A shim between tissue and card in thickness would give more choice.");
        } else if (finalists.stream().noneMatch(p -> p.forecast().window().open())) {
            reasons.add("Fine parts of this plate flood before its broad parts are covered, on any backing you own. "
                    + "Foil them in two pulls, or use a harder shim.");
        } else {
            boolean under = finalists.get(0).forecast().under()
                    > finalists.get(0).forecast().over();
            reasons.add(
                    under
                            ? "Nothing on your shelf brings enough heat and pressure together for this plate and stock."
                            : "Even the gentlest stack on your shelf over-foils this plate on this stock.");
        }
        return reasons;
    }
}
