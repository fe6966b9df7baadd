package glanzen.picture;

import glanzen.artwork.Artwork;
import glanzen.artwork.DistanceField;
import glanzen.artwork.Patch;
import glanzen.layout.OnPlatform;
import glanzen.pull.Rig;
import glanzen.pull.TransferModel;
import glanzen.setup.SetUp;
import glanzen.transfer.Normal;
import glanzen.transfer.Transfer;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * How a pull would look: inside the design foil where dose·field ≥ 1; outside where the distance to the design is at
 * most λ·ln(dose·field/onset). The field is log-normal (σ 0.35) with a grain of about 0.6 mm, seeded, for the stock.
 */
public final class PullPicture implements Picture {

    private static final double GRAIN_MM = 0.6;
    private static final double EDGE_SHARE = 0.94;
    private static final double SOLID_DEPTH_MM = 3;
    private static final double FURTHEST_SPILL_MM = 2;
    private static final double AROUND_MM = 7;
    private static final double LEAST_DOSE = 1e-9;
    /** The grain hardly ever strays further from its mean, in standard deviations. */
    private static final double MOST_GRAIN = 4;
    /** Nor does pressure anywhere across the throat pass its mean by more, ln. */
    private static final double MOST_AWAY_LN = 0.5;

    private final SetUp setUp;
    private final TransferModel model;
    private final Rig rig;
    private final long seed;
    private double ghostMm;
    private Spoiling spoiling = Spoiling.NONE;

    /**
     * @param rig which rig pulls
     * @param seed for the stock's own texture
     */
    public PullPicture(SetUp setUp, TransferModel model, Rig rig, long seed) {
        this.setUp = setUp;
        this.model = model;
        this.rig = rig;
        this.seed = seed;
    }

    /**
     * The same pull with a second copy of the foil beside the first, as a plate leaves that moved between passes.
     *
     * @param shiftMm how far along the feed; 0 for none
     */
    public PullPicture ghosted(double shiftMm) {
        PullPicture ghosted = new PullPicture(setUp, model, rig, seed);
        ghosted.ghostMm = shiftMm;
        return ghosted;
    }

    /** The same pull spoilt. */
    public PullPicture spoilt(Spoiling by) {
        PullPicture spoilt = ghosted(ghostMm);
        spoilt.spoiling = by;
        return spoilt;
    }

    /**
     * Where foil is on the whole of what was pressed, in the frame of the feed: for a camera that stands in, and to hold readings
     * against.
     */
    public FoilMask mask(double pxPerMm) {
        Artwork artwork = model.artwork();
        View whole = new View(
                (int) Math.round(artwork.widthMm() * pxPerMm),
                (int) Math.round(artwork.heightMm() * pxPerMm),
                pxPerMm,
                artwork.widthMm() / 2,
                artwork.heightMm() / 2);
        boolean[] design = design(whole);
        return new FoilMask(whole.widthPx, whole.heightPx, pxPerMm, foil(design, whole), design);
    }

