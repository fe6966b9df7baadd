package glanzen.learning;

import glanzen.setup.SetUp;
import java.util.List;

/**
 * The things that work together in a set-up, by their keys.
 *
 * @param machineId the press or machine
 * @param heaterId what heats: a platform, or the machine itself
 * @param needKey what is pressed: a film where there is one, else a stock
 */
public record Rigged(String machineId, String heaterId, String needKey) {

    /** Those of a set-up. */
    public static Rigged of(SetUp setUp) {
        return of(setUp.machine().id(), setUp.platformId(), setUp.needKey());
    }

    /** @param platformId empty without one */
    public static Rigged of(String machineId, String platformId, String needKey) {
        return new Rigged(machineId, platformId.isEmpty() ? machineId : platformId, needKey);
    }

    /** Traits that are drawn of it, in the order in which rigs are drawn. */
    List<Trait> drawn() {
        return List.of(
                new Trait(heaterId, Quantity.SET_POINT),
                new Trait(machineId, Quantity.OPENING),
                new Trait(machineId, Quantity.STIFFNESS),
                new Trait(heaterId, Quantity.CONTACT));
    }

    Trait need() {
        return new Trait(needKey, Quantity.NEED);
    }

    Trait give() {
        return new Trait(machineId, Quantity.GIVE);
    }
}
