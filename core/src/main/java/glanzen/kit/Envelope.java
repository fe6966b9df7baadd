package glanzen.kit;

import glanzen.measure.Checks;
import java.util.List;

/**
 * What a card is sent in.
 *
 * @param id key within the kit; empty for a usual one that is not of the kit
 * @param name what the person calls it
 * @param widthMm inner width, mm
 * @param heightMm inner height, mm
 * @param takesMm thickest card it takes, mm
 */
public record Envelope(String id, String name, double widthMm, double heightMm, double takesMm) {

    /** Most post wants a letter thinner than this, mm. */
    private static final double POST_MM = 5;

    /** Usual sizes (ISO 269), and square ones. */
    public static final List<Envelope> USUAL = List.of(
            usual("C6", 162, 114),
            usual("C5", 229, 162),
            usual("DL", 220, 110),
            usual("C7", 114, 81),
            usual("C4", 324, 229),
            usual("square 155", 155, 155),
            usual("square 170", 170, 170));

    /** Room that a card wants on each side so that it slides in, mm. */
    public static final double ROOM_MM = 2;

    public Envelope {
        id = id == null ? "" : id;
        new Checks()
                .name("name", name)
                .lengthMm("widthMm", widthMm, 20, 500)
                .lengthMm("heightMm", heightMm, 20, 500)
                .lengthMm("takesMm", takesMm, 0.5, 60)
                .done();
    }

    private static Envelope usual(String name, double widthMm, double heightMm) {
        return new Envelope("", name, widthMm, heightMm, POST_MM);
    }

    /** Whether a card goes in, whichever way round. */
    public boolean holds(double cardWidthMm, double cardHeightMm) {
        double wide = Math.max(widthMm, heightMm) - ROOM_MM;
        double high = Math.min(widthMm, heightMm) - ROOM_MM;
        return Math.max(cardWidthMm, cardHeightMm) <= wide && Math.min(cardWidthMm, cardHeightMm) <= high;
    }
}
