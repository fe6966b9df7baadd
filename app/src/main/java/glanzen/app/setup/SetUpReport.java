package glanzen.app.setup;

import glanzen.advice.Wish;
import glanzen.finding.Weight;
import glanzen.forecast.NipRange;
import glanzen.forecast.Quantiles;
import glanzen.forecast.Twenty;
import glanzen.heat.HeatTrace.Phase;
import glanzen.learning.Observation;
import glanzen.learning.RigReport;
import glanzen.pull.PullModel;
import glanzen.pull.Trouble;
import glanzen.setup.Difference;
import glanzen.setup.Gel;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.start.LayerPlace;
import glanzen.transfer.Drying;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything there is to say about a draft, in one go.
 *
 * @param thicknessMm of the whole stack
 * @param openingMm of the press, by its label
 * @param overfillMm what the rollers have to squeeze
 * @param seconds time from plate on platform to peel
 * @param computable everything lies there that its route asks for
 * @param pullable nothing stops it
 * @param findings rules it breaks, worst first
 * @param cautions hazards of this set-up, in plain words
 * @param expected what to expect; absent where something stops it
 * @param scrapTest why it is worth trying on scrap first; absent where it is not
 * @param shimPlace where a board that is added belongs, counted from the bottom
 * @param places where what the route asks for by itself belongs, and which way up
 * @param drying of the gel under the film; absent where there is none
 * @param rig what has been learned of this press and platform
 */
public record SetUpReport(
        double thicknessMm,
        double openingMm,
        double overfillMm,
        double seconds,
        boolean computable,
        boolean pullable,
        List<FoundView> findings,
        List<String> cautions,
        @Nullable Expected expected,
        @Nullable String scrapTest,
        int shimPlace,
        List<PlaceView> places,
        @Nullable GelView drying,
        RigView rig) {

    /** Where a layer belongs that is laid anew; see the core's {@link LayerPlace}. */
    public record PlaceView(Draft.LayerKind kind, int index, Facing facing) {
        static PlaceView of(LayerPlace place) {
            return new PlaceView(Drafts.kind(place.role()), place.index(), place.facing());
        }
    }

    /** A rule that is broken, with the mended draft. */
    public record FoundView(
            String rule,
            Weight weight,
            int layer,
            String what,
            String why,
            @Nullable MendView mend) {}

    /** A way out. */
    public record MendView(String label, Draft draft) {}

    /** A forecast in twenty pulls, with words; see the core's {@link Twenty}. */
    public record TwentyView(int under, int clean, int over, int refused, List<ReasonView> reasons) {

        public static TwentyView of(Twenty twenty) {
            return new TwentyView(
                    twenty.under(),
                    twenty.clean(),
                    twenty.over(),
                    twenty.refused(),
                    twenty.reasons().stream()
                            .map(r -> new ReasonView(
                                    r.trouble().label(), r.trouble().side(), r.pulls()))
                            .toList());
        }
    }

    /** Why so many of twenty are not good. */
    public record ReasonView(String label, Trouble.Side side, int pulls) {}

    /**
     * A forecast as it is drawn.
     *
     * @param clean share of good pulls, 0…1
     * @param twenty what comes of twenty pulls, and why
     * @param strips strips across the throat, where blades cut or relief is formed
     * @param heat bond temperature, phase by phase; empty where nothing is heated
     */
    public record Expected(
            double clean,
            TwentyView twenty,
            Quantiles coverage,
            Quantiles spillMm,
            WindowView window,
            NipRange nip,
            List<PullModel.StripDose> strips,
            List<HeatView> heat) {}

    /**
     * How gel dries in its room.
     *
     * @param dryness as it is pressed, 0…1
     * @param clear whether it looks clear then
     * @param sound whether it takes foil or flock then
     * @param clearSeconds until it looks clear
     * @param soundSeconds until it takes foil or flock
     * @param useWithinSeconds how long it stays tacky
     */
    public record GelView(
            double dryness,
            boolean clear,
            boolean sound,
            double clearSeconds,
            double soundSeconds,
            double useWithinSeconds) {

        static @Nullable GelView of(SetUp setUp) {
            Gel gel = setUp.gel();
            if (gel == null) {
                return null;
            }
            Drying drying = gel.drying(setUp.roomC());
            double dryness = gel.dryness(setUp.roomC());
            return new GelView(
                    dryness,
                    dryness >= Drying.CLEAR,
                    dryness >= Drying.SOUND,
                    drying.secondsTo(Drying.CLEAR),
                    drying.secondsTo(Drying.SOUND),
                    Drying.USE_WITHIN_SECONDS);
        }
    }

    /**
     * Places on the scale from too little to too much: the clean zone is from 0 to 1.
     *
     * @param low a tenth of likely pulls lie below
     * @param middle the likeliest place
     * @param high a tenth lie above
     * @param open false if no dose is clean
     * @param softnessMm how far over-foil can spread on this backing
     * @param ticks where the last pulls of this plate, film and stock lay
     */
    public record WindowView(
            double low, double middle, double high, boolean open, double softnessMm, List<Tick> ticks) {}

    /** A past pull on the scale. */
    public record Tick(int number, double position, Observation.Outcome outcome) {}

    /** Bond temperature over one phase; times since the plate went on. */
    public record HeatView(Phase phase, List<Double> seconds, List<Double> celsius) {}

    /**
     * What has been learned of a rig.
     *
     * @param pulls with its machine and what heats it
     * @param elsewhere pulls with one of the two and another
     */
    public record RigView(int pulls, int elsewhere, List<RigReport.Remark> remarks) {}

    /** A proposal as it is drawn. */
    public record ProposalView(Draft draft, Expected expected, double seconds, List<Difference> changes, String why) {}

    /** A question on which people differ. */
    public record SchoolView(String key, String question, String decides, List<WayView> ways) {}

    /** One way of doing it, and what it would cost here. */
    public record WayView(String name, String says, Draft draft, boolean present, TwentyView twenty, double seconds) {}

    /** What a search found. */
    public record AdviceView(
            List<ProposalView> best,
            @Nullable ProposalView cheapest,
            @Nullable ProposalView lesson,
            List<String> refusals,
            List<Wish> wishes,
            int considered) {}
}
