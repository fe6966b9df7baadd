package glanzen.plan;

import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Way;
import glanzen.kit.Envelope;
import glanzen.measure.BadInput;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A first way of putting the pieces of a job together, to be changed: what is folded is the base, the rest lies on it as it stands. */
public final class FirstCard {

    private static final String INSIDE_PANEL = "Inside panel";
    /** So much of the base shows round a panel inside, mm. */
    private static final double INSIDE_SHOWS_MM = 6;

    private FirstCard() {}

    /**
     * @param stockId of a base, where no piece is one
     * @param own envelopes of the kit; a usual one is taken where none of them holds it
     */
    public static CardPlan of(Job job, String stockId, List<Envelope> own) {
        Optional<JobPiece> folded = job.pieces().stream()
                .filter(p -> p.operations().stream().anyMatch(o -> o.kind() == Operation.Kind.FOLD))
                .findFirst();
        Base base = folded.map(
                        p -> new Base(p.widthMm(), p.heightMm(), Fold.LEFT, p.stockId(), Grain.UNKNOWN, p.name()))
                .orElseGet(() -> around(job, stockId));
        List<Mounted> mounted = job.pieces().stream()
                .filter(p -> !p.name().equals(base.piece()))
                .flatMap(p -> IntStream.range(0, p.perCard()).mapToObj(n -> mounted(p.name(), n)))
                .limit(CardPlan.MOST)
                .toList();
        Envelope envelope =
                smallest(own, base).or(() -> smallest(Envelope.USUAL, base)).orElse(null);
        return new CardPlan(base, envelope, mounted);
    }

    /**
     * A job with one more piece: a plain panel inside its card, to write on.
     *
     * @param stockId what it is cut from
     * @throws BadInput if its card has no inside
     */
    public static Job insidePanel(Job job, String stockId) {
        CardPlan card = job.card();
        if (card == null || !card.base().fold().opens()) {
            throw new BadInput("card.base.fold", "has no inside", "a card that opens");
        }
        String name = card.freeKey(INSIDE_PANEL);
        List<JobPiece> pieces = new ArrayList<>(job.pieces());
        pieces.add(new JobPiece(
                name, stockId, 1, card.base().widthMm(), card.base().heightMm(), List.of()));
        List<Mounted> mounted = new ArrayList<>(card.mounted());
        mounted.add(Mounted.centred(name, Mounted.INSIDE, Way.FLAT, 0).showing(INSIDE_SHOWS_MM));
        return new Job(job.name(), job.cards(), pieces, new CardPlan(card.base(), card.envelope(), mounted));
    }

    private static Optional<Envelope> smallest(List<Envelope> all, Base base) {
        return all.stream()
                .filter(e -> e.holds(base.widthMm(), base.heightMm()))
                .min(Comparator.comparingDouble(e -> e.widthMm() * e.heightMm()));
    }

    /** Large enough for the largest piece. */
    private static Base around(Job job, String stockId) {
        double width =
                job.pieces().stream().mapToDouble(JobPiece::widthMm).max().orElse(105);
        double height =
                job.pieces().stream().mapToDouble(JobPiece::heightMm).max().orElse(148);
        return new Base(
                Math.max(Base.LEAST_MM, width), Math.max(Base.LEAST_MM, height), Fold.LEFT, stockId, Grain.UNKNOWN, "");
    }

    private static Mounted mounted(String piece, int n) {
        Mounted first = Mounted.centred(piece, Mounted.FRONT, Way.FLAT, 0);
        return n == 0 ? first : first.called(piece + " " + (n + 1));
    }
}
