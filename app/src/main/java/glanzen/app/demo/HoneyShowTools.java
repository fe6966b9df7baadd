package glanzen.app.demo;

import glanzen.app.kit.KitService;
import glanzen.artwork.Motif;
import glanzen.kit.Plate;
import glanzen.kit.Plate.Kind;

/** Dies, folders, stencils, stamps and printed designs of the show: all that is pressed cold, or was laid before. */
final class HoneyShowTools {

    private final KitService kit;

    HoneyShowTools(KitService kit) {
        this.kit = kit;
    }

    void lay() {
        tool("lace", "Honeycomb lace die", Kind.THIN_DIE, 1.1, 84, 60, Motif.Kind.COMB);
        tool("tag-thick", "Jar tag, thick die", Kind.THICK_DIE, 8.05, 50, 70, Motif.Kind.TAG);
        tool("hive-rule", "Hive, steel rule", Kind.STEEL_RULE, 7.95, 60, 60, Motif.Kind.SCALLOP);
        tool("comb-folder", "Comb folder", Kind.FLAT_FOLDER, 1.5, 100, 140, Motif.Kind.COMB);
        tool("deep-folder", "Deep comb folder", Kind.DEEP_FOLDER, 1.9, 100, 140, Motif.Kind.COMB);
        tool("rosette-folder", "Rosette cut folder", Kind.CUTTING_FOLDER, 1.5, 64, 64, Motif.Kind.ROSETTE);
        tool("bee-stencil", "Bee stencil", Kind.STENCIL, 0.25, 50, 44, Motif.Kind.BEE);
        tool("drip-stencil", "Drip stencil", Kind.STENCIL, 0.25, 95, 130, Motif.Kind.DRIP);
        tool("comb-stamp", "Comb stamp", Kind.STAMP, 3.0, 62, 38, Motif.Kind.COMB);
        tool("comb-print", "Comb in toner", Kind.PRINT, 0.02, 84, 60, Motif.Kind.COMB);
    }

    private void tool(String id, String name, Kind kind, double mm, double width, double height, Motif.Kind motif) {
        kit.add(Plate.class, new Plate(id, name, kind, kind.usual(), mm, width, height, Motif.of(motif)), id);
    }
}
