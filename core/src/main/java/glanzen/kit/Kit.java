package glanzen.kit;

import java.util.ArrayList;
import java.util.List;

/**
 * Everything a person owns, or an excerpt of it.
 *
 * @param presses presses
 * @param platforms heated platforms
 * @param boards boards and shims
 * @param plates plates, dies, folders, stencils and other tools
 * @param stocks stock
 * @param films films
 * @param rollers machines with heated rollers
 */
public record Kit(
        List<Press> presses,
        List<Platform> platforms,
        List<Board> boards,
        List<Plate> plates,
        List<Stock> stocks,
        List<Film> films,
        List<HeatedRollers> rollers) {

    public Kit {
        presses = List.copyOf(presses);
        platforms = List.copyOf(platforms);
        boards = List.copyOf(boards);
        plates = List.copyOf(plates);
        stocks = List.copyOf(stocks);
        films = List.copyOf(films);
        // An excerpt written before there were such machines has none.
        rollers = rollers == null ? List.of() : List.copyOf(rollers);
    }

    /** A kit without machines that heat by themselves. */
    public Kit(
            List<Press> presses,
            List<Platform> platforms,
            List<Board> boards,
            List<Plate> plates,
            List<Stock> stocks,
            List<Film> films) {
        this(presses, platforms, boards, plates, stocks, films, List.of());
    }

    /** Everything a stack can go through. */
    public List<Machine> machines() {
        List<Machine> all = new ArrayList<>(presses);
        all.addAll(rollers);
        return all;
    }
}
