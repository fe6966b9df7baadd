package glanzen.diagnosis;

import glanzen.inspect.Measures;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.route.Standard;
import glanzen.transfer.Ghost;
import glanzen.transfer.Transfer;

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
 * @param gone share of the design in places that are all bare
 * @param gonePlaces how many such places there are
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
        double gone,
        double gonePlaces,
        double ghostMm)
        implements Look {

    /** Figures as they are compared, and by how much readings and pulls scatter in each. */
    static final int FIGURES = 10;

    private static final double[] SCATTER = {0.6, 0.55, 0.65, 0.65, 1.0, 0.5, 0.75, 0.75, 0.75, 0.75};

    private static final double FREEDOM = 4;

    /** A bare grain of the stock, mm². */
    static final double GRAIN_MM2 = 0.56;
    /** A bare speck that a grain leaves in the mean, mm². */
    static final double SPECK_MM2 = 0.3;

    /** How far the grains of a sheet where it takes best lie above its mean, ln of dose. */
    static final double GRAIN_LN = 1.28 * Transfer.SHEET_SIGMA;

    private static final double LOOKED_AT_MM2 = 0.6;

    private static final double MOST_MM = 50;
    private static final double MOST_SHARE = 10;
    private static final double MANY = 1e6;

    /** Less than this is nothing: then no other figure says anything. */
    public static final double NOTHING = 0.03;

    /**
     * The same, if it may have been seen on a pull.
     *
     * @throws BadInput naming what may not
     */
    public Signs checked() {
        new Checks()
                .figure("signs.coverage", coverage, 0, 1, "of the design")
                .lengthMm("signs.spillMm", spillMm, 0, MOST_MM)
                .figure("signs.onRight", onRight, -MOST_SHARE, MOST_SHARE, "")
                .figure("signs.inMiddle", inMiddle, -MOST_SHARE, MOST_SHARE, "")
                .figure("signs.specks", specks, 0, MANY, "specks")
                .figure("signs.missingMm2", missingMm2, 0, MANY, "mm²")
                .figure("signs.mottle", mottle, 0, MOST_SHARE, "")
                .figure("signs.gone", gone, 0, 1, "of the design")
                .figure("signs.gonePlaces", gonePlaces, 0, MANY, "places")
                .lengthMm("signs.ghostMm", ghostMm, 0, MOST_MM)
                .done();
        return this;
    }

    /** Read off a picture. */
    public static Signs of(Measures m) {
        double coverage = m.coverage().value();
        return coverage < NOTHING
                ? bare(coverage)
                : new Signs(
                        coverage,
                        m.spillMm().value(),
                        m.onRight().value(),
                        m.inMiddle().value(),
                        m.specks(),
                        m.missingMm2(),
                        m.mottle(),
                        m.gone(),
                        m.gonePlaces(),
                        m.ghostMm().value());
    }

    /** Nothing has taken, or hardly anything: then no other figure says anything. */
    static Signs bare(double coverage) {
        return new Signs(coverage, 0, 0, 0, 0, 0, 0, 0, 0, 0);
    }

    /** Bare grains run together the more there are. */
    static double largestBareMm2(double bare, double designMm2) {
        return 0.2 + 30 * bare + designMm2 * bare * bare * bare / 2;
    }

    /** Whether all is as it should be, and no bare place large enough to be looked at. */
    @Override
    public boolean good(Standard standard) {
        return !standard.under(coverage)
                && !standard.over(spillMm)
                && ghostMm < Ghost.VISIBLE_MM
                && missingMm2 < LOOKED_AT_MM2;
    }

    @Override
    public boolean lacks(Standard standard) {
        return standard.under(coverage);
    }

    @Override
    public boolean exceeds(Standard standard) {
        return standard.over(spillMm);
    }

    /** ln of what is covered to what is bare; a share in 250 is the least that counts. */
    static double logit(double share) {
        double c = Math.max(0.004, Math.min(0.996, share));
        return Math.log(c / (1 - c));
    }

    /** Each on a scale on which one is about as much as the eye tells. */
    double[] figures() {
        return new double[] {
            logit(coverage),
            spillMm / 0.08,
            Math.signum(onRight) * Math.sqrt(Math.abs(onRight) / 0.02),
            Math.signum(inMiddle) * Math.sqrt(Math.abs(inMiddle) / 0.02),
            Math.sqrt(specks),
            // How large a large place is says little; whether a small one is a speck or a grain, much.
            Math.log(Math.min(3, missingMm2) + 0.15) + 0.4 * Math.log(Math.max(3, missingMm2) / 3),
            Math.log(mottle + 0.01) * 1.5,
            Math.sqrt(gone) / 0.10,
            Math.sqrt(gonePlaces) * 1.2,
            ghostMm / 0.045
        };
    }

    @Override
    public double likely(Signs truth) {
        double[] a = figures();
        double[] b = truth.figures();
        double sum = 0;
        for (int i = 0; i < FIGURES; i++) {
            double z = (a[i] - b[i]) / SCATTER[i];
            // Tails as Student's: something that no cause explains rules none out.
            sum += (FREEDOM + 1) / 2 * Math.log1p(z * z / FREEDOM);
        }
        return Math.exp(-sum);
    }
}
