package glanzen.advice;

import glanzen.advice.Schools.Way;
import glanzen.advice.Schools.WayMaker;
import glanzen.kit.Machine;
import glanzen.material.BondingLayer;
import glanzen.measure.Figures;
import glanzen.route.Question;
import glanzen.route.Route;
import glanzen.route.RouteGroup;
import glanzen.setup.Gel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.start.StartingStack.Pick;
import glanzen.transfer.Drying;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** Where people differ on gel. */
final class GelSchools {

    private static final double DAY = 24 * 3600.0;
    private static final double MINUTE = 60;

    private final SetUp now;
    private final Inventory shop;
    private final WayMaker make;
    private final Gel gel;

    GelSchools(SetUp now, Inventory shop, WayMaker make) {
        this.now = now;
        this.shop = shop;
        this.make = make;
        this.gel = Objects.requireNonNull(now.gel());
    }

    List<Way> ways(Question question) {
        return switch (question) {
            case GEL_HEAT -> heat();
            case GEL_DRYING -> drying();
            default -> spray();
        };
    }

    /** The same panel and foil through the other kind of machine, where one is owned. */
    private List<Way> heat() {
        boolean hot = now.route().group() == RouteGroup.HOT_ROLLERS;
        List<Way> ways = new ArrayList<>();
        heated(hot, Route.with(RouteGroup.HOT_ROLLERS, BondingLayer.GEL_FOIL))
                .ifPresent(s -> ways.add(
                        make.way("hot, through rollers", "a smoother finish; the rollers have to be warm", s, hot)));
        heated(!hot, Route.with(RouteGroup.COLD_GEL, BondingLayer.GEL_FOIL))
                .ifPresent(s -> ways.add(
                        make.way("cold, in a press", "pressure alone, at once; the paste's texture shows", s, !hot)));
        return ways;
    }

    private Optional<SetUp> heated(boolean present, Route route) {
        return present ? Optional.of(now) : otherMachine(route).map(m -> onOther(route, m));
    }

    private Optional<Machine> otherMachine(Route route) {
        return shop.machines().stream()
                .filter(m -> route.machines().contains(m.machine()))
                .findFirst();
    }

    private SetUp onOther(Route route, Machine machine) {
        Pick pick = new Pick(route, machine, null, now.plate(), now.film(), now.stock(), now.roomC());
        return StartingStack.of(pick, shop).withGel(gel);
    }

    private List<Way> drying() {
        Drying drying = gel.drying(now.roomC());
        double clear = Math.ceil(drying.secondsTo(Drying.SOUND) / MINUTE) * MINUTE;
        boolean day = gel.driedSeconds() >= DAY;
        return List.of(
                make.way(
                        "until clear and sound",
                        "done in " + Figures.duration(clear)
                                + " with this coat in this room; a thick spot may still be soft",
                        now.withGel(gel.dried(clear)),
                        !day),
                make.way(
                        "a full day",
                        "right for thick coats too; dust has a day to settle",
                        now.withGel(gel.dried(Math.max(DAY, gel.driedSeconds()))),
                        day));
    }

    private List<Way> spray() {
        return List.of(
                make.way(
                        "no spray",
                        "nothing left beside the design; hold the stencil down by hand",
                        now.withGel(gel.spraying(false)),
                        !gel.sprayed()),
                make.way(
                        "spray",
                        "crisp edges, holds; film sticks to what it leaves. Outdoors, it tacks in about 40 s",
                        now.withGel(gel.spraying(true)),
                        gel.sprayed()));
    }
}
