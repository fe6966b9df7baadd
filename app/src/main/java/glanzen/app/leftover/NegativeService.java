package glanzen.app.leftover;

import glanzen.app.kit.KitService;
import glanzen.app.setup.SavedSetUp;
import glanzen.app.setup.SetUpService;
import glanzen.app.setup.SetUpService.Choice;
import glanzen.app.web.NotFound;
import glanzen.artwork.ArtworkShelf;
import glanzen.kit.Film;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.leftover.LeftoverFinder;
import glanzen.leftover.SecondLife;
import glanzen.material.BondingLayer;
import glanzen.measure.BadInput;
import glanzen.route.Route;
import glanzen.route.RouteGroup;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A leftover's second life: what the first design left of it, foiled onto black toner, or mounted. */
@Service
class NegativeService {

    private final KitService kit;
    private final SetUpService setUps;
    private final LeftoverFinder finder;

    NegativeService(KitService kit, SetUpService setUps, ArtworkShelf shelf) {
        this.kit = kit;
        this.setUps = setUps;
        this.finder = new LeftoverFinder(shelf);
    }

    /** What can be made of it. */
    static SecondLife of(Leftover leftover, Kit things) {
        Film.Kind film = things.film(leftover.filmId()).map(Film::kind).orElse(Film.Kind.HOT_FOIL);
        return SecondLife.of(leftover, film);
    }

    /** A set-up that foils the darkest toner sheet with what is left of a leftover; its design joins the kit. */
    @Transactional
    public SavedSetUp onToner(String leftoverId) {
        Kit things = kit.kit();
        Leftover leftover = kit.leftovers().stream()
                .filter(l -> l.id().equals(leftoverId))
                .findFirst()
                .orElseThrow(() -> new NotFound("This leftover"));
        if (of(leftover, things) != SecondLife.ON_TONER) {
            throw new BadInput(
                    "leftover", "has no negative for toner", "transfer foil that has given some of its foil");
        }
        Route toner = Route.with(RouteGroup.HOT_ROLLERS, BondingLayer.TONER);
        Machine machine = things.machines().stream()
                .filter(m -> toner.machines().contains(m.machine()))
                .findFirst()
                .orElseThrow(() -> new BadInput("machine", "is missing", "heated rollers in your kit"));
        Stock sheet = SecondLife.ground(things.stocks())
                .orElseThrow(() -> new BadInput("stock", "is missing", "a toner sheet in your kit"));
        Plate design = kit.add(Plate.class, finder.negative(leftover)).item();
        return setUps.start(new Choice(
                design.name(), toner, machine.id(), null, design.id(), leftover.filmId(), sheet.id(), null, null));
    }
}
