package glanzen.card;

import glanzen.card.Base.Size;
import java.util.HashMap;
import java.util.Map;

/** Pieces that leave so much of what they lie on to be seen all round: their sizes follow it, and stay true when it changes. */
public final class Showing {

    /** Nothing is cut smaller, mm. */
    private static final double LEAST_MM = 5;

    private Showing() {}

    /**
     * Sizes of the pieces that follow, by their names.
     *
     * @param own sizes of all pieces as they are, by their names
     */
    public static Map<String, Size> sizes(CardPlan plan, Map<String, Size> own) {
        Map<String, Size> all = new HashMap<>(own);
        Map<String, Size> followed = new HashMap<>();
        for (Mounted m : plan.bottomUp()) {
            Size host = m.onBase()
                    ? new Size(plan.base().widthMm(), plan.base().heightMm())
                    : all.get(plan.find(m.on()).orElseThrow().piece());
            if (m.showingMm() == null || host == null) {
                continue;
            }
            double width = Math.max(LEAST_MM, host.widthMm() - 2 * m.showingMm());
            double height = Math.max(LEAST_MM, host.heightMm() - 2 * m.showingMm());
            Size size = m.quarterTurns() % 2 == 0 ? new Size(width, height) : new Size(height, width);
            all.put(m.piece(), size);
            followed.put(m.piece(), size);
        }
        return followed;
    }
}
