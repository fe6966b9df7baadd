package glanzen.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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
        presses = orNone(presses);
        platforms = orNone(platforms);
        boards = orNone(boards);
        plates = orNone(plates);
        stocks = orNone(stocks);
        films = orNone(films);
        rollers = orNone(rollers);
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

    /** A shelf of which nothing is written is empty. */
    private static <T> List<T> orNone(@Nullable List<T> shelf) {
        return shelf == null ? List.of() : List.copyOf(shelf);
    }

    /** A press by its key. */
    public Optional<Press> press(String id) {
        return byId(presses, Press::id, id);
    }

    /** A platform by its key. */
    public Optional<Platform> platform(String id) {
        return byId(platforms, Platform::id, id);
    }

    /** A board by its key. */
    public Optional<Board> board(String id) {
        return byId(boards, Board::id, id);
    }

    /** A tool by its key. */
    public Optional<Plate> plate(String id) {
        return byId(plates, Plate::id, id);
    }

    /** Stock by its key. */
    public Optional<Stock> stock(String id) {
        return byId(stocks, Stock::id, id);
    }

    /** A film by its key. */
    public Optional<Film> film(String id) {
        return byId(films, Film::id, id);
    }

    /** A press or rollers by their key. */
    public Optional<Machine> machine(String id) {
        return byId(machines(), Machine::id, id);
    }

    private static <T> Optional<T> byId(List<T> shelf, Function<T, String> key, String id) {
        return shelf.stream().filter(item -> key.apply(item).equals(id)).findFirst();
    }

    /** Everything, shelf by shelf. */
    public Stream<Owned> all() {
        return Stream.of(presses, rollers, platforms, boards, plates, stocks, films)
                .flatMap(List::stream);
    }

    /** The same without what does not fit. */
    public Kit only(Predicate<Owned> fits) {
        return new Kit(
                presses.stream().filter(fits).toList(),
                platforms.stream().filter(fits).toList(),
                boards.stream().filter(fits).toList(),
                plates.stream().filter(fits).toList(),
                stocks.stream().filter(fits).toList(),
                films.stream().filter(fits).toList(),
                rollers.stream().filter(fits).toList());
    }

    /** Everything a stack can go through. */
    public List<Machine> machines() {
        List<Machine> all = new ArrayList<>(presses);
        all.addAll(rollers);
        return all;
    }
}
