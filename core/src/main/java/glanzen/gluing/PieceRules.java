package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Laid;
import glanzen.card.Mounted;
import glanzen.card.Way;
import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** What will not work about one piece of a card. */
final class PieceRules {

    /** A clear sheet is so much larger than its opening on every side, mm. */
    private static final double CLEAR_LEAST_MM = 3;

    private static final double CLEAR_MOST_MM = 5;
    /** A window nearer to a fold weakens it, mm. */
    private static final double FROM_FOLD_MM = 8;
    /** More of a joint than this on foil does not hold, as a share. */
    private static final double ON_FOIL = 0.35;

    private static final double TOUCHES_MM = 0.3;

    private final CardLook look;
    private final Assembly card;
    private final CardPlan plan;
    private final List<Finding<CardPlan>> found = new ArrayList<>();

    private PieceRules(CardLook look) {
        this.look = look;
        this.card = look.assembly();
        this.plan = card.plan();
    }

    static List<Finding<CardPlan>> check(CardLook look) {
        PieceRules rules = new PieceRules(look);
        rules.card.pieces().forEach(rules::piece);
        return rules.found;
    }

    private void say(RuleId rule, String key, String what, String why, @Nullable Mend<CardPlan> mend) {
        found.add(new Finding<>(rule, Concern.pieces(List.of(key)), what, why, mend));
    }

    private void piece(Laid p) {
        beyond(p);
        foam(p);
        opening(p);
        shaker(p);
        clear(p);
        window(p);
        Joint joint = look.joined().joints().get(p.key());
        boolean glued = joint.glue() != Glue.NONE && joint.glue() != Glue.PIN;
        if (glued && joint.onFoil() > ON_FOIL) {
            say(
                    RuleId.GLUED_ON_FOIL,
                    p.key(),
                    String.format(Locale.ROOT, "%.0f %% of %s is glued on foil", 100 * joint.onFoil(), p.name()),
                    "Foil peels off with what is glued on it",
                    null);
        }
    }

    private void beyond(Laid p) {
        if (p.mounted().way() == Way.OVER_EDGE || p.mounted().inOpening()) {
            return;
        }
        Geometry ground = card.host(p).map(h -> h.shape().union(h.windows())).orElse(card.baseShape());
        Envelope out = p.shape().difference(ground).getEnvelopeInternal();
        double beyond = out.isNull() ? 0 : Math.min(out.getWidth(), out.getHeight());
        if (beyond > TOUCHES_MM) {
            String on = card.host(p).map(Laid::name).orElse("the base");
            say(
                    RuleId.BEYOND_EDGE,
                    p.key(),
                    p.name() + " reaches " + Figures.length(beyond) + " beyond " + on,
                    "Is it meant to go over the edge, or is it too large?",
                    new Mend<>("Mount it over the edge", plan.changing(p.key(), m -> m.mounted(Way.OVER_EDGE))));
        }
    }

    private void foam(Laid p) {
        Foam foam = look.joined().foam().get(p.key());
        if (foam != null && foam.pads().isEmpty()) {
            say(
                    RuleId.NO_FOAM_ROOM,
                    p.key(),
                    "There is no room for foam under " + p.name(),
                    "Foam stays " + Figures.length(Foam.INSIDE_MM) + " inside every edge, or it shows",
                    new Mend<>("Mount it flat", plan.changing(p.key(), m -> m.raised(0))));
        }
    }

    private void opening(Laid p) {
        if (p.mounted().inOpening() && card.openings(p).isEmpty()) {
            String host = card.host(p).map(Laid::name).orElse("the base");
            say(
                    RuleId.NO_OPENING,
                    p.key(),
                    p.name() + " is mounted " + p.mounted().way().label() + ", and " + host + " has no opening",
                    "What lies behind is seen through a window; what is let in lies in one",
                    new Mend<>("Mount it flat", plan.changing(p.key(), m -> m.mounted(Way.FLAT))));
        }
    }

