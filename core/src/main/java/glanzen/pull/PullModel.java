package glanzen.pull;

import glanzen.artwork.Artwork;
import glanzen.heat.HeatTrace;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleBinaryOperator;

/** One set-up made ready to be pulled on many rigs. What is dosed depends on what pressing does to the sheet. */
public sealed interface PullModel permits TransferModel, BladeModel, ReliefModel, BladeAndReliefModel, OnceARig {

    /** What a rig gives, place by place, against what is needed. */
    PullResponse doses(Rig rig);

    /** Pulls the set-up on one rig. */
    default PullOutcome pull(Rig rig) {
        return doses(rig).pull(1);
    }

    /** Under the rollers, on a rig. */
    NipFigures figures(Rig rig);

    /** What each place across the throat gets against its need, on a rig, left to right; empty where it is drawn otherwise. */
    default List<StripDose> strips(Rig rig) {
        return List.of();
    }

    /**
     * The dose at each place of the artwork, on a rig, from mm across and along. It is worked out once, so that many places may be
     * asked for.
     */
    default DoubleBinaryOperator doseMap(Rig rig) {
        List<StripDose> strips = strips(rig);
        return (xMm, yMm) -> strips.stream()
                .min(Comparator.comparingDouble(s ->
                        Math.abs((s.fromMm() + s.toMm()) / 2 - xMm + artwork().middleXMm())))
                .map(StripDose::dose)
                .orElse(0.0);
    }

    /** Bond temperature phase by phase, on a rig as labelled; empty where nothing is bonded. */
    default List<HeatTrace> heat() {
        return List.of();
    }

    /** How far the need strays before anything is known of its film or stock, ln. */
    default double lnNeedPrior() {
        return RigPriors.LN_STOCK_NEED;
    }

    /** What is pressed. */
    Artwork artwork();

    /**
     * A strip along the feed.
     *
     * @param fromMm its left edge from the middle of the throat, mm
     * @param toMm its right edge, mm
     * @param dose the least that any of it gets against its need; 1 is just enough
     */
    record StripDose(double fromMm, double toMm, double dose) {}
}
