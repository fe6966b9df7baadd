package glanzen.app.job;

import glanzen.plan.OrderCheck;
import java.util.List;

/**
 * What there is to say of a job.
 *
 * @param findings for each piece, what is in the wrong order
 * @param machines what it needs to be done with
 * @param tools plates and boards it needs
 * @param lines what it uses up, dearest first
 * @param costPerCard in the person's own money
 * @param unpriced what has no price
 */
record JobLook(
        List<List<OrderCheck.OrderFinding>> findings,
        List<String> machines,
        List<String> tools,
        List<LineView> lines,
        double costPerCard,
        List<String> unpriced) {

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
            double saving) {}
}
