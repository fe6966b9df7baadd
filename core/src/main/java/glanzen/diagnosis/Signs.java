package glanzen.diagnosis;

import glanzen.inspect.Measures;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import java.util.Set;

/**
 * What is seen on a pull, in the few figures that tell causes apart.
 *
 * @param coverage share of the design, 0…1
 * @param spillMm past the edge, mm
 * @param onRight how much more is covered on the right than on the left across the throat, share
 * @param inMiddle how much less is covered in the middle of the throat than at its sides, share
 * @param specks bare specks
 * @param missingMm2 the largest bare place, mm²
 * @param mottle how coverage differs from place to place, share
 * @param ghostMm a second edge along the feed, mm
 */
public record Signs(
        double coverage,
        double spillMm,
        double onRight,
        double inMiddle,
        double specks,
        double missingMm2,
        double mottle,
        double ghostMm) {

    /** Figures as they are compared, and by how much readings and pulls scatter in each. */
    static final int FIGURES = 8;

    private static final double[] SCATTER = {0.55, 0.5, 0.6, 0.6, 0.9, 0.8, 0.7, 0.7};

    /** A bare grain of the stock, mm². */
    static final double GRAIN_MM2 = 0.56;

    /** Less than this is nothing: then no other figure says anything. */
    public static final double NOTHING = 0.03;

    /** Read off a picture. */
    public static Signs of(Measures m) {
        double coverage = m.coverage().value();
        return coverage < NOTHING
                ? new Signs(coverage, 0, 0, 0, 0, 0, 0, 0)
                : new Signs(
                        coverage,
                        m.spillMm().value(),
                        m.onRight().value(),
                        m.inMiddle().value(),
                        m.specks(),
                        m.missingMm2(),
                        m.mottle(),
                        m.ghostMm().value());
    }

    /** From what a person ticked: a word, and faults that were seen. */
    public static Signs ticked(Observation seen, Set<Fault> faults, double designMm2) {
        // Who says that one side or the middle is bare has seen it plainly.
        boolean sided = faults.contains(Fault.ONE_SIDE) || faults.contains(Fault.MIDDLE);
        double coverage = (sided ? 0.9 : 1) * seen.likelyCoverage();
        double bare = 1 - coverage;
        boolean patch = faults.contains(Fault.LIFTED) || faults.contains(Fault.SPENT);
        double grains = Math.min(Measures.MOST_SPOTS, bare * designMm2 / GRAIN_MM2);
        return new Signs(
                faults.contains(Fault.NOTHING) ? 0 : coverage,
                seen.likelySpillMm() + (faults.contains(Fault.COUNTERS) ? 0.15 : 0),
                faults.contains(Fault.ONE_SIDE) ? Math.max(0.6, 3 * bare) : 0,
                faults.contains(Fault.MIDDLE) ? Math.max(0.5, 2.5 * bare) : 0,
                faults.contains(Fault.SPECKS) ? 4 : grains,
                patch ? designMm2 * Math.max(0.10, 0.8 * bare) : largestBareMm2(bare, designMm2),
                faults.contains(Fault.MOTTLED) || patch
                        ? Math.max(0.12, bare)
                        : (sided ? 0.9 : 0.5) * Math.sqrt(coverage * bare),
                faults.contains(Fault.GHOST) ? 0.4 : 0);
    }

    /** Bare grains run together the more there are. */
    static double largestBareMm2(double bare, double designMm2) {
        return 0.12 + 6 * bare + designMm2 * bare * bare * bare / 2;
    }

    /** Each on a scale on which one is about as much as the eye tells. */
    double[] figures() {
        double c = Math.max(0.004, Math.min(0.996, coverage));
        return new double[] {
            Math.log(c / (1 - c)),
            spillMm / 0.08,
            Math.signum(onRight) * Math.sqrt(Math.abs(onRight) / 0.02),
            Math.signum(inMiddle) * Math.sqrt(Math.abs(inMiddle) / 0.02),
            Math.sqrt(specks),
            Math.log(missingMm2 + 0.15),
            Math.log(mottle + 0.01) * 1.5,
            ghostMm / 0.045
        };
    }

    /** How likely these are seen where those are true; up to a factor. */
    double likely(Signs truth) {
        double[] a = figures();
        double[] b = truth.figures();
        double sum = 0;
        for (int i = 0; i < FIGURES; i++) {
            double z = (a[i] - b[i]) / (1.4 * SCATTER[i]);
            // Tails as Student's: something that no cause explains rules none out.
            sum += 1.5 * Math.log1p(z * z / 2);
        }
        return Math.exp(-sum);
    }
}
