package glanzen.layout;

import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.measure.Figures;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/** How words on a ribbon read: level as it is tied, and turned as it hangs. */
public final class RibbonReading {

    /**
     * How it will read.
     *
     * @param levelUpright whether words stand upright when it is tied level, good face out
     * @param hangingDown whether words run from top to bottom as it hangs; reading starts at the tied end
     * @param tailMm free ribbon beyond the last design towards the hanging end, mm
     */
    public record Reading(boolean levelUpright, boolean hangingDown, double tailMm) {}

    private RibbonReading() {}

    /** How a layout on ribbon will read. */
    public static Reading of(Arrangement a) {
        boolean upright = a.plates().stream().allMatch(l -> l.placed().quarterTurns() == 0);
        boolean headLeft = upright;
        HangingEnd hangs = a.layout().hangs();
        // Words run left to right; hung by the left end, their beginning is at the top.
        boolean down = hangs == HangingEnd.RIGHT_END ? headLeft : hangs == HangingEnd.LEFT_END && !headLeft;
        Envelope designs = new Envelope();
        a.plates().forEach(l -> designs.expandToInclude(l.designBox()));
        double tail =
                hangs == HangingEnd.LEFT_END ? designs.getMinX() : a.pieceBox().getWidth() - designs.getMaxX();
        return new Reading(upright, down, tail);
    }

    static void check(Arrangement a, List<Finding<Layout>> found) {
        Layout layout = a.layout();
        Reading reading = of(a);
        if (layout.piece().widthMm() < layout.piece().heightMm()) {
            found.add(new Finding<>(
                    RuleId.RIBBON_ALONG,
                    Concern.WHOLE,
                    "The ribbon is laid out across",
                    "Words are laid along the ribbon: its length is the width as read",
                    null));
        }
        for (PositionedPlate lying : a.plates()) {
            if (lying.placed().quarterTurns() % 2 == 1) {
                found.add(new Finding<>(
                        RuleId.RIBBON_CROSSWISE,
                        Concern.plates(List.of(lying.placed().key())),
                        lying.placed().plate().name() + " lies across the ribbon",
                        "Words run along it, or the ribbon must be turned to be read",
                        new Mend<>("Turn it along", turned(layout, lying.placed(), 0))));
            }
        }
        if (layout.hangs() != HangingEnd.NEITHER && !reading.hangingDown()) {
            HangingEnd other = layout.hangs() == HangingEnd.LEFT_END ? HangingEnd.RIGHT_END : HangingEnd.LEFT_END;
            found.add(new Finding<>(
                    RuleId.READS_UPWARDS,
                    Concern.plates(
                            a.plates().stream().map(l -> l.placed().key()).toList()),
                    "As it hangs, the words read from bottom to top",
                    "Reading starts at the knot when the end of the words hangs down",
                    new Mend<>("Let the other end hang", layout.withHangs(other))));
        }
        if (layout.hangs() != HangingEnd.NEITHER && reading.tailMm() < 15) {
            found.add(new Finding<>(
                    RuleId.TAIL_SHORT,
                    Concern.WHOLE,
                    "Only " + Figures.length(Math.max(0, reading.tailMm())) + " of tail is left below the words",
                    "A tail is trimmed after tying; leave enough to trim",
                    null));
        }
    }

    private static Layout turned(Layout layout, Placed placed, int turns) {
        return layout.each(p -> p.key().equals(placed.key())
                ? new Placed(p.key(), p.plate(), turns, p.across(), p.along(), p.foil())
                : p);
    }
}
