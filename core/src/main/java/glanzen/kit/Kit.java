package glanzen.kit;

import java.util.List;

/**
 * Everything a person owns, or an excerpt of it.
 *
 * @param presses presses
 * @param platforms heated platforms
 * @param boards boards and shims
 * @param plates plates and thin dies
 * @param stocks stock
 * @param films films
 */
public record Kit(
        List<Press> presses,
        List<Platform> platforms,
        List<Board> boards,
        List<Plate> plates,
        List<Stock> stocks,
        List<Film> films) {

    public Kit {
        presses = List.copyOf(presses);
        platforms = List.copyOf(platforms);
        boards = List.copyOf(boards);
        plates = List.copyOf(plates);
        stocks = List.copyOf(stocks);
        films = List.copyOf(films);
    }
}
