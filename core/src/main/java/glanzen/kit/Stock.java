package glanzen.kit;

import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.measure.Checks;

/**
 * What is foiled: card or paper, ribbon, acetate.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind card, ribbon or acetate
 * @param surface how it takes a bonding layer
 * @param thicknessMm caliper, mm
 * @param gsm weight, g/m²; 0 if not known
 * @param widthMm width of a sheet as it lies on the shelf, mm
 * @param heightMm its length, mm
 * @param left sheets left; a part of one where some of it is cut
 * @param heatProof rated for the heat of a platform
 * @param protectiveFilm still has its protective film on
 * @param colour its colour, #rrggbb
 * @param price of a sheet or roll, in the person's own money; 0 if not known
 */
public record Stock(
        String id,
        String name,
        Kind kind,
        Surface surface,
        double thicknessMm,
        double gsm,
        double widthMm,
        double heightMm,
        double left,
        boolean heatProof,
        boolean protectiveFilm,
        String colour,
        double price)
        implements StackItem {

    /** The kinds of stock. */
    public enum Kind {
        CARD(Material.CARD),
        RIBBON(Material.SATIN),
        ACETATE(Material.ACETATE);

        private final Material material;

        Kind(Material material) {
            this.material = material;
        }
    }

    public Stock {
        new Checks()
                .name("name", name)
                .present("kind", kind, "card, ribbon or acetate")
                .present("surface", surface, "a surface")
                .lengthMm("thicknessMm", thicknessMm, 0.03, 3)
                .figure("gsm", gsm, 0, 1200, "g/m²")
                .lengthMm("widthMm", widthMm, 5, 1000)
                .lengthMm("heightMm", heightMm, 5, 100_000)
                .figure("left", left, 0, 100_000, "sheets")
                .holds(Colours.valid(colour), "colour", "is not a colour", Colours.ACCEPTED)
                .figure("price", price, 0, 100_000, "")
                .done();
    }

    /** Stock of which the price is not known. */
    public Stock(
            String id,
            String name,
            Kind kind,
            Surface surface,
            double thicknessMm,
            double gsm,
            double widthMm,
            double heightMm,
            double left,
            boolean heatProof,
            boolean protectiveFilm,
            String colour) {
        this(id, name, kind, surface, thicknessMm, gsm, widthMm, heightMm, left, heatProof, protectiveFilm, colour, 0);
    }

    /** The same with another amount left. */
    public Stock leaving(double sheets) {
        return new Stock(
                id,
                name,
                kind,
                surface,
                thicknessMm,
                gsm,
                widthMm,
                heightMm,
                Math.max(0, sheets),
                heatProof,
                protectiveFilm,
                colour,
                price);
    }

    @Override
    public Material material() {
        return kind.material;
    }

    /** A piece of it as it goes through the press. */
    public Stock cut(double pieceWidthMm, double pieceHeightMm) {
        return new Stock(
                id,
                name,
                kind,
                surface,
                thicknessMm,
                gsm,
                pieceWidthMm,
                pieceHeightMm,
                left,
                heatProof,
                protectiveFilm,
                colour,
                price);
    }
}
