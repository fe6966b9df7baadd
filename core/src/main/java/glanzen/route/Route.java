package glanzen.route;

import static glanzen.kit.Machine.Kind.HEATED_PRESS;
import static glanzen.kit.Machine.Kind.LAMINATOR;
import static glanzen.kit.Machine.Kind.ROLLER_MACHINE;
import static glanzen.route.LayerSlot.board;
import static glanzen.route.LayerSlot.facing;
import static glanzen.route.LayerSlot.of;
import static glanzen.route.Mechanism.CUT;
import static glanzen.route.Mechanism.CUT_AND_EMBOSS;
import static glanzen.route.Mechanism.EMBOSS;
import static glanzen.route.Mechanism.TRANSFER;
import static glanzen.route.RouteBuilders.USUAL_ON_A_PLATFORM;
import static glanzen.route.RouteBuilders.cold;
import static glanzen.route.RouteBuilders.cut;
import static glanzen.route.RouteBuilders.cutStack;
import static glanzen.route.RouteBuilders.embossing;
import static glanzen.route.RouteBuilders.hot;
import static glanzen.route.RouteBuilders.hotStack;
import static glanzen.route.RouteBuilders.presses;
import static glanzen.route.RouteBuilders.rollers;

import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.BondingLayer;
import glanzen.route.RoutePlan.Builder;
import glanzen.stack.Facing;
import java.util.Arrays;
import java.util.EnumSet;

/**
 * The ways of working a sheet, each with everything that is peculiar to it. This is the one place to add a route: its
 * machines, its stack bottom to top with every face, what lets its film hold, its waits, its rules and its schools.
 */
