package glanzen.advice;

import glanzen.advice.Schools.Way;
import glanzen.advice.Schools.WayMaker;
import glanzen.artwork.Artwork;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.route.Question;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Locale;

/** Where people differ on toner and cutting. Both are about another operation, so the pull itself comes out the same. */
final class TonerSchools {

    /** A blade dents toner as far from its cut as about half the sheet is thick. */
    private static final double DENT = 0.5;

    private final SetUp now;
    private final Inventory shop;
    private final WayMaker make;

    TonerSchools(SetUp now, Inventory shop, WayMaker make) {
        this.now = now;
        this.shop = shop;
        this.make = make;
    }

    List<Way> ways(Question question) {
        return question == Question.TONER_AND_DIES ? dies() : carrier();
    }

    private List<Way> dies() {
        double rim = bareRimMm(now.stock());
        String bare = String.format(
                Locale.ROOT,
                "the blade dents the toner: a bare rim of about %s, %.0f %% of this design if cut along it",
                Figures.length(rim),
                100 * bareShare(shop.artwork(now), rim));
        return List.of(
                make.way("foil, then cut", "clean edges; leave the clear carrier on while cutting", now, true),
                lacking(make.way("cut, then foil", bare, now, false), bareShare(shop.artwork(now), rim)));
    }

    private Way lacking(Way way, double bare) {
        return new Way(
                way.name(),
                way.says(),
                way.setUp(),
                way.present(),
                way.forecast().lacking(bare, now.route().standard().enough()));
    }

    /** Width along a cut where dented toner takes no foil, mm. */
    static double bareRimMm(Stock stock) {
        return DENT * stock.thicknessMm();
    }

    /** Share of a design that lies within a rim of its own edge, 0…1. */
    static double bareShare(Artwork artwork, double rimMm) {
        return 1 - artwork.shape().buffer(-rimMm).getArea() / artwork.areaMm2();
    }

    private List<Way> carrier() {
        boolean adhesive = now.stock().kind() == Stock.Kind.TONER_ADHESIVE;
        return List.of(
                make.way(
                        "carrier on while cutting",
                        adhesive ? "protects, but pulled off later it can lift this toner" : "protects the foil",
                        now,
                        !adhesive),
                make.way(
                        "carrier off before",
                        adhesive ? "nothing is lifted; mind scratches" : "the foil lies bare under the die",
                        now,
                        adhesive));
    }
}
