package glanzen.artwork;

import glanzen.measure.Checks;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * A raised design: one that Glanzen draws itself to fit a plate, or an outline from outside at its own size.
 *
 * @param kind which design
 * @param text the words, empty for the others
 * @param outline the shape of an {@link Kind#OUTLINE}, mm, as {@link PathText} writes it; empty for the others
 */
public record Motif(Kind kind, String text, String outline) {

    /** The designs. The last five are cutting lines of dies and lie along the edge of their plate. */
    public enum Kind {
        WORDS("words"),
        BEE("bee"),
        COMB("comb"),
        ROSETTE("rosette"),
        DRIP("drips"),
        BORDER("border"),
        SOLID("solid"),
        OUTLINE("outline from an SVG file"),
        FRAME("cutting line, rectangle"),
        OVAL("cutting line, oval"),
        HEXAGON("cutting line, hexagon"),
        SCALLOP("cutting line, scalloped"),
        TAG("cutting line, tag");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }

        /** Whether it is drawn as a cutting line already. */
        public boolean blade() {
            return this == FRAME || this == OVAL || this == HEXAGON || this == SCALLOP || this == TAG;
        }
    }

    private static final Envelope LARGEST = new Envelope(-1, SvgReader.LARGEST_MM + 1, -1, SvgReader.LARGEST_MM + 1);

    private static final int LONGEST = 40;
    private static final int LONGEST_OUTLINE = 600_000;

    public Motif {
        // Written before there were outlines, a motif says nothing of one.
        outline = outline == null ? "" : outline;
        new Checks()
                .present("motif.kind", kind, "one of the motifs")
                .present("motif.text", text, "words, or nothing")
                .done();
        new Checks()
                .holds(
                        kind != Kind.WORDS || !text.isBlank() && text.length() <= LONGEST,
                        "motif.text",
                        "is no line of words",
                        "1 to " + LONGEST + " letters")
                .holds(
                        kind != Kind.WORDS || Lettering.unknown(text).isEmpty(),
                        "motif.text",
                        "cannot be drawn: " + String.join(" ", Lettering.unknown(text)),
                        "Latin, Greek, Cyrillic, Armenian, Georgian or Hebrew letters; others as an outline from an SVG file")
                .holds(
                        kind != Kind.OUTLINE || !outline.isEmpty() && outline.length() <= LONGEST_OUTLINE,
                        "motif.outline",
                        "has no outline, or too long a one",
                        "an outline read from an SVG file")
                .done();
        if (kind == Kind.OUTLINE) {
            Envelope box = PathText.read("motif.outline", outline).getEnvelopeInternal();
            new Checks()
                    .holds(
                            LARGEST.contains(box),
                            "motif.outline",
                            "is too large, or lies far from its corner",
                            "up to " + SvgReader.LARGEST_MM + " mm a side, lower left at nought")
                    .done();
        }
    }

    /** A design without words. */
    public static Motif of(Kind kind) {
        return new Motif(kind, "", "");
    }

    /** Lettering. */
    public static Motif words(String text) {
        return new Motif(Kind.WORDS, text, "");
    }

    /**
     * How wide a plate of words has to be for them to be as large as its height lets them.
     *
     * @param heightMm height of the plate, mm
     */
    public double wideEnoughMm(double heightMm) {
        Envelope letters = Lettering.outline(text).getEnvelopeInternal();
        return heightMm * letters.getWidth() / letters.getHeight();
    }

    /** A shape from outside, mm. */
    public static Motif outlined(Geometry shape) {
        return new Motif(Kind.OUTLINE, "", PathText.write(shape));
    }
}
