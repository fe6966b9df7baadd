package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.inspect.Reading.Place;
import glanzen.inspect.Reading.View;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;

/** Reads a pull off its pictures. Safe for many threads. */
public final class PictureReader {

    private static final double AROUND_MM = 3.5;
    private static final double REACH_MM = 2.5;
    private static final double FINEST_PX_PER_MM = 14;
    private static final double MOST_PX = 3_000_000;
    private static final double COARSEST_PX_PER_MM = 3.5;
    /** Something in a picture gives back at least so much of the light that it can hold. */
    private static final double DARK = 0.045;

    private static final int ROUNDS = 1;

    private static final double SOFTEST_MM = 0.50;
    private static final double LEAST_AGREEMENT = 0.3;
    private static final double ELSEWHERE_MM = 0.7;
    private static final double MOST_ELSEWHERE = 0.15;
    /** Blur beyond this share of the picture's longer side hides any design. */
    private static final double MOST_BLUR = 1.0 / 450;

    private static final double CLEAR_OF_DESIGN_MM = 1.5;

    private final Expected expected;

    /** @param expected what the pictures are held against */
    public PictureReader(Expected expected) {
        this.expected = expected;
    }

    /**
     * Reads one pull.
     *
     * @param photographs of the same pull, with light from different sides
     * @param corners of the sheet in the first picture, eight numbers in pixels one after the other round it; or nothing, to find
     *     them
     * @throws Unreadable with the reason
     */
    public Reading read(List<Photograph> photographs, double @Nullable [] corners) {
        List<Seen> all = new ArrayList<>();
        Envelope box = new Envelope(expected.artwork().designBox());
        box.expandBy(AROUND_MM);
        double pxPerMm = 0;
        List<Finding.Found> places = new ArrayList<>();
        for (int i = 0; i < photographs.size(); i++) {
            if (photographs.get(i).brightest() < DARK) {
                throw new Unreadable(Unreadable.Reason.DARK);
            }
            if (photographs.get(i).blurPx() > MOST_BLUR * photographs.get(i).longer()) {
                throw new Unreadable(Unreadable.Reason.BLURRED);
            }
            Finding.Found found = new Finding(photographs.get(i), expected).find(i == 0 ? corners : null);
            places.add(found);
            pxPerMm = Math.max(pxPerMm, found.design().pxPerMm(box.centre().x, box.centre().y));
        }
        if (pxPerMm < COARSEST_PX_PER_MM) {
            throw new Unreadable(Unreadable.Reason.SMALL);
        }
        double finest = Math.sqrt(MOST_PX / (box.getWidth() * box.getHeight()));
        double grid = Math.min(Math.min(FINEST_PX_PER_MM, finest), pxPerMm * 1.2);
        DesignField design = DesignField.of(expected.artwork(), box, grid, REACH_MM);
        for (int i = 0; i < photographs.size(); i++) {
            all.add(seen(photographs.get(i), places.get(i), design, box, grid));
        }
        return reading(all, design);
    }

    private record Seen(FoilMap map, Finding.Found found, Placing design) {}

    /** One picture: laid onto the design roughly, then closely, then looked at once more where it now lies. */
    private Seen seen(Photograph photograph, Finding.Found found, DesignField design, Envelope box, double pxPerMm) {
        Placing placing = found.design();
        FoilMap map = map(photograph, placing, design, box, pxPerMm);
        for (int round = 0; round < ROUNDS && map.clearness > 0; round++) {
            Registration laid =
                    new Registration(map, design, box.centre().x, box.centre().y).run(found.known(), 0.6 / pxPerMm);
            placing = placing.after(laid.toFrame());
            map = map(photograph, placing, design, box, pxPerMm);
        }
        return new Seen(map, found, placing);
    }

    private FoilMap map(Photograph photograph, Placing placing, DesignField design, Envelope box, double pxPerMm) {
        Flat flat = Flat.of(photograph, placing, box, pxPerMm);
        BareStock stock;
        try {
            BareStock first = BareStock.fit(flat, i -> design.signedMm[i] > CLEAR_OF_DESIGN_MM);
            Departures rough = first.departures(flat);
            stock = BareStock.fit(flat, i -> design.signedMm[i] > 0.4 && rough.size[i] < FoilMap.SURE);
        } catch (IllegalArgumentException tooLittle) {
            throw new Unreadable(Unreadable.Reason.NOT_FOUND);
        }
        int washed = 0;
        int bare = 0;
        for (int i = 0; i < design.signedMm.length; i += 7) {
            if (design.signedMm[i] > CLEAR_OF_DESIGN_MM) {
                bare++;
                washed += flat.light[0][i] > 0.985 && flat.light[1][i] > 0.985 && flat.light[2][i] > 0.985 ? 1 : 0;
            }
        }
        if (washed > 0.5 * bare) {
            throw new Unreadable(Unreadable.Reason.GLARING);
        }
        Departures departures = stock.departures(flat);
        return FoilMap.of(departures).filled(departures, design);
    }

