package glanzen.kit;

import glanzen.material.Material;
import glanzen.measure.Checks;

/**
 * Foil or flock on its carrier, by the sheet or the roll.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind what it is
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
        Kind kind,
        double thicknessMm,
        double widthMm,
        double heightMm,
        double leftCm2,
        String colour,
        double price)
        implements StackItem {

    /** What a film is. */
    public enum Kind {
        HOT_FOIL("hot foil"),
        /** Foil without a glue of its own: toner, gel or reactive ink holds it. */
        TRANSFER_FOIL("transfer foil"),
        FLOCK("flock sheet");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }
    }

    public Film {
        // Written before there were other routes, a film says nothing of its kind.
        kind = kind == null ? Kind.HOT_FOIL : kind;
        new Checks()
                .name("name", name)
                .lengthMm("thicknessMm", thicknessMm, 0.005, 1)
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
            Kind kind,
            double thicknessMm,
            double widthMm,
            double heightMm,
            double leftCm2,
            String colour) {
        this(id, name, kind, thicknessMm, widthMm, heightMm, leftCm2, colour, 0);
    }

    /** The same with less of it left, cm². */
    public Film spending(double cm2) {
        return new Film(id, name, kind, thicknessMm, widthMm, heightMm, Math.max(0, leftCm2 - cm2), colour, price);
    }

    /** What a square centimetre costs; 0 if the price is not known. */
    public double pricePerCm2() {
        return price / (widthMm * heightMm / 100);
    }

    /** Foil's carrier is acetate-like; at 12 µm it is thermally thin and gives nothing. */
    @Override
    public Material material() {
        return kind == Kind.FLOCK ? Material.FABRIC : Material.ACETATE;
    }
}
