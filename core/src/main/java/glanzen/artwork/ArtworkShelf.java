package glanzen.artwork;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** Keeps drawn artwork, since drawing takes longer than a forecast. Safe for many threads. */
public final class ArtworkShelf {

    private static final int MOST_KEPT = 200;

    private record Drawn(Motif motif, double widthMm, double heightMm) {}

    private final Map<Object, Artwork> kept = new ConcurrentHashMap<>();

    /** The artwork of a motif on a plate of a size in mm. */
    public Artwork of(Motif motif, double widthMm, double heightMm) {
        return of(new Drawn(motif, widthMm, heightMm), () -> Artwork.of(motif, widthMm, heightMm));
    }

    /**
     * An artwork by any key that says all of it.
     *
     * @param drawn draws it if it is not here yet
     */
    public Artwork of(Object key, Supplier<Artwork> drawn) {
        Artwork found = kept.get(key);
        if (found == null) {
            if (kept.size() > MOST_KEPT) {
                kept.clear();
            }
            found = drawn.get();
            kept.put(key, found);
        }
        return found;
    }
}
