package glanzen.kit;

import glanzen.artwork.Motif;
import glanzen.material.Material;
import glanzen.measure.Checks;

/**
 * A tool that carries a design: a hot foil plate, a thin die, or a stencil.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind plate, solid plate, thin die or stencil
 * @param material what it is made of
 * @param thicknessMm thickness over the raised design, mm
 * @param widthMm width across the feed, mm
 * @param heightMm length along the feed, mm
 * @param motif the raised design, the cutting line of a die, or the openings of a stencil
 * @param set name of the nested set a die belongs to; empty if to none
 */
public record Plate(
        String id,
        String name,
        Kind kind,
        Material material,
        double thicknessMm,
        double widthMm,
        double heightMm,
        Motif motif,
        String set)
        implements StackItem {

    /** Which kind of tool it is. */
    public enum Kind {
        PLATE("hot foil plate"),
        SOLID_PLATE("solid plate"),
        THIN_DIE("thin die"),
        /** Its design is open: ground is laid through it, and it is never pressed hot. */
        STENCIL("stencil");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }
    }

    public Plate {
        // Written before there were sets, a plate says nothing of one.
        set = set == null ? "" : set;
        new Checks()
                .name("name", name)
                .present("kind", kind, "plate, solid plate, thin die or stencil")
                .present("material", material, "what the plate is made of")
                .present("motif", motif, "a motif")
                .lengthMm("thicknessMm", thicknessMm, kind == Kind.STENCIL ? 0.08 : 0.4, 6)
                .lengthMm("widthMm", widthMm, 5, 400)
                .lengthMm("heightMm", heightMm, 5, 400)
                .done();
    }

    /** A plate that belongs to no set. */
    public Plate(
            String id,
            String name,
            Kind kind,
            Material material,
            double thicknessMm,
            double widthMm,
            double heightMm,
            Motif motif) {
        this(id, name, kind, material, thicknessMm, widthMm, heightMm, motif, "");
    }

    /** Area that takes heat from the platform, cm². */
    public double areaCm2() {
        return widthMm * heightMm / 100;
    }
}
