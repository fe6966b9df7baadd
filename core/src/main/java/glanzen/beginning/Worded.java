package glanzen.beginning;

import glanzen.artwork.Motif;
import glanzen.kit.Plate;
import org.jspecify.annotations.Nullable;

/** A plate of words that says what its owner's says. */
public final class Worded {

    private static final double LONGEST_MM = 140;

    private Worded() {}

    /**
     * The plate with other words, as wide as they ask for; anything else than a plate of words as it is.
     *
     * @param words what it says; nothing leaves it as it is
     */
    public static Plate plate(Plate plate, @Nullable String words) {
        if (plate.motif().kind() != Motif.Kind.WORDS || words == null || words.isBlank()) {
            return plate;
        }
        Motif motif = Motif.words(words.trim());
        double wide = Math.max(plate.heightMm(), motif.wideEnoughMm(plate.heightMm()));
        double fits = Math.min(1, LONGEST_MM / wide);
        return new Plate(
                plate.id(),
                words.trim(),
                plate.kind(),
                plate.material(),
                plate.thicknessMm(),
                Math.round(wide * fits),
                Math.round(plate.heightMm() * fits),
                motif,
                plate.set());
    }
}
