package glanzen.app.kit;

import glanzen.advice.BoardCare;
import glanzen.app.keeping.Versioned;
import glanzen.app.web.NotFound;
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
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kit over HTTP: one list of everything, and the same four calls on each shelf. */
@RestController
class KitController {

    private final KitService kit;

    KitController(KitService kit) {
        this.kit = kit;
    }

    @Operation(summary = "Everything a person owns, shelf by shelf")
    @GetMapping("/api/kit")
    KitView all() {
        return kit.view();
    }

    /** Care of boards. */
    record CareView(List<BoardCare.Care> care, List<BoardCare.Cheaper> comparisons) {}

    /** The calls every shelf has. */
    abstract static class OnShelf<T extends Record> {

        private final KitService kit;
        private final Class<T> type;

        OnShelf(KitService kit, Class<T> type) {
            this.kit = kit;
            this.type = type;
        }

        @Operation(summary = "Puts a thing on this shelf")
        @PostMapping
        @ResponseStatus(HttpStatus.CREATED)
        Versioned<T> add(@RequestBody T item) {
            return kit.add(type, item);
        }

        @Operation(summary = "Changes a thing on this shelf on the version it was read as")
        @PutMapping("/{id}")
        Versioned<T> change(@PathVariable String id, @RequestParam long version, @RequestBody T item) {
            return kit.change(type, id, item, version);
        }

        @Operation(summary = "Retires a thing, or brings it back into use")
        @PutMapping("/{id}/retired")
        Versioned<T> retire(@PathVariable String id, @RequestParam long version, @RequestParam boolean retired) {
            return kit.retire(type, id, retired, version);
        }
    }

    @RestController
    @RequestMapping("/api/kit/presses")
    static class Presses extends OnShelf<Press> {
        Presses(KitService kit) {
            super(kit, Press.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/platforms")
    static class Platforms extends OnShelf<Platform> {
        Platforms(KitService kit) {
            super(kit, Platform.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/rollers")
    static class Rollers extends OnShelf<HeatedRollers> {
        Rollers(KitService kit) {
            super(kit, HeatedRollers.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/boards")
    static class Boards extends OnShelf<Board> {

        private final KitService kit;
        private final Consumption usage;

        Boards(KitService kit, Consumption usage) {
            super(kit, Board.class);
            this.kit = kit;
            this.usage = usage;
        }

        /** What boards are in need of, and whether another maker's would do. */
        @Operation(summary = "What boards are in need of, and whether another maker's would do")
        @GetMapping("/care")
        CareView care() {
            return new CareView(BoardCare.of(kit.boards()), BoardCare.compare(kit.boards()));
        }

        @Operation(summary = "Turns a board over on its bow")
        @PostMapping("/{id}/turn")
        Versioned<Board> turn(@PathVariable String id, @RequestParam long version) {
            return usage.turn(id, version);
        }
    }

    @RestController
    @RequestMapping("/api/kit/plates")
    static class Plates extends OnShelf<Plate> {
        private final KitService kit;

        Plates(KitService kit) {
            super(kit, Plate.class);
            this.kit = kit;
        }

        @Operation(summary = "Tools that carry the same design: a plate, its die, stencil, stamp, folder")
        @GetMapping("/{id}/family")
        List<Plate> family(@PathVariable String id) {
            List<Plate> all = kit.inUse().plates();
            Plate one = kit.kit().plate(id).orElseThrow(() -> new NotFound("This tool"));
            return all.stream().filter(one::sameDesign).toList();
        }
    }

    @RestController
    @RequestMapping("/api/kit/stocks")
    static class Stocks extends OnShelf<Stock> {
        Stocks(KitService kit) {
            super(kit, Stock.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/films")
    static class Films extends OnShelf<Film> {
        Films(KitService kit) {
            super(kit, Film.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/offcuts")
    static class Offcuts extends OnShelf<Offcut> {
        Offcuts(KitService kit) {
            super(kit, Offcut.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/foams")
    static class Foams extends OnShelf<FoamSheet> {
        Foams(KitService kit) {
            super(kit, FoamSheet.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/envelopes")
    static class Envelopes extends OnShelf<Envelope> {
        Envelopes(KitService kit) {
            super(kit, Envelope.class);
        }
    }

    @RestController
    @RequestMapping("/api/kit/leftovers")
    static class Leftovers extends OnShelf<Leftover> {

        private final Consumption usage;

        Leftovers(KitService kit, Consumption usage) {
            super(kit, Leftover.class);
            this.usage = usage;
        }

        /** Takes the last use back. */
        @Operation(summary = "Takes back what was last spent of a leftover")
        @PostMapping("/{id}/undo")
        Versioned<Leftover> undo(@PathVariable String id, @RequestParam long version) {
            return usage.undo(id, version);
        }
    }
}
