package glanzen.artwork;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Keeps drawn artwork, since drawing takes longer than a forecast. Safe for many threads. */
public final class ArtworkShelf {

    private static final int MOST_KEPT = 200;

    private record Drawn(Motif motif, double widthMm, double heightMm) {}

    private final Map<Drawn, Artwork> kept = new ConcurrentHashMap<>();

    /** The artwork of a motif on a plate of a size in mm. */
    public Artwork of(Motif motif, double widthMm, double heightMm) {
        if (kept.size() > MOST_KEPT) {
            kept.clear();
        }
        return kept.computeIfAbsent(
                new Drawn(motif, widthMm, heightMm), d -> Artwork.of(d.motif, d.widthMm, d.heightMm));
    }
}
