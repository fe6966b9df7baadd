package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.photograph.Photograph;
import glanzen.photograph.Placing;
import glanzen.photograph.SheetEdges;
import glanzen.photograph.SheetFinder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Finds the design in one picture: by the sheet's corners, or by itself. */
final class Finding {

    private static final double ENOUGH = 0.35;
    private static final double SURE = 0.55;
    private static final double LEAST_AREA = 0.01;
    private static final double ASPECT = 1.35;
    private static final double AROUND_MM = 6;
    private static final double[] NEAR = turns(4, 2);
    private static final double[] NEAR_OUTLINE = turns(9, 3);
    private static final double[] QUARTERS = quarters();
    private static final double[] ANYWHERE = all();

    /**
     * The design in a picture.
     *
     * @param design from the design's millimetres to pixels
     * @param sheet from the sheet's millimetres to pixels, where its size is known
     * @param corners of the sheet, px
     * @param cutOut whether it was found by the outline of what is cut out already
     */
    record Found(
            Placing design,
            @Nullable Placing sheet,
            double @Nullable [] corners,
            double agreement,
            boolean foil,
            Registration.Known known,
            boolean cutOut) {}

    private final Photograph photograph;
    private final Expected expected;
    private final CoarseSearch search;
    private final RoughMap rough;

    Finding(Photograph photograph, Expected expected) {
        this.photograph = photograph;
        this.expected = expected;
        this.search = new CoarseSearch(expected.artwork());
        this.rough = new RoughMap(photograph, expected.artwork());
    }

    /** @param marks corners of the sheet, eight numbers; or the two ends of the design, four; or nothing. Pixels. */
    Found find(double @Nullable [] marks) {
        Found best;
        if (marks != null && marks.length == 4) {
            best = byEnds(marks);
        } else {
            best = onSheets(marks);
            if (marks == null && (best == null || best.agreement < SURE)) {
                best = better(best, byOutline());
            }
            if (marks == null && (best == null || best.agreement < ENOUGH)) {
                best = better(best, byItself());
            }
        }
        if (best == null || best.agreement < ENOUGH) {
            if (best != null && !best.foil && best.sheet != null && (marks != null || sheetSeen(best))) {
                return best;
            }
            throw new Unreadable(rough.foilSeen() ? Unreadable.Reason.OTHER_DESIGN : Unreadable.Reason.NOT_FOUND);
        }
        return best;
    }

    private boolean sheetSeen(Found found) {
        return found.corners != null && new SheetEdges(photograph, found.corners).seen();
    }

    private @Nullable Found onSheets(double @Nullable [] corners) {
        List<double[]> quads = corners != null ? List.of(anticlockwise(corners)) : new SheetFinder(photograph).find();
        Found best = null;
        for (double[] quad : quads) {
            best = better(best, onSheet(quad, corners != null));
            if (best != null && best.agreement > SURE) {
                return best;
            }
        }
        return best;
    }

    /** A piece that is cut out already: by what is left of it. */
    private @Nullable Found byOutline() {
        Geometry stays = expected.stays();
        if (stays == null || stays.getNumGeometries() != 1) {
            return null;
        }
        Found best = null;
        for (Geometry patch : new SheetFinder(photograph).outlines()) {
            for (Placing placing : new OutlineFit(stays, patch).ways()) {
                best = better(best, within(placing, stays.getEnvelopeInternal(), stays, NEAR_OUTLINE));
            }
        }
        return best;
    }

    /** By the two ends of the design, set by a person. */
    private @Nullable Found byEnds(double[] px) {
        double[] mm = expected.ends();
        double scale = Math.hypot(px[2] - px[0], px[3] - px[1]) / Math.hypot(mm[2] - mm[0], mm[3] - mm[1]);
        if (!(scale > 0)) {
            throw new Unreadable(Unreadable.Reason.NOT_FOUND);
        }
        // Pictures run down: y is turned over.
        double turn = Math.atan2(px[1] - px[3], px[2] - px[0]) - Math.atan2(mm[3] - mm[1], mm[2] - mm[0]);
        double c = scale * Math.cos(turn);
        double s = scale * Math.sin(turn);
        Placing placing =
                Placing.of(c, -s, px[0] - c * mm[0] + s * mm[1], -s, -c, px[1] + s * mm[0] + c * mm[1], 0, 0, 1);
        Envelope box = new Envelope(expected.artwork().designBox());
        box.expandBy(AROUND_MM);
        return within(placing, box, null, NEAR);
    }

    private @Nullable Found within(Placing placing, Envelope box, @Nullable Geometry inside, double[] turns) {
        FoilMap map = rough.map(placing, box, inside);
        if (map == null || map.clearness == 0) {
            return null;
        }
        CoarseSearch.Found found = search.near(map, turns);
        return new Found(
                placing.after(found.toFrame()),
                null,
                null,
                found.agreement(),
                true,
                Registration.Known.OUTLINE,
                inside != null);
    }

