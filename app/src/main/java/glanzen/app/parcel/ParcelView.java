package glanzen.app.parcel;

import java.util.List;

/**
 * What came, and what is asked about it.
 *
 * @param title what it is called
 * @param job whether it is a job; else a recipe
 * @param setUps names of the set-ups in it
 * @param things what it needs
 */
record ParcelView(String title, boolean job, List<String> setUps, List<NeededView> things) {

    /**
     * A thing of the sender's.
     *
     * @param id its key in the parcel
     * @param name what the sender calls it
     * @param shelf where such things are kept
     * @param standIns own things that could stand in for it, the most alike first
     * @param usual the key of the one most people would take; empty to take the sender's over into the kit
     */
    record NeededView(String id, String name, String shelf, List<StandIn> standIns, String usual) {}

    /**
     * An own thing.
     *
     * @param same whether it would do the same in a press
     */
    record StandIn(String id, String name, boolean same) {}
}
