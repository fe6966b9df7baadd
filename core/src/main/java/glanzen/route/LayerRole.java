package glanzen.route;

import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.StackItem;
import glanzen.kit.Stock;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a place in a stack is for. */
public enum LayerRole {
    PLATFORM("platform", "Without the platform nothing gets hot", null),
    TOOL("plate", "Exactly one tool faces the stock in a pull", null),
    FILM("foil", "One film at a time; static makes two cling together", null),
    STOCK("stock", "One sheet takes the foil", null),
    OUTER("outer plate", "Rollers may touch outer plates; they mark what is softer", Board.Kind.OUTER_PLATE),
    SPACER(
            "spacer",
            "Without it the stack is far too thin for the rollers, and they would touch what is hot",
            Board.Kind.SPACER),
    PLASTIC("plastic shim", "It gives the pressure this route is used to", Board.Kind.PLASTIC_SHIM),
    METAL("metal shim", "It gives the pressure this route is used to", Board.Kind.METAL_SHIM),
    MAGNETIC("magnetic shim", "It keeps thin dies from wandering", Board.Kind.MAGNETIC_SHIM),
    MAT("embossing mat", "The stock is pressed into it; without it there is no relief", Board.Kind.EMBOSSING_MAT),
    EMBOSSING_PLATE("embossing plate", "It spreads the pressure over the stencil", Board.Kind.EMBOSSING_PLATE),
    CARD("card shim", "It gives the pressure this route is used to", Board.Kind.CARD_SHIM),
    CARRIER("carrier sheet", "Film and toner would stick to the rollers", Board.Kind.CARRIER),
    PARCHMENT("baking parchment", "Scraps would lift onto a roller", Board.Kind.PARCHMENT);

    private final String word;
    private final String why;
    private final Board.@Nullable Kind board;

    LayerRole(String word, String why, Board.@Nullable Kind board) {
        this.word = word;
        this.why = why;
        this.board = board;
    }

    /** Its everyday name. */
    public String word() {
        return word;
    }

    /** Why it is there. */
    public String why() {
        return why;
    }

    /** The kind of board it takes; nothing for platform, tool, film and stock, which every forecast needs. */
    public Optional<Board.Kind> board() {
        return Optional.ofNullable(board);
    }

    /** Whether a thing can fill this place. */
    public boolean takes(StackItem item) {
        return switch (this) {
            case PLATFORM -> item instanceof Platform;
            case TOOL -> item instanceof Plate;
            case FILM -> item instanceof Film;
            case STOCK -> item instanceof Stock;
            default -> item instanceof Board b && b.kind() == board;
        };
    }
}
