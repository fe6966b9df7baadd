package glanzen.forecast;

import glanzen.heat.HeatTrace;
import glanzen.pull.PullModel;
import glanzen.pull.Trouble;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What to expect of a set-up, and how sure that is.
 *
 * @param under share of pulls with too little: foil missing, not cut through, shallow; 0…1
 * @param clean share of clean pulls
 * @param over share with too much only: over-foil, a bite into the plate, a crack
 * @param both share with too little and too much at once, counted under
 * @param refused share of rigs whose press would not take the stack; under, clean, over and refused sum to 1
 * @param troubles why not all are clean: share of pulls that each spoils; they may overlap
 * @param dose quantiles of dose
 * @param coverage quantiles of how much of the design comes out
 * @param spillMm quantiles of what shows of too much, mm
 * @param window where the clean zone lies
 * @param nip what it comes to in the nip
 * @param strips strips across the throat against their need, where blades cut or relief is formed
 * @param heat bond temperature, phase by phase, on a rig as labelled
 */
public record Forecast(
        double under,
        double clean,
        double over,
        double both,
        double refused,
        Map<Trouble, Double> troubles,
        Quantiles dose,
        Quantiles coverage,
        Quantiles spillMm,
        Window window,
        NipRange nip,
        List<PullModel.StripDose> strips,
        List<HeatTrace> heat) {

    /** From this share of rigs on it is said that a press may refuse the stack. */
    public static final double LIKELY_REFUSED = 0.03;
    /** From this share of pulls on, about one in twenty, it is said what spoils them. */
    public static final double WORTH_SAYING = 0.03;

    /**
     * The clean zone on the scale of dose, for the middle of the ensemble.
     *
     * @param least dose from which the pull is complete
     * @param most dose from which over-foil shows
     * @param open false if fine parts flood before broad parts are complete, so that no dose is clean
     */
    public record Window(double least, double most, boolean open) {}

    /**
     * The same where a share of the design is bare from the start.
     *
     * @param bare share that never comes out, 0…1
     * @param enough least share that must come out
     */
    public Forecast lacking(double bare, double enough) {
        if (1 - bare >= enough) {
            return this;
        }
        Map<Trouble, Double> bareAll = new EnumMap<>(Map.of(Trouble.BARE, 1 - refused));
        if (refused > 0) {
            bareAll.put(Trouble.REFUSED, refused);
        }
        return new Forecast(
                1 - refused, 0, 0, over, refused, bareAll, dose, coverage, spillMm, window, nip, strips, heat);
    }

    /** The same in twenty pulls. */
    public Twenty twenty() {
        return Twenty.of(this);
    }
}