    private void shaker(Laid p) {
        Shaker shaker = look.joined().shakers().get(p.key());
        if (shaker == null) {
            return;
        }
        if (p.windows().isEmpty()) {
            say(
                    RuleId.SHAKER_WALL,
                    p.key(),
                    p.name() + " has no opening to shake anything behind",
                    "What is shaken is seen through a window",
                    new Mend<>("No filling", plan.changing(p.key(), m -> m.shaking(0))));
        } else if (!shaker.moves()) {
            double wall = look.foams().atLeast(Shaker.leastWallMm(shaker.fillingMm()));
            say(
                    RuleId.SHAKER_WALL,
                    p.key(),
                    "The wall of the shaker is " + Figures.length(shaker.wallMm()) + " high for a filling of "
                            + Figures.length(shaker.fillingMm()),
                    "What is shaken needs " + Figures.length(Shaker.ROOM_MM) + " more to move",
                    wall <= Mounted.MOST_FOAM_MM
                            ? new Mend<>(
                                    "A wall of " + Figures.length(wall), plan.changing(p.key(), m -> m.raised(wall)))
                            : new Mend<>("No filling", plan.changing(p.key(), m -> m.shaking(0))));
        } else if (!shaker.closed()) {
            say(
                    RuleId.SHAKER_WALL,
                    p.key(),
                    "The wall round the shaker of " + p.name() + " has a gap",
                    "Its filling is lost: the opening lies too near to the edge for a closed wall",
                    new Mend<>("No filling", plan.changing(p.key(), m -> m.shaking(0))));
        }
    }

    private void clear(Laid p) {
        Geometry opening = card.openings(p);
        if (p.mounted().way() != Way.BEHIND || !p.sheet().clear() || opening.isEmpty()) {
            return;
        }
        Envelope hole = opening.getEnvelopeInternal();
        Envelope box = p.shape().getEnvelopeInternal();
        double least = Math.min(
                Math.min(hole.getMinX() - box.getMinX(), box.getMaxX() - hole.getMaxX()),
                Math.min(hole.getMinY() - box.getMinY(), box.getMaxY() - hole.getMaxY()));
        if (least < CLEAR_LEAST_MM - TOUCHES_MM) {
            say(
                    RuleId.CLEAR_SMALL,
                    p.key(),
                    p.name() + " is " + Figures.length(Math.max(0, least)) + " larger than its opening",
                    "Tape needs " + Figures.length(CLEAR_LEAST_MM) + " to " + Figures.length(CLEAR_MOST_MM)
                            + " on every side",
                    null);
        }
    }

    private void window(Laid p) {
        Base base = plan.base();
        if (!p.mounted().through() || p.windows().isEmpty()) {
            return;
        }
        say(
                RuleId.CUT_BOTH,
                p.key(),
                String.format(
                        Locale.ROOT,
                        "The window of %s and the base is one cut: %.0f N to a mm of blade instead of %.0f",
                        p.name(),
                        Joint.bladeNPerMm(p.sheet().stock()) + Joint.bladeNPerMm(card.baseStock()),
                        Joint.bladeNPerMm(p.sheet().stock())),
                "Held lightly where it will stay, both openings agree for ever; try the stack for two sheets on scrap",
                null);
        if (!base.fold().opens()) {
            return;
        }
        Envelope hole = p.windows().getEnvelopeInternal();
        double away = switch (base.fold()) {
            case LEFT, THREE -> hole.getMinX();
            case TOP -> base.heightMm() - hole.getMaxY();
            case GATE -> Math.min(hole.getMinX(), base.widthMm() - hole.getMaxX());
            case NONE -> FROM_FOLD_MM;
        };
        if (away < FROM_FOLD_MM - TOUCHES_MM) {
            say(
                    RuleId.WINDOW_AT_FOLD,
                    p.key(),
                    "The window of " + p.name() + " lies " + Figures.length(Math.max(0, away)) + " from the fold",
                    "Nearer than " + Figures.length(FROM_FOLD_MM) + " the fold tears",
                    new Mend<>("Move " + p.name() + " away from the fold", away(p, FROM_FOLD_MM - away)));
        }
    }

    /** Moved so far from the nearest fold, mm. */
    private CardPlan away(Laid p, double mm) {
        boolean right = plan.base().fold() == Fold.GATE
                && p.shape().getCentroid().getX() > plan.base().widthMm() / 2;
        return plan.base().fold() == Fold.TOP ? plan.moved(p.key(), 0, -mm) : plan.moved(p.key(), right ? -mm : mm, 0);
    }
}
