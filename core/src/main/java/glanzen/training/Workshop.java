package glanzen.training;

import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.kit.Kit;
import glanzen.kit.Leftover;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;

/**
 * What drills are made from: a person's own things and set-ups, the ones they had most trouble with first.
 *
 * @param kit things
 * @param leftovers foil that is left over
 * @param setUps set-ups that can be pulled
 */
public record Workshop(Kit kit, List<Leftover> leftovers, List<Named> setUps, Forecaster forecaster) {

    /** A set-up by the name a person knows it by. */
    public record Named(String name, SetUp setUp) {}

    public Workshop {
        leftovers = List.copyOf(leftovers);
        setUps = List.copyOf(setUps);
    }

    ArtworkShelf artworks() {
        return forecaster.shelf();
    }

    Inventory inventory() {
        return new Inventory(kit.boards(), artworks());
    }
}
