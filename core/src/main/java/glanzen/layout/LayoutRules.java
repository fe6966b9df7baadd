package glanzen.layout;

import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import glanzen.layout.PlacementConstraint.Kind;
import glanzen.measure.Figures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;

/** Whether what is laid out fits piece, platform, throat and tape, and reads the right way. */
public final class LayoutRules {

    /** Between two plates less than this leaves no room for tape, mm. */
    public static final double TAPE_MM = 6;
    /** Nearer to the throat's middle than this share of its half, rollers press clearly less. */
    private static final double WEAK_SHARE = 0.35;

    /** What is moved onto a piece keeps so far from its edge, mm. */
    private static final double EDGE_MM = 3;

    private static final double SAME_THICKNESS_MM = 0.05;
    private static final double SMALL_CM2 = 25;
    /** Rollers that give less than this press alike everywhere, for what a hand can see. */
    private static final double GIVING_CROWN = 0.05;

    private final Arrangement arrangement;
    private final Layout layout;
    private final Platform platform;
    private final Press press;
    private final OnPlatform on;
    private final Envelope ground;

    private LayoutRules(Arrangement arrangement, Platform platform, Press press) {
        this.arrangement = arrangement;
        this.layout = arrangement.layout();
        this.platform = platform;
        this.press = press;
        this.on = new OnPlatform(layout);
        this.ground = new Envelope(
                -platform.widthMm() / 2, platform.widthMm() / 2, -platform.heightMm() / 2, platform.heightMm() / 2);
    }

    /**
     * Everything there is to say, what stops it first.
     *
     * @param stock kind of stock, since ribbon has rules of its own
     */
    public static List<Finding<Layout>> check(
            Arrangement arrangement, Platform platform, Press press, Stock.Kind stock) {
        LayoutRules rules = new LayoutRules(arrangement, platform, press);
        List<Finding<Layout>> found = new ArrayList<>();
        rules.throat(found);
        for (PositionedPlate lying : arrangement.plates()) {
            rules.onPiece(lying, stock, found);
            rules.onPlatform(lying, found);
        }
        rules.weakMiddle(found);
        rules.pairs(found);
        if (stock == Stock.Kind.RIBBON) {
            RibbonReading.check(arrangement, found);
        }
        found.sort(Comparator.comparing(Finding::weight));
        return found;
    }

    private void throat(List<Finding<Layout>> found) {
        double across = cutAcross(on);
        if (across <= press.throatMm()) {
            return;
        }
        Layout turned = layout.withBed(layout.bed().turned());
        boolean helps = cutAcross(new OnPlatform(turned)) <= press.throatMm();
        found.add(new Finding<>(
                RuleId.PIECE_WIDE,
                Concern.WHOLE,
                "The piece is " + Figures.length(across) + " wide across the feed",
                "The throat of " + press.name() + " takes " + Figures.length(press.throatMm()),
                helps ? new Mend<>("Turn it a quarter", turned) : null));
    }

    private double cutAcross(OnPlatform where) {
        return where.feedWidthMm() + 2 * layout.piece().trimMm();
    }

    private void onPiece(PositionedPlate lying, Stock.Kind stock, List<Finding<Layout>> found) {
        double beyond = Envelopes.beyondMm(lying.designBox(), arrangement.pieceBox());
        if (beyond > 0.01) {
            boolean bleeds = beyond <= layout.piece().trimMm();
            found.add(new Finding<>(
                    bleeds ? RuleId.RUNS_OFF : RuleId.OFF_PIECE,
                    Concern.plates(keys(lying)),
                    lying.placed().plate().name() + " runs " + Figures.length(beyond) + " past the edge of the piece",
                    bleeds
                            ? "The piece is cut "
                                    + Figures.length(layout.piece().trimMm())
                                    + " larger all round, so it can be trimmed to a clean edge"
                            : "What lies past the edge is not on the card",
                    bleeds ? null : within(lying)));
        }
    }

