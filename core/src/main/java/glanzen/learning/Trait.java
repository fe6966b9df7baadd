package glanzen.learning;

import glanzen.measure.Checks;

/**
 * A quantity of a thing.
 *
 * @param thingId key of a press, a platform, a film, a stock
 * @param quantity what of it
 */
public record Trait(String thingId, Quantity quantity) {

    public Trait {
        new Checks()
                .name("thingId", thingId)
                .present("quantity", quantity, "what of it")
                .done();
    }
}