    private Reading reading(List<Seen> all, DesignField design) {
        FoilMap map = all.stream().map(Seen::map).reduce(FoilMap::joined).orElseThrow();
        Finding.Found first = all.get(0).found();
        boolean[] everywhere = new boolean[map.share.length];
        Arrays.fill(everywhere, true);
        EdgeWalk edge = EdgeWalk.along(map, design, everywhere);
        if (edge.softMm() > SOFTEST_MM) {
            throw new Unreadable(Unreadable.Reason.BLURRED);
        }
        double stray = 0.01 + 0.04 * edge.softMm();
        Measures whole = new Measuring(map, design, everywhere, stray, expected.middleXMm()).run();
        Measures stays = expected.stays() == null
                ? whole
                : new Measuring(map, design, staying(design.grid), stray, expected.middleXMm()).run();
        double agreement = agreement(map, design);
        if (first.foil() && (agreement < LEAST_AGREEMENT || elsewhere(map, design) > MOST_ELSEWHERE)) {
            throw new Unreadable(Unreadable.Reason.OTHER_DESIGN);
        }
        List<View> views =
                all.stream().map(s -> new View(s.design(), s.found().corners())).toList();
        return new Reading(whole, stays, place(all.get(0), agreement, stray), views, map.clearness, edge.softMm());
    }

    private boolean[] staying(Grid grid) {
        Artwork cut = new Artwork(
                expected.stays(),
                expected.artwork().widthMm(),
                expected.artwork().heightMm());
        double middleX = grid.leftMm() + grid.width() / 2.0 / grid.pxPerMm();
        double middleY = grid.topMm() - grid.height() / 2.0 / grid.pxPerMm();
        return cut.raster(grid.width(), grid.height(), grid.pxPerMm(), middleX, middleY);
    }

    /** Share of all foil that lies where neither the design nor what goes past its edge can be. */
    private static double elsewhere(FoilMap map, DesignField design) {
        int foil = 0;
        int away = 0;
        for (int i = 0; i < map.share.length; i++) {
            if (map.share[i] >= 0.5f) {
                foil++;
                away += design.signedMm[i] > ELSEWHERE_MM ? 1 : 0;
            }
        }
        return foil == 0 ? 0 : (double) away / foil;
    }

    /** Correlation of foil and design. */
    private static double agreement(FoilMap map, DesignField design) {
        double n = map.share.length;
        double a = 0;
        double b = 0;
        double both = 0;
        for (int i = 0; i < n; i++) {
            double foil = map.share[i] >= 0.5f ? 1 : 0;
            double in = design.signedMm[i] < 0 ? 1 : 0;
            a += foil;
            b += in;
            both += foil * in;
        }
        double spread = Math.sqrt(a * (1 - a / n) * b * (1 - b / n));
        return spread == 0 ? 0 : (both - a * b / n) / spread;
    }

    private Place place(Seen seen, double agreement, double stray) {
        Placing sheet = seen.found().sheet();
        if (sheet == null) {
            Figure unknown = new Figure(0, 0);
            return new Place(false, unknown, unknown, unknown, agreement);
        }
        Placing onSheet = sheet.inverse().after(seen.design());
        double cx = expected.artwork().designBox().centre().x;
        double cy = expected.artwork().designBox().centre().y;
        double[] at = onSheet.px(cx, cy);
        double[] right = onSheet.px(cx + 10, cy);
        double turn = Math.toDegrees(Math.atan2(right[1] - at[1], right[0] - at[0]));
        double span = Math.max(10, expected.artwork().designBox().getWidth());
        return new Place(
                true,
                new Figure(at[0] - cx, 0.05 + stray),
                new Figure(at[1] - cy, 0.05 + stray),
                new Figure(turn, Math.toDegrees((0.05 + stray) / span)),
                agreement);
    }
}
