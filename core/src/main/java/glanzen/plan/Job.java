package glanzen.plan;

import glanzen.measure.Checks;
import java.util.List;

/**
 * One card design, or a batch of it, from idea to finished cards.
 *
 * @param name what it is
 * @param cards how many
 * @param pieces its components, lowest first
 */
public record Job(String name, int cards, List<JobPiece> pieces) {

    private static final int MOST = 30;

    public Job {
        new Checks()
                .name("name", name)
                .figure("cards", cards, 1, 1000, "cards")
                .present("pieces", pieces, "pieces, perhaps none")
                .done();
        new Checks().figure("pieces", pieces.size(), 0, MOST, "pieces").done();
        pieces = List.copyOf(pieces);
    }
}
