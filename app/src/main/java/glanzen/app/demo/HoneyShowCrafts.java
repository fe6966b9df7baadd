package glanzen.app.demo;

import glanzen.app.setup.Drafts;
import glanzen.app.setup.SetUpService;
import glanzen.forecast.Forecaster;
import glanzen.kit.Kit;
import glanzen.route.Route;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Set-ups of the show for what is done without a platform: toner, gel, flock, ink, cutting and embossing. */
final class HoneyShowCrafts {

    private static final String IRON = HoneyShowKit.OLD_IRON;
    private static final String WHIRR = HoneyShowKit.WHIRR;

    private record Work(
            String title,
            Route route,
            String machine,
            String tool,
            @Nullable String film,
            String stock) {}

    private static final List<Work> WORKS = List.of(
            new Work(
                    "Raffle label from scraps",
                    Route.REACTIVE_INK,
                    HoneyShowKit.WARM_PRESS,
                    "comb-stamp",
                    "leaf-gold",
                    "ivory-300"),
            new Work("Felt hive", Route.THICK_CUT, IRON, "hive-rule", null, "felt"),
            new Work("Jar tag, leather", Route.THICK_CUT, IRON, "tag-thick", null, "leather"),
            new Work("Rosette, cut and embossed", Route.CUTTING_FOLDER, IRON, "rosette-folder", null, "honey-216"),
            new Work("Deep comb panel", Route.DEEP_FOLDER, IRON, "deep-folder", null, "white-350"),
            new Work("Honeycomb lace", Route.INTRICATE_CUT, IRON, "lace", null, "honey-216"),
            new Work("Prize card base, embossed", Route.FLAT_FOLDER, IRON, "comb-folder", null, "white-350"),
            new Work(
                    "Comb ground in toner", Route.TONER, HoneyShowKit.ROLLERS, "comb-print", "leaf-gold", "toner-comb"),
            new Work("Comb ground, cut", Route.THIN_CUT, IRON, "hexagon-85", null, "toner-comb"),
            new Work("Prize card panel, cut", Route.THIN_CUT, IRON, "hexagon-94", null, "ivory-300"),
            new Work("Rosette, cut", Route.THIN_CUT, WHIRR, "die-rosette", null, "white-350"),
            new Work("Stall sign window, cut", Route.THIN_CUT, WHIRR, "hexagon-85", null, "slate-270"),
            new Work("Drop opening, cut", Route.THIN_CUT, WHIRR, "hexagon-49", null, "slate-270"),
            new Work("Drop of honey, cut", Route.THIN_CUT, WHIRR, "hexagon-49", null, "honey-216"),
            new Work(
                    "Drip card, positive",
                    Route.GEL_HEATED,
                    HoneyShowKit.ROLLERS,
                    "drip-stencil",
                    "leaf-copper",
                    "ivory-300"),
            new Work("Drip card, negative", Route.GEL_COLD, WHIRR, "drip-stencil", "leaf-gold", "slate-270"),
            new Work("Steward’s badge backing", Route.THIN_CUT, WHIRR, "scallop-2", null, "slate-270"),
            new Work("Steward’s badge, cut", Route.THIN_CUT, IRON, "scallop-4", null, "white-350"),
            new Work("Steward’s badge, flock", Route.FLOCK, IRON, "bee-stencil", "flock-brown", "white-350"));

    private final SetUpService setUps;
    private final Forecaster forecaster;
    private final HoneyShowAdvice advice;

    HoneyShowCrafts(SetUpService setUps, Forecaster forecaster, HoneyShowAdvice advice) {
        this.setUps = setUps;
        this.forecaster = forecaster;
        this.advice = advice;
    }

    void lay(Kit things) {
        List<SetUp> advised =
                advice.taken(WORKS.stream().map(w -> started(w, things)).toList());
        for (int i = 0; i < WORKS.size(); i++) {
            setUps.keep(WORKS.get(i).title, Drafts.draft(advised.get(i)), false);
        }
    }

    private SetUp started(Work w, Kit things) {
        Pick pick = new Pick(
                w.route,
                things.machine(w.machine).orElseThrow(),
                null,
                things.plate(w.tool).orElseThrow(),
                things.film(w.film).orElse(null),
                things.stock(w.stock).orElseThrow(),
                21);
        return StartingStack.of(pick, new Inventory(things.boards(), forecaster.shelf()));
    }
}
