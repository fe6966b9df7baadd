package glanzen.kit;

import glanzen.material.Material;
import glanzen.measure.Checks;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A reusable layer, or a shim cut from card or tissue.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param kind what it is for
 * @param material what it is made of
 * @param thicknessMm measured thickness, mm
 * @param widthMm width, mm
 * @param heightMm length, mm
 * @param owned how many of it there are
 * @param bowMm how far the middle stands off a flat table, mm; negative once it is turned so that use presses it flat
 * @param passes trips through a press so far
 * @param lifePasses trips it is good for
 * @param price what it cost, in the person's own money; 0 if not known
 * @param turns how often it has been turned over
 * @param opaque whether a press with an optical sensor sees it
 * @param since when it came into use; nothing if not known
 */
public record Board(
        String id,
        String name,
        Kind kind,
        Material material,
        double thicknessMm,
        double widthMm,
        double heightMm,
        int owned,
        double bowMm,
        int passes,
        int lifePasses,
        double price,
        int turns,
        boolean opaque,
        @Nullable LocalDate since)
        implements StackItem {

    /** A middle that stands off this far wants turning, mm. */
    public static final double TURN_AT_MM = 3;
    /** From here on a board is refused until it is turned or replaced, mm. */
    public static final double REFUSED_AT_MM = 6;

    /** What a board is for. */
    public enum Kind {
        OUTER_PLATE("outer plate"),
        PLASTIC_SHIM("plastic shim"),
        METAL_SHIM("metal shim"),
        MAGNETIC_SHIM("magnetic shim"),
        EMBOSSING_MAT("embossing mat"),
        EMBOSSING_PLATE("embossing plate"),
        SPACER("spacer"),
        CARD_SHIM("card shim"),
        TISSUE_SHIM("tissue shim"),
        /** Thick and plain, to fill an opening that is made for a heated platform. */
        BASE("platform base"),
        /** A folded sheet that carries film and stock through; counted by its folds. */
        CARRIER("carrier sheet"),
        PARCHMENT("baking parchment"),
        /** Lies under loose plates and shows where each belongs. */
        TRACING("traced sheet");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The everyday name. */
        public String label() {
            return label;
        }

        /** True for the thin layers that are added to gain pressure. */
        public boolean shim() {
            return this == PLASTIC_SHIM || this == METAL_SHIM || this == CARD_SHIM || this == TISSUE_SHIM;
        }

        /** True for thick boards that only fill the opening. */
        public boolean filler() {
            return this == BASE || this == OUTER_PLATE || this == EMBOSSING_PLATE;
        }

        /** True for what fills an opening up to the squeeze that is wanted; metal is for what cuts. */
        public boolean fills() {
            return filler() || shim() && this != METAL_SHIM;
        }

        /** What can stand in for it where none is owned, best first. */
        public List<Kind> standIns() {
            return switch (this) {
                case CARRIER -> List.of(PARCHMENT);
                case PARCHMENT -> List.of(CARRIER);
                case EMBOSSING_PLATE -> List.of(OUTER_PLATE, SPACER);
                case OUTER_PLATE -> List.of(EMBOSSING_PLATE, BASE);
                case SPACER -> List.of(OUTER_PLATE);
                default -> List.of();
            };
        }

        /** True for sheets that are folded around what they carry, so that one lies there twice. */
        public boolean folded() {
            return this == CARRIER || this == PARCHMENT;
        }
    }

    public Board {
        new Checks()
                .name("name", name)
                .present("kind", kind, "what the board is for")
                .present("material", material, "what the board is made of")
                .lengthMm("thicknessMm", thicknessMm, 0.01, 25)
                .lengthMm("widthMm", widthMm, 10, 700)
                .lengthMm("heightMm", heightMm, 10, 700)
                .figure("owned", owned, 1, 500, "")
                .lengthMm("bowMm", bowMm, -20, 20)
                .figure("passes", passes, 0, 1_000_000, "passes")
                .figure("lifePasses", lifePasses, 1, 1_000_000, "passes")
                .figure("price", price, 0, 100_000, "")
                .figure("turns", turns, 0, 1_000_000, "turns")
                .done();
    }

    /** A board of which price and turns are not known. */
    public Board(
            String id,
            String name,
            Kind kind,
            Material material,
            double thicknessMm,
            double widthMm,
            double heightMm,
            int owned,
            double bowMm,
            int passes,
            int lifePasses) {
        this(
                id,
                name,
                kind,
                material,
                thicknessMm,
                widthMm,
                heightMm,
                owned,
                bowMm,
                passes,
                lifePasses,
                0,
                0,
                false,
                null);
    }

    /**
     * The same after some more trips through a press.
     *
     * @param trips passes it went through
     */
    public Board pressed(int trips) {
        return used(passes + trips, bowMm, turns, since);
    }

    /** The same turned over: its bow looks the other way. */
    public Board turned() {
        return used(passes, -bowMm, turns + 1, since);
    }

    /** The same, in use since a day, unless that is known already. */
    public Board since(LocalDate day) {
        return since != null ? this : used(passes, bowMm, turns, day);
    }

    private Board used(int nowPasses, double nowBowMm, int nowTurns, @Nullable LocalDate from) {
        return new Board(
                id,
                name,
                kind,
                material,
                thicknessMm,
                widthMm,
                heightMm,
                owned,
                nowBowMm,
                nowPasses,
                lifePasses,
                price,
                nowTurns,
                opaque,
                from);
    }

    /** What one trip through a press costs, in the person's own money; 0 if the price is not known. */
    public double costPerPass() {
        return price / lifePasses;
    }

    /** Whether it is neither worn out nor so bowed that it wants turning. */
    public boolean sound() {
        return wear() <= 1 && bowMm < TURN_AT_MM;
    }

    /** How many layers of a stack those that are owned can be: what is folded lies there twice. */
    public int layers() {
        return owned * (kind.folded() ? 2 : 1);
    }

    /** Share of its life that is used up, 0 when new; may pass 1. */
    public double wear() {
        return (double) passes / lifePasses;
    }
}