    @Override
    public BufferedImage draw(int widthPx, int heightPx) {
        int turns = setUp.layout().laid() ? new OnPlatform(setUp.layout()).feedTurns() : 0;
        boolean upright = turns % 2 == 0;
        View view = view(upright ? widthPx : heightPx, upright ? heightPx : widthPx);
        boolean[] design = design(view);
        boolean[] foiled = foil(design, view);
        BufferedImage image = new BufferedImage(view.widthPx, view.heightPx, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        new Sheen(setUp.film().colour(), setUp.stock().colour(), seed).paint(pixels, foiled, design, view.widthPx);
        return turns == 0 ? image : turnedBack(image, turns, widthPx, heightPx);
    }

    private boolean[] design(View view) {
        return model.artwork().raster(view.widthPx, view.heightPx, view.scale, view.centreXMm, view.centreYMm);
    }

    /** What the pull leaves, once it is peeled. */
    private boolean[] foil(boolean[] design, View view) {
        boolean[] foiled = doubled(foiled(design, view), (int) Math.round(ghostMm * view.scale) * view.widthPx);
        double lift = Transfer.lift(1, model.peelC(rig));
        if (lift > 0.005 && model.artwork().solidShare() > 0) {
            liftOff(foiled, design, view.widthPx, view.scale, lift);
        }
        return spoiling.left(foiled, design, view.widthPx, view.scale);
    }

    /** What of the design is in the picture, and how large. */
    private record View(int widthPx, int heightPx, double scale, double centreXMm, double centreYMm) {

        double xMm(double px) {
            return centreXMm + (px - widthPx / 2.0) / scale;
        }

        double yMm(double px) {
            return centreYMm + (heightPx / 2.0 - px) / scale;
        }
    }

    /** The whole plate; of a piece that is laid out, what its designs fill, since a card is mostly bare. */
    private View view(int widthPx, int heightPx) {
        Artwork artwork = model.artwork();
        Envelope shown = new Envelope(0, artwork.widthMm(), 0, artwork.heightMm());
        if (setUp.layout().laid()) {
            Envelope design = artwork.designBox();
            design.expandBy(AROUND_MM);
            shown = design;
        }
        double scale = EDGE_SHARE * Math.min(widthPx / shown.getWidth(), heightPx / shown.getHeight());
        return new View(widthPx, heightPx, scale, shown.centre().x, shown.centre().y);
    }

    /** The picture was drawn along the feed; a person sees it as it is read. */
    private static BufferedImage turnedBack(BufferedImage image, int turns, int widthPx, int heightPx) {
        BufferedImage turned = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = turned.createGraphics();
        graphics.translate(widthPx / 2.0, heightPx / 2.0);
        graphics.rotate(turns * Math.PI / 2);
        graphics.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return turned;
    }

    private boolean[] foiled(boolean[] design, View view) {
        GrainField field = new GrainField(seed, GRAIN_MM * view.scale);
        double[][] bands = model.bandDoses(rig);
        double give = rig.give();
        double lnOnset = Math.log(Transfer.doseToSpill(0, 1));
        double furthestMm = furthestMm(bands, lnOnset);
        float[] distance = DistanceField.of(design, view.widthPx, furthestMm * view.scale);
        byte[] patches = patches(view);
        boolean[] foiled = new boolean[design.length];
        for (int y = 0; y < view.heightPx; y++) {
            double raisedMm = model.raisedWidthMm(view.yMm(y));
            double[] row = row(bands, raisedMm);
            double[] lnPatch = lnPatches(raisedMm);
            for (int x = 0; x < view.widthPx; x++) {
                int i = y * view.widthPx + x;
                double nearMm = distance[i] / view.scale;
                if (nearMm > furthestMm) {
                    continue;
                }
                double xMm = view.xMm(x) - model.artwork().middleXMm();
                double across = model.pressureShare(give, row[1], xMm);
                double lnDose = row[0] + (across - 1) + lnPatch[patches[i]] + Transfer.SHEET_SIGMA * field.at(x, y);
                lnDose += spoiling.ln(xMm, view.yMm(y));
                foiled[i] =
                        design[i] ? lnDose >= 0 : nearMm <= model.softnessMm() * (lnDose - lnOnset) + model.alwaysMm();
            }
        }
        return foiled;
    }

    /** How far from the design foil may take at most on this rig, mm: beyond it no pixel need be looked at. */
    private double furthestMm(double[][] bands, double lnOnset) {
        double hardest = Arrays.stream(bands)
                .mapToDouble(band -> Math.log(Math.max(LEAST_DOSE, band[1])))
                .max()
                .orElseThrow();
        double patched = Arrays.stream(lnPatches(bands[0][0])).max().orElseThrow();
        double most = hardest + patched + MOST_AWAY_LN + Transfer.SHEET_SIGMA * MOST_GRAIN;
        double spillMm = model.softnessMm() * Math.max(0, most - lnOnset) + model.alwaysMm();
        return Math.min(FURTHEST_SPILL_MM, spillMm);
    }

    private static boolean[] doubled(boolean[] foiled, int by) {
        boolean[] both = foiled.clone();
        for (int i = Math.max(0, by); i < Math.min(foiled.length, foiled.length + by) && by != 0; i++) {
            both[i] |= foiled[i - by];
        }
        return both;
    }

    /** Pixels numbered by the make-ready behind them, from 1. */
    private byte[] patches(View view) {
        List<Patch> all = model.artwork().patches();
        byte[] numbered = new byte[view.widthPx * view.heightPx];
        for (int n = 0; n < all.size(); n++) {
            boolean[] covered = new Artwork(
                            all.get(n).area(),
                            model.artwork().widthMm(),
                            model.artwork().heightMm())
                    .raster(view.widthPx, view.heightPx, view.scale, view.centreXMm, view.centreYMm);
            for (int i = 0; i < covered.length; i++) {
                numbered[i] = covered[i] ? (byte) (n + 1) : numbered[i];
            }
        }
        return numbered;
    }

    /** ln of how much more than the mean each patch presses; first for where there is none. */
    private double[] lnPatches(double raisedMm) {
        List<Patch> all = model.artwork().patches();
        double[] ln = new double[all.size() + 1];
        for (int n = 0; n <= all.size() && !all.isEmpty(); n++) {
            ln[n] = Math.log(Math.max(
                    1e-6,
                    model.patched(rig, raisedMm, n == 0 ? 0 : all.get(n - 1).thicknessMm())));
        }
        return ln;
    }

    /** A hot peel takes patches out of solid ground, away from its edges. */
    private void liftOff(boolean[] foiled, boolean[] design, int widthPx, double scale, double lift) {
        boolean[] bare = new boolean[design.length];
        for (int i = 0; i < bare.length; i++) {
            bare[i] = !design[i];
        }
        float[] depth = DistanceField.of(bare, widthPx, SOLID_DEPTH_MM * scale);
        GrainField patches = new GrainField(seed + 1, 6 * GRAIN_MM * scale);
        double least = Normal.inverse(lift);
        for (int i = 0, y = 0; i < foiled.length; y++) {
            for (int x = 0; x < widthPx; x++, i++) {
                foiled[i] &= depth[i] < SOLID_DEPTH_MM * scale || patches.at(x, y) >= least;
            }
        }
    }

    /** ln of dose, and force, where the raised width is b: straight between the bands on ln b. */
    private static double[] row(double[][] bands, double b) {
        int i = 0;
        while (i < bands.length - 2 && bands[i + 1][0] < b) {
            i++;
        }
        double[] from = bands[i];
        double[] to = bands[Math.min(i + 1, bands.length - 1)];
        double span = Math.log(to[0] / from[0]);
        double s = span == 0 ? 0 : Math.max(0, Math.min(1, Math.log(Math.max(b, 0.05) / from[0]) / span));
        double lnFrom = Math.log(Math.max(from[1], LEAST_DOSE));
        double lnTo = Math.log(Math.max(to[1], LEAST_DOSE));
        return new double[] {lnFrom + s * (lnTo - lnFrom), from[2] + s * (to[2] - from[2])};
    }
}