    /** Corners set by hand may run either way round; four that enclose hardly anything are none. */
    private double[] anticlockwise(double[] corners) {
        double area = 0;
        for (int i = 0; i < 8; i += 2) {
            area += corners[i] * corners[(i + 3) % 8] - corners[(i + 2) % 8] * corners[i + 1];
        }
        if (!(Math.abs(area) / 2 > LEAST_AREA * photograph.width() * photograph.height())) {
            throw new Unreadable(Unreadable.Reason.NOT_FOUND);
        }
        double[] c = corners;
        return area < 0 ? c : new double[] {c[6], c[7], c[4], c[5], c[2], c[3], c[0], c[1]};
    }

    private static @Nullable Found better(@Nullable Found a, @Nullable Found b) {
        return a == null || b != null && b.agreement > a.agreement + 1e-9 ? b : a;
    }

    /** The design on a sheet, whichever side of it is up. */
    private @Nullable Found onSheet(double[] quad, boolean byHand) {
        double across =
                (Math.hypot(quad[2] - quad[0], quad[3] - quad[1]) + Math.hypot(quad[6] - quad[4], quad[7] - quad[5]))
                        / 2;
        double along =
                (Math.hypot(quad[4] - quad[2], quad[5] - quad[3]) + Math.hypot(quad[0] - quad[6], quad[1] - quad[7]))
                        / 2;
        Found best = null;
        for (int turn = 0; turn < 2; turn++) {
            double[] corners = turned(quad, turn);
            double seen = turn % 2 == 0 ? across / along : along / across;
            if (expected.sheetKnown()) {
                double wide = expected.artwork().widthMm() / expected.artwork().heightMm();
                double off = Math.max(seen / wide, wide / seen);
                best = off > ASPECT ? best : better(best, onKnown(corners, byHand));
            } else if (turn == 0) {
                best = onUnknown(corners, seen);
            }
        }
        return best;
    }

    /** Corners run anticlockwise as seen, from the lower left of what is then taken as up. */
    private static double[] turned(double[] quad, int turn) {
        double[] corners = new double[8];
        for (int i = 0; i < 8; i++) {
            corners[i] = quad[(i + 2 * turn) % 8];
        }
        return corners;
    }

    private @Nullable Found onKnown(double[] corners, boolean byHand) {
        Artwork artwork = expected.artwork();
        double w = artwork.widthMm();
        double h = artwork.heightMm();
        Placing sheet = Placing.between(new double[] {0, 0, w, 0, w, h, 0, h}, corners);
        FoilMap map = rough.map(sheet, new Envelope(0, w, 0, h), null);
        if (map == null) {
            return null;
        }
        double bowMm = new SheetEdges(photograph, corners).bowPx() / sheet.pxPerMm(w / 2, h / 2);
        Registration.Known known = (byHand ? Registration.Known.BY_HAND : Registration.Known.SHEET).bowed(bowMm);
        if (map.clearness == 0) {
            return new Found(sheet, sheet, corners, 0, false, known, false);
        }
        CoarseSearch.Found found = search.near(map, NEAR);
        return new Found(sheet.after(found.toFrame()), sheet, corners, found.agreement(), true, known, false);
    }

    private @Nullable Found onUnknown(double[] corners, double aspect) {
        double w = 100;
        double h = 100 / aspect;
        Placing sheet = Placing.between(new double[] {0, 0, w, 0, w, h, 0, h}, corners);
        FoilMap map = rough.map(sheet, new Envelope(0, w, 0, h), null);
        CoarseSearch.Found found = map == null ? null : search.anywhere(map, QUARTERS);
        return found == null
                ? null
                : new Found(
                        sheet.after(found.toFrame()),
                        null,
                        corners,
                        found.agreement(),
                        true,
                        Registration.Known.NOTHING,
                        false);
    }

    /** Without a sheet: the picture itself is the frame. */
    private @Nullable Found byItself() {
        double w = photograph.width();
        double h = photograph.height();
        double scale = 100 / w;
        Placing frame = Placing.of(1 / scale, 0, 0, 0, -1 / scale, h, 0, 0, 1);
        FoilMap map = rough.map(frame, new Envelope(0, 100, 0, h * scale), null);
        CoarseSearch.Found found = map == null ? null : search.anywhere(map, ANYWHERE);
        return found == null
                ? null
                : new Found(
                        frame.after(found.toFrame()),
                        null,
                        null,
                        found.agreement(),
                        true,
                        Registration.Known.NOTHING,
                        false);
    }

    private static double[] turns(int most, int step) {
        double[] turns = new double[2 * most / step + 1];
        for (int i = 0; i < turns.length; i++) {
            turns[i] = Math.toRadians(-most + i * step);
        }
        return turns;
    }

    private static double[] quarters() {
        double[] turns = new double[4 * NEAR.length];
        for (int i = 0; i < turns.length; i++) {
            turns[i] = NEAR[i % NEAR.length] + i / NEAR.length * Math.PI / 2;
        }
        return turns;
    }

    private static double[] all() {
        List<Double> turns = new ArrayList<>();
        for (int degrees = 0; degrees < 360; degrees += 5) {
            turns.add(Math.toRadians(degrees));
        }
        return turns.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
