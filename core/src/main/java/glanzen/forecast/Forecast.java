package glanzen.forecast;

import glanzen.heat.HeatTrace;
import glanzen.pull.NipFigures;
import glanzen.pull.PullModel;
import glanzen.pull.Trouble;
import java.util.List;
import java.util.Map;

/**
 * What to expect of a set-up, and how sure that is.
 *
 * @param under share of pulls with too little: foil missing, not cut through, shallow; 0…1
 * @param clean share of clean pulls
 * @param over share with too much only: over-foil, a bite into the plate, a crack; under, clean and over sum to 1
 * @param both share with too little and too much at once, counted under
 * @param refused share of rigs whose press would stall; part of over
 * @param troubles why not all are clean: share of pulls that each spoils; they may overlap
 * @param dose quantiles of dose
 * @param coverage quantiles of how much of the design comes out
 * @param spillMm quantiles of what shows of too much, mm
 * @param window where the clean zone lies
 * @param nip the middle of the ensemble in the nip
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
        NipFigures nip,
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
        return new Forecast(
                1, 0, 0, over, refused, Map.of(Trouble.BARE, 1.0), dose, coverage, spillMm, window, nip, strips, heat);
    }

    /** Of twenty pulls: how many under, clean, over; rounded so that they are twenty. */
    public int[] twenty() {
        double[] shares = {under, clean, over};
        int[] counts = new int[3];
        int given = 0;
        for (int i = 0; i < 3; i++) {
            counts[i] = (int) Math.floor(shares[i] * 20 + 1e-9);
            given += counts[i];
        }
        while (given < 20) {
            int neediest = 0;
            for (int i = 1; i < 3; i++) {
                if (shares[i] * 20 - counts[i] > shares[neediest] * 20 - counts[neediest]) {
                    neediest = i;
                }
            }
            counts[neediest]++;
            given++;
        }
        return counts;
    }
}
