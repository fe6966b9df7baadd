package glanzen.route;

import glanzen.artwork.Artwork;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Board;
import glanzen.kit.Plate;
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

    /** The artwork of a plate. */
    public Artwork artwork(Plate plate) {
        return artworks.of(plate.motif(), plate.widthMm(), plate.heightMm());
    }
}
