package glanzen.app.kit;

import glanzen.app.keeping.Versioned;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Leftover;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;
import java.util.List;

/** The whole kit, retired things included. */
public record KitView(
        List<Versioned<Press>> presses,
        List<Versioned<Platform>> platforms,
        List<Versioned<Board>> boards,
        List<Versioned<Plate>> plates,
        List<Versioned<Stock>> stocks,
        List<Versioned<Film>> films,
        List<Versioned<Leftover>> leftovers,
        List<Versioned<HeatedRollers>> rollers) {

    public KitView {
        // A workshop written before there were leftovers, or such machines, has none.
        leftovers = leftovers == null ? List.of() : leftovers;
        rollers = rollers == null ? List.of() : rollers;
    }
}
