package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.kit.Leftover;
import glanzen.kit.Leftover.Spent;
import glanzen.kit.Plate;
import java.util.ArrayList;
import java.util.List;

/** Foil that is left over from earlier evenings, with the places where it is spent. */
final class HoneyShowLeftovers {

    private final KitService kit;

    HoneyShowLeftovers(KitService kit) {
        this.kit = kit;
    }

    /** A design that took foil: its plate, where its middle lay, and how it was turned. */
    private record Taken(String plateId, double x, double y, double degrees) {}

    void lay() {
        piece("copper-end", "Copper roll end", "copper", 130, 92, "", new Taken("bee", 30, 62, 0));
        piece(
                "copper-strip",
                "Copper strip",
                "copper",
                150,
                44,
                "",
                new Taken("first", 28, 22, 0),
                new Taken("third", 82, 22, 0));
        piece("copper-offcut", "Copper offcut", "copper", 74, 48, "M0 0L74 0L74 30L46 48L0 48Z");
        piece("copper-square", "Copper square", "copper", 70, 70, "", new Taken("rosette", 35, 35, 0));
        piece("gold-end", "Gold roll end", "gold", 120, 100, "", new Taken("show", 56, 84, 0));
        piece("gold-strip", "Gold strip", "gold", 96, 30, "", new Taken("alder-lane", 40, 22, 0));
        piece("gold-sheet", "Gold half sheet", "gold", 148, 105, "", new Taken("band", 58, 70, 0));
        piece("silver-end", "Silver roll end", "silver", 110, 60, "", new Taken("second", 38, 44, 0));
        piece("silver-scrap", "Silver scrap", "silver", 48, 40, "M0 0L48 6L42 40L4 34Z");
        piece("honey-square", "Honey square", "honey", 90, 90, "", new Taken("rosette", 36, 52, 0));
        piece("rose-scrap", "Rose scrap", "rose", 60, 38, "", new Taken("die-bee", 22, 19, 0));
        piece("green-scrap", "Leaf scrap", "green", 52, 46, "M0 0L52 0L40 46L0 30Z");
        piece("blue-end", "Dusk roll end", "blue", 100, 64, "", new Taken("bee", 26, 40, 0));
        piece("leaf-square", "Gold transfer square", "leaf-gold", 92, 68, "", new Taken("comb-print", 46, 34, 0));
        piece("black-strip", "Black strip", "black", 140, 26, "");
    }

    private void piece(
            String id, String name, String filmId, double width, double height, String outline, Taken... taken) {
        List<Spent> spent = new ArrayList<>();
        for (Taken t : taken) {
            Plate plate = kit.kit().plate(t.plateId).orElseThrow();
            spent.add(
                    new Spent(plate.name(), plate.motif(), plate.widthMm(), plate.heightMm(), t.x, t.y, t.degrees, ""));
        }
        kit.add(Leftover.class, new Leftover(id, name, filmId, width, height, outline, spent), id);
    }
}