public enum Route implements RouteFacts {
    HOT_PLATE(hot("hot plate foil")
            .says("The plate heats on the platform, design up; foil colour down on it, stock good side down on that.")
            .tool("plate", Plate.Kind.PLATE)
            .stock(Stock.Kind.CARD)
            .soak(Heating.COVERED, 30)
            .differ(USUAL_ON_A_PLATFORM)),
    TAPED_PLATE(hot("taped or hinged plate")
            .says("Plate and foil are taped to the stock first, then all is turned over onto the platform as one.")
            .tool("plate", Plate.Kind.PLATE)
            .stock(Stock.Kind.CARD)
            .soak(Heating.TOGETHER, 75)
            .taped()
            .differ(Question.WHEN_SHEET, Question.PASSES, Question.PEEL, Question.FOIL_PIECE, Question.ERROR_BIAS)),
    DIE_AS_PLATE(hot("die as plate")
            .says("A thin die stands in for a plate, cutting edge up, with a thin card shim more.")
            .tool("die", Plate.Kind.THIN_DIE)
            .stock(Stock.Kind.CARD)
            .stack(hotStack(0.15, 1))
            .target(0.25)
            .soak(Heating.COVERED, 40)
            .differ(USUAL_ON_A_PLATFORM)),
    SOLID_PLATE(hot("solid plate")
            .says("A bare plate makes metallic stock: two cards more pressure, minutes of soak, peeled cold.")
            .tool("plate", Plate.Kind.SOLID_PLATE)
            .stock(Stock.Kind.CARD)
            .stack(hotStack(0.30, 2))
            .target(1.05)
            .slow(4.2)
            .soak(Heating.COVERED, 240)
            .peel(Peel.COLD)
            .good(Standard.GROUND)
            .differ(USUAL_ON_A_PLATFORM)),
    RIBBON(hot("hot foil on ribbon")
            .says("Words lie along the ribbon, taped with foil as one; in and back out, never threaded through.")
            .tool("plate", Plate.Kind.PLATE)
            .stock(Stock.Kind.RIBBON)
            .stack(hotStack(0.30, 1))
            .target(0.60)
            .soak(Heating.TOGETHER, 20)
            .passes(2)
            .taped()
            .differ(Question.WHEN_SHEET, Question.PASSES, Question.PEEL, Question.FOIL_PIECE, Question.ERROR_BIAS)),
    ACETATE(hot("hot foil on acetate")
            .says("Heat-proof acetate only; the protective film off the foil side before, off the other side after.")
            .tool("plate", Plate.Kind.PLATE)
            .stock(Stock.Kind.ACETATE)
            .soak(Heating.COVERED, 30)
            .differ(USUAL_ON_A_PLATFORM)),
    OVER_MEDIA(hot("hot foil over dry media")
            .says("Ink or paint first and fully dry; foil on top.")
            .tool("plate", Plate.Kind.PLATE)
            .stock(Stock.Kind.CARD)
            .soak(Heating.COVERED, 35)
            .waits(Wait.MEDIUM_DRY)
            .differ(USUAL_ON_A_PLATFORM)),
    COLD_PLATE(RoutePlan.of("plate without heat", EMBOSS)
            .says("Plate and stock only: a blind deboss, or with ink on the plate the look of letterpress.")
            .on(presses())
            .tool("plate", Plate.Kind.PLATE, Plate.Kind.SOLID_PLATE)
            .stock(Stock.Kind.CARD, Stock.Kind.LEATHER)
            .stack(
                    of(LayerRole.OUTER),
                    facing(LayerRole.TOOL, Facing.UP, "Its design must meet the stock"),
                    of(LayerRole.STOCK),
                    of(LayerRole.OUTER))
            .target(0.25)
            .inked()
            .differ(Question.OUTER_PLATES)
            .good(Standard.RELIEF)
            .rules(RuleSet.COLD_PLATE)),
    TONER(rollers("toner foil", BondingLayer.TONER)
            .says("Foil colour up on the toner, both in a folded carrier, fold first into hot rollers; peeled cold.")
            .on(EnumSet.of(ROLLER_MACHINE, LAMINATOR, HEATED_PRESS))
            .tool("design", Plate.Kind.PRINT)
            .stock(Stock.Kind.TONER_SHEET, Stock.Kind.TONER_ADHESIVE, Stock.Kind.LASER_PRINT)
            .rollers(122)
            .peel(Peel.COLD)
            .waits(Wait.ROLLERS_READY, Wait.COOLING)
            .differ(Question.PASSES, Question.PEEL, Question.TONER_AND_DIES, Question.CARRIER_CUTTING)
            .good(Standard.TONER)
            .rules(RuleSet.TONER)),
    GEL_HEATED(rollers("gel foil, heated", BondingLayer.GEL_FOIL)
            .says("Foil colour up on dry gel, in a folded carrier through hot rollers: the smoother finish.")
            .on(EnumSet.of(ROLLER_MACHINE, LAMINATOR, HEATED_PRESS))
            .tool("stencil", Plate.Kind.STENCIL)
            .stock(Stock.Kind.CARD)
            .peel(Peel.COLD)
            .waits(Wait.GEL_DRY, Wait.ROLLERS_READY, Wait.COOLING)
            .differ(Question.GEL_HEAT, Question.GEL_DRYING, Question.SPRAY, Question.PASSES)
            .good(Standard.GEL)
            .rules(RuleSet.GEL)),
    GEL_COLD(cold("gel foil, cold", BondingLayer.GEL_FOIL, Film.Kind.TRANSFER_FOIL)
            .says("Foil colour up on dry gel between cutting plates: pressure alone, and the paste's texture shows.")
            .stack(
                    of(LayerRole.OUTER),
                    facing(LayerRole.STOCK, Facing.UP, "The gel must meet the foil that lies on it"),
                    facing(LayerRole.FILM, Facing.UP, "The dull face must touch the gel"),
                    of(LayerRole.OUTER))
            .pressure(8)
            .differ(Question.GEL_HEAT, Question.GEL_DRYING, Question.SPRAY, Question.PASSES, Question.OUTER_PLATES)),
    FLOCK(cold("gel flock", BondingLayer.GEL_FLOCK, Film.Kind.FLOCK)
            .says("Fuzzy face on the dry gel, both inside folded paper between cutting plates; cold, peeled slowly.")
            .stack(
                    of(LayerRole.OUTER),
                    board(LayerRole.CARRIER, 0.10).perhaps(),
                    facing(LayerRole.STOCK, Facing.UP, "The gel must meet the flock that lies on it"),
                    facing(
                            LayerRole.FILM,
                            Facing.DOWN,
                            "The fuzzy face touches the gel, the plain backing looks outwards"),
                    board(LayerRole.CARRIER, 0.10).perhaps(),
                    of(LayerRole.OUTER))
            .pressure(5)
            .passes(2)
            .differ(Question.GEL_DRYING, Question.SPRAY, Question.PASSES, Question.OUTER_PLATES)),
    REACTIVE_INK(RoutePlan.of("reactive ink and foil", TRANSFER)
            .says("Stamped ink keys for a minute; foil scraps patchwork on it under baking parchment; hot and slow.")
            .films(BondingLayer.REACTIVE_INK, Film.Kind.TRANSFER_FOIL)
            .on(EnumSet.of(HEATED_PRESS))
            .tool("stamp", Plate.Kind.STAMP)
            .rollers(120)
            .stock(Stock.Kind.CARD)
            .stack(
                    of(LayerRole.PARCHMENT),
                    facing(LayerRole.STOCK, Facing.UP, "The ink must meet the scraps that lie on it"),
                    facing(LayerRole.FILM, Facing.UP, "The dull face must touch the ink"),
                    of(LayerRole.PARCHMENT))
            .peel(Peel.COLD)
            .waits(Wait.INK_KEY, Wait.ROLLERS_READY, Wait.COOLING)
            .differ(Question.PASSES, Question.PEEL)
            .good(Standard.INK)
            .rules(RuleSet.REACTIVE_INK)),
    THIN_CUT(cut("thin die cut").sheets(2)),
    INTRICATE_CUT(cut("intricate or several sheets")
            .says("As for a thin die, with the metal shim: each extra heavy sheet needs it.")
            .sheets(4)
            .stack(cutStack(LayerSlot.board(LayerRole.METAL, 0.4)))
            .target(0.80)),
    PARTIAL_CUT(cut("partial cut")
            .says(
                    "The top plate is shifted back so that part of the die stays outside it: fold-overs, tabs, long designs.")
            .rules(RuleSet.PARTIAL_CUT)),
    THICK_CUT(RoutePlan.of("thick die or steel rule", CUT)
            .says("No magnetic shim, it is too thick for that; cuts leather, felt, cork, balsa and corrugated board.")
            .on(presses())
            .tool("die", Plate.Kind.THICK_DIE, Plate.Kind.STEEL_RULE)
            .stock(
                    Stock.Kind.CARD,
                    Stock.Kind.LEATHER,
                    Stock.Kind.FELT,
                    Stock.Kind.FABRIC,
                    Stock.Kind.CORK,
                    Stock.Kind.BALSA,
                    Stock.Kind.CORRUGATED)
            .sheets(4)
            .stack(of(LayerRole.OUTER), of(LayerRole.TOOL), of(LayerRole.STOCK), of(LayerRole.OUTER))
            .target(0.30)
            .differ(Question.DIE_DIRECTION, Question.SECOND_PASS, Question.OUTER_PLATES)
            .good(Standard.CUT)
            .rules(RuleSet.CUT)),
    CUT_THEN_EMBOSS(embossing("emboss with the die just cut")
            .says("The second pass: magnetic shim out, embossing mat over the stock, die edge up.")
            .tool("die", Plate.Kind.THIN_DIE)
            .stack(
                    of(LayerRole.OUTER),
                    facing(LayerRole.TOOL, Facing.UP, "The edge must meet the stock"),
                    of(LayerRole.STOCK),
                    board(LayerRole.MAT, 1.5),
                    of(LayerRole.OUTER))
            .target(0.95)),
    FLAT_FOLDER(embossing("flat folder")
            .says(
                    "Folder with the stock in it between outer plates; the metal shim if too shallow, plastic is too much.")
            .tool("folder", Plate.Kind.FLAT_FOLDER)
            .stack(of(LayerRole.OUTER), of(LayerRole.TOOL), of(LayerRole.STOCK), of(LayerRole.OUTER))
            .pressure(12.5)),
    DEEP_FOLDER(embossing("deep folder")
            .says("Between two outer plates, or on one with the magnetic and the plastic shim, as the press asks.")
            .tool("folder", Plate.Kind.DEEP_FOLDER)
            .stack(of(LayerRole.OUTER), of(LayerRole.TOOL), of(LayerRole.STOCK), of(LayerRole.OUTER))
            .pressure(12.5)
            .differ(Question.DEEP_STACK)),
    CUTTING_FOLDER(RoutePlan.of("folder with built-in dies", CUT_AND_EMBOSS)
            .says("Cuts and embosses in one pass, stock in the folder between outer plates.")
            .on(presses())
            .tool("folder", Plate.Kind.CUTTING_FOLDER)
            .stock(Stock.Kind.CARD)
            .stack(of(LayerRole.OUTER), of(LayerRole.TOOL), of(LayerRole.STOCK), of(LayerRole.OUTER))
            .target(0.30)
            .differ(Question.SECOND_PASS, Question.OUTER_PLATES)
            .good(Standard.CUT_RELIEF)
            .rules(RuleSet.CUT_AND_EMBOSS)),
    STENCIL_EMBOSS(embossing("stencil with mat and shims")
            .says("Stock on the mat, stencil on it, embossing plate and one to three plastic shims: more is deeper.")
            .tool("stencil", Plate.Kind.STENCIL)
            .stack(
                    board(LayerRole.MAT, 1.5),
                    of(LayerRole.STOCK),
                    of(LayerRole.TOOL),
                    board(LayerRole.EMBOSSING_PLATE, 2.0),
                    board(LayerRole.PLASTIC, 0.5))
            .pressure(5));

    private final RoutePlan plan;

    Route(Builder builder) {
        this.plan = builder.plan();
    }

    /**
     * The route of a group in which a bonding layer holds the film.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Route with(RouteGroup group, BondingLayer bonding) {
        return Arrays.stream(values())
                .filter(r -> r.group() == group && r.plan.bonding() == bonding)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(bonding.label() + " " + group.label()));
    }

    /** The same cut with part of the die outside, on purpose. */
    public static Route partialCut() {
        return PARTIAL_CUT;
    }

    @Override
    public RoutePlan plan() {
        return plan;
    }
}
