package glanzen.card;

import glanzen.measure.Checks;
import java.util.List;

/**
 * What a card is sent in.
 *
 * @param name what the person calls it
 * @param widthMm inner width, mm
 * @param heightMm inner height, mm
 * @param takesMm thickest card it takes, mm
 */
public record Envelope(String name, double widthMm, double heightMm, double takesMm) {

    /** Most post wants a letter thinner than this, mm. */
    private static final double POST_MM = 5;

    /** Usual sizes (ISO 269), and square ones. */
    public static final List<Envelope> USUAL = List.of(
            new Envelope("C6", 162, 114, POST_MM),
            new Envelope("C5", 229, 162, POST_MM),
            new Envelope("DL", 220, 110, POST_MM),
            new Envelope("C7", 114, 81, POST_MM),
            new Envelope("C4", 324, 229, POST_MM),
            new Envelope("square 155", 155, 155, POST_MM),
            new Envelope("square 170", 170, 170, POST_MM));

    /** Room that a card wants on each side so that it slides in, mm. */
    public static final double ROOM_MM = 2;

    public Envelope {
        new Checks()
                .name("envelope.name", name)
                .lengthMm("envelope.widthMm", widthMm, 20, 500)
                .lengthMm("envelope.heightMm", heightMm, 20, 500)
                .lengthMm("envelope.takesMm", takesMm, 0.5, 60)
                .done();
    }

    /** Whether a card goes in, whichever way round. */
    public boolean holds(double cardWidthMm, double cardHeightMm) {
        double wide = Math.max(widthMm, heightMm) - ROOM_MM;
        double high = Math.min(widthMm, heightMm) - ROOM_MM;
        return Math.max(cardWidthMm, cardHeightMm) <= wide && Math.min(cardWidthMm, cardHeightMm) <= high;
    }
}
