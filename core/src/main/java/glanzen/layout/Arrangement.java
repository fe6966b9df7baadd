package glanzen.layout;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.Patch;
import glanzen.artwork.PathText;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A layout worked out: every hold followed to where its plate comes to lie.
 */
public final class Arrangement {

    private final Layout layout;
    private final ArtworkShelf shelf;
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
        this.shelf = shelf;
        for (Placed p : layout.all()) {
            artworks.put(
                    p.key(),
                    shelf.of(p.plate().motif(), p.plate().widthMm(), p.plate().heightMm()));
        }
        Holds across =
                new Holds(layout.piece().widthMm(), key -> layout.find(key).map(p -> held(p, true)));
        Holds along =
                new Holds(layout.piece().heightMm(), key -> layout.find(key).map(p -> held(p, false)));
        this.plates = layout.plates().stream().map(p -> lying(p, across, along)).toList();
        this.cuts = layout.cuts().stream().map(p -> lying(p, across, along)).toList();
    }

    /** Another layout worked out. */
    Arrangement of(Layout other) {
        return new Arrangement(other, shelf);
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

    private PositionedPlate lying(Placed p, Holds across, Holds along) {
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

    /** How a plate is held on one axis, by the box of its design. */
    private Holds.Held held(Placed p, boolean across) {
        Artwork artwork = Objects.requireNonNull(artworks.get(p.key()));
        Envelope design = Envelopes.turned(artwork.designBox(), turn(p, artwork));
        boolean upright = p.quarterTurns() == 0 && !across;
        return new Holds.Held(
                p.plate().name(),
                across ? p.across() : p.along(),
                across ? design.getWidth() : design.getHeight(),
                upright ? PositionedPlate.baselineRise(artwork) : 0);
    }
}
