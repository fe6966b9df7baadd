package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.Base;
import glanzen.card.Laid;
import glanzen.kit.Offcut;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The order of the hands: from the bottom up, inside first, what will be out of reach first. */
public final class Building {

    // Times of hands to start from; a person's own runs correct them.
    private static final double FOLD_S = 25;
    private static final double GLUE_S = 25;
    private static final double PAD_S = 15;
    private static final double FILMS_S = 20;
    private static final double FILL_S = 40;
    private static final double CUT_S = 35;
    private static final double LOOK_S = 5;

    /**
     * One step.
     *
     * @param key of the piece it is about; empty for the base
     * @param title what to do
     * @param detail how
     * @param seconds of hands, s
     * @param waitMinutes what it then waits for, min
     */
    public record CardStep(String key, String title, String detail, double seconds, double waitMinutes) {}

    private Building() {}

    /** All steps of one card. */
    static List<CardStep> of(CardLook look) {
        Assembly assembly = look.assembly();
        List<CardStep> steps = new ArrayList<>();
        Base base = assembly.plan().base();
        if (base.fold().opens()) {
            steps.add(new CardStep(
                    "",
                    "Score and fold the base, mark its back top left",
                    base.scoring(assembly.baseStock().thicknessMm()),
                    FOLD_S,
                    0));
        }
        assembly.pieces().forEach(p -> piece(look, p, steps));
        String kept = kept(look.fallsOut(1));
        if (!kept.isEmpty()) {
            steps.add(new CardStep(
                    "", "Keep what fell out", kept + ": pieces for another card, or a mask for a stencil", LOOK_S, 0));
        }
        steps.add(new CardStep("", "Close the card and look", "every edge lies, nothing shows through", LOOK_S, 0));
        return steps;
    }

    private static void piece(CardLook look, Laid p, List<CardStep> steps) {
        Assembly assembly = look.assembly();
        CardLook.Parts parts = look.joined();
        String name = p.name();
        if (p.sheet().clear() && p.sheet().stock().protectiveFilm()) {
            steps.add(new CardStep(
                    p.key(),
                    "Peel both films off " + name,
                    "wipe it against static; its foiled side looks inwards",
                    FILMS_S,
                    0));
        }
        Foam foam = parts.foam().get(p.key());
        if (foam != null) {
            steps.add(new CardStep(
                    p.key(),
                    "Foam under " + name,
                    foam.says(look.foams()) + ", " + Figures.length(Foam.INSIDE_MM)
                            + " inside every edge; mark top and left on its back",
                    PAD_S * Math.max(1, foam.pads().size()),
                    0));
        }
        if (p.mounted().fillingMm() > 0) {
            steps.add(new CardStep(
                    p.key(),
                    "Fill the shaker of " + name,
                    parts.shakers().get(p.key()).says() + "; look for gaps in the wall before anything turns it over",
                    FILL_S,
                    0));
        }
        if (p.mounted().through()) {
            steps.add(new CardStep(
                    p.key(),
                    "Cut the window through " + p.name() + " and the base at once",
                    "lay it where it will stay, a little tape holds it, die over both; then glue",
                    CUT_S,
                    0));
        }
        Joint joint = parts.joints().get(p.key());
        String on = assembly.host(p).map(Laid::name).orElse(p.inside() ? "the inside" : "the base");
        steps.add(new CardStep(
                p.key(),
                name + " " + where(p) + on,
                Placing.says(assembly, p) + "; " + joint.says(),
                GLUE_S,
                joint.glue().weightMinutes()));
    }

    private static String kept(List<Offcut> all) {
        return all.stream()
                .map(o -> Figures.length(o.widthMm()) + " by " + Figures.length(o.heightMm()) + ", " + o.name())
                .collect(Collectors.joining("; "));
    }

    private static String where(Laid p) {
        return switch (p.mounted().way()) {
            case BEHIND -> "behind ";
            case INTO_OPENING -> "into ";
            case LOOSE -> "loose behind ";
            case PIVOTED -> "pinned to ";
            case OVER_EDGE -> "over the edge of ";
            case FLAT, RAISED -> "on ";
        };
    }
}
