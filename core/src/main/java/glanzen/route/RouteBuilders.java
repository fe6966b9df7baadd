package glanzen.route;

import static glanzen.kit.Machine.Kind.CRANK_PRESS;
import static glanzen.kit.Machine.Kind.MOTOR_PRESS;
import static glanzen.route.LayerSlot.board;
import static glanzen.route.LayerSlot.facing;
import static glanzen.route.LayerSlot.of;
import static glanzen.route.Mechanism.CUT;
import static glanzen.route.Mechanism.EMBOSS;
import static glanzen.route.Mechanism.TRANSFER;

import glanzen.kit.Film;
import glanzen.kit.Machine;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.BondingLayer;
import glanzen.route.RoutePlan.Builder;
import glanzen.stack.Facing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What several routes have in common, to begin their plans with. */
final class RouteBuilders {

    /** Where people differ on loose plates. */
    static final Question[] USUAL_ON_A_PLATFORM = {
        Question.WHEN_SHEET,
        Question.COVER,
        Question.PLACING,
        Question.PLATES_AT_ONCE,
        Question.PASSES,
        Question.PEEL,
        Question.FOIL_PIECE,
        Question.INK_WHEN,
        Question.ERROR_BIAS
    };

    private RouteBuilders() {}

    static Set<Machine.Kind> presses() {
        return EnumSet.of(CRANK_PRESS, MOTOR_PRESS);
    }

    static Builder hot(String label) {
        return RoutePlan.of(label, TRANSFER)
                .films(BondingLayer.HOT_FOIL, Film.Kind.HOT_FOIL)
                .on(presses())
                .stack(hotStack(0, 0))
                .waits(Wait.PLATFORM_READY, Wait.SOAK, Wait.COOLING)
                .rules(RuleSet.HOT_PLATE);
    }

    static LayerSlot[] hotStack(double cardMm, int cards) {
        List<LayerSlot> slots = new ArrayList<>(List.of(
                of(LayerRole.PLATFORM),
                facing(
                        LayerRole.TOOL,
                        Facing.UP,
                        "Its flat back takes heat from the platform; its design must meet the foil"),
                facing(
                        LayerRole.FILM,
                        Facing.DOWN,
                        "The colour face looks at the plate; the dull face must touch the stock, or nothing transfers"),
                facing(LayerRole.STOCK, Facing.DOWN, "The foil lies under it, so the good side must look down")));
        if (cards > 0) {
            slots.add(board(LayerRole.CARD, cardMm).times(cards).perhaps());
        }
        slots.add(board(LayerRole.PLASTIC, 0.5).perhaps());
        slots.add(board(LayerRole.SPACER, 3.0));
        return slots.toArray(LayerSlot[]::new);
    }

    static Builder rollers(String label, BondingLayer bonding) {
        return RoutePlan.of(label, TRANSFER)
                .films(bonding, Film.Kind.TRANSFER_FOIL)
                .stack(
                        board(LayerRole.CARRIER, 0.15),
                        facing(LayerRole.STOCK, Facing.UP, "What the foil is to hold on to must meet it"),
                        facing(
                                LayerRole.FILM,
                                Facing.UP,
                                "The colour face looks outwards; the dull face must touch the sheet"),
                        board(LayerRole.CARRIER, 0.15));
    }

    static Builder cold(String label, BondingLayer bonding, Film.Kind film) {
        return RoutePlan.of(label, TRANSFER)
                .films(bonding, film)
                .on(presses())
                .tool("stencil", Plate.Kind.STENCIL)
                .stock(Stock.Kind.CARD)
                .waits(Wait.GEL_DRY)
                .good(Standard.GEL)
                .rules(RuleSet.GEL);
    }

    static Builder cut(String label) {
        return RoutePlan.of(label, CUT)
                .says(
                        "Die edge up under the stock, or edge down on it where you must see; plates outside, blade through.")
                .on(presses())
                .tool("die", Plate.Kind.THIN_DIE)
                .stock(
                        Stock.Kind.CARD,
                        Stock.Kind.ACETATE,
                        Stock.Kind.RIBBON,
                        Stock.Kind.TONER_SHEET,
                        Stock.Kind.TONER_ADHESIVE,
                        Stock.Kind.LASER_PRINT,
                        Stock.Kind.FELT,
                        Stock.Kind.FABRIC)
                .stack(cutStack())
                .target(0.32)
                .differ(Question.DIE_DIRECTION, Question.SECOND_PASS, Question.OUTER_PLATES)
                .good(Standard.CUT)
                .rules(RuleSet.CUT);
    }

    static LayerSlot[] cutStack(LayerSlot... more) {
        List<LayerSlot> slots = new ArrayList<>(
                List.of(of(LayerRole.OUTER), board(LayerRole.PLASTIC, 0.5).perhaps()));
        slots.addAll(Arrays.asList(more));
        slots.addAll(List.of(
                board(LayerRole.MAGNETIC, 0.3).perhaps(),
                of(LayerRole.TOOL),
                of(LayerRole.STOCK),
                of(LayerRole.OUTER)));
        return slots.toArray(LayerSlot[]::new);
    }

    static Builder embossing(String label) {
        return RoutePlan.of(label, EMBOSS)
                .on(presses())
                .stock(Stock.Kind.CARD, Stock.Kind.LEATHER, Stock.Kind.ACETATE)
                .target(0.30)
                .differ(Question.OUTER_PLATES)
                .good(Standard.RELIEF)
                .rules(RuleSet.EMBOSS);
    }
}
