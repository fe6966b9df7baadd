package glanzen.diagnosis;

import glanzen.inspect.Measures;
import glanzen.inspect.Reading;
import glanzen.inspect.Spot;
import glanzen.measure.Figures;
import glanzen.route.Standard;
import glanzen.transfer.Transfer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * What to do with this pull, by what is seen of it at arm's length.
 *
 * @param action what to do
 * @param steps how, in sentences that carry their quantities as marks
 */
public record Verdict(Action action, List<String> steps) {

    /** What may be done with a pull. */
    public enum Action {
        KEEP("Good"),
        MEND("Touch it up"),
        CUT_AROUND("Good once it is cut"),
        OVER_AGAIN("Pull again over it"),
        ELSEWHERE("Use it for something else"),
        REPEAT("Pull it again");

        private final String label;

        Action(String label) {
            this.label = label;
        }

        /** Whether this pull serves as it was meant. */
        public boolean keeps() {
            return this == KEEP || this == MEND || this == CUT_AROUND;
        }

        /** Whether nothing is left to be wished for of what stays. */
        public boolean good() {
            return this == KEEP || this == CUT_AROUND;
        }

        /** In a word. */
        public String label() {
            return label;
        }
    }

    /** The smallest bare place that is seen from arm's length where foil and stock are black on white, mm². */
    private static final double SEEN_MM2 = 0.12;
    /** Difference in colour of black on white. */
    private static final double MOST_CONTRAST = 100;

    private static final double LEAST_CONTRAST = 8;
    /** Less than this and there is too much to fill. */
    private static final double TAKES_AGAIN = 0.5;

    private static final double MOST_HELD = 0.75;

    public Verdict {
        steps = List.copyOf(steps);
    }

    /**
     * @param whole over all of the design
     * @param stays over what is left after cutting
     * @param standard what counts as good
     * @param difference of foil and stock, CIEDE2000
     */
    public static Verdict of(Measures whole, Measures stays, Standard standard, double difference) {
        double contrast = contrast(difference);
        Judged judged = new Judged(stays, standard, contrast);
        if (judged.good()) {
            boolean cutAway = !new Judged(whole, standard, contrast).good();
            return new Verdict(cutAway ? Action.CUT_AROUND : Action.KEEP, kept(judged, cutAway));
        }
        if (judged.mendable()) {
            return new Verdict(Action.MEND, mended(judged));
        }
        double covered = stays.coverage().value();
        if (!judged.over() && !stays.ghosted() && covered >= TAKES_AGAIN) {
            return new Verdict(
                    Action.OVER_AGAIN,
                    List.of(
                            "Foil takes on foil: lay the plate into its own dent, fresh foil over it, and pull again.",
                            "It must lie within " + Figures.length(Transfer.VISIBLE_SPILL_MM)
                                    + " of where it was, or a second edge shows."));
        }
        boolean part = covered >= MOST_HELD && !stays.ghosted();
        return part
                ? new Verdict(
                        Action.ELSEWHERE,
                        List.of(
                                "Most of it is good: cut out what is, and keep it for a smaller piece.",
                                "Pull another."))
                : new Verdict(Action.REPEAT, List.of("Pull another; what is wrong cannot be rubbed out or filled."));
    }

    /**
     * What must be cut away for the rest to be good, in the frame of the spots; nothing where that is not all that is wrong.
     *
     * @param difference of foil and stock, CIEDE2000
     */
    public static Optional<Geometry> faults(Measures whole, Standard standard, double difference) {
        Judged judged = new Judged(whole, standard, contrast(difference));
        boolean everywhere = judged.past() || whole.ghosted() || whole.spots().size() >= Measures.MOST_SPOTS;
        List<Geometry> circles = Stream.concat(judged.bare.stream(), judged.over.stream())
                .map(s -> new GeometryFactory()
                        .createPoint(new Coordinate(s.xMm(), s.yMm()))
                        .buffer(s.longMm() / 2))
                .toList();
        return everywhere || circles.isEmpty() ? Optional.empty() : Optional.of(UnaryUnionOp.union(circles));
    }

    /**
     * The same with how to register it where more is pulled over it and it lies elsewhere than it was laid out.
     *
     * @param place where it came to lie, in the frame a person sees
     */
    public Verdict registered(Reading.Place place) {
        if (action != Action.OVER_AGAIN || !place.astray()) {
            return this;
        }
        List<String> told = new ArrayList<>(steps);
        told.add("Go by the foil, not by the layout: the design is " + place.says() + ".");
        return new Verdict(action, told);
    }