    /** The shortest way onto the piece, or its middle, whichever brings it onto no other plate. */
    private @Nullable Mend<Layout> within(PositionedPlate lying) {
        Envelope design = lying.designBox();
        Envelope piece = arrangement.pieceBox();
        if (design.getWidth() > piece.getWidth() || design.getHeight() > piece.getHeight()) {
            return null;
        }
        PlacementConstraint across = inside(
                design.getMinX() - piece.getMinX(),
                piece.getMaxX() - design.getMaxX(),
                lying.placed().across());
        PlacementConstraint along = inside(
                design.getMinY() - piece.getMinY(),
                piece.getMaxY() - design.getMaxY(),
                lying.placed().along());
        return Stream.of(
                        new Mend<>("Move it onto the piece", held(lying, across, along)),
                        new Mend<>("Centre it", held(lying, PlacementConstraint.CENTRED, PlacementConstraint.CENTRED)))
                .filter(mend -> overlaps(arrangement.of(mend.mended())) <= overlaps(arrangement))
                .findFirst()
                .orElse(null);
    }

    private Layout held(PositionedPlate lying, PlacementConstraint across, PlacementConstraint along) {
        return layout.each(p -> p.key().equals(lying.placed().key()) ? p.held(across, along) : p);
    }

    /** Where something lies past an edge, at that edge; else as it is held. */
    private static PlacementConstraint inside(double lowMm, double highMm, PlacementConstraint held) {
        double edge = PlacementConstraint.rounded(Math.min(EDGE_MM, (lowMm + highMm) / 2));
        return lowMm < 0
                ? PlacementConstraint.at(Kind.FROM_LOW, edge)
                : highMm < 0 ? PlacementConstraint.at(Kind.FROM_HIGH, edge) : held;
    }

    private static long overlaps(Arrangement lying) {
        List<PositionedPlate> plates = lying.plates();
        return IntStream.range(0, plates.size())
                .mapToLong(i -> plates.subList(i + 1, plates.size()).stream()
                        .filter(other -> overlap(plates.get(i), other))
                        .count())
                .sum();
    }

    private static boolean overlap(PositionedPlate one, PositionedPlate other) {
        return Envelopes.gapMm(one.plateBox(), other.plateBox()) < -0.01;
    }

    private void onPlatform(PositionedPlate lying, List<Finding<Layout>> found) {
        double beyond = Envelopes.beyondMm(on.platform(lying.plateBox()), ground);
        if (beyond > 0.01) {
            found.add(new Finding<>(
                    RuleId.OVERHANG,
                    Concern.plates(keys(lying)),
                    lying.placed().plate().name() + " hangs " + Figures.length(beyond) + " over the platform",
                    "What hangs over stays cold and is not foiled",
                    ontoPlatform()));
        }
    }

    /** The bed moved or turned so that every plate lies on the platform and the piece still goes through, if that can be. */
    private @Nullable Mend<Layout> ontoPlatform() {
        for (int turn = 0; turn < 2; turn++) {
            PlatformPose bed = turn == 0 ? layout.bed() : layout.bed().turned();
            OnPlatform tried = new OnPlatform(layout.withBed(bed));
            Envelope all = new Envelope();
            arrangement.plates().forEach(l -> all.expandToInclude(tried.platform(l.plateBox())));
            boolean passes = cutAcross(tried) <= Math.max(press.throatMm(), cutAcross(on));
            if (passes && all.getWidth() <= ground.getWidth() && all.getHeight() <= ground.getHeight()) {
                PlatformPose moved = bed.moved(
                        inward(all.getMinX(), all.getMaxX(), ground.getMaxX()),
                        inward(all.getMinY(), all.getMaxY(), ground.getMaxY()));
                return new Mend<>(turn == 0 ? "Move the piece" : "Turn it a quarter", layout.withBed(moved));
            }
        }
        return null;
    }

    private static double inward(double low, double high, double half) {
        return high > half ? half - high : low < -half ? -half - low : 0;
    }

