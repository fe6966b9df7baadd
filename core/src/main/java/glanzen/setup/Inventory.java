package glanzen.setup;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Board;
import glanzen.kit.Machine;
import java.util.List;

/**
 * What rules and searches may draw on besides the set-up itself.
 *
 * @param boards boards the person owns
 * @param artworks drawn plates
 * @param machines machines the person owns
 */
public record Inventory(List<Board> boards, ArtworkShelf artworks, List<Machine> machines) {

    public Inventory {
        boards = List.copyOf(boards);
        machines = List.copyOf(machines);
    }

    /** A workshop in which no other machine can be turned to. */
    public Inventory(List<Board> boards, ArtworkShelf artworks) {
        this(boards, artworks, List.of());
    }

    /** What a set-up presses: its plate, or all that is laid out as it lies. */
    public Artwork artwork(SetUp setUp) {
        return PressedArtwork.of(setUp, artworks);
    }
}
