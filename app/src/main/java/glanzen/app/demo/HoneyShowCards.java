package glanzen.app.demo;

import glanzen.card.Base;
import glanzen.card.Base.Grain;
import glanzen.card.CardPlan;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Way;
import glanzen.layout.PlacementConstraint;
import glanzen.layout.PlacementConstraint.Kind;
import java.util.List;

/** How the pieces of the show go together. */
final class HoneyShowCards {

    private HoneyShowCards() {}

    private static PlacementConstraint fromLow(double mm) {
        return PlacementConstraint.at(Kind.FROM_LOW, mm);
    }

    private static PlacementConstraint fromHigh(double mm) {
        return PlacementConstraint.at(Kind.FROM_HIGH, mm);
    }

    /** On foam: the bee high over its comb, the rosette across from it. */
    static CardPlan prize() {
        return new CardPlan(
                new Base(148, 105, Fold.LEFT, "white-350", Grain.UPRIGHT, "Base, folded"),
                HoneyShowGluing.C6,
                List.of(
                        Mounted.centred("Comb ground", Mounted.FRONT, Way.FLAT, 0)
                                .showing(6),
                        Mounted.centred("Bee and word", "Comb ground", Way.RAISED, 1)
                                .held(fromLow(8), PlacementConstraint.CENTRED),
                        Mounted.centred("Rosette", Mounted.FRONT, Way.RAISED, 2).held(fromHigh(9), fromLow(9))));
    }

    /** On a strip that carries it. */
    static CardPlan ribbon() {
        return new CardPlan(
                new Base(280, 45, Fold.NONE, "honey-216", Grain.ACROSS, ""),
                null,
                List.of(Mounted.centred("Ribbon", Mounted.FRONT, Way.FLAT, 0)));
    }

    /** The flocked bee raised on its backing. */
    static CardPlan badge() {
        return new CardPlan(
                new Base(76, 76, Fold.NONE, "slate-270", Grain.UNKNOWN, ""),
                null,
                List.of(
                        Mounted.centred("Backing", Mounted.FRONT, Way.FLAT, 0),
                        Mounted.centred("Flocked bee", "Backing", Way.RAISED, 2)));
    }

    /** A window with something to shake behind it. */
    static CardPlan sign() {
        return new CardPlan(
                new Base(164, 178, Fold.NONE, "slate-270", Grain.UNKNOWN, ""),
                null,
                List.of(
                        Mounted.centred("Sign", Mounted.FRONT, Way.RAISED, 2)
                                .held(PlacementConstraint.CENTRED, fromHigh(6)),
                        Mounted.centred("Window panel", Mounted.FRONT, Way.RAISED, 3)
                                .held(PlacementConstraint.CENTRED, fromLow(6))
                                .shaking(1.5),
                        Mounted.centred("Window", "Window panel", Way.BEHIND, 0)));
    }

    /** A gate that opens on the certificate. */
    static CardPlan certificate() {
        return new CardPlan(
                new Base(148, 210, Fold.GATE, "white-350", Grain.UPRIGHT, ""),
                HoneyShowGluing.C5,
                List.of(Mounted.centred("Certificate", Mounted.INSIDE, Way.FLAT, 0)
                        .showing(4)));
    }

    /** Two from one stencil; a drop inlaid into the opening of the negative. */
    static CardPlan drip() {
        return new CardPlan(
                new Base(117, 160, Fold.LEFT, "ivory-300", Grain.UPRIGHT, ""),
                HoneyShowGluing.C5,
                List.of(
                        Mounted.centred("Positive", Mounted.INSIDE, Way.FLAT, 0),
                        Mounted.centred("Negative", Mounted.FRONT, Way.FLAT, 0).showing(6),
                        Mounted.centred("Drop of honey", "Negative", Way.INTO_OPENING, 0)));
    }
}
