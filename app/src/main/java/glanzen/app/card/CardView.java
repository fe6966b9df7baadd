package glanzen.app.card;

import glanzen.artwork.PathText;
import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.card.Heights.Stretch;
import glanzen.card.Sheet;
import glanzen.card.Way;
import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.gluing.Building.CardStep;
import glanzen.gluing.FoamCut;
import glanzen.gluing.Ideas.Idea;
import glanzen.kit.Offcut;
import glanzen.kit.Stock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/**
 * What there is to say of a card before it is glued.
 *
 * @param title how thick it is and what it goes into, in a sentence
 * @param base the sheet everything is mounted on
 * @param thickestMm the closed card at its thickest, mm
 * @param apartMm how far what is inside holds the leaves apart, mm
 * @param fits whether it goes into its envelope and is thin enough for it; yes where it has none
 * @param pieces from the bottom up, those inside first
 * @param map how thick the closed card is, place by place
 * @param cut the closed card cut through
 * @param steps the order of the hands
 * @param foam how foam is cut for all cards
 * @param findings what will not work, worst first
 * @param ideas what practised eyes would try
 * @param fallsOut what falls out of windows of all cards, as it could be kept
 * @param foamMm heights of foam that can be made, mm
 */
record CardView(
        String title,
        OpenBase base,
        double thickestMm,
        double apartMm,
        boolean fits,
        List<MountedView> pieces,
        ThicknessMap map,
        CutThrough cut,
        List<CardStep> steps,
        List<FoamToCut> foam,
        List<CardFinding> findings,
        List<Idea> ideas,
        List<Offcut> fallsOut,
        List<Double> foamMm) {

    /**
     * The sheet before it is folded.
     *
     * @param scoresMm where it is scored, from the left or from the foot, mm
     * @param upright whether scores run up and down
     * @param sheets sheets of stock that all cards need
     * @param caliperMm of the stock, mm
     * @param scoring how it is scored, in words
     * @param path the front of the closed card, mm, y upwards
     * @param decor what is laid on its front
     */
    record OpenBase(
            double widthMm,
            double heightMm,
            List<Double> scoresMm,
            boolean upright,
            int sheets,
            double caliperMm,
            String colour,
            String scoring,
            String path,
            List<DecorView> decor) {}

    /**
     * A piece where it lies.
     *
     * @param path outline, mm of the closed card, y upwards
     * @param colour of its stock
     * @param clear whether one sees through it
     * @param inside whether it lies inside the card
     * @param bottomMm over the leaf it lies on, mm
     * @param topMm over the leaf it lies on, mm
     * @param seen share of it that is seen
     * @param says how it is held, in words
     * @param held what keeps it in its place, in words, across and then along
     * @param foam pads under it, mm of the closed card; empty where there are none
     * @param decor what is laid on it
     */
    record MountedView(
            String key,
            String name,
            Way way,
            String path,
            String colour,
            boolean clear,
            boolean inside,
            double xMm,
            double yMm,
            double widthMm,
            double heightMm,
            double bottomMm,
            double topMm,
            double seen,
            String says,
            List<String> held,
            String foam,
            List<DecorView> decor) {}

    /**
     * Foil, flock or relief.
     *
     * @param colour none where it is relief
     * @param flock whether it does not shine
     * @param ground colour of the stock it is on
     */
    record DecorView(String name, String path, String colour, boolean flock, String ground, double covered) {

        static DecorView of(Sheet.Decor d, Geometry lying, Stock on, double covered) {
            return new DecorView(d.name(), PathText.write(lying), d.colour(), d.flock(), on.colour(), covered);
        }
    }

    /**
     * Foam of one thickness for all cards.
     *
     * @param from names of sheets and offcuts, one for each that is begun
     * @param pads how many are cut
     * @param within how many of them from what falls out of walls
     * @param waste share of the begun part that is left over, 0…1
     */
    record FoamToCut(double thicknessMm, List<String> from, int pads, int within, double waste) {

        static FoamToCut of(FoamCut cut) {
            return new FoamToCut(
                    cut.thicknessMm(),
                    cut.sheets().stream().map(FoamCut.BegunFoam::name).toList(),
                    cut.placed().size(),
                    (int) cut.placed().stream().filter(FoamCut.CutPad::within).count(),
                    cut.waste());
        }
    }

    /** Squares, row by row from the foot. */
    record ThicknessMap(double leftMm, double bottomMm, double cellMm, int columns, int rows, double[] mm) {}

    /** Cut through along a line; stretches are measured from where it begins. */
    record CutThrough(CutLine line, double lengthMm, List<Stretch> stretches) {}

    /** Something that will not work, and pieces it is about. */
    record CardFinding(
            String rule,
            Weight weight,
            List<String> keys,
            String what,
            String why,
            @Nullable CardMend mend) {

        static CardFinding of(Finding<CardPlan> f) {
            return new CardFinding(
                    f.rule().key(),
                    f.weight(),
                    f.concern().keys(),
                    f.what(),
                    f.why(),
                    f.mend() == null
                            ? null
                            : new CardMend(f.mend().label(), f.mend().mended()));
        }
    }

    /** A way out: the card as it should be. */
    record CardMend(String label, CardPlan card) {}
}
