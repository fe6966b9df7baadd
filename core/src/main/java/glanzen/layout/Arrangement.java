package glanzen.layout;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Patch;
import glanzen.artwork.PathText;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A layout worked out: every hold followed to where its plate comes to lie.
 *
 * <p>Holds look to the piece or to other plates, so each axis is a graph; it is walked depth first, and two plates that
 * hold each other are refused.
 */
public final class Arrangement {

    private final Layout layout;
    private final Map<String, Artwork> artworks = new HashMap<>();
    private final List<PositionedPlate> plates;
    private final List<PositionedPlate> cuts;

    /**
     * @param layout the layout
     * @param shelf where artwork is drawn
     * @throws BadInput if plates hold each other in a ring, or look to one that is not there
     */
    public Arrangement(Layout layout, ArtworkShelf shelf) {
        this.layout = layout;
        for (Placed p : layout.all()) {
            artworks.put(
                    p.key(),
                    shelf.of(p.plate().motif(), p.plate().widthMm(), p.plate().heightMm()));
        }
        Axis across = new Axis(true);
        Axis along = new Axis(false);
        this.plates = layout.plates().stream().map(p -> lying(p, across, along)).toList();
        this.cuts = layout.cuts().stream().map(p -> lying(p, across, along)).toList();
    }

    /** What was worked out. */
    public Layout layout() {
        return layout;
    }

    /** Plates where they lie. */
    public List<PositionedPlate> plates() {
        return plates;
    }

    /** Dies where they will cut. */
    public List<PositionedPlate> cuts() {
        return cuts;
    }

    /** Plates and dies. */
    public List<PositionedPlate> all() {
        List<PositionedPlate> all = new ArrayList<>(plates);
        all.addAll(cuts);
        return all;
    }

    /** A plate or die by its key. */
    public PositionedPlate of(String key) {
        return all().stream()
                .filter(l -> l.placed().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new BadInput("key", key + " is not laid out", "a plate of the layout"));
    }

    /** The piece as a box. */
    public Envelope pieceBox() {
        return new Envelope(0, layout.piece().widthMm(), 0, layout.piece().heightMm());
    }

    /**
     * All plates as one design in the frame of the feed: as read, turned so that the feed runs along y, with the throat's
     * middle where it passes over the piece. Pressing is the same mirrored or not, so the mirror is left out.
     */
    public Artwork together() {
        OnPlatform on = new OnPlatform(layout);
        AffineTransformation feed = on.toFeedFrame();
        List<Artwork.Placed> parts = plates.stream()
                .map(l -> new Artwork.Placed(l.artwork(), new AffineTransformation(l.placing()).compose(feed)))
                .toList();
        List<Patch> patches = layout.patches().stream()
                .map(p -> new Patch(
                        feed.transform(PathText.read("patches.outline", p.outline())),
                        p.board().thicknessMm()))
                .toList();
        return Artwork.together(parts, on.feedWidthMm(), on.feedHeightMm(), on.throatMiddleMm(), patches);
    }

    private PositionedPlate lying(Placed p, Axis across, Axis along) {
        Artwork artwork = artworks.get(p.key());
        AffineTransformation turn = turn(p, artwork);
        Envelope design = Envelopes.turned(artwork.designBox(), turn);
        return new PositionedPlate(
                p,
                artwork,
                turn.translate(across.low(p.key()) - design.getMinX(), along.low(p.key()) - design.getMinY()));
    }

    private static AffineTransformation turn(Placed p, Artwork artwork) {
        return AffineTransformation.rotationInstance(
                p.quarterTurns() * Math.PI / 2, artwork.widthMm() / 2, artwork.heightMm() / 2);
    }

    /** One axis: the low edge of every design on it. */
    private final class Axis {

        private final boolean across;
        private final Map<String, Double> lows = new HashMap<>();
        private final Set<String> asked = new HashSet<>();

        Axis(boolean across) {
            this.across = across;
        }

        double low(String key) {
            Double known = lows.get(key);
            if (known != null) {
                return known;
            }
            Placed placed = layout.find(key)
                    .orElseThrow(() -> new BadInput("hold.others", key + " is not laid out", "a plate of the layout"));
            if (!asked.add(key)) {
                throw new BadInput(
                        "hold", placed.plate().name() + " holds on to itself by way of others", "no ring of holds");
            }
            double low = follow(placed, across ? placed.across() : placed.along());
            lows.put(key, low);
            return low;
        }

        private double follow(Placed p, PlacementConstraint hold) {
            double size = size(p.key());
            double room = across ? layout.piece().widthMm() : layout.piece().heightMm();
            return switch (hold.kind()) {
                case CENTRE -> (room - size) / 2 + hold.mm();
                case FROM_LOW -> hold.mm();
                case FROM_HIGH -> room - size - hold.mm();
                case BASELINE -> hold.mm() - rise(p.key());
                case LOW_HALF -> room / 4 - size / 2;
                case HIGH_HALF -> 0.75 * room - size / 2;
                case IN_LINE -> middle(other(hold)) - size / 2 + hold.mm();
                case BASELINE_OF -> low(other(hold)) + rise(other(hold)) - rise(p.key()) + hold.mm();
                case AFTER -> low(other(hold)) + size(other(hold)) + hold.mm();
                case BEFORE -> low(other(hold)) - size - hold.mm();
                case SAME_GAP -> inRow(p.key(), hold.others());
            };
        }

        private String other(PlacementConstraint hold) {
            return hold.others().get(0);
        }

        private double middle(String key) {
            return low(key) + size(key) / 2;
        }

        private double inRow(String key, List<String> row) {
            String first = row.get(0);
            String last = row.get(row.size() - 1);
            double room = low(last) - low(first) - size(first);
            double filled = 0;
            double before = 0;
            for (String inner : row.subList(1, row.size() - 1)) {
                before = inner.equals(key) ? filled : before;
                filled += size(inner);
            }
            double gap = (room - filled) / (row.size() - 1);
            return low(first) + size(first) + before + row.indexOf(key) * gap;
        }

        private double size(String key) {
            Envelope design = turnedDesign(key);
            return across ? design.getWidth() : design.getHeight();
        }

        private double rise(String key) {
            boolean upright = layout.find(key).orElseThrow().quarterTurns() == 0;
            return upright && !across ? PositionedPlate.baselineRise(artworks.get(key)) : 0;
        }

        private Envelope turnedDesign(String key) {
            Placed p = layout.find(key)
                    .orElseThrow(() -> new BadInput("hold.others", key + " is not laid out", "a plate of the layout"));
            Artwork artwork = artworks.get(key);
            return Envelopes.turned(artwork.designBox(), turn(p, artwork));
        }
    }
}
