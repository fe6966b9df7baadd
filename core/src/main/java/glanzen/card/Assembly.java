package glanzen.card;

import glanzen.kit.Stock;
import glanzen.layout.Holds;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A card worked out: every piece followed to where it comes to lie, from the bottom up. */
public final class Assembly {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final CardPlan plan;
    private final Stock baseStock;
    private final Map<String, Sheet> sheets;
    private final List<Laid> pieces = new ArrayList<>();
    private final Map<String, Laid> laid = new HashMap<>();
    private final Map<String, Holds[]> axes = new HashMap<>();

    /**
     * @param plan how they go together
     * @param baseStock what the base is of
     * @param sheets pieces by the names that the plan calls them
     * @throws BadInput if pieces lie on each other in a ring, hold each other in one, or are not there
     */
    public Assembly(CardPlan plan, Stock baseStock, Map<String, Sheet> sheets) {
        this.plan = plan;
        this.baseStock = baseStock;
        this.sheets = Map.copyOf(sheets);
        for (Mounted m : plan.bottomUp()) {
            place(m);
        }
        plan.bottomUp().forEach(m -> pieces.add(laid.get(m.key())));
    }

    private Sheet sheet(Mounted m) {
        return Optional.ofNullable(sheets.get(m.piece()))
                .orElseThrow(() -> new BadInput(
                        "card.mounted.piece", "is no piece of the job: " + m.piece(), "a piece of the job"));
    }

    private Laid place(Mounted m) {
        Laid known = laid.get(m.key());
        if (known != null) {
            return known;
        }
        Sheet sheet = sheet(m);
        Envelope ground = ground(m);
        AffineTransformation turn = AffineTransformation.rotationInstance(
                m.quarterTurns() * Math.PI / 2, sheet.widthMm() / 2, sheet.heightMm() / 2);
        Envelope box = turn.transform(sheet.shape()).getEnvelopeInternal();
        Holds[] holds =
                axes.computeIfAbsent(m.ground(), on -> new Holds[] {axis(on, ground, true), axis(on, ground, false)});
        AffineTransformation placing = turn.translate(
                ground.getMinX() + holds[0].low(m.key()) - box.getMinX(),
                ground.getMinY() + holds[1].low(m.key()) - box.getMinY());
        Laid found = new Laid(m, sheet, placing, placing.transform(sheet.shape()), inside(m));
        laid.put(m.key(), found);
        return found;
    }

    private boolean inside(Mounted m) {
        return m.onBase()
                ? m.on().equals(Mounted.INSIDE)
                : inside(plan.find(m.on()).orElseThrow());
    }

    /** What a piece is held by: what it lies on, or the opening it lies in or behind, if there is one. */
    private Envelope ground(Mounted m) {
        if (m.onBase()) {
            return baseBox();
        }
        Laid host = place(plan.find(m.on()).orElseThrow());
        Geometry windows = m.inOpening() ? host.windows() : GEOMETRY.createPolygon();
        return (windows.isEmpty() ? host.shape() : windows).getEnvelopeInternal();
    }

    private Holds axis(String on, Envelope ground, boolean across) {
        return new Holds(
                across ? ground.getWidth() : ground.getHeight(),
                key -> plan.find(key).filter(m -> m.ground().equals(on)).map(m -> held(m, across)));
    }

    private Holds.Held held(Mounted m, boolean across) {
        Envelope box = AffineTransformation.rotationInstance(m.quarterTurns() * Math.PI / 2)
                .transform(sheet(m).shape())
                .getEnvelopeInternal();
        return new Holds.Held(m.piece(), across ? m.across() : m.along(), across ? box.getWidth() : box.getHeight(), 0);
    }

    /** The closed card. */
    public Envelope baseBox() {
        return new Envelope(0, plan.base().widthMm(), 0, plan.base().heightMm());
    }

    /** The front of the closed card, with what is cut through it. */
    public Geometry baseShape() {
        return pieces.stream()
                .filter(p -> p.mounted().through() && !p.inside())
                .map(Laid::windows)
                .reduce(leafShape(), Geometry::difference);
    }

    /** What is cut out of what a piece lies on. */
    public Geometry openings(Laid piece) {
        return host(piece).map(Laid::windows).orElseGet(() -> leafShape().difference(baseShape()));
    }

    /** A leaf that nothing is cut out of. */
    Geometry leafShape() {
        return GEOMETRY.toGeometry(baseBox());
    }

    /** Everything, with what reaches over the edge. */
    public Envelope box() {
        Envelope all = baseBox();
        pieces.forEach(p -> all.expandToInclude(p.shape().getEnvelopeInternal()));
        return all;
    }

    /** What was worked out. */
    public CardPlan plan() {
        return plan;
    }

    /** The piece that the base is, if it is one of the job. */
    public Optional<Sheet> baseSheet() {
        return Optional.ofNullable(sheets.get(plan.base().piece()));
    }

    /** What the base is of. */
    public Stock baseStock() {
        return baseStock;
    }

    /** Pieces from the bottom up; those inside first. */
    public List<Laid> pieces() {
        return List.copyOf(pieces);
    }

    /** A piece by its key. */
    public Laid piece(String key) {
        return Optional.ofNullable(laid.get(key)).orElseThrow();
    }

    /** What a piece lies on; nothing where that is the base. */
    public Optional<Laid> host(Laid piece) {
        return piece.mounted().onBase()
                ? Optional.empty()
                : Optional.of(piece(piece.mounted().on()));
    }
}
