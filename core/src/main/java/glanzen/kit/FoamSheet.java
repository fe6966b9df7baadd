package glanzen.kit;

import glanzen.measure.Checks;
import java.util.List;

/**
 * Foam that is sticky on both sides, by the sheet; an offcut is a small sheet.
 *
 * @param id key within the kit; empty for a usual one that is not of the kit
 * @param name what the person calls it
 * @param thicknessMm thickness, mm
 * @param widthMm width, mm
 * @param heightMm length, mm
 * @param left how many there are
 */
public record FoamSheet(String id, String name, double thicknessMm, double widthMm, double heightMm, int left) {

    /** What is sold everywhere. */
    public static final List<FoamSheet> USUAL = List.of(usual(1), usual(2), usual(3));

    public FoamSheet {
        id = id == null ? "" : id;
        new Checks()
                .name("name", name)
                .lengthMm("thicknessMm", thicknessMm, 0.5, 6)
                .lengthMm("widthMm", widthMm, 5, 1000)
                .lengthMm("heightMm", heightMm, 5, 1000)
                .figure("left", left, 0, 1000, "sheets")
                .done();
    }

    private static FoamSheet usual(double thicknessMm) {
        return new FoamSheet("", "a new sheet", thicknessMm, 150, 200, 0);
    }

    /** Its area, mm². */
    public double areaMm2() {
        return widthMm * heightMm;
    }
}
