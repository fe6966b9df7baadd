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
 * @param missing share of the design that the largest bare place takes
 * @param mottle how coverage differs from place to place, share
 * @param ghostMm a second edge along the feed, mm
 */
public record Signs(
        double coverage,
        double spillMm,
        double onRight,
        double inMiddle,
        double specks,
        double missing,
        double mottle,
        double ghostMm) {

    /** Figures as they are compared, and by how much readings and pulls scatter in each. */
    static final int FIGURES = 8;

    private static final double[] SCATTER = {0.55, 0.5, 0.6, 0.6, 0.9, 0.8, 0.7, 0.7};

    /** Read off a picture. */
    public static Signs of(Measures m, double designMm2) {
        return new Signs(
                m.coverage().value(),
                m.spillMm().value(),
                m.onRight().value(),
                m.inMiddle().value(),
                m.specks(),
                m.missingMm2() / designMm2,
                m.mottle(),
                m.ghostMm().value());
    }

    /** From what a person ticked: a word, and faults that were seen. */
    public static Signs ticked(Observation seen, Set<Fault> faults) {
        double coverage = seen.likelyCoverage();
        double bare = 1 - coverage;
        boolean patch = faults.contains(Fault.LIFTED) || faults.contains(Fault.SPENT);
        return new Signs(
                faults.contains(Fault.NOTHING) ? 0 : coverage,
                seen.likelySpillMm() + (faults.contains(Fault.COUNTERS) ? 0.15 : 0),
                faults.contains(Fault.ONE_SIDE) ? Math.max(0.15, 1.2 * bare) : 0,
                faults.contains(Fault.MIDDLE) ? Math.max(0.12, bare) : 0,
                faults.contains(Fault.SPECKS) ? 4 : faults.contains(Fault.MOTTLED) ? 25 : 20 * bare,
                patch ? Math.max(0.10, 0.8 * bare) : 0.1 * bare,
                faults.contains(Fault.MOTTLED) || patch ? Math.max(0.12, bare) : 0.6 * bare,
                faults.contains(Fault.GHOST) ? 0.4 : 0);
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
            Math.log(missing + 0.002),
            Math.log(mottle + 0.01) * 1.5,
            ghostMm / 0.08
        };
    }

    /** How likely these are seen where those are true; up to a factor. */
    double likely(Signs truth) {
        double[] a = figures();
        double[] b = truth.figures();
        double sum = 0;
        for (int i = 0; i < FIGURES; i++) {
            double z = (a[i] - b[i]) / (2 * SCATTER[i]);
            // Tails as Student's: something that no cause explains rules none out.
            sum += 1.5 * Math.log1p(z * z / 2);
        }
        return Math.exp(-sum);
    }
}
