package glanzen.app.template;

/** Paper a printer takes. */
public enum Paper {
    A4(210, 297),
    LETTER(215.9, 279.4);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }
}
