package glanzen.inspect;

import glanzen.artwork.Artwork;
import glanzen.inspect.Reading.Place;
import glanzen.inspect.Reading.View;
import glanzen.photograph.Bend;
import glanzen.photograph.Flat;
import glanzen.photograph.Grid;
import glanzen.photograph.Photograph;
import glanzen.photograph.Placing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

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
    private static final double MOST_ELSEWHERE = 0.15;
    /** Blur beyond this share of the picture's longer side hides any design. */
    private static final double MOST_BLUR = 1.0 / 450;

    /** So much of a design must look like its undercoat for it to be one. */
    private static final double LEAST_COAT = 0.002;

    /** Share of what looks bare that may be film which mirrors the dark: with one picture, and with light from two sides. */
    private static final double LIT_ONCE = 0.3;

    private static final double LIT_TWICE = 0.05;
    private static final double COAT_RIM_MM = 0.1;
    private static final double CLEAR_OF_DESIGN_MM = 1.5;

    private final Expected expected;
    private final Consumer<Stage> at;

    /** @param expected what the pictures are held against */
    public PictureReader(Expected expected) {
        this(expected, stage -> {});
    }

    /**
     * @param expected what the pictures are held against
     * @param at told what the reading is at; it may throw to end it
     */
    public PictureReader(Expected expected, Consumer<Stage> at) {
        this.expected = expected;
        this.at = at;
    }

    /**
     * Reads one pull.
     *
     * @param photographs of the same pull, with light from different sides
     * @param marks in the first picture, px: the corners of the sheet, eight numbers one after the other round it; or the two ends
     *     of the design as {@link Expected#ends}, four; or nothing, to find it
     * @throws Unreadable with the reason
     */
    public Reading read(List<Photograph> photographs, double @Nullable [] marks) {
        List<Seen> all = new ArrayList<>();
        Envelope box = new Envelope(expected.artwork().designBox());
        box.expandBy(AROUND_MM);
        double pxPerMm = 0;
        List<Finding.Found> places = new ArrayList<>();
        for (int i = 0; i < photographs.size(); i++) {
            at.accept(Stage.FINDING);
            if (photographs.get(i).brightest() < DARK) {
                throw new Unreadable(Unreadable.Reason.DARK);
            }
            if (photographs.get(i).blurPx() > MOST_BLUR * photographs.get(i).longer()) {
                throw new Unreadable(Unreadable.Reason.BLURRED);
            }
            Finding.Found found = found(photographs.get(i), i == 0 ? marks : null);
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
            at.accept(Stage.TELLING);
            all.add(seen(photographs.get(i), places.get(i), design, box, grid));
        }
        at.accept(Stage.MEASURING);
        return reading(all, design);
    }

    private Finding.Found found(Photograph photograph, double @Nullable [] marks) {
        try {
            return new Finding(photograph, expected).find(marks);
        } catch (Unreadable no) {
            // A design that is not recognised in a soft picture may well be the right one.
            boolean soft = photograph.blurPx() > MOST_BLUR / 2 * photograph.longer();
            throw soft && no.reason() == Unreadable.Reason.OTHER_DESIGN
                    ? new Unreadable(Unreadable.Reason.BLURRED)
                    : no;
        }
    }

    private record Seen(FoilMap map, Finding.Found found, Placing design) {}

    /** One picture: laid onto the design roughly, then closely, then looked at once more where it now lies. */
    private Seen seen(Photograph photograph, Finding.Found found, DesignField design, Envelope box, double pxPerMm) {
        Placing placing = found.design();
        boolean @Nullable [] sheet = found.cutOut() ? insideCut(design.grid) : null;
        // What lies under the film has the same shape, and helps to find it.
        FoilMap map = map(photograph, placing, Bend.NONE, design, box, sheet, List.of());
        for (int round = 0; round < ROUNDS && map.clearness > 0; round++) {
            Registration laid =
                    new Registration(map, design, box.centre().x, box.centre().y).run(found.known(), 0.6 / pxPerMm);
            placing = placing.after(laid.toFrame());
            map = map(photograph, placing, laid.bend(), design, box, sheet, expected.undercoats());
        }
        return new Seen(map, found, placing);
    }

    /** @param sheet where there is sheet at all; nothing if everywhere */
    private FoilMap map(
            Photograph photograph,
            Placing placing,
            Bend bend,
            DesignField design,
            Envelope box,
            boolean @Nullable [] sheet,
            List<double[]> undercoats) {
        Flat flat = Flat.of(photograph, placing, bend, box, design.grid.pxPerMm());
        for (int i = 0; sheet != null && i < sheet.length; i++) {
            flat.seen()[i] &= sheet[i];
        }
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
                washed +=
                        flat.light()[0][i] > 0.985 && flat.light()[1][i] > 0.985 && flat.light()[2][i] > 0.985 ? 1 : 0;
            }
        }
        if (washed > 0.5 * bare) {
            throw new Unreadable(Unreadable.Reason.GLARING);
        }
        Departures departures = stock.departures(flat);
        Optional<Departures> coated = undercoats.stream()
                .map(coat -> stock.departures(flat, coat).only(design, true))
                .filter(d -> bareShare(d, design) > LEAST_COAT)
                .max(Comparator.comparingDouble(d -> bareShare(d, design)));
        return coated.map(d -> FoilMap.of(d).within(design, FoilMap.of(departures.only(design, false))))
                .orElseGet(() -> FoilMap.of(departures).filled(departures, design));
    }

    /** Share of a design that looks like what may lie under its film. */
    private static double bareShare(Departures fromCoat, DesignField design) {
        int in = 0;
        int bare = 0;
        for (int i = 0; i < design.signedMm.length; i++) {
            if (design.signedMm[i] < -COAT_RIM_MM) {
                in++;
                bare += fromCoat.size[i] < FoilMap.SURE ? 1 : 0;
            }
        }
        return in == 0 ? 0 : (double) bare / in;
    }

    private Reading reading(List<Seen> all, DesignField design) {
        FoilMap map = all.stream().map(Seen::map).reduce(FoilMap::joined).orElseThrow();
        Finding.Found first = all.get(0).found();
        boolean[] everywhere = new boolean[map.share.length];
        Arrays.fill(everywhere, true);
        if (first.cutOut()) {
            everywhere = insideCut(design.grid);
        }
        EdgeWalk edge = EdgeWalk.along(map, design, everywhere);
        if (edge.softMm() > SOFTEST_MM) {
            throw new Unreadable(Unreadable.Reason.BLURRED);
        }
        double stray = 0.01 + 0.04 * edge.softMm();
        double between = edge.secondMm(stray);
        if (between > 0) {
            // Laid onto two copies the design lies half-way; what goes past is measured from one of them.
            design = DesignField.of(beside(between / 2), design.grid, REACH_MM);
        }
        double dark = expected.undercoats().isEmpty() ? 0 : all.size() > 1 ? LIT_TWICE : LIT_ONCE;
        Measures whole =
                new Measuring(map, design, everywhere, stray, expected).run().doubting(dark);
        Measures stays = expected.stays() == null || first.cutOut()
                ? whole
                : new Measuring(map, design, staying(design.grid), stray, expected)
                        .run()
                        .doubting(dark);
        double agreement = map.agreement(design);
        if (first.foil() && (agreement < LEAST_AGREEMENT || map.elsewhere(design) > MOST_ELSEWHERE)) {
            throw new Unreadable(Unreadable.Reason.OTHER_DESIGN);
        }
        List<View> views =
                all.stream().map(s -> new View(s.design(), s.found().corners())).toList();
        return new Reading(whole, stays, place(all.get(0), agreement, stray), views, map.clearness, edge.softMm());
    }

    private Artwork beside(double upMm) {
        Artwork own = expected.artwork();
        return new Artwork(
                AffineTransformation.translationInstance(0, upMm).transform(own.shape()),
                own.widthMm(),
                own.heightMm());
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

    /** Where a piece that is cut out already surely is. */
    private boolean[] insideCut(Grid grid) {
        Artwork cut = new Artwork(
                Objects.requireNonNull(expected.stays()),
                expected.artwork().widthMm(),
                expected.artwork().heightMm());
        DesignField field = DesignField.of(cut, grid, 2 * RoughMap.INSIDE_CUT_MM);
        boolean[] inside = new boolean[grid.count()];
        for (int i = 0; i < inside.length; i++) {
            inside[i] = field.signedMm[i] < -RoughMap.INSIDE_CUT_MM / 2;
        }
        return inside;
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