    /** How far to either side of the throat's middle a press clearly presses less, mm; 0 where it does not. */
    public static double weakWithinMm(Press press) {
        return press.crown() < GIVING_CROWN ? 0 : WEAK_SHARE * press.throatMm() / 2;
    }

    private void weakMiddle(List<Finding<Layout>> found) {
        List<PositionedPlate> weak =
                arrangement.plates().stream().filter(this::inWeakMiddle).toList();
        if (weak.isEmpty()) {
            return;
        }
        String names = String.join(
                " and ", weak.stream().map(l -> l.placed().plate().name()).toList());
        found.add(new Finding<>(
                RuleId.WEAK_MIDDLE,
                Concern.plates(weak.stream().map(l -> l.placed().key()).toList()),
                names + (weak.size() == 1 ? " lies" : " lie") + " in the weak middle of the rollers",
                press.name() + " presses less there than at its sides; small designs are happier off it",
                aside()));
    }

    private boolean inWeakMiddle(PositionedPlate lying) {
        Plate plate = lying.placed().plate();
        Envelope box = on.platform(lying.designBox());
        double furthest = Math.max(Math.abs(box.getMinX()), Math.abs(box.getMaxX()));
        return plate.areaCm2() <= SMALL_CM2 && plate.kind() != Plate.Kind.SOLID_PLATE && furthest < weakWithinMm(press);
    }

    /** The piece moved sideways as far as plates and sheet allow. */
    private @Nullable Mend<Layout> aside() {
        Envelope plates = new Envelope();
        arrangement.plates().forEach(l -> plates.expandToInclude(on.platform(l.plateBox())));
        double room = ground.getMaxX() - plates.getMaxX();
        double sheet = press.throatMm() / 2 - (layout.bed().rightMm() + cutAcross(on) / 2);
        double by = Math.min(room, sheet);
        if (by < 8) {
            return null;
        }
        return new Mend<>(
                "Lay it " + Figures.length(Math.floor(by)) + " to the right",
                layout.withBed(layout.bed().moved(Math.floor(by), 0)));
    }

    private void pairs(List<Finding<Layout>> found) {
        List<PositionedPlate> plates = arrangement.plates();
        for (int i = 0; i < plates.size(); i++) {
            for (int j = i + 1; j < plates.size(); j++) {
                pair(plates.get(i), plates.get(j), found);
            }
        }
    }

    private void pair(PositionedPlate one, PositionedPlate other, List<Finding<Layout>> found) {
        List<String> keys = List.of(one.placed().key(), other.placed().key());
        String names =
                one.placed().plate().name() + " and " + other.placed().plate().name();
        double gap = Envelopes.gapMm(one.plateBox(), other.plateBox());
        if (overlap(one, other)) {
            found.add(new Finding<>(
                    RuleId.PLATES_OVERLAP,
                    Concern.plates(keys),
                    names + " lie on each other",
                    "Metal on metal takes no foil and dents plates; they overlap by " + Figures.length(-gap),
                    null));
        } else if (gap < TAPE_MM && layout.method() != Fixing.LOOSE) {
            found.add(new Finding<>(
                    RuleId.TAPE_ROOM,
                    Concern.plates(keys),
                    names + " are " + Figures.length(gap) + " apart",
                    "Tape between them wants " + Figures.length(TAPE_MM) + "; or tape both from outside",
                    null));
        }
        double step = Math.abs(
                one.placed().plate().thicknessMm() - other.placed().plate().thicknessMm());
        if (step > SAME_THICKNESS_MM) {
            found.add(new Finding<>(
                    RuleId.THICKNESS_DIFFERS,
                    Concern.plates(keys),
                    names + " differ in thickness by " + Figures.length(step),
                    "Under one roller the thicker takes all the pressure; pull them one after the other",
                    null));
        }
    }

    private static List<String> keys(PositionedPlate lying) {
        return List.of(lying.placed().key());
    }
}
