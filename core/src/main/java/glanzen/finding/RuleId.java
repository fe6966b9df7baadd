package glanzen.finding;

import java.util.Locale;

/** Every rule there is, by name, with how much breaking it weighs. What each says stands in docs/rules.md. */
public enum RuleId {
    // Of every stack
    MACHINE_FIT(Weight.STOP),
    PLATFORM_FIT(Weight.STOP),
    MISSING_LAYER(Weight.STOP),
    TOO_MANY_LAYERS(Weight.STOP),
    NO_PLACE(Weight.STOP),
    MISSING_DESIGN(Weight.STOP),
    MISSING_GEL(Weight.STOP),
    MISSING_BOARD(Weight.STOP),
    ORDER(Weight.STOP),
    PLATE_FACE(Weight.STOP),
    FILM_FACE(Weight.STOP),
    STOCK_FACE(Weight.STOP),
    EDGE_FACE(Weight.STOP),
    FILM_KIND(Weight.STOP),
    ROLLERS(Weight.STOP),
    SENSOR(Weight.STOP),
    MAT_AND_MAGNET(Weight.STOP),
    FOLDER_MAT(Weight.STOP),
    NOT_GRIPPED(Weight.STOP),
    TOO_THICK(Weight.STOP),
    TOO_WIDE(Weight.STOP),
    BOWED(Weight.STOP),
    ROUTE_FIT(Weight.WARN),
    MAT_HEATED(Weight.WARN),
    PLATE_OVERHANG(Weight.WARN),
    STOCK_SMALL(Weight.WARN),
    OWNED(Weight.WARN),
    WORN(Weight.WARN),
    FOIL_SHORT(Weight.WARN),
    SHEET_WIDE(Weight.FACT),

    // Of a heated platform
    SPACER_MISSING(Weight.STOP),
    HEAT_PROOF(Weight.STOP),
    PROTECTIVE_FILM(Weight.STOP),
    MEDIUM_WET(Weight.STOP),
    SPACER_TOP(Weight.WARN),
    TAPED_TOGETHER(Weight.WARN),
    SOAK_SHORT(Weight.WARN),
    SOLID_SOAK(Weight.WARN),
    SOLID_PEEL(Weight.WARN),
    SOLID_TEXTURE(Weight.WARN),
    MEDIUM_NONE(Weight.NOTE),
    SMALL_WORDS(Weight.FACT),

    // Of toner, gel, flock and ink
    GEL_WET(Weight.STOP),
    WARM_UP(Weight.WARN),
    TONER_PEEL(Weight.WARN),
    GEL_OLD(Weight.WARN),
    GEL_STOCK(Weight.WARN),
    SPRAY_FOIL(Weight.WARN),
    INK_SLOW(Weight.WARN),
    TONER_CARRIER(Weight.NOTE),
    GEL_SOFT(Weight.NOTE),
    SPRAY_FLOCK(Weight.NOTE),
    STENCIL_CLEAN(Weight.FACT),
    FLOCK_SLOW(Weight.NOTE),
    INK_SCRAPS(Weight.FACT),
    INK_BLACK(Weight.FACT),

    // Of cutting and embossing
    TEARS(Weight.STOP),
    NOT_THROUGH(Weight.WARN),
    DIE_OVERHANG(Weight.WARN),
    MAGNET_THICK(Weight.WARN),
    SHALLOW(Weight.WARN),
    INK_RIM(Weight.WARN),
    PARTIAL_EDGE(Weight.FACT),
    METAL_UNDER(Weight.FACT),
    RAISED_SIDE(Weight.FACT),
    INK_THIN(Weight.FACT),

    // Of a layout
    NOT_LAID_OUT(Weight.STOP),
    PLATES_OVERLAP(Weight.STOP),
    PIECE_WIDE(Weight.STOP),
    OVERHANG(Weight.WARN),
    OFF_PIECE(Weight.WARN),
    TAPE_ROOM(Weight.WARN),
    THICKNESS_DIFFERS(Weight.WARN),
    RIBBON_ALONG(Weight.WARN),
    RIBBON_CROSSWISE(Weight.WARN),
    READS_UPWARDS(Weight.WARN),
    TAIL_SHORT(Weight.WARN),
    RUNS_OFF(Weight.NOTE),
    WEAK_MIDDLE(Weight.FACT),

    // Of the order of a piece
    MEDIUM_FIRST(Weight.FACT),
    MEDIUM_DRY(Weight.WARN),
    FOIL_THEN_CUT(Weight.WARN),
    TAPE_ON_FOIL(Weight.FACT),
    TAPE_STAYS(Weight.WARN),
    GEL_MISSING(Weight.WARN),
    GEL_DRY(Weight.WARN),
    FILM_FRONT(Weight.WARN),
    FILM_BACK(Weight.WARN),
    FLATTENS_FOIL(Weight.NOTE),
    FOIL_ON_RELIEF(Weight.NOTE),
    FOLD_LAST(Weight.WARN),
    FOLD_ON_FOIL(Weight.FACT),
    ASSEMBLE_LAST(Weight.WARN),

    // Of a card
    LIES_IN_RING(Weight.STOP),
    ENVELOPE_SMALL(Weight.STOP),
    ENVELOPE_THICK(Weight.STOP),
    WINDOW_AT_FOLD(Weight.STOP),
    SHAKER_WALL(Weight.STOP),
    NO_OPENING(Weight.WARN),
    NO_FOAM_ROOM(Weight.STOP),
    BASE_LARGE(Weight.WARN),
    GAPES(Weight.WARN),
    BEYOND_EDGE(Weight.WARN),
    CLEAR_SMALL(Weight.WARN),
    GLUED_ON_FOIL(Weight.WARN),
    WORDS_CUT_OFF(Weight.WARN),
    FOLD_GRAIN(Weight.WARN),
    WORDS_FAINT(Weight.WARN),
    FIGURE_HIDDEN(Weight.NOTE),
    NEVER_SEEN(Weight.NOTE),
    CUT_BOTH(Weight.FACT);

    private final Weight weight;

    RuleId(Weight weight) {
        this.weight = weight;
    }

    /** How much it weighs. */
    public Weight weight() {
        return weight;
    }

    /** Its name as it is written outside the code, such as {@code film-face}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
