package glanzen.route;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Board;
import java.util.List;

/**
 * What rules and searches may draw on besides the set-up itself.
 *
 * @param boards boards the person owns
 * @param artworks drawn plates
 */
public record Workshop(List<Board> boards, ArtworkShelf artworks) {

    public Workshop {
        boards = List.copyOf(boards);
    }

    /** What a set-up presses: its plate, or all that is laid out as it lies. */
    public Artwork artwork(SetUp setUp) {
        return setUp.artwork(artworks);
    }
}
