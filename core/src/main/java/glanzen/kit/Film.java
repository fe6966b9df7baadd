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
 * @param price of the sheet or roll when new, in the person's own money; 0 if not known
 */
public record Film(
        String id,
        String name,
        BondingLayer bonding,
        double thicknessMm,
        double widthMm,
        double heightMm,
        double leftCm2,
        String colour,
        double price)
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
                .figure("price", price, 0, 100_000, "")
                .done();
    }

    /** Film of which the price is not known. */
    public Film(
            String id,
            String name,
            BondingLayer bonding,
            double thicknessMm,
            double widthMm,
            double heightMm,
            double leftCm2,
            String colour) {
        this(id, name, bonding, thicknessMm, widthMm, heightMm, leftCm2, colour, 0);
    }

    /** The same with less of it left, cm². */
    public Film spending(double cm2) {
        return new Film(id, name, bonding, thicknessMm, widthMm, heightMm, Math.max(0, leftCm2 - cm2), colour, price);
    }

    /** What a square centimetre costs; 0 if the price is not known. */
    public double pricePerCm2() {
        return price / (widthMm * heightMm / 100);
    }

    /** Its carrier is acetate-like; at 12 µm it is thermally thin and gives nothing. */
    @Override
    public Material material() {
        return Material.ACETATE;
    }
}
