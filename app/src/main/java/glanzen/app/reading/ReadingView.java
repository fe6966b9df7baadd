package glanzen.app.reading;

import glanzen.app.pull.LogRead;
import glanzen.diagnosis.Signs;
import glanzen.diagnosis.Verdict;
import glanzen.inspect.Figure;
import glanzen.inspect.Measures;
import glanzen.inspect.Spot;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was read off a pull's pictures. Places are millimetres on the piece as read, from its lower left.
 *
 * @param title the verdict in a sentence
 * @param kept whether it is one to keep, by that verdict
 * @param all measured over the whole design
 * @param stays the same for what is left after cutting
 * @param cut whether anything is cut away
 * @param softMm how wide an edge looks in the picture, mm
 * @param signs what causes are told by
 * @param lesson what it tells of a change that was made for it; empty where none was
 * @param uneven a side that comes out weaker on this machine again and again; empty where none does
 * @param log what goes into the logbook if it is logged so
 * @param straight the picture seen straight from above
 */
record ReadingView(
        String title,
        Verdict.Action action,
        boolean kept,
        List<String> steps,
        FoundPlace place,
        MeasuresView all,
        MeasuresView stays,
        boolean cut,
        double softMm,
        List<SpotView> spots,
        Signs signs,
        WhyView why,
        String lesson,
        String uneven,
        ReadLog log,
        Straight straight) {

    /** Where the design lies on the sheet, against where it was laid out. */
    record FoundPlace(boolean known, Figure rightMm, Figure upMm, Figure turnDegrees, String says) {}

    /** Figures, each with how far it may be off. */
    record MeasuresView(
            Figure coverage,
            Figure spillMm,
            Figure pastMm,
            Figure ghostMm,
            boolean ghosted,
            Figure onRight,
            Figure inMiddle,
            double filled,
            long specks,
            double missingMm2) {

        static MeasuresView of(Measures m) {
            return new MeasuresView(
                    m.coverage(),
                    m.spillMm(),
                    m.pastMm(),
                    m.ghostMm(),
                    m.ghosted(),
                    m.onRight(),
                    m.inMiddle(),
                    m.filled(),
                    m.specks(),
                    m.missingMm2());
        }
    }

    /** A place where something is wrong. */
    record SpotView(Spot.Kind kind, double xMm, double yMm, double areaMm2, double longMm, boolean stays) {}

    /** What the logbook is told. */
    record ReadLog(
            Outcome outcome,
            Amount amount,
            double coverage,
            double coverageGive,
            double spillMm,
            double spillGiveMm,
            List<Fault> faults,
            LogRead read) {}

    /**
     * The first picture, straightened.
     *
     * @param image as a data address
     * @param leftMm what of the piece it shows
     * @param stays what is left after cutting, as a path in millimetres; nothing where nothing is cut
     * @param corners of the sheet in the picture as it came, eight numbers, px; nothing where they were not found
     * @param widthPx of the picture as it came
     */
    record Straight(
            String image,
            double leftMm,
            double bottomMm,
            double widthMm,
            double heightMm,
            @Nullable String stays,
            double @Nullable [] corners,
            int widthPx,
            int heightPx) {}
}
