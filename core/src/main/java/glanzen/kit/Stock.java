package glanzen.kit;

import glanzen.material.Fitted;
import glanzen.material.Material;
import glanzen.material.Surface;
import glanzen.measure.Checks;
import org.jspecify.annotations.Nullable;

/**
 * What is worked on: card or paper, ribbon, acetate, sheets with toner on them, and what only dies take.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind what it is
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
        CARD("card or paper", Material.CARD, Fitted.BLADE_CARD),
        RIBBON("ribbon", Material.SATIN, 9),
        ACETATE("acetate", Material.ACETATE, 40),
        TONER_SHEET("toner sheet", Material.CARD, Fitted.BLADE_CARD),
        /** Its toner lifts when a carrier is pulled off late. */
        TONER_ADHESIVE("adhesive-backed toner sheet", Material.CARD, Fitted.BLADE_CARD),
        LASER_PRINT("laser print", Material.CARD, Fitted.BLADE_CARD),
        LEATHER("leather", Material.LEATHER, Fitted.BLADE_LEATHER),
        FELT("felt", Material.FABRIC, 5),
        FABRIC("fabric", Material.FABRIC, 12),
        CORK("cork", Material.CORK, 5),
        BALSA("balsa", Material.BALSA, 6),
        CORRUGATED("corrugated board", Material.CORRUGATED, 4);

        private final String label;
        private final Material material;
        private final double bladeNPerMm2;
        private final @Nullable Fitted fitted;

        Kind(String label, Material material, double bladeNPerMm2) {
            this.label = label;
            this.material = material;
            this.bladeNPerMm2 = bladeNPerMm2;
            this.fitted = null;
        }

        Kind(String label, Material material, Fitted blade) {
            this.label = label;
            this.material = material;
            this.bladeNPerMm2 = 0;
            this.fitted = blade;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }

        /** Load a millimetre of blade needs to cut a millimetre of it, N/mm². */
        public double bladeNPerMm2() {
            return fitted == null ? bladeNPerMm2 : fitted.value();
        }

        /** Whether there is toner on it. */
        public boolean toner() {
            return this == TONER_SHEET || this == TONER_ADHESIVE || this == LASER_PRINT;
        }

        /** Whether it creases and tears as paper does. */
        public boolean paper() {
            return this == CARD || toner();
        }
    }

    public Stock {
        new Checks()
                .name("name", name)
                .present("kind", kind, "one of the kinds of stock")
                .present("surface", surface, "a surface")
                .lengthMm("thicknessMm", thicknessMm, 0.03, 8)
                .weightGsm("gsm", gsm, 0, 1200)
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

    /** The same with another amount left, to a thousandth of a sheet. */
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
                Math.max(0, Math.round(1000 * sheets) / 1000.0),
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
