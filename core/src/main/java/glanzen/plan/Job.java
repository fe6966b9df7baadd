package glanzen.plan;

import glanzen.card.Base.Size;
import glanzen.card.CardPlan;
import glanzen.card.Showing;
import glanzen.measure.Checks;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One card design, or a batch of it, from idea to finished cards.
 *
 * @param name what it is
 * @param cards how many
 * @param pieces its components, lowest first
 * @param card how they go together; nothing while nobody has thought of it
 */
public record Job(
        String name,
        int cards,
        List<JobPiece> pieces,
        @Nullable CardPlan card) {

    private static final int MOST = 30;

    public Job {
        new Checks()
                .name("name", name)
                .figure("cards", cards, 1, 1000, "cards")
                .present("pieces", pieces, "pieces, perhaps none")
                .done();
        new Checks().figure("pieces", pieces.size(), 0, MOST, "pieces").done();
        // What a job has no more cannot be mounted.
        card = card == null ? null : card.of(pieces.stream().map(JobPiece::name).collect(Collectors.toSet()));
        pieces = card == null ? List.copyOf(pieces) : following(pieces, card);
    }

    /** A job of which nobody has thought yet how its pieces go together. */
    public Job(String name, int cards, List<JobPiece> pieces) {
        this(name, cards, pieces, null);
    }

    /** The same put together in a way. */
    public Job mounting(@Nullable CardPlan changed) {
        return new Job(name, cards, pieces, changed);
    }

    /** A piece by its name. */
    public Optional<JobPiece> piece(String called) {
        return pieces.stream().filter(p -> p.name().equals(called)).findFirst();
    }

    /** Pieces take the sizes that the card gives them: the base its own, others what they leave to be seen. */
    private static List<JobPiece> following(List<JobPiece> pieces, CardPlan card) {
        if (card.adrift().isPresent()) {
            return List.copyOf(pieces);
        }
        Map<String, Size> sizes = new HashMap<>();
        pieces.forEach(p -> sizes.put(p.name(), new Size(p.widthMm(), p.heightMm())));
        Map<String, Size> given = new HashMap<>(Showing.sizes(card, sizes));
        given.put(
                card.base().piece(), new Size(card.base().widthMm(), card.base().heightMm()));
        return pieces.stream()
                .map(p -> given.containsKey(p.name()) ? p.sized(given.get(p.name())) : p)
                .toList();
    }
}
