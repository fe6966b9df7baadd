package glanzen.kit;

import glanzen.material.BondingLayer;
import glanzen.material.Material;
import glanzen.measure.Checks;

/**
 * Foil on its carrier, by the sheet or the roll.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param bonding what lets it hold on to a sheet
 * @param thicknessMm thickness, mm
 * @param widthMm width of a sheet or roll, mm
 * @param heightMm length when new, mm
 * @param leftCm2 unspent area left, cm²
 * @param colour its colour, #rrggbb
 */
public record Film(
        String id,
        String name,
        BondingLayer bonding,
        double thicknessMm,
        double widthMm,
        double heightMm,
        double leftCm2,
        String colour)
        implements StackItem {

    public Film {
        new Checks()
                .name("name", name)
                .present("bonding", bonding, "a bonding layer")
                .lengthMm("thicknessMm", thicknessMm, 0.005, 0.3)
                .lengthMm("widthMm", widthMm, 5, 1000)
                .lengthMm("heightMm", heightMm, 5, 200_000)
                .figure("leftCm2", leftCm2, 0, widthMm * heightMm / 100 + 0.01, "cm²")
                .holds(Colours.valid(colour), "colour", "is not a colour", Colours.ACCEPTED)
                .done();
    }

    /** Its carrier is acetate-like; at 12 µm it is thermally thin and gives nothing. */
    @Override
    public Material material() {
        return Material.ACETATE;
    }
}
