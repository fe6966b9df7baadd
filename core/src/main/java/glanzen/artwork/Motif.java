package glanzen.artwork;

import glanzen.measure.Checks;

/**
 * A raised design that Glanzen can draw itself.
 *
 * @param kind which design
 * @param text the words, empty for the others
 */
public record Motif(Kind kind, String text) {

    /** The designs. */
    public enum Kind {
        BEE,
        COMB,
        WORDS,
        ROSETTE,
        BORDER,
        SOLID
    }

    private static final int LONGEST = 40;

    public Motif {
        new Checks()
                .present("motif.kind", kind, "one of the motifs")
                .present("motif.text", text, "words, or nothing")
                .done();
        new Checks()
                .holds(
                        kind != Kind.WORDS || !text.isBlank() && text.length() <= LONGEST && Lettering.covers(text),
                        "motif.text",
                        "cannot be lettered",
                        "1 to " + LONGEST + " plain letters, digits, spaces and & ' - . ,")
                .done();
    }

    /** A design without words. */
    public static Motif of(Kind kind) {
        return new Motif(kind, "");
    }

    /** Lettering. */
    public static Motif words(String text) {
        return new Motif(Kind.WORDS, text);
    }
}
