package glanzen.inspect;

import glanzen.Bench;
import glanzen.artwork.Artwork;
import glanzen.artwork.Motif;
import glanzen.kit.Stock;
import glanzen.photograph.Placing;
import glanzen.picture.FoilMask;
import glanzen.picture.PullPicture;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.simulate.Camera;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Pulls whose foil is known, and pictures of them. */
public final class SimulatedPulls {

    static final double CARD_W = 105;
    static final double CARD_H = 148;
    private static final double MASK_PX_PER_MM = 24;

    /** Colours of film and stock. */
    public record Colours(int foil, int stock) {}

    /** What was pulled, how it looks, and what is true of it. */
    public record Pull(
            SetUp setUp, TransferModel model, Expected expected, FoilMask mask, Colours colours, Measures truth) {}

    private static final List<Motif> MOTIFS = List.of(
            new Motif(Motif.Kind.WORDS, "Alder Lane", ""),
            new Motif(Motif.Kind.BEE, "", ""),
            new Motif(Motif.Kind.COMB, "", ""),
            new Motif(Motif.Kind.ROSETTE, "", ""),
            new Motif(Motif.Kind.DRIP, "", ""),
            new Motif(Motif.Kind.BORDER, "", ""),
            new Motif(Motif.Kind.SOLID, "", ""),
            new Motif(Motif.Kind.WORDS, "Honey", ""),
            new Motif(Motif.Kind.WORDS, "with love", ""),
            new Motif(Motif.Kind.BEE, "", ""),
            new Motif(Motif.Kind.WORDS, "First prize", ""),
            new Motif(Motif.Kind.ROSETTE, "", ""));
    private static final double[][] SIZES = {
        {70, 22}, {60, 50}, {60, 70}, {45, 60}, {80, 50}, {90, 120}, {50, 40}, {50, 30}, {60, 16}, {30, 26}, {75, 40},
        {28, 38}
    };
    private static final int[] FOILS = {0xb87333, 0xd4af37, 0xc8c8cc, 0xb76e79, 0x26262a, 0x2f7f86};
    private static final int[] STOCKS = {0xfafafa, 0xf4ecd8, 0xb08d5a, 0x1f2a4a, 0x8a8d90, 0x5a2a30};

    private SimulatedPulls() {}

    /** A design laid on a card, ready to be pulled. */
    public record Laid(SetUp setUp, TransferModel model, Expected expected, Colours colours) {}

    /** One of the designs somewhere on a card. */
    public static Laid laid(int n, Stock stock, long seed) {
        Random luck = new Random(seed);
        Motif motif = MOTIFS.get(n % MOTIFS.size());
        double[] size = SIZES[n % SIZES.length];
        Artwork drawn = Artwork.of(motif, size[0], size[1]);
        double x = (CARD_W - size[0]) / 2 + (luck.nextDouble() - 0.5) * Math.min(8, CARD_W - size[0] - 8);
        double y = (CARD_H - size[1]) / 2 + (luck.nextDouble() - 0.5) * Math.min(20, CARD_H - size[1] - 8);
        Artwork card =
                new Artwork(AffineTransformation.translationInstance(x, y).transform(drawn.shape()), CARD_W, CARD_H);
        SetUp setUp = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, stock, 1, 30);
        Colours colours =
                new Colours(FOILS[Math.floorMod(seed, FOILS.length)], STOCKS[Math.floorMod(seed / 7, STOCKS.length)]);
        return new Laid(setUp, TransferModel.of(setUp, card), new Expected(card, true, null, CARD_W / 2), colours);
    }

    public static Pull pull(int n, double lnDose, double ghostMm, long seed) {
        return pull(laid(n, Bench.SMOOTH, seed), lnDose, ghostMm, seed);
    }

    /** What is laid, pulled. */
    public static Pull pull(Laid laid, double lnDose, double ghostMm, long seed) {
        double usual = Math.log(laid.model.doses(Rig.AS_LABELLED).pull(1).dose());
        Rig rig = Rig.AS_LABELLED.needing(usual - lnDose);
        FoilMask mask = new PullPicture(laid.setUp, laid.model, rig, seed)
                .ghosted(ghostMm)
                .mask(MASK_PX_PER_MM);
        return new Pull(laid.setUp, laid.model, laid.expected, mask, laid.colours, truth(laid.expected, mask));
    }

    /** The same with foil elsewhere. */
    static Pull seen(Pull pull, boolean[] foiled) {
        FoilMask m = pull.mask;
        FoilMask mask = new FoilMask(m.widthPx(), m.heightPx(), m.pxPerMm(), foiled, m.design());
        return new Pull(pull.setUp, pull.model, pull.expected, mask, pull.colours, truth(pull.expected, mask));
    }

    private static Measures truth(Expected expected, FoilMask mask) {
        Envelope box = new Envelope(expected.artwork().designBox());
        box.expandBy(3.5);
        DesignField design = DesignField.of(expected.artwork(), box, MASK_PX_PER_MM / 2, 2.5);
        float[] share = new float[design.grid.count()];
        for (int i = 0; i < share.length; i++) {
            double xMm = design.grid.xMm(i % design.grid.width());
            double yMm = design.grid.yMm(i / design.grid.width());
            for (int k = 0; k < 4; k++) {
                double step = 0.5 / MASK_PX_PER_MM;
                share[i] += mask.foil(xMm + (k % 2 * 2 - 1) * step, yMm + (k / 2 * 2 - 1) * step) ? 0.25f : 0;
            }
        }
        boolean[] all = new boolean[share.length];
        Arrays.fill(all, true);
        return new Measuring(FoilMap.known(design.grid, share), design, all, 0, expected).run();
    }

    static Camera camera(Pull pull) {
        return new Camera(pull.mask(), pull.colours().foil(), pull.colours().stock());
    }

    /** How far the design was found from where it is, mm, at the worst of nine places. */
    static double strayMm(Pull pull, Placing found, double[] corners) {
        Placing sheet = Placing.between(new double[] {0, 0, CARD_W, 0, CARD_W, CARD_H, 0, CARD_H}, corners);
        Envelope box = pull.expected().artwork().designBox();
        double sum = 0;
        for (int k = 0; k < 9; k++) {
            double x = box.getMinX() + (k % 3) / 2.0 * box.getWidth();
            double y = box.getMinY() + (k / 3) / 2.0 * box.getHeight();
            double[] a = found.px(x, y);
            double[] b = sheet.px(x, y);
            double off = Math.hypot(a[0] - b[0], a[1] - b[1]) / sheet.pxPerMm(x, y);
            sum += off * off;
        }
        return Math.sqrt(sum / 9);
    }
}
