package glanzen.app.kit;

import glanzen.app.keeping.Versioned;
import glanzen.kit.Board;
import glanzen.kit.Envelope;
import glanzen.kit.Film;
import glanzen.kit.FoamSheet;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.kit.Offcut;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The whole kit, retired things included. */
public record KitView(
        List<Versioned<Press>> presses,
        List<Versioned<Platform>> platforms,
        List<Versioned<Board>> boards,
        List<Versioned<Plate>> plates,
        List<Versioned<Stock>> stocks,
        List<Versioned<Film>> films,
        List<Versioned<Leftover>> leftovers,
        List<Versioned<HeatedRollers>> rollers,
        List<Versioned<Offcut>> offcuts,
        List<Versioned<FoamSheet>> foams,
        List<Versioned<Envelope>> envelopes) {

    public KitView {
        // A workshop written before there was such a shelf has nothing on it.
        leftovers = orNone(leftovers);
        rollers = orNone(rollers);
        offcuts = orNone(offcuts);
        foams = orNone(foams);
        envelopes = orNone(envelopes);
    }

    private static <T> List<T> orNone(@Nullable List<T> shelf) {
        return shelf == null ? List.of() : shelf;
    }

    /** The same without versions. */
    public KitView unnumbered() {
        return new KitView(
                unnumbered(presses),
                unnumbered(platforms),
                unnumbered(boards),
                unnumbered(plates),
                unnumbered(stocks),
                unnumbered(films),
                unnumbered(leftovers),
                unnumbered(rollers),
                unnumbered(offcuts),
                unnumbered(foams),
                unnumbered(envelopes));
    }

    private static <T> List<Versioned<T>> unnumbered(List<Versioned<T>> shelf) {
        return shelf.stream().map(Versioned::unnumbered).toList();
    }

    /** The part of it that fits, as the core knows it. */
    public Kit kit(Predicate<Versioned<?>> fits) {
        return new Kit(
                items(presses, fits),
                items(platforms, fits),
                items(boards, fits),
                items(plates, fits),
                items(stocks, fits),
                items(films, fits),
                items(rollers, fits));
    }

    static <T> List<T> items(List<Versioned<T>> shelf, Predicate<Versioned<?>> fits) {
        return shelf.stream().filter(fits).map(Versioned::item).toList();
    }
}
