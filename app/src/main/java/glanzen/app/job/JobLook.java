package glanzen.app.job;

import glanzen.app.setup.SetUpReport.TwentyView;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.plan.OffcutFit;
import glanzen.plan.Operation;
import glanzen.route.Route;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What there is to say of a job.
 *
 * @param findings for each piece, what is in the wrong order
 * @param works the set-ups its operations name, with what to expect of each
 * @param machines what it needs to be done with
 * @param tools plates and boards it needs
 * @param lines what it uses up, dearest first
 * @param costPerCard in the person's own money
 * @param unpriced what has no price
 * @param offcuts pieces that fit what was kept of other cards
 */
record JobLook(
        List<List<OrderView>> findings,
        List<WorkView> works,
        List<String> machines,
        List<String> tools,
        List<LineView> lines,
        double costPerCard,
        List<String> unpriced,
        List<OffcutFit> offcuts) {

    /**
     * A set-up as an operation uses it.
     *
     * @param does the operations it can do
     * @param pullable nothing stops it
     * @param twenty what comes of twenty pulls; absent where something stops it
     * @param seconds each pull, among as many as the job asks for, s
     * @param pieceWidthMm of the piece it is set up for, mm; absent where it is for a whole sheet
     * @param pieceHeightMm the same, upwards, mm
     * @param art what it makes on its piece
     */
    record WorkView(
            String setUpId,
            Route route,
            List<Operation.Kind> does,
            boolean pullable,
            @Nullable TwentyView twenty,
            double seconds,
            @Nullable Double pieceWidthMm,
            @Nullable Double pieceHeightMm,
            ArtView art) {}

    /**
     * What a set-up makes, as it will be read.
     *
     * @param path outlines, mm, y upwards
     * @param widthMm of the piece it is laid out on, or of its tool where nothing is laid out, mm
     * @param heightMm the same, upwards, mm
     * @param laid whether it is laid out on a piece
     * @param colour of the foil or flock; empty where there is none
     */
    record ArtView(String path, double widthMm, double heightMm, boolean laid, String colour) {}

    /** A line of the supplies; see the core's {@link glanzen.plan.Supplies.Line}. */
    record LineView(
            String what,
            String name,
            double needed,
            String unit,
            double have,
            boolean missing,
            double cost,
            String cheaper,
            double saving,
            String instead,
            double leftoverCm2) {}

    /** Something in the order of a piece; {@code at} is the operation it is about. */
    record OrderView(
            String rule,
            Weight weight,
            int at,
            String what,
            String why,
            @Nullable OrderMend mend) {

        static OrderView of(Finding<List<Operation>> f) {
            return new OrderView(
                    f.rule().key(),
                    f.weight(),
                    f.concern().operation(),
                    f.what(),
                    f.why(),
                    f.mend() == null
                            ? null
                            : new OrderMend(f.mend().label(), f.mend().mended()));
        }
    }

    /** A way out: the operations as they should be. */
    record OrderMend(String label, List<Operation> operations) {}
}
