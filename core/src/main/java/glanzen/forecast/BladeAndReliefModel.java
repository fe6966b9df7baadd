package glanzen.forecast;

import glanzen.artwork.Artwork;
import glanzen.forecast.Forecast.NipFigures;
import java.util.List;

/**
 * A folder with dies built in. It has to come out twice in one pass: cut through, and formed to its depth; the worse of
 * the two is what is seen.
 *
 * @param blade its dies
 * @param relief its relief
 */
record BladeAndReliefModel(BladeModel blade, ReliefModel relief) implements PullModel {

    @Override
    public Dosed doses(Rig rig) {
        Doses cut = blade.doses(rig);
        Doses formed = relief.doses(rig);
        return new Dosed() {
            @Override
            public Pull pull(double factor) {
                Pull a = cut.pull(factor);
                Pull b = formed.pull(factor);
                return new Pull(
                        Math.min(a.dose(), b.dose()),
                        Math.min(a.coverage(), b.coverage()),
                        Math.max(a.spillMm(), b.spillMm()),
                        Math.max(a.forceN(), b.forceN()));
            }

            @Override
            public Yardstick yardstick() {
                return formed.yardstick();
            }
        };
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
    public List<Across> across(Rig rig) {
        return blade.across(rig);
    }

    @Override
    public Artwork artwork() {
        return relief.artwork();
    }
}
