package glanzen.app.kit;

import glanzen.kit.Board;
import glanzen.kit.Envelope;
import glanzen.kit.Film;
import glanzen.kit.FoamSheet;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Leftover;
import glanzen.kit.Offcut;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.Stock;

/** Where things of one kind are kept. */
enum Shelf {
    PRESSES(Press.class, "press"),
    PLATFORMS(Platform.class, "platform"),
    BOARDS(Board.class, "board"),
    PLATES(Plate.class, "plate"),
    STOCKS(Stock.class, "stock"),
    FILMS(Film.class, "film"),
    LEFTOVERS(Leftover.class, "leftover"),
    ROLLERS(HeatedRollers.class, "machine"),
    OFFCUTS(Offcut.class, "offcut"),
    FOAMS(FoamSheet.class, "foam"),
    ENVELOPES(Envelope.class, "envelope");

    private final Class<? extends Record> type;
    private final String word;

    Shelf(Class<? extends Record> type, String word) {
        this.type = type;
        this.word = word;
    }

    Class<? extends Record> type() {
        return type;
    }

    String word() {
        return word;
    }
}
