package glanzen.app.kit;

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
        List<Kept<Press>> presses,
        List<Kept<Platform>> platforms,
        List<Kept<Board>> boards,
        List<Kept<Plate>> plates,
        List<Kept<Stock>> stocks,
        List<Kept<Film>> films,
        List<Kept<Leftover>> leftovers,
        List<Kept<HeatedRollers>> rollers) {

    public KitView {
        // A workshop written before there were leftovers, or such machines, has none.
        leftovers = leftovers == null ? List.of() : leftovers;
        rollers = rollers == null ? List.of() : rollers;
    }
}
