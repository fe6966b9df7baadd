package glanzen.kit;

import glanzen.artwork.Motif;
import glanzen.material.Material;
import glanzen.measure.Checks;

/**
 * A tool that carries a design: a hot foil plate, a die, an embossing folder, a stencil, or what laid a design on a sheet.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind which kind of tool
 * @param material what it is made of
 * @param thicknessMm thickness over the raised design, mm; of a folder when closed on nothing
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
        STENCIL("stencil", 0.08, 0.3, Material.POLYCARBONATE),
        THICK_DIE("thick die", 1.5, 0.5, Material.STEEL),
        /** A blade set in foam. */
        STEEL_RULE("steel-rule die", 4, 0.5, Material.STEEL),
        FLAT_FOLDER("flat embossing folder", 0.5, 0.8, Material.POLYPROPYLENE),
        DEEP_FOLDER("deep embossing folder", 0.5, 1.6, Material.POLYPROPYLENE),
        /** A folder with dies built in: it cuts and embosses in one pass. */
        CUTTING_FOLDER("folder with built-in dies", 0.5, 0.8, Material.POLYPROPYLENE),
        /** Lays ink; never goes through a press. */
        STAMP("stamp", 0.05, 0.3, Material.RUBBER),
        /** A design that is on the sheet already: toner. */
        PRINT("printed design", 0.01, 0.3, Material.CARD);

        private final String label;
        private final double thinnestMm;
        private final double reliefMm;
        private final Material usual;

        Kind(String label) {
            this(label, 0.4, 0.35, Material.BRASS);
        }

        Kind(String label, double thinnestMm, double reliefMm, Material usual) {
            this.label = label;
            this.thinnestMm = thinnestMm;
            this.reliefMm = reliefMm;
            this.usual = usual;
        }

        /** Height of its relief, mm: how deep it embosses at most. */
        public double reliefMm() {
            return reliefMm;
        }

        /** What it is usually made of. */
        public Material usual() {
            return usual;
        }

        /** Whether it cuts. */
        public boolean cuts() {
            return this == THIN_DIE || this == THICK_DIE || this == STEEL_RULE || this == CUTTING_FOLDER;
        }

        /** Whether stock lies inside it. */
        public boolean folder() {
            return this == FLAT_FOLDER || this == DEEP_FOLDER || this == CUTTING_FOLDER;
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
                .present("kind", kind, "one of the kinds of tool")
                .present("material", material, "what the plate is made of")
                .present("motif", motif, "a motif")
                .lengthMm("thicknessMm", thicknessMm, kind == null ? 0.4 : kind.thinnestMm, 25)
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

    /** Whether it carries the design of another, as a plate does of its die, stencil, stamp or folder. */
    public boolean sameDesign(Plate other) {
        return !id.equals(other.id)
                && kind != other.kind
                && motif.equals(other.motif)
                && motif.kind() != Motif.Kind.SOLID;
    }

    /** Area that takes heat from the platform, cm². */
    public double areaCm2() {
        return widthMm * heightMm / 100;
    }
}
