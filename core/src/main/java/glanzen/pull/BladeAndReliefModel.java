package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.route.Standard;
import java.util.List;

/**
 * A folder with dies built in. It has to come out twice in one pass: cut through, and formed to its depth; the worse of
 * the two is what is seen.
 *
 * @param blade its dies
 * @param relief its relief
 */
public record BladeAndReliefModel(BladeModel blade, ReliefModel relief) implements PullModel {

    @Override
    public PullResponse doses(Rig rig) {
        DoseField cut = blade.doses(rig);
        DoseField formed = relief.doses(rig);
        return new Both(cut, formed);
    }

    /** Through and formed: whichever asks for more. */
    private record Both(DoseField cut, DoseField formed) implements PullResponse {

        @Override
        public PullOutcome pull(double factor) {
            PullOutcome a = cut.pull(factor);
            PullOutcome b = formed.pull(factor);
            return new PullOutcome(
                    Math.min(a.dose(), b.dose()),
                    Math.min(a.coverage(), b.coverage()),
                    b.spillMm(),
                    Math.max(a.forceN(), b.forceN()),
                    a.under() || b.under(),
                    a.over() || b.over());
        }

        @Override
        public DoseScale scale() {
            return formed.scale();
        }

        @Override
        public Standard standard() {
            return Standard.CUT_RELIEF;
        }

        @Override
        public double lnFor(double coverage) {
            double through = Math.min(coverage, Standard.CUT.enough());
            return Math.max(cut.lnFor(through), formed.lnFor(Math.min(coverage, Standard.RELIEF.enough())));
        }

        @Override
        public double lnForKept(double coverage) {
            return lnFor(coverage);
        }

        @Override
        public double lnForExcess(double mm) {
            return formed.lnForExcess(mm);
        }

        @Override
        public Spoiling spoiling() {
            return cut.spoiling().and(formed.spoiling());
        }
    }

    @Override
    public NipFigures figures(Rig rig) {
        NipFigures cut = blade.figures(rig);
        NipFigures formed = relief.figures(rig);
        return new NipFigures(
                formed.overfillMm(),
                Math.max(cut.forceN(), formed.forceN()),
                formed.pressureMpa(),
                formed.dwellSeconds(),
                formed.bondC(),
                formed.peelC(),
                formed.debossMm(),
                cut.lineNPerMm());
    }

    @Override
    public List<StripDose> strips(Rig rig) {
        return blade.strips(rig);
    }

    @Override
    public Artwork artwork() {
        return relief.artwork();
    }
}
