package glanzen.layout;

import glanzen.measure.Checks;

/**
 * The piece as it will be when finished.
 *
 * @param widthMm width as read, mm
 * @param heightMm height as read, mm
 * @param trimMm how much larger it is cut on every side, to be trimmed later, mm
 */
public record Piece(double widthMm, double heightMm, double trimMm) {

    public Piece {
        new Checks()
                .lengthMm("piece.widthMm", widthMm, 5, 700)
                .lengthMm("piece.heightMm", heightMm, 5, 700)
                .lengthMm("piece.trimMm", trimMm, 0, 50)
                .done();
    }

    /** Width as cut, mm. */
    public double cutWidthMm() {
        return widthMm + 2 * trimMm;
    }

    /** Height as cut, mm. */
    public double cutHeightMm() {
        return heightMm + 2 * trimMm;
    }
}
