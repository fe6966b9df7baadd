package glanzen.gluing;

import glanzen.card.Assembly;
import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.card.Heights;
import glanzen.card.Laid;
import glanzen.card.Sheet;
import glanzen.card.Sight;
import glanzen.card.Way;
import glanzen.finding.Finding;
import glanzen.gluing.Building.CardStep;
import glanzen.kit.Envelope;
import glanzen.kit.Offcut;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Everything there is to say of a card before it is glued. */
public final class CardLook {

    private final Assembly assembly;
    private final FoamShelf foams;
    private final List<Envelope> envelopes;
    private final Heights heights;
    /** Worked out where somebody looks: two who look at once work out the same. */
    private volatile @Nullable Sight sight;

    private final Parts parts;

    /**
     * What joins the pieces, by their keys.
     *
     * @param foam under what is raised
     * @param joints of every piece
     * @param shakers of what has something to shake
     */
    public record Parts(Map<String, Foam> foam, Map<String, Joint> joints, Map<String, Shaker> shakers) {}

    /**
     * @param foams what pieces can be raised on
     * @param envelopes of the kit
     */
    public CardLook(Assembly assembly, FoamShelf foams, List<Envelope> envelopes) {
        this.envelopes = List.copyOf(envelopes);
        this.assembly = assembly;
        this.foams = foams;
        this.heights = new Heights(assembly);
        this.parts = parts();
    }

    private Parts parts() {
        Map<String, Foam> foam = new LinkedHashMap<>();
        Map<String, Joint> joints = new LinkedHashMap<>();
        Map<String, Shaker> shakers = new LinkedHashMap<>();
        Map<Boolean, Geometry> carrying =
                new HashMap<>(Map.of(true, assembly.baseShape(), false, assembly.baseShape()));
        for (Laid piece : assembly.pieces()) {
            // Where foam under it stands on something: all that lies below it.
            Geometry below = Objects.requireNonNull(carrying.get(piece.inside()));
            Geometry ground = piece.mounted().way() == Way.INTO_OPENING
                    ? below
                    : assembly.host(piece).map(Laid::shape).orElse(assembly.baseShape());
            if (piece.mounted().foamMm() > 0) {
                foam.put(piece.key(), Foam.under(piece, below));
            }
            joints.put(piece.key(), Joint.of(assembly, piece, ground, laid(piece, true), laid(piece, false)));
            if (piece.mounted().fillingMm() > 0) {
                shakers.put(piece.key(), shaker(piece, foam.get(piece.key())));
            }
            if (!below.covers(piece.shape())) {
                carrying.put(piece.inside(), below.union(piece.shape()));
            }
        }
        return new Parts(foam, joints, shakers);
    }

    private static Shaker shaker(Laid piece, @Nullable Foam foam) {
        double wall = foam == null ? 0 : foam.heightMm();
        Geometry room = piece.windows().buffer(Foam.INSIDE_MM);
        boolean closed = foam != null
                && foam.wall()
                && foam.pads().stream().anyMatch(pad -> !Sheet.windowsOf(pad).isEmpty());
        return new Shaker(wall, piece.mounted().fillingMm(), room.getArea() * wall / 1000, closed);
    }

    /** What is laid on the piece that another lies on. */
    private Geometry laid(Laid piece, boolean foil) {
        Geometry none = new GeometryFactory().createPolygon();
        return assembly.host(piece)
                .map(h -> h.sheet().decor().stream()
                        .filter(d -> foil ? Joint.foil(d) : d.flock())
                        .map(d -> h.placing().transform(d.shape()))
                        .reduce(none, Geometry::union))
                .orElse(none);
    }

    /** The card worked out. */
    public Assembly assembly() {
        return assembly;
    }

    /** What pieces can be raised on. */
    public FoamShelf foams() {
        return foams;
    }

    /** Envelopes of the kit. */
    List<Envelope> envelopes() {
        return envelopes;
    }

    /** How high it stands. */
    public Heights heights() {
        return heights;
    }

    /** What is seen of it. */
    public Sight sight() {
        Sight known = sight;
        if (known == null) {
            known = new Sight(assembly, heights);
            sight = known;
        }
        return known;
    }

    /** What joins it. */
    public Parts joined() {
        return parts;
    }

    /** How thick it is, and what it goes into. */
    public String says() {
        String thick = assembly.pieces().size() + (assembly.pieces().size() == 1 ? " piece, " : " pieces, ")
                + Figures.length(heights.thickestMm()) + " at its thickest";
        Envelope envelope = assembly.plan().envelope();
        return envelope == null
                ? thick
                : thick + "; " + envelope.name() + " takes " + Figures.length(envelope.takesMm());
    }

    /** How a piece is held: its foam, or its glue. */
    public String holds(Laid piece) {
        Foam foam = parts.foam().get(piece.key());
        return foam != null ? foam.says(foams) : parts.joints().get(piece.key()).says();
    }

    /** The closed card cut through along a line. */
    public List<Heights.Stretch> cutThrough(CutLine line) {
        Map<String, Geometry> foam = new LinkedHashMap<>();
        parts.foam().forEach((key, f) -> foam.put(key, f.shape()));
        return heights.cutThrough(line, foam);
    }

    /** The order of the hands. */
    public List<CardStep> steps() {
        return Building.of(this);
    }

    /** What falls out of its windows, to be kept for another card. */
    public List<Offcut> fallsOut(int cards) {
        List<Offcut> all = new ArrayList<>();
        for (Laid p : assembly.pieces()) {
            add(all, p.name(), p.sheet().stock(), p.sheet().windows(), cards);
            if (p.mounted().through()) {
                add(all, "the base", assembly.baseStock(), p.sheet().windows(), cards);
            }
        }
        return all;
    }

    private static void add(List<Offcut> all, String of, Stock stock, Geometry windows, int cards) {
        for (int n = 0; n < windows.getNumGeometries() && !windows.isEmpty(); n++) {
            all.add(Offcut.fallen("window of " + of, stock.id(), windows.getGeometryN(n), cards));
        }
    }

    /** What will not work, worst first. */
    public List<Finding<CardPlan>> findings() {
        return CardRules.check(this);
    }

    /** What practised eyes would try. */
    public List<Ideas.Idea> ideas() {
        return Ideas.of(this);
    }

    /** Foam of a job by thickness, cut from sheets. */
    public List<FoamCut> foamCuts(int cards) {
        return FoamCut.of(List.copyOf(parts.foam().values()), cards, foams);
    }
}
