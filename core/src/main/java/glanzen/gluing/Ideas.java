package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.CardPlan;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.material.Colour;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;

/** What practised eyes would try: each is one press, and none is ever done by itself. */
public final class Ideas {

    /** A copy behind looks like an edge of this width, mm. */
    private static final double EDGE_MM = 1.5;
    /** Small things are smaller than this, mm. */
    private static final double SMALL_MM = 45;

    private static final int CLUSTER = 3;
    private static final double CORNER_MM = 6;
    private static final double STEP_MM = 0.55;
    /** Stock so much lighter than what it lies on shows its white edge, L*. */
    private static final double WHITE_EDGE = 45;

    private final Assembly card;
    private final CardPlan plan;
    private final List<Idea> ideas = new ArrayList<>();

    /**
     * Something to try.
     *
     * @param label what it does, in the imperative
     * @param why why it pleases
     * @param card the card afterwards; nothing where it is done by hand
     */
    public record Idea(String label, String why, @Nullable CardPlan card) {}

    private Ideas(CardLook look) {
        this.card = look.assembly();
        this.plan = card.plan();
    }

    static List<Idea> of(CardLook look) {
        Ideas ideas = new Ideas(look);
        if (ideas.plan.mounted().size() < CardPlan.MOST) {
            ideas.oddCounts();
            ideas.edge();
        }
        ideas.corner();
        ideas.whiteEdges();
        return ideas.ideas;
    }

    private void oddCounts() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        plan.mounted().forEach(m -> counts.merge(m.piece(), 1, Integer::sum));
        counts.forEach((piece, count) -> {
            if (count % 2 == 0) {
                Mounted last = plan.mounted().stream()
                        .filter(m -> m.piece().equals(piece))
                        .reduce((a, b) -> b)
                        .orElseThrow();
                Mounted more = last.called(plan.freeKey(piece))
                        .held(last.across().moved(SMALL_MM / 2), last.along().moved(-SMALL_MM / 4));
                ideas.add(new Idea(
                        "One " + piece + " more", "Odd numbers of small things please the eye", with(more, null)));
            }
        });
    }

    /** @param before key of what it lies under; nothing for on top */
    private CardPlan with(Mounted more, @Nullable String before) {
        List<Mounted> all = new ArrayList<>(plan.mounted());
        int at = before == null
                ? all.size()
                : IntStream.range(0, all.size())
                        .filter(i -> all.get(i).key().equals(before))
                        .findFirst()
                        .orElse(all.size());
        all.add(at, more);
        return new CardPlan(plan.base(), plan.envelope(), all);
    }

    /** Of what lies highest: a copy in another colour, shifted, looks like a drop shadow. */
    private void edge() {
        List<Laid> front = card.pieces().stream()
                .filter(p -> !p.inside() && !p.sheet().clear() && !p.mounted().inOpening())
                .toList();
        if (front.isEmpty()) {
            return;
        }
        Laid top = front.get(front.size() - 1);
        Mounted m = top.mounted();
        Mounted behind = m.called(plan.freeKey(m.piece()))
                .held(m.across().moved(EDGE_MM), m.along().moved(-EDGE_MM));
        ideas.add(new Idea(
                "A copy of " + top.name() + " shifted behind it",
                "In another colour it gives an edge of " + Figures.length(EDGE_MM),
                with(behind, m.key())));
    }

    /** Small things gather in one corner, one of them across from it. */
    private void corner() {
        List<Laid> small = card.pieces().stream()
                .filter(p -> p.mounted().on().equals(Mounted.FRONT) && isSmall(p))
                .toList();
        if (small.size() < CLUSTER) {
            return;
        }
        CardPlan gathered = plan;
        for (int n = 0; n < small.size(); n++) {
            Envelope box = small.get(n).shape().getEnvelopeInternal();
            boolean across = n == small.size() - 1;
            double right = CORNER_MM + (n % 2) * STEP_MM * box.getWidth();
            double up = CORNER_MM + (n / 2 + n % 2) * STEP_MM * box.getHeight();
            Kind way = across ? Kind.FROM_LOW : Kind.FROM_HIGH;
            Kind height = across ? Kind.FROM_HIGH : Kind.FROM_LOW;
            double x = across ? CORNER_MM : right;
            double y = across ? CORNER_MM : up;
            gathered = gathered.changing(
                    small.get(n).key(),
                    m -> m.held(
                            PlacementConstraint.at(way, PlacementConstraint.rounded(x)),
                            PlacementConstraint.at(height, PlacementConstraint.rounded(y))));
        }
        ideas.add(new Idea(
                "Gather the small pieces in the lower right corner",
                "A cluster in one corner, a smaller one across from it, leaves room for words",
                gathered));
    }

    private static boolean isSmall(Laid p) {
        Envelope box = p.shape().getEnvelopeInternal();
        return Math.max(box.getWidth(), box.getHeight()) < SMALL_MM;
    }

    private void whiteEdges() {
        for (Laid p : card.pieces()) {
            String under = card.host(p)
                    .map(h -> h.sheet().stock().colour())
                    .orElse(card.baseStock().colour());
            double lighter = Colour.of(p.sheet().stock().colour()).lightness()
                    - Colour.of(under).lightness();
            if (lighter > WHITE_EDGE && !p.sheet().clear()) {
                ideas.add(new Idea(
                        "Run a dark marker round the edge of " + p.name(),
                        "Its white edge shows on dark ground; a marker saves coloured stock",
                        null));
                return;
            }
        }
    }
}
