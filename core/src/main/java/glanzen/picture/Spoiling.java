package glanzen.picture;

/** What spoils a pull apart from its set-up: some of what is given does not arrive, or what came out is taken off again. */
public interface Spoiling {

    /** Nothing does. */
    Spoiling NONE = new Spoiling() {};

    /**
     * ln of the factor on what is given at a place; 0 where all of it arrives.
     *
     * @param xMm across the throat from the middle of the tool, mm
     * @param yMm along the feed from the near edge of the tool, mm
     */
    default double ln(double xMm, double yMm) {
        return 0;
    }

    /**
     * What is left of what came out.
     *
     * @param out where it came out, row by row
     * @param design where it should have
     * @param widthPx pixels in a row
     * @param pxPerMm pixels to a mm
     */
    default boolean[] left(boolean[] out, boolean[] design, int widthPx, double pxPerMm) {
        return out;
    }
}
