package glanzen.app.kit;

import glanzen.app.keeping.Versioned;
import glanzen.app.web.NotFound;
import glanzen.cutting.SheetYield;
import glanzen.kit.Board;
import glanzen.kit.Film;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Placed;
import glanzen.leftover.FoilFrom;
import glanzen.leftover.FoilPiece;
import glanzen.route.Mechanism;
import glanzen.setup.SetUp;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a pull uses up: boards wear, foil is spent where a design took it, stock goes. */
@Service
@Transactional
public class Consumption {

    private final KitService kit;

    Consumption(KitService kit) {
        this.kit = kit;
    }

    /**
     * Counts a pull.
     *
     * @param keepFoil whether foil cut for it is kept as a leftover, where it is worth it
     * @param scrap whether it was tried on scrap, which takes no stock
     */
    public void count(SetUp setUp, String pullId, boolean keepFoil, boolean scrap) {
        setUp.stack().all(Board.class).stream()
                .map(Board::id)
                .distinct()
                .forEach(id -> kit.update(Board.class, id, b -> b.pressed(setUp.passes())));
        if (setUp.layout().laid()) {
            setUp.layout().plates().forEach(p -> foil(setUp.film(), p, pullId, keepFoil));
        } else if (setUp.route().film().isPresent()) {
            piece(setUp.film(), setUp.plate(), pullId, keepFoil);
        }
        if (!scrap) {
            stock(setUp);
        }
    }

    private void foil(Film film, Placed placed, String pullId, boolean keepFoil) {
        FoilFrom from = placed.foil();
        if (from == null) {
            piece(film, placed.plate(), pullId, keepFoil);
            return;
        }
        Spent spent = FoilPiece.spent(placed.plate(), from.xMm(), from.yMm(), from.degrees(), pullId);
        kit.update(Leftover.class, from.leftoverId(), l -> l.using(spent));
    }

    /** A piece cut for a design; what the design did not take is a leftover. */
    private void piece(Film film, Plate plate, String pullId, boolean keepFoil) {
        FoilPiece piece = new FoilPiece(plate);
        kit.update(Film.class, film.id(), f -> f.spending(piece.areaCm2()));
        if (keepFoil) {
            piece.rest(film, pullId).ifPresent(rest -> kit.add(Leftover.class, rest));
        }
    }

    private void stock(SetUp setUp) {
        // What is cut or embossed was foiled or trimmed from the sheet before, and was counted then.
        if (setUp.route().mechanism() != Mechanism.TRANSFER) {
            return;
        }
        kit.update(Stock.class, setUp.stock().id(), s -> s.leaving(s.left() - 1.0 / SheetYield.of(s, setUp.layout())));
    }

    /** Turns a board over. */
    public Versioned<Board> turn(String id, long version) {
        Board board = kit.kit().board(id).orElseThrow(() -> new NotFound("This board"));
        return kit.change(Board.class, id, board.turned(), version);
    }

    /** Takes the last use of a leftover back. */
    public Versioned<Leftover> undo(String id, long version) {
        Versioned<Leftover> kept = kit.view().leftovers().stream()
                .filter(k -> k.item().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This leftover"));
        Leftover l = kept.item();
        List<Spent> before =
                l.spent().isEmpty() ? l.spent() : l.spent().subList(0, l.spent().size() - 1);
        return kit.change(
                Leftover.class,
                id,
                new Leftover(l.id(), l.name(), l.filmId(), l.widthMm(), l.heightMm(), l.outline(), before),
                version);
    }
}