    /**
     * The same once a die is found that leaves what is wrong outside.
     *
     * @param middle of the design, in the frame of the rescue
     */
    public Verdict rescued(Rescue rescue, Coordinate middle) {
        String die = rescue.number() == 0
                ? rescue.die().name()
                : "no. %d of %s, %s"
                        .formatted(
                                rescue.number(),
                                rescue.die().set(),
                                rescue.die().name());
        List<String> changed = new ArrayList<>();
        if (rescue.whole()) {
            changed.add("Cut it with " + die + aside(rescue, middle) + ": what is wrong stays outside.");
        } else {
            changed.add("Cut it with %s%s: that keeps %.0f %% of the design, and what is wrong stays outside."
                    .formatted(die, aside(rescue, middle), 100 * rescue.kept()));
        }
        steps.stream()
                .skip(action == Action.ELSEWHERE ? 1 : 0)
                .map(s -> "Or: " + s)
                .forEach(changed::add);
        return new Verdict(rescue.whole() ? Action.CUT_AROUND : Action.ELSEWHERE, changed);
    }

    private static String aside(Rescue rescue, Coordinate middle) {
        List<String> parts = new ArrayList<>();
        double right = rescue.middle().x - middle.x;
        double up = rescue.middle().y - middle.y;
        if (Math.abs(right) >= 1) {
            parts.add(Figures.length(Math.abs(right)) + (right > 0 ? " right" : " left"));
        }
        if (Math.abs(up) >= 1) {
            parts.add(Figures.length(Math.abs(up)) + (up > 0 ? " above" : " below"));
        }
        return parts.isEmpty()
                ? ", centred on the design"
                : ", its middle " + String.join(" and ", parts) + " of the design’s";
    }

    private static double contrast(double difference) {
        return Math.max(LEAST_CONTRAST, Math.min(MOST_CONTRAST, difference)) / MOST_CONTRAST;
    }

    private static List<String> kept(Judged judged, boolean cutAway) {
        List<String> steps = new ArrayList<>();
        if (cutAway) {
            steps.add("What is wrong lies outside the cut and is cut away.");
        }
        judged.largestBare()
                .ifPresent(s -> steps.add("Leave it: a bare place " + Figures.length(s.longMm())
                        + " across is hardly seen from arm's length."));
        return steps;
    }

    private static List<String> mended(Judged judged) {
        List<String> steps = new ArrayList<>();
        if (judged.past()) {
            steps.add("Rub along the edge with a soft eraser, away from the design: foil goes "
                    + Figures.length(judged.measures.spillMm().value()) + " past it.");
        }
        judged.over.forEach(s -> steps.add("Rub out a fleck " + Figures.length(s.longMm()) + " across, "
                + Figures.length(s.edgeMm()) + " from the edge."));
        return steps;
    }

    /** Measures held against a standard, as the eye holds them. */
    private static final class Judged {
        private final Measures measures;
        private final Standard standard;
        private final List<Spot> bare;
        private final List<Spot> over;

        Judged(Measures measures, Standard standard, double contrast) {
            this.measures = measures;
            this.standard = standard;
            double seen = SEEN_MM2 / contrast;
            this.bare = measures.spots().stream()
                    .filter(s -> s.stays() && s.kind() == Spot.Kind.BARE && s.areaMm2() > 4 * seen)
                    .toList();
            this.over = measures.spots().stream()
                    .filter(s -> s.stays() && s.kind() == Spot.Kind.OVER && s.areaMm2() > seen)
                    .toList();
        }

        boolean past() {
            return standard.over(measures.spillMm().value());
        }

        boolean over() {
            return past() || !over.isEmpty() && standard.edgeShows();
        }

        boolean full() {
            return !standard.under(measures.coverage().value()) && bare.isEmpty();
        }

        boolean good() {
            return full() && !over() && !measures.ghosted();
        }

        boolean mendable() {
            return full() && !measures.ghosted() && measures.spillMm().value() <= Transfer.ERASABLE_SPILL_MM;
        }

        Optional<Spot> largestBare() {
            return measures.spots().stream()
                    .filter(s -> s.stays() && s.kind() == Spot.Kind.BARE)
                    .findFirst();
        }
    }
}
